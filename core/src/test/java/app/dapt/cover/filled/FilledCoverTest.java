package app.dapt.cover.filled;

import static app.dapt.Reaches.Count.reached;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.Reaches;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.filling.Pillow;
import app.dapt.filling.sheet.FilledSheet;
import app.dapt.filling.sheet.Mesh;
import app.dapt.filling.sheet.SheetSolver;
import app.dapt.filling.sheet.SheetSolver.Stiffness;
import app.dapt.filling.sheet.Surface;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every cover that is filled. */
@ExtendWith(Reaches.Count.class)
class FilledCoverTest {

    static Stream<Arguments> plans() {
        return Stream.concat(
                Cases.of(30, RandomPlans::plan),
                ShapeKind.ALL.stream()
                        .flatMap(shape ->
                                Cases.of(3, random -> RandomPlans.fitting(random, shape, OpeningKind.ENVELOPE))));
    }

    @ParameterizedTest
    @MethodSource("plans")
    @Reaches({"a round cover", "a V", "a run of pockets", "a rectangle"})
    void anyCoverFillsSoundly(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        Optional<FilledCover> filled = FilledCover.of(reckoned, 6);
        if (filled.isEmpty()) {
            return;
        }
        FilledCover cover = filled.get();
        assertThat(cover.sheet().largestStretch()).isLessThan(1.001);
        assertThat(cover.thickness()).isPositive();
        Surface surface = cover.surface();
        assertThat(cover.cubicCentimetres()).isCloseTo(volume(surface) / 1000, Percentage.withPercentage(0.1));
        List<Integer> seam = surface.seam();
        assertThat(seam).doesNotHaveDuplicates();
        assertThat(seam)
                .allSatisfy(point -> assertThat(surface.on(point).place()[2]).isZero());
        // Euler: a disc in triangles has 2n − 2 − b of them, b of its n points round its edge.
        assertThat(surface.triangles()).hasSize(2 * surface.size() - 2 - seam.size());
        if (plan.shape().kind() == ShapeKind.VEE) {
            reached("a V");
        } else if (plan.shape().kind() == ShapeKind.ROUND) {
            reached("a round cover");
        } else {
            reached(plan.shape().forms() > 1 ? "a run of pockets" : "a rectangle");
        }
    }

    private static Reckoned finished(double form, double formHigh, double cover, double coverHigh) {
        Form measured = new Form(
                labelled(form, cover),
                labelled(formHigh, coverHigh),
                Optional.empty(),
                LabelMeans.COVER,
                Filling.UNKNOWN);
        CoverPlan plan = DefaultPlan.plan("Locker lid", Mark.SIXTEENTH, ShapeKind.OBLONG, measured);
        return Reckoner.reckonWithoutRemedies(plan.withFit(plan.fit().withSchool(FitSchool.LABEL)), Mark.SIXTEENTH);
    }

    private static Readings labelled(double crown, double cover) {
        return Readings.overCrown(Length.nearInches(crown)).with(Reading.LABEL, Optional.of(Length.nearInches(cover)));
    }

    /** With 24 cells to the half it comes to .310 thick, .926 across and .913 up and down, of 18 inches. */
    @Test
    void aFormThatIsNarrowerLeavesItsCoverEmptyAtTheSides() {
        Reckoned reckoned = finished(16, 18, 18, 18);
        FilledCover cover = FilledCover.of(reckoned, 8).orElseThrow();
        FilledSheet form = cover.form().orElseThrow();
        assertThat(cover.sheet().settled()).isTrue();
        assertThat(cover.sheet().thickness()).isCloseTo(0.310, within(0.006));
        assertThat(cover.sheet().across()).isCloseTo(0.926, within(0.006));
        assertThat(cover.sheet().upDown()).isCloseTo(0.913, within(0.006));
        assertThat(cover.empty(Axis.ACROSS)).as("millimetres").isBetween(25.0, 38.0);
        assertThat(cover.empty(Axis.UP_DOWN)).isLessThan(4);
        assertThat(form.thickness())
                .as("neither comes through the other")
                .isCloseTo(cover.sheet().thickness(), within(0.01));
        assertThat(form.largestStretch()).isLessThan(1.002);
        assertThat(cover.sheet().largestStretch()).isLessThan(1.002);
        assertThat(cover.sheet().volume()).isGreaterThan(form.volume());
        double form78 =
                reckoned.form().fill() * new Pillow(Length.inches(16), Length.inches(18)).greatestVolume() * 16.387064;
        assertThat(form.volume() * Math.pow(cover.width(), 3) / 1000).isCloseTo(form78, Percentage.withPercentage(2));
    }

