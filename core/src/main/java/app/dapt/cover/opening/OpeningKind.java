package app.dapt.cover.opening;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.measure.Unit;
import java.util.function.Function;

/** The openings there are. */
public enum OpeningKind implements Kind<Opening> {
    ENVELOPE(EnvelopeOpening::usual, EnvelopeOpening::from),
    BANDED(BandedOpening::usual, BandedOpening::from),
    WRAP(WrapOpening::usual, WrapOpening::from),
    PILLOWCASE(PillowcaseOpening::usual, PillowcaseOpening::from),
    EDGE_ZIP(EdgeZipOpening::usual, EdgeZipOpening::from),
    BACK_ZIP(BackZipOpening::usual, BackZipOpening::from),
    HIDDEN_ZIP(HiddenZipOpening::usual, HiddenZipOpening::from),
    ARM_FLAP(ArmFlapOpening::usual, ArmFlapOpening::from),
    SEWN_SHUT(SewnShutOpening::usual, SewnShutOpening::from);

    private final Function<Unit, Opening> usual;
    private final Function<Details, Opening> from;

    OpeningKind(Function<Unit, Opening> usual, Function<Details, Opening> from) {
        this.usual = usual;
        this.from = from;
    }

    @Override
    public Opening usual(Unit unit) {
        return usual.apply(unit);
    }

    @Override
    public Opening with(Details details) {
        return from.apply(details);
    }
}
