package app.dapt.cover.front;

import app.dapt.cover.parts.CoverDimensions;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * One row of something sewn on the front from edge to edge, caught in the seams at both its ends.
 *
 * @param way      the direction it runs in
 * @param at       how far it is sewn on above the finished lower edge, or from the finished left one
 * @param deep     how deep a ruffle is, finished
 * @param gathered where a ruffle is gathered and sewn on
 * @param edges    what becomes of a ruffle's long edges
 */
public record Row(Of of, Axis way, Length at, Length deep, Gathered gathered, Edges edges) {

    /** What is sewn on. */
    public enum Of {
        RUFFLE,
        LACE,
        RIBBON
    }

    /** Along its edge, or down its middle so that both its edges stand out. */
    public enum Gathered {
        EDGE,
        MIDDLE
    }

    /** Turned twice, or left to fray as far as they may. */
    public enum Edges {
        HEMMED,
        RAW,
        PINKED,
        /** A row of stitching along each edge, up to which it may fray. */
        STAY_STITCHED
    }

    /** Lace and ribbon are drawn so wide, and a ruffle's folds so far apart. */
    private static final Length BRAID = Length.inches(0, 3, 4);

    private static final Length FOLDS = Length.inches(0, 5, 8);

    boolean isRuffle() {
        return of == Of.RUFFLE;
    }

    boolean runsAcross() {
        return way == Axis.ACROSS;
    }

    /** Whether it lies on the finished front. */
    boolean isOn(CoverDimensions sizes) {
        return at.isPositive() && !sizes.finished(way.other()).under(at);
    }

    /** Sewn on along its upper edge, or along both or its middle; a ruffle shows its folds. */
    List<Element> drawn(CoverDimensions sizes) {
        Length along = sizes.finished(way);
        Length across = sizes.finished(way.other());
        Length line = runsAcross() ? across.minus(at) : at;
        Length wide = isRuffle() ? deep : BRAID;
        boolean middle = isRuffle() && gathered == Gathered.MIDDLE;
        Length from = Length.max(Length.ZERO, middle ? line.minus(wide.half()) : line);
        Length to = Length.min(across, from.plus(wide));
        List<Element> elements = new ArrayList<>(List.of(shade(from, to, along), line(Role.TOPSTITCH, line, along)));
        elements.add(line(Role.FINISHED_EDGE, to, along));
        if (middle || of == Of.RIBBON) {
            elements.add(line(Role.FINISHED_EDGE, from, along));
        }
        for (Length fold = FOLDS; isRuffle() && fold.under(along); fold = fold.plus(FOLDS)) {
            elements.add(
                    runsAcross()
                            ? new Line(Role.FINISHED_EDGE, fold, from, fold, to)
                            : new Line(Role.FINISHED_EDGE, from, fold, to, fold));
        }
        return elements;
    }

    private Shade shade(Length from, Length to, Length along) {
        Length wide = to.minus(from);
        return new Shade(
                runsAcross() ? new Box(Length.ZERO, from, along, wide) : new Box(from, Length.ZERO, wide, along));
    }

    private Line line(Role role, Length place, Length along) {
        return runsAcross()
                ? new Line(role, Length.ZERO, place, along, place)
                : new Line(role, place, Length.ZERO, place, along);
    }
}
