package app.dapt.web.workroom;

import app.dapt.cover.CoverPlan;
import app.dapt.files.BadPlanFile;
import app.dapt.files.plan.PlanJson;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.learning.Verdict;
import app.dapt.learning.Verdict.Corners;
import app.dapt.learning.Verdict.Edges;
import app.dapt.learning.Verdict.Middle;
import app.dapt.learning.Verdict.Opening;
import app.dapt.log.Correction;
import app.dapt.log.LogEntry;
import app.dapt.log.Spent;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.PlainText;
import app.dapt.step.Place;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** The first winter of the Wren: what was made then, how it sat, and what it took. */
@Component
@ConditionalOnProperty("dapt.demo")
class DemoLog {

    /** How much longer than usual the one who keeps this log takes at each place. */
    private static final Map<Place, Double> PACE = new EnumMap<>(Map.of(
            Place.TABLE,
            1.2,
            Place.IRON,
            0.85,
            Place.MACHINE,
            1.35,
            Place.OVERLOCKER,
            1.1,
            Place.HAND,
            1.6,
            Place.FORM,
            1.0));

    private final LogStore log;
    private final WashStore washes;
    private final LearningStore learning;

    DemoLog(LogStore log, WashStore washes, LearningStore learning) {
        this.log = log;
        this.washes = washes;
        this.learning = learning;
    }

    /** Lays it all out in a workroom where nothing was logged yet. */
    void layOut() throws IOException, BadPlanFile {
        List<String> rows = new ClassPathResource("demo-log/first-winter.txt")
                .getContentAsString(StandardCharsets.UTF_8)
                .lines()
                .filter(line -> !line.isBlank() && !line.startsWith("#"))
                .toList();
        for (String row : rows) {
            log.take(
                    List.of(entry(row.split("\\s*\\|\\s*", -1))),
                    UUID.randomUUID().toString(),
                    entry -> entry);
        }
        washes.keep(new WashTest(0, "Bracken linen", Length.cm(50), Length.mm(486), Length.cm(50), Length.mm(477)));
        washes.keep(new WashTest(
                0,
                "Fernbank check",
                Length.inches(20),
                Length.inches(19, 3, 4),
                Length.inches(20),
                Length.inches(19, 3, 8)));
        learning.setTerms(new LearningStore.Terms(18_00, 25));
    }

    /** A row: day, plan, name, filling, fit, how it sat, pace, fabric, notions, note. */
    private static LogEntry entry(String[] row) throws IOException, BadPlanFile {
        CoverPlan drawn = PlanJson.read(
                new ClassPathResource("demo/" + row[1] + ".json").getContentAsString(StandardCharsets.UTF_8));
        CoverPlan plan = drawn.withName(row[2]).withForm(drawn.form().withFilling(coded(Filling.values(), row[3])));
        CoverPlan fitted = plan.withFit(plan.fit().withSchool(coded(FitSchool.values(), row[4])));
        LogEntry entry = LogEntry.of(LocalDate.parse(row[0]), fitted).withNote(PlainText.line(row[9]));
        LogEntry sat = row[5].isEmpty() ? entry : tried(entry, List.of(row[5].split(" ")));
        return sat.withSpent(spent(sat, Double.parseDouble(row[6]), money(row[7]), money(row[8])));
    }

    private static LogEntry tried(LogEntry entry, List<String> said) {
        LogEntry tried = entry.tried(new Verdict(
                said.contains("empty")
                        ? Corners.EMPTY
                        : said.contains("straining") ? Corners.STRAINING : Corners.FILLED,
                said.contains("sags") ? Middle.SAGS : said.contains("drum") ? Middle.DRUM : Middle.FIRM,
                said.contains("ripple") ? Edges.RIPPLE : Edges.SMOOTH,
                said.contains("gapes") ? Opening.GAPES : Opening.CLOSED,
                said.contains("gapes") ? Optional.of(Length.inches(0, 3, 4)) : Optional.empty(),
                Optional.empty()));
        return tried.correction()
                .filter(Correction::isToSew)
                .map(correction -> tried.corrected(correction.done()))
                .orElse(tried);
    }

    private static Spent spent(LogEntry entry, double pace, Optional<Integer> fabric, Optional<Integer> notions) {
        Map<Place, Integer> minutes = new EnumMap<>(Place.class);
        entry.estimated()
                .forEach((place, estimate) ->
                        minutes.put(place, (int) Math.round(estimate * pace * PACE.getOrDefault(place, 1.0))));
        return new Spent(minutes, Optional.empty(), fabric, notions);
    }

    private static Optional<Integer> money(String hundredths) {
        return hundredths.isEmpty() ? Optional.empty() : Optional.of(Integer.parseInt(hundredths));
    }

    private static <E extends Enum<E>> E coded(E[] values, String code) {
        return Stream.of(values)
                .filter(value -> Phrase.code(value).equals(code))
                .findFirst()
                .orElseThrow();
    }
}
