package app.dapt.filling.sheet;

import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.IntPredicate;

/**
 * Fills a flat casing: the shape of a sheet that may shorten but not stretch, under pressure. An alternating direction
 * method of multipliers (Boyd and others 2011, over-relaxed): one half solves a sparse linear system whose matrix never
 * changes, the other brings every triangle back to what the cloth allows. The pressure comes out of each step, as the
 * one that gives the volume wanted; nothing is bisected.
 */
public final class SheetSolver {

    /**
     * How the sheet resists.
     *
     * @param bending  β, in the units of the flat sheet
     * @param shorten  c, how much it resists being shortened
     * @param penalty  μ, of the method
     */
    public record Stiffness(double bending, double shorten, double penalty) {

        /** For the greatest volume: nothing resists but being stretched. */
        public static final Stiffness NONE = new Stiffness(0, 0.003, 1);

        /** Two sheets against each other: they are to come to rest, however long that takes. */
        static final Stiffness TOUCHING = new Stiffness(BENDING, 1, 3);

        /**
         * A cover with a form in it, as full as this. The penalty is the one that took the fewest steps over a square,
         * 5 : 3, 3 : 1, a disc and a V; a higher one ends sooner than it should, as the sheet moves less in a step.
         */
        public static Stiffness ofCover(double fullness) {
            return new Stiffness(BENDING, 1, fullness < 0.6 ? 1 : fullness < 0.9 ? 1.5 : 2.5);
        }
    }

    private static final double BENDING = 3e-4;
    private static final int MOST_STEPS = 600;
    private static final double CLOSE = 1e-4;
    private static final double RELAXED = 1.6;
    /** Where a free edge follows the pressure, more makes it flutter from step to step and never come to rest. */
    private static final double RELAXED_OPEN = 1.2;

    private static final double LEAST_STRETCH = 1e-6;
    private static final double ALIKE = 1e-9;

    /** A quarter of the load of a step, where the greatest volume is looked for. */
    private static final double LOAD = 0.25;

    /** Sheets that touch no harder than this would not hold each other. */
    private static final double SOFTEST = 0.1;
    /** Steps after which sheets that still shake are to touch more softly. */
    private static final int SHAKEN = 250;

    /** A vertex so much farther out than any lay flat is no longer on a sheet. */
    private static final double FAR = 1.5;

    /** As high as a sheet that nothing is known of is begun. */
    private static final double BEGUN = 0.3;

    private final Elements elements;
    private final Mesh mesh;
    private final Stiffness stiffness;
    private final FactoredSystem[] systems = new FactoredSystem[3];
    private final double[][] at;
    private final double[] allowed;
    private final double[] multiplier;
    /** What presses on each vertex from outside. */
    private final double[][] touch;
    /** Inside, as the last step had it. */
    private double pressure;

    /** What a sheet is brought to. */
    private sealed interface Goal {

        /** As much in it as it holds. */
        record Greatest() implements Goal {}

        /** So much under the part of it that is meshed. */
        record Volume(double under) implements Goal {}

        /** So much pressure on it, on each triangle a share of it. */
        record Pressure(double inside, double[] shares) implements Goal {}
    }

    private SheetSolver(Mesh mesh, Stiffness stiffness, double[][] start) {
        this.mesh = mesh;
        this.elements = Elements.of(mesh);
        this.stiffness = stiffness;
        SparseRows stretch = elements.stiffness();
        int[] order = Ordering.of(system(stretch, vertex -> false));
        for (int c = 0; c < 3; c++) {
            int coordinate = c;
            IntPredicate fixed = vertex -> mesh.isFixed(vertex, coordinate);
            systems[c] = new FactoredSystem(system(stretch, fixed), order, fixed);
        }
        this.at = start;
        this.touch = new double[3][mesh.vertices()];
        this.allowed = new double[6 * mesh.triangles()];
        this.multiplier = new double[6 * mesh.triangles()];
        for (int t = 0; t < mesh.triangles(); t++) {
            project(gradient(elements, t, at[0], at[1], at[2]), t);
        }
    }

    /** The casing as full as it goes. */
    public static FilledSheet greatest(Mesh mesh) {
        return new SheetSolver(mesh, Stiffness.NONE, begun(mesh)).run(new Goal.Greatest());
    }

    /**
     * The casing with so much in it.
     *
     * @param volume of the whole casing; below its own greatest
     * @throws IllegalArgumentException where the volume is nothing or less
     */
    public static FilledSheet filled(Mesh mesh, double volume, Stiffness stiffness) {
        if (!(volume > 0)) {
            throw new IllegalArgumentException("something is in a filled casing");
        }
        return new SheetSolver(mesh, stiffness, begun(mesh)).run(new Goal.Volume(volume / mesh.copies()));
    }

