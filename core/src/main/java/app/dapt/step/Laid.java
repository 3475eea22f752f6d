package app.dapt.step;

import app.dapt.drawing.Box;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * One piece where it lies. Wrong side up it is turned over like a page: its right edge lies at the left.
 *
 * @param name      what to call it here
 * @param turn      when it is laid down, counted from one; nought where that is all the same
 * @param rightSide whether its right side is up
 * @param made      its edges that are hemmed or sewn by now, seen upright and right side up
 */
public record Laid(Piece piece, Phrase name, int turn, Box box, boolean rightSide, Set<Side> made) {

    public Laid {
        made = Set.copyOf(made);
    }

    /** A piece alone, in the top left corner. */
    public static Laid alone(Piece piece, boolean rightSide, Set<Side> made) {
        Box box = Box.of(left(piece, Axis.ACROSS, made), left(piece, Axis.UP_DOWN, made));
        return new Laid(piece, piece.name(), 0, box, rightSide, made);
    }

    /** This piece by another name. */
    public Laid named(Phrase other) {
        return new Laid(piece, other, turn, box, rightSide, made);
    }

    /** What is left of it in one direction once the edges that are made have taken theirs. */
    private static Length left(Piece piece, Axis way, Set<Side> made) {
        Length size = piece.cut(way).total();
        for (Side side : made) {
            size = side.runs() == way ? size : size.minus(piece.edge(side).allowance());
        }
        return Length.max(Length.sixtyFourths(1), size);
    }

    /** This piece, laid down as the first, or the second. */
    public Laid inTurn(int number) {
        return new Laid(piece, name, number, box, rightSide, made);
    }

    /** This piece with one more edge made. */
    public Laid having(Side side) {
        Set<Side> more = EnumSet.of(side);
        more.addAll(made);
        return alone(piece, rightSide, more).at(box.left(), box.top());
    }

    /** This piece, its top left corner so far in and down. */
    public Laid at(Length left, Length top) {
        return new Laid(piece, name, turn, new Box(left, top, box.width(), box.height()), rightSide, made);
    }

    /** This piece as large as it is by now, however it was cut. */
    public Laid sized(Length width, Length height) {
        return new Laid(piece, name, turn, new Box(box.left(), box.top(), width, height), rightSide, made);
    }

    /** Where an edge of the piece lies now. */
    Side seen(Side side) {
        return rightSide || side.runs() == Axis.ACROSS ? side : side.opposite();
    }

    /** What lies outside its stitching at an edge, as far as it is not made yet. */
    Length allowance(Side side) {
        return made.contains(side) ? Length.ZERO : piece.edge(side).allowance();
    }

    /** The same at an edge as it is seen now. */
    Length rawAt(Side seen) {
        return allowance(seen(seen));
    }

    Optional<Contour> outline() {
        return piece.outline().map(Outline::cut).map(this::turned);
    }

    Optional<Contour> seam() {
        return piece.outline().map(Outline::seam).map(this::turned);
    }

    private Contour turned(Contour lines) {
        Contour lying = rightSide ? lines : lines.mirrored(piece.cutWidth().toMm() / 2);
        return lying.moved(box.left().toMm(), box.top().toMm());
    }

    Phrase says() {
        return Phrase.of(rightSide ? "pile.right-side" : "pile.wrong-side", name);
    }

    /** A line along one of its edges, so far in from where that edge is now. */
    Line inset(Role role, Side side, Length in) {
        return switch (seen(side)) {
            case TOP ->
                new Line(
                        role,
                        box.left(),
                        box.top().plus(in),
                        box.right(),
                        box.top().plus(in));
            case BOTTOM ->
                new Line(
                        role,
                        box.left(),
                        box.bottom().minus(in),
                        box.right(),
                        box.bottom().minus(in));
            case LEFT ->
                new Line(role, box.left().plus(in), box.top(), box.left().plus(in), box.bottom());
            case RIGHT ->
                new Line(role, box.right().minus(in), box.top(), box.right().minus(in), box.bottom());
        };
    }

    /** A strip along one of its edges. */
    Box strip(Side side, Length deep) {
        return switch (seen(side)) {
            case TOP -> new Box(box.left(), box.top(), box.width(), deep);
            case BOTTOM -> new Box(box.left(), box.bottom().minus(deep), box.width(), deep);
            case LEFT -> new Box(box.left(), box.top(), deep, box.height());
            case RIGHT -> new Box(box.right().minus(deep), box.top(), deep, box.height());
        };
    }

    /** Where a place lies now that was so far from the cut edge at the left. */
    Length across(Length fromLeft) {
        Length at = fromLeft.minus(gone(Side.LEFT));
        return rightSide ? box.left().plus(at) : box.right().minus(at);
    }

    /** Where a place lies now that was so far from the cut edge at the top. */
    Length down(Length fromTop) {
        return box.top().plus(fromTop).minus(gone(Side.TOP));
    }

    /** What a made edge has taken of the piece. */
    private Length gone(Side side) {
        return made.contains(side) ? piece.edge(side).allowance() : Length.ZERO;
    }
}
