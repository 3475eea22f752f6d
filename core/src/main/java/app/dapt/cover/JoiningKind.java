package app.dapt.cover;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.measure.Unit;

/** Where a join lies that a narrow cloth makes necessary. */
public enum JoiningKind implements Kind<Joining> {
    /** Nowhere: a wider cloth is bought. */
    NONE,
    /** Two half-drops beside a full one. */
    SIDES,
    MIDDLE,
    OWN;

    @Override
    public Joining usual(Unit unit) {
        return Joining.usual(this, unit);
    }

    @Override
    public Joining with(Details details) {
        return new Joining(this, details.measure("joinAt"));
    }
}
