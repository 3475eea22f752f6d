package app.dapt.cover.edging;

import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import java.util.List;

/** What there is to put round the edge. */
public final class EdgingKind {

    public static final Kind<Edging> NONE = new Kind<>(Edging.class, "none", List.of(), Edging.None::new);
    public static final Kind<Edging> PIPING = new Kind<>(Edging.class, "piping", Piping.ASKED, Piping::new);
    public static final Kind<Edging> BY_LENGTH =
            new Kind<>(Edging.class, "by-length", TrimByLength.ASKED, TrimByLength::new);
    public static final Kind<Edging> RUFFLE = new Kind<>(Edging.class, "ruffle", Ruffle.ASKED, Ruffle::new);
    public static final Kind<Edging> FLANGE = new Kind<>(Edging.class, "flange", Flange.ASKED, Flange::new);
    public static final Kind<Edging> CORNERS = new Kind<>(Edging.class, "corners", CornerTrim.ASKED, CornerTrim::new);

    /** All of them, in the order in which they are offered. */
    public static final Kinds<Edging> ALL =
            Kinds.of(Edging.class, List.of(NONE, PIPING, BY_LENGTH, RUFFLE, FLANGE, CORNERS));

    private EdgingKind() {}
}
