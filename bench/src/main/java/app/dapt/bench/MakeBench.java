package app.dapt.bench;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.make.CoverSteps;
import app.dapt.make.PaperSewing;
import app.dapt.make.Together;
import app.dapt.make.WorkOrder;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** All steps of covers that differ in opening and edge, and the order of them with the fewest trips. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class MakeBench {

    @Param({"1", "4", "8"})
    public int covers;

    /** One cover of every opening but those made for one shape, each with another edge. */
    static List<Reckoned> covers(int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> Reckoner.reckonWithoutRemedies(cover(i), Mark.EIGHTH))
                .toList();
    }

    private static CoverPlan cover(int number) {
        CoverPlan plain = DefaultPlan.plan(
                "Cover " + number,
                Mark.EIGHTH,
                ShapeKind.SQUARE,
                Form.overCrown(Length.inches(16 + number), Length.inches(16 + number)));
        return plain.withOpening(OpeningKind.ALL
                        .all()
                        .get(number % OpeningKind.ALL.all().size())
                        .usual(plain.unit()))
                .withEdging(EdgingKind.ALL
                        .all()
                        .get(number % EdgingKind.ALL.all().size())
                        .usual(plain.unit()));
    }

    /** How many trips the order of so many covers takes, and whether it cannot be fewer. */
    static void row(int count) {
        long start = System.nanoTime();
        WorkOrder order = Together.of(covers(count), OptionalInt.empty()).order();
        System.out.printf(
                "%d covers: %d steps, %d trips, at least %d, %.0f ms%n",
                count, order.jobs().size(), order.trips(), order.least(), (System.nanoTime() - start) / 1e6);
    }

    /** Every one of them sewn on paper. */
    @Benchmark
    public long sewn() {
        return covers(covers).stream()
                .flatMap(cover -> PaperSewing.of(cover, CoverSteps.of(cover)).stream())
                .filter(sewing -> sewing.comesTo().isAsPlanned())
                .count();
    }

    @Benchmark
    public WorkOrder order() {
        return Together.of(covers(covers), OptionalInt.empty()).order();
    }
}
