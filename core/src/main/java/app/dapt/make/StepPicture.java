package app.dapt.make;

import app.dapt.cover.Reckoned;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Label;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Sheet;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import app.dapt.step.Step;
import app.dapt.workpiece.Stack;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What lies on the table at a step that is about all of the cover: every piece, the bag, or the cover turned out. */
public final class StepPicture {

    /** What is done to the whole cover once it is sewn round. */
    private static final String COVER = "cover/";

    /** Steps that show what is laid down for the seam. */
    private static final Set<String> LAID = Set.of("french-first", "check-caught");

    private static final double HEAD = 8;

    private StepPicture() {}

    /** What is seen after it; nothing where the pieces it is done to tell more. */
    public static Optional<Sheet> of(Step step, Reckoned reckoned, Optional<PaperSewing> sewing) {
        if (step.does().equals(CoverSteps.CHECK)) {
            return Optional.of(sideBySide(reckoned.pieces()));
        }
        boolean whole = step.id().startsWith(COVER)
                && !LAID.contains(step.does())
                && step.moves().stream().noneMatch(CoverSteps::isSewing);
        return whole
                ? sewing.flatMap(paper -> paper.after(step)).map(stack -> drawn(stack, reckoned))
                : Optional.empty();
    }

    /**
     * The back of the cover that would come of it if what a step lays down were laid down in the other order; nothing
     * where that is all the same.
     */
    public static Optional<Sheet> ofMistake(Step step, Reckoned reckoned, Optional<PaperSewing> sewing) {
        return sewing.filter(paper -> step.trap())
                .flatMap(paper -> paper.otherWayRound(step))
                .filter(wrong -> !wrong.comesTo().isAsPlanned())
                .map(wrong -> StackDrawing.of(wrong.cover(), reckoned.pieces(), Phrase.of("sewn.mistake")));
    }

    private static Sheet drawn(Stack stack, Reckoned reckoned) {
        boolean turned = stack.inside().isPresent()
                && stack.seenAt(middle(stack))
                        .filter(top -> top.isRightSideUp())
                        .isPresent();
        return turned ? CoverDrawing.front(reckoned) : StackDrawing.of(stack, reckoned.pieces(), Phrase.of("sewn.bag"));
    }

    private static Point middle(Stack stack) {
        return new Point(
                stack.reach().left() + stack.reach().width() * 0.437,
                stack.reach().top() + stack.reach().height() * 0.437);
    }

    /** Every piece upright and right side up, each with its name below it. */
    private static Sheet sideBySide(List<Piece> pieces) {
        Length widest = pieces.stream().map(Piece::cutWidth).reduce(Length.ZERO, Length::max);
        Length highest = pieces.stream().map(Piece::cutHeight).reduce(Length.ZERO, Length::max);
        Length row = widest.plus(highest).times(5, 4);
        Length gap = row.times(1, 30);
        Length line = row.times(1, 14);
        List<Element> elements = new ArrayList<>();
        Length x = Length.ZERO;
        Length y = Length.ZERO;
        Length deep = Length.ZERO;
        Length wide = Length.ZERO;
        for (Piece piece : pieces) {
            Length room = Length.max(piece.cutWidth(), row.times(1, 4));
            if (x.isPositive() && row.under(x.plus(room))) {
                x = Length.ZERO;
                y = y.plus(deep).plus(line).plus(gap);
                deep = Length.ZERO;
            }
            piece(piece, x, y, elements);
            elements.add(new Label(piece.name(), x, y.plus(piece.cutHeight()), false, false));
            x = x.plus(room).plus(gap);
            deep = Length.max(deep, piece.cutHeight());
            wide = Length.max(wide, x);
        }
        return new Sheet(
                wide,
                y.plus(deep).plus(line),
                elements,
                Optional.empty(),
                Length.ZERO,
                false,
                Phrase.of("sewn.pieces", pieces.stream().map(Piece::name).toList()));
    }

    private static void piece(Piece piece, Length x, Length y, List<Element> elements) {
        elements.add(new Stuff(
                new Box(x, y, piece.cutWidth(), piece.cutHeight()),
                piece.material(),
                true,
                piece.turned(),
                piece.id(),
                Element.Part.NONE));
        Contour line = piece.outline()
                .map(Outline::cut)
                .orElseGet(() -> Contour.rectangle(
                        0, 0, piece.cutWidth().toMm(), piece.cutHeight().toMm()));
        elements.add(new Path(Role.CUT, line.moved(x.toMm(), y.toMm()).points(), true));
        double middle = x.toMm() + piece.cutWidth().toMm() / 2;
        double top = y.toMm() + piece.cutHeight().toMm() * 0.2;
        double foot = y.toMm() + piece.cutHeight().toMm() * 0.8;
        elements.add(new Path(Role.MOVE, up(middle, foot, top), false));
    }

    /** An arrow that says which way a piece's up is. */
    private static List<Point> up(double x, double from, double to) {
        return List.of(
                new Point(x, from),
                new Point(x, to),
                new Point(x - HEAD, to + HEAD * 1.5),
                new Point(x, to),
                new Point(x + HEAD, to + HEAD * 1.5));
    }
}
