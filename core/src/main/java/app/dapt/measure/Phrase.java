package app.dapt.measure;

import java.util.List;
import java.util.Locale;

/**
 * Something to say, without yet saying it: a stable code and what goes into it. The words stand in message
 * bundles, so that one reader gets inches and a selvage and the next one centimetres and a selvedge.
 *
 * @param code what to look up
 * @param args lengths, numbers, names or other phrases, in the order the words want them
 */
public record Phrase(String code, List<Object> args) {

    public Phrase {
        args = List.copyOf(args);
    }

    public static Phrase of(String code, Object... args) {
        return new Phrase(code, List.of(args));
    }

    /**
     * The words for one of a fixed set of choices, {@code choice("finish", SeamFinish.LEFT)} for {@code finish.left}.
     */
    public static Phrase choice(String family, Enum<?> value) {
        return of(family + "." + code(value));
    }

    /** How a choice is written in codes, files and links: {@code OVER_CROWN} is {@code over-crown}. */
    public static String code(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
