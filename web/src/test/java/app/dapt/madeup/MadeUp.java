package app.dapt.madeup;

import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.front.Extra;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.shape.Shape;
import java.util.List;

/** Kinds that nobody asked for, here to show that one class and its words are all a kind takes. */
public final class MadeUp implements Kinds.More {

    static final Kind<Opening> DRAWSTRING = new Kind<>(Opening.class, "drawstring", Drawstring.ASKED, Drawstring::new);

    static final Kind<Shape> KITE = new Kind<>(Shape.class, "kite", List.of(), Kite::new);

    static final Kind<Edging> BLANKET = new Kind<>(Edging.class, "blanket", BlanketStitch.ASKED, BlanketStitch::new);

    static final Kind<Extra> BOW = new Kind<>(Extra.class, "bow", Bow.ASKED, Bow::new);

    static final Kind<Opening> SELVAGE_SLIT =
            new Kind<>(Opening.class, "selvage-slit", SelvageSlit.ASKED, SelvageSlit::new);

    static final Kind<Edging> BINDING = new Kind<>(Edging.class, "binding", Binding.ASKED, Binding::new);

    @Override
    public List<Kind<?>> kinds() {
        boolean wanted = Boolean.parseBoolean(System.getProperty("dapt.made-up", "true"));
        return wanted ? List.of(DRAWSTRING, SELVAGE_SLIT, KITE, BLANKET, BINDING, BOW) : List.of();
    }
}
