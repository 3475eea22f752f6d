package app.dapt.files.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.edging.TrimByLength;
import app.dapt.cover.filled.FilledCover;
import app.dapt.cover.opening.Fastening;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What goes round a cover goes round it too where it can be turned. */
class FilledSceneTest {

    private static final Length DEEP = Length.inches(2);

    private static CoverPlan bench() {
        return DefaultPlan.plan(
                "Bench", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(16), Length.inches(16)));
    }

    private static JsonNode scene(Edging edging) {
        return scene(bench().withEdging(edging));
    }

    private static JsonNode scene(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        return JsonMapper.builder()
                .build()
                .readTree(FilledScene.write(
                        reckoned, FilledCover.of(reckoned, FilledCover.COARSE).orElseThrow()));
    }

    private static Edging byLength(TrimByLength.Sort sort) {
        return Cases.changed(EdgingKind.BY_LENGTH, Unit.INCH, "trimSort", sort, "hangs", DEEP);
    }

    static Stream<Arguments> edgings() {
        return Stream.of(
                Arguments.of(byLength(TrimByLength.Sort.FRINGE), 1, 0, DEEP.toMm()),
                Arguments.of(byLength(TrimByLength.Sort.BEADS), 2, 0, DEEP.toMm()),
                Arguments.of(byLength(TrimByLength.Sort.RICKRACK), 0, 1, DEEP.toMm() / 2),
                // The band and its gathers' shadows.
                Arguments.of(Cases.changed(EdgingKind.RUFFLE, Unit.INCH, "ruffleDepth", DEEP), 2, 0, DEEP.toMm()),
                // Threads and a knot at each of four corners.
                Arguments.of(
                        Cases.changed(EdgingKind.CORNERS, Unit.INCH, "hangs", DEEP),
                        8,
                        0,
                        DEEP.toMm() * Math.sqrt(0.5)),
                Arguments.of(EdgingKind.PIPING.usual(Unit.INCH), 0, 1, 0));
    }

    private static double farthest(JsonNode places) {
        double far = 0;
        for (int i = 0; i < places.size(); i += 3) {
            far = Math.max(
                    far,
                    Math.max(
                            Math.abs(places.get(i).asDouble()),
                            Math.abs(places.get(i + 1).asDouble())));
        }
        return far;
    }

    /** Trims reach as far beyond the corners as they hang, in the plane of the seam; cords lie on it. */
    @ParameterizedTest
    @MethodSource("edgings")
    void trimsReachAsFarAsTheyHang(Edging edging, int layers, int cords, double beyond) {
        JsonNode scene = scene(edging);
        double seam = farthest(scene.get("filled"));
        assertThat(scene.get("rim")).hasSize(layers);
        assertThat(scene.get("cords")).hasSize(cords);
        assertThat(scene.has("flange")).isFalse();
        List<JsonNode> outlines = new ArrayList<>();
        scene.get("rim").forEach(area -> area.get("polygons").forEach(outlines::add));
        scene.get("cords").forEach(cord -> outlines.add(cord.get("path")));
        assertThat(outlines).isNotEmpty().allSatisfy(outline -> {
            assertThat(outline.size() % 3).isZero();
            for (int i = 2; i < outline.size(); i += 3) {
                assertThat(outline.get(i).asDouble()).isZero();
            }
        });
        double far =
                outlines.stream().mapToDouble(FilledSceneTest::farthest).max().orElseThrow();
        assertThat(far - seam).isCloseTo(beyond, within(10.0));
    }

    /** A flange is cloth of the cover's own and stays flat: its corners are as far out as it is wide, both ways. */
    @ParameterizedTest
    @MethodSource("widths")
    void aFlangeStaysFlatOutsideTheSeam(Length width) {
        JsonNode scene = scene(Cases.changed(EdgingKind.FLANGE, Unit.INCH, "flange", width));
        JsonNode flange = scene.get("flange");
        double out = farthest(flange.get("filled")) - farthest(scene.get("filled"));
        assertThat(out).as("turned a little where the sides draw in").isBetween(width.toMm(), width.toMm() * 1.1);
        assertThat(flange.get("flat").size() / 2).isEqualTo(flange.get("filled").size() / 3);
        assertThat(Math.abs(flange.get("flat").get(0).asDouble()))
                .isCloseTo(scene.get("width").asDouble() / 2, within(0.01));
    }

    /** The sheet is told flat and filled, point by point; its seam runs round it in triangles' corners. */
    @Test
    void theSheetIsToldFlatAndFilled() {
        JsonNode scene = scene(bench());
        int points = scene.get("flat").size() / 2;
        assertThat(scene.get("filled").size()).isEqualTo(3 * points);
        assertThat(scene.get("triangles").size() / 3)
                .as("Euler: a disc in triangles")
                .isEqualTo(2 * points - 2 - scene.get("seam").size());
        assertThat(scene.get("height").asDouble()).isEqualTo(scene.get("width").asDouble());
        assertThat(farthest(scene.get("filled"))).isLessThan(scene.get("width").asDouble() / 2);
    }

    /** The back has its hem's stitching, the edges of its panels and its buttons; the front has cloth alone. */
    @Test
    void eitherSideIsPaintedAsItLies() {
        Opening buttoned =
                Cases.changed(OpeningKind.ENVELOPE, Unit.INCH, "fastening", Fastening.By.BUTTONS, "fastenings", 3);
        JsonNode scene = scene(bench().withOpening(buttoned));
        assertThat(strings(scene.get("front"), "stroke")).isEmpty();
        assertThat(strings(scene.get("front"), "fill")).hasSize(1);
        List<JsonNode> back = new ArrayList<>();
        scene.get("back").forEach(back::add);
        assertThat(back)
                .filteredOn(area -> area.path("fill").asString("").equals("#f2ead8"))
                .hasSize(3);
        assertThat(back)
                .filteredOn(area -> area.path("broken").asBoolean(false))
                .isNotEmpty();
        assertThat(back).allSatisfy(area -> area.get("outlines").forEach(outline -> {
            for (int i = 0; i < outline.size(); i++) {
                assertThat(outline.get(i).asDouble())
                        .isBetween(-1.0, scene.get("width").asDouble() + 1);
            }
        }));
    }

    private static List<String> strings(JsonNode areas, String name) {
        List<String> all = new ArrayList<>();
        areas.forEach(area -> {
            if (area.has(name)) {
                all.add(area.get(name).asString());
            }
        });
        return all;
    }

    static Stream<Length> widths() {
        return Stream.of(Length.inches(1), Length.inches(3));
    }
}
