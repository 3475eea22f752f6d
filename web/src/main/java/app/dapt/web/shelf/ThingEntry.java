package app.dapt.web.shelf;

import app.dapt.cover.decision.LengthRange;
import app.dapt.measure.Entry;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Counted;
import app.dapt.shelf.Thing.Kind;
import app.dapt.web.entry.Entries;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Things and amounts, as they are typed and as they are said. */
final class ThingEntry {

    private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");
    private static final int MOST_PIECES = 9_999;

    private ThingEntry() {}

    /** A thing of a kind with what was typed; a size or a width that nothing of that kind has is refused. */
    static Thing thing(Kind kind, Entries entries, Thing standing) {
        String colour = entries.raw("colour").orElse(standing.colour()).toLowerCase(Locale.ROOT);
        return new Thing(
                kind,
                entries.text("name", Thing.LONGEST_NAME, standing.name()),
                COLOUR.matcher(colour).matches() ? colour : standing.colour(),
                length("size", kind.isSized(), LengthRange.sizeOf(kind), entries, standing.size()),
                length("width", kind.isWide(), LengthRange.widthOf(kind), entries, standing.width()),
                entries.hundredths("price", Thing.DEAREST, standing.price()));
    }

    private static Optional<Length> length(
            String field, boolean has, LengthRange limits, Entries entries, Optional<Length> standing) {
        if (has) {
            return entries.maybeLength(field, limits, standing);
        }
        if (entries.raw(field).filter(text -> !text.isBlank()).isPresent()) {
            entries.refuse(field, "shelf.none-of-it");
        }
        return Optional.empty();
    }

    /**
     * How much was typed, in what the kind is counted in; nothing where the field is empty or refused. A length without
     * a unit is in what shops measure: yards or metres.
     */
    static Optional<Long> amount(String field, Counted counted, Entries entries) {
        if (counted != Counted.LENGTH) {
            return entries.maybeCount(field, 0, MOST_PIECES, Optional.empty()).map(Integer::longValue);
        }
        String text = entries.raw(field).orElse("").strip();
        if (text.isEmpty()) {
            return Optional.empty();
        }
        Unit unit = entries.words().mark().unit();
        boolean bare =
                text.chars().noneMatch(each -> Character.isLetter(each) || each == '"' || each == '\'' || each == '″');
        Entry read = LengthRange.BY_LENGTH.reader(unit).read(bare ? text + (unit.metric() ? " m" : " yd") : text);
        if (read instanceof Entry.Refused refused) {
            entries.refuse(
                    field, refused.reason().code(), refused.reason().args().toArray());
            return Optional.empty();
        }
        return Optional.of(((Entry.Value) read).length().grains());
    }
}
