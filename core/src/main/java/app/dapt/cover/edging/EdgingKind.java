package app.dapt.cover.edging;

import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import java.util.List;

/** What there is to put round the edge. */
public final class EdgingKind {

    public static final Kind<Edging> NONE =
            new Kind<>(Edging.class, "none", unit -> new Edging.None(), details -> new Edging.None());
    public static final Kind<Edging> PIPING = new Kind<>(Edging.class, "piping", Piping::usual, Piping::from);
    public static final Kind<Edging> BY_LENGTH =
            new Kind<>(Edging.class, "by-length", TrimByLength::usual, TrimByLength::from);
    public static final Kind<Edging> RUFFLE = new Kind<>(Edging.class, "ruffle", Ruffle::usual, Ruffle::from);
    public static final Kind<Edging> FLANGE = new Kind<>(Edging.class, "flange", Flange::usual, Flange::from);
    public static final Kind<Edging> CORNERS = new Kind<>(Edging.class, "corners", CornerTrim::usual, CornerTrim::from);

    /** All of them, in the order in which they are offered. */
    public static final Kinds<Edging> ALL =
            Kinds.of(Edging.class, List.of(NONE, PIPING, BY_LENGTH, RUFFLE, FLANGE, CORNERS));

    private EdgingKind() {}
}
