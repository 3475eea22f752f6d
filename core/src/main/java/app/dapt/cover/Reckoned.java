package app.dapt.cover;

import app.dapt.cover.edging.SeamedEdge;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Figure;
import app.dapt.cover.parts.Need;
import app.dapt.filling.Fullness;
import app.dapt.form.FormSize;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Contour;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import java.util.List;
import java.util.Optional;

/**
 * Everything that follows from a plan.
 *
 * @param dimensions the settled sizes
 * @param back     the pieces and how they lie
 * @param edge     what of the edge is seamed
 * @param pieces   all there is to cut, the front first; a panel wider than its cloth as the drops it is joined from
 * @param needs    what to buy that is no cloth
 * @param aboutEdging what is worth knowing of what goes round the edge
 * @param edgingFigures figures of what goes round the edge
 * @param findings the worst first
 */
public record Reckoned(
        CoverPlan plan,
        CoverDimensions dimensions,
        Back back,
        SeamedEdge edge,
        List<Piece> pieces,
        List<Need> needs,
        List<Phrase> aboutEdging,
        List<Figure> edgingFigures,
        List<Finding> findings) {

    public Reckoned {
        pieces = List.copyOf(pieces);
        needs = List.copyOf(needs);
        aboutEdging = List.copyOf(aboutEdging);
        edgingFigures = List.copyOf(edgingFigures);
        findings = List.copyOf(findings);
    }

    /** What cut sizes were rounded up to. */
    public Mark mark() {
        return dimensions.mark();
    }

    /** The readings brought together. */
    public FormSize form() {
        return dimensions.form();
    }

    /** Finished size across. */
    public Sum across() {
        return dimensions.across();
    }

    /** Finished size up and down. */
    public Sum upDown() {
        return dimensions.upDown();
    }

    /** How full the form makes the cover; an estimate. */
    public Fullness fullness() {
        return dimensions.fullness();
    }

    /** The finished cover's outline, where it is no plain rectangle. */
    public Optional<Contour> outline() {
        return dimensions.outline();
    }

    public Length finished(Axis axis) {
        return dimensions.finished(axis);
    }

    /** Finished less form: negative is plumper. */
    public Length ease(Axis axis) {
        return dimensions.ease(axis);
    }

    /** The front as it is sewn in, or what the front is a part of. */
    public Piece front() {
        return back.pieces().get(0);
    }

    /** Whether any panel is joined from drops. */
    public boolean isJoined() {
        return back.pieces().stream()
                .flatMap(piece -> piece.marks().stream())
                .anyMatch(mark -> mark.sort() == Marking.Sort.JOIN);
    }

    /** Square inches of all pieces together. */
    public double clothArea() {
        return pieces.stream().mapToDouble(Piece::area).sum();
    }

    /** The seam allowance as sewn. */
    public Length allowance() {
        return plan.seam().allowance(plan.unit());
    }

    public Optional<Finding> finding(String code) {
        return findings.stream().filter(finding -> finding.code().equals(code)).findFirst();
    }
}
