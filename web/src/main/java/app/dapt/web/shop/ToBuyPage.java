package app.dapt.web.shop;

import app.dapt.files.shop.ShoppingCsv;
import app.dapt.make.Notions.Bought;
import app.dapt.shelf.Fabric;
import app.dapt.shelf.Prices.Offer;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Counted;
import app.dapt.shelf.Thing.Kind;
import app.dapt.shelf.Ware;
import app.dapt.web.progress.BuyList;
import app.dapt.web.progress.BuyList.ClothLine;
import app.dapt.web.progress.BuyList.NotionLine;
import app.dapt.web.progress.Sources.Found;
import app.dapt.web.wording.Amounts;
import app.dapt.words.Money;
import app.dapt.words.Words;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is to be bought, ready for its template.
 *
 * @param got    what was ticked, by what it says
 * @param by     by what its lines stand together
 */
public record ToBuyPage(BuyList list, Set<String> got, BuyBy by, PriceWords prices, Words w) {

    private static final String GREY = "#8a8f94";

    /**
     * A line.
     *
     * @param key    what it goes by: another amount is another line
     * @param users  the names of the covers and sets that want it
     * @param there  what of it is on the shelf
     * @param cost   in hundredths; nothing where it is not known
     * @param shop   which sells it; empty where none is known
     * @param asks   what that shop asks, or that it is sold out
     * @param isHere whether nothing of it has to be bought
     */
    public record Line(
            String key,
            String what,
            String amount,
            String use,
            List<String> users,
            String there,
            Optional<Long> cost,
            String shop,
            String asks,
            boolean isHere,
            boolean got) {}

    /** Lines that stand together, and what those cost whose prices are known. */
    public record Section(String title, List<Line> lines, String total) {}

    public boolean isEmpty() {
        return list.cloths().isEmpty() && list.notions().isEmpty();
    }

    public List<Section> sections() {
        return sorted().entrySet().stream()
                .filter(section -> !section.getValue().isEmpty())
                .map(section -> new Section(section.getKey(), section.getValue(), total(section.getValue().stream())))
                .toList();
    }

    private Map<String, List<Line>> sorted() {
        return switch (by) {
            case KIND -> {
                Map<String, List<Line>> kinds = new LinkedHashMap<>();
                kinds.put(
                        w.say("buy.cloths"),
                        list.cloths().stream().map(this::line).toList());
                kinds.put(
                        w.say("buy.notions"),
                        list.notions().stream().map(this::line).toList());
                yield kinds;
            }
            case SHOP ->
                lines().sorted(Comparator.comparing(Line::isHere)
                                .thenComparing(line -> line.shop().isEmpty()))
                        .collect(Collectors.groupingBy(
                                line -> line.isHere()
                                        ? w.say("buy.here")
                                        : line.shop().isEmpty() ? w.say("buy.anywhere") : line.shop(),
                                LinkedHashMap::new,
                                Collectors.toList()));
            case COVER ->
                lines().sorted(Comparator.comparing(line -> line.users().size() > 1))
                        .collect(Collectors.groupingBy(
                                line -> line.users().size() == 1 ? line.users().get(0) : w.say("buy.several"),
                                LinkedHashMap::new,
                                Collectors.toList()));
        };
    }

    private Stream<Line> lines() {
        return Stream.concat(
                list.cloths().stream().map(this::line), list.notions().stream().map(this::line));
    }

    private Line line(ClothLine cloth) {
        String amount = cloth.needed()
                .map(length -> length.isZero() ? "" : w.lengths().toBuy(length))
                .orElseGet(() -> w.say("covers.join", cloth.cloth().name()));
        String use = w.list(cloth.uses().stream()
                .map(of -> w.say(
                        of.isAbout() ? "buy.for-about" : "buy.for",
                        of.name(),
                        of.length().map(w.lengths()::toBuy).orElse("")))
                .toList());
        return line(
                w.say("buy.cloth", cloth.cloth().name(), cloth.cloth().width()),
                amount,
                use,
                cloth.uses().stream().map(BuyList.Use::name).distinct().toList(),
                cloth.found(),
                Counted.LENGTH,
                cloth.cost(w.mark().unit()));
    }

    private Line line(NotionLine notion) {
        Bought bought = notion.bought();
        return line(
                w.say(bought.what()),
                notion.amount(w),
                w.list(notion.uses().stream()
                        .map(name -> w.say("buy.for-it", name))
                        .toList()),
                notion.uses(),
                notion.found(),
                bought.ware().map(ware -> ware.kind().counted()).orElse(Counted.PIECES),
                notion.cost(w.mark().unit()));
    }

