package app.dapt.layout;

import static app.dapt.layout.LayoutCases.cloth;
import static app.dapt.layout.LayoutCases.usual;
import static app.dapt.layout.LayoutCases.wanted;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cloth.Repeat;
import app.dapt.cloth.Shrinkage;
import app.dapt.measure.Length;
import app.dapt.piece.Edge;
import app.dapt.piece.PieceRole;
import app.dapt.piece.Side;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Where the print lies on what is cut from it. */
class PrintWindowsTest {

    private static final Cloth SAILS = cloth(Print.SAIL, 54);
    private static final Window MIDDLE = new Window(Length.inches(4), Length.inches(4));
    private static final Wanted FRONT = wanted("front", Length.inches(20), Length.inches(16), 1);

    private static LayoutChoices matched(Cloth cloth) {
        return usual(cloth).cutting(false, true, false);
    }

    private static Optional<Window> of(Cloth cloth, LayoutChoices choices, Wanted wanted) {
        return new PrintWindows(cloth, choices, List.of(wanted)).of(wanted);
    }

    /** Fronts share one, the middle of a repeat unless another was chosen; others have what they were given. */
    @Test
    void frontsShareAPointAndOthersHaveTheirOwn() {
        assertThat(of(SAILS, matched(SAILS), FRONT)).contains(MIDDLE);
        assertThat(of(SAILS, usual(SAILS).cutting(false, false, false), FRONT)).isEmpty();
        Wanted back = new Wanted("1/back", "Bench", FRONT.piece().as(PieceRole.Whole.OTHER), 1);
        assertThat(of(SAILS, matched(SAILS), back)).isEmpty();
        Window own = new Window(Length.inches(1), Length.inches(2));
        assertThat(of(SAILS, matched(SAILS).showing("1/back", Optional.of(own)), back))
                .contains(own);
        assertThat(of(SAILS, matched(SAILS).showing("1/front", Optional.of(own)), FRONT))
                .contains(own);
        Cloth plain = cloth(Print.PLAIN, 54);
        assertThat(of(plain, matched(plain), FRONT)).isEmpty();
        assertThat(of(plain, matched(plain).showing("1/front", Optional.of(own)), FRONT))
                .as("there is nothing to show")
                .isEmpty();
    }

    /** What goes on the cloth a quarter turn round only cannot meet the print; on a remnant it may lie as it will. */
    @Test
    void whatIsWiderThanTheClothMeetsNoPrint() {
        Wanted wide = wanted("front", Length.inches(53, 1, 8), Length.inches(16), 1);
        Wanted fits = wanted("front", SAILS.usableWidth(), Length.inches(16), 1);
        assertThat(of(SAILS, matched(SAILS), wide)).isEmpty();
        assertThat(of(SAILS, matched(SAILS), fits)).contains(MIDDLE);
        assertThat(of(SAILS, matched(SAILS).at(true, List.of()), wide)).contains(MIDDLE);
    }

    private static Wanted drop(int number, int inches, boolean joinedLeft, boolean joinedRight) {
        Edge join = Edge.join(Length.inches(0, 5, 8));
        String id = "front-" + number;
        Wanted drop = wanted(id, Length.inches(inches), Length.inches(16), 1);
        var piece = drop.piece().as(new PieceRole.Drop("front", number));
        piece = joinedLeft ? piece.with(Side.LEFT, join) : piece;
        piece = joinedRight ? piece.with(Side.RIGHT, join) : piece;
        return new Wanted("1/" + id, "Bench", piece, 1);
    }

    /** At every join both drops show the same of the print; the middle of the panel shows what a whole one would. */
    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void thePrintRunsOnOverTheJoins(boolean sideways) {
        Cloth cloth = SAILS.used(sideways, Optional.of(new Repeat(Length.inches(8), Length.inches(8))), Shrinkage.NONE);
        List<Wanted> drops = List.of(drop(1, 14, false, true), drop(2, 40, true, true), drop(3, 21, true, false));
        PrintWindows windows = new PrintWindows(cloth, matched(cloth), drops);
        for (int i = 0; i + 1 < drops.size(); i++) {
            Length here = shown(windows, drops.get(i), sideways)
                    .plus(half(drops.get(i)))
                    .minus(drops.get(i).piece().edge(Side.RIGHT).allowance());
            Length there = shown(windows, drops.get(i + 1), sideways)
                    .minus(half(drops.get(i + 1)))
                    .plus(drops.get(i + 1).piece().edge(Side.LEFT).allowance());
            assertThat(there).as("at join %s", i + 1).isEqualTo(here);
        }
        Length left = shown(windows, drops.get(0), sideways).minus(half(drops.get(0)));
        Length right = shown(windows, drops.get(2), sideways).plus(half(drops.get(2)));
        assertThat(left.plus(right).half()).isEqualTo(Length.inches(4));
        Window first = windows.of(drops.get(0)).orElseThrow();
        assertThat(sideways ? first.across() : first.along())
                .as("the other way nothing moves")
                .isEqualTo(Length.inches(4));
    }

    /** What lies in the middle of a drop, from left to right: across the cloth, or against its length. */
    private static Length shown(PrintWindows windows, Wanted drop, boolean sideways) {
        Window window = windows.of(drop).orElseThrow();
        return sideways ? Length.inches(8).minus(window.along()) : window.across();
    }

    private static Length half(Wanted drop) {
        return drop.piece().cutWidth().half();
    }

    @Test
    void dropsOfTwoPanelsAreNotMistakenForOne() {
        Wanted one = drop(1, 14, false, true);
        Wanted two = drop(2, 40, true, false);
        Wanted other = new Wanted("2/front-1", "Other bench", one.piece(), 1);
        PrintWindows windows = new PrintWindows(SAILS, matched(SAILS), List.of(one, two, other));
        assertThat(windows.of(other)).as("alone in its panel").contains(MIDDLE);
        assertThat(windows.of(one)).isPresent().isNotEqualTo(Optional.of(MIDDLE));
    }
}
