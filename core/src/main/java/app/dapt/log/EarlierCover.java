package app.dapt.log;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.fit.Fit;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.SizeReader.Size;
import java.util.Optional;

/**
 * A cover made before there was a log, of which no more is known than its name and a size.
 *
 * @param form     the form's size; where it is not known the cover's own stands for it
 * @param finished the cover's own size; where it is not known the usual rule gives it
 * @param filling  of the form
 */
public record EarlierCover(String name, Optional<Size> form, Optional<Size> finished, Filling filling) {

    /** @throws IllegalArgumentException where neither size is known */
    public EarlierCover {
        if (form.isEmpty() && finished.isEmpty()) {
            throw new IllegalArgumentException("a form or a size is known of every cover");
        }
    }

    /** A plan that comes to these sizes, everything else as most people would have it. */
    public CoverPlan plan(Mark mark) {
        Size inside = form.or(() -> finished).orElseThrow();
        Form measured = Form.overCrown(inside.across(), inside.upDown()).withFilling(filling);
        CoverPlan plan = DefaultPlan.plan(name, mark, DefaultPlan.suited(ShapeKind.SQUARE, measured), measured);
        return finished.map(size -> sized(plan, inside, size)).orElse(plan);
    }

    private static CoverPlan sized(CoverPlan plan, Size inside, Size size) {
        Length across = size.across().minus(inside.across());
        Length upDown = size.upDown().minus(inside.upDown());
        Fit fit = plan.fit();
        if (across.isZero() && upDown.isZero()) {
            return plan.withFit(fit.withSchool(FitSchool.FINISH_TO_FORM));
        }
        if (across.equals(upDown) && LengthRange.OWN_EASE.allows(across)) {
            return plan.withFit(fit.withSchool(FitSchool.MY_OWN).withOwnEase(across));
        }
        // More the one way than the other: the size that is known is taken as it stands.
        Form form = plan.form();
        return plan.withForm(new Form(
                        form.across().with(Reading.LABEL, Optional.of(size.across())),
                        form.upDown().with(Reading.LABEL, Optional.of(size.upDown())),
                        form.loft(),
                        LabelMeans.COVER,
                        form.filling(),
                        form.round()))
                .withFit(fit.withSchool(FitSchool.LABEL));
    }
}
