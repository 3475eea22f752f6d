package app.dapt.cover.shape;

import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import java.util.List;

/** The shapes there are. */
public final class ShapeKind {

    public static final Kind<Shape> SQUARE =
            new Kind<>(Shape.class, "square", Rectangular.ASKED, decided -> new Rectangular(false, decided));
    public static final Kind<Shape> OBLONG =
            new Kind<>(Shape.class, "oblong", Rectangular.ASKED, decided -> new Rectangular(true, decided));
    public static final Kind<Shape> ROUND = new Kind<>(Shape.class, "round", List.of(), Round::new);
    public static final Kind<Shape> VEE = new Kind<>(Shape.class, "vee", Vee.ASKED, Vee::new);
    public static final Kind<Shape> RUN = new Kind<>(Shape.class, "run", Run.ASKED, Run::new);

    /** All of them, in the order in which they are offered. */
    public static final Kinds<Shape> ALL = Kinds.of(Shape.class, List.of(SQUARE, OBLONG, ROUND, VEE, RUN));

    private ShapeKind() {}
}
