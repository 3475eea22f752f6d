package app.dapt.web.plan;

import app.dapt.cover.decision.Detail;
import app.dapt.measure.Phrase;
import app.dapt.web.entry.Entries;
import app.dapt.words.Words;
import java.util.List;

/**
 * One detail of a choice as a field of a slip.
 *
 * @param type    {@code length}, {@code choice}, {@code count} or {@code tick}
 * @param value   what stands in it
 * @param hint    what it is taken for when it is empty
 * @param options to choose from
 * @param ticked  whether it is ticked, where it is a tick
 */
public record Field(
        String type,
        String name,
        String label,
        String value,
        String unit,
        String hint,
        List<Option> options,
        boolean ticked) {

    /** One of a few to choose from. */
    public record Option(String code, String words, boolean chosen) {}

    /** Whether it is the first of one of several like it, as of a row, and stands at the beginning of a line. */
    public boolean begins() {
        return name.matches("row\\d+Of");
    }

    static Field of(Detail<?> detail, Entries entries, Words words) {
        return detail.match(new Fields(entries, words));
    }

    private record Fields(Entries entries, Words words) implements Detail.Cases<Field, RuntimeException> {

        private Field field(Detail<?> detail, String type, String value, String unit, String hint) {
            return new Field(type, detail.name(), words.say(detail.label()), value, unit, hint, List.of(), false);
        }

        @Override
        public Field measure(Detail.Measure detail) {
            return field(
                    detail,
                    "length",
                    entries.value(detail.name(), detail.value()),
                    words.lengths().unitWord(),
                    "");
        }

        @Override
        public Field maybe(Detail.MaybeMeasure detail) {
            String value = entries.value(detail.name(), detail.value());
            return field(detail, "length", value, words.lengths().unitWord(), words.say(detail.hint()));
        }

        @Override
        public <E extends Enum<E>> Field oneOf(Detail.OneOf<E> detail) {
            List<Option> options = detail.choices()
                    .map(each -> new Option(
                            Phrase.code(each), words.say(Phrase.choice(detail.family(), each)), each == detail.value()))
                    .toList();
            return new Field("choice", detail.name(), words.say(detail.label()), "", "", "", options, false);
        }

        @Override
        public Field count(Detail.Count detail) {
            return field(detail, "count", entries.value(detail.name(), Integer.toString(detail.value())), "", "");
        }

        @Override
        public Field tick(Detail.Tick detail) {
            return new Field("tick", detail.name(), words.say(detail.label()), "", "", "", List.of(), detail.value());
        }
    }
}
