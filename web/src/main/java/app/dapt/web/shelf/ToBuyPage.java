package app.dapt.web.shelf;

import app.dapt.files.shop.ShoppingCsv;
import app.dapt.measure.Length;
import app.dapt.shelf.Thing.Counted;
import app.dapt.web.shelf.BuyList.ClothLine;
import app.dapt.words.Money;
import app.dapt.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What is to be bought, ready for its template.
 *
 * @param got what was ticked, by what it says
 */
public record ToBuyPage(BuyList list, Set<String> got, Words w) {

    /**
     * A line.
     *
     * @param key   what it goes by: another amount is another line
     * @param there what of it is on the shelf
     */
    public record Line(String key, String what, String amount, String use, String there, String cost, boolean got) {}

    public boolean isEmpty() {
        return list.cloths().isEmpty() && list.notions().isEmpty();
    }

    public List<Line> cloths() {
        return list.cloths().stream().map(this::line).toList();
    }

    private Line line(ClothLine cloth) {
        String amount = cloth.needed()
                .map(length -> length.isZero() ? "" : w.lengths().toBuy(length))
                .orElseGet(() -> w.say("covers.join", cloth.cloth().name()));
        String what = w.say("buy.cloth", cloth.cloth().name(), cloth.cloth().width());
        String key = what + ", " + amount;
        return new Line(
                key,
                what,
                cloth.isThere() ? w.say("buy.is-there") : amount,
                w.list(cloth.uses().stream()
                        .map(use -> w.say(
                                use.isAbout() ? "buy.for-about" : "buy.for",
                                use.name(),
                                use.length().map(w.lengths()::toBuy).orElse("")))
                        .toList()),
                cloth.there()
                        .map(kept -> w.say(
                                cloth.isThere() ? "buy.there" : "buy.there-less",
                                ThingEntry.said(kept.stock(), Counted.LENGTH, w)))
                        .orElse(""),
                cloth.isThere()
                        ? ""
                        : cloth.cost(w.mark().unit()).map(w.money()::shown).orElse(""),
                got.contains(key));
    }

    public List<Line> notions() {
        return list.notions().stream()
                .map(bought -> {
                    String what = w.say(bought.what());
                    String amount = bought.times() == 1
                            ? w.say(bought.amount())
                            : w.say("buy.times", bought.times(), w.say(bought.amount()));
                    return new Line(what + ", " + amount, what, amount, "", "", "", got.contains(what + ", " + amount));
                })
                .toList();
    }

    /** What the cloths cost whose prices are known; nothing where none is. */
    public Optional<String> total() {
        List<ClothLine> paid =
                list.cloths().stream().filter(cloth -> !cloth.isThere()).toList();
        long known = paid.stream()
                .filter(cloth -> cloth.cost(w.mark().unit()).isPresent())
                .count();
        long sum = paid.stream()
                .flatMap(cloth -> cloth.cost(w.mark().unit()).stream())
                .mapToLong(Long::longValue)
                .sum();
        return known == 0
                ? Optional.empty()
                : Optional.of(w.say("buy.total", w.money().shown(sum), paid.size() - known));
    }

    /** The line by its key, where it is a cloth. */
    Optional<ClothLine> cloth(String key) {
        return list.cloths().stream()
                .filter(cloth -> line(cloth).key().equals(key))
                .findFirst();
    }

    /** Whether there is such a line. */
    boolean has(String key) {
        return Stream.concat(cloths().stream(), notions().stream())
                .anyMatch(line -> line.key().equals(key));
    }

    /** How much of a cloth is bought, in grains. */
    static long bought(ClothLine cloth) {
        return cloth.needed().map(Length::grains).orElse(0L);
    }

    List<ShoppingCsv.Row> rows() {
        return Stream.concat(
                        list.cloths().stream()
                                .map(cloth -> row(
                                        line(cloth),
                                        cloth.cost(w.mark().unit())
                                                .map(Money::plain)
                                                .orElse(""))),
                        notions().stream().map(line -> row(line, "")))
                .toList();
    }

    private static ShoppingCsv.Row row(Line line, String cost) {
        return new ShoppingCsv.Row(line.what(), line.amount(), line.use(), cost);
    }
}
