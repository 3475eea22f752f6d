package app.dapt.files.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.RandomPlans;
import app.dapt.files.plan.PlanJson;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The sittings of all that is in work, as anybody can check them. */
class WhenCommandTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static final String WORK = """
            {"from": "2027-03-01T00:00",
             "times": [{"day": "tuesday", "at": "20:00", "minutes": 60},
                       {"day": "saturday", "at": "09:30", "minutes": 150}],
             "off": ["2027-03-09"],
             "covers": [{"plan": "a.json", "count": 2, "due": "2027-04-20"}, {"plan": "in/b.json"}]}
            """;

    @TempDir
    private Path folder;

    private record Printed(int status, String out, String err) {}

    private Printed run(String work) throws IOException {
        Files.createDirectories(folder.resolve("in"));
        Files.writeString(folder.resolve("a.json"), PlanJson.write(RandomPlans.plan(new Random(1))));
        Files.writeString(folder.resolve("in/b.json"), PlanJson.write(RandomPlans.plan(new Random(2))));
        Files.writeString(folder.resolve("work.json"), work);
        return run(folder.resolve("work.json"));
    }

    private static Printed run(Path... files) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int status = WhenCommand.run(
                Stream.of(files).map(Path::toString).toArray(String[]::new),
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
        return new Printed(status, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    @Test
    void everyStepOfTheSamePlansTogetherIsInASittingOnce() throws IOException {
        JsonNode when = JSON.readTree(run(WORK).out());
        ByteArrayOutputStream order = new ByteArrayOutputStream();
        String a = folder.resolve("a.json").toString();
        MakeCommand.run(
                new String[] {a, a, folder.resolve("in/b.json").toString()},
                new PrintStream(order, true, StandardCharsets.UTF_8),
                System.err);
        Map<String, Double> made = new HashMap<>();
        JSON.readTree(order.toByteArray())
                .path("steps")
                .forEach(step -> made.put(
                        step.path("id").stringValue(), step.path("minutes").doubleValue()));
        for (JsonNode sitting : when.path("sittings")) {
            LocalDateTime start = LocalDateTime.parse(sitting.path("start").stringValue());
            double minutes = sitting.path("minutes").doubleValue();
            assertThat(minutes).isBetween(1.0, start.getHour() == 9 ? 150.0 : 60.0);
            double sum = sitting.path("setUp").doubleValue();
            for (JsonNode step : sitting.path("steps")) {
                Double takes = made.remove(step.path("id").stringValue());
                assertThat(takes).as("%s", step).isEqualTo(step.path("minutes").doubleValue());
                sum += step.path("minutes").doubleValue();
            }
            assertThat(sum).isCloseTo(minutes, within(1e-6));
            assertThat(start.toLocalDate()).isNotEqualTo("2027-03-09");
        }
        assertThat(made).isEmpty();
        assertThat(when.path("due")).hasSize(2);
        assertThat(when.path("due").get(0).path("kept").booleanValue()).isTrue();
        assertThat(when.path("keptBound").intValue()).isEqualTo(2);
        assertThat(when.path("proved").booleanValue()).isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2027-03-01T00:00 | tomorrow | work.json: from: is “tomorrow”, not like 2027-03-01T00:00",
                "tuesday | tuesdays | times[0].day",
                "20:00 | 25:00 | at: is “25:00”, not like 20:00",
                "60}  | 0} | times[0].minutes: is 0, not from 1 to 1440",
                "2027-04-20 | 2027-13-20 | due: is “2027-13-20”, not like 2027-03-20",
                "in/b.json | in/c.json | in/c.json: there is no such file",
                "\"count\": 2 | \"count\": 99, \"nothing\": 2 | covers[0].nothing: is not known here",
                "\"count\": 2 | \"count\": 100 | covers: are more than 100",
                "\"off\": | \"of\": | of: is not known here",
                "{\"from\" | \"from\" | is not JSON",
            })
    void whatIsWrongIsSaidWithItsPlace(String was, String now, String said) throws IOException {
        Printed printed = run(WORK.replace(was.strip(), now.strip()));
        assertThat(printed.status()).isEqualTo(2);
        assertThat(printed.err()).contains(said);
        assertThat(printed.out()).isEmpty();
    }

    @Test
    void whatFitsNowhereIsSaid() throws IOException {
        JsonNode when = JSON.readTree(
                run(WORK.replace("60}", "4}").replace("150}", "5}")).out());
        assertThat(when.path("sittings")).isEmpty();
        assertThat(when.path("left").size()).isGreaterThan(20);
        assertThat(when.path("due").get(0).path("done").isNull()).isTrue();
        assertThat(when.path("proved").booleanValue())
                .isEqualTo(when.path("keptBound").intValue() == 0);
        assertThat(run().status()).isEqualTo(2);
    }
}
