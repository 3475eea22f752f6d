package app.dapt.cover.opening;

import app.dapt.cover.decision.Making;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import java.util.Optional;

/** An opening whose two ends lie over each other: y₁ + y₂ = depth + overlap. */
public interface Lapped extends Opening {

    /** This opening with another overlap asked for. */
    default Lapped withOverlap(Length asked) {
        return (Lapped) kind().with(decided().with("overlap", asked));
    }

    /** This opening with its overlap about the middle of the back. */
    default Lapped centred() {
        return (Lapped) kind().with(decided().with("centre", Optional.empty()));
    }

    @Override
    default Opening nearer(Length by) {
        return decided()
                .maybe("centre")
                .map(centre ->
                        kind().with(decided().with("centre", Optional.of(Length.max(Length.ZERO, centre.minus(by))))))
                .orElse(this);
    }

    /** This opening running the other way, in the middle. */
    default Lapped crosswise() {
        return (Lapped) centred().turned();
    }

    /** What holds it shut besides. */
    Fastening fastening();

    @Override
    default void lay(Making making) {
        new Laying(making, runs()).lapped();
    }

    @Override
    default void finish(Making making) {
        fastening().finish(making, making.back().panels().get(0).piece());
    }

    /** This opening with hems as narrow as hems are made. */
    Lapped narrowlyHemmed(Unit unit);

    /** Whether the panels lie one above the other rather than side by side. */
    default boolean stacked() {
        return runs() == Axis.ACROSS;
    }

    /** Whether a rule of thumb rather than an overlap was asked for. */
    default boolean isByRule() {
        return false;
    }

    /**
     * One panel's finished depth.
     *
     * @param depth   of the cover, across the opening
     * @param overlap asked for
     * @param centre  the middle of the overlap from the top (left) edge; none is the middle of the cover
     * @param isFirst whether it is the upper (left) panel
     */
    static Sum half(Length depth, Length overlap, Optional<Length> centre, boolean isFirst, boolean stacked) {
        Length middle =
                centre.map(c -> Length.max(Length.ZERO, Length.min(c, depth))).orElse(depth.half());
        Length share = isFirst ? middle : depth.minus(middle);
        Length lap = isFirst ? overlap.half() : overlap.minus(overlap.half());
        String half = stacked ? "term.half-height" : "term.half-width";
        return Sum.of(
                Sum.term(centre.isEmpty() ? half : "term.edge-to-middle", share), Sum.term("term.half-overlap", lap));
    }

    /** Whether a middle was asked for that lies off the cover. */
    static boolean isOff(Optional<Length> centre, Length depth) {
        return centre.filter(c -> c.isNegative() || depth.under(c)).isPresent();
    }
}
