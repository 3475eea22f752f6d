package app.dapt.words;

import app.dapt.cover.drawing.Offsets;
import java.util.stream.Collectors;

/** A table of offsets as it is read at the table. */
public final class OffsetWords {

    private OffsetWords() {}

    /** One step: {@code 3: 4 1/8, 9 1/2}; where the line turns at a point, that point once. */
    public static String row(Offsets.Row row, Words words) {
        return words.lengths().bare(row.at()) + ": "
                + row.from().stream().map(words.lengths()::bare).distinct().collect(Collectors.joining(", "));
    }

    /** All of it on one line, for where there is little room. */
    public static String line(Offsets offsets, Words words) {
        return words.say(offsets.name()) + ". " + words.say(offsets.how()) + " "
                + offsets.rows().stream().map(row -> row(row, words)).collect(Collectors.joining(" · "));
    }
}
