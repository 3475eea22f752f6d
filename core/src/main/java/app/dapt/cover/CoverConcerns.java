package app.dapt.cover;

import app.dapt.cloth.Cloth;
import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.RemedyElsewhere;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.edging.SeamedEdge;
import app.dapt.cover.front.Face;
import app.dapt.cover.opening.Lapped;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.filling.Fullness.Band;
import app.dapt.fit.Fit;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.FormSize.Disagreement;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * All that can go wrong with a cover: what its kinds say of themselves, and its form, its fit, its seam and its cloth.
 */
record CoverConcerns(CoverPlan plan, CoverDimensions sizes, Back back, SeamedEdge edge, List<Piece> cut) {

    /** Sides further apart than this are not called square. */
    private static final Length SQUARE_TOLERANCE = Length.inches(0, 1, 2);

    /** What share of its width an opening has to be for a soft form, and for a firm one. */
    private static final double SOFT_GOES_IN = 0.65;

    private static final double FIRM_GOES_IN = 0.8;

    List<Concern<CoverPlan>> all() {
        List<Concern<CoverPlan>> found = new ArrayList<>();
        sizes.form().disagreeing().forEach(disagreement -> found.add(readings(disagreement)));
        Stream.of(
                        unfit(),
                        shape(),
                        straightMissing(),
                        labelled(),
                        runByLabel(),
                        vanishes(),
                        size(),
                        unevenly(),
                        roundForm(),
                        seamNarrow(),
                        heatSealed(),
                        tooShortToFill(),
                        smallParts())
                .flatMap(Optional::stream)
                .forEach(found::add);
        lifted(plan.shape().concerns(sizes, back), plan::withShape).forEach(found::add);
        faceConcerns().forEach(found::add);
        for (Material material : Material.values()) {
            clothNarrow(material).ifPresent(found::add);
        }
        lifted(plan.edging().concerns(edge, sizes, back), plan::withEdging).forEach(found::add);
        lifted(plan.opening().concerns(sizes, back), plan::withOpening).forEach(found::add);
        return found;
    }

    /** Not every opening goes with every shape. */
    private Optional<Concern<CoverPlan>> unfit() {
        Opening opening = plan.opening();
        Optional<Phrase> reason = opening.unfitFor(plan.shape());
        if (reason.isEmpty()) {
            return Optional.empty();
        }
        Concern<CoverPlan> concern = Concern.<CoverPlan>of(
                        "opening-unfit", Weight.WILL_NOT_WORK, "opening-unfit", reason.get())
                .asUnfit()
                .orTry(() -> plan.withOpening(opening.turned()), "turn-opening");
        if (opening.turned() instanceof Lapped turned) {
            Length wanted = Back.Lap.of(Length.ZERO, turned.runs(), sizes).wanted();
            concern = concern.orTry(() -> plan.withOpening(turned.withOverlap(wanted)), "turn-opening");
        }
        for (Kind<Opening> kind : List.of(OpeningKind.ENVELOPE, OpeningKind.EDGE_ZIP, OpeningKind.SEWN_SHUT)) {
            Opening usual = kind.usual(plan.unit());
            concern = concern.orTry(() -> plan.withOpening(kind.insteadOf(opening, plan.unit())), kind.code())
                    .orTry(() -> plan.withOpening(usual), kind.code())
                    .orTry(() -> plan.withOpening(usual.turned()), kind.code());
        }
        return Optional.of(concern);
    }

    private Stream<Concern<CoverPlan>> faceConcerns() {
        boolean swallowed = plan.opening().takesInFront() && !plan.face().isPlain();
        List<Concern<Face>> ofFace = swallowed
                ? List.of(Face.unfit(Phrase.of("unfit.front-in-strip"), sizes))
                : plan.face().concerns(sizes);
        return Stream.concat(
                lifted(ofFace, plan::withFace), lifted(plan.extras().concerns(sizes), plan::withExtras));
    }

    private <D> Stream<Concern<CoverPlan>> lifted(List<Concern<D>> own, Function<D, CoverPlan> change) {
        return own.stream().map(each -> each.lifted(change, elsewhere -> elsewhere(elsewhere)));
    }

    /** This plan with another decision changed than the one a finding is about. */
    private CoverPlan elsewhere(RemedyElsewhere remedy) {
        Opening envelope = OpeningKind.ENVELOPE.usual(plan.unit());
        return switch (remedy) {
            case FIT_TO_FORM -> fitted(FitSchool.FINISH_TO_FORM);
            case SEAM_OVERLOCKED -> plan.withSeam(plan.seam().withFinish(SeamFinish.OVERLOCKED));
            case ENVELOPE -> plan.withOpening(OpeningKind.ENVELOPE.insteadOf(plan.opening(), plan.unit()));
            case ENVELOPE_USUAL -> plan.withOpening(envelope);
            case ENVELOPE_UP_DOWN -> plan.withOpening(envelope.turned());
            case BACK_ZIP -> plan.withOpening(OpeningKind.BACK_ZIP.insteadOf(plan.opening(), plan.unit()));
        };
    }

