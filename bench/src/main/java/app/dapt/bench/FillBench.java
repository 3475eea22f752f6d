package app.dapt.bench;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.filled.FilledCover;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.filling.Fullness;
import app.dapt.filling.sheet.FilledSheet;
import app.dapt.filling.sheet.Flaps;
import app.dapt.filling.sheet.Mesh;
import app.dapt.filling.sheet.SheetSolver;
import app.dapt.filling.sheet.SheetSolver.Stiffness;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import java.util.function.IntFunction;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Filling a cover: how near the shapes come to what is known of them, and how long they take. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class FillBench {

    private static final double PLUMP = 0.75;
    private static final double PLUMPER = 0.8;

    /** A disc of radius a, exactly (Mylar balloon): volume in a³, radius and thickness in a. */
    private static final double[] DISC = {1.21852, 0.76276, 0.91389};

    @Param({"square", "three-to-five", "disc", "vee"})
    public String shape;

    @Param({"12", "24"})
    public int cells;

    private Mesh mesh;
    private double greatest;
    private FilledSheet before;

    @Setup
    public void fillOnce() {
        mesh = mesh(shape, cells);
        greatest = SheetSolver.greatest(mesh).volume();
        before = SheetSolver.filled(mesh, PLUMP * greatest, Stiffness.ofCover(PLUMP));
    }

    @Benchmark
    public FilledSheet fromFlat() {
        return SheetSolver.filled(mesh, PLUMPER * greatest, Stiffness.ofCover(PLUMPER));
    }

    @Benchmark
    public FilledSheet fromNeighbour() {
        return SheetSolver.filled(before, PLUMPER * greatest, Stiffness.ofCover(PLUMPER));
    }

    /** A form somewhat narrower than its cover: two sheets, one in the other; the shape does not count here. */
    @Benchmark
    public SheetSolver.Nested twoSheets() {
        Mesh cover = Mesh.rectangle(1, cells);
        Mesh form = Mesh.rectangle(9 / 8.0, Math.round(cells * 8 / 9f)).scaled(8 / 9.0);
        return SheetSolver.nested(form, cover, 0.1);
    }

    private static Mesh mesh(String shape, int cells) {
        return switch (shape) {
            case "square" -> Mesh.rectangle(1, cells);
            case "three-to-five" -> Mesh.rectangle(5 / 3.0, cells);
            case "disc" -> Mesh.disc(cells);
            default -> vee(cells);
        };
    }

    private static Mesh vee(int cells) {
        Form form = Form.overCrown(Length.inches(32), Length.inches(22));
        CoverPlan plan = DefaultPlan.plan("V", Mark.EIGHTH, ShapeKind.VEE, form);
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, Mark.EIGHTH);
        return FilledCover.empty(reckoned, cells).orElseThrow().mesh();
    }

    /** The greatest volumes by ever finer meshes, where they tend to, and the disc against its exact figures. */
    static void validate() {
        System.out.printf("%-9s %9s %9s %9s %9s %7s%n", "greatest", "N 12", "N 16", "N 24", "N to inf", "stretch");
        volumes("square", cells -> Mesh.rectangle(1, cells));
        volumes("3:5", cells -> Mesh.rectangle(5 / 3.0, cells));
        volumes("1:2", cells -> Mesh.rectangle(2, cells));
        for (int cells : List.of(12, 24)) {
            FilledSheet disc = SheetSolver.greatest(Mesh.disc(cells));
            System.out.printf(
                    Locale.ROOT,
                    "disc N %d: volume %+.2f%%, radius %+.2f%%, thickness %+.2f%%%n",
                    cells,
                    off(disc.volume() * 8, DISC[0]),
                    off(disc.meanRadius() * 2, DISC[1]),
                    off(disc.thickness() * 2, DISC[2]));
        }
        slips();
        nested();
    }

    /** How far the panels of a square's opening slide apart, solved as finely as the table was and read off it. */
    private static void slips() {
        Mesh square = Mesh.rectangle(1, 20);
        double most = SheetSolver.greatest(square).volume();
        Length side = Length.inches(20);
        for (double fill : new double[] {0.6, 0.75, 0.9}) {
            FilledSheet front = SheetSolver.filled(square, fill * most, Stiffness.ofCover(fill));
            for (double overlap : new double[] {0.125, 0.2, 0.3}) {
                Flaps flaps = Flaps.of(1, 1, 0.5, overlap, 20, front.pressure());
                System.out.printf(
                        Locale.ROOT,
                        "panels, f %.2f, overlap %.3f: slide %.3f, table %.3f, %d steps%n",
                        fill,
                        overlap,
                        flaps.slip(0),
                        new Fullness(fill)
                                .slip(Length.nearInches(20 * overlap), side, side)
                                .over(side),
                        flaps.sheet().steps());
            }
        }
    }

    /** A form of sixteen eighteenths of the width of its square cover, by ever finer meshes. */
    private static void nested() {
        for (int cells : new int[] {8, 12, 16, 24}) {
            Mesh cover = Mesh.rectangle(1, cells);
            Mesh form = Mesh.rectangle(9 / 8.0, Math.round(cells * 8 / 9f)).scaled(8 / 9.0);
            double volume = 0.78 * SheetSolver.greatest(form).volume();
            SheetSolver.Nested two = SheetSolver.nested(form, cover, volume);
            System.out.printf(
                    Locale.ROOT,
                    "form 8:9 in a square, N %d: thick %.3f and %.3f, cover %.3f × %.3f, form %.3f × %.3f, %d steps%n",
                    cells,
                    two.inner().thickness(),
                    two.outer().thickness(),
                    two.outer().across(),
                    two.outer().upDown(),
                    two.inner().across(),
                    two.inner().upDown(),
                    two.outer().steps());
        }
    }

    private static double off(double is, double known) {
        return 100 * (is / known - 1);
    }

    /** Three meshes tell where finer ones tend to: V − c Nᵖ, the three unknowns found by halving. */
    private static void volumes(String name, IntFunction<Mesh> mesh) {
        double coarse = SheetSolver.greatest(mesh.apply(12)).volume();
        double middle = SheetSolver.greatest(mesh.apply(16)).volume();
        FilledSheet finest = SheetSolver.greatest(mesh.apply(24));
        double fine = finest.volume();
        double ratio = (middle - coarse) / (fine - middle);
        double low = 0.5;
        double high = 4;
        for (int i = 0; i < 60; i++) {
            double power = (low + high) / 2;
            double at = (rest(12, power) - rest(16, power)) / (rest(16, power) - rest(24, power));
            if (at < ratio) {
                low = power;
            } else {
                high = power;
            }
        }
        double scale = (fine - middle) / (rest(16, low) - rest(24, low));
        System.out.printf(
                Locale.ROOT,
                "%-9s %9.5f %9.5f %9.5f %9.5f %7.5f%n",
                name,
                coarse,
                middle,
                fine,
                fine + scale * rest(24, low),
                finest.largestStretch());
    }

    private static double rest(int cells, double power) {
        return Math.pow(cells, -power);
    }
}
