package app.dapt.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PieceTest {

    private static final Length HALF = Length.inches(0, 1, 2);

    private static Piece panel() {
        Map<Side, Edge> edges = new EnumMap<>(Side.class);
        for (Side side : Side.values()) {
            edges.put(side, Edge.seam(HALF));
        }
        edges.put(Side.BOTTOM, Edge.fold());
        return Piece.rectangle(
                "panel",
                Piece.Material.FRONT,
                Sum.of(Sum.term("term.form", Length.inches(20))),
                Sum.of(Sum.term("term.form", Length.inches(12))),
                edges);
    }

    @Test
    void theFreeEdgesAreThoseInNoSeam() {
        assertThat(panel().openSides()).containsExactly(Side.BOTTOM);
        assertThat(panel().with(Side.LEFT, Edge.zip(HALF)).openSides())
                .containsExactlyInAnyOrder(Side.BOTTOM, Side.LEFT);
    }

    @Test
    void itsAreaCountsEveryOne() {
        assertThat(panel().area()).isEqualTo(240);
        assertThat(panel().times(3).area()).isEqualTo(720);
        assertThat(panel().finished(Axis.ACROSS)).isEqualTo(Length.inches(19));
        assertThat(panel().finished(Axis.UP_DOWN)).isEqualTo(Length.inches(11, 1, 2));
    }

    @Test
    void sewnIsMoreThanInTheSeamRoundTheCover() {
        assertThat(Edge.seam(HALF)).returns(true, Edge::isSewn).returns(true, Edge::isSeam);
        assertThat(Edge.zip(HALF)).returns(true, Edge::isSewn).returns(false, Edge::isSeam);
        assertThat(Edge.join(HALF)).returns(true, Edge::isSewn).returns(false, Edge::isSeam);
        assertThat(Edge.band(HALF)).returns(true, Edge::isSewn).returns(false, Edge::isSeam);
        assertThat(Edge.fold()).returns(false, Edge::isSewn).returns(false, Edge::isSeam);
    }

    @Test
    void aLineHasOnePlaceAndASpotTwo() {
        assertThat(Marking.line(Marking.Sort.FOLD, Axis.ACROSS, HALF).isLine()).isTrue();
        assertThat(Marking.line(Marking.Sort.FOLD, Axis.UP_DOWN, HALF).isLine()).isTrue();
        assertThat(Marking.spot(Marking.Sort.FOLD, HALF, HALF).isLine()).isFalse();
    }

    /** A cover from 10 to 110 across and 20 to 70 down. */
    @ParameterizedTest
    @CsvSource({
        "UP_DOWN, 20, 70, false",
        "UP_DOWN, 60, 90, false",
        "UP_DOWN, 0, 20, true",
        "UP_DOWN, 0, 21, false",
        "UP_DOWN, 70, 90, true",
        "UP_DOWN, 69, 90, false",
        "UP_DOWN, 40, 40, true",
        "UP_DOWN, 50, 40, true",
        "ACROSS, 0, 10, true",
        "ACROSS, 0, 11, false",
        "ACROSS, 109, 200, false",
        "ACROSS, 110, 200, true"
    })
    void aPartThatLiesOffItsCoverIsNothing(Axis deep, int from, int to, boolean nothing) {
        Contour cover = Contour.rectangle(10, 20, 110, 70);
        Outline.Part part = new Outline.Part(
                cover, cover.grown(Length.mm(5)), deep, Length.mm(from), Length.mm(to), Length.mm(5), Length.mm(7));
        assertThat(part.isNothing()).isEqualTo(nothing);
        if (!nothing) {
            assertThat(part.cutLength(deep.other())).isCloseTo(deep == Axis.UP_DOWN ? 110 : 60, within(1e-6));
            double end = deep == Axis.UP_DOWN ? 75 : 115;
            double start = deep == Axis.UP_DOWN ? 15 : 5;
            assertThat(part.cutLength(deep)).isCloseTo(Math.min(end, to + 7) - Math.max(start, from - 5), within(1e-6));
        }
    }
}
