package app.dapt.files.command;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoner;
import app.dapt.files.paper.Printed;
import app.dapt.files.plan.PlanJson;
import app.dapt.make.CoverSteps;
import app.dapt.measure.Phrase;
import app.dapt.step.Step;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The order of work as a file anybody can check, and its words. */
class MakeCommandTest {

    private static final Wordbook US = Wordbook.load(English.US, "craft");
    private static final Wordbook UK = Wordbook.load(English.UK, "craft");

    @TempDir
    private Path folder;

    static Stream<Arguments> plans() {
        return Cases.of(100, RandomPlans::plan);
    }

    private record Printed(int status, String out, String err) {}

    private static Printed run(String... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int status = MakeCommand.run(
                args,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
        return new Printed(status, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    @Test
    void printsAnOrderThatAnybodyCanCheck() throws IOException {
        String[] files = new String[3];
        for (int i = 0; i < files.length; i++) {
            Path file = folder.resolve("plan" + i + ".json");
            Files.writeString(file, PlanJson.write(RandomPlans.plan(new Random(i))));
            files[i] = file.toString();
        }
        JsonNode printed = new JsonMapper().readTree(run(files).out());
        Set<String> done = new HashSet<>();
        int trips = 0;
        String place = "";
        for (JsonNode step : printed.path("steps")) {
            step.path("needs").forEach(need -> assertThat(done).contains(need.stringValue()));
            assertThat(done.add(step.path("id").stringValue())).isTrue();
            trips += place.isEmpty() || place.equals(step.path("place").stringValue()) ? 0 : 1;
            place = step.path("place").stringValue();
            assertThat(step.path("text").stringValue()).isNotBlank().doesNotContain("‹");
        }
        assertThat(done).hasSizeGreaterThan(60);
        assertThat(printed.path("trips").intValue()).isEqualTo(trips);
        assertThat(printed.path("least").intValue()).isBetween(5, trips);
        assertThat(printed.path("proved").booleanValue())
                .isEqualTo(printed.path("least").intValue() == trips);
    }

    @Test
    void saysWhatIsWrong() throws IOException {
        assertThat(run().status()).isEqualTo(2);
        assertThat(run(folder.resolve("none.json").toString()))
                .satisfies(printed -> assertThat(printed.status()).isEqualTo(2))
                .satisfies(printed -> assertThat(printed.err()).contains("none.json: there is no such file"));
        Path nonsense = Files.writeString(folder.resolve("nonsense.json"), "{\"kind\": 7}");
        assertThat(run(nonsense.toString()).status()).isEqualTo(2);
    }

    /** Every step of every plan can be said, asked and explained, in both kinds of English. */
    @ParameterizedTest
    @MethodSource("plans")
    void everyStepHasItsWords(CoverPlan plan) {
        for (Step step : CoverSteps.of(Reckoner.reckonWithoutRemedies(plan, plan.mark()))) {
            List<Phrase> phrases = new ArrayList<>(List.of(step.says(), step.briefly()));
            phrases.addAll(step.figures());
            step.why().ifPresent(phrases::add);
            step.asks().ifPresent(phrases::add);
            step.cautions().forEach(caution -> phrases.add(caution.says()));
            step.setting().ifPresent(setting -> phrases.add(setting.foot().says()));
            step.setting().ifPresent(setting -> phrases.add(setting.stitch().says()));
            step.pile().ifPresent(pile -> phrases.add(pile.sheet().described()));
            for (Words words : List.of(new Words(US, plan.mark()), new Words(UK, plan.mark()))) {
                assertThat(phrases).allSatisfy(phrase -> assertThat(words.say(phrase))
                        .as(phrase.code())
                        .isNotBlank()
                        .doesNotContain("‹", "{", " ."));
            }
        }
    }
}
