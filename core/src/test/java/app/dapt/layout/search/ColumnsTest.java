package app.dapt.layout.search;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is taken of a column is what a row of threads, each taken or not, would say. */
class ColumnsTest {

    private static final int THREADS = 60;

    static Stream<Arguments> cases() {
        return Cases.of(30, random -> random);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void findsTheFirstFreePlaceAsThreadsDo(Random random) {
        Columns columns = new Columns(3, 40);
        boolean[] threads = new boolean[2 * THREADS];
        for (int i = 0; i < 40; i++) {
            int from = random.nextInt(THREADS);
            int length = 1 + random.nextInt(8);
            assertThat(columns.free(1, from, length)).isEqualTo(firstFree(threads, from, length));
            columns.take(1, from, from + length);
            for (int thread = from; thread < from + length; thread++) {
                threads[thread] = true;
            }
        }
        assertThat(columns.free(0, 0, THREADS)).as("the column before").isZero();
        assertThat(columns.free(2, 0, THREADS)).as("and the one after").isZero();
    }

    private static int firstFree(boolean[] threads, int from, int length) {
        int start = from;
        for (int thread = from; thread < start + length && thread < threads.length; thread++) {
            if (threads[thread]) {
                start = thread + 1;
            }
        }
        return start;
    }

    @Test
    void becomesTheSameAsAnother() {
        Columns bare = new Columns(2, 5);
        bare.take(0, 10, 20);
        Columns filled = new Columns(2, 5);
        filled.take(0, 0, 50);
        filled.take(1, 0, 50);
        filled.copy(bare);
        assertThat(filled.free(0, 0, 10)).isZero();
        assertThat(filled.free(0, 5, 10)).isEqualTo(20);
        assertThat(filled.free(1, 0, 10)).isZero();
        filled.take(0, 0, 10);
        assertThat(bare.free(0, 0, 10)).as("and leaves the other as it is").isZero();
    }
}
