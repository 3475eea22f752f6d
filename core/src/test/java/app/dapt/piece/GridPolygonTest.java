package app.dapt.piece;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.piece.GridPolygon.Corner;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class GridPolygonTest {

    private static GridPolygon of(int... at) {
        List<Corner> corners = new ArrayList<>();
        for (int i = 0; i < at.length; i += 2) {
            corners.add(new Corner(at[i], at[i + 1]));
        }
        return new GridPolygon(corners);
    }

    private static final GridPolygon BOX = of(2, 1, 12, 1, 12, 5, 2, 5);
    private static final GridPolygon BOW_TIE = of(0, 0, 10, 10, 10, 0, 0, 10);
    private static final GridPolygon NOTCHED = of(0, 0, 10, 0, 5, 4, 10, 10, 0, 10);
    /** Its last side but one crosses its first. */
    private static final GridPolygon CROSSED_AT_ITS_END = of(0, 0, 10, 0, 10, 10, 5, 10, 5, -5);

    @Test
    void onlyWhatCrossesItselfDoes() {
        assertThat(BOX.crossesItself()).isFalse();
        assertThat(NOTCHED.crossesItself()).isFalse();
        assertThat(BOW_TIE.crossesItself()).isTrue();
        assertThat(CROSSED_AT_ITS_END.crossesItself()).isTrue();
        assertThat(of(0, 0, 10, 0, 5, 0, 5, 5).crossesItself())
                .as("sides that only touch")
                .isFalse();
        assertThat(of(0, 0, 10, 0, 0, 10).crossesItself()).isFalse();
    }

    @Test
    void twiceTheAreaWhicheverWayRound() {
        assertThat(BOX.twiceArea()).isEqualTo(2 * 10 * 4);
        List<Corner> other = new ArrayList<>(BOX.corners());
        Collections.reverse(other);
        assertThat(new GridPolygon(other).twiceArea()).isEqualTo(2 * 10 * 4);
        assertThat(NOTCHED.twiceArea()).isEqualTo(2 * 100 - 50);
        int far = Integer.MAX_VALUE / 2;
        assertThat(of(0, 0, far, 0, far, far, 0, far).twiceArea()).isEqualTo(2L * far * far);
    }
}