    /** The same, begun from a neighbouring shape of the same mesh, which is quicker. */
    public static FilledSheet filled(FilledSheet from, double volume, Stiffness stiffness) {
        double[][] start = {from.x().clone(), from.y().clone(), from.z().clone()};
        return new SheetSolver(from.mesh(), stiffness, start)
                .run(new Goal.Volume(volume / from.mesh().copies()));
    }

    /**
     * A sheet that need not be closed, under a pressure that is known.
     *
     * @param pressure in the solver's own units, as another sheet of the same unit was found to have
     * @param shares   of it that each triangle bears
     */
    static FilledSheet pressed(Mesh mesh, double pressure, double[] shares, Stiffness stiffness) {
        return new SheetSolver(mesh, stiffness, begun(mesh)).run(new Goal.Pressure(pressure, shares));
    }

    /**
     * Two sheets, one in the other: the inner one holds so much, the outer one holds nothing but what comes through.
     *
     * @param inner  at most as large as the outer one either way, in the same units, from the same middle
     * @param volume of the whole inner casing; below its own greatest
     */
    public static Nested nested(Mesh inner, Mesh outer, double volume) {
        for (double hard = Contact.HARD; hard > SOFTEST; hard /= Contact.SOFTER) {
            Optional<Nested> nested = nested(inner, outer, volume, hard);
            if (nested.isPresent()) {
                return nested.get();
            }
        }
        throw new ArithmeticException("the two sheets came apart");
    }

    /** Nothing where they break up, as they touch too hard. */
    private static Optional<Nested> nested(Mesh inner, Mesh outer, double volume, double hard) {
        Stiffness stiffness = Stiffness.TOUCHING;
        SheetSolver within = new SheetSolver(inner, stiffness, begun(inner));
        SheetSolver around = new SheetSolver(outer, stiffness, begun(outer));
        Contact contact = new Contact(hard, within.elements, within.at, within.touch, outer, around.at, around.touch);
        Goal holds = new Goal.Volume(volume / inner.copies());
        Goal follows = new Goal.Pressure(0, new double[outer.triangles()]);
        int step = 0;
        boolean settled = false;
        while (step < MOST_STEPS && !settled) {
            step++;
            contact.act();
            boolean innerSettled = within.step(holds);
            settled = around.step(follows) && innerSettled;
            if (within.isApart() || around.isApart()) {
                return Optional.empty();
            }
            if (step % SHAKEN == 0) {
                contact.soften();
            }
        }
        return Optional.of(new Nested(within.sheet(step, settled), around.sheet(step, settled)));
    }

    /** A sheet filled within another. */
    public record Nested(FilledSheet inner, FilledSheet outer) {}

    /** A low dome: never flat, as pressure has nothing to hold on to there. */
    private static double[][] begun(Mesh mesh) {
        Elements elements = Elements.of(mesh);
        SparseRows flat = elements.stiffness();
        double[] dome =
                new FactoredSystem(flat, Ordering.of(flat), vertex -> mesh.seam()[vertex]).solve(elements.mass());
        double top = 0;
        for (double height : dome) {
            top = Math.max(top, height);
        }
        double[] z = new double[dome.length];
        for (int i = 0; i < z.length; i++) {
            z[i] = BEGUN / 2 * Math.sqrt(Math.max(0, dome[i] / top));
        }
        return new double[][] {mesh.x().clone(), mesh.y().clone(), z};
    }

    /** S = K + β/μ Rᵗ M⁻¹ R: bending counts at vertices that are neither on the seam nor fixed. */
    private SparseRows system(SparseRows stretch, IntPredicate fixed) {
        SparseRows sum = new SparseRows(mesh.vertices());
        for (int v = 0; v < mesh.vertices(); v++) {
            for (int entry = 0; entry < stretch.count(v); entry++) {
                sum.add(v, stretch.column(v, entry), stretch.value(v, entry));
            }
        }
        double bending = stiffness.bending() / stiffness.penalty();
        for (int v = 0; v < mesh.vertices() && bending > 0; v++) {
            if (mesh.seam()[v] || fixed.test(v)) {
                continue;
            }
            double weight = bending / elements.mass()[v];
            for (int one = 0; one < stretch.count(v); one++) {
                for (int other = 0; other < stretch.count(v); other++) {
                    sum.add(
                            stretch.column(v, one),
                            stretch.column(v, other),
                            weight * stretch.value(v, one) * stretch.value(v, other));
                }
            }
        }
        return sum;
    }

