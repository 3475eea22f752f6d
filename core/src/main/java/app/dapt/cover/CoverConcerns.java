package app.dapt.cover;

import app.dapt.cloth.Cloth;
import app.dapt.cover.Finding.Weight;
import app.dapt.fit.Fit;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.form.FormSize.Disagreement;
import app.dapt.form.Reading;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Piece;
import app.dapt.stuffed.Casing;
import app.dapt.stuffed.Fullness.Band;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What can go wrong with a cover however it opens: its form, its fit, its seam and its cloth. */
record CoverConcerns(Setting setting, Back back, List<Piece> cut) {

    /** Sides further apart than this are not called square. */
    private static final Length SQUARE_TOLERANCE = Length.inches(0, 1, 2);

    List<Concern> all() {
        List<Concern> found = new ArrayList<>();
        setting.form().disagreeing().forEach(disagreement -> found.add(readings(disagreement)));
        Stream.of(unfit(), shape(), straightMissing(), vanishes(), size(), seamNarrow(), tooShortToFill(), smallParts())
                .flatMap(Optional::stream).forEach(found::add);
        found.addAll(plan().shape().concerns(setting, back));
        found.addAll(faceConcerns());
        for (Material material : Material.values()) {
            clothNarrow(material).ifPresent(found::add);
        }
        return found;
    }

    private CoverPlan plan() {
        return setting.plan();
    }

    /** Not every opening goes with every shape. */
    private Optional<Concern> unfit() {
        Opening opening = plan().opening();
        Optional<Phrase> reason = opening.unfitFor(plan().shape());
        if (reason.isEmpty()) {
            return Optional.empty();
        }
        Concern concern = Concern.of("opening-unfit", Weight.WILL_NOT_WORK, "opening-unfit", reason.get())
                .orTry(plan().withOpening(opening.turned()), "turn-opening");
        for (OpeningKind kind : List.of(OpeningKind.ENVELOPE, OpeningKind.EDGE_ZIP, OpeningKind.SEWN_SHUT)) {
            Opening usual = kind.usual(plan().unit());
            concern = concern.orTry(plan().withOpening(kind.insteadOf(opening, plan().unit())), Phrase.code(kind))
                    .orTry(plan().withOpening(usual), Phrase.code(kind))
                    .orTry(plan().withOpening(usual.turned()), Phrase.code(kind));
        }
        return Optional.of(concern);
    }

    private List<Concern> faceConcerns() {
        boolean swallowed = plan().opening().takesInFront() && plan().face().kind() != FaceKind.PLAIN;
        List<Concern> found = new ArrayList<>(swallowed ? List.of(Face.unfit(plan(), Phrase.of("unfit.front-in-strip"))) : plan().face().concerns(setting));
        found.addAll(plan().extras().concerns(setting));
        return found;
    }

    private Concern readings(Disagreement quarrel) {
        Reading doubted = quarrel.doubted();
        boolean across = quarrel.axis() == Axis.ACROSS;
        String way = across ? "across" : "up-down";
        Form form = plan().form();
        Form without = across
                ? form.withAcross(form.across().with(doubted, Optional.empty()))
                : form.withUpDown(form.upDown().with(doubted, Optional.empty()));
        return Concern.of("readings-" + way + "-" + Phrase.code(doubted),
                        doubted == Reading.LABEL ? Weight.WORTH_KNOWING : Weight.BETTER_NOT,
                        doubted == Reading.LABEL ? "label" : "readings", Phrase.of("axis." + way),
                        quarrel.trustedLength(), Phrase.choice("reading", quarrel.trusted()),
                        quarrel.doubtedLength(), quarrel.by())
                .orTry(plan().withForm(without), "leave-out-" + Phrase.code(doubted), quarrel.doubtedLength());
    }

    private Optional<Concern> shape() {
        Length across = setting.form().across().flat();
        Length upDown = setting.form().upDown().flat();
        if (!plan().shape().isSameBothWays() && setting.form().upDown().borrowed()) {
            return Optional.of(Concern.of("one-way", Weight.BETTER_NOT, "one-way", across)
                    .orTry(plan().withShape(ShapeKind.SQUARE.insteadOf(plan().shape(), plan().unit())), "call-square"));
        }
        boolean apart = SQUARE_TOLERANCE.under(across.minus(upDown).abs());
        if (!plan().shape().isSameBothWays() || !apart) {
            return Optional.empty();
        }
        boolean round = plan().shape().kind() == ShapeKind.ROUND;
        return Optional.of(Concern.of("not-square", Weight.WORTH_KNOWING, round ? "not-round" : "not-square", across, upDown)
                .orTry(plan().withShape(ShapeKind.OBLONG.insteadOf(plan().shape(), plan().unit())), "call-oblong")
                .orNote(plan()));
    }

    private CoverPlan fitted(FitSchool school) {
        return plan().withFit(plan().fit().withSchool(school));
    }

