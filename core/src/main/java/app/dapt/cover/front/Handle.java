package app.dapt.cover.front;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.StripWork;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A strap caught in the top seam, folded to the middle twice.
 */
record Handle(Details decided) implements Extra {

    /** How finely its arch is drawn, and how many millimetres its lower line rises at least. */
    private static final int ARCH_STEPS = 24;

    private static final double LEAST_RISE = 3;

    private static final Question<Boolean> THERE = Question.tick("handle");
    /** Finished. */
    private static final Question<Length> WIDE = Question.length(
                    "handleWide", LengthRange.BUTTON, Length.mm(25), Length.inches(1))
            .where(THERE);
    /** From end to end, beyond the seam. */
    private static final Question<Length> REACH = Question.length(
                    "handleLong", LengthRange.BAND, Length.cm(28), Length.inches(11))
            .where(THERE);
    /** How far from each side its ends are caught. */
    private static final Question<Length> FROM = Question.length(
                    "handleFrom", LengthRange.CENTRE, Length.cm(15), Length.inches(6))
            .where(THERE);

    static final List<Question<?>> ASKED = List.of(THERE, WIDE, REACH, FROM);

    @Override
    public boolean there() {
        return get(THERE);
    }

    @Override
    public Kind<Extra> kind() {
        return ExtraKind.HANDLE;
    }

    /** A fifth of its length, and no more than a sixth of the cover's height. */
    @Override
    public Length standsOut(CoverDimensions sizes) {
        return Length.min(get(REACH).times(1, 5), sizes.finished(Axis.UP_DOWN).times(1, 6));
    }

    @Override
    public List<Element> drawn(CoverDimensions sizes) {
        double left = get(FROM).toMm();
        double right = sizes.finished(Axis.ACROSS).toMm() - left;
        double rise = standsOut(sizes).toMm();
        double thick = get(WIDE).toMm();
        return List.of(
                new Path(Role.FINISHED_EDGE, arch(left, right, rise), false),
                new Path(
                        Role.FINISHED_EDGE,
                        arch(left + thick, right - thick, Math.max(LEAST_RISE, rise - thick)),
                        false));
    }

    private static List<Point> arch(double left, double right, double rise) {
        return IntStream.rangeClosed(0, ARCH_STEPS)
                .mapToDouble(step -> (double) step / ARCH_STEPS)
                .mapToObj(along -> new Point(
                        left + (right - left) * along, -rise * Math.sqrt(Math.max(0, 1 - Math.pow(2 * along - 1, 4)))))
                .toList();
    }

    @Override
    public Extra nearer(Length across, Length upDown) {
        return new Handle(decided.less(FROM, across));
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.extra.handle");
    }

    @Override
    public List<Marking> marks(Front made, CoverDimensions sizes) {
        Length in = sizes.allowance().plus(get(FROM));
        return List.of(
                Marking.spot(Sort.HANDLE, in, Length.ZERO),
                Marking.spot(Sort.HANDLE, made.piece().cutWidth().minus(in), Length.ZERO));
    }

    @Override
    public List<Piece> pieces(CoverDimensions sizes, Back back) {
        Sum length = Sum.of(
                Sum.term("term.handle-long", get(REACH)),
                Sum.term("term.both-allowances", sizes.innerAllowance().times(2)));
        Sum width = Sum.of(Sum.term("term.four-times", get(WIDE).times(4)));
        return List.of(sizes.panel("handle", Material.FRONT, length, width, Piece.foldedAlong(sizes.innerAllowance())));
    }

    @Override
    public void make(Making making) {
        Piece strap = pieces(making.sizes(), making.back()).get(0);
        new StripWork(making.work(), strap).foldedTwice(get(WIDE), strap.cutWidth());
        making.at(Place.MACHINE, "handle-baste", strap, making.front())
                .saying(making.fromCutEdge(Side.LEFT, get(FROM)), Making.finished(get(FROM)))
                .trap()
                .times(Effort.LAY, 1)
                .marks(making.front(), Sort.HANDLE)
                .set(Stitch.BASTE, Foot.PLAIN)
                .shows(Pile.of(making.lyingFront(true)))
                .add();
    }

    @Override
    public List<Concern<Extra>> concerns(CoverDimensions sizes) {
        Length from = get(FROM);
        Length width = sizes.finished(Axis.ACROSS);
        if (from.times(2).under(width)) {
            return List.of();
        }
        Length in = width.times(1, 4);
        return List.of(Concern.<Extra>of("handle-crosses", Weight.WILL_NOT_WORK, "handle-crosses", from, width)
                .orTry(() -> with(FROM, in), "handle", in));
    }
}