    private FilledSheet run(Goal goal) {
        int step = 0;
        boolean settled = false;
        while (step < MOST_STEPS && !settled) {
            step++;
            settled = step(goal);
        }
        return sheet(step, settled);
    }

    /** One step; whether the sheet hardly moved and is what it is to be. */
    private boolean step(Goal goal) {
        if (Thread.currentThread().isInterrupted()) {
            throw new CancellationException("nobody waits for this shape");
        }
        double[][] load = load(goal);
        double[][] held = held();
        double[][] relaxed = new double[3][];
        double[][] pushed = new double[3][];
        for (int c = 0; c < 3; c++) {
            double[][] solved = systems[c].solve(held[c], load[c]);
            relaxed[c] = solved[0];
            pushed[c] = solved[1];
        }
        double share = share(goal, load, relaxed, pushed);
        for (int c = 0; c < 3; c++) {
            for (int v = 0; v < mesh.vertices(); v++) {
                at[c][v] = relaxed[c][v] + share * pushed[c][v];
            }
        }
        pressure = goal instanceof Goal.Greatest ? 0 : share * stiffness.penalty();
        boolean close = constrain(goal instanceof Goal.Pressure ? RELAXED_OPEN : RELAXED);
        return close && (!(goal instanceof Goal.Volume wanted) || Math.abs(volume() / wanted.under() - 1) < CLOSE);
    }

    private FilledSheet sheet(int steps, boolean settled) {
        return new FilledSheet(mesh, at[0], at[1], at[2], mesh.copies() * volume(), pressure, steps, settled);
    }

    /** Whether it broke up: a vertex is where no cloth reaches. */
    private boolean isApart() {
        double reach = 0;
        for (int v = 0; v < mesh.vertices(); v++) {
            reach = Math.max(reach, Math.hypot(mesh.x()[v], mesh.y()[v]));
        }
        for (int v = 0; v < mesh.vertices(); v++) {
            if (!(Math.hypot(at[0][v], at[1][v]) + Math.abs(at[2][v]) < FAR * reach)) {
                return true;
            }
        }
        return false;
    }

    /** How hard a step presses: how much of the load the sheet is moved by. */
    private double share(Goal goal, double[][] load, double[][] relaxed, double[][] pushed) {
        if (goal instanceof Goal.Volume wanted) {
            return share(wanted.under() - volume(), load, relaxed, pushed);
        }
        return goal instanceof Goal.Pressure known ? known.inside() / stiffness.penalty() : LOAD;
    }

    /** How much of the load brings the volume to what is wanted, as far as a straight line goes. */
    private double share(double missing, double[][] load, double[][] relaxed, double[][] pushed) {
        double moved = 0;
        double gained = 0;
        for (int c = 0; c < 3; c++) {
            for (int v = 0; v < mesh.vertices(); v++) {
                moved += load[c][v] * (relaxed[c][v] - at[c][v]);
                gained += load[c][v] * pushed[c][v];
            }
        }
        return (missing - moved) / gained;
    }

    /** What holds the vertices where they would go if nothing pressed from within: Σ A (Z − U) g + touch / μ. */
    private double[][] held() {
        double[][] sides = new double[3][mesh.vertices()];
        for (int c = 0; c < 3; c++) {
            for (int v = 0; v < mesh.vertices(); v++) {
                sides[c][v] = mesh.isFixed(v, c) ? 0 : touch[c][v] / stiffness.penalty();
            }
        }
        for (int t = 0; t < mesh.triangles(); t++) {
            for (int k = 3 * t; k < 3 * t + 3; k++) {
                int vertex = mesh.corners()[k];
                double across = elements.area()[t] * elements.gx()[k];
                double up = elements.area()[t] * elements.gy()[k];
                for (int c = 0; c < 3; c++) {
                    int f = 6 * t + 2 * c;
                    sides[c][vertex] +=
                            (allowed[f] - multiplier[f]) * across + (allowed[f + 1] - multiplier[f + 1]) * up;
                }
            }
        }
        return sides;
    }

    /** Brings every triangle to what the cloth allows; whether it hardly had to. */
    private boolean constrain(double relaxed) {
        double apart = 0;
        double changed = 0;
        double whole = 0;
        for (int t = 0; t < mesh.triangles(); t++) {
            double[] now = gradient(elements, t, at[0], at[1], at[2]);
            double[] over = new double[6];
            double[] wanted = new double[6];
            double[] before = new double[6];
            for (int i = 0; i < 6; i++) {
                before[i] = allowed[6 * t + i];
                over[i] = relaxed * now[i] - (relaxed - 1) * before[i];
                wanted[i] = over[i] + multiplier[6 * t + i];
            }
            project(wanted, t);
            for (int i = 0; i < 6; i++) {
                double is = allowed[6 * t + i];
                multiplier[6 * t + i] = wanted[i] - is;
                apart += elements.area()[t] * (now[i] - is) * (now[i] - is);
                changed += elements.area()[t] * (is - before[i]) * (is - before[i]);
            }
            whole += elements.area()[t];
        }
        return Math.sqrt(apart / whole) < CLOSE && Math.sqrt(changed / whole) < CLOSE;
    }

