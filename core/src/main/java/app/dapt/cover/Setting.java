package app.dapt.cover;

import app.dapt.form.FormSize;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.stuffed.Fullness;
import app.dapt.stuffed.Pillow;

/**
 * What is already settled when the back is reckoned.
 *
 * @param mark     what this reader's cut sizes are rounded up to
 * @param across   finished size across
 * @param upDown   finished size up and down
 * @param fullness how full the form will make the cover
 */
record Setting(CoverPlan plan, Mark mark, FormSize form, Sum across, Sum upDown, Fullness fullness) {

    static Setting of(CoverPlan plan, Mark mark) {
        FormSize form = FormSize.of(plan.form());
        Length allowance = plan.seam().allowance(plan.unit());
        Sum across = plan.fit().finished(Axis.ACROSS, plan.form(), form, allowance);
        Sum upDown = plan.fit().finished(Axis.UP_DOWN, plan.form(), form, allowance);
        Fullness fullness = Fullness.of(form.pillow(), form.fill(), new Pillow(across.total(), upDown.total()));
        return new Setting(plan, mark, form, across, upDown, fullness);
    }

    Length finished(Axis axis) {
        return (axis == Axis.ACROSS ? across : upDown).total();
    }

    /** The seam allowance as sewn, in the cover's own unit whatever the reader's. */
    Length allowance() {
        return plan.seam().allowance(plan.unit());
    }

    /** The plain cut size in one direction: finished, and an allowance at both edges. */
    Sum cut(Axis axis) {
        return Sum.of(Sum.term(axis == Axis.ACROSS ? "term.finished-width" : "term.finished-height", finished(axis)),
                Sum.term("term.both-allowances", allowance().times(2)));
    }

    /** The unit the reader thinks in. */
    Unit unit() {
        return mark.unit();
    }
}
