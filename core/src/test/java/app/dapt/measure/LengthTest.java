package app.dapt.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigInteger;
import java.util.Random;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lengths are exact, and what does not fit is refused. */
class LengthTest {

    @Test
    void aFractionIsTheNearestThereIs() {
        Random random = new Random(3);
        for (int i = 0; i < 2000; i++) {
            // Far past what a double still tells apart.
            Length any = new Length(random.nextLong() >> 12);
            int numerator = random.nextInt(200) - 100;
            int denominator = 1 + random.nextInt(100);
            BigInteger part =
                    BigInteger.valueOf(any.times(numerator, denominator).grains());
            BigInteger off = BigInteger.valueOf(any.grains())
                    .multiply(BigInteger.valueOf(numerator))
                    .subtract(part.multiply(BigInteger.valueOf(denominator)))
                    .multiply(BigInteger.TWO);
            assertThat(off).isBetween(BigInteger.valueOf(-denominator), BigInteger.valueOf(denominator - 1L));
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {0, 1, 2, 3, -1, -2, -3, 9_007_199_254_740_993L})
    void aHalfIsOneOfTwoAndLeavesTheOther(long grains) {
        Length whole = new Length(grains);
        assertThat(whole.half()).isEqualTo(whole.times(1, 2));
        assertThat(whole.half().minus(whole.minus(whole.half())).grains()).isIn(0L, 1L);
    }

    @ParameterizedTest
    @CsvSource({"EIGHTH, 14/8", "SIXTEENTH, 28/16", "MILLIMETRE, 445/10"})
    void theNearestMarkIsTheOneLessThanHalfAStepAway(Mark mark, String count) {
        long marks = Long.parseLong(count.substring(0, count.indexOf('/')));
        Length at = mark.step().times(marks);
        Length halfway = at.plus(mark.step().half());
        assertThat(mark.nearest(at)).isEqualTo(at);
        assertThat(mark.nearest(halfway.minus(new Length(1)))).isEqualTo(at);
        assertThat(mark.nearest(halfway)).isEqualTo(at.plus(mark.step()));
        assertThat(mark.nearest(at.negated())).isEqualTo(at.negated());
    }

    @Test
    void whatDoesNotFitIsRefused() {
        long most = Long.MAX_VALUE;
        Length longest = new Length(most);
        ThrowingCallable[] tooFar = {
            () -> Length.inches(most),
            () -> Length.inches(most / 64, 1, 8),
            () -> Length.mm(most),
            () -> Length.cm(most / 100),
            () -> Length.sixtyFourths(most),
            () -> longest.plus(longest),
            () -> longest.negated().minus(longest),
            () -> longest.times(2),
            () -> longest.times(2, 3),
            () -> new Length(Long.MIN_VALUE).abs(),
            () -> Length.nearInches(Double.NaN),
            () -> Length.nearInches(1e300)
        };
        for (ThrowingCallable each : tooFar) {
            assertThatThrownBy(each).isInstanceOf(ArithmeticException.class);
        }
        assertThatThrownBy(() -> longest.times(1, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Length.inches(1, 1, 3)).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @CsvSource({"0, 4, 0, 0", "1, 4, 4, 1", "4, 4, 4, 1", "5, 4, 8, 2", "-1, 4, 0, 0", "-4, 4, -4, -1", "-5, 4, -4, -1"
    })
    void roundsUpToAStepAndCountsTheSteps(long grains, long step, long rounded, long count) {
        assertThat(new Length(grains).roundedUp(new Length(step))).isEqualTo(new Length(rounded));
        assertThat(new Length(grains).countOf(new Length(step))).isEqualTo(count);
    }

    @ParameterizedTest
    @CsvSource({
        "0, 4, 0, 0",
        "1, 4, 0, 0",
        "2, 4, 0, 4",
        "3, 4, 0, 4",
        "4, 4, 4, 4",
        "-1, 4, -4, 0",
        "-2, 4, -4, 0",
        "-3, 4, -4, -4",
        "7, 5, 5, 5",
        "8, 5, 5, 10",
        "-7, 5, -10, -5",
        "-8, 5, -10, -10"
    })
    void roundsDownToAStepAndToTheNearest(long grains, long step, long down, long nearest) {
        assertThat(new Length(grains).roundedDown(new Length(step))).isEqualTo(new Length(down));
        assertThat(new Length(grains).roundedTo(new Length(step))).isEqualTo(new Length(nearest));
    }

    @Test
    void isScaledAsAnotherLengthIs() {
        assertThat(Length.inches(3).scaled(Length.cm(10), Length.cm(15))).isEqualTo(Length.inches(2));
        assertThat(new Length(5).scaled(new Length(1), new Length(2))).isEqualTo(new Length(3));
    }

    @ParameterizedTest
    @ValueSource(longs = {0, -1})
    void aStepIsMoreThanNothing(long step) {
        assertThatIllegalArgumentException().isThrownBy(() -> Length.inches(1).roundedUp(new Length(step)));
        assertThatIllegalArgumentException().isThrownBy(() -> Length.inches(1).countOf(new Length(step)));
    }

    @Test
    void aTermOfASumIsWrittenAsFineAsItTakes() {
        LengthFormat inches = LengthFormat.in(Mark.EIGHTH);
        assertThat(inches.bare(Length.inches(0, 3, 8))).isEqualTo("3⁄8");
        assertThat(inches.bare(Length.inches(2, 1, 2))).isEqualTo("2½");
        assertThat(inches.fine(Length.inches(0, 3, 64))).isEqualTo("3⁄64");
        assertThat(inches.fine(Length.inches(2, 3, 64)))
                .startsWith("2")
                .endsWith("3⁄64")
                .hasSizeGreaterThan(5);
        assertThat(inches.fineWithUnit(Length.inches(2, 3, 8))).startsWith("2").endsWith("3⁄8\u00a0in");
        assertThat(LengthFormat.in(Mark.MILLIMETRE).fineWithUnit(Length.nearMm(21.25)))
                .startsWith("2.125")
                .endsWith("cm");
    }

    @ParameterizedTest
    @CsvSource({
        "INCH, 1, 3, 2",
        "INCH, 1, 96, 14",
        "INCH, 40, 60, 50",
        "INCH, 2, 10, 6",
        "CENTIMETRE, 1, 96, 37.2",
        "INCH, 14, 15, 14"
    })
    void whatIsNotUnderstoodIsAnsweredWithAnExampleThatWouldBe(Unit unit, int least, int most, String example) {
        LengthReader reader = new LengthReader(unit, Length.inches(least), Length.inches(most));
        assertThat(reader.read("no idea")).isInstanceOfSatisfying(Entry.Refused.class, refused -> {
            assertThat(refused.example()).startsWith(example);
            assertThat(reader.read(refused.example())).isInstanceOf(Entry.Value.class);
        });
        assertThat(reader.read(least + " in")).isEqualTo(new Entry.Value(Length.inches(least)));
        assertThat(reader.read(most + " in")).isEqualTo(new Entry.Value(Length.inches(most)));
    }
}