    private Concern<CoverPlan> readings(Disagreement disagreement) {
        Reading doubted = disagreement.doubted();
        boolean across = disagreement.axis() == Axis.ACROSS;
        String way = across ? "across" : "up-down";
        Form form = plan.form();
        Form without = across
                ? form.withAcross(form.across().with(doubted, Optional.empty()))
                : form.withUpDown(form.upDown().with(doubted, Optional.empty()));
        return Concern.<CoverPlan>of(
                        "readings-" + way + "-" + Phrase.code(doubted),
                        doubted == Reading.LABEL ? Weight.WORTH_KNOWING : Weight.BETTER_NOT,
                        doubted == Reading.LABEL ? "label" : "readings",
                        Phrase.of("axis." + way),
                        disagreement.trustedLength(),
                        Phrase.choice("reading", disagreement.trusted()),
                        disagreement.doubtedLength(),
                        disagreement.by())
                .orTry(() -> plan.withForm(without), "leave-out-" + Phrase.code(doubted), disagreement.doubtedLength());
    }

    private Optional<Concern<CoverPlan>> shape() {
        Length across = sizes.form().across().flat();
        Length upDown = sizes.form().upDown().flat();
        boolean oneSize = plan.shape().isSameBothWays() || plan.shape().leavesCorners(plan.form());
        if (!oneSize && sizes.form().upDown().borrowed()) {
            return Optional.of(Concern.<CoverPlan>of("one-way", Weight.BETTER_NOT, "one-way", across)
                    .orTry(() -> plan.withShape(ShapeKind.SQUARE.insteadOf(plan.shape(), plan.unit())), "call-square"));
        }
        boolean apart = SQUARE_TOLERANCE.under(across.minus(upDown).abs());
        if (!plan.shape().isSameBothWays() || !apart) {
            return Optional.empty();
        }
        boolean round = !plan.shape().isRectangular();
        return Optional.of(Concern.<CoverPlan>of(
                        "not-square", Weight.WORTH_KNOWING, round ? "not-round" : "not-square", across, upDown)
                .orTry(() -> plan.withShape(ShapeKind.OBLONG.insteadOf(plan.shape(), plan.unit())), "call-oblong")
                .orNote());
    }

    private CoverPlan fitted(FitSchool school) {
        return plan.withFit(plan.fit().withSchool(school));
    }

    private Optional<Concern<CoverPlan>> straightMissing() {
        boolean label = Stream.of(Axis.values()).anyMatch(axis -> plan.fit().school(axis) == FitSchool.LABEL);
        return plan.fit().measuredFor(plan.form())
                ? Optional.empty()
                : Optional.of(Concern.<CoverPlan>of(
                                "straight-missing",
                                Weight.BETTER_NOT,
                                label ? "label-missing" : "straight-missing",
                                sizes.finished(Axis.ACROSS),
                                sizes.finished(Axis.UP_DOWN))
                        .orTry(() -> fitted(FitSchool.FINISH_TO_FORM), "finish-to-form")
                        .orTry(() -> fitted(FitSchool.CUT_TO_FORM), "cut-to-form"));
    }

    /** A label that names a cover of another size than this one comes to. */
    private Optional<Concern<CoverPlan>> labelled() {
        Fit byLabel = plan.fit().withSchool(FitSchool.LABEL);
        boolean altered = !plan.seam().altered().isNone();
        if (altered || plan.form().labelMeans() != LabelMeans.COVER || !byLabel.measuredFor(plan.form())) {
            return Optional.empty();
        }
        Length allowance = sizes.allowance();
        Length across = byLabel.finished(Axis.ACROSS, plan.form(), sizes.form(), allowance)
                .total();
        Length upDown = byLabel.finished(Axis.UP_DOWN, plan.form(), sizes.form(), allowance)
                .total();
        boolean same = across.minus(sizes.finished(Axis.ACROSS)).abs().under(SQUARE_TOLERANCE)
                && upDown.minus(sizes.finished(Axis.UP_DOWN)).abs().under(SQUARE_TOLERANCE);
        return same
                ? Optional.empty()
                : Optional.of(Concern.<CoverPlan>of(
                                "label-cover",
                                Weight.WORTH_KNOWING,
                                "label-cover",
                                across,
                                upDown,
                                sizes.finished(Axis.ACROSS),
                                sizes.finished(Axis.UP_DOWN))
                        .orTry(() -> plan.withFit(byLabel), "label-cover")
                        .orNote());
    }

