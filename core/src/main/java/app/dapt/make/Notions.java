package app.dapt.make;

import app.dapt.cover.Reckoned;
import app.dapt.cover.parts.Need;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.shelf.Thing.Kind;
import app.dapt.shelf.Ware;
import app.dapt.step.Setting;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/** All that is bought for a cover besides its cloth: what its kinds want, and thread for all that is sewn. */
public final class Notions {

    /** Of thread to a length of lock stitch or zigzag, and of overlocking; practitioners' estimates. */
    private static final int LOCK_STITCH = 3;

    private static final int OVERLOCKING = 12;
    private static final Phrase THREAD = Phrase.of("need.thread");
    private static final Length SPOOL = Length.mm(100_000);

    private Notions() {}

    /** What a cover wants, and how often that cover is made. */
    public record Wanted(Need need, int times) {}

    /**
     * Something that is bought so many times.
     *
     * @param part how much of what is bought is used; of pieces all
     */
    public record Bought(Phrase what, Phrase amount, int times, Optional<Ware> ware, double part) {

        static Bought piece(Need need) {
            return new Bought(need.what(), need.amount(), 1, need.ware(), 1);
        }

        private Bought times(int count) {
            return new Bought(what, amount, count, ware.map(one -> one.times(count)), part);
        }
    }

    /**
     * What is bought for several covers together: lengths of the same and thread are added up before they are rounded
     * to what shops sell; of everything else there are so many.
     */
    public static List<Bought> together(List<Wanted> wanted, Unit unit) {
        Map<Phrase, Length> lengths = new LinkedHashMap<>();
        Map<Phrase, Optional<Ware>> wares = new HashMap<>();
        Map<Bought, Integer> pieces = new LinkedHashMap<>();
        for (Wanted each : wanted) {
            Need need = each.need();
            if (need.sum().isPresent()) {
                wares.putIfAbsent(need.what(), need.ware());
                lengths.merge(need.what(), need.sum().get().total().times(each.times()), Length::plus);
            } else {
                pieces.merge(Bought.piece(need), each.times(), Integer::sum);
            }
        }
        List<Bought> bought = new ArrayList<>();
        pieces.forEach((one, times) -> bought.add(one.times(times)));
        lengths.forEach((what, length) -> {
            Sum sum = Sum.of(Sum.term("term.together", length));
            bought.add(
                    what.equals(THREAD)
                            ? of(spools(sum), length, SPOOL.times(sum.total().countOf(SPOOL)))
                            : of(
                                    Need.length(what, sum, unit, wares.getOrDefault(what, Optional.empty())),
                                    length,
                                    length.roundedUp(unit.shopStep())));
        });
        return bought;
    }

    private static Bought of(Need need, Length used, Length bought) {
        double part = bought.isZero() ? 1 : used.over(bought);
        return new Bought(need.what(), need.amount(), 1, need.ware(), part);
    }

    /** What is bought for a cover, thread last. */
    public static List<Need> of(Reckoned reckoned) {
        List<Need> needs = new ArrayList<>(reckoned.needs());
        needs.add(thread(CoverSteps.of(reckoned)));
        return needs;
    }

    /** Three times what is stitched in these steps, twelve times what is overlocked. */
    static Need thread(List<Step> steps) {
        Sum sum = Sum.of(term("term.lock-stitch", LOCK_STITCH, steps, Notions::isRow));
        for (Sum.Term finishing : List.of(
                term("term.finishing", LOCK_STITCH, steps, stitch -> stitch == Stitch.ZIGZAG),
                term("term.overlocking", OVERLOCKING, steps, stitch -> stitch == Stitch.OVERLOCK))) {
            sum = finishing.amount().isZero() ? sum : sum.plus(finishing);
        }
        return spools(sum);
    }

    private static Need spools(Sum sum) {
        int spools = Math.toIntExact(sum.total().countOf(SPOOL));
        return new Need(
                THREAD,
                Phrase.of("need.spool", spools, (int) Math.ceil(sum.total().toMm() / 1000)),
                Optional.of(sum),
                Optional.of(Ware.of(Kind.THREAD).times(spools)));
    }

    private static boolean isRow(Stitch stitch) {
        return stitch != Stitch.ZIGZAG && stitch != Stitch.OVERLOCK;
    }

    private static Sum.Term term(String code, int times, List<Step> steps, Predicate<Stitch> which) {
        Length sewn = steps.stream()
                // By hand it is a row as well.
                .filter(step -> which.test(step.setting().map(Setting::stitch).orElse(Stitch.SEAM)))
                .map(step -> step.labour().stitched())
                .reduce(Length.ZERO, Length::plus);
        return Sum.term(code, sewn.times(times));
    }
}