    private Line line(
            String what,
            String amount,
            String use,
            List<String> users,
            Found found,
            Counted counted,
            Optional<Long> cost) {
        String key = what + ", " + amount;
        String asks = found.offer()
                .map(offer -> prices.asks(offer.price()))
                .orElse(found.soldOut() ? w.say("buy.sold-out") : "");
        return new Line(
                key,
                what,
                amount,
                use,
                users,
                there(found, counted),
                found.isThere() ? Optional.empty() : cost,
                found.offer().map(offer -> offer.price().shop()).orElse(""),
                asks,
                found.isThere(),
                got.contains(key));
    }

    private String there(Found found, Counted counted) {
        if (found.there().isEmpty()) {
            return "";
        }
        Thing thing = found.there().get().thing();
        String like = Amounts.like(thing, w);
        String called = like.isEmpty() ? thing.name() : w.say("buy.called", thing.name(), like);
        String has = Amounts.said(found.has(), counted, w);
        if (found.isThere()) {
            return w.say("buy.there", has, called);
        }
        return counted == Counted.LENGTH
                ? w.say("buy.there-less", has, called)
                : w.say("buy.there-some", has, called, found.lacking());
    }

    /** What is not on the shelf costs altogether as far as prices are known; nothing where none is. */
    public String total() {
        return total(lines());
    }

    private String total(Stream<Line> lines) {
        List<Line> paid = lines.filter(line -> !line.isHere()).toList();
        List<Long> known = paid.stream().flatMap(line -> line.cost().stream()).toList();
        long sum = known.stream().mapToLong(Long::longValue).sum();
        return known.isEmpty() ? "" : w.say("buy.total", w.money().shown(sum), paid.size() - known.size());
    }

    public String shown(Optional<Long> cost) {
        return cost.map(w.money()::shown).orElse("");
    }

    /** Whether there is such a line. */
    boolean has(String key) {
        return lines().anyMatch(line -> line.key().equals(key));
    }

    /** Where a line's thing is on the shelf already, and enough of it or some. */
    Optional<Found> found(String key) {
        return Stream.concat(
                        list.cloths().stream()
                                .filter(cloth -> line(cloth).key().equals(key))
                                .map(ClothLine::found),
                        list.notions().stream()
                                .filter(notion -> line(notion).key().equals(key))
                                .map(NotionLine::found))
                .findFirst();
    }

    /** What a line puts on the shelf as it is bought; nothing where shops sell it by no size of its own. */
    Optional<Thing> thing(String key) {
        return Stream.concat(
                        list.cloths().stream()
                                .filter(cloth -> line(cloth).key().equals(key))
                                .map(ToBuyPage::thing),
                        list.notions().stream()
                                .filter(notion -> line(notion).key().equals(key))
                                .flatMap(notion -> notion.bought().ware().map(ware -> thing(notion, ware)).stream()))
                .findFirst();
    }

    private static Thing thing(ClothLine line) {
        return new Thing(
                Kind.CLOTH,
                line.cloth().name(),
                line.cloth().colour(),
                Optional.empty(),
                Optional.of(line.cloth().width()),
                line.cloth().price(),
                Optional.of(Fabric.of(line.cloth(), false)));
    }

    private Thing thing(NotionLine line, Ware ware) {
        Optional<Offer> offer = line.found().offer();
        return new Thing(
                ware.kind(),
                offer.map(sold -> sold.price().name())
                        .orElse(w.say(line.bought().what())),
                GREY,
                offer.flatMap(sold -> sold.price().size()).or(ware::size),
                Optional.empty(),
                offer.map(sold -> sold.price().cents()).orElse(0));
    }

    /** The list as plain text, for a message or a note: what is there already stands in it as well. */
    String text() {
        return sections().stream()
                .map(section -> section.title() + "\n"
                        + section.lines().stream().map(ToBuyPage::text).collect(Collectors.joining()))
                .collect(Collectors.joining("\n"));
    }

    private static String text(Line line) {
        String box = line.got() || line.isHere() ? "[x] " : "[ ] ";
        return Stream.of(box + line.what() + ", " + line.amount(), line.there(), line.use(), line.asks())
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining("; ", "", "\n"));
    }

    List<ShoppingCsv.Row> rows() {
        return lines().map(line -> new ShoppingCsv.Row(
                        line.what(),
                        line.amount(),
                        line.use(),
                        line.cost().map(Money::plain).orElse(""),
                        line.shop()))
                .toList();
    }
}
