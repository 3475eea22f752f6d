package app.dapt.cover.opening;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.RemedyElsewhere;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.measure.Length;
import app.dapt.piece.Edge;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What can go wrong with any two panels that overlap. */
record LapConcerns(Lapped opening, CoverDimensions sizes, Back back, Back.Lap lap) {

    /** Beyond this share of the depth an overlap is more than an envelope is good for (judgement). */
    private static final double STRAINED_SHARE = 0.4;

    /** Short by less than this is worth knowing, not a warning. */
    private static final Length SLIGHT = Length.inches(0, 1, 4);

    private static final Length SLIGHT_METRIC = Length.mm(6);

    List<Concern<Opening>> all() {
        return Stream.of(placed(), overlap(), hemWidth(), strained(), hardToFill())
                .flatMap(Optional::stream)
                .toList();
    }

    private Length depth() {
        return sizes.finished(opening.runs().other());
    }

    Length wanted() {
        return lap.wanted();
    }

    /** The opening lies on the cover, and both panels end on it. */
    private Optional<Concern<Opening>> placed() {
        boolean off = Lapped.isOff(opening.get(PanelDepths.CENTRE), depth());
        boolean past = back.panels().stream().anyMatch(panel -> depth().under(panel.depth()));
        boolean nothing =
                back.panels().stream().anyMatch(panel -> !panel.depth().isPositive());
        if (!off && !past && !nothing) {
            return Optional.empty();
        }
        return Optional.of(Concern.<Opening>of(
                        "opening-placed",
                        Weight.WILL_NOT_WORK,
                        nothing ? "panel-nothing" : off ? "opening-off" : "panel-past",
                        depth(),
                        lap.overlap())
                .orTry(() -> opening.centred(), "centre-opening")
                .orTry(() -> opening.centred().withOverlap(wanted()), "overlap", wanted())
                .orTry(() -> opening.centred().withOverlap(depth().half()), "overlap", depth().half()));
    }

    /** The panels overlap as far as this size and fullness want. */
    private Optional<Concern<Opening>> overlap() {
        Length left = lap.overlap();
        boolean gapes = lap.gapes();
        if (!gapes && lap.isEnough()) {
            return Optional.empty();
        }
        Length hems = freeEdges().map(Edge::allowance).reduce(Length.ZERO, Length::plus);
        boolean hemsAteIt = opening.isByRule() && left.plus(hems).atLeast(lap.wanted());
        String wording = hemsAteIt
                ? "hems-eat"
                : left.isNegative()
                        ? "overlap-apart"
                        : left.isZero() ? "overlap-none" : gapes ? "overlap-gapes" : "overlap-short";
        boolean slight = lap.estimated().minus(left).under(sizes.unit().pick(SLIGHT_METRIC, SLIGHT));
        Concern<Opening> concern = Concern.<Opening>of(
                hemsAteIt ? "hems-eat-overlap" : "overlap",
                gapes ? Weight.WILL_NOT_WORK : slight ? Weight.WORTH_KNOWING : Weight.BETTER_NOT,
                wording,
                hemsAteIt ? left : left.abs(),
                wanted(),
                lap.slip(),
                hems,
                left.plus(hems),
                sizes.fullness().percent(),
                lap.gape());
        if (isStrained()) {
            concern = concern.orTry(RemedyElsewhere.FIT_TO_FORM, "finish-to-form");
        }
        return Optional.of(concern.orTry(() -> opening.withOverlap(wanted()), "overlap", wanted())
                .orTry(() -> opening.centred().withOverlap(wanted()), "overlap", wanted())
                .orTry(RemedyElsewhere.FIT_TO_FORM, "finish-to-form")
                .orTry(() -> opening.crosswise(), otherWay())
                .orTry(() -> opening.withOverlap(wanted()).crosswise(), otherWay()));
    }

    private Stream<Edge> freeEdges() {
        return back.panels().stream().flatMap(panel -> panel.freeEdge().stream());
    }

    private String otherWay() {
        return opening.frame().isStacked() ? "run-up-down" : "run-across";
    }

    /** A hem as wide as the overlap cannot lie under the other panel, and one wider than its panel cannot be turned. */
    private Optional<Concern<Opening>> hemWidth() {
        boolean wide = back.panels().stream().anyMatch(panel -> panel.freeEdge()
                .filter(edge -> lap.overlap().isPositive() && edge.hemDepth().atLeast(lap.overlap())
                        || panel.depth().isPositive() && edge.hemDepth().atLeast(panel.depth()))
                .isPresent());
        if (!wide) {
            return Optional.empty();
        }
        Length widest = freeEdges().map(Edge::hemDepth).reduce(Length.ZERO, Length::max);
        Lapped narrowed = opening.narrowlyHemmed(sizes.ownUnit());
        return Optional.of(Concern.<Opening>of("hem-wide", Weight.BETTER_NOT, "hem-wide", widest, lap.overlap())
                .orTry(() -> opening.withOverlap(wanted()), "overlap", wanted())
                .orTry(() -> narrowed, "narrow-hems")
                .orTry(() -> narrowed.centred().withOverlap(wanted()), "narrow-hems")
                .orNote());
    }

    private boolean isStrained() {
        return lap.estimated().over(depth()) > STRAINED_SHARE;
    }

    private Optional<Concern<Opening>> strained() {
        return isStrained()
                ? Optional.of(Concern.<Opening>of(
                                "envelope-strained",
                                Weight.WORTH_KNOWING,
                                "envelope-strained",
                                lap.wanted(),
                                depth(),
                                sizes.fullness().percent())
                        .orTry(RemedyElsewhere.FIT_TO_FORM, "finish-to-form")
                        .orTry(() -> opening.crosswise(), otherWay())
                        .orTry(() -> OpeningKind.EDGE_ZIP.insteadOf(opening, sizes.ownUnit()), "edge-zip")
                        .orNote())
                : Optional.empty();
    }

    /** More overlap than the opening needs and than half the cover makes a tunnel of it. */
    private Optional<Concern<Opening>> hardToFill() {
        Length enough = Length.max(wanted(), depth().half());
        return enough.under(lap.overlap())
                ? Optional.of(
                        Concern.<Opening>of("overlap-long", Weight.BETTER_NOT, "overlap-long", lap.overlap(), enough)
                                .orTry(() -> opening.withOverlap(enough), "overlap", enough)
                                .orTry(() -> opening.centred().withOverlap(enough), "overlap", enough)
                                .orNote())
                : Optional.empty();
    }
}
