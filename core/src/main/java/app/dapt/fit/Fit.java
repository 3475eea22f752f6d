package app.dapt.fit;

import app.dapt.filling.Casing;
import app.dapt.form.Form;
import app.dapt.form.FormSize;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How plump the cover is to be.
 *
 * @param school  the rule it follows, across at least
 * @param upDown  the rule it follows up and down, where that is another
 * @param down    what "a size down" takes off; kept while another school is tried
 * @param ownEase what "my own" adds, negative for plumper; kept likewise
 */
public record Fit(FitSchool school, Optional<FitSchool> upDown, Length down, Length ownEase) {

    /** No cover is made smaller than this, whatever the arithmetic says. */
    public static final Length SMALLEST = Length.inches(2);

    /** The same rule both ways. */
    public Fit(FitSchool school, Length down, Length ownEase) {
        this(school, Optional.empty(), down, ownEase);
    }

    /** This fit by another rule, both ways. */
    public Fit withSchool(FitSchool changed) {
        return new Fit(changed, down, ownEase);
    }

    /** This fit with another ease of one's own. */
    public Fit withOwnEase(Length changed) {
        return new Fit(school, upDown, down, changed);
    }

    /** Whether another follows the same rules. */
    public boolean isByRulesOf(Fit other) {
        return Stream.of(Axis.values()).allMatch(axis -> school(axis) == other.school(axis));
    }

    /** The rule it follows in one direction. */
    public FitSchool school(Axis axis) {
        return axis == Axis.ACROSS ? school : upDown.orElse(school);
    }

    /** Whether the readings these rules need were taken, in the direction each is for. */
    public boolean measuredFor(Form form) {
        return Stream.of(Axis.values())
                .allMatch(axis -> reading(school(axis)).isEmpty()
                        || read(form, axis, school(axis)).isPresent());
    }

    /** The reading that a rule goes by, where it goes by one. */
    private static Optional<Reading> reading(FitSchool school) {
        return switch (school) {
            case STRAIGHT_ACROSS -> Optional.of(Reading.STRAIGHT_ACROSS);
            case LABEL -> Optional.of(Reading.LABEL);
            default -> Optional.empty();
        };
    }

    /** What was read that way; a label that names the form says nothing of the cover. */
    private static Optional<Length> read(Form form, Axis axis, FitSchool school) {
        Readings own = axis == Axis.ACROSS || form.upDown().isEmpty() ? form.across() : form.upDown();
        return reading(school)
                .filter(by -> by != Reading.LABEL || form.labelMeans() == LabelMeans.COVER)
                .flatMap(own::get);
    }

    /** The finished size in one direction, for a seam allowance, as a sum over the form's flat size. */
    public Sum finished(Axis axis, Form form, FormSize size, Length allowance) {
        Sum asked = asked(axis, form, size, allowance);
        Length missing = SMALLEST.minus(asked.total());
        return missing.isPositive() ? asked.plus(Sum.term("term.at-least", missing, SMALLEST)) : asked;
    }

    /** Whether less than {@link #SMALLEST} would be left in one direction, so that the rule is not kept to. */
    public boolean vanishes(Axis axis, Form form, FormSize size, Length allowance) {
        return asked(axis, form, size, allowance).total().under(SMALLEST);
    }

    private Sum asked(Axis axis, Form form, FormSize size, Length allowance) {
        Length flat = axis == Axis.ACROSS ? size.across().flat() : size.upDown().flat();
        FitSchool by = school(axis);
        return switch (by) {
            case CUT_TO_FORM -> Sum.of(formTerm(flat), Sum.term("term.less-both-allowances", allowance.times(-2)));
            case FINISH_TO_FORM -> Sum.of(formTerm(flat));
            case SIZE_DOWN -> Sum.of(formTerm(flat), Sum.term("term.size-down", down.negated()));
            case MY_OWN -> Sum.of(formTerm(flat), Sum.term("term.own-ease", ownEase));
            case LABEL ->
                Sum.of(read(form, axis, by)
                        .map(label -> Sum.term("term.label-cover", label))
                        .orElseGet(() -> formTerm(flat)));
            case STRAIGHT_ACROSS ->
                Sum.of(read(form, axis, by)
                        .map(reading -> Sum.term("term.straight-read", reading))
                        .orElseGet(() -> Sum.term("term.straight-expected", straightExpected(axis, size))));
        };
    }

    private static Sum.Term formTerm(Length flat) {
        return Sum.term("term.form", flat);
    }

    private static Length straightExpected(Axis axis, FormSize size) {
        Casing casing = size.casing();
        return axis == Axis.ACROSS
                ? Length.nearInches(size.across().flat().toInches() * casing.straightShareAcross(size.fill()))
                : Length.nearInches(size.upDown().flat().toInches() * casing.straightShareUpDown(size.fill()));
    }
}
