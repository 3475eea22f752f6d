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
import app.dapt.workpiece.Crease;
import app.dapt.workpiece.Facet;
import app.dapt.workpiece.Placement;
import app.dapt.workpiece.Reach;
import app.dapt.workpiece.Seam;
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
        stack.seam().ifPresent(this::seam);
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

    /** Straight ones from where one crosses another to where the next does. */
    private void seam(Seam seam) {
        seam.outline()
                .ifPresent(line -> elements.add(new Path(
                        Role.SEAM, line.points().stream().map(this::here).toList(), true)));
        for (Crease crease : seam.creases()) {
            double[] ends = {reach.left(), reach.top(), reach.right(), reach.bottom()};
            for (Crease other : seam.creases()) {
                stop(ends, other);
            }
            double x = crease.nx() * crease.at();
            double y = crease.ny() * crease.at();
            boolean upright = Math.abs(crease.nx()) > Math.abs(crease.ny());
            elements.add(new Path(
                    Role.SEAM,
                    upright
                            ? List.of(here(new Point(x, ends[1])), here(new Point(x, ends[3])))
                            : List.of(here(new Point(ends[0], y)), here(new Point(ends[2], y))),
                    false));
        }
    }

    private static void stop(double[] ends, Crease other) {
        if (other.nx() < -0.5) {
            ends[0] = -other.at();
        } else if (other.nx() > 0.5) {
            ends[2] = other.at();
        } else if (other.ny() < 0) {
            ends[1] = -other.at();
        } else {
            ends[3] = other.at();
        }
    }
}
