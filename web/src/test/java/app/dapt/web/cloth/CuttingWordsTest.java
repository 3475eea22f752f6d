package app.dapt.web.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cloth.Scrap;
import app.dapt.files.cloth.ClothFiles.Listing;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.LayoutProblem;
import app.dapt.layout.Wanted;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How a cloth is cut, in words: in the order it is done, each cut with where it begins and ends. */
class CuttingWordsTest {

    private static final Cloth CLOTH = new Cloth("Harbour", "#31507e", Print.PLAIN, Length.inches(45), false);

    private static CuttingWords cutting(LayoutChoices choices, int copies, English english) {
        Piece piece = Piece.rectangle(
                "front",
                Material.FRONT,
                Sum.of(Sum.term("term.front", Length.inches(20))),
                Sum.of(Sum.term("term.front", Length.inches(20))),
                Piece.sewnAllRound(Length.inches(0, 1, 2)));
        Words words = new Words(Wordbook.load(english, "craft", "pages"), Mark.EIGHTH);
        return new CuttingWords(
                LayoutProblem.of(CLOTH, List.of(new Wanted("1/front", "Bench", piece, copies)), choices, Unit.INCH)
                        .atOnce(),
                words);
    }

    private static List<String> said(CuttingWords cutting) {
        return cutting.cuts().stream().map(CuttingWords.Line::words).toList();
    }

    private static LayoutChoices usual() {
        return LayoutChoices.usual(CLOTH, Unit.INCH);
    }

    @Test
    void offTheBoltItIsCutAcrossFirstAndThePairIsCutOnTheFold() {
        CuttingWords cutting = cutting(usual(), 2, English.US);
        assertThat(said(cutting))
                .containsExactly(
                        "Cut across at 20\u00a0in, from 0 to 44\u00a0in",
                        "Cut lengthwise, 20 and 40\u00a0in from the left selvage edge, from 0 to 20\u00a0in");
        assertThat(cutting.cuts()).extracting(CuttingWords.Line::numbers).containsExactly("1", "2–3");
        assertThat(cutting.cuts().get(1).lights()).containsExactly(2, 3);
        assertThat(cutting.folds())
                .anyMatch(line -> line.matches("Fold lengthwise .* and cut 1 with 2 as one: one piece fewer to cut."));
        assertThat(cutting.offcuts())
                .as("a strip four inches wide is not worth keeping")
                .isEmpty();
        assertThat(said(cutting(usual(), 2, English.UK)).get(1)).contains("left selvedge edge");
    }

    @Test
    void ofSeveralRemnantsEachCutSaysWhichItIsOn() {
        Scrap small = Scrap.rectangle("port", Length.inches(20), Length.inches(26));
        Scrap other = Scrap.rectangle("starboard", Length.inches(26), Length.inches(20));
        CuttingWords cutting = cutting(usual().at(true, List.of(small, other)), 2, English.US);
        assertThat(said(cutting))
                .containsExactly(
                        "Cut across at 20\u00a0in, from 0 to 20\u00a0in (port)",
                        "Cut lengthwise, 20\u00a0in from the left edge, from 0 to 20\u00a0in (starboard)");
        assertThat(cutting.offcuts())
                .containsExactlyInAnyOrder("20 × 6\u00a0in of port", "6 × 20\u00a0in of starboard");
        assertThat(said(cutting(usual().at(true, List.of(small, other)), 1, English.US)))
                .as("one alone need not be named")
                .containsExactly("Cut across at 20\u00a0in, from 0 to 20\u00a0in");
    }

    @Test
    void onPaperAHeadingWithoutLinesIsLeftOut() {
        Scrap exact = Scrap.rectangle("port", Length.inches(20), Length.inches(20));
        assertThat(cutting(usual().at(true, List.of(exact)), 1, English.US).listings())
                .isEmpty();
        assertThat(cutting(usual(), 2, English.US).listings())
                .extracting(Listing::heading)
                .containsExactly("Folding", "Cutting");
    }
}
