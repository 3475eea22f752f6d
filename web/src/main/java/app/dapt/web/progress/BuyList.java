package app.dapt.web.progress;

import app.dapt.cloth.Cloth;
import app.dapt.cover.ClothUse;
import app.dapt.cover.parts.Need;
import app.dapt.layout.ClothNeed;
import app.dapt.make.Job;
import app.dapt.make.Notions;
import app.dapt.make.Notions.Bought;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.shelf.Prices.Offer;
import app.dapt.shelf.Thing.Counted;
import app.dapt.shelf.Thing.Kind;
import app.dapt.shelf.Ware;
import app.dapt.step.Milestone;
import app.dapt.web.progress.Sources.Found;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.stream.Stream;

/**
 * What is to be bought for all that is in work and not bought yet.
 *
 * @param cloths  one line a cloth, whatever it is for
 * @param notions all the rest, added up
 */
public record BuyList(List<ClothLine> cloths, List<NotionLine> notions) {

    /**
     * A cloth.
     *
     * @param uses  how much of it each cover or set takes; of one nothing where a piece is wider than the cloth
     * @param found where it comes from
     */
    public record ClothLine(Cloth cloth, List<Use> uses, Found found) {

        /** How much of it is needed altogether; nothing where a piece is wider than the cloth. */
        public Optional<Length> needed() {
            return uses.stream()
                    .map(Use::length)
                    .reduce(Optional.of(Length.ZERO), (sum, one) -> sum.flatMap(s -> one.map(s::plus)));
        }

        /**
         * What it costs, in hundredths: at its own price, a shop's, or what was paid for what is there; nothing where
         * none is known.
         */
        public Optional<Long> cost(Unit unit) {
            return ownCost().or(() -> found.offer().map(Offer::cost)).or(() -> needed().flatMap(
                            length -> found.worth(Counted.LENGTH, length.grains(), unit)));
        }

        /** What it costs at the price its covers have for it. */
        private Optional<Long> ownCost() {
            return uses.stream()
                    .map(use -> use.length().flatMap(length -> cloth.cost(length, use.priced())))
                    .reduce(Optional.of(0L), (sum, one) -> sum.flatMap(s -> one.map(each -> s + each)));
        }

        /** How much of what is bought goes into the covers, by area. */
        public double part() {
            double pieces = uses.stream().mapToDouble(Use::area).sum();
            return needed().filter(Length::isPositive)
                    .map(length -> pieces / length.toInches() / cloth.width().toInches())
                    .orElse(1.0);
        }
    }

    /**
     * What one cover or set takes of a cloth.
     *
     * @param area   of its pieces, in square inches
     * @param priced the unit its price goes by: the cover's own yard or metre
     */
    public record Use(String name, Optional<Length> length, boolean isAbout, double area, Unit priced) {}

    /**
     * Something else that is bought.
     *
     * @param uses  what covers and sets want it
     * @param found where it comes from
     */
    public record NotionLine(Bought bought, List<String> uses, Found found) {

        /** So many of a size, as a shop wants to hear it; of what has none, what the cover says. */
        public String amount(Words w) {
            return bought.ware()
                    .filter(ware -> ware.kind().counted() == Counted.PIECES
                            && ware.size().isPresent())
                    .map(ware -> w.say(
                            "buy.times",
                            ware.amount(),
                            w.lengths().withUnit(ware.size().orElseThrow())))
                    .orElseGet(() -> bought.times() == 1
                            ? w.say(bought.amount())
                            : w.say("buy.times", bought.times(), w.say(bought.amount())));
        }

        /** What it costs in a shop, or what was paid for what is there; nothing where neither is known. */
        public Optional<Long> cost(Unit unit) {
            return found.offer().map(Offer::cost).or(() -> bought.ware()
                    .flatMap(ware -> found.worth(ware.kind().counted(), ware.amount(), unit)));
        }
    }

    public BuyList {
        cloths = List.copyOf(cloths);
        notions = List.copyOf(notions);
    }

    /** What is not bought or cut yet. */
    public static BuyList open(Collection<Batch> batches, Sources sources, ClothNeeds needs, Words w) {
        return of(batches, BuyList::isOpen, sources, needs, w);
    }

    /** All that goes into a cover or a set, bought or not. */
    public static BuyList all(Batch batch, Sources sources, ClothNeeds needs, Words w) {
        return of(List.of(batch), (any, made) -> true, sources, needs, w);
    }

