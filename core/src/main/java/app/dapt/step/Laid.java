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
 * One piece where it lies. Wrong side up it is turned over like a page, so that its right edge lies at the left, or
 * like the leaf of a calendar, so that its top edge lies at the bottom.
 *
 * @param name      what to call it here
 * @param turn      when it is laid down, counted from one; nought where that is all the same
 * @param rightSide whether its right side is up
 * @param swapped   wrong side up, the direction in which its edges have changed places
 * @param made      its edges that are hemmed or sewn by now, seen upright and right side up
 */
public record Laid(Piece piece, Phrase name, int turn, Box box, boolean rightSide, Axis swapped, Set<Side> made) {

    public Laid {
        made = Set.copyOf(made);
    }

    /** A piece alone, in the top left corner. */
    public static Laid alone(Piece piece, boolean rightSide, Set<Side> made) {
        Box box = Box.of(left(piece, Axis.ACROSS, made), left(piece, Axis.UP_DOWN, made));
        return new Laid(piece, piece.name(), 0, box, rightSide, Axis.ACROSS, made);
    }

    /** This piece by another name. */
    public Laid named(Phrase other) {
        return new Laid(piece, other, turn, box, rightSide, swapped, made);
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
        return new Laid(piece, name, number, box, rightSide, swapped, made);
    }

    /** This piece with one more edge made. */
    public Laid having(Side side) {
        Set<Side> more = EnumSet.of(side);
        more.addAll(made);
        return alone(piece, rightSide, more).swapping(swapped).at(box.left(), box.top());
    }

    /** This piece, its top left corner so far in and down. */
    public Laid at(Length left, Length top) {
        return within(new Box(left, top, box.width(), box.height()));
    }

    /** This piece as large as it is by now, however it was cut. */
    public Laid sized(Length width, Length height) {
        return within(new Box(box.left(), box.top(), width, height));
    }

    private Laid within(Box other) {
        return new Laid(piece, name, turn, other, rightSide, swapped, made);
    }

    /** This piece turned over so that the edges that face each other in one direction have changed places. */
    public Laid swapping(Axis way) {
        return new Laid(piece, name, turn, box, rightSide, way, made);
    }

    /** Where an edge of the piece lies now. */
    Side seen(Side side) {
        return rightSide || side.runs() == swapped ? side : side.opposite();
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
        double middle = piece.cut(swapped).total().toMm() / 2;
        Contour lying = rightSide ? lines : swapped == Axis.ACROSS ? lines.mirrored(middle) : lines.upsideDown(middle);
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
        return rightSide || swapped == Axis.UP_DOWN
                ? box.left().plus(at)
                : box.right().minus(at);
    }

    /** Where a place lies now that was so far from the cut edge at the top. */
    Length down(Length fromTop) {
        Length at = fromTop.minus(gone(Side.TOP));
        return rightSide || swapped == Axis.ACROSS
                ? box.top().plus(at)
                : box.bottom().minus(at);
    }

    /** What a made edge has taken of the piece. */
    private Length gone(Side side) {
        return made.contains(side) ? piece.edge(side).allowance() : Length.ZERO;
    }
}
