package app.dapt.fit;

import app.dapt.form.Form;
import app.dapt.form.FormSize;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.stuffed.Casing;
import java.util.Optional;

/**
 * How plump the cover is to be.
 *
 * @param school  the rule it follows
 * @param down    what "a size down" takes off; kept while another school is tried
 * @param ownEase what "my own" adds, negative for plumper; kept likewise
 */
public record Fit(FitSchool school, Length down, Length ownEase) {

    /** No cover is made smaller than this, whatever the arithmetic says. */
    public static final Length SMALLEST = Length.inches(2);

    public Fit withSchool(FitSchool changed) {
        return new Fit(changed, down, ownEase);
    }

    /** Whether the reading this school needs was taken in both directions. */
    public boolean measuredFor(Form form) {
        return school != FitSchool.STRAIGHT_ACROSS
                || straight(form, Axis.ACROSS).isPresent() && straight(form, Axis.UP_DOWN).isPresent();
    }

    /** The finished size in one direction, for a seam allowance, as a sum over the form's flat size. */
    public Sum finished(Axis axis, Form form, FormSize size, Length allowance) {
        Length flat = axis == Axis.ACROSS ? size.across().flat() : size.upDown().flat();
        Sum sum = switch (school) {
            case CUT_TO_FORM -> Sum.of(formTerm(flat), Sum.term("term.less-both-allowances", allowance.times(-2)));
            case FINISH_TO_FORM -> Sum.of(formTerm(flat));
            case SIZE_DOWN -> Sum.of(formTerm(flat), Sum.term("term.size-down", down.negated()));
            case MY_OWN -> Sum.of(formTerm(flat), Sum.term("term.own-ease", ownEase));
            case STRAIGHT_ACROSS -> Sum.of(straight(form, axis)
                    .map(reading -> Sum.term("term.straight-read", reading))
                    .orElseGet(() -> Sum.term("term.straight-expected", straightExpected(axis, size))));
        };
        Length missing = SMALLEST.minus(sum.total());
        return missing.isPositive() ? sum.plus(Sum.term("term.at-least", missing, SMALLEST)) : sum;
    }

    private static Sum.Term formTerm(Length flat) {
        return Sum.term("term.form", flat);
    }

    private static Optional<Length> straight(Form form, Axis axis) {
        Readings own = axis == Axis.ACROSS || form.upDown().isEmpty() ? form.across() : form.upDown();
        return own.get(Reading.STRAIGHT_ACROSS);
    }

    private static Length straightExpected(Axis axis, FormSize size) {
        Casing casing = size.casing();
        return axis == Axis.ACROSS
                ? Length.nearInches(size.across().flat().toInches() * casing.straightShareAcross(size.fill()))
                : Length.nearInches(size.upDown().flat().toInches() * casing.straightShareUpDown(size.fill()));
    }
}
