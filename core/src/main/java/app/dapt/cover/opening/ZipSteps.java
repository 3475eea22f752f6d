package app.dapt.cover.opening;

import app.dapt.cover.parts.Back.Zip;
import app.dapt.cover.parts.Making;
import app.dapt.drawing.Box;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Caution;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.Work.Draft;

/**
 * What sewing in a zip is like, wherever it lies.
 *
 * @param ordinary whether its teeth show
 */
record ZipSteps(Making making, boolean ordinary) {

    /** Half of it is sewn to an edge of a piece. */
    Draft sewn(String does, Piece piece, Side side) {
        return sewn(does, piece, side, piece.edge(side).allowance());
    }

    /**
     * The same.
     *
     * @param in how far from the edge: of one in the seam round the cover what was planned, as it is never moved
     */
    Draft sewn(String does, Piece piece, Side side, Length in) {
        return making.at(Place.MACHINE, does, piece)
                .saying(Phrase.choice("which-edge", side), in)
                .figure("zip", making.back().zip().orElseThrow().length())
                .how("past-the-pull")
                .careful(Caution.METAL_ZIP)
                .times(ordinary ? Effort.ZIP : Effort.INVISIBLE_ZIP, 0.5)
                .sewing(making.back().zip().orElseThrow().length())
                .set(Stitch.SEAM, ordinary ? Foot.ZIPPER : Foot.INVISIBLE_ZIPPER)
                .takes(piece, side)
                .rightSide()
                .shows(pile -> zip(pile, piece, side))
                .stitched(side, piece.edge(side).allowance().half());
    }

    private Pile zip(Pile pile, Piece piece, Side side) {
        Zip zip = making.back().zip().orElseThrow();
        Length whole = piece.cut(side.runs()).total();
        return pile.zipped(
                side, piece.edge(side).allowance(), whole.minus(zip.length()).half(), zip.length());
    }

    /** How far from the middle of the teeth a centred zip is stitched. */
    Length fromTeeth() {
        return making.sizes().ownUnit().pick(Length.mm(6), Length.inches(0, 1, 4));
    }

    /** A whole zip behind an edge of the uppermost piece, stitched all round. */
    Pile centred(Pile pile, Side side) {
        Zip zip = making.back().zip().orElseThrow();
        Box box = pile.top().box();
        boolean across = side.runs() == Axis.ACROSS;
        Length along = across ? box.width() : box.height();
        Length from = along.minus(zip.length()).half();
        return pile.zipped(side, Length.ZERO, from, zip.length()).stitchedRound(side, from, zip.length(), fromTeeth());
    }

    /** The back is held against the front while both still lie apart. */
    static void held(Making making, Frame frame) {
        new Laying(making, frame).holdAgainst("hold-against");
    }

    /** The seam round the cover is never sewn with the zip shut. */
    static void lay(Making making, Frame frame) {
        new Laying(making, frame).asOne().called("zip").because().trap().add();
    }
}
