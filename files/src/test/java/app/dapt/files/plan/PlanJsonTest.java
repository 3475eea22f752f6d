package app.dapt.files.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.decision.Details;
import app.dapt.cover.opening.Hem;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.Run;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.files.BadPlanFile;
import app.dapt.files.ExactLength;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class PlanJsonTest {

    private static final Path SCHEMA = Path.of("../docs/plan-format.schema.json");

    static Stream<Arguments> plans() {
        return Cases.of(200, RandomPlans::plan);
    }

    @ParameterizedTest
    @MethodSource("plans")
    void readsBackExactlyWhatItWrote(CoverPlan plan) throws Exception {
        assertThat(PlanJson.read(PlanJson.write(plan))).isEqualTo(plan);
    }

    @Test
    void writesOnlyWhatTheSchemaAllows() throws IOException {
        JsonSchema schema = JsonSchemaFactory.getInstance(VersionFlag.V202012).getSchema(Files.readString(SCHEMA));
        for (int seed = 0; seed < 60; seed++) {
            String written = PlanJson.write(RandomPlans.plan(new Random(seed)));
            assertThat(schema.validate(written, InputFormat.JSON)).as(written).isEmpty();
        }
        assertThat(schema.validate(sample().replace("\"shape\"", "\"shap\""), InputFormat.JSON))
                .isNotEmpty();
    }

    @Test
    void theSchemaIsWhatTheKindsSayOfThemselves() throws IOException {
        String written = PlanSchema.write();
        Files.writeString(Path.of("target/plan-format.schema.json"), written);
        assertThat(Files.readString(SCHEMA))
                .as("copy files/target/plan-format.schema.json to docs")
                .isEqualTo(written);
    }

    /** What would not open again is not kept: it is said while it can still be put right. */
    @Test
    void whatWouldNotOpenAgainIsNotKept() {
        CoverPlan plan = RandomPlans.plan(new Random(5));
        for (CoverPlan broken : new CoverPlan[] {
            plan.noting("x".repeat(200)), plan.noting("over\ntwo lines"),
        }) {
            assertThat(catchThrowableOfType(BadPlanFile.class, () -> PlanJson.kept(broken)))
                    .isNotNull()
                    .extracting(BadPlanFile::where)
                    .isEqualTo("noted");
        }
    }

    /** Whatever may stand in a plan is told of on the page about it; of the rows the first. */
    @Test
    void thePageTellsOfEveryName() throws IOException {
        String page = Files.readString(SCHEMA.resolveSibling("plan-format.md"));
        JsonNode schema = JsonMapper.shared().readTree(PlanSchema.write());
        assertThat(schema.findValues("properties").stream()
                        .flatMap(properties -> properties.propertyNames().stream())
                        .filter(name -> !name.matches("row([2-9]|1\\d)[A-Z].*"))
                        .filter(name -> !page.matches("(?s).*[`.]" + name + "\\b.*")))
                .isEmpty();
    }

    static Stream<Path> kept() throws IOException {
        try (Stream<Path> all = Files.list(Path.of("src/test/resources/plans/1"))) {
            return all.sorted().toList().stream();
        }
    }

    /** Files that were saved before a cloth had a number of its own. */
    @ParameterizedTest
    @MethodSource("kept")
    void filesOfTheFirstFormatStillOpenAndComeToTheSame(Path file) throws Exception {
        JsonNode saved = JsonMapper.shared().readTree(Files.readString(file));
        CoverPlan plan = PlanJson.read(Files.readString(file));
        assertThat(plan.name()).isEqualTo(saved.path("name").stringValue());
        assertThat(PlanJson.read(PlanJson.kept(plan))).isEqualTo(plan);
        assertThat(plan.cloths().front().id()).isEqualTo(1);
        assertThat(plan.cloths().back().id())
                .isEqualTo(saved.at("/cloths/back").equals(saved.at("/cloths/front")) ? 1 : 2);
        JsonNode now = JsonMapper.shared().readTree(PlanJson.write(plan));
        saved.forEachEntry((name, value) -> {
            if (value.isObject()) {
                value.forEachEntry((detail, was) -> {
                    String called = detail.equals("flapHem") ? "endTurnTwo" : detail;
                    JsonNode is = now.path(name).path(called).deepCopy();
                    if (is instanceof ObjectNode cloth) {
                        cloth.remove("id");
                    }
                    // An extra that is as usual need not stand in the file any more.
                    if (!is.isMissingNode() || !name.equals("extras")) {
                        assertThat(is).as("%s.%s of %s", name, detail, file).isEqualTo(was);
                    }
                });
            }
        });
    }

    private static CoverPlan second(String name) throws Exception {
        CoverPlan plan = PlanJson.read(Files.readString(Path.of("src/test/resources/plans/2/" + name + ".json")));
        assertThat(PlanJson.read(PlanJson.kept(plan))).isEqualTo(plan);
        return plan;
    }

    /** Straps sat on a numbered line, a V's flap was turned once, rows were all alike and evenly apart. */
    @Test
    void filesOfTheSecondFormatComeToWhatTheyMeant() throws Exception {
        assertThat(second("20-promenade-run").shape().decided().oneOf("strapUse", Run.Use.class))
                .isEqualTo(Run.Use.PROP);
        Details flap = second("19-engineer-vee").opening().decided();
        assertThat(flap.oneOf("endHem", Hem.Kind.class)).isEqualTo(Hem.Kind.SINGLE);
        assertThat(flap.measure("endTurnTwo")).isEqualTo(Length.inches(1));
        Details rows = second("27-reading-pocket").extras().decided();
        assertThat(rows.count("rows")).isEqualTo(3);
        assertThat(IntStream.rangeClosed(1, 3).mapToObj(row -> rows.measure("row" + row + "At")))
                .containsExactly(Length.inches(4), Length.inches(7), Length.inches(10));
    }

    @Test
    void aRunWithoutStrapsHadNoughtOfThem() throws Exception {
        String none = Files.readString(Path.of("src/test/resources/plans/2/20-promenade-run.json"))
                .replace("\"straps\" : 2", "\"straps\" : 0");
        assertThat(PlanJson.read(none).shape().decided().oneOf("strapUse", Run.Use.class))
                .isEqualTo(Run.Use.NONE);
    }

    @Test
    void whatIsReadIsCleanEvenWhereTheFileIsNot() throws Exception {
        String named =
                sample().replaceFirst("(\"name\" : \")[^\"]*", "$1  Cafe\u0301 \u0085\\\\ud800\uffff\u202ddeck\u2028 ");
        assertThat(PlanJson.read(named).name()).isEqualTo("Caf\u00e9 \u202ddeck");
    }

    private static String sample() {
        return PlanJson.write(RandomPlans.plan(new Random(3), ShapeKind.SQUARE, OpeningKind.ENVELOPE));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            ("kind" : ")[^"]*           | $1pattern                 | kind
            ("format" : )3              | $14                       | format
            ("format" : )3              | $10                       | format
            ("format" : )3              | $1"two"                   | format
            ("id" : )1                  | $10                       | cloths.front.id
            ("id" : )1                  | $12                       | cloths
            ("name" : ")[^"]*           | $1                        | name
            ("mark" : ")[^"]*           | $1inch                    | mark
            ("school" : ")[^"]*         | $1tight                   | fit.school
            ("down" : ")[^"]*           | $1plenty                  | fit.down
            ("down" : ")[^"]*           | $15                       | fit.down
            ("down" : ")[^"]*           | $190 in                   | fit.down
            ("corners" : ")[^"]*        | $1bent                    | shape.corners
            "firstTurned" : \\w+        | "firstTurned" : "yes"     | opening.firstTurned
            "firstTurned"               | "firstTurne"              | opening.firstTurned
            ("fastenings" : )\\d+       | $1400                     | opening.fastenings
            ("labelMeans" : ")[^"]*     | $1me                      | form.labelMeans
            "noted" : \\[ ]             | "noted" : [ 3 ]           | noted
            "noted" : \\[ ]             | "noted" : [ ], "more" : 1 | more
            ("colour" : ")[^"]*         | $1red                     | cloths.front.colour
            """)
    void refusesWhatIsWrongAndSaysWhere(String pattern, String replacement, String where) {
        String bad = sample().replaceFirst(pattern.replace("\\\\", "\\"), replacement);
        assertThat(bad).isNotEqualTo(sample());
        BadPlanFile refusal = catchThrowableOfType(BadPlanFile.class, () -> PlanJson.read(bad));
        assertThat(refusal.where()).isEqualTo(where);
        assertThat(refusal.problem()).isNotBlank();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            ~~
            null
            []
            "a plan"
            { "kind": "dapt-cover-plan"
            { "kind": "dapt-cover-plan", "kind": "dapt-cover-plan" }
            {} {}
            <svg/>
            """)
    void refusesWhatIsNoPlanAtAll(String text) {
        assertThat(catchThrowableOfType(BadPlanFile.class, () -> PlanJson.read(text)))
                .isNotNull();
    }

    @Test
    void survivesAFileCutOffAnywhereAndDeeplyNestedNonsense() {
        String whole = sample().strip();
        for (int i = 0; i < whole.length(); i += 7) {
            String cut = whole.substring(0, i);
            assertThat(catchThrowableOfType(BadPlanFile.class, () -> PlanJson.read(cut)))
                    .as("cut at %s", i)
                    .isNotNull();
        }
        assertThat(catchThrowableOfType(BadPlanFile.class, () -> PlanJson.read("[".repeat(50_000))))
                .isNotNull();
    }

    @Test
    void writesLengthsForPeopleAndExactly() {
        assertThat(ExactLength.write(Length.inches(14, 5, 8), Unit.INCH)).isEqualTo("14 5/8 in");
        assertThat(ExactLength.write(Length.mm(372), Unit.CENTIMETRE)).isEqualTo("37.2 cm");
        assertThat(ExactLength.write(Length.inches(-1), Unit.INCH)).isEqualTo("-1 in");
        assertThat(ExactLength.write(Length.inches(0, 1, 2), Unit.CENTIMETRE)).isEqualTo("1.27 cm");
        Random random = new Random(9);
        for (int i = 0; i < 2000; i++) {
            Length any = new Length(random.nextInt(8_000_000) - 1_000_000);
            assertThat(ExactLength.read(ExactLength.write(any, Cases.pick(random, Unit.values()))))
                    .contains(any);
        }
        assertThat(ExactLength.read("14"))
                .as("a length in a file says its unit")
                .isEmpty();
    }
}
