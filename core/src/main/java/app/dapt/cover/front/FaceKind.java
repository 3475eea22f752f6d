package app.dapt.cover.front;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import java.util.function.Function;

/** The fronts there are. */
public enum FaceKind implements Kind<Face> {
    PLAIN(unit -> new Face.Plain(), details -> new Face.Plain()),
    BUTTON_BAND(Face.ButtonBand::usual, Face.ButtonBand::from),
    PIECED(
            unit -> new Face.Pieced(unit.pick(Length.mm(6), Length.inches(0, 1, 4))),
            details -> new Face.Pieced(details.measure("layers")));

    private final Function<Unit, Face> usual;
    private final Function<Details, Face> from;

    FaceKind(Function<Unit, Face> usual, Function<Details, Face> from) {
        this.usual = usual;
        this.from = from;
    }

    @Override
    public Face usual(Unit unit) {
        return usual.apply(unit);
    }

    @Override
    public Face with(Details details) {
        return from.apply(details);
    }
}
