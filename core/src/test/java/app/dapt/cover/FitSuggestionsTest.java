package app.dapt.cover;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cloth.Scrap;
import app.dapt.cover.FitSuggestions.Offer;
import app.dapt.cover.opening.Lapped;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.LayoutProblem;
import app.dapt.layout.search.Budget;
import app.dapt.layout.search.LayoutSearch;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece.Material;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is offered where a cover does not go on what is at hand. */
class FitSuggestionsTest {

    private static final Cloth BACK = new Cloth("Awning", "#e2b93b", Print.SPRIG, Length.inches(54), false).withId(9);
    private static final CoverPlan PLAN = withBack(DefaultPlan.plan(
            "Stool", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(20), Length.inches(20))));

    private static CoverPlan withBack(CoverPlan plan) {
        return plan.withCloths(plan.cloths().with(Material.BACK, BACK));
    }

    private static LayoutChoices on(Scrap... scraps) {
        return LayoutChoices.usual(BACK, Unit.INCH).at(true, List.of(scraps));
    }

    private static List<Offer> offers(LayoutChoices lay) {
        return FitSuggestions.offers(PLAN, Mark.EIGHTH, "1", BACK, lay);
    }

    private static boolean fits(CoverPlan plan, LayoutChoices lay) {
        ClothUse use =
                ClothUse.of(List.of(new ClothUse.Of("1", Reckoner.reckonWithoutRemedies(plan, Mark.EIGHTH), 1)))
                        .stream()
                        .filter(each -> each.cloth().equals(BACK))
                        .findFirst()
                        .orElseThrow();
        LayoutProblem tried = LayoutProblem.of(BACK, use.wanted(), lay, Unit.INCH);
        return new LayoutSearch(tried.asTask(), 11)
                        .improve(Budget.steps(4000))
                        .placed()
                        .size()
                == tried.asTask().count();
    }

    /**
     * The backs are each as wide as the front and well over half as deep; every offer is laid out once more before it
     * is believed.
     */
    @ParameterizedTest
    @CsvSource({"22, 25", "22, 24", "22, 22", "14, 16"})
    void whatIsOfferedFits(int wide, int deep) {
        LayoutChoices lay = on(Scrap.rectangle("one", Length.inches(wide), Length.inches(deep)));
        assertThat(fits(PLAN, lay)).isFalse();
        List<Offer> offers = offers(lay);
        assertThat(offers).isNotEmpty();
        offers.forEach(
                offer -> assertThat(fits(offer.plan().orElse(PLAN), offer.lay().orElse(lay)))
                        .as(offer.code())
                        .isTrue());
    }

    @Test
    void theLargestOverlapThatFitsIsOfferedAndALargerOneDoesNotFit() {
        LayoutChoices lay = on(Scrap.rectangle("one", Length.inches(22), Length.inches(25)));
        Offer smaller = offers(lay).stream()
                .filter(offer -> offer.code().equals("overlap"))
                .findFirst()
                .orElseThrow();
        Reckoned then = Reckoner.reckonWithoutRemedies(smaller.plan().orElseThrow(), Mark.EIGHTH);
        Length left = then.back().overlap().orElseThrow();
        assertThat(left)
                .isLessThan(Reckoner.reckonWithoutRemedies(PLAN, Mark.EIGHTH)
                        .back()
                        .overlap()
                        .orElseThrow());
        Lapped opening = (Lapped) smaller.plan().orElseThrow().opening();
        assertThat(fits(
                        smaller.plan().orElseThrow().withOpening((Opening)
                                opening.withOverlap(left.plus(Length.inches(0, 1, 2)))),
                        lay))
                .isFalse();
    }

    @Test
    void aJoinIsOfferedWhereTheFlapHidesIt() {
        LayoutChoices lay = on(
                Scrap.rectangle("long", Length.inches(22), Length.inches(24)),
                Scrap.rectangle("short", Length.inches(22), Length.inches(9)));
        Offer joined = offers(lay).stream()
                .filter(offer -> offer.code().equals("joined"))
                .findFirst()
                .orElseThrow();
        assertThat(joined.plan()).isEqualTo(Optional.empty());
        assertThat(joined.lay().orElseThrow().joined()).hasSize(1);
    }

    @Test
    void nothingIsOfferedOnAScrapTooSmallForAnything() {
        assertThat(offers(on(Scrap.rectangle("rag", Length.inches(2), Length.inches(2)))))
                .isEmpty();
    }
}