    private static BuyList of(
            Collection<Batch> batches,
            BiPredicate<Batch, Batch.Made> counts,
            Sources sources,
            ClothNeeds needs,
            Words w) {
        Unit unit = w.mark().unit();
        List<ClothLine> cloths = new ArrayList<>();
        List<Notions.Wanted> notions = new ArrayList<>();
        Map<Sort, Set<String>> users = new HashMap<>();
        for (Batch batch : batches) {
            List<ClothUse.Of> open = batch.covers().stream()
                    .filter(made -> counts.test(batch, made))
                    .map(made -> new ClothUse.Of(String.valueOf(made.id()), made.reckoned(), made.copies()))
                    .toList();
            List<ClothUse> bought = ClothUse.of(open).stream()
                    .filter(use -> !sources.isFromRemnants(batch.owner(), use))
                    .toList();
            for (ClothUse use : bought) {
                ClothNeed need = needs.need(use.cloth(), use.pieces(), unit);
                Unit priced = batch.covers().get(0).reckoned().plan().unit();
                add(cloths, use.cloth(), new Use(batch.name(), need.length(), need.about(), need.area(), priced));
            }
            for (ClothUse.Of of : open) {
                for (Need need : needs.notions(of.cover())) {
                    notions.add(new Notions.Wanted(need, of.count()));
                    users.computeIfAbsent(Sort.of(need.what(), need.ware()), any -> new LinkedHashSet<>())
                            .add(batch.name());
                }
            }
        }
        return new BuyList(
                cloths.stream()
                        .map(line -> new ClothLine(line.cloth(), line.uses(), found(line, sources)))
                        .toList(),
                Notions.together(notions, unit).stream()
                        .map(bought -> new NotionLine(
                                bought,
                                List.copyOf(users.getOrDefault(Sort.of(bought.what(), bought.ware()), Set.of())),
                                found(bought, sources, w)))
                        .toList());
    }

    /** What is the same to a shop, however much of it. */
    private record Sort(Phrase what, Optional<Ware> ware) {

        static Sort of(Phrase what, Optional<Ware> ware) {
            return new Sort(what, ware.map(any -> any.amounting(0)));
        }
    }

    /** How much of a thing on the shelf is wanted for what, in words. */
    public List<String> wanting(long thing, Words w) {
        Stream<String> cloth = cloths.stream()
                .filter(line -> isOf(line.found(), thing))
                .flatMap(line -> line.uses().stream())
                .map(use -> w.say(
                        "buy.for",
                        use.name(),
                        use.length().map(w.lengths()::toBuy).orElse("")));
        Stream<String> other = notions.stream()
                .filter(line -> isOf(line.found(), thing))
                .flatMap(line -> line.uses().stream())
                .map(name -> w.say("buy.for-it", name));
        return Stream.concat(cloth, other).distinct().toList();
    }

    private static boolean isOf(Found found, long thing) {
        return found.there().filter(kept -> kept.id() == thing).isPresent();
    }

    /** Whether not everything for a cover is there: its cloth is neither bought nor even cut. */
    private static boolean isOpen(Batch batch, Batch.Made made) {
        List<Job> own = batch.order().jobs().stream()
                .filter(job -> batch.made(job).id() == made.id())
                .toList();
        return own.stream()
                .filter(job -> isAt(job, Milestone.CUT) || isAt(job, Milestone.BOUGHT))
                .noneMatch(batch::isDone);
    }

    private static boolean isAt(Job job, Milestone milestone) {
        return job.step().milestone().equals(Optional.of(milestone));
    }

    private static void add(List<ClothLine> lines, Cloth cloth, Use use) {
        for (int at = 0; at < lines.size(); at++) {
            ClothLine line = lines.get(at);
            if (line.cloth().isLike(cloth)) {
                List<Use> more = new ArrayList<>(line.uses());
                more.add(use);
                lines.set(at, new ClothLine(line.cloth(), more, line.found()));
                return;
            }
        }
        lines.add(new ClothLine(cloth, List.of(use), Found.nowhere(0)));
    }

    /** A cloth goes by its name. */
    private static Found found(ClothLine line, Sources sources) {
        return line.needed()
                .map(length -> sources.find(
                        Ware.cloth(line.cloth().width(), length),
                        name -> name.equalsIgnoreCase(line.cloth().name())))
                .orElse(Found.nowhere(0));
    }

    /** So does a trim; of everything else any will serve that is as large. */
    private static Found found(Bought bought, Sources sources, Words w) {
        String what = w.say(bought.what()).toLowerCase(Locale.ROOT);
        return bought.ware()
                .map(ware -> sources.find(
                        ware, name -> ware.kind() != Kind.TRIM || what.contains(name.toLowerCase(Locale.ROOT))))
                .orElse(Found.nowhere(1));
    }
}
