package app.dapt.cover.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.edging.Piping.BiasWay;
import app.dapt.cover.edging.Piping.Grain;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Tape;
import app.dapt.drawing.Sheet;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour.Point;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Bias as it is cut and joined. */
class BiasDrawingTest {

    private static CoverPlan plan() {
        return DefaultPlan.plan(
                        "Nav table",
                        Mark.EIGHTH,
                        ShapeKind.SQUARE,
                        Form.overCrown(Length.inches(18), Length.inches(18)))
                .withOpening(OpeningKind.ENVELOPE.usual(Unit.INCH));
    }

    private static Reckoned reckoned(CoverPlan plan) {
        return Reckoner.reckonWithoutRemedies(plan, plan.mark());
    }

    private static <E extends Element> List<E> all(Sheet sheet, Class<E> kind) {
        return sheet.elements().stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .toList();
    }

    private static Reckoned piped(BiasWay way) {
        return reckoned(
                plan().withEdging(Cases.changed(EdgingKind.PIPING, Unit.INCH, "grain", Grain.BIAS, "biasWay", way)));
    }

    /** All cuts rise to the right at 45° and lie as far apart, measured across them, as the strip is wide. */
    @Test
    void biasIsCutAtHalfARightAngle() {
        Reckoned reckoned = piped(BiasWay.STRIPS);
        Sheet block = BiasDrawing.of(reckoned).orElseThrow();
        List<Path> cuts =
                all(block, Path.class).stream().filter(path -> !path.closed()).toList();
        double strip = reckoned.plan()
                .edging()
                .strip(reckoned.dimensions())
                .orElseThrow()
                .width()
                .toMm();
        double high = block.height().toMm();
        double wide = block.width().toMm();
        assertThat(cuts).hasSizeGreaterThan(1);
        for (int i = 0; i < cuts.size(); i++) {
            Point foot = cuts.get(i).points().get(0);
            Point head = cuts.get(i).points().get(1);
            assertThat(head.x() - foot.x()).isCloseTo(foot.y() - head.y(), within(1e-9));
            assertThat(foot.y()).isEqualTo(high);
            assertThat(foot.x()).isCloseTo(i * strip * Math.sqrt(2), within(1e-6));
            assertThat(head.x()).isLessThanOrEqualTo(wide + 1e-9);
            assertThat(head.y()).isGreaterThanOrEqualTo(-1e-9);
        }
        assertThat(all(block, Tape.class)).extracting(Tape::length).containsExactly(block.width(), block.height());
        assertThat(BiasDrawing.of(reckoned(plan()))).isEmpty();
        assertThat(BiasDrawing.join(reckoned(plan()))).isEmpty();
    }

    /** A tube's cuts fill the whole block: those of its lower edge go on where those of its left edge begin. */
    @Test
    void aTubeIsMarkedAllOver() {
        Reckoned reckoned = piped(BiasWay.TUBE);
        Sheet block = BiasDrawing.of(reckoned).orElseThrow();
        double high = block.height().toMm();
        List<Path> cuts =
                all(block, Path.class).stream().filter(path -> !path.closed()).toList();
        List<Double> sums = cuts.stream()
                .map(cut -> cut.points().get(0).x() + cut.points().get(0).y())
                .sorted()
                .toList();
        double apart = reckoned.plan()
                        .edging()
                        .strip(reckoned.dimensions())
                        .orElseThrow()
                        .width()
                        .toMm()
                * Math.sqrt(2);
        for (int i = 1; i < sums.size(); i++) {
            assertThat(sums.get(i) - sums.get(i - 1)).isCloseTo(apart, within(1e-6));
        }
        assertThat(sums.get(0)).as("none missing at the corner").isBetween(0.0, apart);
        assertThat(sums.get(sums.size() - 1)).isGreaterThan(block.width().toMm() + high - apart - 2);
        assertThat(cuts).allSatisfy(cut -> assertThat(cut.points()).allSatisfy(point -> {
            assertThat(point.x()).isBetween(-1e-9, block.width().toMm() + 1e-9);
            assertThat(point.y()).isBetween(-1e-9, high + 1e-9);
        }));
    }

    /** Two strips cross at right angles, and the seam runs from one corner of where they cross to the other. */
    @Test
    void stripsAreJoinedFromCornerToCorner() {
        Sheet join = BiasDrawing.join(piped(BiasWay.STRIPS)).orElseThrow();
        List<Stuff> strips = all(join, Stuff.class);
        Box level = strips.get(0).box();
        Box upright = strips.get(1).box();
        assertThat(level.width()).isEqualTo(upright.height());
        assertThat(level.height()).isEqualTo(upright.width());
        assertThat(strips)
                .extracting(Stuff::rightSide)
                .as("right sides together")
                .containsExactly(true, false);
        assertThat(upright.right()).isEqualTo(level.right());
        assertThat(upright.top()).isEqualTo(level.top());
        assertThat(all(join, Path.class).stream().filter(path -> path.role() == Role.SEAM))
                .singleElement()
                .satisfies(seam -> {
                    assertThat(Length.nearMm(seam.points().get(0).x())).isEqualTo(upright.left());
                    assertThat(seam.points().get(0).y()).isZero();
                    assertThat(Length.nearMm(seam.points().get(1).x())).isEqualTo(upright.right());
                    assertThat(Length.nearMm(seam.points().get(1).y())).isEqualTo(level.bottom());
                });
        assertThat(all(join, Path.class).stream().filter(path -> path.role() == Role.CUT))
                .hasSize(2)
                .allSatisfy(cut -> assertThat(cut.closed()).isTrue());
    }
}
