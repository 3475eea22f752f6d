package app.dapt.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import app.dapt.Cases;
import app.dapt.form.Filling;
import app.dapt.learning.Tastes.Seen;
import app.dapt.learning.Verdict.Corners;
import app.dapt.learning.Verdict.Edges;
import app.dapt.learning.Verdict.Middle;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is learnt of a taste, from sewists whose taste is known here and hidden from what learns it. */
class TastesTest {

    private static final int SEWISTS = 200;

    /** A sewist who likes her covers so full, for each filling a little otherwise. */
    private record Sewist(double taste, Map<Filling, Double> byFilling, Random random) {

        static Sewist of(long seed) {
            Random random = new Random(seed * 7919 + 17);
            double taste = 0.88 + 0.12 * random.nextGaussian();
            Map<Filling, Double> own = new EnumMap<>(Filling.class);
            for (Filling filling : Filling.values()) {
                own.put(filling, taste + 0.05 * random.nextGaussian());
            }
            return new Sewist(taste, own, random);
        }

        /** Makes a cover as plump as she is advised and answers what she feels. */
        Seen makes(double planned, Filling filling) {
            double misses = byFilling.getOrDefault(filling, taste) - planned + 0.09 * random.nextGaussian();
            return new Seen(filling, planned + answer(misses).wished());
        }

        private Verdict answer(double misses) {
            return new Verdict(
                    misses > 0.175 ? Corners.EMPTY : misses < -0.125 ? Corners.STRAINING : Corners.FILLED,
                    misses > 0.05 ? Middle.SAGS : misses < -0.05 ? Middle.DRUM : Middle.FIRM,
                    misses > 0.125 ? Edges.RIPPLE : Edges.SMOOTH,
                    Verdict.Opening.CLOSED,
                    Optional.empty(),
                    Optional.empty());
        }

        /** So many covers, each as full as was learnt from those before. */
        List<Seen> covers(int count) {
            List<Seen> seen = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                Filling filling = Cases.pick(random, Filling.values());
                seen.add(makes(Tastes.of(seen).forFilling(filling).mean(), filling));
            }
            return seen;
        }
    }

    private static Stream<Sewist> sewists() {
        return IntStream.range(0, SEWISTS).mapToObj(Sewist::of);
    }

    @ParameterizedTest
    @CsvSource({"5, 0.05", "10, 0.035"})
    void isSoonNearTheTasteOfAnybody(int covers, double most) {
        double error = sewists()
                .mapToDouble(sewist ->
                        Math.abs(Tastes.of(sewist.covers(covers)).overall().mean() - sewist.taste()))
                .average()
                .orElseThrow();
        assertThat(error).isLessThanOrEqualTo(most).isPositive();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 3, 5, 10, 20})
    void theStatedSpreadHoldsTheTruthNineTimesInTen(int covers) {
        long held = sewists()
                .filter(sewist -> {
                    Estimate learnt = Tastes.of(sewist.covers(covers)).overall();
                    return learnt.low() <= sewist.taste() && sewist.taste() <= learnt.high();
                })
                .count();
        assertThat(100.0 * held / SEWISTS).isBetween(85.0, 95.0);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.2, 1.6, 9})
    void oneAbsurdAnswerMovesItLittle(double absurd) {
        double moved = sewists()
                .mapToDouble(sewist -> {
                    List<Seen> seen = sewist.covers(10);
                    double before = Tastes.of(seen).overall().mean();
                    seen.add(new Seen(Filling.FIBRE, absurd));
                    return Math.abs(Tastes.of(seen).overall().mean() - before);
                })
                .max()
                .orElseThrow();
        assertThat(moved).isPositive().isLessThan(0.03);
    }

    @Test
    void knowsNothingOfSomebodyNew() {
        assertThat(Tastes.of(List.of()).overall()).isEqualTo(Tastes.PRIOR);
        assertThat(Tastes.of(List.of(new Seen(Filling.FIRM, 1), new Seen(Filling.FIRM, 1)))
                        .forFilling(Filling.FIRM)
                        .isKnown())
                .isFalse();
    }

    @Test
    void aFillingIsThoughtOfBetweenItsOwnCoversAndAllOfThem() {
        List<Seen> seen = List.of(
                new Seen(Filling.FIRM, 0.95),
                new Seen(Filling.FIRM, 0.97),
                new Seen(Filling.FIRM, 0.96),
                new Seen(Filling.FEATHER, 0.80),
                new Seen(Filling.FEATHER, 0.82),
                new Seen(Filling.FEATHER, 0.81));
        Tastes tastes = Tastes.of(seen);
        assertThat(tastes.forFilling(Filling.FIRM).mean())
                .isBetween(tastes.overall().mean(), 0.96);
        assertThat(tastes.forFilling(Filling.FEATHER).mean())
                .isBetween(0.81, tastes.overall().mean());
        // Of a filling never met the taste overall is the best guess, and a wider one.
        assertThat(tastes.forFilling(Filling.FIBRE).mean())
                .isEqualTo(tastes.overall().mean());
        assertThat(tastes.forFilling(Filling.FIBRE).spread())
                .isGreaterThan(tastes.overall().spread());
    }

    /** One filling only: (0.88 / 0.0144 + 0.96 w) / (1 / 0.0144 + w), where w = 1 / (0.0025 + 0.01 / 4). */
    @Test
    void isTheNormalModelOfTheTextbooks() {
        List<Seen> seen = IntStream.range(0, 4)
                .mapToObj(i -> new Seen(Filling.FIRM, 0.96))
                .toList();
        Estimate overall = Tastes.of(seen).overall();
        double each = 1 / (0.0025 + 0.01 / 4);
        assertThat(overall.mean()).isCloseTo((0.88 / 0.0144 + 0.96 * each) / (1 / 0.0144 + each), offset(1e-12));
        assertThat(overall.spread()).isCloseTo(Math.sqrt(1 / (1 / 0.0144 + each)), offset(1e-12));
        assertThat(overall.covers()).isEqualTo(4);
    }

    @ParameterizedTest
    @CsvSource({
        "FILLED,    FIRM, SMOOTH,     0",
        "FILLED,    FIRM, PULLED_IN,  0",
        "FILLED,    SAGS, SMOOTH,     0.1",
        "FILLED,    FIRM, RIPPLE,     0.1",
        "FILLED,    SAGS, RIPPLE,     0.15",
        "EMPTY,     FIRM, SMOOTH,     0.1",
        "EMPTY,     SAGS, SMOOTH,     0.2",
        "EMPTY,     SAGS, RIPPLE,     0.2",
        "FILLED,    DRUM, PULLED_IN, -0.1",
        "STRAINING, FIRM, SMOOTH,    -0.1",
        "STRAINING, DRUM, SMOOTH,    -0.15",
    })
    void answersMoveWhatIsWished(Corners corners, Middle middle, Edges edges, double wished) {
        Verdict verdict =
                new Verdict(corners, middle, edges, Verdict.Opening.CLOSED, Optional.empty(), Optional.empty());
        assertThat(verdict.wished()).isCloseTo(wished, offset(1e-12));
        assertThat(verdict.isContradictory()).isFalse();
    }

    @Test
    void slackAndStrainTogetherContradictEachOther() {
        assertThat(new Verdict(
                                Corners.STRAINING,
                                Middle.SAGS,
                                Edges.SMOOTH,
                                Verdict.Opening.CLOSED,
                                Optional.empty(),
                                Optional.empty())
                        .isContradictory())
                .isTrue();
    }
}
