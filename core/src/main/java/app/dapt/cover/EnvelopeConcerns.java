package app.dapt.cover;

import app.dapt.cover.EnvelopeOpening.ByRule;
import app.dapt.cover.EnvelopeOpening.PanelChoice;
import app.dapt.cover.Finding.Weight;
import app.dapt.fit.FitSchool;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece.Material;
import app.dapt.stuffed.Pillow;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What can go wrong with an envelope. */
record EnvelopeConcerns(EnvelopeOpening opening, Setting setting, Back back) {

    /** Beyond this share of the depth an overlap is more than an envelope is good for (judgement). */
    private static final double STRAINED_SHARE = 0.4;

    /** An overlap short by less than this is not worth a word: the wanted one is an estimate. */
    private static final Length WORTH_SAYING = Length.mm(3);

    List<Concern> all() {
        return Stream.of(placed(), overlap(), hemWidth(), strained(), hardToFill(), tooShortToFill(), blank(),
                        upsideDown(opening.first(), true), upsideDown(opening.second(), false), sideways(), hemEdges())
                .flatMap(Optional::stream).toList();
    }

    private CoverPlan plan() {
        return setting.plan();
    }

    private CoverPlan with(EnvelopeOpening changed) {
        return plan().withOpening(changed);
    }

    private Length depth() {
        return setting.finished(opening.runs().other());
    }

    /** The overlap wanted, on the next half inch or centimetre that one would ask for. */
    private Length wanted() {
        long step = setting.unit().pick(Length.cm(1), Length.inches(0, 1, 2)).grains();
        return new Length(-Math.floorDiv(-back.wanted().grains(), step) * step);
    }

    private EnvelopeOpening centred() {
        return opening.withCentre(Optional.empty());
    }

    /** The opening lies on the cover, and both panels end on it. */
    private Optional<Concern> placed() {
        boolean off = opening.centre().filter(c -> c.isNegative() || depth().under(c)).isPresent();
        boolean past = back.panels().stream().anyMatch(panel -> depth().under(panel.depth()));
        boolean nothing = back.panels().stream().anyMatch(panel -> !panel.depth().isPositive());
        if (!off && !past && !nothing) {
            return Optional.empty();
        }
        return Optional.of(Concern.of("opening-placed", Weight.WILL_NOT_WORK,
                        nothing ? "panel-nothing" : off ? "opening-off" : "panel-past", depth(), back.overlap())
                .orTry(with(centred()), "centre-opening")
                .orTry(with(centred().withOverlap(wanted())), "overlap", wanted())
                .orTry(with(centred().withOverlap(depth().half())), "overlap", depth().half()));
    }

    /** The panels overlap as far as this size and fullness want. */
    private Optional<Concern> overlap() {
        Length left = back.overlap();
        boolean gapes = back.gapes();
        if (!gapes && left.plus(WORTH_SAYING).atLeast(back.wanted())) {
            return Optional.empty();
        }
        Length hems = back.panels().stream().map(panel -> panel.freeEdge().eats()).reduce(Length.ZERO, Length::plus);
        boolean hemsAteIt = opening.depth() instanceof ByRule && left.plus(hems).atLeast(back.wanted());
        String wording = hemsAteIt ? "hems-eat" : !left.isPositive() ? "overlap-none" : gapes ? "overlap-gapes" : "overlap-short";
        Concern concern = Concern.of(hemsAteIt ? "hems-eat-overlap" : "overlap",
                        gapes ? Weight.WILL_NOT_WORK : Weight.BETTER_NOT, wording,
                        left, back.wanted(), back.slip(), hems, left.plus(hems), setting.fullness().percent());
        CoverPlan softer = plan().withFit(plan().fit().withSchool(FitSchool.FINISH_TO_FORM));
        if (isStrained()) {
            concern = concern.orTry(softer, "finish-to-form");
        }
        return Optional.of(concern
                .orTry(with(opening.withOverlap(wanted())), "overlap", wanted())
                .orTry(with(centred().withOverlap(wanted())), "overlap", wanted())
                .orTry(softer, "finish-to-form")
                .orTry(with(centred().withRuns(opening.runs().other())), otherWay())
                .orTry(with(centred().withOverlap(wanted()).withRuns(opening.runs().other())), otherWay()));
    }

    private String otherWay() {
        return opening.stacked() ? "run-up-down" : "run-across";
    }

    /** A hem as wide as the overlap cannot lie under the other panel, and one wider than its panel cannot be turned. */
    private Optional<Concern> hemWidth() {
        boolean wide = back.panels().stream().anyMatch(panel ->
                back.overlap().isPositive() && hemShown(panel.freeEdge()).atLeast(back.overlap())
                        || panel.depth().isPositive() && hemShown(panel.freeEdge()).atLeast(panel.depth()));
        if (!wide) {
            return Optional.empty();
        }
        Length widest = back.panels().stream().map(panel -> hemShown(panel.freeEdge())).reduce(Length.ZERO, Length::max);
        Hem narrow = Hem.Usual.NARROW.hem(plan().unit());
        EnvelopeOpening narrowed = opening.withPanels(opening.first().withHem(narrow), opening.second().withHem(narrow));
        return Optional.of(Concern.of("hem-wide", Weight.BETTER_NOT, "hem-wide", widest, back.overlap())
                .orTry(with(opening.withOverlap(wanted())), "overlap", wanted())
                .orTry(with(narrowed), "narrow-hems")
                .orTry(with(narrowed.withCentre(Optional.empty()).withOverlap(wanted())), "narrow-hems")
                .orNote(plan()));
    }

