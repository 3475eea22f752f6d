package app.dapt.cover;

import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import java.util.List;

/** Where a join lies that a narrow cloth makes necessary. */
public final class JoiningKind {

    /** Nowhere: a wider cloth is bought. */
    public static final Kind<Joining> NONE = kind("none", Joining.Place.NOWHERE);
    /** Two half-drops beside a full one. */
    public static final Kind<Joining> SIDES = kind("sides", Joining.Place.SIDES);

    public static final Kind<Joining> MIDDLE = kind("middle", Joining.Place.MIDDLE);
    public static final Kind<Joining> OWN = kind("own", Joining.Place.OWN);

    /** All of them, in the order in which they are offered. */
    public static final Kinds<Joining> ALL = Kinds.of(Joining.class, List.of(NONE, SIDES, MIDDLE, OWN));

    private JoiningKind() {}

    private static Kind<Joining> kind(String code, Joining.Place place) {
        return new Kind<>(
                Joining.class,
                code,
                unit -> Joining.usual(place, unit),
                details -> new Joining(place, details.measure("joinAt")));
    }
}
