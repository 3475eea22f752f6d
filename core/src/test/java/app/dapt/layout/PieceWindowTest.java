package app.dapt.layout;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cloth.Repeat;
import app.dapt.cloth.Shrinkage;
import app.dapt.layout.Layout.Spot;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.PieceRole;
import app.dapt.piece.PieceRole.Whole;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The print slides under a piece as the hand moves it, whichever way the cloth is used. */
class PieceWindowTest {

    private static final Repeat REPEAT = new Repeat(Length.inches(10), Length.inches(8));
    private static final Cloth UPRIGHT = new Cloth("Sails", "#d9cfb8", Print.SAIL, Length.inches(54), false)
            .used(false, Optional.of(REPEAT), Shrinkage.NONE);
    private static final Cloth SIDEWAYS = UPRIGHT.used(true, Optional.of(REPEAT), Shrinkage.NONE);
    private static final Length STEP = Length.inches(1);

    private static Spot laid(Cloth cloth, LayoutChoices choices, PieceRole role) {
        Piece piece = Piece.rectangle(
                        "piece",
                        Material.FRONT,
                        Sum.of(Sum.term("term.front", Length.inches(20))),
                        Sum.of(Sum.term("term.front", Length.inches(14))),
                        Piece.sewnAllRound(Length.inches(0, 1, 2)))
                .as(role);
        Layout laid = LayoutProblem.of(cloth, List.of(new Wanted("1/piece", "Bench", piece, 1)), choices, Unit.INCH)
                .atOnce();
        return laid.spots().get(0);
    }

    @Test
    void slidRightThePieceShowsWhatLayToItsLeft() {
        Window from = new Window(Length.inches(5), Length.inches(4));
        assertThat(PieceWindow.slid(from, UPRIGHT, STEP, Length.ZERO, Unit.INCH))
                .isEqualTo(new Window(Length.inches(4), Length.inches(4)));
        assertThat(PieceWindow.slid(from, UPRIGHT, Length.ZERO, STEP, Unit.INCH))
                .isEqualTo(new Window(Length.inches(5), Length.inches(3)));
        // Its right is back towards the cut end, its lower edge to the right of the cloth.
        assertThat(PieceWindow.slid(from, SIDEWAYS, STEP, Length.ZERO, Unit.INCH))
                .isEqualTo(new Window(Length.inches(5), Length.inches(5)));
        assertThat(PieceWindow.slid(from, SIDEWAYS, Length.ZERO, STEP, Unit.INCH))
                .isEqualTo(new Window(Length.inches(4), Length.inches(4)));
    }

    @Test
    void aWholeRepeatOnItIsTheSameAgain() {
        Window from = new Window(Length.inches(5), Length.inches(4));
        assertThat(PieceWindow.slid(from, UPRIGHT, REPEAT.across(), REPEAT.along(), Unit.INCH))
                .isEqualTo(from);
        assertThat(PieceWindow.slid(from, UPRIGHT, Length.inches(7), Length.ZERO, Unit.INCH)
                        .across())
                .isEqualTo(Length.inches(8));
    }

    @Test
    void whatWasSlidIsWhatLiesThere() {
        for (Cloth cloth : List.of(UPRIGHT, SIDEWAYS)) {
            LayoutChoices choices = LayoutChoices.usual(cloth, Unit.INCH);
            Spot before = laid(cloth, choices, Whole.FRONT);
            assertThat(PieceWindow.under(before, cloth))
                    .as("the motif in the middle")
                    .contains(Window.middleOf(REPEAT));
            Window slid =
                    PieceWindow.slid(Window.middleOf(REPEAT), cloth, Length.inches(2), Length.inches(3), Unit.INCH);
            Spot after = laid(cloth, PieceWindow.shown(choices, before, slid), Whole.FRONT);
            assertThat(PieceWindow.under(after, cloth)).contains(slid);
        }
    }

    @Test
    void matchedFrontsAreSlidTogetherAndOthersAlone() {
        LayoutChoices matched = LayoutChoices.usual(UPRIGHT, Unit.INCH);
        Window slid = new Window(Length.inches(1), Length.inches(1));
        assertThat(PieceWindow.shown(matched, laid(UPRIGHT, matched, Whole.FRONT), slid)
                        .shown()
                        .all())
                .contains(slid);
        LayoutChoices pocket = PieceWindow.shown(matched, laid(UPRIGHT, matched, Whole.OTHER), slid);
        assertThat(pocket.shown().all()).isEmpty();
        assertThat(pocket.shown().own()).containsEntry("1/piece", slid);
    }

    @Test
    void thereIsNothingToSlideOnAPlainCloth() {
        Cloth plain = new Cloth("Plain", "#d9cfb8", Print.PLAIN, Length.inches(54), false);
        assertThat(PieceWindow.under(laid(plain, LayoutChoices.usual(plain, Unit.INCH), Whole.FRONT), plain))
                .isEmpty();
    }
}