    private static Length hemShown(Edge edge) {
        return edge.fate() == Edge.Fate.LINED ? Length.ZERO : edge.depth();
    }

    private boolean isStrained() {
        return back.wanted().over(depth()) > STRAINED_SHARE;
    }

    private Optional<Concern> strained() {
        return isStrained()
                ? Optional.of(Concern.of("envelope-strained", Weight.WORTH_KNOWING, "envelope-strained",
                                back.wanted(), depth(), setting.fullness().percent())
                        .orTry(plan().withFit(plan().fit().withSchool(FitSchool.FINISH_TO_FORM)), "finish-to-form")
                        .orTry(with(centred().withRuns(opening.runs().other())), otherWay())
                        .orNote(plan()))
                : Optional.empty();
    }

    /** More overlap than the opening needs and than half the cover makes a tunnel of it. */
    private Optional<Concern> hardToFill() {
        Length enough = Length.max(wanted(), depth().half());
        return enough.under(back.overlap())
                ? Optional.of(Concern.of("overlap-long", Weight.BETTER_NOT, "overlap-long", back.overlap(), enough)
                        .orTry(with(opening.withOverlap(enough)), "overlap", enough)
                        .orTry(with(centred().withOverlap(enough)), "overlap", enough)
                        .orNote(plan()))
                : Optional.empty();
    }

    /** The form goes in folded in half, squeezed to half its loft: half its short side and its loft must pass (judgement). */
    private Optional<Concern> tooShortToFill() {
        Pillow form = setting.form().pillow();
        Length folded = Length.min(form.width(), form.height()).half().plus(form.loft(setting.form().fill()));
        return back.length().under(folded)
                ? Optional.of(Concern.of("opening-short", Weight.BETTER_NOT, "opening-short", back.length(), folded)
                        .orTry(with(centred().withRuns(opening.runs().other())), otherWay())
                        .orTry(plan().withFit(plan().fit().withSchool(FitSchool.FINISH_TO_FORM)), "finish-to-form")
                        .orNote(plan()))
                : Optional.empty();
    }

    private Optional<Concern> blank() {
        Length along = setting.cut(opening.runs()).total();
        boolean narrow = opening.depth() instanceof ByRule byRule && byRule.rule() == RuleOfThumb.BLANK_HALVED
                && RuleOfThumb.BLANK_WIDTH.under(along);
        return narrow
                ? Optional.of(Concern.of("blank-narrow", Weight.WILL_NOT_WORK, "blank-narrow", RuleOfThumb.BLANK_WIDTH, along)
                        .orTry(with(centred().withOverlap(wanted())), "overlap", wanted()))
                : Optional.empty();
    }

    private boolean backHasUp() {
        return plan().cloths().of(Material.BACK).hasUp();
    }

    private Optional<Concern> upsideDown(PanelChoice choice, boolean isFirst) {
        if (!choice.turned() || !backHasUp()) {
            return Optional.empty();
        }
        EnvelopeOpening upright = isFirst ? opening.withPanels(choice.upright(), opening.second())
                : opening.withPanels(opening.first(), choice.upright());
        return Optional.of(Concern.of("upside-down-" + (isFirst ? "first" : "second"), Weight.BETTER_NOT, "upside-down",
                        opening.panelName(isFirst), plan().cloths().back().name())
                .orTry(with(upright), "upright", opening.panelName(isFirst))
                .orNote(plan()));
    }

    /** A selvage runs along the cloth, so a panel whose crosswise edge is one has its print lying on its side. */
    private Optional<Concern> sideways() {
        boolean selvage = Stream.of(opening.first(), opening.second())
                .anyMatch(choice -> choice.hem().kind() == Hem.Kind.SELVAGE);
        boolean shows = !plan().cloths().of(Material.BACK).turns();
        if (!selvage || !shows || !opening.stacked()) {
            return Optional.empty();
        }
        Unit unit = plan().unit();
        return Optional.of(Concern.of("sideways", Weight.BETTER_NOT, "sideways", plan().cloths().back().name())
                .orTry(with(opening.withPanels(hemmed(opening.first(), unit), hemmed(opening.second(), unit))), "hem-instead")
                .orNote(plan()));
    }

    private static PanelChoice hemmed(PanelChoice choice, Unit unit) {
        return choice.hem().kind() == Hem.Kind.SELVAGE ? choice.withHem(Hem.Usual.ORDINARY.hem(unit)) : choice;
    }

    /** With a print that has an up, hemming the wrong edge spoils the panel. */
    private Optional<Concern> hemEdges() {
        return backHasUp()
                ? Optional.of(Concern.of("hem-edges", Weight.WORTH_KNOWING,
                                opening.stacked() ? "hem-edges" : "hem-edges-upright", plan().cloths().back().name())
                        .orNote(plan()))
                : Optional.empty();
    }
}