    /**
     * The nearest gradient that is not stretched, shortening resisted: F (αI + γ FᵗF), which needs no singular vectors.
     */
    private void project(double[] f, int triangle) {
        double a = f[0] * f[0] + f[2] * f[2] + f[4] * f[4];
        double b = f[0] * f[1] + f[2] * f[3] + f[4] * f[5];
        double d = f[1] * f[1] + f[3] * f[3] + f[5] * f[5];
        double mean = (a + d) / 2;
        double half = (a - d) / 2;
        double spread = Math.sqrt(half * half + b * b);
        double more = Math.max(0, mean + spread);
        double less = Math.max(0, mean - spread);
        double kMore = factor(Math.max(Math.sqrt(more), LEAST_STRETCH));
        double kLess = factor(Math.max(Math.sqrt(less), LEAST_STRETCH));
        double gamma = more - less < ALIKE ? 0 : (kMore - kLess) / (more - less);
        double alpha = kMore - gamma * more;
        for (int c = 0; c < 3; c++) {
            double across = f[2 * c];
            double up = f[2 * c + 1];
            allowed[6 * triangle + 2 * c] = across * (alpha + gamma * a) + up * gamma * b;
            allowed[6 * triangle + 2 * c + 1] = across * gamma * b + up * (alpha + gamma * d);
        }
    }

    private double factor(double stretch) {
        double c = stiffness.shorten();
        double mu = stiffness.penalty();
        return stretch > 1 ? 1 / stretch : (mu + c / stretch) / (mu + c);
    }

    /** How a triangle lies against how it lay flat: three rows of two. */
    static double[] gradient(Elements elements, int triangle, double[] x, double[] y, double[] z) {
        double[] f = new double[6];
        for (int k = 3 * triangle; k < 3 * triangle + 3; k++) {
            int vertex = elements.mesh().corners()[k];
            double across = elements.gx()[k];
            double up = elements.gy()[k];
            f[0] += x[vertex] * across;
            f[1] += x[vertex] * up;
            f[2] += y[vertex] * across;
            f[3] += y[vertex] * up;
            f[4] += z[vertex] * across;
            f[5] += z[vertex] * up;
        }
        return f;
    }

    /** Under the part of the sheet: ⅙ Σ det(a, b, c), exact as mirrors and seam pass through the origin. */
    private double volume() {
        double sum = 0;
        for (int t = 0; t < mesh.triangles(); t++) {
            int a = mesh.corners()[3 * t];
            int b = mesh.corners()[3 * t + 1];
            int c = mesh.corners()[3 * t + 2];
            sum += at[0][a] * (at[1][b] * at[2][c] - at[2][b] * at[1][c])
                    + at[1][a] * (at[2][b] * at[0][c] - at[0][b] * at[2][c])
                    + at[2][a] * (at[0][b] * at[1][c] - at[1][b] * at[0][c]);
        }
        return sum / 6;
    }

    /**
     * Pressure of one on every triangle, square to it: a third of its area at each corner. Of a closed sheet that is
     * the gradient of its volume.
     */
    private double[][] load(Goal goal) {
        double[][] load = new double[3][mesh.vertices()];
        for (int t = 0; t < mesh.triangles(); t++) {
            int a = mesh.corners()[3 * t];
            int b = mesh.corners()[3 * t + 1];
            int c = mesh.corners()[3 * t + 2];
            double share = goal instanceof Goal.Pressure known ? known.shares()[t] / 6 : 1.0 / 6;
            for (int i = 0; i < 3; i++) {
                double[] u = at[(i + 1) % 3];
                double[] v = at[(i + 2) % 3];
                double push = share * ((u[b] - u[a]) * (v[c] - v[a]) - (v[b] - v[a]) * (u[c] - u[a]));
                load[i][a] += push;
                load[i][b] += push;
                load[i][c] += push;
            }
        }
        for (int c = 0; c < 3; c++) {
            for (int v = 0; v < mesh.vertices(); v++) {
                load[c][v] = mesh.isFixed(v, c) ? 0 : load[c][v];
            }
        }
        return load;
    }
}
