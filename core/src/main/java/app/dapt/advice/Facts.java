package app.dapt.advice;

import app.dapt.cover.decision.Use;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What is known of a cover before anything is recommended.
 *
 * @param use     what it is for, once it is said
 * @param holds   what is so
 * @param overlap that holds, where backs overlap
 * @param longest the longest cut in it; nought where it is not known
 * @param interfaced how wide and how high interfacing behind the panel with the zip is, without its allowances
 */
public record Facts(
        Optional<Use> use,
        Set<Fact> holds,
        Drawer drawer,
        Optional<Length> overlap,
        Length longest,
        List<Length> interfaced,
        Unit unit) {

    /** The facts that an opening brings with it; where none of them holds, no opening was decided. */
    private static final Set<Fact> OF_AN_OPENING =
            EnumSet.of(Fact.LAPS, Fact.ZIP, Fact.EDGE_ZIP, Fact.SEWN_SHUT, Fact.PILLOWCASE);

    public Facts {
        holds = Set.copyOf(holds);
        interfaced = List.copyOf(interfaced);
    }

    /** Whether something is so. */
    public boolean has(Fact fact) {
        return holds.contains(fact);
    }

    /** Whether it is decided how the cover opens. */
    boolean isOpeningDecided() {
        return holds.stream().anyMatch(OF_AN_OPENING::contains);
    }

    /** The facts that a use brings with it. */
    public static Set<Fact> of(Optional<Use> use) {
        Set<Fact> facts = EnumSet.noneOf(Fact.class);
        facts.add(use.filter(Use.OUTDOORS::equals).isPresent() ? Fact.OUTDOORS : Fact.INDOORS);
        use.ifPresent(said -> facts.addAll(
                switch (said) {
                    case SHOW -> Set.of(Fact.SHOW);
                    case LIVED -> Set.of(Fact.LIVED);
                    case PULLED -> Set.of(Fact.PULLED, Fact.LIVED);
                    case OUTDOORS -> Set.<Fact>of();
                    case GIVEN -> Set.of(Fact.GIVEN, Fact.LIVED);
                }));
        return facts;
    }
}
