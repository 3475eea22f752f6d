package app.dapt.layout;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.layout.CuttingOrder.Cut;
import app.dapt.layout.CuttingOrder.OnFold;
import app.dapt.layout.search.Patch;
import app.dapt.layout.search.Task;
import app.dapt.measure.Axis;
import app.dapt.piece.GridPolygon.Corner;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The order of cuts, on layouts small enough to cut in one's head. */
class CuttingOrderTest {

    private static final Patch CLOTH = patch(0, 0, 100, 100);
    private static final int KEPT = 15;

    private static Patch patch(int left, int top, int right, int bottom) {
        return new Patch(0, left, top, right, bottom);
    }

    private static Cut across(int at, int from, int to) {
        return new Cut(0, Axis.ACROSS, at, from, to, -1);
    }

    private static Cut along(int at, int from, int to) {
        return new Cut(0, Axis.UP_DOWN, at, from, to, -1);
    }

    @Test
    void acrossFirstThenAlongEveryPart() {
        List<Patch> pieces =
                List.of(patch(0, 0, 60, 40), patch(60, 0, 100, 40), patch(0, 40, 50, 100), patch(50, 40, 100, 100));
        assertThat(CuttingOrder.of(pieces, CLOTH, KEPT).cuts())
                .containsExactly(across(40, 0, 100), along(60, 0, 40), along(50, 40, 100));
    }

    @Test
    void aPieceThatFillsTheClothIsNotCut() {
        assertThat(CuttingOrder.of(List.of(CLOTH), CLOTH, KEPT).cuts()).isEmpty();
        assertThat(CuttingOrder.of(List.of(), CLOTH, KEPT).cuts()).isEmpty();
    }

    @Test
    void whatIsLeftIsTrimmedOff() {
        assertThat(CuttingOrder.of(List.of(patch(0, 0, 60, 40)), CLOTH, KEPT).cuts())
                .containsExactly(across(40, 0, 100), along(60, 0, 40));
        assertThat(CuttingOrder.of(List.of(patch(10, 20, 60, 40)), CLOTH, KEPT).cuts())
                .containsExactly(across(20, 0, 100), across(40, 0, 100), along(10, 20, 40), along(60, 20, 40));
    }

    @Test
    void whatIsLeftIsWhatNoCutGoesThrough() {
        List<Patch> rows = List.of(patch(0, 0, 70, 40), patch(0, 40, 70, 80));
        assertThat(CuttingOrder.of(rows, CLOTH, KEPT).left())
                .as("cut along first, the strip beside both rows stays whole")
                .containsExactlyInAnyOrder(patch(70, 0, 100, 100), patch(0, 80, 70, 100));
        CuttingOrder.Cutting bought = CuttingOrder.ofBought(rows, patch(0, 0, 100, 110), 80, KEPT);
        assertThat(bought.cuts()).containsExactly(along(70, 0, 110), across(40, 0, 70), across(80, 0, 70));
        assertThat(bought.left()).containsExactlyInAnyOrder(patch(70, 0, 100, 110), patch(0, 80, 70, 110));
        assertThat(CuttingOrder.ofBought(List.of(rows.get(0)), patch(0, 0, 100, 140), 40, KEPT)
                        .cuts())
                .as("where nothing is gained the cuts go from the cut end on")
                .containsExactly(across(40, 0, 100), along(70, 0, 40));
    }

    @Test
    void aStripTooNarrowToKeepDecidesNothing() {
        List<Patch> pieces = List.of(patch(0, 0, 86, 80), patch(0, 80, 60, 100));
        assertThat(CuttingOrder.of(pieces, CLOTH, KEPT).left())
                .as("the strip of 14 by 100 is larger than what is left beside the second piece, and of no use")
                .contains(patch(60, 80, 100, 100));
        assertThat(CuttingOrder.of(List.of(patch(0, 0, 85, 40), patch(0, 40, 85, 100)), CLOTH, KEPT)
                        .cuts())
                .as("just wide enough")
                .startsWith(along(85, 0, 100));
    }

    @Test
    void aPieceAsLongAsTheClothIsCutAlongFirst() {
        List<Patch> pieces = List.of(patch(0, 0, 30, 100), patch(30, 0, 100, 40), patch(30, 40, 100, 100));
        assertThat(CuttingOrder.of(pieces, CLOTH, KEPT).cuts()).containsExactly(along(30, 0, 100), across(40, 30, 100));
    }

    @Test
    void whatNoStraightCutPartsIsCutRoundTheLargestFirst() {
        List<Patch> wheel = List.of(
                patch(0, 0, 70, 30),
                patch(70, 0, 100, 70),
                patch(30, 70, 100, 100),
                patch(0, 30, 30, 100),
                patch(30, 30, 70, 70));
        assertThat(CuttingOrder.of(wheel, CLOTH, KEPT).cuts())
                .hasSize(5)
                .extracting(Cut::round)
                .containsExactly(0, 1, 2, 3, 4);
        List<Patch> belowAStrip = wheel.stream()
                .map(p -> patch(p.left(), p.top() + 20, p.right(), p.bottom() + 20))
                .toList();
        assertThat(CuttingOrder.of(belowAStrip, patch(0, 0, 100, 120), KEPT)
                        .cuts()
                        .get(0))
                .isEqualTo(across(20, 0, 100));
    }

    @Test
    void aRemnantWithStraightEdgesIsCutStraightAndAnotherRound() {
        Task.Remnant straight = new Task.Remnant(
                "A", List.of(new Corner(5, 5), new Corner(105, 5), new Corner(105, 65), new Corner(5, 65)));
        Task.Remnant torn = new Task.Remnant(
                "B", List.of(new Corner(0, 0), new Corner(100, 10), new Corner(90, 100), new Corner(0, 100)));
        List<Patch> pieces = List.of(patch(5, 5, 55, 65), new Patch(1, 10, 20, 60, 60));
        assertThat(CuttingOrder.on(straight, 0, pieces, KEPT).cuts()).containsExactly(along(55, 5, 65));
        List<Patch> row = List.of(patch(5, 5, 55, 45), patch(5, 45, 55, 65));
        assertThat(CuttingOrder.on(straight, 0, row, KEPT).cuts())
                .as("one cut along them both rather than one for each")
                .containsExactly(along(55, 5, 65), across(45, 5, 55));
        assertThat(CuttingOrder.on(torn, 1, pieces, KEPT).cuts())
                .singleElement()
                .returns(1, Cut::round)
                .returns(1, Cut::remnant);
    }

    @Test
    void equalNeighboursAreCutAsOneOnTheFold() {
        List<Patch> pieces = List.of(
                patch(0, 0, 40, 30),
                patch(40, 0, 80, 30),
                patch(0, 30, 40, 60),
                patch(40, 30, 80, 50),
                patch(80, 0, 100, 30));
        List<Integer> like = List.of(1, 1, 1, 2, 3);
        assertThat(CuttingOrder.onTheFold(pieces, like, false)).containsExactly(new OnFold(0, 1, Axis.UP_DOWN, 40));
        assertThat(CuttingOrder.onTheFold(List.of(pieces.get(0), pieces.get(2)), List.of(1, 1), true))
                .containsExactly(new OnFold(0, 1, Axis.ACROSS, 30));
        assertThat(CuttingOrder.onTheFold(List.of(pieces.get(0), pieces.get(2)), List.of(1, 1), false))
                .as("across the length the up would turn about")
                .isEmpty();
        assertThat(CuttingOrder.onTheFold(pieces.subList(0, 2), List.of(-1, -1), true))
                .as("outlines are not the same from behind")
                .isEmpty();
    }
}
