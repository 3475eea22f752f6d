package app.dapt.files.command;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.RandomPlans;
import app.dapt.files.ExactLength;
import app.dapt.files.plan.PlanJson;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ReckonCommandTest {

    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    @TempDir
    Path folder;

    private int run(String... args) {
        return ReckonCommand.run(
                args,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
    }

    private Path file(String content) throws IOException {
        return Files.writeString(folder.resolve("plan.json"), content);
    }

    @Test
    void printsPiecesWithSumsThatAddUpAndFindings() throws IOException {
        for (int seed = 0; seed < 40; seed++) {
            out.reset();
            assertThat(run(file(PlanJson.write(RandomPlans.plan(new Random(seed))))
                            .toString()))
                    .isZero();
            JsonNode reckoned = JsonMapper.builder().build().readTree(out.toString(StandardCharsets.UTF_8));
            assertThat(reckoned.get("pieces").size()).isBetween(1, 60);
            for (JsonNode piece : reckoned.get("pieces")) {
                assertThat(piece.get("quantity").intValue()).isPositive();
                assertThat(piece.get("edges").size()).isEqualTo(4);
                assertAddsUp(piece.get("width"));
                assertAddsUp(piece.get("height"));
            }
            assertAddsUp(reckoned.get("finished").get("across"));
            for (JsonNode finding : reckoned.get("findings")) {
                assertThat(finding.get("what").stringValue())
                        .doesNotContain("‹")
                        .isNotBlank();
            }
        }
    }

    private static void assertAddsUp(JsonNode sum) {
        long total = sum.get("sum")
                .valueStream()
                .mapToLong(term -> exactly(term, "amount"))
                .sum();
        assertThat(exactly(sum, "total")).isEqualTo(total);
    }

    private static long exactly(JsonNode at, String name) {
        return ExactLength.read(at.get(name + "Exact").stringValue())
                .orElseThrow()
                .grains();
    }

    @Test
    void saysWhatIsWrongAndEndsWithTwo() throws IOException {
        assertThat(run(file("{}").toString())).isEqualTo(2);
        assertThat(run(folder.resolve("none.json").toString())).isEqualTo(2);
        assertThat(run()).isEqualTo(2);
        assertThat(run(folder.toString())).isEqualTo(2);
        Path latin = Files.write(folder.resolve("latin.json"), new byte[] {'"', (byte) 0xe9, '"'});
        assertThat(run(latin.toString())).isEqualTo(2);
        assertThat(run(file(" ".repeat(70_000)).toString())).isEqualTo(2);
        assertThat(out.toString(StandardCharsets.UTF_8)).isEmpty();
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("kind", "no such file", "usage", "UTF-8", "larger");
    }

    /** A cover piped on the bias, in centimetres: every figure that the pages show stands in it, in its own unit. */
    @Test
    void holdsWhatThePagesShow() throws IOException {
        Path piped = folder.resolve("piped.json");
        Files.writeString(piped, Files.readString(Path.of("src/test/resources/plans/1/22-owner-piped.json")));
        assertThat(run(piped.toString())).isZero();
        JsonNode reckoned = JsonMapper.builder().build().readTree(out.toString(StandardCharsets.UTF_8));
        String unit = reckoned.get("unit").stringValue();
        assertThat(reckoned.get("edge").propertyNames())
                .contains("strip", "lip", "lipExact", "usable", "strips", "cord", "stripLength");
        assertThat(reckoned.at("/edge/lipExact").stringValue()).endsWith(" " + unit);
        assertThat(reckoned.at("/edge/strip/total").stringValue()).endsWith(" " + unit);
        assertThat(reckoned.at("/cloth/0/buy").isString()).isTrue();
        assertThat(reckoned.get("fullness").doubleValue()).isBetween(0.3, 1.3);
        assertThat(reckoned.get("haberdashery"))
                .anyMatch(need -> need.get("what").stringValue().contains("Cord") && need.has("length"));
        assertThat(reckoned.at("/pieces/0/marks/0").propertyNames()).contains("fromLeftExact");
        assertThat(out.toString(StandardCharsets.UTF_8))
                .as("no other unit")
                .doesNotContain(unit.equals("in") ? " cm\"" : " in\"");
    }
}
