package app.dapt.make;

import app.dapt.cover.Reckoned;
import app.dapt.cover.parts.Need;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.step.Setting;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** All that is bought for a cover besides its cloth: what its kinds want, and thread for all that is sewn. */
public final class Notions {

    /** Of thread to a length of lock stitch or zigzag, and of overlocking; practitioners' estimates. */
    private static final int LOCK_STITCH = 3;

    private static final int OVERLOCKING = 12;
    private static final Length SPOOL = Length.mm(100_000);

    private Notions() {}

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
        int spools = Math.toIntExact(sum.total().countOf(SPOOL));
        return new Need(
                Phrase.of("need.thread"),
                Phrase.of("need.spool", spools, (int) Math.ceil(sum.total().toMm() / 1000)),
                Optional.of(sum));
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
