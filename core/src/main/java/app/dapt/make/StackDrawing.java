package app.dapt.make;

import app.dapt.drawing.Element;
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
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** A stack as it is seen from above: each facet by the side that is up, and the seam through all of it. */
final class StackDrawing {

    private final Stack stack;
    private final Map<String, Piece> pieces;
    private final Reach reach;
    private final List<Element> elements = new ArrayList<>();

    private StackDrawing(Stack stack, List<Piece> pieces) {
        this.stack = stack;
        this.pieces = pieces.stream().collect(Collectors.toMap(Piece::id, Function.identity()));
        this.reach = stack.reach();
    }

    static Sheet of(Stack stack, List<Piece> pieces, Phrase described) {
        return new StackDrawing(stack, pieces).sheet(described);
    }

    private Sheet sheet(Phrase described) {
        stack.facets().forEach(this::facet);
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

    private void facet(Facet facet) {
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
