package app.dapt.cover.shape;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.measure.Unit;
import java.util.function.Function;

/** The shapes there are. */
public enum ShapeKind implements Kind<Shape> {
    SQUARE(unit -> new Rectangular(false, Corners.PLAIN), details -> Rectangular.from(false, details)),
    OBLONG(unit -> new Rectangular(true, Corners.PLAIN), details -> Rectangular.from(true, details)),
    ROUND(unit -> new Round(), details -> new Round()),
    VEE(Vee::usual, Vee::from),
    RUN(Run::usual, Run::from);

    private final Function<Unit, Shape> usual;
    private final Function<Details, Shape> from;

    ShapeKind(Function<Unit, Shape> usual, Function<Details, Shape> from) {
        this.usual = usual;
        this.from = from;
    }

    @Override
    public Shape usual(Unit unit) {
        return usual.apply(unit);
    }

    @Override
    public Shape with(Details details) {
        return from.apply(details);
    }
}
