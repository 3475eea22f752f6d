package app.dapt.web.shelf;

import app.dapt.cloth.Cloth;
import app.dapt.cover.ClothUse;
import app.dapt.layout.ClothNeed;
import app.dapt.make.Job;
import app.dapt.make.Notions;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.shelf.Thing.Kind;
import app.dapt.step.Milestone;
import app.dapt.web.progress.Batch;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.web.workroom.ShelfStore.Kept;
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
record BuyList(List<ClothLine> cloths, List<Notions.Bought> notions) {

    /**
     * A cloth.
     *
     * @param uses  how much of it each cover or set takes; of one nothing where a piece is wider than the cloth
     * @param there what of it is on the shelf
     */
    record ClothLine(Cloth cloth, List<Use> uses, Optional<Kept> there) {

        /** How much to buy of it altogether; nothing where a piece is wider than the cloth. */
        Optional<Length> needed() {
            return uses.stream()
                    .map(Use::length)
                    .reduce(Optional.of(Length.ZERO), (sum, one) -> sum.flatMap(s -> one.map(s::plus)));
        }

        /** Whether what is there is enough for all of it. */
        boolean isThere() {
            return there.isPresent()
                    && needed().filter(all -> all.grains() <= there.get().stock())
                            .isPresent();
        }

        /** What it costs, in hundredths; nothing where a price is not known, or it is there. */
        Optional<Long> cost(Unit unit) {
            return isThere() ? Optional.of(0L) : needed().flatMap(length -> cloth.cost(length, unit));
        }
    }

    /** What one cover or set takes of a cloth. */
    record Use(String name, Optional<Length> length, boolean isAbout) {}

    BuyList {
        cloths = List.copyOf(cloths);
        notions = List.copyOf(notions);
    }

    static BuyList of(Collection<Batch> batches, List<Kept> shelf, ClothNeeds needs, Unit unit) {
        List<ClothLine> cloths = new ArrayList<>();
        List<Notions.Wanted> notions = new ArrayList<>();
        for (Batch batch : batches) {
            List<ClothUse.Of> open = batch.covers().stream()
                    .filter(made -> !isBought(batch, made))
                    .map(made -> new ClothUse.Of(String.valueOf(made.id()), made.reckoned(), made.copies()))
                    .toList();
            for (ClothUse use : ClothUse.of(open)) {
                ClothNeed need = needs.need(use.cloth(), use.pieces(), unit);
                add(cloths, use.cloth(), new Use(batch.name(), need.length(), need.about()), shelf);
            }
            open.forEach(
                    of -> needs.notions(of.cover()).forEach(need -> notions.add(new Notions.Wanted(need, of.count()))));
        }
        return new BuyList(cloths, Notions.together(notions, unit));
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

    private static void add(List<ClothLine> lines, Cloth cloth, Use use, List<Kept> shelf) {
        for (int at = 0; at < lines.size(); at++) {
            ClothLine line = lines.get(at);
            if (line.cloth().isLike(cloth)) {
                List<Use> more = new ArrayList<>(line.uses());
                more.add(use);
                lines.set(at, new ClothLine(line.cloth(), more, line.there()));
                return;
            }
        }
        lines.add(new ClothLine(cloth, List.of(use), there(cloth, shelf)));
    }

    /** A cloth of that name on the shelf, as wide as it should be or of no known width. */
    private static Optional<Kept> there(Cloth cloth, List<Kept> shelf) {
        return shelf.stream()
                .filter(kept -> kept.thing().kind() == Kind.CLOTH && kept.stock() > 0)
                .filter(kept -> kept.thing()
                        .name()
                        .toLowerCase(Locale.ROOT)
                        .equals(cloth.name().toLowerCase(Locale.ROOT)))
                .filter(kept -> kept.thing().width().isEmpty()
                        || kept.thing().width().get().atLeast(cloth.width()))
                .findFirst();
    }
}
