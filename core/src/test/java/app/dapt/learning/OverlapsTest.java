package app.dapt.learning;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.learning.Overlaps.Seen;
import app.dapt.measure.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

class OverlapsTest {

    private static Seen seen(int overlap, int wanted, int gape) {
        return new Seen(Length.inches(overlap), Length.inches(wanted), Length.inches(gape));
    }

    /** Enough for all is enough for the one that needed most. */
    @Test
    void whatIsNeededIsWhatTheWorstNeeded() {
        Overlaps overlaps = Overlaps.of(List.of(seen(5, 4, 0), seen(3, 4, 2), seen(3, 4, 1), seen(9, 0, 3)));
        assertThat(overlaps.needed()).contains(1.25);
        assertThat(overlaps.held()).isEqualTo(1);
        assertThat(overlaps.gaped()).as("one that wants none tells nothing").isEqualTo(2);
        assertThat(overlaps.seen().get(0).share()).as("the least first").isEqualTo(0.75);
        assertThat(Overlaps.of(List.of(seen(5, 4, 0))).needed()).isEmpty();
    }
}
