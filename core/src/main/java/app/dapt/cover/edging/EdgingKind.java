package app.dapt.cover.edging;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.measure.Unit;
import java.util.function.Function;

/** What there is to put round the edge. */
public enum EdgingKind implements Kind<Edging> {
    NONE(unit -> new Edging.None(), details -> new Edging.None()),
    PIPING(Piping::usual, Piping::from),
    BY_LENGTH(TrimByLength::usual, TrimByLength::from),
    RUFFLE(Ruffle::usual, Ruffle::from),
    FLANGE(Flange::usual, Flange::from),
    CORNERS(CornerTrim::usual, CornerTrim::from);

    private final Function<Unit, Edging> usual;
    private final Function<Details, Edging> from;

    EdgingKind(Function<Unit, Edging> usual, Function<Details, Edging> from) {
        this.usual = usual;
        this.from = from;
    }

    @Override
    public Edging usual(Unit unit) {
        return usual.apply(unit);
    }

    @Override
    public Edging with(Details details) {
        return from.apply(details);
    }
}
