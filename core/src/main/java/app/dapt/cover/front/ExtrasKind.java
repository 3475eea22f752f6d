package app.dapt.cover.front;

import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import java.util.List;

/** There is one kind of extras, in which each is there or not. */
public final class ExtrasKind {

    public static final Kind<Extras> EXTRAS =
            new Kind<>(Extras.class, "extras", Extras.asked(), Extras::of).leavingOutTheUsual();

    /** All of them, in the order in which they are offered. */
    public static final Kinds<Extras> ALL = Kinds.of(Extras.class, List.of(EXTRAS));

    private ExtrasKind() {}
}
