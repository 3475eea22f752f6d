package app.dapt.cover.opening;

import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import java.util.List;

/** The openings there are. */
public final class OpeningKind {

    public static final Kind<Opening> ENVELOPE =
            new Kind<>(Opening.class, "envelope", EnvelopeOpening.ASKED, EnvelopeOpening::new);
    public static final Kind<Opening> BANDED =
            new Kind<>(Opening.class, "banded", BandedOpening.ASKED, BandedOpening::new);
    public static final Kind<Opening> WRAP = new Kind<>(Opening.class, "wrap", WrapOpening.ASKED, WrapOpening::new);
    public static final Kind<Opening> PILLOWCASE =
            new Kind<>(Opening.class, "pillowcase", PillowcaseOpening.ASKED, PillowcaseOpening::new);
    public static final Kind<Opening> EDGE_ZIP =
            new Kind<>(Opening.class, "edge-zip", EdgeZipOpening.ASKED, EdgeZipOpening::new);
    public static final Kind<Opening> BACK_ZIP =
            new Kind<>(Opening.class, "back-zip", BackZipOpening.ASKED, BackZipOpening::new);
    public static final Kind<Opening> HIDDEN_ZIP =
            new Kind<>(Opening.class, "hidden-zip", HiddenZipOpening.ASKED, HiddenZipOpening::new);
    public static final Kind<Opening> ARM_FLAP =
            new Kind<>(Opening.class, "arm-flap", ArmFlapOpening.ASKED, ArmFlapOpening::new);
    public static final Kind<Opening> SEWN_SHUT =
            new Kind<>(Opening.class, "sewn-shut", SewnShutOpening.ASKED, SewnShutOpening::new);

    /** All of them, in the order in which they are offered. */
    public static final Kinds<Opening> ALL = Kinds.of(
            Opening.class,
            List.of(ENVELOPE, BANDED, WRAP, PILLOWCASE, EDGE_ZIP, BACK_ZIP, HIDDEN_ZIP, ARM_FLAP, SEWN_SHUT));

    private OpeningKind() {}
}
