package app.dapt.cover.opening;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Back.Lap;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import java.util.List;
import java.util.Optional;

/** An opening whose two ends lie over each other: y₁ + y₂ = depth + overlap. */
public interface Lapped extends Opening {

    /** This opening with another overlap asked for. */
    default Lapped withOverlap(Length asked) {
        return (Lapped) kind().with(PanelDepths.lappingBy(asked, decided()));
    }

    /** This opening with its overlap about the middle of the back. */
    default Lapped centred() {
        return (Lapped) with(PanelDepths.CENTRE, Optional.empty());
    }

    @Override
    default Opening nearer(Length by) {
        return get(PanelDepths.CENTRE)
                .map(centre -> with(PanelDepths.CENTRE, Optional.of(Length.max(Length.ZERO, centre.minus(by)))))
                .orElse(this);
    }

    /** This opening running the other way, in the middle. */
    default Lapped crosswise() {
        return (Lapped) centred().turned();
    }

    /** What holds it shut besides. */
    default Fastening fastening() {
        return Fastening.of(decided());
    }

    /** How deep its panels are. */
    default PanelDepths depths() {
        return PanelDepths.of(decided());
    }

    /** The same held by nothing. */
    default Opening unfastened() {
        return with(Fastening.BY, Fastening.By.NOTHING);
    }

    @Override
    default boolean isToldInMoves() {
        return true;
    }

    @Override
    default void lay(Making making) {
        new Laying(making, frame()).lapped();
    }

    @Override
    default List<Need> needs(Back back) {
        return fastening().needs(back);
    }

    @Override
    default void finish(Making making) {
        fastening().finish(making, making.back().inner().piece());
    }

    /** What is asked about the hems of its panels. */
    List<HemQuestions> hems();

    /** This opening with hems as narrow as hems are made. */
    default Lapped narrowlyHemmed(Unit unit) {
        return hemmed(Hem.Kind.NARROW, unit);
    }

    /** This opening with all its hems of one kind, as that is usually turned. */
    default Lapped hemmed(Hem.Kind kind, Unit unit) {
        Details hemmed = decided();
        for (HemQuestions hem : hems()) {
            hemmed = hem.of(hemmed).kind() == kind ? hemmed : hem.with(hemmed, kind.usual(unit));
        }
        return (Lapped) kind().with(hemmed);
    }

    /** What can go wrong with buttons in an overlap so wide. */
    default List<Concern<Opening>> buttonConcerns(CoverDimensions sizes, Length overlap) {
        Length room = fastening().roomForButton();
        return fastening().concerns(sizes, overlap, "button-overlap", withOverlap(room), unfastened());
    }

    /** Whether a rule of thumb rather than an overlap was asked for. */
    default boolean isByRule() {
        return PanelDepths.isByRule(decided());
    }

    /**
     * The back of panels of which the last comes to lie over the first.
     *
     * @param overlap what really remains
     */
    default Back lapped(List<Piece> pieces, List<Panel> panels, Length overlap, Frame.Sized laid) {
        return fastening()
                .fasten(Back.of(pieces, panels, laid.along()).lapping(Lap.of(overlap, runs(), laid.sizes())), laid);
    }

    /** Whether a middle was asked for that lies off the cover. */
    static boolean isOff(Optional<Length> centre, Length depth) {
        return centre.filter(c -> c.isNegative() || depth.under(c)).isPresent();
    }
}
