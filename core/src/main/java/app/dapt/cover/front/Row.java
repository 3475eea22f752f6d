package app.dapt.cover.front;

import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.LengthRange;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
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

    /** One as most people would have it, counted from one. */
    static Row usual(int number, Unit unit) {
        Length lowest = unit.pick(Length.cm(10), Length.inches(4));
        Length apart = unit.pick(Length.cm(8), Length.inches(3));
        return new Row(
                Of.RUFFLE,
                Axis.ACROSS,
                lowest.plus(apart.times(number - 1L)),
                unit.pick(Length.cm(5), Length.inches(2)),
                Gathered.EDGE,
                Edges.HEMMED);
    }

    static Row from(Details details, int number) {
        String row = name(number);
        return new Row(
                details.oneOf(row + "Of", Of.class),
                details.oneOf(row + "Way", Axis.class),
                details.measure(row + "At"),
                details.measure(row + "Deep"),
                details.oneOf(row + "Gathered", Gathered.class),
                details.oneOf(row + "Edges", Edges.class));
    }

    /** What its details' names begin with. */
    static String name(int number) {
        return "row" + number;
    }

    List<Detail<?>> details(int number, boolean there) {
        String row = name(number);
        boolean ruffle = there && isRuffle();
        return List.of(
                choice(row, "Of", of, "rows-of", number, there),
                choice(row, "Way", way, "row-way", number, there),
                measure(row, "At", LengthRange.CENTRE, at, number, there),
                measure(row, "Deep", LengthRange.HANGS, deep, number, ruffle),
                choice(row, "Gathered", gathered, "row-gathered", number, ruffle),
                choice(row, "Edges", edges, "row-edges", number, ruffle));
    }

    private static <E extends Enum<E>> Detail<?> choice(
            String row, String what, E value, String family, int number, boolean applies) {
        return new Detail.OneOf<>(row + what, Phrase.of("detail.row" + what, number), value, family, false, applies);
    }

    private static Detail<?> measure(
            String row, String what, LengthRange limits, Length value, int number, boolean applies) {
        return new Detail.Measure(row + what, Phrase.of("detail.row" + what, number), limits, value, applies);
    }

    boolean isRuffle() {
        return of == Of.RUFFLE;
    }

    boolean runsAcross() {
        return way == Axis.ACROSS;
    }

    Row at(Length place) {
        return new Row(of, way, place, deep, gathered, edges);
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