    /** Forms that lie side by side squash together: what is printed on them tells nothing of how wide they are so. */
    private Optional<Concern<CoverPlan>> runByLabel() {
        return plan.shape().forms() > 1 && plan.form().across().trusted() == Reading.LABEL
                ? Optional.of(Concern.<CoverPlan>of(
                                "run-label",
                                Weight.BETTER_NOT,
                                "run-label",
                                plan.shape().forms(),
                                sizes.form().across().flat())
                        .orNote())
                : Optional.empty();
    }

    private Optional<Concern<CoverPlan>> vanishes() {
        boolean kept = Stream.of(Axis.values()).filter(sizes::isMeasured).anyMatch(axis -> plan.fit()
                .vanishes(axis, plan.form(), sizes.form(), sizes.innerAllowance()));
        return kept
                ? Optional.of(Concern.<CoverPlan>of("fit-vanishes", Weight.WILL_NOT_WORK, "fit-vanishes", Fit.SMALLEST)
                        .orTry(() -> fitted(FitSchool.FINISH_TO_FORM), "finish-to-form"))
                : Optional.empty();
    }

    private Optional<Concern<CoverPlan>> size() {
        Band band = sizes.fullness().band();
        int percent = sizes.fullness().percent();
        if (band == Band.SEAMS_AT_RISK) {
            return Optional.of(Concern.<CoverPlan>of("size", Weight.WILL_NOT_WORK, "too-small", percent)
                    .orTry(() -> fitted(FitSchool.CUT_TO_FORM), "cut-to-form")
                    .orTry(() -> fitted(FitSchool.FINISH_TO_FORM), "finish-to-form"));
        }
        if (band != Band.SAGGY) {
            return Optional.empty();
        }
        Length more = plan.fit().down().plus(sizes.unit().pick(Length.cm(5), Length.inches(2)));
        return Optional.of(Concern.<CoverPlan>of("size", Weight.BETTER_NOT, "too-large", percent)
                .orTry(() -> fitted(FitSchool.CUT_TO_FORM), "cut-to-form")
                .orTry(() -> fitted(FitSchool.FINISH_TO_FORM), "finish-to-form")
                .orTry(
                        () -> fitted(FitSchool.SIZE_DOWN),
                        "size-down",
                        plan.fit().down())
                .orTry(
                        () -> plan.withFit(
                                new Fit(FitSchool.SIZE_DOWN, more, plan.fit().ownEase())),
                        "size-down",
                        more)
                .orNote());
    }

    /** A form that is narrower one way than it is the other, against its cover, leaves the cover empty there. */
    private Optional<Concern<CoverPlan>> unevenly() {
        if (!plan.shape().isRectangular() || plan.shape().forms() > 1 || !sizes.isUneven()) {
            return Optional.empty();
        }
        Axis loose = sizes.room(Axis.ACROSS) > sizes.room(Axis.UP_DOWN) ? Axis.ACROSS : Axis.UP_DOWN;
        Length empty = sizes.ease(loose);
        return !empty.isPositive()
                ? Optional.empty()
                : Optional.of(Concern.<CoverPlan>of(
                                "proportions",
                                Weight.BETTER_NOT,
                                loose == Axis.ACROSS ? "empty-sides" : "empty-ends",
                                empty.half(),
                                sizes.form().across().flat(),
                                sizes.form().upDown().flat())
                        .orTry(() -> fitted(FitSchool.FINISH_TO_FORM), "finish-to-form")
                        .orTry(() -> fitted(FitSchool.CUT_TO_FORM), "cut-to-form")
                        .orNote());
    }

    /** A round form does not reach into corners. */
    private Optional<Concern<CoverPlan>> roundForm() {
        if (!plan.shape().leavesCorners(plan.form())) {
            return Optional.empty();
        }
        double corner = Math.hypot(
                sizes.withinFlange(Axis.ACROSS).toInches(),
                sizes.withinFlange(Axis.UP_DOWN).toInches());
        Length form = sizes.form().casing().shortSide();
        Length empty = Length.nearInches((corner - form.toInches()) / 2);
        Shape round = ShapeKind.ROUND.usual(plan.unit());
        return Optional.of(Concern.<CoverPlan>of("round-form", Weight.BETTER_NOT, "round-form", empty, form)
                .orTry(() -> plan.withShape(round).withOpening(plan.opening().suitedTo(round)), "round-cover")
                .orNote());
    }

