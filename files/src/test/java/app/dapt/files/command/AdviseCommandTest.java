package app.dapt.files.command;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.decision.Use;
import app.dapt.files.plan.PlanJson;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is recommended for a plan, printed. */
class AdviseCommandTest {

    private static final Path PLANS = Path.of("src/test/resources/plans/2");

    @TempDir
    private Path folder;

    private record Printed(int status, String out, String err) {}

    private static Printed run(String... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int status = AdviseCommand.run(
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

    private static List<JsonNode> choices(Printed printed) {
        List<JsonNode> choices = new ArrayList<>();
        JsonMapper.builder().build().readTree(printed.out()).path("choices").forEach(choices::add);
        return choices;
    }

    private static JsonNode choice(Printed printed, String code) {
        return choices(printed).stream()
                .filter(choice -> choice.path("choice").asString().equals(code))
                .findFirst()
                .orElseThrow();
    }

    /** Every recommendation has its row, its reason in words, and nothing that words are missing for. */
    @ParameterizedTest
    @MethodSource("plans")
    void everyPlanIsAdvisedInWords(Path plan) {
        Printed printed = run(plan.toString());

        assertThat(printed.status()).isZero();
        assertThat(printed.out()).doesNotContain("‹");
        assertThat(choices(printed))
                .extracting(choice -> choice.path("choice").asString())
                .contains("opening", "needle", "thread");
        assertThat(choices(printed)).allSatisfy(choice -> {
            assertThat(choice.path("rule").asString()).matches("[UCWMK]\\d+");
            assertThat(choice.path("why").asString()).endsWith(".");
            assertThat(choice.path("sure").asString()).isIn("nearly-all", "schools", "own");
        });
    }

    @Test
    void whatItIsForAndTheDrawerChangeIt() throws Exception {
        CoverPlan plan = PlanJson.read(Files.readString(plans().findFirst().orElseThrow()));
        Path file = folder.resolve("pulled.json");
        Files.writeString(file, PlanJson.write(plan.withUse(Optional.of(Use.PULLED))));

        Printed usual = run(file.toString());
        Printed serged = run(file.toString(), "--with", "serger", "--without", "back-stitch");

        assertThat(choice(usual, "finish").path("instead").asString()).isEqualTo("zigzag");
        assertThat(choice(usual, "finish").path("kit").asString()).isEqualTo("K1");
        assertThat(choice(serged, "finish").has("instead")).isFalse();
        assertThat(choice(serged, "corner").path("kit").asString()).isEqualTo("K4");
        assertThat(run(file.toString()).out()).contains("\"leaveOff\" : [ \"buttons\"");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "plan.json --with", "plan.json --with hammer", "plan.json --mat wide"})
    void anythingElseIsRefused(String args) {
        Printed printed = run(args.isEmpty() ? new String[0] : args.split(" "));

        assertThat(printed.status()).isEqualTo(2);
        assertThat(printed.err()).isNotBlank();
    }
}
