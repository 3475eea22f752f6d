package app.dapt.cover.parts;

import app.dapt.cover.decision.Cloths;
import app.dapt.cover.decision.Seam;
import app.dapt.fit.Fit;
import app.dapt.form.Form;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;

/**
 * What the finished sizes of a cover follow from: the part of what was decided that every kind reckons with.
 *
 * @param unit   the cover's own
 * @param cloths not of any bearing on the sizes, but on what is cut
 * @param opens  the direction the opening runs in
 * @param ease   what the opening adds along it
 * @param flange how much wider the cover is made all round
 */
public record SizeBasis(
        Unit unit,
        CoverShape shape,
        Form form,
        Fit fit,
        Seam seam,
        Cloths cloths,
        Axis opens,
        Length ease,
        Length flange) {

    /** Whether another comes to the same sizes. */
    boolean isLike(SizeBasis other) {
        return equals(new SizeBasis(
                other.unit,
                other.shape,
                other.form,
                other.fit,
                other.seam,
                cloths,
                other.opens,
                other.ease,
                other.flange));
    }
}
