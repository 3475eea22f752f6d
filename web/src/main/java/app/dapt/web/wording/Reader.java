package app.dapt.web.wording;

import app.dapt.cover.CoverPlan;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.words.Wordbook.English;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Who is reading: which unit, if not each cover's own, which English, and by which light.
 *
 * @param unit  inches or centimetres, where the reader has chosen
 * @param light chosen, or as the machine has it
 */
public record Reader(Optional<Unit> unit, English english, Light light) {

    /** By which light the pages are read. */
    public enum Light {
        /** As the reader's machine has it. */
        SYSTEM,
        DAY,
        EVENING
    }

    public static final String COOKIE = "reader";

    /** The mark to reckon a cover with for this reader: the cover's own, unless it is in the other unit. */
    public Mark mark(CoverPlan plan) {
        return unit.filter(chosen -> chosen.metric() != plan.unit().metric())
                .map(Reader::usualMark)
                .orElse(plan.mark());
    }

    /** The mark for pages that show no one cover, and for new covers. */
    public Mark mark() {
        return unit.map(Reader::usualMark).orElse(english == English.UK ? Mark.MILLIMETRE : Mark.EIGHTH);
    }

    public Locale locale() {
        return english == English.UK ? Locale.UK : Locale.US;
    }

    private static Mark usualMark(Unit unit) {
        return unit.metric() ? Mark.MILLIMETRE : Mark.EIGHTH;
    }

    public String cookie() {
        return unit.map(u -> u.metric() ? "cm" : "in").orElse("own") + "." + english.name() + "." + light.name();
    }

    public static Optional<Reader> fromCookie(String value) {
        String[] parts = value.split("\\.");
        if (parts.length < 2 || !parts[1].matches("US|UK")) {
            return Optional.empty();
        }
        return Optional.of(new Reader(
                unitNamed(parts[0]), English.valueOf(parts[1]), lightNamed(parts.length > 2 ? parts[2] : "")));
    }

    public static Light lightNamed(String name) {
        return Stream.of(Light.values())
                .filter(light -> light.name().equals(name))
                .findFirst()
                .orElse(Light.SYSTEM);
    }

    public static Optional<Unit> unitNamed(String name) {
        return switch (name) {
            case "cm" -> Optional.of(Unit.CENTIMETRE);
            case "in" -> Optional.of(Unit.INCH);
            default -> Optional.empty();
        };
    }
}
