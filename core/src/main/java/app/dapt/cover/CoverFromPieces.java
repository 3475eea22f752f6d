package app.dapt.cover;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.opening.Hem;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.opening.RuleOfThumb;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.fit.Fit;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.form.Reading;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The way back: from pieces that are already cut to the cover they make, the forms it is for, and what is wrong with
 * it.
 *
 * @param across   finished size across
 * @param upDown   finished size up and down
 * @param overlap  what the two backs lap once they are hemmed; nothing of a back in one piece
 * @param forms    the form each school would put in it
 * @param concerns what is wrong with the pieces themselves
 * @param plan     a plan that comes to these pieces
 */
public record CoverFromPieces(
        Sum across,
        Sum upDown,
        Optional<Sum> overlap,
        List<Fitting> forms,
        List<PieceConcern> concerns,
        CoverPlan plan) {

    /**
     * What lies on the table: a front and two backs.
     *
     * @param frontAcross cut
     * @param frontUpDown cut
     * @param backAcross  both backs, cut
     * @param firstDepth  the upper back, cut
     * @param secondDepth the lower back, cut
     * @param allowance   of the seam round the cover
     * @param firstHem    what the upper back's hem will eat
     * @param secondHem   what the lower back's hem will eat
     */
    public record Cut(
            Length frontAcross,
            Length frontUpDown,
            Length backAcross,
            Length firstDepth,
            Length secondDepth,
            Length allowance,
            Length firstHem,
            Length secondHem) {

        /** A cover of ordinary size, to begin with. */
        public static Cut usual(Unit unit) {
            Length side = unit.pick(Length.cm(48), Length.inches(19));
            Length depth = unit.pick(Length.cm(32), Length.inches(12, 1, 2));
            Length hem = Hem.Kind.ORDINARY.usual(unit).first().times(2);
            return new Cut(side, side, side, depth, depth, Seam.usual(unit), hem, hem);
        }

        /** The same with both backs from a fat quarter cut across in the middle. */
        public Cut withBlankHalved() {
            return new Cut(
                    frontAcross,
                    frontUpDown,
                    RuleOfThumb.BLANK_WIDTH,
                    RuleOfThumb.BLANK_LENGTH.half(),
                    RuleOfThumb.BLANK_LENGTH.half(),
                    allowance,
                    firstHem,
                    secondHem);
        }
    }

    /**
     * What lies on the table: a front, and a back in one piece, closed with a zip in the edge or sewn shut.
     *
     * @param frontAcross cut
     * @param frontUpDown cut
     * @param backAcross  cut
     * @param backUpDown  cut
     * @param allowance   of the seam round the cover
     * @param closes      how: {@link OpeningKind#EDGE_ZIP} or {@link OpeningKind#SEWN_SHUT}
     */
    public record Whole(
            Length frontAcross,
            Length frontUpDown,
            Length backAcross,
            Length backUpDown,
            Length allowance,
            Kind<Opening> closes) {

        /** Both of ordinary size, to begin with. */
        public static Whole usual(Unit unit, Kind<Opening> closes) {
            Length side = Cut.usual(unit).frontAcross();
            return new Whole(side, side, side, side, Seam.usual(unit), closes);
        }
    }

    /** The form one school would put in: how full it would be, and what is wrong then. */
    public record Fitting(FitSchool school, Length across, Length upDown, Reckoned reckoned) {}

    /** Something wrong with the pieces as they lie. */
    public record PieceConcern(Weight weight, Phrase what, Phrase why) {}

    private static final List<FitSchool> SCHOOLS =
            List.of(FitSchool.CUT_TO_FORM, FitSchool.FINISH_TO_FORM, FitSchool.SIZE_DOWN);

    /** What these pieces make, for a sewist whose tape has these marks. */
    public static CoverFromPieces of(Cut cut, Mark mark, String name) {
        Length seams = cut.allowance().times(2);
        Sum across = trimmed(
                Sum.of(
                        Sum.term("term.front-across", cut.frontAcross()),
                        Sum.term("term.less-both-allowances", seams.negated())),
                cut.backAcross().minus(cut.frontAcross()));
        Sum upDown = Sum.of(
                Sum.term("term.front-up-down", cut.frontUpDown()),
                Sum.term("term.less-both-allowances", seams.negated()));
        Sum overlap = Sum.of(
                Sum.term("term.first-back", cut.firstDepth()),
                Sum.term("term.second-back", cut.secondDepth()),
                Sum.term("term.less-both-allowances", seams.negated()),
                Sum.term("term.less-hems", cut.firstHem().plus(cut.secondHem()).negated()),
                Sum.term("term.less-finished", upDown.total().negated()));
        CoverPlan plan = plan(cut, mark, name, floor(across.total()), floor(upDown.total()), overlap.total());
        List<Fitting> forms =
                SCHOOLS.stream().map(school -> fitting(school, plan, mark)).toList();
        return new CoverFromPieces(
                across,
                upDown,
                Optional.of(overlap),
                forms,
                concerns(cut, across.total(), upDown.total(), overlap.total()),
                plan);
    }

    /** A difference that may be eased in; more is trimmed off. */
    private static final Length EASED = Length.inches(0, 3, 8);

    /** What these two pieces make: the smaller one decides each way. */
    public static CoverFromPieces of(Whole whole, Mark mark, String name) {
        Length seams = whole.allowance().times(2).negated();
        Sum across = smaller("across", whole.frontAcross(), whole.backAcross(), seams);
        Sum upDown = smaller("up-down", whole.frontUpDown(), whole.backUpDown(), seams);
        CoverPlan fresh = planOf(name, mark, floor(across.total()), floor(upDown.total()), whole.allowance());
        CoverPlan plan = DefaultPlan.closing(fresh, whole.closes().usual(mark.unit()));
        List<PieceConcern> concerns = new ArrayList<>();
        uneven("across", whole.frontAcross(), whole.backAcross()).ifPresent(concerns::add);
        uneven("up-down", whole.frontUpDown(), whole.backUpDown()).ifPresent(concerns::add);
        if (across.total().under(Fit.SMALLEST) || upDown.total().under(Fit.SMALLEST)) {
            concerns.add(concern(Weight.WILL_NOT_WORK, "nothing-left", Fit.SMALLEST));
        }
        List<Fitting> forms =
                SCHOOLS.stream().map(school -> fitting(school, plan, mark)).toList();
        return new CoverFromPieces(across, upDown, Optional.empty(), forms, concerns, plan);
    }

    private static Sum smaller(String way, Length front, Length back, Length seams) {
        String piece = back.under(front) ? "term.back-" : "term.front-";
        return Sum.of(Sum.term(piece + way, Length.min(front, back)), Sum.term("term.less-both-allowances", seams));
    }

    /** The larger piece is trimmed to the other, or eased in where it is hardly larger. */
    private static Optional<PieceConcern> uneven(String way, Length front, Length back) {
        Length more = back.minus(front).abs();
        String larger = front.under(back) ? "back" : "front";
        String what = EASED.under(more) ? "trim" : "ease";
        return more.isZero()
                ? Optional.empty()
                : Optional.of(new PieceConcern(
                        what.equals("trim") ? Weight.BETTER_NOT : Weight.WORTH_KNOWING,
                        Phrase.of("have.uneven-" + larger + "-" + way + ".what", more),
                        Phrase.of("have." + what + ".why", more)));
    }

    /** Backs narrower than the front make it narrower too. */
    private static Sum trimmed(Sum across, Length missing) {
        return missing.isNegative() ? across.plus(Sum.term("term.trim-to-backs", missing)) : across;
    }

    private static Length floor(Length finished) {
        return Length.max(finished, Fit.SMALLEST);
    }

    private static CoverPlan plan(Cut cut, Mark mark, String name, Length across, Length upDown, Length overlap) {
        CoverPlan fresh = planOf(name, mark, across, upDown, cut.allowance());
        Length toMiddle =
                cut.firstDepth().minus(cut.allowance()).minus(cut.firstHem()).minus(overlap.half());
        Details envelope = OpeningKind.ENVELOPE
                .usual(mark.unit())
                .decided()
                .with("overlap", Length.max(Length.ZERO, overlap))
                .with("centre", Optional.of(Length.max(Length.ZERO, toMiddle)));
        return fresh.withOpening(OpeningKind.ENVELOPE.with(
                hemmed(hemmed(envelope, "first", cut.firstHem()), "second", cut.secondHem())));
    }

    private static CoverPlan planOf(String name, Mark mark, Length across, Length upDown, Length allowance) {
        CoverPlan fresh = DefaultPlan.plan(
                name,
                mark,
                across.equals(upDown) ? ShapeKind.SQUARE : ShapeKind.OBLONG,
                Form.overCrown(across, upDown));
        return fresh.withFit(fresh.fit().withSchool(FitSchool.FINISH_TO_FORM))
                .withSeam(new Seam(allowance, SeamFinish.ZIGZAG));
    }

    private static Details hemmed(Details envelope, String which, Length allowance) {
        return envelope.with(which + "Hem", allowance.isZero() ? Hem.Kind.SELVAGE : Hem.Kind.OWN)
                .with(which + "TurnOne", allowance.half())
                .with(which + "TurnTwo", allowance.minus(allowance.half()));
    }

    /** The form that a school would have measured to arrive at this finished size. */
    private static Fitting fitting(FitSchool school, CoverPlan plan, Mark mark) {
        Length more =
                switch (school) {
                    case CUT_TO_FORM -> plan.seam().chosen().times(2);
                    case SIZE_DOWN -> plan.fit().down();
                    default -> Length.ZERO;
                };
        Length across =
                plan.form().across().get(Reading.OVER_CROWN).orElseThrow().plus(more);
        Length upDown =
                plan.form().upDown().get(Reading.OVER_CROWN).orElseThrow().plus(more);
        CoverPlan fitted =
                plan.withForm(Form.overCrown(across, upDown)).withFit(plan.fit().withSchool(school));
        return new Fitting(school, across, upDown, Reckoner.reckonWithoutRemedies(fitted, mark));
    }

    private static List<PieceConcern> concerns(Cut cut, Length across, Length upDown, Length overlap) {
        List<PieceConcern> found = new ArrayList<>();
        Length side = Length.inches(1);
        boolean turned = cut.firstDepth().minus(cut.frontAcross()).abs().under(side)
                && cut.secondDepth().minus(cut.frontAcross()).abs().under(side)
                && cut.backAcross().plus(side).under(cut.frontAcross());
        if (turned) {
            found.add(concern(
                    Weight.WILL_NOT_WORK, "swapped-backs", cut.backAcross(), cut.firstDepth(), cut.frontAcross()));
        } else if (!cut.backAcross().equals(cut.frontAcross())) {
            boolean narrower = cut.backAcross().under(cut.frontAcross());
            found.add(concern(
                    Weight.BETTER_NOT,
                    narrower ? "narrow-backs" : "wide-backs",
                    cut.backAcross(),
                    cut.frontAcross(),
                    cut.backAcross().minus(cut.frontAcross()).abs()));
        }
        if (across.under(Fit.SMALLEST) || upDown.under(Fit.SMALLEST)) {
            found.add(concern(Weight.WILL_NOT_WORK, "nothing-left", Fit.SMALLEST));
        }
        if (!overlap.isPositive()) {
            found.add(concern(Weight.WILL_NOT_WORK, "backs-short", overlap.negated()));
        }
        boolean past = upDown.under(cut.firstDepth().minus(cut.allowance()).minus(cut.firstHem()))
                || upDown.under(cut.secondDepth().minus(cut.allowance()).minus(cut.secondHem()));
        if (past) {
            found.add(concern(Weight.BETTER_NOT, "back-past", upDown));
        }
        return found;
    }

    private static PieceConcern concern(Weight weight, String code, Object... args) {
        return new PieceConcern(
                weight, Phrase.of("have." + code + ".what", args), Phrase.of("have." + code + ".why", args));
    }

    /** How the back would lie. */
    public Reckoned reckoned(Mark mark) {
        return Reckoner.reckonWithoutRemedies(plan, mark);
    }

    public Length finished(Axis axis) {
        return (axis == Axis.ACROSS ? across : upDown).total();
    }
}
