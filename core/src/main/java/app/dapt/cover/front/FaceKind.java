package app.dapt.cover.front;

import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import app.dapt.measure.Length;
import java.util.List;

/** The fronts there are. */
public final class FaceKind {

    public static final Kind<Face> PLAIN =
            new Kind<>(Face.class, "plain", unit -> new Face.Plain(), details -> new Face.Plain());
    public static final Kind<Face> BUTTON_BAND = new Kind<>(
            Face.class, "button-band", unit -> Face.ButtonBand.usual(unit), details -> Face.ButtonBand.from(details));
    public static final Kind<Face> PIECED = new Kind<>(
            Face.class,
            "pieced",
            unit -> new Face.Pieced(unit.pick(Length.mm(6), Length.inches(0, 1, 4))),
            details -> new Face.Pieced(details.measure("layers")));

    /** All of them, in the order in which they are offered. */
    public static final Kinds<Face> ALL = Kinds.of(Face.class, List.of(PLAIN, BUTTON_BAND, PIECED));

    private FaceKind() {}
}
