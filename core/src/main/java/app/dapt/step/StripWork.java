package app.dapt.step;

import app.dapt.drawing.Element.Role;
import app.dapt.measure.Length;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.Work.Draft;
import java.util.function.UnaryOperator;

/** What is done to a strip before it is sewn to anything: a strap, a tie, a ruffle, the cover of a cord. */
public record StripWork(Work work, Piece strip) {

    private static final Length FROM_EDGE = Length.mm(3);

    /**
     * A strap or a tie is folded to its middle twice, so that no raw edge is left, and stitched along both edges.
     *
     * @param wide finished
     * @param all  how long all of them are together
     */
    public void foldedTwice(Length wide, Length all) {
        foldedTwice(wide, all, draft -> draft);
    }

    /**
     * The same.
     *
     * @param told what else is said of the folding
     */
    public void foldedTwice(Length wide, Length all, UnaryOperator<Draft> told) {
        told.apply(work.at(Place.IRON, "strip-fold", strip)
                        .saying(wide)
                        .along(Effort.PRESS_HEM, all)
                        .shows(pile -> pile.arrow(Side.TOP, Length.ZERO).arrow(Side.BOTTOM, Length.ZERO)))
                .add();
        work.at(Place.MACHINE, "strip-stitch", strip)
                .along(Effort.STITCH_HEM, all.times(2))
                .set(Stitch.TOPSTITCH, Foot.PLAIN)
                .rightSide()
                .shows(pile -> pile.along(Role.SEW, Side.TOP, FROM_EDGE).along(Role.SEW, Side.BOTTOM, FROM_EDGE))
                .add();
    }

    /** Both short ends of each are turned in, so that they need not be caught in a seam. */
    public void endsTurned(Length turn) {
        work.at(Place.IRON, "strip-ends", strip)
                .saying(turn)
                .times(Effort.CLIP, 2.0 * strip.quantity())
                .takes(strip, Side.LEFT)
                .takes(strip, Side.RIGHT)
                .shows(pile -> pile.arrow(Side.LEFT, turn).arrow(Side.RIGHT, turn))
                .add();
    }

    /** Both long edges are pinked. */
    public void pinked(Length along) {
        work.at(Place.TABLE, "strip-pink", strip).along(Effort.PRESS_HEM, along).add();
    }

    /** A row of stitching along both long edges, up to which they may fray; before anything is gathered. */
    public void stayStitched(Length along) {
        work.at(Place.MACHINE, "strip-stay", strip)
                .along(Effort.STITCH_HEM, along)
                .set(Stitch.SEAM, Foot.PLAIN)
                .rightSide()
                .shows(pile -> pile.along(Role.SEW, Side.TOP, FROM_EDGE).along(Role.SEW, Side.BOTTOM, FROM_EDGE))
                .add();
    }

    /** Strips are joined end to end, at a slant, and the joins pressed open. */
    public void joined(int strips, Length allowance) {
        if (strips < 2) {
            return;
        }
        work.at(Place.MACHINE, "strip-join", strip)
                .saying(strips, allowance)
                .because()
                .times(Effort.CLIP, 4.0 * (strips - 1))
                .set(Stitch.SEAM, Foot.PLAIN)
                .rightSide()
                .add();
        work.at(Place.IRON, "strip-press", strip)
                .times(Effort.CLIP, 2.0 * (strips - 1))
                .add();
    }

    /**
     * A long edge is hemmed narrowly, turned twice by half of what the hem takes.
     *
     * @param along how much is hemmed in all
     * @param both  both long edges
     */
    public void hemmed(Length hem, Length along, boolean both) {
        work.at(Place.IRON, both ? "strip-hem-press-both" : "strip-hem-press", strip)
                .saying(hem.half())
                .along(Effort.PRESS_HEM, along)
                .shows(pile -> pile.arrow(Side.BOTTOM, hem))
                .add();
        work.at(Place.MACHINE, "strip-hem", strip)
                .along(Effort.STITCH_HEM, along)
                .set(Stitch.TOPSTITCH, Foot.PLAIN)
                .stitched(Side.BOTTOM, hem.half())
                .add();
    }

    /**
     * Two rows of long stitches are pulled up.
     *
     * @param to    how long it is to be
     * @param count how many are pulled up
     */
    public void gathered(Length from, Length to, int count) {
        work.at(Place.MACHINE, "strip-gather", strip)
                .saying(from, to)
                .figure("quarters", from.times(1, 4), to.times(1, 4), strip.name())
                .because()
                .loose()
                .along(Effort.GATHER, from.times(count))
                .sewing(from.times(2L * count))
                .set(Stitch.GATHER, Foot.PLAIN)
                .rightSide()
                .shows(pile -> pile.along(Role.SEW, Side.TOP, FROM_EDGE.times(2))
                        .along(Role.SEW, Side.TOP, FROM_EDGE.times(4)))
                .add();
    }
}
