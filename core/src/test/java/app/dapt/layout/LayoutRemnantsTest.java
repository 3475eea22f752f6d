package app.dapt.layout;

import static app.dapt.layout.LayoutCases.FRONT;
import static app.dapt.layout.LayoutCases.assertApart;
import static app.dapt.layout.LayoutCases.cloth;
import static app.dapt.layout.LayoutCases.corner;
import static app.dapt.layout.LayoutCases.laid;
import static app.dapt.layout.LayoutCases.overlap;
import static app.dapt.layout.LayoutCases.usual;
import static app.dapt.layout.LayoutCases.wanted;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cloth.Scrap;
import app.dapt.cloth.Scrap.Corner;
import app.dapt.layout.Layout.Known;
import app.dapt.layout.Layout.Spot;
import app.dapt.measure.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What lies on remnants at hand, and what does not. */
class LayoutRemnantsTest {

    @ParameterizedTest
    @CsvSource({"18, 22, 2", "30, 45, 1", "12, 12, 6"})
    void remnantsHoldWhatIsLaidAndNothingLiesOnABadSpot(int wide, int deep, int copies) {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Scrap spoilt = new Scrap(
                "torn",
                List.of(corner(0, 0), corner(50, 0), corner(50, 50), corner(0, 50)),
                List.of(new Scrap.Spoilt(Length.inches(24), Length.inches(20), Length.inches(2), Length.inches(3))));
        LayoutChoices choices = usual(cloth)
                .at(true, List.of(spoilt, Scrap.rectangle("straight", Length.inches(40), Length.inches(25))));
        Layout laid = laid(cloth, choices, wanted("front", Length.inches(wide), Length.inches(deep), copies));
        assertApart(laid);
        assertThat(laid.spots())
                .filteredOn(spot -> spot.remnant() == 0)
                .noneMatch(spot -> overlap(spot.across(), spot.wide(), Length.inches(24), Length.inches(2))
                        && overlap(spot.along(), spot.deep(), Length.inches(20), Length.inches(3)));
        assertThat(laid.spots().size()
                        + laid.leftOut().stream().mapToInt(Wanted::copies).sum())
                .isEqualTo(copies);
        assertThat(laid.verdict().known()).isEqualTo(laid.leftOut().isEmpty() ? Known.ALL_PLACED : Known.LEFT_OUT);
        laid.leftOut().forEach(left -> assertThat(laid.shortfall(left)).isPresent());
    }

