package app.dapt.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cover.decision.Cloths;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.layout.ClothNeed;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Sum;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What several covers need of the cloths that they share. */
class ClothUseTest {

    private static final Cloth DRILL = cloth("Tarn drill");
    private static final Cloth LAWN = cloth("Reed lawn");

    private static Cloth cloth(String name) {
        return new Cloth(name, "#2f7f74", Print.PLAIN, Length.inches(54), false);
    }

    private static ClothUse.Of cover(String key, int count, Cloth front, Cloth back) {
        Form form = Form.overCrown(Length.inches(20), Length.inches(20));
        CoverPlan plan = DefaultPlan.plan(key, Mark.EIGHTH, ShapeKind.SQUARE, form)
                .withCloths(new Cloths(front, back, back, back));
        return new ClothUse.Of(key, Reckoner.reckonWithoutRemedies(plan, Mark.EIGHTH), count);
    }

    @Test
    void clothsOfDifferentCoversThatAreAlikeAreOne() {
        List<ClothUse> uses = ClothUse.of(List.of(cover("3", 2, DRILL, LAWN), cover("8", 1, LAWN, DRILL)));
        assertThat(uses).hasSize(2);
        ClothUse drill = uses.get(0);
        assertThat(drill.cloth().name()).isEqualTo("Tarn drill");
        assertThat(drill.key()).isEqualTo("3.1");
        assertThat(drill.members()).hasSize(2);
        assertThat(drill.idIn("3")).contains(1);
        assertThat(drill.idIn("8")).contains(2);
        assertThat(drill.idIn("5")).isEmpty();
        assertThat(drill.count())
                .as("two fronts of one, two backs of the other")
                .isEqualTo(4);
        assertThat(drill.copies()).contains("3/front.1", "3/front.2").hasSizeGreaterThanOrEqualTo(4);
        ClothUse lawn = uses.get(1);
        assertThat(lawn.count()).isEqualTo(5);
        assertThat(drill.area() + lawn.area())
                .isCloseTo(2 * area(cover("3", 2, DRILL, LAWN)) + area(cover("8", 1, LAWN, DRILL)), within(1e-6));
    }

    private static double area(ClothUse.Of cover) {
        return cover.cover().clothArea();
    }

    /** What lies under the other panel may be joined there: of the lower back alone, as deep as they overlap. */
    @Test
    void onlyWhatTheFlapCoversIsHidden() {
        ClothUse.Of cover = cover("3", 1, DRILL, DRILL);
        ClothUse use = ClothUse.of(List.of(cover)).get(0);
        assertThat(use.wanted()).hasSize(3);
        assertThat(use.wanted())
                .filteredOn(wanted -> wanted.hidden().isPresent())
                .hasSize(1);
        assertThat(use.wanted())
                .filteredOn(wanted -> wanted.piece().id().equals("front"))
                .allSatisfy(wanted -> assertThat(wanted.hidden()).isEmpty());
    }

    @Test
    void whatIsPaidIsKnownOnceEveryPriceIs() {
        Reckoned cover = cover("3", 1, DRILL, LAWN).cover();
        ClothToBuy none = ClothToBuy.of(cover, (cloth, pieces, unit) -> need(cloth));
        assertThat(none.length()).contains(Length.inches(72));
        assertThat(none.cost()).isEmpty();
        Cloth priced = new Cloth("Tarn drill", "#2f7f74", Print.PLAIN, Length.inches(54), false, 1000);
        Cloth dearer = new Cloth("Reed lawn", "#2f7f74", Print.PLAIN, Length.inches(54), false, 1500);
        ClothToBuy both = ClothToBuy.of(cover("3", 1, priced, dearer).cover(), (cloth, pieces, unit) -> need(cloth));
        assertThat(both.cost()).as("a yard of each").contains(2500L);
    }

    private static ClothNeed need(Cloth cloth) {
        return new ClothNeed(cloth, 0, Optional.of(Sum.of(Sum.term("term.form", Length.inches(36)))), true);
    }
}
