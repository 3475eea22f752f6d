package app.dapt.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.shelf.CostSheet.Beside;
import app.dapt.shelf.CostSheet.Part;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CostSheetTest {

    private static final Part CLOTH = Part.of(Optional.of(2_450L), false, 0.72);
    private static final Part ZIP = Part.of(Optional.of(310L), true, 1);
    private static final Part TASSELS = Part.of(Optional.empty(), false, 1);

    @Test
    void whatIsThereCostsNothingAndIsWorthWhatItIs() {
        CostSheet sheet = new CostSheet(
                List.of(CLOTH, ZIP, TASSELS), 2, 190, new Beside(Optional.of(900), Optional.of(3_000), 1_200));
        assertThat(sheet.toPay()).as("24.50 and two forms").isEqualTo(2_450 + 1_800);
        assertThat(sheet.worth()).as("0.72 of the cloth, the zip, two forms").isEqualTo(1_764 + 310 + 1_800);
        assertThat(sheet.unknown()).isEqualTo(1);
        assertThat(sheet.work()).as("3 h 10 at 12.00").hasValue(3_800L);
        assertThat(sheet.dearer()).as("two at 30.00").hasValue(4_250L - 6_000);
    }

    @Test
    void whatNobodySaidIsNotSetBeside() {
        CostSheet sheet = new CostSheet(List.of(CLOTH), 1, 60, new Beside(Optional.empty(), Optional.empty(), 0));
        assertThat(sheet.toPay()).isEqualTo(2_450);
        assertThat(sheet.dearer()).isEmpty();
        assertThat(sheet.work()).isEmpty();
        assertThat(Part.of(Optional.of(100L), false, 1.4).worth())
                .as("no more than all of it")
                .hasValue(100L);
    }
}
