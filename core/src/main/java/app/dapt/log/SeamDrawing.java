package app.dapt.log;

import app.dapt.cover.Reckoned;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Note;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Sheet;
import app.dapt.log.Correction.SeamChange;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The front from its wrong side with the seam as it was sewn and the one to sew now. */
public final class SeamDrawing {

    private SeamDrawing() {}

    public static Sheet of(Correction correction) {
        Reckoned cover = correction.before();
        Piece front = cover.front();
        return cover.outline()
                .filter(outline -> front.outline().isPresent())
                .map(outline -> outlined(correction, outline))
                .orElseGet(() -> straight(correction, front));
    }

    private static Sheet outlined(Correction correction, Contour outline) {
        Length allowance = correction.before().dimensions().allowance();
        Contour cut = outline.grown(allowance);
        Contour seam = outline.moved(-cut.left(), -cut.top());
        Contour placed = cut.moved(-cut.left(), -cut.top());
        Box box = Box.of(Length.nearMm(placed.right()), Length.nearMm(placed.bottom()));
        return sheet(
                correction,
                box,
                Optional.of(placed),
                List.of(
                        new Path(Role.SEAM, seam.points(), true),
                        new Path(
                                Role.SEW,
                                seam.grown(correction.deeper().negated()).points(),
                                true)));
    }

    private static Sheet straight(Correction correction, Piece front) {
        List<Element> lines = new ArrayList<>();
        for (SeamChange change : correction.seams()) {
            change.side().ifPresent(side -> {
                Length was = front.edge(side).allowance();
                lines.add(along(Role.SEAM, side, was, front));
                lines.add(along(Role.SEW, side, was.plus(change.deeper()), front));
            });
        }
        return sheet(correction, Box.of(front.cutWidth(), front.cutHeight()), Optional.empty(), lines);
    }

    private static Element along(Role role, Side side, Length in, Piece front) {
        Length wide = front.cutWidth();
        Length high = front.cutHeight();
        return switch (side) {
            case TOP -> new Element.Line(role, Length.ZERO, in, wide, in);
            case BOTTOM -> new Element.Line(role, Length.ZERO, high.minus(in), wide, high.minus(in));
            case LEFT -> new Element.Line(role, in, Length.ZERO, in, high);
            case RIGHT -> new Element.Line(role, wide.minus(in), Length.ZERO, wide.minus(in), high);
        };
    }

    private static Sheet sheet(Correction correction, Box box, Optional<Contour> clip, List<Element> lines) {
        List<Element> all = new ArrayList<>();
        all.add(new Stuff(box, correction.before().front().material(), false, false, "front", Part.NONE));
        all.addAll(lines);
        correction.seams().forEach(change -> all.add(note(change, box)));
        return new Sheet(
                box.width(),
                box.height(),
                all,
                clip,
                Length.ZERO,
                false,
                Phrase.of("drawing.seam-moved", correction.deeper().abs()));
    }

    private static Note note(SeamChange change, Box box) {
        Phrase words = Phrase.of(
                change.deeper().isNegative() ? "note.out" : "note.in",
                change.deeper().abs());
        Side side = change.side().orElse(Side.BOTTOM);
        Length middle = box.width().half();
        Length centre = box.height().half();
        return switch (side) {
            case TOP -> new Note(words, middle, Length.ZERO, change.side());
            case BOTTOM -> new Note(words, middle, box.height(), Optional.of(side));
            case LEFT -> new Note(words, Length.ZERO, centre, change.side());
            case RIGHT -> new Note(words, box.width(), centre, change.side());
        };
    }
}
