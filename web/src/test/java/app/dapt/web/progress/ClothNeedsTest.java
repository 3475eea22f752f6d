package app.dapt.web.progress;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.layout.ClothNeed;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is said of a cloth before and after it was laid out. */
class ClothNeedsTest {

    private static final Cloth CLOTH = new Cloth("Awning", "#31507e", Print.PLAIN, Length.inches(54), false);
    private static final List<Piece> PIECES = List.of(Piece.rectangle(
            "front",
            Material.FRONT,
            Sum.of(Sum.term("term.form", Length.inches(20))),
            Sum.of(Sum.term("term.form", Length.inches(20))),
            Piece.foldedAllRound()));

    private final ClothNeeds needs = new ClothNeeds();

    private ClothNeed need() {
        return needs.need(CLOTH.withName("called otherwise"), PIECES, Unit.INCH);
    }

    private void found(int inches, boolean about) {
        Sum toBuy = Sum.of(Sum.term("term.laid", Length.inches(inches)));
        needs.found(CLOTH, PIECES, Unit.INCH, toBuy, about);
    }

    @Test
    void whatWasFoundTakesThePlaceOfTheEstimate() {
        assertThat(need().about()).isTrue();
        long before = needs.version();
        found(18, true);
        assertThat(need().length()).contains(Length.inches(18));
        assertThat(need().about()).as("it may yet be less").isTrue();
        found(16, false);
        assertThat(need().about()).isFalse();
        assertThat(needs.version()).isEqualTo(before + 2);
        found(16, false);
        assertThat(needs.version()).as("nothing new").isEqualTo(before + 2);
    }

    @Test
    void whatIsKnownForGoodIsNotGivenUpForASearchBegunAgain() {
        found(16, false);
        found(18, true);
        found(16, true);
        assertThat(need().length()).contains(Length.inches(16));
        assertThat(need().about()).isFalse();
        found(15, true);
        assertThat(need().length()).as("but for less").contains(Length.inches(15));
        found(18, false);
        assertThat(need().length()).as("or for what is decided since").contains(Length.inches(18));
    }
}
