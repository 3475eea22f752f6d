package app.dapt.cover.decision;

import app.dapt.measure.Unit;

/**
 * One of the kinds a decision can be of: an enum of openings, of shapes or of fronts. To add a kind: its class, a line
 * in its enum, its words and its tests.
 */
public interface Kind<T extends Detailed> {

    /** As most people would have it. */
    T usual(Unit unit);

    /** With these details, which are those of its kind. */
    T with(Details details);

    /** This kind with whatever it has in common with another choice taken over. */
    default T insteadOf(Detailed other, Unit unit) {
        return with(usual(unit).decided().carrying(other.decided()));
    }
}
