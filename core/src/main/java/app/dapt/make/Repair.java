package app.dapt.make;

import app.dapt.cover.Reckoned;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece;
import app.dapt.step.Effort;
import app.dapt.step.Milestone;
import app.dapt.step.Place;
import app.dapt.step.Setting;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.Step;
import app.dapt.workpiece.Move;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What it takes to put a mishap right.
 *
 * @param at       the step it happened at
 * @param unpicked how much stitching comes out again
 * @param again    the steps that are done and come again, in their order
 * @param ways     how it is put right, or what can still be made of what is there
 * @param unpicking minutes to unpick, and to press once
 */
public record Repair(
        Mishap.Kind kind, Step at, Length unpicked, List<Step> again, List<Phrase> ways, double unpicking) {

    /** Narrower than this no seam holds. */
    private static final Length NARROWEST = Length.inches(0, 3, 8);

    /** What allowances can give, in all. */
    private static final Length MOST_SMALL = Length.inches(0, 1, 4);

    private static final Length BESIDE = Length.inches(1);
    private static final Length BY_THE_PULL = Length.inches(4);
    private static final double PRESSING = 1;
    private static final double TEN_CENTIMETRES = 100;
    private static final double FRENCH = 3.5;

    public Repair {
        again = List.copyOf(again);
        ways = List.copyOf(ways);
    }

    /** All minutes that it costs: to unpick, and what is done again. */
    public double minutes() {
        return unpicking + again.stream().mapToDouble(Step::minutes).sum();
    }

    /** What can go wrong at a step. */
    public static Set<Mishap.Kind> kinds(Reckoned reckoned, Step step) {
        Set<Mishap.Kind> kinds = EnumSet.noneOf(Mishap.Kind.class);
        if (Mishap.isPuttingRight(step)) {
            return kinds;
        }
        boolean isChecking = step.does().equals(CuttingSteps.CHECK);
        if (step.effort().isCutting() || isChecking) {
            kinds.add(Mishap.Kind.CUT_SMALL);
            kinds.add(Mishap.Kind.RAN_OUT);
        }
        if (step.place() == Place.MACHINE || step.place() == Place.OVERLOCKER || step.place() == Place.HAND) {
            kinds.add(Mishap.Kind.WRONG_SIDE);
            kinds.add(Mishap.Kind.RAN_OFF);
        }
        if (step.moves().stream().filter(PaperSewing::isLaying).count() > 1) {
            kinds.add(Mishap.Kind.WRONG_ORDER);
        }
        if (step.moves().stream().anyMatch(Repair::isTurning)) {
            kinds.add(Mishap.Kind.TURNED_WRONG);
        }
        boolean closes = step.milestone().equals(Optional.of(Milestone.SEWN));
        if (closes && reckoned.back().zip().isPresent()) {
            kinds.add(Mishap.Kind.ZIP_SHUT);
        }
        return kinds;
    }

    private static boolean isTurning(Move move) {
        return move instanceof Move.TurnUnder || move instanceof Move.FoldAt || move instanceof Move.Pleat;
    }

    /**
     * What it takes.
     *
     * @param steps of the cover, each after those it needs
     * @param done  ids of those that are done
     */
    public static Repair of(Mishap.Kind kind, Reckoned reckoned, List<Step> steps, Set<String> done, Step at) {
        Set<String> resting = Mishap.restingOn(at, steps, done);
        List<Step> again =
                steps.stream().filter(step -> resting.contains(step.id())).toList();
        Costs costs = new Costs(reckoned, again);
        return switch (kind) {
            case WRONG_SIDE, TURNED_WRONG ->
                new Repair(kind, at, costs.stitched(), again, List.of(way("again")), costs.unpickingAll());
            case WRONG_ORDER -> swapped(reckoned, again, at, costs);
            case ZIP_SHUT ->
                new Repair(
                        kind,
                        at,
                        BY_THE_PULL,
                        List.of(),
                        List.of(way("open-zip", BY_THE_PULL)),
                        costs.unpicking(BY_THE_PULL, at));
            case RAN_OFF ->
                new Repair(
                        kind,
                        at,
                        Length.ZERO,
                        List.of(),
                        List.of(way("over-it", BESIDE)),
                        PRESSING + Effort.SEW.along(BESIDE.times(2)));
            case CUT_SMALL -> new Repair(kind, at, Length.ZERO, List.of(), cutSmall(reckoned, at), PRESSING);
            case RAN_OUT -> new Repair(kind, at, Length.ZERO, List.of(), ranOut(reckoned), PRESSING);
        };
    }

    private static Phrase way(String code, Object... values) {
        return Phrase.of("mishap.way." + code, values);
    }

    /** Pins are swapped; what is sewn opens at both sides over the lap, and an inch beyond. */
    private static Repair swapped(Reckoned reckoned, List<Step> again, Step at, Costs costs) {
        boolean sewn = again.stream().anyMatch(step -> step.milestone().equals(Optional.of(Milestone.SEWN)));
        Optional<Length> overlap = reckoned.back().overlap();
        if (!sewn) {
            return new Repair(Mishap.Kind.WRONG_ORDER, at, Length.ZERO, again, List.of(way("swap-pins")), PRESSING);
        }
        Length beside = overlap.map(lap -> lap.plus(BESIDE).times(2)).orElseGet(costs::stitched);
        Step seam = again.stream()
                .filter(step -> step.milestone().equals(Optional.of(Milestone.SEWN)))
                .findFirst()
                .orElse(at);
        return new Repair(
                Mishap.Kind.WRONG_ORDER,
                at,
                beside,
                List.of(at),
                List.of(way("swap-edges", beside.half())),
                costs.unpicking(beside, seam) + Effort.SEW.along(beside));
    }

    private static List<Phrase> cutSmall(Reckoned reckoned, Step at) {
        List<Phrase> ways = new ArrayList<>();
        Length give =
                Length.max(Length.ZERO, reckoned.allowance().minus(NARROWEST).times(2));
        Length most = Length.min(MOST_SMALL, give);
        if (most.isPositive()) {
            ways.add(way("narrower", most, reckoned.allowance().minus(most.half()), reckoned.allowance()));
        }
        hidden(reckoned).forEach(piece -> ways.add(way("join-under", piece.name())));
        ways.add(way("smaller-form"));
        reckoned.pieces().stream()
                .filter(piece -> at.pieces().contains(piece.id()))
                .filter(piece -> at.pieces().size() == 1)
                .forEach(piece -> ways.add(way("cut-anew", piece.name(), piece.cutWidth(), piece.cutHeight())));
        return ways;
    }

    private static List<Phrase> ranOut(Reckoned reckoned) {
        List<Phrase> ways = new ArrayList<>();
        hidden(reckoned).forEach(piece -> ways.add(way("from-another", piece.name())));
        ways.add(way("join-trim"));
        ways.add(way("smaller-form"));
        return ways;
    }

    /** Panels that another lies over. */
    private static List<Piece> hidden(Reckoned reckoned) {
        return reckoned.back().panels().stream()
                .filter(panel -> !panel.outside())
                .map(Panel::piece)
                .filter(piece -> !piece.equals(reckoned.front()))
                .distinct()
                .toList();
    }

    /** What it costs to take stitches out. */
    private record Costs(Reckoned reckoned, List<Step> again) {

        Length stitched() {
            return again.stream().map(step -> step.labour().stitched()).reduce(Length.ZERO, Length::plus);
        }

        double unpickingAll() {
            return PRESSING
                    + again.stream()
                            .mapToDouble(step -> rate(step) * tens(step.labour().stitched()))
                            .sum();
        }

        double unpicking(Length along, Step sewn) {
            return PRESSING + rate(sewn) * tens(along);
        }

        private static double tens(Length along) {
            return along.toMm() / TEN_CENTIMETRES;
        }

        /** Minutes for ten centimetres, by what was sewn. */
        private double rate(Step step) {
            boolean closes = step.milestone().equals(Optional.of(Milestone.SEWN));
            if (closes && reckoned.plan().seam().isFrench()) {
                return FRENCH;
            }
            return step.setting().map(Setting::stitch).map(Stitch::unpicking).orElse(Stitch.BY_HAND);
        }
    }
}
