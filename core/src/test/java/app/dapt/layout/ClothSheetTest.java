package app.dapt.layout;

import static app.dapt.layout.LayoutCases.cloth;
import static app.dapt.layout.LayoutCases.corner;
import static app.dapt.layout.LayoutCases.laid;
import static app.dapt.layout.LayoutCases.usual;
import static app.dapt.layout.LayoutCases.wanted;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cloth.Scrap;
import app.dapt.layout.ClothSheet.PlacedPiece;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A layout as it is drawn: the bolt, or each remnant by itself. */
class ClothSheetTest {

    private static final Cloth PLAIN = cloth(Print.PLAIN, 45);
    private static final Cloth SPRIGS = cloth(Print.SPRIG, 45);

    private static Wanted piece(String id, int wide, int high, int copies) {
        return wanted(id, Length.inches(wide), Length.inches(high), copies);
    }

    @Test
    void theBoltIsAsLongAsWhatIsBoughtOnceItIsReady() {
        Layout laid = laid(PLAIN, usual(PLAIN), piece("front", 20, 17, 3));
        List<ClothSheet> sheets = ClothSheet.of(laid);
        assertThat(sheets).hasSize(1);
        ClothSheet bolt = sheets.get(0);
        assertThat(bolt.name()).isEmpty();
        assertThat(bolt.across()).isCloseTo(44 * 25.4, within(1e-6));
        assertThat(bolt.selvage()).isCloseTo(12.7, within(1e-6));
        assertThat(bolt.along()).isCloseTo(laid.ready().toMm(), within(1e-6));
        assertThat(bolt.outline().right()).isCloseTo(bolt.across(), within(1e-6));
        assertThat(bolt.outline().bottom()).isCloseTo(bolt.along(), within(1e-6));
        assertThat(bolt.pieces()).extracting(PlacedPiece::number).containsExactly(1, 2, 3);
        for (PlacedPiece piece : bolt.pieces()) {
            assertThat(piece.cut().left()).isCloseTo(piece.spot().across().toMm(), within(1e-6));
            assertThat(piece.cut().top()).isCloseTo(piece.spot().along().toMm(), within(1e-6));
            assertThat(piece.cut().right() - piece.cut().left())
                    .isCloseTo(piece.spot().wide().toMm(), within(1e-6));
            assertThat(piece.seam()).as("a rectangle is sewn at its allowance").isEmpty();
            assertThat(Math.abs(piece.upX()) + Math.abs(piece.upY()))
                    .as("up is one way")
                    .isEqualTo(1);
        }
        assertThat(bolt.spoilt()).isEmpty();
        assertThat(bolt.offcuts()).hasSameSizeAs(laid.offcuts());
    }

    /** Straight cuts run where they are made, numbered in their order. */
    @Test
    void cutsRunAcrossAndAlong() {
        Layout laid = laid(PLAIN, usual(PLAIN), piece("front", 20, 17, 2), piece("back", 30, 12, 1));
        List<ClothSheet.Stroke> strokes = ClothSheet.of(laid).get(0).cuts();
        assertThat(strokes).isNotEmpty();
        for (ClothSheet.Stroke stroke : strokes) {
            Layout.Cut cut = laid.cuts().get(stroke.number() - 1);
            boolean across = cut.runs() == Axis.ACROSS;
            assertThat(across ? stroke.y1() : stroke.x1()).isEqualTo(cut.at().toMm());
            assertThat(across ? stroke.y2() : stroke.x2()).isEqualTo(cut.at().toMm());
            assertThat(across ? stroke.x1() : stroke.y1()).isEqualTo(cut.from().toMm());
            assertThat(across ? stroke.x2() : stroke.y2()).isEqualTo(cut.to().toMm());
        }
        assertThat(strokes).hasSize((int)
                laid.cuts().stream().filter(cut -> cut.round().isEmpty()).count());
    }

    /** An upright piece is up against the length of the cloth; a quarter turn round it is up to a selvage. */
    @Test
    void theUpOfAPieceIsTheUpOfItsPrint() {
        for (PlacedPiece piece : ClothSheet.of(laid(SPRIGS, usual(SPRIGS), piece("front", 20, 17, 2)))
                .get(0)
                .pieces()) {
            assertThat(piece.upX()).isZero();
            assertThat(piece.upY()).isEqualTo(piece.spot().isAbout(SPRIGS) ? 1 : -1);
        }
        PlacedPiece turned = ClothSheet.of(laid(PLAIN, usual(PLAIN), piece("front", 50, 17, 1)))
                .get(0)
                .pieces()
                .get(0);
        assertThat(turned.upY()).isZero();
        assertThat(Math.abs(turned.upX())).isEqualTo(1);
    }

    @Test
    void everyRemnantHasASheetWithWhatLiesOnIt() {
        Scrap torn = new Scrap(
                "torn",
                List.of(corner(0, 0), corner(40, 2), corner(38, 45), corner(0, 40)),
                List.of(new Scrap.Spoilt(Length.inches(30), Length.inches(1), Length.inches(2), Length.inches(3))));
        Layout laid = laid(
                PLAIN,
                usual(PLAIN).at(true, List.of(torn, Scrap.rectangle("spare", Length.inches(22), Length.inches(20)))),
                piece("front", 20, 17, 3));
        List<ClothSheet> sheets = ClothSheet.of(laid);
        assertThat(sheets).extracting(sheet -> sheet.name().orElseThrow()).containsExactly("torn", "spare");
        assertThat(sheets).allSatisfy(sheet -> assertThat(sheet.selvage()).isZero());
        for (int i = 0; i < 2; i++) {
            int remnant = i;
            assertThat(sheets.get(i).pieces())
                    .hasSize((int) laid.spots().stream()
                            .filter(spot -> spot.remnant() == remnant)
                            .count())
                    .allSatisfy(piece -> assertThat(piece.spot().remnant()).isEqualTo(remnant));
        }
        assertThat(sheets.stream().mapToInt(sheet -> sheet.pieces().size()).sum())
                .isEqualTo(laid.spots().size())
                .isPositive();
        assertThat(sheets.get(0).outline().points()).hasSize(4);
        assertThat(sheets.get(0).along()).isCloseTo(45 * 25.4, within(1e-6));
        assertThat(sheets.get(0).spoilt()).singleElement().satisfies(spot -> {
            assertThat(spot.left()).isCloseTo(30 * 25.4, within(1e-6));
            assertThat(spot.right()).isCloseTo(32 * 25.4, within(1e-6));
            assertThat(spot.bottom()).isCloseTo(4 * 25.4, within(1e-6));
        });
        assertThat(sheets.get(1).spoilt()).isEmpty();
    }
}
