package app.dapt.web.shelf;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.ClothCharacter.Trait;
import app.dapt.cloth.Print;
import app.dapt.cloth.Scrap;
import app.dapt.files.ExactLength;
import app.dapt.measure.Phrase;
import app.dapt.shelf.Fabric;
import app.dapt.shelf.Movement;
import app.dapt.shelf.Movement.Why;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Counted;
import app.dapt.shelf.Thing.Kind;
import app.dapt.web.entry.ClothEntry;
import app.dapt.web.entry.Entries;
import app.dapt.web.entry.ScrapEntry;
import app.dapt.web.wording.Amounts;
import app.dapt.web.workroom.ShelfStore.Kept;
import app.dapt.web.workroom.ShelfStore.Moved;
import app.dapt.words.Money;
import app.dapt.words.Words;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The shelf, ready for its template.
 *
 * @param find    what was looked for
 * @param kind    the only kind that is shown, by its code; all where it is empty
 * @param order   by what they are sorted
 * @param open    the thing whose card is open
 * @param moved   what was put on the shelf of it and taken off
 * @param wanted what is in work and wants some of it
 * @param standing the thing as its form has it: the open one's, or a new one's
 */
public record ShelfPage(
        List<Kept> things,
        String find,
        String kind,
        ShelfOrder order,
        Optional<Kept> open,
        List<Moved> moved,
        List<String> wanted,
        Thing standing,
        Entries entries,
        ZoneId zone,
        Locale locale,
        Words w) {

    static final int MOST_LINES = 150;
    private static final int MOST_DRAWN = 60;

    /** A line of the list. */
    public record Line(
            long id, String name, String kind, String colour, String stock, String like, String price, boolean none) {}

    /** A movement as it is said. */
    public record Move(long id, String says, boolean canBeUndone) {}

    /** A kind to choose. */
    public record Choice(String code, String name, boolean chosen) {}

    /** As many as are looked through at a glance; more of them are found by typing. */
    public List<Line> lines() {
        return things.stream()
                .limit(MOST_LINES)
                .map(kept -> new Line(
                        kept.id(),
                        kept.thing().name(),
                        w.say(Phrase.choice("thing", kept.thing().kind())),
                        kept.thing().colour(),
                        Amounts.said(kept.stock(), kept.thing().kind().counted(), w),
                        Amounts.like(kept.thing(), w),
                        price(kept.thing()),
                        kept.stock() == 0))
                .toList();
    }

    private String price(Thing thing) {
        return thing.price() == 0
                ? ""
                : w.say(
                        "shelf.price." + Phrase.code(thing.kind().counted()),
                        w.money().shown(thing.price()));
    }

    /** Whether there are more than are shown. */
    public boolean hasMore() {
        return things.size() > MOST_LINES;
    }

    public boolean isEmpty() {
        return things.isEmpty();
    }

    public String wall() {
        return ShelfWall.draw(things.stream().limit(MOST_DRAWN).toList(), w);
    }

    /** All kinds, and which of them alone is shown. */
    public List<Choice> filters() {
        return Stream.of(Kind.values())
                .map(each -> new Choice(
                        Phrase.code(each),
                        w.say(Phrase.choice("things", each)),
                        Phrase.code(each).equals(kind)))
                .toList();
    }

    /** The ways to sort them, and which is chosen. */
    public List<Choice> orders() {
        return Stream.of(ShelfOrder.values())
                .map(each -> new Choice(Phrase.code(each), w.say(Phrase.choice("shelf.order", each)), each == order))
                .toList();
    }

    /** How they are sorted, for an address; empty as they come. */
    public String sort() {
        return order == ShelfOrder.NAME ? "" : Phrase.code(order);
    }

    /** All kinds for a form. */
    public List<Choice> kinds() {
        return Stream.of(Kind.values())
                .map(each ->
                        new Choice(Phrase.code(each), w.say(Phrase.choice("thing", each)), each == standing.kind()))
                .toList();
    }

    public long id() {
        return open.map(Kept::id).orElse(0L);
    }

    public String title() {
        return open.map(kept -> kept.thing().name()).orElse(w.say("shelf.put"));
    }

    /** What there is of the open one. */
    public String stock() {
        return open.map(kept -> w.say(
                        "shelf.stock",
                        Amounts.said(kept.stock(), kept.thing().kind().counted(), w)))
                .orElse("");
    }

    private Counted counted() {
        return standing.kind().counted();
    }

    /** How an amount is written, as an example. */
    public String example() {
        return w.say("shelf.example." + Phrase.code(counted()));
    }

    public String name() {
        return typed("name", open.isPresent() ? standing.name() : "");
    }

    /** The two sizes of a form as they read back exactly; nothing of anything else. */
    public Optional<Made> form() {
        return open.map(Kept::thing)
                .filter(thing -> thing.kind() == Kind.FORM && thing.size().isPresent())
                .map(thing -> new Made(
                        thing.name(),
                        ExactLength.write(thing.size().orElseThrow(), w.mark().unit()),
                        thing.width()
                                .map(high -> ExactLength.write(high, w.mark().unit()))
                                .orElse("")));
    }

    /** A form that a cover can be made for. */
    public record Made(String name, String across, String upDown) {}

    /** What is told of a fabric that is open: what is kept, or what is assumed; nothing of anything else. */
    public Optional<Fabric> fabric() {
        return open.map(Kept::thing).filter(thing -> thing.kind().isFabric()).map(thing -> thing.fabric()
                .orElseGet(() -> new Fabric(thing.asCloth(), false, Optional.empty())));
    }

    /** Whether something was refused among what a fabric is like, so that it has to be seen. */
    public boolean isFabricRefused() {
        return Stream.of("repeat-across", "repeat-along", "shrinks-across", "shrinks-along")
                .anyMatch(field -> entries.refusal("cloth-" + field).isPresent());
    }

    public boolean isRemnant() {
        return standing.kind() == Kind.REMNANT;
    }

    /** An outline as it would be typed. */
    public String corners() {
        return typed(
                "corners", outline().map(scrap -> ScrapEntry.corners(scrap, w)).orElse(""));
    }

    public String spots() {
        return typed("spots", outline().map(scrap -> ScrapEntry.spots(scrap, w)).orElse(""));
    }

    private Optional<Scrap> outline() {
        return standing.fabric().flatMap(Fabric::outline);
    }

    public Print[] prints() {
        return Print.values();
    }

    public Trait[] traits() {
        return Trait.values();
    }

    /** A figure of a fabric, such as {@code shrinks-along}, as it is typed. */
    public String told(String figure) {
        Optional<Cloth> like = fabric().map(Fabric::like);
        String way = figure.substring(figure.indexOf('-') + 1);
        String name = "cloth-" + figure;
        return figure.startsWith("repeat")
                ? entries.value(name, like.flatMap(cloth -> ClothEntry.repeat(cloth, way)))
                : entries.value(
                        name,
                        like.map(Cloth::shrinkage)
                                .map(takes -> way.equals("across") ? takes.across() : takes.along())
                                .map(ClothEntry::percent)
                                .orElse(""));
    }

    public String code(Enum<?> value) {
        return Phrase.code(value);
    }

    public String size() {
        return typed("size", entries.value("size", standing.size()));
    }

    public String width() {
        return typed("width", entries.value("width", standing.width()));
    }

    public String price() {
        return typed("price", standing.price() == 0 ? "" : Money.plain(standing.price()));
    }

    public String value(String field) {
        return typed(field, "");
    }

    /** A field as it was typed, where anything was refused: nothing that was typed is lost then. */
    private String typed(String field, String standing) {
        return entries.isClean() ? standing : entries.raw(field).orElse(standing);
    }

    public String refusal(String field) {
        return entries.refusal(field).orElse("");
    }

    /** What was put on and taken off, the latest first. */
    public List<Move> moves() {
        List<Movement> all = moved.stream().map(Moved::movement).toList();
        DateTimeFormatter day = DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM)
                .withLocale(locale)
                .withZone(zone);
        return moved.stream()
                .map(each -> new Move(
                        each.movement().id(),
                        w.say(
                                        "shelf.moved."
                                                + Phrase.code(each.movement().why()),
                                        day.format(each.at()),
                                        (each.movement().amount() < 0 ? "−" : "+")
                                                + Amounts.said(each.movement().amount(), counted(), w))
                                + (each.cut().isEmpty() ? "" : ", " + w.say("buy.for-it", each.cut())),
                        each.movement().canBeUndone(all)))
                .toList();
    }

    /** The reasons to move some of it. */
    public List<Choice> reasons() {
        return Stream.of(Why.BOUGHT, Why.USED, Why.LEFT_OVER, Why.CORRECTED)
                .map(why -> new Choice(Phrase.code(why), w.say(Phrase.choice("shelf.why", why)), why == Why.BOUGHT))
                .toList();
    }
}
