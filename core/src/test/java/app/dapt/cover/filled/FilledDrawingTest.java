package app.dapt.cover.filled;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.cloth.Print;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.edging.TrimByLength;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.drawing.Element.Area;
import app.dapt.drawing.Element.Paint;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Tape;
import app.dapt.drawing.Sheet;
import app.dapt.form.Form;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for the drawings of any filled cover. */
class FilledDrawingTest {

    private static final int CELLS = 6;
    private static final Length DEEP = Length.inches(2);

    static Stream<Arguments> plans() {
        return Stream.concat(
                Cases.of(12, RandomPlans::plan),
                ShapeKind.ALL.stream()
                        .flatMap(shape ->
                                Cases.of(1, random -> RandomPlans.fitting(random, shape, OpeningKind.ENVELOPE))));
    }

    private static Stream<Point> points(Sheet sheet) {
        return sheet.elements().stream().flatMap(element -> {
            if (element instanceof Area area) {
                return area.outlines().stream().flatMap(List::stream);
            }
            return element instanceof Path path ? path.points().stream() : Stream.of();
        });
    }

    @ParameterizedTest
    @MethodSource("plans")
    void everyViewShowsTheClothWithinItsSheet(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        Optional<FilledCover> filled = FilledCover.of(reckoned, CELLS);
        if (filled.isEmpty()) {
            return;
        }
        for (View view : View.values()) {
            Sheet sheet = FilledDrawing.of(reckoned, filled.get(), view, List.of());
            assertThat(points(sheet)).as("%s", view).isNotEmpty().allSatisfy(point -> {
                assertThat(point.x()).isFinite();
                assertThat(point.y()).isFinite();
            });
            List<Point> ground = grounds(sheet);
            double slack = 2 + plan.edging().flange().toMm();
            assertThat(ground).as("%s: cloth", view).isNotEmpty().allSatisfy(point -> {
                assertThat(point.x()).isBetween(-slack, sheet.width().toMm() + slack);
                assertThat(point.y()).isBetween(-slack, sheet.height().toMm() + slack);
            });
        }
    }

    /** The cloth that lies lowest: what lies on it may reach beyond an outline, and is cut off there. */
    private static List<Point> grounds(Sheet sheet) {
        return sheet.elements().stream()
                .filter(Area.class::isInstance)
                .map(Area.class::cast)
                .filter(area ->
                        area.paint() instanceof Paint.Ground && !area.outlines().isEmpty())
                .limit(1)
                .flatMap(area -> area.outlines().stream())
                .flatMap(List::stream)
                .toList();
    }

    /** Tapes say what was solved, and cloth is nowhere larger than it lay flat. */
    @ParameterizedTest
    @MethodSource("plans")
    void tapesAreAsLongAsTheyAreLaid(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        FilledCover.of(reckoned, CELLS).ifPresent(filled -> {
            Sheet front = FilledDrawing.of(reckoned, filled, View.FRONT, List.of());
            List<Tape> tapes = front.elements().stream()
                    .filter(Tape.class::isInstance)
                    .map(Tape.class::cast)
                    .toList();
            assertThat(tapes).hasSize(2);
            assertThat(tapes.get(0).length().toMm()).isCloseTo(filled.straight(Axis.ACROSS), within(0.1));
            assertThat(tapes.get(0).length().toMm())
                    .isLessThanOrEqualTo(reckoned.finished(Axis.ACROSS).toMm() + 0.1);
            double flat = reckoned.outline()
                    .map(Contour::area)
                    .orElseGet(() -> reckoned.finished(Axis.ACROSS).toMm()
                            * reckoned.finished(Axis.UP_DOWN).toMm());
            assertThat(new Contour(front.clip().orElseThrow().points()).area()).isLessThan(flat * 1.01);
        });
    }

    static Stream<Arguments> edgings() {
        return Stream.concat(
                Stream.of(TrimByLength.Sort.values())
                        .map(sort -> Arguments.of(
                                Cases.changed(EdgingKind.BY_LENGTH, Unit.INCH, "trimSort", sort, "hangs", DEEP),
                                switch (sort) {
                                    case RICKRACK -> 0;
                                    case BEADS, POM_POMS -> 2;
                                    default -> 1;
                                })),
                Stream.of(
                        // Threads and a knot at each corner.
                        Arguments.of(Cases.changed(EdgingKind.CORNERS, Unit.INCH, "hangs", DEEP), 8),
                        // The band, its gathers' shadows, and what is printed on each of four sides.
                        Arguments.of(Cases.changed(EdgingKind.RUFFLE, Unit.INCH, "ruffleDepth", DEEP), 6)));
    }

    /** What hangs from the seam stays as deep as it is, and gets no shallower where it is not seen aslant. */
    @ParameterizedTest
    @MethodSource("edgings")
    void whatStandsOutBeyondTheSeamIsSeenAslant(Edging edging, int areas) {
        CoverPlan plan = DefaultPlan.plan(
                        "Bench", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(16), Length.inches(16)))
                .withEdging(edging);
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(
                plan.withCloths(
                        plan.cloths().changing(plan.cloths().front().id(), cloth -> cloth.withPrint(Print.SPRIG))),
                plan.mark());
        Sheet sheet =
                FilledDrawing.of(reckoned, FilledCover.of(reckoned, CELLS).orElseThrow(), View.STANDING, List.of());
        Contour outline = sheet.clip().orElseThrow();
        List<Area> beyond = sheet.elements().stream()
                .filter(element ->
                        element instanceof Area area && area.beyond() && !(area.paint() instanceof Paint.Cast))
                .map(Area.class::cast)
                .toList();
        assertThat(beyond).as("on both sides").hasSize(2 * areas);
        List<Point> points = beyond.stream()
                .flatMap(area -> area.outlines().stream())
                .flatMap(List::stream)
                .toList();
        double deep = DEEP.toMm() + 1;
        assertThat(points).allSatisfy(point -> {
            assertThat(point.x()).isBetween(outline.left() - deep, outline.right() + deep);
            assertThat(point.y()).isBetween(outline.top() - deep, outline.bottom() + deep);
        });
        if (areas > 0) {
            assertThat(points.stream().mapToDouble(Point::y).min().orElseThrow())
                    .isLessThan(outline.top() - DEEP.toMm() * 0.6);
        }
    }
}
