package app.dapt.log;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Alteration;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.edging.Edging.Caught;
import app.dapt.cover.opening.Lapped;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.filling.Bisection;
import app.dapt.filling.Casing;
import app.dapt.learning.Verdict;
import app.dapt.make.CoverSteps;
import app.dapt.make.SinceCut;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Milestone;
import app.dapt.step.Step;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What to do about a cover that was tried on: its seams are sewn so much deeper, or let out, that it has the fullness
 * that is wished. The sizes after it come from the reckoner, not from a formula of their own.
 *
 * @param before what it was when it was tried on
 * @param wanted the fullness that is wished
 * @param asked  how much deeper each seam would have to be for that; negative to let out
 * @param deeper how much deeper it can be
 * @param seams  where, and how much at each; none where nothing is to be sewn
 * @param after  the cover with that done; as before where nothing is
 * @param hindrance why it does not come to what is wished, where it does not
 * @param form   the form that would, in the cover as it then is, where the seams alone do not
 */
public record Correction(
        Reckoned before,
        double wanted,
        Length asked,
        Length deeper,
        List<SeamChange> seams,
        Reckoned after,
        Optional<Hindrance> hindrance,
        Optional<OtherForm> form) {

    /** This near to what is wished is as wished. */
    public static final double NEAR = 0.02;

    /** A seam is not sewn deeper than this without cutting the cover anew. */
    private static final Length DEEPEST = Length.inches(0, 1, 2);

    private static final Length DEEPEST_METRIC = Length.mm(12);
    /** What has to be left of an allowance that is let out. */
    private static final Length LEFT = Length.inches(0, 1, 8);

    private static final Length LEFT_METRIC = Length.mm(3);
    private static final double EMPTIEST = 0.2;
    /** For finding out which directions a deeper seam takes from. */
    private static final Length TRIAL = Length.inches(0, 1, 4);

    private static final List<Shares> SHARES = List.of(
            new Shares(2, 2),
            new Shares(2, 1),
            new Shares(1, 2),
            new Shares(2, 0),
            new Shares(0, 2),
            new Shares(1, 1),
            new Shares(1, 0),
            new Shares(0, 1));

    /** Why seams cannot be sewn as would be wished. */
    public enum Hindrance {
        /** Cord lies in the seam: it would have to come out. */
        CORD,
        /** Nothing is sewn at the edges. */
        NO_SEAM,
        /** It would be too deep. */
        DEEPEST,
        /** There is not enough allowance to let out. */
        ALLOWANCE,
        /** A seam cannot be sewn more exactly on a cover so small. */
        EXACTLY,
        /** Signs of slack and signs of strain: its size is not what is wrong. */
        CONTRADICTORY
    }

    /**
     * One seam to sew.
     *
     * @param side   of the cover, seen from its front; all round where it has no sides
     * @param deeper negative to let out
     */
    public record SeamChange(Optional<Side> side, Length deeper) {}

    /**
     * A form of another size in the same cover.
     *
     * @param fullness what the cover then has
     */
    public record OtherForm(Length across, Length upDown, double fullness) {}

    /** How many seams take from the finished size in each direction. */
    private record Shares(int across, int upDown) {
        static final Shares NONE = new Shares(0, 0);

        int of(Axis axis) {
            return axis == Axis.ACROSS ? across : upDown;
        }
    }

    /** A cover that is being corrected. */
    private record Tried(Reckoned cover, Shares shares) {

        static Tried on(Reckoned cover) {
            Tried all = new Tried(cover, SHARES.get(0));
            // Of an outline every edge is a seam, and a flange is stitched all round.
            return cover.plan().edging().flange().isPositive()
                            || !cover.plan().shape().isRectangular()
                    ? all
                    : SHARES.stream()
                            .map(shares -> new Tried(cover, shares))
                            .filter(Tried::keepsPieces)
                            .findFirst()
                            .orElse(new Tried(cover, Shares.NONE));
        }

        /** Whether all that is cut stays as it is cut, whatever is sewn. */
        private boolean keepsPieces() {
            List<Piece> then = sewnRound(Reckoner.reckonWithoutRemedies(altered(TRIAL), cover.mark()));
            List<Piece> now = sewnRound(cover);
            return then.size() == now.size()
                    && IntStream.range(0, now.size()).allMatch(i -> isCutAlike(now.get(i), then.get(i)));
        }

        /** The front and the panels of the back. */
        private static List<Piece> sewnRound(Reckoned cover) {
            return Stream.concat(
                            Stream.of(cover.front()),
                            cover.back().panels().stream().map(Back.Panel::piece))
                    .toList();
        }

        private static boolean isCutAlike(Piece one, Piece other) {
            return one.cutWidth().equals(other.cutWidth()) && one.cutHeight().equals(other.cutHeight());
        }

        /** The plan of the cover with its seams so much deeper. */
        CoverPlan altered(Length deeper) {
            CoverPlan plan = cover.plan();
            Alteration smaller =
                    new Alteration(deeper.times(shares.across()), deeper.times(shares.upDown()), Length.ZERO);
            Alteration so = plan.seam().altered();
            return plan.edging()
                    .widened(deeper)
                    .map(wider -> plan.withEdging(wider).withSeam(plan.seam().withAltered(so.plus(smaller))))
                    .orElseGet(() -> plan.nearer(
                                    shares.across() > 0 ? deeper : Length.ZERO,
                                    shares.upDown() > 0 ? deeper : Length.ZERO)
                            .withSeam(plan.seam()
                                    .withAltered(
                                            so.plus(smaller).plus(new Alteration(Length.ZERO, Length.ZERO, deeper)))));
        }

        double fullness(Length deeper) {
            return CoverDimensions.of(altered(deeper).basis(), cover.mark())
                    .fullness()
                    .ratio();
        }

        /** How deep the seams would have to be for a fullness. */
        Length deepFor(double wanted) {
            double most = Math.min(
                            cover.finished(Axis.ACROSS).toInches(),
                            cover.finished(Axis.UP_DOWN).toInches())
                    / 4;
            return Length.nearInches(Bisection.rootOf(x -> fullness(Length.nearInches(x)) - wanted, -most, most));
        }

        /** To the eighth or two millimetres; finer where that is too far from what is wished. */
        Length rounded(Length deep, double wanted) {
            boolean metric = cover.mark().unit().metric();
            Length coarse = deep.roundedTo(metric ? Length.mm(2) : Length.inches(0, 1, 8));
            return isNear(fullness(coarse), wanted)
                    ? coarse
                    : deep.roundedTo(metric ? Length.mm(1) : Length.inches(0, 1, 16));
        }
    }

    public Correction {
        seams = List.copyOf(seams);
    }

    /** The fullness that would have been right for a cover that sat like this. */
    public static double wanted(Reckoned cover, Verdict verdict) {
        return verdict.narrower()
                .map(by -> Tried.on(cover).fullness(by.half()))
                .orElseGet(() -> Math.max(EMPTIEST, cover.fullness().ratio() + verdict.wished()));
    }

    /** What to do about a cover that sat like this. */
    public static Correction of(Reckoned cover, Verdict verdict) {
        Tried tried = Tried.on(cover);
        double now = cover.fullness().ratio();
        double wanted = wanted(cover, verdict);
        if (verdict.isContradictory()) {
            return nothing(cover, wanted, Length.ZERO, Optional.of(Hindrance.CONTRADICTORY));
        }
        if (isNear(now, wanted)) {
            return nothing(cover, wanted, Length.ZERO, Optional.empty());
        }
        if (tried.shares().equals(Shares.NONE)) {
            return nothing(cover, wanted, Length.ZERO, Optional.of(Hindrance.NO_SEAM));
        }
        Length asked =
                verdict.narrower().map(Length::half).orElseGet(() -> tried.rounded(tried.deepFor(wanted), wanted));
        return cover.plan().edging().caught() == Caught.CORD
                ? nothing(cover, wanted, asked, Optional.of(Hindrance.CORD))
                : limited(tried, wanted, asked);
    }

    private static Correction limited(Tried tried, double wanted, Length asked) {
        Reckoned cover = tried.cover();
        Length deeper = Length.max(
                canLetOut(cover).negated(),
                Length.min(asked, deepest(cover.mark().unit())));
        if (deeper.isZero()) {
            return nothing(
                    cover, wanted, asked, Optional.of(asked.isNegative() ? Hindrance.ALLOWANCE : Hindrance.EXACTLY));
        }
        Reckoned after = Reckoner.reckonWithoutRemedies(tried.altered(deeper), cover.mark());
        Optional<Hindrance> hindrance =
                isNear(after.fullness().ratio(), wanted) ? Optional.empty() : Optional.of(hindrance(asked, deeper));
        return new Correction(
                cover,
                wanted,
                asked,
                deeper,
                seams(cover, tried.shares(), deeper),
                after,
                hindrance,
                hindrance.flatMap(why -> otherForm(after, wanted)));
    }

    private static Hindrance hindrance(Length asked, Length deeper) {
        if (asked.equals(deeper)) {
            return Hindrance.EXACTLY;
        }
        return asked.isPositive() ? Hindrance.DEEPEST : Hindrance.ALLOWANCE;
    }

    private static Correction nothing(Reckoned cover, double wanted, Length asked, Optional<Hindrance> why) {
        Optional<OtherForm> form = why.filter(hindered -> hindered != Hindrance.CONTRADICTORY)
                .flatMap(hindered -> otherForm(cover, wanted));
        return new Correction(cover, wanted, asked, Length.ZERO, List.of(), cover, why, form);
    }

    private static boolean isNear(double fullness, double wanted) {
        return Math.abs(fullness - wanted) <= NEAR;
    }

    /** How deep a seam may be sewn beyond what was planned, without anything cut anew. */
    public static Length deepest(Unit unit) {
        return unit.pick(DEEPEST_METRIC, DEEPEST);
    }

    /** What can still be let out of each seam. */
    public static Length canLetOut(Reckoned cover) {
        Unit unit = cover.mark().unit();
        Length free = cover.dimensions().allowance().minus(unit.pick(LEFT_METRIC, LEFT));
        boolean fixed = cover.plan().edging().caught() == Caught.CORD
                || cover.plan().seam().finish() == SeamFinish.SERGED;
        return fixed ? Length.ZERO : Length.max(Length.ZERO, unit.pick(free.roundedDown(Length.mm(1)), free));
    }

    /** Where the zip is nothing is sewn: the edge opposite gives what both would. */
    private static List<SeamChange> seams(Reckoned cover, Shares shares, Length deeper) {
        if (!cover.plan().shape().isRectangular()) {
            return List.of(new SeamChange(Optional.empty(), deeper));
        }
        return Stream.of(Side.values())
                .filter(side -> cover.front().edge(side).isSeam())
                .map(side -> {
                    boolean zipped = cover.front().edge(side.opposite()).fate() == Edge.Fate.ZIP;
                    boolean twice = zipped && shares.of(across(side)) == 2;
                    return new SeamChange(Optional.of(side), twice ? deeper.times(2) : deeper);
                })
                .toList();
    }

    private static Axis across(Side side) {
        return side == Side.LEFT || side == Side.RIGHT ? Axis.ACROSS : Axis.UP_DOWN;
    }

    /** The form in the same proportions, by whole inches or centimetres, with which this cover is as full as wished. */
    private static Optional<OtherForm> otherForm(Reckoned cover, double wanted) {
        double now = cover.fullness().ratio();
        Length step = cover.mark().unit().pick(Length.cm(1), Length.inches(1));
        double factor = Math.cbrt(wanted / now);
        Length across = scaled(cover.form().across().flat(), factor).roundedTo(step);
        Length upDown = scaled(cover.form().upDown().flat(), factor).roundedTo(step);
        boolean same = cover.form().across().flat().roundedTo(step).equals(across)
                && cover.form().upDown().flat().roundedTo(step).equals(upDown);
        if (same || !across.isPositive() || !upDown.isPositive()) {
            return Optional.empty();
        }
        Casing other = cover.plan().shape().shaping(cover.plan().form()).casing(across, upDown);
        double then = now * other.greatestVolume() / cover.form().casing().greatestVolume();
        return Optional.of(new OtherForm(across, upDown, then));
    }

    private static Length scaled(Length length, double factor) {
        return Length.nearInches(length.toInches() * factor);
    }

    /** What is sewn anew by the correction itself, besides the seam round the cover. */
    private static final Set<String> SEWN_WITH_IT =
            Set.of("french-first", "french-trim", "french-turn", "flange-stitch");

    /**
     * What is done no longer holds once this is sewn: lines between pockets move with the seams.
     *
     * @param done ids of the steps that are done
     * @return ids of those to be done again, but for the seam itself
     */
    public Set<String> undone(Set<String> done) {
        Set<String> lapsed = SinceCut.of(before, after, done).lapsed();
        return CoverSteps.of(after).stream()
                .filter(step -> lapsed.contains(step.id()))
                .filter(step -> step.milestone().stream().noneMatch(Milestone.SEWN::equals))
                .filter(step -> !SEWN_WITH_IT.contains(step.does()))
                .map(Step::id)
                .collect(Collectors.toSet());
    }

    /** Whether anything is to be sewn. */
    public boolean isToSew() {
        return !deeper.isZero();
    }

    /** The plan of the cover as it is with this done. */
    public CoverPlan done() {
        return after.plan();
    }

    /**
     * The plan for another one like it: cut to the corrected size, with the allowance that is usual, and with as much
     * more overlap as it gaped.
     */
    public CoverPlan again(Optional<Length> gape) {
        return again(after, gape);
    }

    /** The same for a cover as it is. */
    public static CoverPlan again(Reckoned made, Optional<Length> gape) {
        CoverPlan plan = made.plan();
        CoverPlan cut =
                plan.withSeam(plan.seam().withAltered(plan.seam().altered().whenCut()));
        return gape.flatMap(by -> made.back()
                        .overlap()
                        .filter(overlap -> plan.opening() instanceof Lapped)
                        .map(overlap -> cut.withOpening(((Lapped) plan.opening()).withOverlap(overlap.plus(by)))))
                .orElse(cut);
    }
}
