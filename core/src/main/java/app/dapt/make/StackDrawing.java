package app.dapt.make;

import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Label;
import app.dapt.drawing.Element.Patch;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Sheet;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece;
import app.dapt.workpiece.Facet;
import app.dapt.workpiece.Placement;
import app.dapt.workpiece.Reach;
import app.dapt.workpiece.Stack;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A stack as it is seen from above: each facet by the side that is up, and the seam through all of it. */
final class StackDrawing {

    /** How far in from its corner a piece has its name, as a share of it. */
    private static final double INSET = 0.06;

    private static final double DOWN = 0.35;

    private final Stack stack;
    private final Map<String, Piece> pieces;
    private final Reach reach;
    private final List<Element> elements = new ArrayList<>();
    private List<Facet> names = List.of();

    private StackDrawing(Stack stack, List<Piece> pieces) {
        this.stack = stack;
        this.pieces = pieces.stream().collect(Collectors.toMap(Piece::id, Function.identity()));
        this.reach = stack.reach();
    }

    static Sheet of(Stack stack, List<Piece> pieces, Phrase described) {
        return new StackDrawing(stack, pieces).sheet(described);
    }

    /** The same of pieces that are being put together, each by its name, and the tape of a zip among them. */
    static Sheet named(Stack stack, List<Piece> pieces) {
        StackDrawing drawing = new StackDrawing(stack, pieces);
        List<Phrase> lying = drawing.seen().stream().map(drawing::lies).toList();
        drawing.names = drawing.seen();
        return drawing.sheet(Phrase.of("sewn.together", lying));
    }

    /** Of each piece the largest part that is seen from above. */
    private List<Facet> seen() {
        Map<String, Facet> largest = new LinkedHashMap<>();
        stack.facets()
                .filter(facet ->
                        stack.seenAt(facet.middle()).filter(facet::equals).isPresent())
                .forEach(facet ->
                        largest.merge(facet.piece(), facet, (one, other) -> one.area() >= other.area() ? one : other));
        return List.copyOf(largest.values());
    }

    private Phrase lies(Facet facet) {
        return Optional.ofNullable(pieces.get(facet.piece()))
                .map(piece -> Phrase.of(facet.isRightSideUp() ? "pile.right-side" : "pile.wrong-side", piece.name()))
                .orElse(Phrase.of("sewn.tape"));
    }

    private void name(Facet facet) {
        Reach at = Reach.of(Stream.of(facet));
        elements.add(new Label(
                lies(facet),
                Length.nearMm(at.left() - reach.left() + at.width() * INSET),
                Length.nearMm(at.top() - reach.top() + at.height() * DOWN),
                false,
                false));
    }

    private Sheet sheet(Phrase described) {
        stack.facets().forEach(this::facet);
        names.forEach(this::name);
        stack.seam().stream()
                .flatMap(seam -> seam.on(reach).stream())
                .forEach(line -> elements.add(
                        new Path(Role.SEAM, line.stream().map(this::here).toList(), false)));
        return new Sheet(
                Length.nearMm(reach.width()),
                Length.nearMm(reach.height()),
                elements,
                Optional.empty(),
                Length.ZERO,
                false,
                described);
    }

    /** A tape with its teeth, where something is no cloth. */
    private void tape(Facet facet) {
        List<Point> shape = facet.shape().stream().map(this::here).toList();
        Reach at = Reach.of(Stream.of(facet));
        double middle = at.top() - reach.top() + at.height() / 2;
        boolean lengthwise = at.width() >= at.height();
        double across = at.left() - reach.left() + at.width() / 2;
        elements.add(new Path(Role.FINISHED_EDGE, shape, true));
        elements.add(new Path(
                Role.TOPSTITCH,
                lengthwise
                        ? List.of(
                                new Point(at.left() - reach.left(), middle),
                                new Point(at.left() - reach.left() + at.width(), middle))
                        : List.of(
                                new Point(across, at.top() - reach.top()),
                                new Point(across, at.top() - reach.top() + at.height())),
                false));
    }

    private void facet(Facet facet) {
        if (!pieces.containsKey(facet.piece())) {
            tape(facet);
        }
        Optional.ofNullable(pieces.get(facet.piece())).ifPresent(piece -> {
            List<Point> shape = facet.shape().stream().map(this::here).toList();
            elements.add(new Patch(
                    shape,
                    piece.material(),
                    facet.isRightSideUp(),
                    facet.place().isUpsideDown() != piece.turned()));
            elements.add(new Path(Role.FINISHED_EDGE, shape, true));
        });
    }

    private Point here(Point point) {
        return Placement.moved(-reach.left(), -reach.top()).of(point);
    }
}
