package app.dapt.files.command;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.files.plan.PlanJson;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A filled cover as a file that anybody can check. */
class FillCommandTest {

    @TempDir
    private Path folder;

    private Path plan(Kind<Shape> shape) throws IOException {
        CoverPlan plan =
                DefaultPlan.plan("Filled", Mark.EIGHTH, shape, Form.overCrown(Length.inches(18), Length.inches(24)));
        return Files.writeString(folder.resolve(shape.code() + ".json"), PlanJson.write(plan));
    }

    private static String run(int status, String... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        assertThat(FillCommand.run(
                        args,
                        new PrintStream(out, true, StandardCharsets.UTF_8),
                        new PrintStream(err, true, StandardCharsets.UTF_8)))
                .isEqualTo(status);
        return out.toString(StandardCharsets.UTF_8) + err.toString(StandardCharsets.UTF_8);
    }

    /** The volume inside the mesh is the volume said; every edge belongs to two faces that run opposite ways. */
    @Test
    void theMeshIsClosedAndHoldsWhatIsSaid() throws IOException {
        Path obj = folder.resolve("out.obj");
        JsonNode said = new JsonMapper().readTree(run(0, plan(ShapeKind.OBLONG).toString(), "--obj", obj.toString()));
        List<double[]> vertices = new ArrayList<>();
        Map<String, Integer> edges = new HashMap<>();
        double volume = 0;
        for (String line : Files.readAllLines(obj)) {
            String[] parts = line.split(" ");
            if (parts[0].equals("v")) {
                vertices.add(new double[] {
                    Double.parseDouble(parts[1]), Double.parseDouble(parts[2]), Double.parseDouble(parts[3])
                });
            } else if (parts[0].equals("f")) {
                int[] corner = new int[3];
                for (int k = 0; k < 3; k++) {
                    corner[k] = Integer.parseInt(parts[k + 1].split("/")[0]);
                }
                for (int k = 0; k < 3; k++) {
                    edges.merge(corner[k] + ">" + corner[(k + 1) % 3], 1, Integer::sum);
                }
                volume +=
                        det(vertices.get(corner[0] - 1), vertices.get(corner[1] - 1), vertices.get(corner[2] - 1)) / 6;
            }
        }
        assertThat(edges).allSatisfy((edge, count) -> {
            String[] ends = edge.split(">");
            assertThat(count).as(edge).isEqualTo(1);
            assertThat(edges).containsKey(ends[1] + ">" + ends[0]);
        });
        assertThat(volume / 1000).isCloseTo(said.path("volumeCm3").doubleValue(), Percentage.withPercentage(0.1));
        assertThat(said.path("fullness").doubleValue()).isBetween(0.6, 1.1);
        assertThat(said.path("straightAcrossMm").path("across").doubleValue())
                .isLessThan(said.path("straightAcrossMm").path("upDown").doubleValue());
        assertThat(said.path("earMm").doubleValue()).isPositive();
    }

    /** A form of 14 × 20 inches in a cover of 18 × 18 does not fill all of it. */
    @Test
    void whatTheFormTakesIsToldApartFromWhatIsWithinTheCover() throws IOException {
        Form form = new Form(
                labelled(Length.inches(14)),
                labelled(Length.inches(20)),
                Optional.empty(),
                LabelMeans.COVER,
                Filling.FIBRE);
        CoverPlan plan = DefaultPlan.plan("Locker lid", Mark.EIGHTH, ShapeKind.OBLONG, form);
        Path file = Files.writeString(
                folder.resolve("loose.json"),
                PlanJson.write(plan.withFit(plan.fit().withSchool(FitSchool.LABEL))));
        JsonNode said = new JsonMapper().readTree(run(0, file.toString()));
        double within = said.path("volumeCm3").doubleValue();
        double taken = said.path("formCm3").doubleValue();
        assertThat(taken).isPositive().isLessThan(within);
        assertThat(taken)
                .isCloseTo(
                        said.path("fullness").doubleValue()
                                * said.path("greatestCm3").doubleValue(),
                        Percentage.withPercentage(2));
    }

    private static Readings labelled(Length crown) {
        return Readings.overCrown(crown).with(Reading.LABEL, Optional.of(Length.inches(18)));
    }

    private static double det(double[] a, double[] b, double[] c) {
        return a[0] * (b[1] * c[2] - b[2] * c[1])
                + a[1] * (b[2] * c[0] - b[0] * c[2])
                + a[2] * (b[0] * c[1] - b[1] * c[0]);
    }

    @Test
    void anyShapeIsFilledAndWhatIsNoPlanIsRefusedInWords() throws IOException {
        assertThat(run(0, plan(ShapeKind.ROUND).toString())).contains("\"thicknessMm\"");
        assertThat(run(0, plan(ShapeKind.VEE).toString())).contains("\"thicknessMm\"");
        assertThat(run(2, folder.resolve("none.json").toString())).contains("there is no such file");
        assertThat(run(2)).contains("usage");
    }
}
