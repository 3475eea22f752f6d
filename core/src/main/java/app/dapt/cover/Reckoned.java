package app.dapt.cover;

import app.dapt.cloth.ClothNeed;
import app.dapt.form.FormSize;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Sum;
import app.dapt.piece.Contour;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import app.dapt.stuffed.Fullness;
import java.util.List;
import java.util.Optional;

/**
 * Everything that follows from a plan.
 *
 * @param mark     what cut sizes were rounded up to
 * @param form     the readings brought together
 * @param across   finished size across
 * @param upDown   finished size up and down
 * @param fullness how full the form makes the cover; an estimate
 * @param outline  of the finished cover, where it is no plain rectangle
 * @param back     the pieces and how they lie
 * @param pieces   all there is to cut, the front first; a panel wider than its cloth as the drops it is joined from
 * @param cloths   what each cloth used comes to, the front's first
 * @param findings the worst first
 */
public record Reckoned(CoverPlan plan, Mark mark, FormSize form, Sum across, Sum upDown, Fullness fullness,
                       Optional<Contour> outline, Back back, List<Piece> pieces, List<ClothNeed> cloths,
                       List<Finding> findings) {

    public Reckoned {
        pieces = List.copyOf(pieces);
        cloths = List.copyOf(cloths);
        findings = List.copyOf(findings);
    }

    public Length finished(Axis axis) {
        return (axis == Axis.ACROSS ? across : upDown).total();
    }

    /** Finished less form: negative is plumper. */
    public Length ease(Axis axis) {
        return finished(axis).minus((axis == Axis.ACROSS ? form.across() : form.upDown()).flat());
    }

    /** The front as it is sewn in, or what the front is a part of. */
    public Piece front() {
        return back.pieces().get(0);
    }

    /** Whether any panel is joined from drops. */
    public boolean isJoined() {
        return back.pieces().stream().flatMap(piece -> piece.marks().stream()).anyMatch(mark -> mark.sort() == Marking.Sort.JOIN);
    }

    /** Square inches of every cloth together. */
    public double clothArea() {
        return cloths.stream().mapToDouble(ClothNeed::area).sum();
    }

    /** The seam allowance as sewn. */
    public Length allowance() {
        return plan.seam().allowance(plan.unit());
    }

    public Optional<Finding> finding(String code) {
        return findings.stream().filter(finding -> finding.code().equals(code)).findFirst();
    }
}
