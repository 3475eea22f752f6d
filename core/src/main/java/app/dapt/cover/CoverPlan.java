package app.dapt.cover;

import app.dapt.cover.decision.Alteration;
import app.dapt.cover.decision.Cloths;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.Use;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.front.Extras;
import app.dapt.cover.front.Face;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.parts.SizeBasis;
import app.dapt.cover.shape.Shape;
import app.dapt.fit.Fit;
import app.dapt.form.Form;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.PlainText;
import app.dapt.measure.Unit;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * What was decided about one cover, and nothing that can be reckoned from it.
 *
 * @param name    what the sewist calls it, 1 to 80 characters
 * @param mark    the finest mark cut sizes are rounded up to; it gives the cover's own unit
 * @param face    what the front is made of
 * @param extras  what is added to the front
 * @param edging  what goes round the edge
 * @param joining what is done with a piece wider than its cloth
 * @param use     what it is for, once that is said
 * @param noted   codes of findings that the sewist has read and set aside
 */
public record CoverPlan(
        String name,
        Mark mark,
        Shape shape,
        Form form,
        Fit fit,
        Opening opening,
        Face face,
        Extras extras,
        Edging edging,
        Seam seam,
        Joining joining,
        Cloths cloths,
        Optional<Use> use,
        Set<String> noted) {

    public static final int LONGEST_NAME = 80;

    /** @throws IllegalArgumentException where the name is not 1 to 80 characters on one line */
    public CoverPlan {
        if (!PlainText.isLine(name) || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("a cover has a name of 1 to 80 characters");
        }
        noted = Set.copyOf(noted);
    }

    /** The unit the cover was planned in. */
    public Unit unit() {
        return mark.unit();
    }

    /** The part of it that its finished sizes follow from. */
    public SizeBasis basis() {
        return new SizeBasis(
                unit(), shape, form, fit, seam, cloths, opening.runs(), opening.easeAlong(), edging.flange());
    }

    public CoverPlan withName(String changed) {
        return new CoverPlan(
                changed, mark, shape, form, fit, opening, face, extras, edging, seam, joining, cloths, use, noted);
    }

    public CoverPlan withMark(Mark changed) {
        return new CoverPlan(
                name, changed, shape, form, fit, opening, face, extras, edging, seam, joining, cloths, use, noted);
    }

    public CoverPlan withShape(Shape changed) {
        return new CoverPlan(
                name, mark, changed, form, fit, opening, face, extras, edging, seam, joining, cloths, use, noted);
    }

    public CoverPlan withForm(Form changed) {
        return new CoverPlan(
                name, mark, shape, changed, fit, opening, face, extras, edging, seam, joining, cloths, use, noted);
    }

    /** This plan by another fit; what a try-on has altered of one rule is not altered of another. */
    public CoverPlan withFit(Fit changed) {
        boolean alike = changed.isByRulesOf(fit);
        Seam kept = alike ? seam : seam.withAltered(Alteration.NONE);
        return new CoverPlan(
                name, mark, shape, form, changed, opening, face, extras, edging, kept, joining, cloths, use, noted);
    }

    public CoverPlan withOpening(Opening changed) {
        return new CoverPlan(
                name, mark, shape, form, fit, changed, face, extras, edging, seam, joining, cloths, use, noted);
    }

    public CoverPlan withSeam(Seam changed) {
        return new CoverPlan(
                name, mark, shape, form, fit, opening, face, extras, edging, changed, joining, cloths, use, noted);
    }

    public CoverPlan withFace(Face changed) {
        return new CoverPlan(
                name, mark, shape, form, fit, opening, changed, extras, edging, seam, joining, cloths, use, noted);
    }

    public CoverPlan withExtras(Extras changed) {
        return new CoverPlan(
                name, mark, shape, form, fit, opening, face, changed, edging, seam, joining, cloths, use, noted);
    }

    public CoverPlan withEdging(Edging changed) {
        return new CoverPlan(
                name, mark, shape, form, fit, opening, face, extras, changed, seam, joining, cloths, use, noted);
    }

    public CoverPlan withJoining(Joining changed) {
        return new CoverPlan(
                name, mark, shape, form, fit, opening, face, extras, edging, seam, changed, cloths, use, noted);
    }

    public CoverPlan withCloths(Cloths changed) {
        return new CoverPlan(
                name, mark, shape, form, fit, opening, face, extras, edging, seam, joining, changed, use, noted);
    }

    public CoverPlan withUse(Optional<Use> changed) {
        return new CoverPlan(
                name, mark, shape, form, fit, opening, face, extras, edging, seam, joining, cloths, changed, noted);
    }

    /** What lies flat at each edge beyond what the form fills: a flange, or what a row on the outside shuts in. */
    public Length border() {
        return edging.flange().plus(seam.stitchedIn(unit()));
    }

    /**
     * This plan where seams are sewn deeper: what is measured from an edge is nearer to it.
     *
     * @param across by how much at the sides, nought where they are no seams
     * @param upDown by how much above and below
     */
    public CoverPlan nearer(Length across, Length upDown) {
        return withShape(shape.nearer(upDown))
                .withOpening(opening.nearer(opening.runs() == Axis.ACROSS ? upDown : across))
                .withExtras(extras.nearer(across, upDown));
    }

    /** This plan with one more finding set aside. */
    public CoverPlan noting(String code) {
        Set<String> more = new TreeSet<>(noted);
        more.add(code);
        return new CoverPlan(
                name, mark, shape, form, fit, opening, face, extras, edging, seam, joining, cloths, use, more);
    }
}
