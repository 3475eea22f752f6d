package app.dapt;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.JoiningKind;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.front.ExtrasKind;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.Run;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.cover.shape.Vee;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Covers of every kind, worked out to the last step and drawn, beside what was worked out and read through before. A
 * change that is meant is written down with {@code -Ddapt.worked=write} and read in the difference.
 */
class WorkedCoversTest {

    private static final Path WORKED = Path.of("src/test/resources/worked");

    /** Each in two cloths, so that each piece is seen to be of its own. */
    static Stream<Arguments> covers() {
        return Stream.of(
                        ShapeKind.ALL.stream().flatMap(kind -> covers("shape", kind, CoverPlan::withShape)),
                        OpeningKind.ALL.stream().flatMap(kind -> covers("opening", kind, CoverPlan::withOpening)),
                        EdgingKind.ALL.stream().flatMap(kind -> covers("edging", kind, CoverPlan::withEdging)),
                        FaceKind.ALL.stream().flatMap(kind -> covers("face", kind, CoverPlan::withFace)),
                        ExtrasKind.ALL.stream().flatMap(kind -> covers("extras", kind, CoverPlan::withExtras)),
                        JoiningKind.ALL.stream().flatMap(kind -> covers("joining", kind, CoverPlan::withJoining)),
                        vees(),
                        runs(),
                        extras())
                .flatMap(each -> each)
                .map(each -> Arguments.of(each.get()[0], Cases.linenBack((CoverPlan) each.get()[1])));
    }

    /** Vs as they are made, with each of their openings. */
    private static Stream<Arguments> vees() {
        CoverPlan plan = DefaultPlan.plan(
                "Reading V", Mark.EIGHTH, ShapeKind.VEE, Form.overCrown(Length.inches(32), Length.inches(22)));
        return Stream.of(
                vee("round-ends", plan, OpeningKind.ARM_FLAP, "arm", Length.inches(8), "armEnd", Vee.End.ROUND),
                vee("square-ends", plan, OpeningKind.BACK_ZIP, "arm", Length.inches(9), "armEnd", Vee.End.SQUARE),
                vee("by-angle", plan, OpeningKind.EDGE_ZIP, "arm", Length.inches(7), "veeBy", Vee.By.ANGLE, "rise", 40),
                vee("too-curved", plan, OpeningKind.SEWN_SHUT, "arm", Length.inches(8), "outer", Length.inches(14)));
    }

    private static Arguments vee(String name, CoverPlan plan, Kind<Opening> opening, Object... changes) {
        Shape shape = Cases.changed(ShapeKind.VEE, Unit.INCH, changes);
        return Arguments.of("vee-" + name, plan.withShape(shape).withOpening(opening.usual(Unit.INCH)));
    }

    /** Runs with straps of either use. */
    private static Stream<Arguments> runs() {
        CoverPlan plan = DefaultPlan.plan(
                "Stern bench", Mark.EIGHTH, ShapeKind.RUN, Form.overCrown(Length.inches(60), Length.inches(20)));
        return Stream.of(Run.Use.values())
                .map(use -> Arguments.of(
                        "run-" + Phrase.code(use),
                        plan.withShape(
                                Cases.changed(ShapeKind.RUN, Unit.INCH, "pockets", 4, "straps", 2, "strapUse", use))));
    }

    /** Each thing that is sewn to a front, alone. */
    private static Stream<Arguments> extras() {
        CoverPlan plan = whole("extras", "", Mark.EIGHTH, 2);
        return ExtrasKind.EXTRAS.usual(Unit.INCH).decided().all().stream()
                .filter(Detail.Tick.class::isInstance)
                .map(tick -> Arguments.of(
                        "extra-" + tick.name(),
                        plan.withExtras(Cases.changed(ExtrasKind.EXTRAS, Unit.INCH, tick.name(), true))));
    }

    /** The usual one in inches, and two with their details anywhere, in centimetres. */
    private static <T extends Detailed> Stream<Arguments> covers(
            String family, Kind<T> kind, BiFunction<CoverPlan, T, CoverPlan> with) {
        return Stream.of(1, 2, 3).map(turn -> {
            Random random = new Random(31L * kind.code().hashCode() + turn);
            Mark mark = turn == 1 ? Mark.EIGHTH : Mark.MILLIMETRE;
            CoverPlan plan = whole(family, kind.code(), mark, turn);
            T decision = turn == 1 ? kind.usual(mark.unit()) : RandomPlans.any(random, kind);
            return Arguments.of(family + "-" + kind.code() + "-" + turn, with.apply(plan, decision));
        });
    }

    private static CoverPlan whole(String family, String code, Mark mark, int turn) {
        Kind<Shape> shape = family.equals("shape") ? ShapeKind.ALL.coded(code).orElseThrow() : ShapeKind.OBLONG;
        if (code.equals(OpeningKind.ARM_FLAP.code())) {
            shape = ShapeKind.VEE;
        }
        Form form = Form.overCrown(Length.inches(24 + turn), Length.inches(14 + 2L * turn));
        return DefaultPlan.plan("Wheelhouse bench", mark, shape, form);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("covers")
    void isWorkedOutAsItWasReadThrough(String name, CoverPlan plan) throws IOException {
        isAsBefore(name + ".txt", WorkedCover.of(plan));
    }

    /** One of every kind, and those that are drawn in more than one way. */
    static Stream<Arguments> drawn() {
        return covers().filter(each -> !((String) each.get()[0]).matches(".*-[23]"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("drawn")
    void isDrawnAsBefore(String name, CoverPlan plan) throws IOException {
        isAsBefore("drawn/" + name + ".txt", WorkedDrawings.of(plan));
    }

    private static void isAsBefore(String file, String worked) throws IOException {
        if ("write".equals(System.getProperty("dapt.worked"))) {
            Files.createDirectories(WORKED.resolve(file).getParent());
            Files.writeString(WORKED.resolve(file), worked);
            return;
        }
        try (InputStream known = WorkedCoversTest.class.getResourceAsStream("/worked/" + file)) {
            assertThat(known).as("worked out before").isNotNull();
            assertThat(worked).isEqualTo(new String(known.readAllBytes(), StandardCharsets.UTF_8));
        }
    }
}
