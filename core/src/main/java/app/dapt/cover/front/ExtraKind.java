package app.dapt.cover.front;

import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import java.util.List;

/** What there is to add to a front. */
public final class ExtraKind {

    public static final Kind<Extra> POCKET = new Kind<>(Extra.class, "pocket", Pocket.ASKED, Pocket::new);
    public static final Kind<Extra> HANDLE = new Kind<>(Extra.class, "handle", Handle.ASKED, Handle::new);
    public static final Kind<Extra> LABEL = new Kind<>(Extra.class, "label", Label.ASKED, Label::new);
    public static final Kind<Extra> DECORATION =
            new Kind<>(Extra.class, "decoration", Decoration.ASKED, Decoration::new);
    public static final Kind<Extra> ROWS = new Kind<>(Extra.class, "rows", Rows.ASKED, Rows::new);
    public static final Kind<Extra> MOTIF = new Kind<>(Extra.class, "motif", Motif.ASKED, Motif::new);
    public static final Kind<Extra> LAYERS = new Kind<>(Extra.class, "layers", Layers.ASKED, Layers::new);

    /** All of them, in the order in which they are offered. */
    public static final Kinds<Extra> ALL =
            Kinds.of(Extra.class, List.of(POCKET, HANDLE, LABEL, DECORATION, ROWS, MOTIF, LAYERS));

    private ExtraKind() {}
}
