package app.dapt.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.dapt.layout.Wanted;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What a cloth is and what it allows. */
class ClothTest {

    private static Cloth cloth(Print print, boolean nap) {
        return new Cloth("Harbour", "#31507e", print, Length.inches(54), nap);
    }

    private static Piece piece(int wide, int high) {
        return Piece.rectangle(
                "back-lower",
                Material.BACK,
                Sum.of(Sum.term("term.front", Length.inches(wide))),
                Sum.of(Sum.term("term.front", Length.inches(high))),
                Piece.sewnAllRound(Length.inches(0, 1, 2)));
    }

    /** Length ÷ (1 − shrinkage), upwards; washed again it is what was wanted, to a hair. */
    @ParameterizedTest
    @CsvSource({"0, 36", "30, 36", "50, 54", "200, 90", "1, 1"})
    void whatIsBoughtIsWhatIsLeftOnceItIsWashed(int tenths, int inches) {
        Shrinkage shrinkage = new Shrinkage(0, tenths);
        Length wanted = Length.inches(inches);
        Length unwashed = shrinkage.unwashed(wanted);
        assertThat(unwashed.toInches()).isCloseTo(inches / (1 - tenths / 1000.0), within(2e-4));
        assertThat(shrinkage.washedLength(unwashed)).isBetween(wanted.minus(new Length(1)), wanted.plus(new Length(1)));
    }

    @Test
    void moreThanAFifthIsNoShrinkage() {
        assertThatThrownBy(() -> new Shrinkage(201, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Shrinkage(0, -1)).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @EnumSource(Print.class)
    void whatForbidsTurning(Print print) {
        Cloth plain = cloth(print, false);
        assertThat(plain.turns()).isEqualTo(print == Print.PLAIN || print == Print.CHECK);
        assertThat(cloth(print, true).turns()).as("a nap has an up").isFalse();
        assertThat(cloth(print, true).hasUp()).isTrue();
        Cloth pictured = plain.withPhoto(Optional.of(new Photo(3, Length.inches(9), Length.inches(6))));
        assertThat(pictured.turns()).as("nobody knows what is on a picture").isFalse();
        assertThat(pictured.repeat())
                .as("a picture is a repeat")
                .contains(new Repeat(Length.inches(9), Length.inches(6)));
        assertThat(plain.repeat().isPresent()).isEqualTo(print != Print.PLAIN);
    }

    @Test
    void aGivenRepeatGoesBeforeAllOthersAndShrinksWithTheCloth() {
        Repeat own = new Repeat(Length.inches(10), Length.inches(20));
        Cloth cloth = cloth(Print.SAIL, false).used(false, Optional.of(own), new Shrinkage(100, 50));
        assertThat(cloth.repeat()).contains(new Repeat(Length.inches(9), Length.inches(19)));
        assertThat(cloth.usableWidth()).isEqualTo(new Length(Length.inches(53).grains() * 9 / 10));
    }

    @Test
    void usedSidewaysAPieceTakesItsHeightAcross() {
        Cloth upright = cloth(Print.STRIPE, false);
        Cloth sideways = upright.used(true, Optional.empty(), Shrinkage.NONE);
        assertThat(upright.across(piece(30, 12))).isEqualTo(Length.inches(30));
        assertThat(sideways.across(piece(30, 12))).isEqualTo(Length.inches(12));
        assertThat(sideways.along(piece(30, 12))).isEqualTo(Length.inches(30));
        assertThat(cloth(Print.PLAIN, false).leastAcross(piece(30, 12))).isEqualTo(Length.inches(12));
        assertThat(upright.leastAcross(piece(30, 12))).isEqualTo(Length.inches(30));
    }

    @Test
    void pricesGoByTheYardOrTheMetre() {
        Cloth priced = cloth(Print.PLAIN, false).withPrice(1200);
        assertThat(priced.cost(Length.inches(54), Unit.INCH)).contains(1800L);
        assertThat(priced.cost(Length.cm(150), Unit.CENTIMETRE)).contains(1800L);
        assertThat(cloth(Print.PLAIN, false).cost(Length.inches(54), Unit.INCH)).isEmpty();
    }

    /** The two parts, sewn together again, are the panel; the seam lies under the flap with both its allowances. */
    @ParameterizedTest
    @CsvSource({"TOP", "BOTTOM", "LEFT", "RIGHT"})
    void aPanelJoinedUnderItsFlapComesToThePanel(Side free) {
        Length allowance = Length.inches(0, 1, 2);
        Piece panel = piece(22, 14).with(free, new Edge(Edge.Fate.HEM, List.of(allowance, allowance)));
        Wanted wanted = new Wanted(
                "1/back-lower", "Bench", panel, 2, Optional.of(new Wanted.Hidden(free, Length.inches(5), allowance)));
        List<Wanted> parts = wanted.joinedUnderFlap();
        assertThat(parts).hasSize(2).allSatisfy(part -> assertThat(part.copies())
                .isEqualTo(2));
        boolean upDown = free == Side.TOP || free == Side.BOTTOM;
        Length together = parts.stream()
                .map(part -> upDown ? part.piece().cutHeight() : part.piece().cutWidth())
                .reduce(Length.ZERO, Length::plus);
        assertThat(together.minus(allowance.times(2))).isEqualTo(upDown ? panel.cutHeight() : panel.cutWidth());
        assertThat(parts.get(0).piece().edge(free).fate()).isEqualTo(Edge.Fate.HEM);
        assertThat(parts.get(0).piece().edge(free.opposite()).fate()).isEqualTo(Edge.Fate.JOIN);
        assertThat(parts.get(1).piece().edge(free).fate()).isEqualTo(Edge.Fate.JOIN);
        assertThat(wanted.joinAt()).contains(Length.inches(2, 1, 2));
    }

    @Test
    void aFlapTooShallowHidesNoJoin() {
        Wanted shallow = new Wanted(
                "1/back-lower",
                "Bench",
                piece(22, 14),
                1,
                Optional.of(new Wanted.Hidden(Side.TOP, Length.inches(1), Length.inches(0, 1, 2))));
        assertThat(shallow.joinAt()).isEmpty();
        assertThat(shallow.joinedUnderFlap()).containsExactly(shallow);
    }
}
