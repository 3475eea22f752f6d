package app.dapt.web.shelf;

import app.dapt.cover.decision.LengthRange;
import app.dapt.measure.Length;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Counted;
import app.dapt.shelf.Thing.Kind;
import app.dapt.web.entry.Entries;
import app.dapt.words.Words;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Things and amounts, as they are typed and as they are said. */
final class ThingEntry {

    private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");
    private static final int MOST_PIECES = 9_999;

    private ThingEntry() {}

    /** The thing with what was typed. */
    static Thing thing(Entries entries, Thing standing) {
        Kind kind = entries.choice("kind", Kind.class, standing.kind());
        String colour = entries.raw("colour").orElse(standing.colour()).toLowerCase(Locale.ROOT);
        return new Thing(
                kind,
                entries.text("name", Thing.LONGEST_NAME, standing.name()),
                COLOUR.matcher(colour).matches() ? colour : standing.colour(),
                kind.isSized() ? entries.maybeLength("size", size(kind), standing.size()) : Optional.empty(),
                kind.isWide() ? entries.maybeLength("width", width(kind), standing.width()) : Optional.empty(),
                entries.hundredths("price", Thing.DEAREST, standing.price()));
    }

    private static LengthRange size(Kind kind) {
        return switch (kind) {
            case FORM -> LengthRange.SIDE;
            case ZIP -> LengthRange.ZIP;
            case BUTTON -> LengthRange.BUTTON;
            case CORD, TRIM, CLOTH, INTERFACING, THREAD, FILLING -> LengthRange.HANGS;
        };
    }

    private static LengthRange width(Kind kind) {
        return kind == Kind.FORM ? LengthRange.SIDE : LengthRange.CLOTH_WIDTH;
    }

    /** How much was typed, in what the kind is counted in; nothing where the field is empty or refused. */
    static Optional<Long> amount(String field, Counted counted, Entries entries) {
        return counted == Counted.LENGTH
                ? entries.maybeLength(field, LengthRange.BY_LENGTH, Optional.empty())
                        .map(Length::grains)
                : entries.maybeCount(field, 0, MOST_PIECES, Optional.empty()).map(Integer::longValue);
    }

    /** So much, as shops say it. */
    static String said(long amount, Counted counted, Words w) {
        return switch (counted) {
            case LENGTH -> w.lengths().toBuy(new Length(Math.abs(amount)));
            case PIECES -> String.valueOf(Math.abs(amount));
            case GRAMS -> w.weight(Math.abs(amount));
        };
    }

    /** What it is like in a few words: how long, how wide. */
    static String like(Thing thing, Words w) {
        Optional<String> size =
                thing.size().map(thing.kind() == Kind.CORD ? w.lengths()::fineWithUnit : w.lengths()::withUnit);
        Optional<String> width = thing.width().map(w.lengths()::withUnit);
        return size.isPresent() && width.isPresent()
                ? w.lengths().size(thing.size().get(), thing.width().get())
                : size.or(() -> width.map(wide -> w.say("shelf.wide", wide))).orElse("");
    }
}