    /** As large as its cover a form is not there: two sheets that lie on each other are one. */
    @ParameterizedTest
    @CsvSource({
        "18, 18, 18, 18, false",
        "20, 20, 18, 18, false",
        "16, 16, 18, 18, true",
        "17.6, 18, 18, 18, false",
        "16, 22, 18, 18, true",
        "20, 20, 18, 19.5, false",
        "22, 20, 18, 19, false"
    })
    void aFormCountsWhereItIsSmaller(double form, double formHigh, double cover, double coverHigh, boolean counts) {
        Reckoned reckoned = finished(form, formHigh, cover, coverHigh);
        assertThat(FilledCover.empty(reckoned, 8).orElseThrow().form().isPresent())
                .isEqualTo(counts);
        assertThat(FilledCover.whyNot(reckoned)).isEmpty();
    }

    @Test
    void twoSheetsThatLieOnEachOtherAreFilledAsOne() {
        Mesh mesh = Mesh.rectangle(1, 8);
        double volume = 0.75 * SheetSolver.greatest(mesh).volume();
        FilledSheet one = SheetSolver.filled(mesh, volume, Stiffness.ofCover(0.75));
        FilledSheet two = SheetSolver.nested(mesh, mesh, volume).outer();
        assertThat(two.thickness()).isCloseTo(one.thickness(), within(0.006));
        assertThat(two.across()).isCloseTo(one.across(), within(0.006));
    }

    /** Covers many times as long as wide, and forms longer than they are, once shook until they broke up. */
    @ParameterizedTest
    @CsvSource({"16, 54, 18, 54", "13.5, 36, 14.5, 32.5", "8, 24, 7, 28", "42.5, 40.5, 35.5, 52.5", "34, 8, 31, 8.5"})
    void aFormInALongCoverHoldsTogether(double form, double formHigh, double cover, double coverHigh) {
        FilledCover filled =
                FilledCover.of(finished(form, formHigh, cover, coverHigh), 6).orElseThrow();
        assertThat(filled.form()).isPresent();
        assertThat(filled.sheet().largestStretch()).isLessThan(1.001);
        assertThat(filled.sheet().thickness()).isBetween(0.4, 0.7);
    }

    @Test
    void whatHasNoRoomIsRefused() {
        assertThat(FilledCover.whyNot(finished(10, 30, 18, 18))).get().returns("filled.too-much", Phrase::code);
        assertThat(FilledCover.whyNot(finished(26, 24, 18, 21)))
                .as("larger both ways, and by far too much")
                .get()
                .returns("filled.too-much", Phrase::code);
        CoverPlan plan = finished(14, 22, 18, 18).plan();
        Reckoned tapered = Reckoner.reckonWithoutRemedies(
                plan.withShape(plan.shape().withOtherCorners().orElseThrow()), Mark.SIXTEENTH);
        assertThat(tapered.outline()).isPresent();
        assertThat(FilledCover.whyNot(tapered)).get().returns("filled.other-proportions", Phrase::code);
    }

    /** A flange makes a long cover less long for its width, and what lies within it is still as its form is. */
    @Test
    void aFlangeHasNoPartInTheProportions() {
        CoverPlan plan = finished(20, 8, 20, 8)
                .plan()
                .withEdging(Cases.changed(EdgingKind.FLANGE, Unit.INCH, "flange", Length.inches(3)));
        Reckoned flanged = Reckoner.reckonWithoutRemedies(plan, Mark.SIXTEENTH);
        assertThat(flanged.finished(Axis.ACROSS)).isEqualTo(Length.inches(26));
        assertThat(flanged.dimensions().withinFlange(Axis.UP_DOWN)).isEqualTo(Length.inches(8));
        assertThat(flanged.dimensions().room(Axis.UP_DOWN)).isEqualTo(1);
        assertThat(FilledCover.whyNot(flanged)).isEmpty();
        assertThat(FilledCover.of(flanged, 6).orElseThrow().sheet().largestStretch())
                .isLessThan(1.001);
        assertThat(flanged.ease(Axis.ACROSS)).isEqualTo(Length.ZERO);
    }