    @Test
    void aPinOnARemnantHoldsWithinItsOutlineOffItsSpotsAndMovesWithIt() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Length size = Length.inches(10);
        Scrap slanting = new Scrap(
                "slanting",
                List.of(corner(0, 0), corner(40, 0), corner(20, 40), corner(0, 40)),
                List.of(new Scrap.Spoilt(Length.inches(2), Length.inches(2), Length.inches(1), Length.inches(1))));
        Scrap other = Scrap.rectangle("other", Length.inches(12), Length.inches(12));
        LayoutChoices choices = usual(cloth).at(true, List.of(other, slanting));
        record At(int across, int along, int remnant, boolean holds) {}
        for (At at : List.of(
                new At(5, 5, 1, true),
                new At(15, 30, 1, false),
                new At(20, 10, 1, true),
                new At(21, 10, 1, false),
                new At(0, 0, 1, false),
                new At(3, 0, 1, true),
                new At(2, 2, 0, true),
                new At(3, 2, 0, false),
                new At(0, 0, 7, false))) {
            LayoutChoices.Pin pin = new LayoutChoices.Pin(
                    Length.inches(at.across()), Length.inches(at.along()), false, false, at.remnant());
            LayoutChoices pinned = choices.pinned("1/front.2", Optional.of(pin));
            Layout laid = laid(cloth, pinned, wanted("front", size, size, 3));
            assertThat(laid.spot("1/front.2").filter(Spot::pinned).isPresent())
                    .as("%s", at)
                    .isEqualTo(at.holds());
            assertThat(laid.loose()).hasSize(at.holds() ? 0 : 1);
            assertThat(laid.spots()).hasSize(3);
            assertApart(laid);
        }
        LayoutChoices pinned =
                choices.pinned("1/front.2", Optional.of(new LayoutChoices.Pin(size, size, false, false, 1)));
        assertThat(pinned.at(true, List.of(slanting)).pins())
                .hasEntrySatisfying(
                        "1/front.2", pin -> assertThat(pin.remnant()).isZero());
        assertThat(pinned.at(true, List.of(other)).pins()).isEmpty();
        assertThat(pinned.at(true, List.of(other, Scrap.rectangle("cut smaller", size, size)))
                        .pins())
                .hasEntrySatisfying(
                        "1/front.2", pin -> assertThat(pin.remnant()).isEqualTo(1));
        assertThat(pinned.at(false, List.of(other, slanting)).pins()).isEmpty();
    }

    @Test
    void asFewRemnantsAreUsedAsWillDo() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        LayoutChoices choices = usual(cloth)
                .at(
                        true,
                        List.of(
                                Scrap.rectangle("small", FRONT, FRONT),
                                Scrap.rectangle("narrow", FRONT, Length.inches(21)),
                                Scrap.rectangle("large", Length.inches(41), FRONT)));
        assertThat(laid(cloth, choices, wanted("front", FRONT, FRONT, 2)).remnantsUsed())
                .isEqualTo(1);
    }

    @Test
    void aRemnantThatCrossesItselfOrEnclosesNothingIsRefused() {
        List<Corner> bow = List.of(corner(0, 0), corner(10, 10), corner(10, 0), corner(0, 10));
        assertThat(Scrap.crossesItself(bow)).isTrue();
        assertThatThrownBy(() -> new Scrap("bow", bow, List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Scrap("line", List.of(corner(0, 0), corner(5, 0), corner(9, 0)), List.of()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whatIsLeftOutIsSaidToBeShortOfTheNearestPlace() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Wanted long30 = wanted("front", FRONT, Length.inches(30), 1);
        Layout laid = laid(
                cloth,
                usual(cloth)
                        .at(
                                true,
                                List.of(
                                        Scrap.rectangle("small", Length.inches(19), Length.inches(28)),
                                        Scrap.rectangle("tiny", Length.inches(9), Length.inches(9)))),
                long30);
        assertThat(laid.leftOut()).hasSize(1);
        assertThat(laid.shortfall(laid.leftOut().get(0)).orElseThrow())
                .returns(Length.inches(1), Layout.Shortfall::across)
                .returns(Length.inches(2), Layout.Shortfall::along);
        Layout turned = laid(
                cloth,
                usual(cloth).at(true, List.of(Scrap.rectangle("wide", Length.inches(28), Length.inches(19)))),
                long30);
        assertThat(turned.shortfall(turned.leftOut().get(0)).orElseThrow())
                .as("turned a quarter")
                .returns(Length.inches(2), Layout.Shortfall::across)
                .returns(Length.inches(1), Layout.Shortfall::along);
    }

    @Test
    void theNearestPlaceMayOverlapAnotherAndBeTooNarrowToKeep() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        LayoutChoices choices = usual(cloth)
                .at(
                        true,
                        List.of(
                                Scrap.rectangle("narrow", Length.inches(5), Length.inches(40)),
                                Scrap.rectangle("square", Length.inches(12), Length.inches(12))));
        Layout laid = laid(cloth, choices, wanted("strip", Length.inches(6), Length.inches(41), 1));
        assertThat(laid.shortfall(laid.leftOut().get(0)).orElseThrow())
                .as("five inches are not worth keeping, yet come nearest")
                .returns(Length.inches(1), Layout.Shortfall::across)
                .returns(Length.inches(1), Layout.Shortfall::along);
        Layout beside = laid(
                cloth,
                usual(cloth).at(true, List.of(Scrap.rectangle("square", Length.inches(20), Length.inches(20)))),
                wanted("front", Length.inches(10), Length.inches(10), 1),
                wanted("strip", Length.inches(21), Length.inches(9), 1));
        Layout.Shortfall missing = beside.shortfall(beside.leftOut().get(0)).orElseThrow();
        assertThat(missing.across().plus(missing.along()))
                .as("all the way beside the front")
                .isEqualTo(Length.inches(1));
    }
}
