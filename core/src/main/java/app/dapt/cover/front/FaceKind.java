package app.dapt.cover.front;

import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import java.util.List;

/** The fronts there are. */
public final class FaceKind {

    public static final Kind<Face> PLAIN = new Kind<>(Face.class, "plain", List.of(), Face.Plain::new);
    public static final Kind<Face> BUTTON_BAND =
            new Kind<>(Face.class, "button-band", Face.ButtonBand.ASKED, Face.ButtonBand::new);
    public static final Kind<Face> PIECED = new Kind<>(Face.class, "pieced", Face.Pieced.ASKED, Face.Pieced::new);

    /** All of them, in the order in which they are offered. */
    public static final Kinds<Face> ALL = Kinds.of(Face.class, List.of(PLAIN, BUTTON_BAND, PIECED));

    private FaceKind() {}
}
