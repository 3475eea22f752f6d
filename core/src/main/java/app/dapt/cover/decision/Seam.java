package app.dapt.cover.decision;

import app.dapt.measure.Length;
import app.dapt.measure.Unit;

/**
 * The seam round the cover.
 *
 * @param chosen  cloth outside the seam line, as chosen; not negative
 * @param finish  what becomes of the raw edges
 * @param altered what a try-on has changed since
 */
public record Seam(Length chosen, SeamFinish finish, Alteration altered) {

    /** What the first pass of a French seam takes, wrong sides together. */
    private static final Length FRENCH_FIRST = Length.inches(0, 1, 4);

    private static final Length FRENCH_FIRST_METRIC = Length.mm(5);
    private static final Length FRENCH = Length.inches(0, 5, 8);
    private static final Length FRENCH_METRIC = Length.mm(15);
    /** How much further in than the raw edges the row lies that shuts them in. */
    private static final Length BEYOND = Length.inches(0, 1, 16);

    private static final Length BEYOND_METRIC = Length.mm(2);
    private static final Length USUAL = Length.inches(0, 1, 2);
    private static final Length USUAL_METRIC = Length.mm(15);
    private static final Length LEAST = Length.inches(0, 1, 4);
    private static final Length LEAST_METRIC = Length.mm(6);

    /** @throws IllegalArgumentException where the allowance is less than nothing */
    public Seam {
        if (chosen.isNegative()) {
            throw new IllegalArgumentException("a seam allowance is not negative");
        }
    }

    /** A seam as it was planned. */
    public Seam(Length chosen, SeamFinish finish) {
        this(chosen, finish, Alteration.NONE);
    }

    public static Length usual(Unit unit) {
        return unit.pick(USUAL_METRIC, USUAL);
    }

    /** Below this the seam may pull out. */
    public static Length least(Unit unit) {
        return unit.pick(LEAST_METRIC, LEAST);
    }

    /** What each edge was to give up: a French seam is sewn twice and takes at least ⅝ in or 1.5 cm. */
    public Length planned(Unit unit) {
        return finish == SeamFinish.FRENCH ? Length.max(chosen, unit.pick(FRENCH_METRIC, FRENCH)) : chosen;
    }

    /** What each edge really gives up, as planned and as the seam was sewn deeper or let out since; not negative. */
    public Length allowance(Unit unit) {
        return Length.max(Length.ZERO, planned(unit).plus(altered.deeper()));
    }

    /** What the first pass of a French seam takes. */
    public static Length frenchFirst(Unit unit) {
        return unit.pick(FRENCH_FIRST_METRIC, FRENCH_FIRST);
    }

    /** What is left of the allowance for its second pass, with right sides together; not negative. */
    public Length frenchRest(Unit unit) {
        return Length.max(Length.ZERO, allowance(unit).minus(frenchFirst(unit)));
    }

    /** How far in from the finished edge it is stitched round once more on the outside; nought where it is not. */
    public Length stitchedIn(Unit unit) {
        return finish == SeamFinish.ENCLOSED ? allowance(unit).plus(unit.pick(BEYOND_METRIC, BEYOND)) : Length.ZERO;
    }

    /** Whether it is sewn twice, so that its raw edges lie inside. */
    public boolean isFrench() {
        return finish == SeamFinish.FRENCH;
    }

    public Seam withChosen(Length changed) {
        return new Seam(changed, finish, altered);
    }

    public Seam withFinish(SeamFinish changed) {
        return new Seam(chosen, changed, altered);
    }

    public Seam withAltered(Alteration changed) {
        return new Seam(chosen, finish, changed);
    }
}
