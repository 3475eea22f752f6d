package app.dapt.files.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoner;
import app.dapt.files.BadPlanFile;
import app.dapt.files.plan.PlanJson;
import app.dapt.piece.Piece;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What anybody can check of a cover that was sewn on paper, without knowing how it was done. */
class SewCommandTest {

    private static final Path PLANS = Path.of("src/test/resources/plans/2");

    private record Printed(int status, String out, String err) {}

    private static Printed run(String... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int status = SewCommand.run(
                args,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
        return new Printed(status, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    static Stream<Path> plans() throws IOException {
        try (Stream<Path> files = Files.list(PLANS)) {
            return files.sorted().toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void clothIsKeptAndStaysRigidAndTheCoverIsAsPlanned(Path file) throws IOException, BadPlanFile {
        Printed printed = run(file.toString());
        if (printed.status() != 0) {
            assertThat(printed.err()).contains("not sewn on paper yet");
            return;
        }
        JsonNode sewn = new JsonMapper().readTree(printed.out());
        Map<String, Piece> pieces = pieces(file);
        Map<String, Double> cut = new HashMap<>();
        sewn.path("cut")
                .forEach(piece -> cut.put(name(piece), piece.path("area").doubleValue()));
        for (JsonNode state : sewn.path("states")) {
            Map<String, Double> now = new HashMap<>();
            state.path("trimmed")
                    .forEach(part -> now.merge(name(part), part.path("area").doubleValue(), Double::sum));
            state.path("stacks").forEach(stack -> stack.forEach(facet -> facet(facet, pieces, now)));
            cut.forEach((piece, area) -> assertThat(now.getOrDefault(piece, 0.0))
                    .as("%s after %s", piece, state.path("after"))
                    .isCloseTo(area, within(area * 1e-5 + 0.1)));
        }
        JsonNode cover = sewn.path("cover");
        assertThat(cover.path("asPlanned").booleanValue()).as("%s", cover).isTrue();
        assertThat(cover.path("rawSeen").booleanValue()).isFalse();
        assertThat(cover.path("outside").path("front")).isNotEmpty();
    }

    private static String name(JsonNode part) {
        return part.path("piece").stringValue() + "#" + part.path("number").intValue();
    }

    private static Map<String, Piece> pieces(Path file) throws IOException, BadPlanFile {
        CoverPlan plan = PlanJson.read(Files.readString(file));
        Map<String, Piece> pieces = new HashMap<>();
        Reckoner.reckonWithoutRemedies(plan, plan.mark()).pieces().forEach(piece -> pieces.put(piece.id(), piece));
        return pieces;
    }

    private static void facet(JsonNode facet, Map<String, Piece> pieces, Map<String, Double> now) {
        double[] map = new double[6];
        for (int i = 0; i < map.length; i++) {
            map[i] = facet.path("map").path(i).doubleValue();
        }
        double det = map[0] * map[3] - map[1] * map[2];
        double full = facet.path("fullness").doubleValue();
        assertThat(Math.abs(det) * full).as("rigid").isCloseTo(1, within(1e-4));
        JsonNode shape = facet.path("shape");
        double twice = 0;
        Piece piece = pieces.get(facet.path("piece").stringValue());
        for (int i = 0; i < shape.size(); i++) {
            JsonNode one = shape.path(i);
            JsonNode next = shape.path((i + 1) % shape.size());
            twice += one.path(0).doubleValue() * next.path(1).doubleValue()
                    - next.path(0).doubleValue() * one.path(1).doubleValue();
            if (piece != null) {
                double x = one.path(0).doubleValue() - map[4];
                double y = one.path(1).doubleValue() - map[5];
                assertThat((map[3] * x - map[1] * y) / det)
                        .isBetween(-0.01, piece.cutWidth().toMm() + 0.01);
                assertThat((map[0] * y - map[2] * x) / det)
                        .isBetween(-0.01, piece.cutHeight().toMm() + 0.01);
            }
        }
        now.merge(name(facet), Math.abs(twice) / 2 * full, Double::sum);
    }

    @Test
    void saysWhatIsWrongAndEndsWithTwo() {
        assertThat(run().status()).isEqualTo(2);
        assertThat(run("nowhere.json").err()).contains("there is no such file");
        assertThat(List.of(run("nowhere.json").status())).containsExactly(2);
    }
}
