package app.dapt.cover.drawing;

import app.dapt.cover.Reckoned;
import app.dapt.cover.edging.Edging;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Tape;
import app.dapt.drawing.Sheet;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece;
import app.dapt.piece.PieceRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How bias strips lie on the block they are cut from: all of them leaning alike, so that they join. */
public final class BiasDrawing {

    private BiasDrawing() {}

    /** The block with its cuts; nothing where no piping is cut on the bias. */
    public static Optional<Sheet> of(Reckoned reckoned) {
        return strip(reckoned).flatMap(strip -> reckoned.pieces().stream()
                .filter(piece ->
                        piece.role() == PieceRole.Whole.BIAS_BLOCK || piece.role() == PieceRole.Whole.BIAS_TUBE)
                .findFirst()
                .map(piece -> sheet(piece, strip.width())));
    }

    private static Optional<Edging.Strip> strip(Reckoned reckoned) {
        return reckoned.plan().edging().strip(reckoned.dimensions());
    }

    /**
     * Two strips laid for joining, right sides together at right angles, sewn from corner to corner; nothing without
     * piping.
     */
    public static Optional<Sheet> join(Reckoned reckoned) {
        return strip(reckoned).map(BiasDrawing::join);
    }

    private static Sheet join(Edging.Strip cloth) {
        Length strip = cloth.width();
        Length reach = strip.times(3);
        double w = strip.toMm();
        double end = reach.toMm();
        List<Element> elements = new ArrayList<>();
        elements.add(new Stuff(
                new Box(Length.ZERO, Length.ZERO, reach, strip), cloth.material(), true, false, "piping", Part.NONE));
        elements.add(new Path(Element.Role.CUT, rectangle(0, 0, end, w), true));
        elements.add(new Stuff(
                new Box(reach.minus(strip), Length.ZERO, strip, reach),
                cloth.material(),
                false,
                false,
                "piping",
                Part.NONE));
        elements.add(new Path(Element.Role.CUT, rectangle(end - w, 0, end, end), true));
        elements.add(new Path(Element.Role.SEAM, List.of(new Point(end - w, 0), new Point(end, w)), false));
        return new Sheet(
                reach, reach, elements, Optional.empty(), Length.ZERO, false, Phrase.of("drawing.join", strip));
    }

    private static List<Point> rectangle(double left, double top, double right, double bottom) {
        return List.of(new Point(left, top), new Point(right, top), new Point(right, bottom), new Point(left, bottom));
    }

    private static Sheet sheet(Piece block, Length strip) {
        double w = block.cutWidth().toMm();
        double h = block.cutHeight().toMm();
        List<Element> elements = new ArrayList<>();
        elements.add(new Stuff(
                Box.of(block.cutWidth(), block.cutHeight()), block.material(), true, false, block.id(), Part.BODY));
        elements.add(new Path(
                Element.Role.CUT, List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h)), true));
        boolean isTube = block.role() == PieceRole.Whole.BIAS_TUBE;
        double step = strip.toMm() * Math.sqrt(2);
        // Each cut rises to the right at 45°, and is kept to the block.
        for (double foot = 0; foot <= w + 1e-6; foot += step) {
            double reach = Math.min(h, w - foot);
            if (reach > 1 && (isTube || foot + h <= w + step)) {
                elements.add(new Path(
                        Element.Role.CUT, List.of(new Point(foot, h), new Point(foot + reach, h - reach)), false));
            }
        }
        if (isTube) {
            for (double left = step; left < h; left += step) {
                elements.add(
                        new Path(Element.Role.CUT, List.of(new Point(0, h - left), new Point(h - left, 0)), false));
            }
        }
        elements.add(new Tape(Axis.ACROSS, Length.ZERO, Length.ZERO, block.cutWidth(), true, Phrase.of("tape.width")));
        elements.add(
                new Tape(Axis.UP_DOWN, Length.ZERO, Length.ZERO, block.cutHeight(), true, Phrase.of("tape.height")));
        return new Sheet(
                block.cutWidth(),
                block.cutHeight(),
                elements,
                Optional.empty(),
                Length.ZERO,
                false,
                Phrase.of("drawing.bias", block.cutWidth(), block.cutHeight(), strip));
    }
}
