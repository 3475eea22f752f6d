package app.dapt.layout;

import static app.dapt.layout.LayoutCases.cloth;
import static app.dapt.layout.LayoutCases.laid;
import static app.dapt.layout.LayoutCases.usual;
import static app.dapt.layout.LayoutCases.wanted;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is said of a layout and of what is to be bought. */
class LayoutFiguresTest {

    private static final Cloth PLAIN = cloth(Print.PLAIN, 45);

    private static Wanted front(int wide, int deep, int copies) {
        return wanted("front", Length.inches(wide), Length.inches(deep), copies);
    }

    /** Two of 20 × 20 side by side: 800 of the square inches that are bought, selvages left out. */
    @Test
    void ofTheClothBoughtSoMuchBecomesPieces() {
        Layout two = laid(PLAIN, usual(PLAIN), front(20, 20, 2));
        double bought = PLAIN.usableWidth().toInches() * two.toBuy().total().toInches();
        assertThat(two.toBuy().total()).isBetween(Length.inches(20), Length.inches(23));
        assertThat(two.usedPercent()).isCloseTo((int) (100 * 800 / bought), within(1));
        assertThat(laid(PLAIN, usual(PLAIN), front(20, 10, 1)).usedPercent()).isLessThan(two.usedPercent());
    }

    /** Edge to edge at the price of any other is easier; what takes another length is not. */
    @Test
    void whatIsCutFromEdgeToEdgeForNoMoreClothIsEasier() {
        Layout two = laid(PLAIN, usual(PLAIN), front(20, 20, 2));
        Layout three = laid(PLAIN, usual(PLAIN), front(20, 20, 3));
        assertThat(two.isEdgeToEdge()).isTrue();
        assertThat(two.isEasierThan(two)).isTrue();
        assertThat(two.isEasierThan(three)).isFalse();
    }

    @Test
    void aPieceWithAnOutlineIsAsLargeAsThat() {
        Wanted whole = front(20, 10, 1);
        assertThat(whole.area()).isCloseTo(200, within(1e-9));
        Contour round = Contour.circle(Length.inches(10));
        Piece disc = whole.piece().outlined(Optional.of(new Outline.Traced(round, round)));
        assertThat(new Wanted("1/disc", "Bench", disc, 1).area()).isCloseTo(Math.PI * 25, within(0.1));
    }

    /** As many as are cut of each piece count, and what is too wide for the cloth is not to be had. */
    @Test
    void whatToBuyIsWhatTheFirstLayoutTakes() {
        Piece front = front(20, 20, 1).piece();
        ClothNeed one = ClothNeed.of(PLAIN, List.of(front), Unit.INCH);
        ClothNeed three = ClothNeed.of(PLAIN, Collections.nCopies(3, front), Unit.INCH);
        assertThat(one.area()).isCloseTo(400, within(1e-9));
        assertThat(three.area()).isCloseTo(1200, within(1e-9));
        assertThat(one.length().orElseThrow()).isBetween(Length.inches(20), Length.inches(23));
        assertThat(three.length().orElseThrow()).isBetween(Length.inches(40), Length.inches(45));
        assertThat(ClothNeed.of(PLAIN, List.of(front(50, 60, 1).piece()), Unit.INCH)
                        .length())
                .isEmpty();
        assertThat(ClothNeed.of(PLAIN, Collections.nCopies(2_000, front), Unit.INCH))
                .as("more than can be laid out")
                .returns(Optional.empty(), ClothNeed::toBuy)
                .returns(2_000 * 400.0, ClothNeed::area);
    }
}
