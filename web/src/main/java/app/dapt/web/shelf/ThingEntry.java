package app.dapt.web.shelf;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cloth.Scrap;
import app.dapt.cover.decision.LengthRange;
import app.dapt.measure.Entry;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.shelf.Fabric;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Counted;
import app.dapt.shelf.Thing.Kind;
import app.dapt.web.entry.ClothEntry;
import app.dapt.web.entry.Entries;
import app.dapt.web.entry.ScrapEntry;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Things and amounts, as they are typed and as they are said. */
final class ThingEntry {

    private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");
    private static final int MOST_PIECES = 9_999;
    /** An outline goes by the name of what has it. */
    private static final String OUTLINE = "outline";

    private ThingEntry() {}

    /** A thing of a kind with what was typed; a size or a width that nothing of that kind has is refused. */
    static Thing thing(Kind kind, Entries entries, Thing standing) {
        String colour = entries.raw("colour").orElse(standing.colour()).toLowerCase(Locale.ROOT);
        Thing thing = new Thing(
                kind,
                entries.text("name", Thing.LONGEST_NAME, standing.name()),
                COLOUR.matcher(colour).matches() ? colour : standing.colour(),
                length("size", kind.isSized(), LengthRange.sizeOf(kind), entries, standing.size()),
                length("width", kind.isWide(), LengthRange.widthOf(kind), entries, standing.width()),
                entries.hundredths("price", Thing.DEAREST, standing.price()),
                standing.fabric());
        if (!kind.isFabric()) {
            return thing.withFabric(Optional.empty());
        }
        return kind == Kind.REMNANT ? remnant(thing, entries) : thing.withFabric(fabric(thing, entries));
    }

    /** A remnant with its outline; its two sides are those of the rectangle about it. */
    private static Thing remnant(Thing thing, Entries entries) {
        if (entries.raw("corners").isEmpty()) {
            return thing.withFabric(fabric(thing, entries));
        }
        Optional<Scrap> outline = ScrapEntry.beside(entries, entries.words(), OUTLINE, thing.size(), thing.width());
        if (outline.isEmpty() && thing.size().isEmpty()) {
            entries.refuse("size", "shelf.no-size");
        }
        Optional<Length> across = outline.map(Scrap::across).or(thing::size);
        Optional<Length> along = outline.map(Scrap::along).or(thing::width).or(() -> across);
        Optional<Fabric> told = fabric(thing, entries);
        Optional<Fabric> outlined = outline.isEmpty() && told.isEmpty()
                ? told
                : Optional.of(new Fabric(
                        told.map(Fabric::like).orElseGet(thing::asCloth),
                        told.filter(Fabric::washed).isPresent(),
                        outline));
        return new Thing(thing.kind(), thing.name(), thing.colour(), across, along, thing.price(), outlined);
    }

    /** What is told of a fabric; nothing as long as that is what is assumed of every cloth. */
    private static Optional<Fabric> fabric(Thing thing, Entries entries) {
        Cloth standing = thing.fabric().map(Fabric::like).orElseGet(thing::asCloth);
        Cloth like = ClothEntry.used(
                        standing.withPrint(entries.choice("print", Print.class, standing.print()))
                                .withNap(entries.ticked("cloth-nap", standing.nap()))
                                .withSynthetic(entries.ticked("cloth-synthetic", standing.synthetic())),
                        "cloth",
                        entries)
                .withCharacter(ClothEntry.character(standing.character(), "cloth", entries));
        boolean washed =
                entries.ticked("washed", thing.fabric().filter(Fabric::washed).isPresent());
        return like.equals(standing) && !washed && thing.fabric().isEmpty()
                ? Optional.empty()
                : Optional.of(new Fabric(like, washed, thing.fabric().flatMap(Fabric::outline)));
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
