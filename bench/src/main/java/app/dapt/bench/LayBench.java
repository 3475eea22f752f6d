package app.dapt.bench;

import app.dapt.layout.search.Budget;
import app.dapt.layout.search.LayoutSearch;
import app.dapt.layout.search.Placements;
import app.dapt.layout.search.Task;
import app.dapt.layout.search.Task.Item;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What laying out costs: one plain layout, and a thousand steps of the search. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class LayBench {

    private final Task task = new Task(
            864,
            List.of(
                    item("front", 340, 340, 6),
                    item("back", 340, 226, 12),
                    item("strip", 800, 24, 6),
                    item("lumbar", 368, 236, 4),
                    item("pocket", 272, 150, 4)),
            List.of());

    private static Item item(String id, int across, int along, int count) {
        return new Item(id, across, along, count, true, Optional.empty());
    }

    @Benchmark
    public Placements layPlain() {
        return new LayoutSearch(task, 1).best();
    }

    @Benchmark
    public Placements searchAThousandSteps() {
        return new LayoutSearch(task, 1).improve(Budget.steps(1000));
    }
}
