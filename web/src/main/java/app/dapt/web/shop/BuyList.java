package app.dapt.web.shop;

import app.dapt.cloth.Cloth;
import app.dapt.cover.ClothUse;
import app.dapt.layout.ClothNeed;
import app.dapt.make.Job;
import app.dapt.make.Notions;
import app.dapt.make.Notions.Bought;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.shelf.Prices.Offer;
import app.dapt.shelf.Thing.Kind;
import app.dapt.shelf.Ware;
import app.dapt.step.Milestone;
import app.dapt.web.progress.Batch;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.web.shop.Sources.Found;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What is to be bought for all that is in work and not bought yet.
 *
 * @param cloths  one line a cloth, whatever it is for
 * @param notions all the rest, added up
 */
record BuyList(List<ClothLine> cloths, List<NotionLine> notions) {

    /**
     * A cloth.
     *
     * @param uses  how much of it each cover or set takes; of one nothing where a piece is wider than the cloth
     * @param found where it comes from
     */
    record ClothLine(Cloth cloth, List<Use> uses, Found found) {

        /** How much of it is needed altogether; nothing where a piece is wider than the cloth. */
        Optional<Length> needed() {
            return uses.stream()
                    .map(Use::length)
                    .reduce(Optional.of(Length.ZERO), (sum, one) -> sum.flatMap(s -> one.map(s::plus)));
        }

        /** What it costs, in hundredths, at its own price or a shop's; nothing where neither is known. */
        Optional<Long> cost(Unit unit) {
            return found.isThere()
                    ? Optional.of(0L)
                    : needed().flatMap(length -> cloth.cost(length, unit))
                            .or(() -> found.offer().map(Offer::cost));
        }
    }

    /** What one cover or set takes of a cloth. */
    record Use(String name, Optional<Length> length, boolean isAbout) {}

    /** Something else that is bought, and where it comes from. */
    record NotionLine(Bought bought, Found found) {

        /** What it costs, in hundredths; nothing where no shop is known for it. */
        Optional<Long> cost() {
            return found.isThere() ? Optional.of(0L) : found.offer().map(Offer::cost);
        }
    }

    BuyList {
        cloths = List.copyOf(cloths);
        notions = List.copyOf(notions);
    }

    static BuyList of(Collection<Batch> batches, Sources sources, ClothNeeds needs, Words w) {
        Unit unit = w.mark().unit();
        List<ClothLine> cloths = new ArrayList<>();
        List<Notions.Wanted> notions = new ArrayList<>();
        for (Batch batch : batches) {
            List<ClothUse.Of> open = batch.covers().stream()
                    .filter(made -> !isBought(batch, made))
                    .map(made -> new ClothUse.Of(String.valueOf(made.id()), made.reckoned(), made.copies()))
                    .toList();
            for (ClothUse use : ClothUse.of(open)) {
                ClothNeed need = needs.need(use.cloth(), use.pieces(), unit);
                add(cloths, use.cloth(), new Use(batch.name(), need.length(), need.about()));
            }
            open.forEach(
                    of -> needs.notions(of.cover()).forEach(need -> notions.add(new Notions.Wanted(need, of.count()))));
        }
        return new BuyList(
                cloths.stream()
                        .map(line -> new ClothLine(line.cloth(), line.uses(), found(line, sources)))
                        .toList(),
                Notions.together(notions, unit).stream()
                        .map(bought -> new NotionLine(bought, found(bought, sources, w)))
                        .toList());
    }

    /** Whether everything for a cover is there: its cloth is bought, or even cut. */
    private static boolean isBought(Batch batch, Batch.Made made) {
        List<Job> own = batch.order().jobs().stream()
                .filter(job -> batch.made(job).id() == made.id())
                .toList();
        return own.stream().anyMatch(job -> isAt(job, Milestone.CUT) && batch.isDone(job))
                || own.stream().filter(job -> isAt(job, Milestone.BOUGHT)).anyMatch(batch::isDone);
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
