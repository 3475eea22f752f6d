package app.dapt.measure;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Reads a size as people write it: {@code 45 x 45 cm}, {@code 18 × 14 in}, {@code 20 by 12}, and {@code 18 in} for a
 * square. A unit behind the last length holds for the first as well.
 */
public record SizeReader(LengthReader lengths) {

    /** A size, across and up and down. */
    public record Size(Length across, Length upDown) {}

    /** No size is written longer; a longer text would only keep the patterns busy. */
    private static final int MOST_CHARACTERS = 80;

    private static final Pattern BETWEEN = Pattern.compile("\\s*(?:[x×✕*]|\\bby\\b)\\s*", Pattern.CASE_INSENSITIVE);
    private static final Pattern UNIT = Pattern.compile("(?<=[\\d\\s½¼¾⅐-⅞])\\s*([a-zA-Z]+\\.?|\"|″|”|'')\\s*$");

    /** What the text says; nothing where it says no size. */
    public Optional<Size> read(String text) {
        if (text.length() > MOST_CHARACTERS) {
            return Optional.empty();
        }
        List<String> parts = List.of(BETWEEN.split(text.strip(), -1));
        if (parts.size() > 2) {
            return Optional.empty();
        }
        String last = parts.get(parts.size() - 1);
        Matcher unit = UNIT.matcher(last);
        String of = unit.find() ? unit.group(1) : "";
        String first = UNIT.matcher(parts.get(0)).find() ? parts.get(0) : parts.get(0) + " " + of;
        List<Length> read = Stream.of(first, last)
                .map(lengths::read)
                .flatMap(entry -> entry.<Stream<Length>>fold(Stream::of, refused -> Stream.of()))
                .toList();
        return read.size() == 2 ? Optional.of(new Size(read.get(0), read.get(1))) : Optional.empty();
    }

    /** Whether the text gives more than one length. */
    public static boolean isSize(String text) {
        return text.length() <= MOST_CHARACTERS && BETWEEN.split(text.strip(), -1).length == 2;
    }
}
