package app.dapt.cover.filled;

import static app.dapt.Reaches.Count.reached;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.Reaches;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.filling.sheet.Surface;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
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
