package app.dapt.step;

import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Label;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.Element.Patch;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.drawing.Element.Spot;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Turning;
import app.dapt.drawing.PieceDrawing;
import app.dapt.drawing.Sheet;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** What a pile looks like: each piece by the side that is up, its hems and marks, and a corner turned back. */
record PileDrawing(Pile pile, List<Laid> laid) {

    /** A corner that is turned back is at most this share of what it is turned back from. */
    private static final double CORNER = 0.08;

    /** A line of words below the drawing takes this part of its longer side. */
    private static final int LINE = 9;

    private static final Length MARK = Length.inches(0, 1, 2);

    Sheet sheet() {
        List<Element> elements = new ArrayList<>();
        for (int i = 0; i < laid.size(); i++) {
            lay(laid.get(i), i, laid.size() == 1, elements);
        }
        elements.addAll(pile.over());
        turnedBack().forEach(elements::add);
        Length width = laid.stream().map(each -> each.box().right()).reduce(Length.ZERO, Length::max);
        Length height = laid.stream().map(each -> each.box().bottom()).reduce(Length.ZERO, Length::max);
        Length line = Length.max(width, height).times(1, LINE);
        Length below = Length.ZERO;
        for (int i = 0; i < laid.size(); i++) {
            if (hasRoomForWords(i, line)) {
                elements.add(label(i));
            } else {
                elements.add(new Label(words(laid.get(i)), Length.ZERO, height.plus(below), false, false));
                below = below.plus(line);
            }
        }
        return new Sheet(
                width, height.plus(below), elements, laid.get(0).outline(), Length.ZERO, false, pile.described());
    }

    /**
     * The lower right corner of what lies on top, turned back so that one sees which side of the lowest piece is up and
     * which sides meet.
     */
    private List<Patch> turnedBack() {
        Box under = laid.get(0).box();
        Box over = laid.get(laid.size() - 1).box();
        boolean reaches = laid.size() > 1
                && over.right().equals(under.right())
                && over.bottom().equals(under.bottom());
        if (!reaches) {
            return List.of();
        }
        List<Point> outline = laid.get(0).outline().map(Contour::points).orElseGet(() -> Contour.rectangle(
                        under.left().toMm(),
                        under.top().toMm(),
                        under.right().toMm(),
                        under.bottom().toMm())
                .points());
        double in = Stream.of(over.width(), over.height(), under.width(), under.height())
                        .mapToDouble(Length::toMm)
                        .min()
                        .orElseThrow()
                / 3;
        double farthest = outline.stream()
                .mapToDouble(point -> point.x() + point.y())
                .max()
                .orElseThrow();
        double most = new Contour(outline).area() * CORNER;
        while (new Contour(beyond(outline, farthest - in)).area() > most) {
            in /= 2;
        }
        double fold = farthest - in;
        List<Point> corner = beyond(outline, fold);
        List<Point> mirrored = corner.stream()
                .map(point -> new Point(fold - point.y(), fold - point.x()))
                .toList();
        return List.of(patch(laid.get(0), true, corner), patch(laid.get(laid.size() - 1), false, mirrored));
    }

    /** What of an outline lies to the lower right of a slanting line, where across and down add up to so much. */
    private static List<Point> beyond(List<Point> outline, double line) {
        List<Point> beyond = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            Point from = outline.get(i);
            Point to = outline.get((i + 1) % outline.size());
            double before = from.x() + from.y() - line;
            double after = to.x() + to.y() - line;
            if (before >= 0) {
                beyond.add(from);
            }
            if (before >= 0 != after >= 0) {
                double share = before / (before - after);
                beyond.add(new Point(from.x() + share * (to.x() - from.x()), from.y() + share * (to.y() - from.y())));
            }
        }
        return beyond;
    }

    private static Patch patch(Laid piece, boolean asItLies, List<Point> corner) {
        return new Patch(
                corner,
                piece.piece().material(),
                piece.rightSide() == asItLies,
                piece.piece().turned());
    }

    private static void lay(Laid piece, int number, boolean alone, List<Element> elements) {
        Box box = piece.box();
        if (number > 0) {
            elements.add(new Shade(new Box(box.left(), box.bottom(), box.width(), Length.inches(0, 1, 8))));
        }
        elements.add(new Stuff(
                box,
                piece.piece().material(),
                piece.rightSide(),
                piece.piece().turned(),
                piece.piece().id(),
                Part.NONE));
        for (Side side : Side.values()) {
            edge(piece, side, elements);
        }
        if (number == 0) {
            piece.outline().ifPresent(lines -> elements.add(new Path(Role.CUT, lines.points(), true)));
        }
        piece.piece().marks().stream()
                .filter(mark -> alone || mark.sort() == Marking.Sort.FOLD)
                .forEach(mark -> elements.add(marked(piece, mark)));
    }

    /** A mark where it is on the piece as it lies. */
    private static Element marked(Laid piece, Marking mark) {
        Box box = piece.box();
        Length x = mark.fromLeft().map(piece::across).orElse(box.left());
        Length y = mark.fromTop().map(piece::down).orElse(box.top());
        if (!mark.isLine()) {
            Axis along = x.equals(box.left()) || x.equals(box.right()) ? Axis.ACROSS : Axis.UP_DOWN;
            return new Spot(mark.sort(), x, y, MARK, along);
        }
        Role role = PieceDrawing.role(mark.sort());
        return mark.fromTop().isPresent()
                ? new Line(role, box.left(), y, box.right(), y)
                : new Line(role, x, box.top(), x, box.bottom());
    }

    /** A raw edge; or the fold of a made one, its hem hatched where the wrong side is up. */
    private static void edge(Laid piece, Side side, List<Element> elements) {
        Edge edge = piece.piece().edge(side);
        boolean made = piece.made().contains(side);
        if (made && edge.hemDepth().isPositive()) {
            if (!piece.rightSide()) {
                elements.add(new Turning(
                        piece.strip(side, edge.hemDepth()), piece.piece().id(), Part.HEM));
            }
            elements.add(piece.inset(Role.TOPSTITCH, side, edge.hemDepth()));
        }
        if (piece.piece().outline().isEmpty() || made) {
            Role role = made ? Role.FINISHED_EDGE : Role.CUT;
            elements.add(piece.inset(role, side, Length.ZERO));
        }
    }

    /** Whether a piece is not covered by another one, and not too narrow for its words. */
    private boolean hasRoomForWords(int index, Length line) {
        boolean covered = index == 0 && laid.size() > 1;
        return !covered && (laid.size() == 1 || laid.get(index).box().height().atLeast(line.times(2)));
    }

    private static Phrase words(Laid piece) {
        String side = piece.rightSide() ? "right-side" : "wrong-side";
        return piece.turn() > 0
                ? Phrase.of("pile.numbered." + side, piece.turn(), piece.name())
                : Phrase.of("pile." + side, piece.name());
    }

    /** Words on a piece where nothing lies on it: at its foot if it lies on two others, else at its head. */
    private Label label(int index) {
        Laid piece = laid.get(index);
        Box box = piece.box();
        Length in = Length.max(box.width(), box.height()).times(1, 12);
        return index > 1
                ? new Label(words(piece), box.left().plus(in), box.bottom().minus(in), true, false)
                : new Label(words(piece), box.left().plus(in), box.top().plus(in), false, false);
    }
}
