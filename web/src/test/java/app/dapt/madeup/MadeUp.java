package app.dapt.madeup;

import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.front.Extra;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.shape.Shape;
import app.dapt.measure.Length;
import java.util.List;

/** Kinds that nobody asked for, here to show that one class and its words are all a kind takes. */
public final class MadeUp implements Kinds.More {

    static final Kind<Opening> DRAWSTRING = new Kind<>(
            Opening.class,
            "drawstring",
            unit -> new Drawstring(unit.pick(Length.cm(3), Length.inches(1, 1, 4))),
            details -> new Drawstring(details.measure("channel")));

    static final Kind<Shape> KITE = new Kind<>(Shape.class, "kite", unit -> new Kite(), details -> new Kite());

    static final Kind<Edging> BLANKET = new Kind<>(
            Edging.class,
            "blanket",
            unit -> new BlanketStitch(unit.pick(Length.mm(12), Length.inches(0, 1, 2))),
            details -> new BlanketStitch(details.measure("stitchDepth")));

    static final Kind<Extra> BOW = new Kind<>(
            Extra.class,
            "bow",
            unit -> new Bow(false, unit.pick(Length.cm(10), Length.inches(4))),
            details -> new Bow(details.tick("bow"), details.measure("bowAcross")));

    @Override
    public List<Kind<?>> kinds() {
        boolean wanted = Boolean.parseBoolean(System.getProperty("dapt.made-up", "true"));
        return wanted ? List.of(DRAWSTRING, KITE, BLANKET, BOW) : List.of();
    }
}