    private Optional<Concern<CoverPlan>> seamNarrow() {
        Length least = Seam.least(plan.unit());
        Length usual = Seam.usual(plan.unit());
        return sizes.allowance().under(least)
                ? Optional.of(
                        Concern.<CoverPlan>of("seam-narrow", Weight.BETTER_NOT, "seam-narrow", sizes.allowance(), least)
                                .orTry(() -> plan.withSeam(plan.seam().withChosen(usual)), "seam", usual)
                                .orNote())
                : Optional.empty();
    }

    /**
     * An opening of 0.65 of a soft form's width lets it in, of 0.8 of a firm one's; of the short side, which goes first
     * (judgement).
     */
    private Optional<Concern<CoverPlan>> tooShortToFill() {
        double firmness = Math.max(
                0,
                Math.min(
                        1,
                        (sizes.form().fill() - Filling.FEATHER.usualFill())
                                / (Filling.FIRM.usualFill() - Filling.FEATHER.usualFill())));
        Length folded = Length.nearInches(sizes.form().casing().shortSide().toInches()
                * (SOFT_GOES_IN + firmness * (FIRM_GOES_IN - SOFT_GOES_IN)));
        Opening opening = plan.opening();
        if (!back.length().under(folded)) {
            return Optional.empty();
        }
        Concern<CoverPlan> concern = Concern.<CoverPlan>of(
                "opening-short",
                Weight.BETTER_NOT,
                back.zip().isPresent() ? "zip-short" : "opening-short",
                back.length(),
                folded);
        Optional<Opening> roomier = opening.longerBy(folded.minus(back.length()), plan.unit());
        if (roomier.isPresent()) {
            concern = concern.orTry(() -> plan.withOpening(roomier.get()), "shorter-returns");
        }
        if (opening.longer().isPresent()) {
            concern = concern.orTry(() -> plan.withOpening(opening.longer().get()), "zip-chain");
        }
        return Optional.of(concern.orTry(
                        () -> plan.withOpening(opening.turned()),
                        opening.runs() == Axis.ACROSS ? "run-up-down" : "run-across")
                .orTry(() -> fitted(FitSchool.FINISH_TO_FORM), "finish-to-form")
                .orNote());
    }

    /** A hot knife melts synthetic cloth; any other it burns. */
    private Optional<Concern<CoverPlan>> heatSealed() {
        if (plan.seam().finish() != SeamFinish.HEAT_SEALED) {
            return Optional.empty();
        }
        Optional<Cloth> natural = cut.stream()
                .map(piece -> plan.cloths().of(piece.material()))
                .filter(cloth -> !cloth.synthetic())
                .findFirst();
        CoverPlan overlocked = plan.withSeam(plan.seam().withFinish(SeamFinish.OVERLOCKED));
        return Optional.of(natural.map(cloth -> Concern.<CoverPlan>of(
                                "heat-natural", Weight.WILL_NOT_WORK, "heat-natural", cloth.name())
                        .orTry(() -> overlocked, "overlock"))
                .orElseGet(() -> Concern.<CoverPlan>of("heat-sealed", Weight.WORTH_KNOWING, "heat-sealed")
                        .orNote()));
    }

    /** Buttons and ties are not for small children. */
    private Optional<Concern<CoverPlan>> smallParts() {
        boolean any = !back.spots().isEmpty()
                || plan.face().hasSmallParts()
                || plan.edging().hasSmallParts();
        return any
                ? Optional.of(Concern.<CoverPlan>of("small-parts", Weight.WORTH_KNOWING, "small-parts")
                        .orNote())
                : Optional.empty();
    }

    private Optional<Concern<CoverPlan>> clothNarrow(Material material) {
        Cloth cloth = plan.cloths().of(material);
        Optional<Piece> widest = cut.stream()
                .filter(piece -> piece.material() == material)
                .max((a, b) -> cloth.leastAcross(a).compareTo(cloth.leastAcross(b)));
        return widest.filter(piece -> cloth.usableWidth().under(cloth.leastAcross(piece)))
                .map(piece -> {
                    Length needed = cloth.leastAcross(piece);
                    Concern<CoverPlan> concern = Concern.<CoverPlan>of(
                            "cloth-narrow-" + Phrase.code(material),
                            Weight.WILL_NOT_WORK,
                            "cloth-narrow",
                            piece.name(),
                            needed,
                            cloth.name(),
                            cloth.usableWidth());
                    return Cloth.soldFor(needed, sizes.unit())
                            .map(width -> concern.orTry(
                                    () -> plan.withCloths(
                                            plan.cloths().changing(cloth.id(), each -> each.withWidth(width))),
                                    "cloth-width",
                                    width))
                            .orElse(concern)
                            .orTry(() -> plan.withJoining(JoiningKind.SIDES.usual(plan.unit())), "join-sides")
                            .orTry(() -> plan.withJoining(JoiningKind.MIDDLE.usual(plan.unit())), "join-middle")
                            .orNote("will-join");
                });
    }
}
