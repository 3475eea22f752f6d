package app.dapt.web.plan;

import app.dapt.cover.decision.Detail;
import app.dapt.measure.Phrase;
import app.dapt.web.Entries;
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
public record Field(String type, String name, String label, String value, String unit, String hint, List<Option> options, boolean ticked) {

    /** One of a few to choose from. */
    public record Option(String code, String words, boolean chosen) {
    }

    static Field of(Detail detail, Entries entries, Words words) {
        String label = words.say(detail.label());
        String unit = words.lengths().unitWord();
        String name = detail.name();
        if (detail instanceof Detail.Measure measure) {
            return new Field("length", name, label, entries.value(name, measure.value()), unit, "", List.of(), false);
        }
        if (detail instanceof Detail.MaybeMeasure maybe) {
            return new Field("length", name, label, entries.value(name, maybe.value()), unit, words.say(maybe.hint()), List.of(), false);
        }
        if (detail instanceof Detail.OneOf oneOf) {
            List<Option> options = oneOf.choices().map(each -> new Option(Phrase.code(each),
                    words.say(Phrase.choice(oneOf.family(), each)), each == oneOf.value())).toList();
            return new Field("choice", name, label, "", "", "", options, false);
        }
        return detail instanceof Detail.Count count
                ? new Field("count", name, label, entries.value(name, Integer.toString(count.value())), "", "", List.of(), false)
                : new Field("tick", name, label, "", "", "", List.of(), ((Detail.Tick) detail).value());
    }
}
