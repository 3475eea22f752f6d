package app.dapt.cover.opening;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ZipLengthTest {

    /** A zip that fits to the hair fits; a hair less room, and it is the next shorter. */
    @ParameterizedTest
    @EnumSource(Unit.class)
    void theLongestThatFitsMayFitExactly(Unit unit) {
        ZipLength zip = new ZipLength(ZipLength.Stock.STANDARD, Length.inches(10));
        Length second = ZipLength.sold(unit).get(1);
        Length seam = second.plus(ZipLength.ends(unit));
        assertThat(zip.pick(seam, unit).teeth()).isEqualTo(second);
        assertThat(zip.pick(seam.minus(new Length(1)), unit).teeth())
                .isEqualTo(ZipLength.sold(unit).get(0));
        assertThat(ZipLength.soldFor(second, unit)).contains(second);
    }

    @Test
    void noneIsSoldThatIsLongEnoughForAnything() {
        assertThat(ZipLength.soldFor(Length.inches(10_000), Unit.INCH)).isEmpty();
    }
}
