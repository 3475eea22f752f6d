package app.dapt.cover;

import app.dapt.cover.Finding.Weight;
import app.dapt.fit.FitSchool;
import app.dapt.measure.Length;
import app.dapt.piece.Edge;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What can go wrong with any two panels that overlap. */
record LapConcerns(Lapped opening, CoverDimensions setting, Back back, Back.Lap lap) {

    /** Beyond this share of the depth an overlap is more than an envelope is good for (judgement). */
    private static final double STRAINED_SHARE = 0.4;

    /** An overlap short by less than this is not worth a word: the wanted one is an estimate. */
    private static final Length WORTH_SAYING = Length.mm(3);

    /** Short by less than this is worth knowing, not a warning. */
    private static final Length SLIGHT = Length.inches(0, 1, 4);
    private static final Length SLIGHT_METRIC = Length.mm(6);

    List<FindingCandidate> all() {
        return Stream.of(placed(), overlap(), hemWidth(), strained(), hardToFill()).flatMap(Optional::stream).toList();
    }

    private CoverPlan plan() {
        return setting.plan();
    }

    private CoverPlan with(Opening changed) {
        return plan().withOpening(changed);
    }

    private Length depth() {
        return setting.finished(opening.runs().other());
    }

    Length wanted() {
        return lap.asked(setting.unit());
    }

    /** The opening lies on the cover, and both panels end on it. */
    private Optional<FindingCandidate> placed() {
        boolean off = new Details(opening.details()).all().stream().anyMatch(detail -> detail instanceof Detail.MaybeMeasure centre
                && centre.name().equals("centre") && Lapped.isOff(centre.value(), depth()));
        boolean past = back.panels().stream().anyMatch(panel -> depth().under(panel.depth()));
        boolean nothing = back.panels().stream().anyMatch(panel -> !panel.depth().isPositive());
        if (!off && !past && !nothing) {
            return Optional.empty();
        }
        return Optional.of(FindingCandidate.of("opening-placed", Weight.WILL_NOT_WORK,
                        nothing ? "panel-nothing" : off ? "opening-off" : "panel-past", depth(), lap.overlap())
                .orTry(with(opening.centred()), "centre-opening")
                .orTry(with(opening.centred().withOverlap(wanted())), "overlap", wanted())
                .orTry(with(opening.centred().withOverlap(depth().half())), "overlap", depth().half()));
    }

    /** The panels overlap as far as this size and fullness want. */
    private Optional<FindingCandidate> overlap() {
        Length left = lap.overlap();
        boolean gapes = lap.gapes();
        if (!gapes && left.plus(WORTH_SAYING).atLeast(lap.wanted())) {
            return Optional.empty();
        }
        Length hems = freeEdges().map(Edge::allowance).reduce(Length.ZERO, Length::plus);
        boolean hemsAteIt = opening.isByRule() && left.plus(hems).atLeast(lap.wanted());
        String wording = hemsAteIt ? "hems-eat" : !left.isPositive() ? "overlap-none" : gapes ? "overlap-gapes" : "overlap-short";
        boolean slight = lap.wanted().minus(left).under(setting.unit().pick(SLIGHT_METRIC, SLIGHT));
        FindingCandidate concern = FindingCandidate.of(hemsAteIt ? "hems-eat-overlap" : "overlap",
                        gapes ? Weight.WILL_NOT_WORK : slight ? Weight.WORTH_KNOWING : Weight.BETTER_NOT, wording,
                        left, lap.wanted(), lap.slip(), hems, left.plus(hems), setting.fullness().percent());
        CoverPlan softer = plan().withFit(plan().fit().withSchool(FitSchool.FINISH_TO_FORM));
        if (isStrained()) {
            concern = concern.orTry(softer, "finish-to-form");
        }
        return Optional.of(concern
                .orTry(with(opening.withOverlap(wanted())), "overlap", wanted())
                .orTry(with(opening.centred().withOverlap(wanted())), "overlap", wanted())
                .orTry(softer, "finish-to-form")
                .orTry(with(opening.crosswise()), otherWay())
                .orTry(with(opening.withOverlap(wanted()).crosswise()), otherWay()));
    }

    private Stream<Edge> freeEdges() {
        return back.panels().stream().flatMap(panel -> panel.freeEdge().stream());
    }

    private String otherWay() {
        return opening.stacked() ? "run-up-down" : "run-across";
    }

    /** A hem as wide as the overlap cannot lie under the other panel, and one wider than its panel cannot be turned. */
    private Optional<FindingCandidate> hemWidth() {
        boolean wide = back.panels().stream().anyMatch(panel -> panel.freeEdge().filter(edge ->
                lap.overlap().isPositive() && edge.hemDepth().atLeast(lap.overlap())
                        || panel.depth().isPositive() && edge.hemDepth().atLeast(panel.depth())).isPresent());
        if (!wide) {
            return Optional.empty();
        }
        Length widest = freeEdges().map(Edge::hemDepth).reduce(Length.ZERO, Length::max);
        Lapped narrowed = opening.narrowlyHemmed(plan().unit());
        return Optional.of(FindingCandidate.of("hem-wide", Weight.BETTER_NOT, "hem-wide", widest, lap.overlap())
                .orTry(with(opening.withOverlap(wanted())), "overlap", wanted())
                .orTry(with(narrowed), "narrow-hems")
                .orTry(with(narrowed.centred().withOverlap(wanted())), "narrow-hems")
                .orNote(plan()));
    }

    private boolean isStrained() {
        return lap.wanted().over(depth()) > STRAINED_SHARE;
    }

    private Optional<FindingCandidate> strained() {
        return isStrained()
                ? Optional.of(FindingCandidate.of("envelope-strained", Weight.WORTH_KNOWING, "envelope-strained",
                                lap.wanted(), depth(), setting.fullness().percent())
                        .orTry(plan().withFit(plan().fit().withSchool(FitSchool.FINISH_TO_FORM)), "finish-to-form")
                        .orTry(with(opening.crosswise()), otherWay())
                        .orTry(with(OpeningKind.EDGE_ZIP.insteadOf(opening, plan().unit())), "edge-zip")
                        .orNote(plan()))
                : Optional.empty();
    }

    /** More overlap than the opening needs and than half the cover makes a tunnel of it. */
    private Optional<FindingCandidate> hardToFill() {
        Length enough = Length.max(wanted(), depth().half());
        return enough.under(lap.overlap())
                ? Optional.of(FindingCandidate.of("overlap-long", Weight.BETTER_NOT, "overlap-long", lap.overlap(), enough)
                        .orTry(with(opening.withOverlap(enough)), "overlap", enough)
                        .orTry(with(opening.centred().withOverlap(enough)), "overlap", enough)
                        .orNote(plan()))
                : Optional.empty();
    }
}
