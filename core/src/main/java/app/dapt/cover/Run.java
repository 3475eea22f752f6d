package app.dapt.cover;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.stuffed.Casing;
import app.dapt.stuffed.Chambers;
import app.dapt.stuffed.Pillow;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Several forms side by side, each in a pocket of one long cover; measured pushed together as they will lie.
 *
 * @param pockets   how many forms
 * @param straps    how many carrying straps
 * @param strapFrom how far in from the finished side the outermost straps sit
 */
public record Run(int pockets, int straps, Length strapFrom) implements Shape {

    /** What each line of stitching between two pockets takes up of the cloth. */
    static final Length TAKE_UP = Length.inches(0, 1, 8);
    private static final Length STRAP_LENGTH = Length.inches(8);
    private static final Length STRAP_WIDTH = Length.inches(3);

    static Run usual(Unit unit) {
        return new Run(3, 2, unit.pick(Length.cm(20), Length.inches(8)));
    }

    static Run from(Details details) {
        return new Run(details.count("pockets"), details.count("straps"), details.measure("strapFrom"));
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.RUN;
    }

    @Override
    public List<Detail> details() {
        return List.of(Detail.count("pockets", 2, 12, pockets, true), Detail.count("straps", 0, 4, straps, true),
                Detail.measure("strapFrom", Limits.CENTRE, strapFrom, straps > 0));
    }

    @Override
    public Casing casing(Length across, Length upDown) {
        return new Chambers(pockets, new Pillow(across.times(1, pockets), upDown), false);
    }

    @Override
    public List<Sum.Term> takeUp(Axis axis) {
        return axis == Axis.ACROSS ? List.of(Sum.term("term.channels", TAKE_UP.times(pockets - 1L), pockets - 1)) : List.of();
    }

    /** Where the lines between the pockets lie, from the cut edge at the left: evenly, take-up and all. */
    private List<Marking> channels(Setting setting) {
        Length between = setting.finished(Axis.ACROSS).plus(TAKE_UP.times(pockets - 1L));
        List<Marking> lines = new ArrayList<>();
        for (int i = 1; i < pockets; i++) {
            lines.add(Marking.line(Sort.CHANNEL, Axis.UP_DOWN, setting.allowance().plus(between.times(i, pockets))));
        }
        return lines;
    }

    @Override
    public Piece marked(Piece piece, Setting setting) {
        List<Marking> marks = channels(setting);
        if (piece.id().equals("front")) {
            for (int i = 0; i < straps; i++) {
                marks.add(Marking.spot(Sort.STRAP, setting.allowance().plus(strapAt(i, setting.finished(Axis.ACROSS))), Length.ZERO));
            }
        }
        return piece.marked(marks);
    }

    /** The outermost straps stand in from the sides, the others evenly between; a single one in the middle. */
    private Length strapAt(int i, Length width) {
        return straps == 1 ? width.half() : strapFrom.plus(width.minus(strapFrom.times(2)).times(i, straps - 1));
    }

    @Override
    public List<Piece> extras(Setting setting) {
        if (straps == 0) {
            return List.of();
        }
        Map<Side, Edge> edges = new EnumMap<>(Map.of(Side.TOP, Edge.fold(), Side.BOTTOM, Edge.fold(),
                Side.LEFT, Edge.seam(setting.allowance()), Side.RIGHT, Edge.seam(setting.allowance())));
        return List.of(Piece.rectangle("strap", Material.FRONT, Sum.of(Sum.term("term.strap-length", STRAP_LENGTH)),
                Sum.of(Sum.term("term.four-times", STRAP_WIDTH, STRAP_WIDTH.times(1, 4))), edges).times(straps));
    }

    @Override
    public List<Concern> concerns(Setting setting, Back back) {
        Length width = setting.finished(Axis.ACROSS);
        Length last = strapFrom.times(2);
        if (straps == 0 || last.under(width)) {
            return List.of();
        }
        return List.of(Concern.of("straps", Finding.Weight.BETTER_NOT, "straps-cross", strapFrom, width)
                .orTry(setting.plan().withShape(new Run(pockets, straps, width.times(1, 5))), "straps-in", width.times(1, 5)));
    }
}
