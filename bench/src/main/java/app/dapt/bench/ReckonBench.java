package app.dapt.bench;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.Recommendation;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.files.BadPlanFile;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.files.plan.PlanJson;
import app.dapt.form.Form;
import app.dapt.learning.Tastes;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.words.Wordbook;
import app.dapt.words.Words;
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

/** What a change in a slip costs beneath the page: reading the plan, reckoning it, drawing it. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ReckonBench {

    private final CoverPlan plan = DefaultPlan.plan(
            "Bench", Mark.EIGHTH, ShapeKind.OBLONG, Form.overCrown(Length.inches(21, 1, 4), Length.inches(15)));
    private final String file = PlanJson.write(plan);
    private final Reckoned reckoned = Reckoner.reckon(plan);
    private final SvgDrawing svg = new SvgDrawing(
            plan.cloths(), new Words(Wordbook.load(Wordbook.English.US, "craft"), Mark.EIGHTH), new Pen(14), "b");

    @Benchmark
    public CoverPlan readThePlan() throws BadPlanFile {
        return PlanJson.read(file);
    }

    @Benchmark
    public Reckoned reckon() {
        return Reckoner.reckon(plan);
    }

    /** What the slip of openings glances at: every opening in turn. */
    @Benchmark
    public int glanceAtEveryOpening() {
        Reckoner.Glance reckonWithoutRemedies = Reckoner.glances(plan, Mark.EIGHTH);
        int pieces = 0;
        for (Kind<Opening> kind : OpeningKind.ALL.all()) {
            pieces += reckonWithoutRemedies
                    .at(plan.withOpening(kind.insteadOf(plan.opening(), plan.unit())))
                    .pieces()
                    .size();
        }
        return pieces;
    }

    @Benchmark
    public Recommendation compareFits() {
        return Recommendation.of(plan, Mark.EIGHTH, Tastes.NOTHING);
    }

    @Benchmark
    public String drawTheBack() {
        return svg.write(CoverDrawing.back(reckoned));
    }
}
