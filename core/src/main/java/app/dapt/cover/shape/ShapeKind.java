package app.dapt.cover.shape;

import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import java.util.List;

/** The shapes there are. */
public final class ShapeKind {

    public static final Kind<Shape> SQUARE = new Kind<>(
            Shape.class,
            "square",
            unit -> new Rectangular(false, Corners.PLAIN),
            details -> Rectangular.from(false, details));
    public static final Kind<Shape> OBLONG = new Kind<>(
            Shape.class,
            "oblong",
            unit -> new Rectangular(true, Corners.PLAIN),
            details -> Rectangular.from(true, details));
    public static final Kind<Shape> ROUND =
            new Kind<>(Shape.class, "round", unit -> new Round(), details -> new Round());
    public static final Kind<Shape> VEE = new Kind<>(Shape.class, "vee", Vee::usual, Vee::from);
    public static final Kind<Shape> RUN = new Kind<>(Shape.class, "run", Run::usual, Run::from);

    /** All of them, in the order in which they are offered. */
    public static final Kinds<Shape> ALL = Kinds.of(Shape.class, List.of(SQUARE, OBLONG, ROUND, VEE, RUN));

    private ShapeKind() {}
}
