package app.dapt.drawing;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece.Material;

/** One thing to draw, in real lengths and by its role; colours and strokes are the writer's. */
public sealed interface Element {

    /** The part a term of a sum can point at. */
    enum Part { BODY, OVERLAP, HEM, ALLOWANCE, NONE }

    /** What a line stands for. */
    enum Role { CUT, SEAM, TOPSTITCH, FOLD, FINISHED_EDGE, HIDDEN_EDGE, SELVAGE }

    /** A stretch of cloth. */
    record Stuff(Box box, Material material, boolean rightSide, boolean turned, String piece, Part part) implements Element {
    }

    /** Cloth that will be turned under or lie inside a seam. */
    record Turning(Box box, String piece, Part part) implements Element {
    }

    /** The shadow that a layer casts on the one below it. */
    record Shade(Box box) implements Element {
    }

    /** A straight line. */
    record Line(Role role, Length x1, Length y1, Length x2, Length y2) implements Element {

        Line moved(Length right, Length down) {
            return new Line(role, x1.plus(right), y1.plus(down), x2.plus(right), y2.plus(down));
        }
    }

    /** A stretch to point at that is not cloth of its own. */
    record Zone(Box box, Part part) implements Element {
    }

    /**
     * A measuring tape laid along a stretch, outside the cloth.
     *
     * @param before laid above or to the left of it rather than below or to the right
     * @param label  what it measures, where that is not plain
     */
    record Tape(Axis axis, Length x, Length y, Length length, boolean before, Phrase label) implements Element {
    }

    /** Words on the cloth, beginning at a place. */
    record Label(Phrase words, Length x, Length y, boolean above) implements Element {
    }
}
