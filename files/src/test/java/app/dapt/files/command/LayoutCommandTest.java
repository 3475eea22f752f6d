package app.dapt.files.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class LayoutCommandTest {

    private static final String GOOD = """
            { "id": "bench", "width": 680, "step": 72, "pieces": [
              { "id": "front", "w": 340, "h": 300, "qty": 2, "rotate": false },
              { "id": "back", "w": 340, "h": 200, "qty": 2, "rotate": true } ] }""";

    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    @TempDir
    Path folder;

    private int run(String content) throws IOException {
        Path file = Files.writeString(folder.resolve("set.json"), content);
        return LayoutCommand.run(
                new String[] {file.toString(), "--seconds", "0.2"},
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
    }

    @Test
    void printsALayoutWithWhatToBuyAndWhetherLessIsPossible() throws IOException {
        assertThat(run(GOOD)).isZero();
        JsonNode layout = JsonMapper.builder().build().readTree(out.toString(StandardCharsets.UTF_8));
        assertThat(layout.get("instance").stringValue()).isEqualTo("bench");
        assertThat(layout.get("length").intValue()).isEqualTo(500);
        assertThat(layout.get("buy").intValue()).isEqualTo(504);
        assertThat(layout.get("verdict").stringValue()).isEqualTo("proved least");
        assertThat(layout.get("placements").size()).isEqualTo(4);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            "width": 680    | "width": -4        | width
            "w": 340        | "w": 900           | wider than the cloth
            "h": 300        | "h": "tall"        | pieces[0].h
            "qty": 2        | "qty": 700         | more than 500
            "front"         | "back"             | stands twice
            "pieces"        | "piece"            | nothing to cut
            { "id": "bench" | [ "id": "bench"    | not JSON
            """)
    void refusesWhatIsWrongAndSaysWhere(String good, String bad, String said) throws IOException {
        assertThat(GOOD).contains(good);
        assertThat(run(GOOD.replaceFirst(Pattern.quote(good), bad))).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains(said);
        assertThat(out.size()).isZero();
    }

    @Test
    void refusesARemnantThatCrossesItself() throws IOException {
        String bow = GOOD.replace(
                "\"width\": 680, \"step\": 72",
                "\"remnants\": [{ \"id\": \"bow\", \"polygon\": [[0,0],[500,500],[500,0],[0,500]] }]");
        assertThat(run(bow)).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("cross itself");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"[[0,0],[9,0]]", "[[0,0],[9,0],[9]]", "[[0,0],[9,0],[9.5,4]]", "[[0,0],[9,0],[\"a\",4]]", "7"})
    void refusesARemnantWithoutAnOutline(String polygon) throws IOException {
        assertThat(run(GOOD.replace(
                        "\"width\": 680, \"step\": 72",
                        "\"remnants\": [{ \"id\": \"odd\", \"polygon\": " + polygon + " }]")))
                .isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("remnants[0].polygon");
    }

    @Test
    void laysOutOnRemnantsAndSaysWhatIsLeftOut() throws IOException {
        assertThat(run(GOOD.replace(
                        "\"width\": 680, \"step\": 72",
                        "\"remnants\": [{ \"id\": \"A\", \"w\": 700, \"h\": 310 }, { \"id\": \"B\", \"polygon\": "
                                + "[[0,0],[360,0],[345,210],[0,210]] }]")))
                .isZero();
        JsonNode layout = JsonMapper.builder().build().readTree(out.toString(StandardCharsets.UTF_8));
        assertThat(layout.get("placed").intValue()).isEqualTo(3);
        assertThat(layout.get("leftOut").intValue()).isEqualTo(1);
        assertThat(layout.get("placements"))
                .extracting(at -> at.get("remnant").stringValue())
                .containsExactlyInAnyOrder("A", "A", "B");
        assertThat(layout.has("length")).isFalse();
    }

    @Test
    void piecesMeetThePrintWhereTheyHaveTo() throws IOException {
        assertThat(run(GOOD.replace("\"rotate\": false", "\"match\": { \"repeat\": 110, \"offset\": 30 }")))
                .isZero();
        JsonNode layout = JsonMapper.builder().build().readTree(out.toString(StandardCharsets.UTF_8));
        assertThat(layout.get("placements"))
                .filteredOn(at -> at.get("piece").stringValue().equals("front"))
                .hasSize(2)
                .allMatch(at -> at.get("y").intValue() % 110 == 30);
        assertThat(run(GOOD.replace("\"rotate\": false", "\"match\": { \"repeat\": 110, \"offset\": 110 }")))
                .as("beyond its repeat")
                .isEqualTo(2);
    }

    @Test
    void refusesASecondsThatIsNone() {
        assertThat(LayoutCommand.run(
                        new String[] {"x", "--seconds", "soon"},
                        System.out,
                        new PrintStream(err, true, StandardCharsets.UTF_8)))
                .isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("usage");
    }

    @Test
    void refusesWhatIsNoFileOrNeverEnds() throws Exception {
        Path pipe = folder.resolve("pipe");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor())
                .isZero();
        for (String file : List.of(pipe.toString(), "/dev/zero", folder.toString())) {
            assertThat(LayoutCommand.run(
                            new String[] {file}, System.out, new PrintStream(err, true, StandardCharsets.UTF_8)))
                    .as(file)
                    .isEqualTo(2);
        }
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("is no file");
        assertThat(run(GOOD.replaceFirst("\"qty\": \\d+", "\"qty\": 999999")))
                .as("more pieces than anybody cuts")
                .isEqualTo(2);
    }

    /** Fifteen stars of two hundred corners: before, one layout of them took half a minute whatever the seconds. */
    @Test
    void keepsItsSecondsOnRaggedRemnants() throws IOException {
        StringBuilder remnants = new StringBuilder();
        for (int k = 0; k < 15; k++) {
            String star = IntStream.range(0, 200)
                    .mapToObj(i -> {
                        double r = i % 2 == 0 ? 25_000 : 14_000;
                        return "[" + (int) (30_000 + r * Math.cos(Math.PI * i / 100)) + ","
                                + (int) (30_000 + r * Math.sin(Math.PI * i / 100)) + "]";
                    })
                    .collect(Collectors.joining(","));
            remnants.append(k > 0 ? "," : "")
                    .append("{ \"id\": \"r")
                    .append(k)
                    .append("\", \"polygon\": [")
                    .append(star)
                    .append("] }");
        }
        Path file = Files.writeString(
                folder.resolve("stars.json"),
                GOOD.replace("\"width\": 680, \"step\": 72", "\"remnants\": [" + remnants + "]"));
        assertTimeoutPreemptively(Duration.ofSeconds(20), () -> assertThat(LayoutCommand.run(
                        new String[] {file.toString(), "--seconds", "0.5"}, new PrintStream(out), System.err))
                .isZero());
    }
}