    private Optional<Concern> straightMissing() {
        return plan().fit().measuredFor(plan().form()) ? Optional.empty()
                : Optional.of(Concern.of("straight-missing", Weight.BETTER_NOT, "straight-missing",
                                setting.finished(Axis.ACROSS), setting.finished(Axis.UP_DOWN))
                        .orTry(fitted(FitSchool.FINISH_TO_FORM), "finish-to-form")
                        .orTry(fitted(FitSchool.CUT_TO_FORM), "cut-to-form"));
    }

    private Optional<Concern> vanishes() {
        boolean kept = Stream.of(setting.across(), setting.upDown()).flatMap(sum -> sum.terms().stream())
                .map(Sum.Term::label).anyMatch(label -> label.code().equals("term.at-least"));
        return kept
                ? Optional.of(Concern.of("fit-vanishes", Weight.WILL_NOT_WORK, "fit-vanishes", Fit.SMALLEST)
                        .orTry(fitted(FitSchool.FINISH_TO_FORM), "finish-to-form"))
                : Optional.empty();
    }

    private Optional<Concern> size() {
        Band band = setting.fullness().band();
        int percent = setting.fullness().percent();
        if (band == Band.SEAMS_AT_RISK) {
            return Optional.of(Concern.of("size", Weight.WILL_NOT_WORK, "too-small", percent)
                    .orTry(fitted(FitSchool.CUT_TO_FORM), "cut-to-form")
                    .orTry(fitted(FitSchool.FINISH_TO_FORM), "finish-to-form"));
        }
        if (band != Band.SAGGY) {
            return Optional.empty();
        }
        Length more = plan().fit().down().plus(setting.unit().pick(Length.cm(5), Length.inches(2)));
        return Optional.of(Concern.of("size", Weight.BETTER_NOT, "too-large", percent)
                .orTry(fitted(FitSchool.CUT_TO_FORM), "cut-to-form")
                .orTry(fitted(FitSchool.FINISH_TO_FORM), "finish-to-form")
                .orTry(fitted(FitSchool.SIZE_DOWN), "size-down", plan().fit().down())
                .orTry(plan().withFit(new Fit(FitSchool.SIZE_DOWN, more, plan().fit().ownEase())), "size-down", more)
                .orNote(plan()));
    }

    private Optional<Concern> seamNarrow() {
        Length least = Seam.least(plan().unit());
        Length usual = Seam.usual(plan().unit());
        return setting.allowance().under(least)
                ? Optional.of(Concern.of("seam-narrow", Weight.BETTER_NOT, "seam-narrow", setting.allowance(), least)
                        .orTry(plan().withSeam(plan().seam().withChosen(usual)), "seam", usual)
                        .orNote(plan()))
                : Optional.empty();
    }

    /** The form goes in folded in half, squeezed to half its loft: half its short side and its loft must pass (judgement). */
    private Optional<Concern> tooShortToFill() {
        Casing form = setting.form().casing();
        Length folded = form.shortSide().half().plus(form.loft(setting.form().fill()));
        Opening opening = plan().opening();
        if (!back.length().under(folded)) {
            return Optional.empty();
        }
        Concern concern = Concern.of("opening-short", Weight.BETTER_NOT, back.zip().isPresent() ? "zip-short" : "opening-short",
                back.length(), folded);
        if (opening.longer().isPresent()) {
            concern = concern.orTry(plan().withOpening(opening.longer().get()), "zip-chain");
        }
        return Optional.of(concern
                .orTry(plan().withOpening(opening.turned()), opening.runs() == Axis.ACROSS ? "run-up-down" : "run-across")
                .orTry(fitted(FitSchool.FINISH_TO_FORM), "finish-to-form")
                .orNote(plan()));
    }

    /** Buttons and ties are not for small children. */
    private Optional<Concern> smallParts() {
        boolean any = !back.spots().isEmpty() || plan().face().kind() == FaceKind.BUTTON_BAND || plan().edging().hasSmallParts();
        return any ? Optional.of(Concern.of("small-parts", Weight.WORTH_KNOWING, "small-parts").orNote(plan())) : Optional.empty();
    }

    private Optional<Concern> clothNarrow(Material material) {
        Cloth cloth = plan().cloths().of(material);
        Optional<Piece> widest = cut.stream().filter(piece -> piece.material() == material)
                .max((a, b) -> cloth.leastAcross(a).compareTo(cloth.leastAcross(b)));
        return widest.filter(piece -> cloth.usableWidth().under(cloth.leastAcross(piece))).map(piece -> {
            Length needed = cloth.leastAcross(piece);
            Concern concern = Concern.of("cloth-narrow-" + Phrase.code(material), Weight.WILL_NOT_WORK, "cloth-narrow",
                    piece.name(), needed, cloth.name(), cloth.usableWidth());
            return Cloth.soldFor(needed, setting.unit())
                    .map(width -> concern.orTry(
                            plan().withCloths(plan().cloths().changing(cloth.id(), each -> each.withWidth(width))), "cloth-width", width))
                    .orElse(concern)
                    .orTry(plan().withJoining(JoiningKind.SIDES.usual(plan().unit())), "join-sides")
                    .orTry(plan().withJoining(JoiningKind.MIDDLE.usual(plan().unit())), "join-middle")
                    .orNote(plan(), "will-join");
        });
    }
}
