package app.dapt.cover;

import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.measure.Length;
import java.util.List;

/** Where a join lies that a narrow cloth makes necessary. */
public final class JoiningKind {

    /** For a place of one's own, how far from the finished left edge the join lies. */
    static final Question<Length> AT = Question.length("joinAt", LengthRange.CENTRE, Length.cm(30), Length.inches(12));

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
        Question<Length> at = AT.where(all -> place == Joining.Place.OWN);
        return new Kind<>(Joining.class, code, List.of(at), decided -> new Joining(place, decided));
    }
}