    /** A circle in a square leaves a fifth of its width empty at each corner while flat, and more once filled. */
    @Test
    void aRoundFormLeavesTheCornersEmpty() {
        CoverPlan plan = DefaultPlan.plan(
                "Capstan", Mark.SIXTEENTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(18), Length.inches(18)));
        CoverPlan round =
                plan.withForm(plan.form().withRound(true)).withFit(plan.fit().withSchool(FitSchool.FINISH_TO_FORM));
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(round, Mark.SIXTEENTH);
        assertThat(reckoned.fullness().ratio())
                .as("as a disc's volume to a square's")
                .isCloseTo(0.78 * 1.21852 / 8 / 0.2026, within(0.005));
        FilledCover cover = FilledCover.of(reckoned, 8).orElseThrow();
        FilledSheet form = cover.form().orElseThrow();
        assertThat(cover.sheet().largestStretch()).isLessThan(1.001);
        assertThat(cover.emptyCorners() / 25.4).as("inches").isBetween(0.207 * 18, 0.26 * 18);
        assertThat(form.across()).isCloseTo(form.upDown(), within(0.005));
        assertThat(form.thickness()).isCloseTo(cover.sheet().thickness(), within(0.01));
        assertThat(cover.formCubicCentimetres().orElseThrow())
                .isCloseTo(0.78 * 1.21852 * Math.pow(9, 3) * 16.387064, Percentage.withPercentage(2));
        Reckoned tapered = Reckoner.reckonWithoutRemedies(
                round.withShape(round.shape().withOtherCorners().orElseThrow()), Mark.SIXTEENTH);
        assertThat(tapered.outline()).isPresent();
        assertThat(FilledCover.whyNot(tapered)).get().returns("filled.round-form", Phrase::code);
    }

    /** Where hardly anything lies between its arms, many points of a V's outline lie in one place. */
    @Test
    void aVThatIsHardlyOneIsFilledToo() {
        Form small = Form.overCrown(Length.inches(16), Length.inches(16));
        CoverPlan plan = DefaultPlan.plan("Bow corner", Mark.SIXTEENTH, ShapeKind.VEE, small);
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, Mark.SIXTEENTH);
        assertThat(FilledCover.whyNot(reckoned)).isEmpty();
        Surface surface = FilledCover.of(reckoned, 8).orElseThrow().surface();
        assertThat(surface.seam())
                .allSatisfy(point -> assertThat(surface.on(point).place()[2]).isZero());
    }

    /** A flange as wide as the arms of a V leaves no room between its seams. */
    @Test
    void nothingIsFilledWhereAFlangeTakesItAll() {
        Form form = Form.overCrown(Length.inches(40), Length.inches(40));
        CoverPlan plan = DefaultPlan.plan("Bow corner", Mark.SIXTEENTH, ShapeKind.VEE, form)
                .withEdging(Cases.changed(EdgingKind.FLANGE, Unit.INCH, "flange", Length.inches(19)));
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, Mark.SIXTEENTH);
        assertThat(FilledCover.whyNot(reckoned)).get().returns("filled.not-drawn", Phrase::code);
    }

    /** Of the closed mesh, from its triangles alone; front and back are mirror images. */
    private static double volume(Surface surface) {
        double sum = 0;
        for (int[] triangle : surface.triangles()) {
            double[] a = surface.on(triangle[0]).place();
            double[] b = surface.on(triangle[1]).place();
            double[] c = surface.on(triangle[2]).place();
            sum += a[0] * (b[1] * c[2] - b[2] * c[1])
                    + a[1] * (b[2] * c[0] - b[0] * c[2])
                    + a[2] * (b[0] * c[1] - b[1] * c[0]);
        }
        return 2 * sum / 6;
    }
}
