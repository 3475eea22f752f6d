package app.dapt.cover.front;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.measure.Unit;

/** There is one kind of extras, in which each is there or not. */
public enum ExtrasKind implements Kind<Extras> {
    EXTRAS;

    @Override
    public Extras usual(Unit unit) {
        return Extras.none(unit);
    }

    @Override
    public Extras with(Details details) {
        return Extras.from(details);
    }
}
