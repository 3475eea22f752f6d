package app.dapt.layout.search;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The arrays of the beam say what plain models of them say. */
class SkylinesTest {

    private static final int WIDTH = 50;

    static Stream<Arguments> cases() {
        return Cases.of(30, random -> random);
    }

    /** A skyline as the height over every thread across. */
    private static final class Heights {
        private final int[] over = new int[WIDTH];

        int lowest() {
            return Arrays.stream(over).min().orElseThrow();
        }

        /** Where the first stretch at the lowest height begins, and where it ends. */
        int begins() {
            int x = 0;
            while (over[x] != lowest()) {
                x++;
            }
            return x;
        }

        int ends() {
            int x = begins();
            while (x < WIDTH && over[x] == lowest()) {
                x++;
            }
            return x;
        }

        int steps() {
            int steps = 1;
            for (int x = 1; x < WIDTH; x++) {
                steps += over[x] != over[x - 1] ? 1 : 0;
            }
            return steps;
        }
    }

    @ParameterizedTest
    @MethodSource("cases")
    void aSkylineIsTheHeightOverEveryThread(Random random) {
        Skylines level = new Skylines(WIDTH, 1, 30);
        Skylines next = new Skylines(WIDTH, 1, 30);
        Heights heights = new Heights();
        level.begin(new int[] {25});
        long area = 0;
        long wasted = 0;
        for (int laid = 0; laid < 25; laid++) {
            int wide = 5 + random.nextInt(12);
            int deep = 1 + random.nextInt(6);
            while (level.gap(0) < wide) {
                int begins = heights.begins();
                int ends = heights.ends();
                int left = begins == 0 ? Integer.MAX_VALUE : heights.over[begins - 1];
                int right = ends == WIDTH ? Integer.MAX_VALUE : heights.over[ends];
                wasted += (long) (ends - begins) * (Math.min(left, right) - heights.lowest());
                Arrays.fill(heights.over, begins, ends, Math.min(left, right));
                level.raise(0);
            }
            assertThat(level.lowest(0)).isEqualTo(heights.lowest());
            assertThat(level.gap(0)).isEqualTo(heights.ends() - heights.begins());
            assertThat(level.waste(0)).isEqualTo(wasted);
            int x = level.placeFor(0, wide);
            assertThat(x == heights.begins() || x + wide == heights.ends())
                    .as("against one of the walls")
                    .isTrue();
            int steps = level.stepsWith(0, wide, heights.lowest() + deep);
            next.clear();
            next.add(level, 0, 0, 1, x, heights.lowest(), wide, deep, wasted);
            Arrays.fill(heights.over, x, x + wide, heights.lowest() + deep);
            area += (long) wide * deep;
            Skylines before = level;
            level = next;
            next = before;
            assertThat(level.steps(0)).isEqualTo(heights.steps()).isEqualTo(steps);
            assertThat(level.laid(0)).isEqualTo(area);
            assertThat(level.left(0, 0)).isEqualTo(24 - laid);
            assertThat(level.top(0)).isEqualTo(Arrays.stream(heights.over).max().orElseThrow());
        }
    }

    @ParameterizedTest
    @MethodSource("cases")
    void theMovesKeptAreThoseThatSortingWouldKeep(Random random) {
        record Move(int node, int way, double rank) {}
        BeamMoves moves = new BeamMoves();
        List<Move> all = new ArrayList<>();
        int wanted = 1 + random.nextInt(20);
        moves.clear(wanted);
        for (int i = 0; i < 300; i++) {
            Move move = new Move(i / 10, i % 10, random.nextDouble());
            all.add(move);
            moves.add(move.node(), move.way(), i, move.rank());
        }
        all.sort(Comparator.comparingDouble(Move::rank));
        assertThat(moves.best()).isEqualTo(wanted);
        for (int place = 0; place < wanted; place++) {
            Move expected = all.get(place);
            assertThat(moves.node(place)).isEqualTo(expected.node());
            assertThat(moves.way(place)).isEqualTo(expected.way());
            assertThat(moves.waste(place)).isEqualTo(expected.node() * 10 + expected.way());
        }
    }

    @Test
    void aNumberMetTwiceIsNotNew() {
        BeamHashes seen = new BeamHashes();
        seen.clear(100);
        for (long hash = 1; hash <= 100; hash++) {
            assertThat(seen.add(hash << 32)).isTrue();
        }
        assertThat(seen.add(7L << 32)).isFalse();
        seen.clear(100);
        assertThat(seen.add(7L << 32)).as("begun anew").isTrue();
    }

    @Test
    void aTraceLeadsBackToTheBareCloth() {
        BeamTraces traces = new BeamTraces();
        int last = BeamTraces.NONE;
        for (int i = 0; i < 1000; i++) {
            last = traces.add(last, i, 2 * i, 3 * i);
        }
        for (int i = 999; i >= 0; i--) {
            assertThat(List.of(traces.way(last), traces.x(last), traces.y(last)))
                    .containsExactly(i, 2 * i, 3 * i);
            last = traces.before(last);
        }
        assertThat(last).isEqualTo(BeamTraces.NONE);
    }
}
