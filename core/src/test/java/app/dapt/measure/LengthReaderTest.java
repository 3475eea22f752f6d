package app.dapt.measure;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.cover.decision.LengthRange;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class LengthReaderTest {

    private static final LengthReader INCHES = LengthRange.SIDE.reader(Unit.INCH);
    private static final LengthReader CENTIMETRES = LengthRange.SIDE.reader(Unit.CENTIMETRE);

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            14 5/8          | 936
            14-5/8          | 936
            14⅝"            | 936
            14⅝             | 936
            14 ⅝ in         | 936
            14 5⁄8          | 936
            14.625 in       | 936
            14,625          | 936
            14.625″         | 936
            14''            | 896
            15/2            | 480
            1 yd 6 in       | 2688
            1½ yd           | 3456
            1 1/2 yards     | 3456
            20 inches       | 1280
            20 IN.          | 1280
            ２０            | 1280
            \u00a020\u00a0  | 1280
            +20             | 1280
            """)
    void readsInchesAsPeopleWriteThem(String text, long sixtyFourths) {
        assertThat(INCHES.read(text)).isEqualTo(new Entry.Value(Length.sixtyFourths(sixtyFourths)));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            37          | 370
            37 cm       | 370
            37,5cm      | 375
            37.5        | 375
            372 mm      | 372
            1 m         | 1000
            1 m 20 cm   | 1200
            1,2 m       | 1200
            .5 m        | 500
            """)
    void readsCentimetresWithCommaOrPoint(String text, long mm) {
        assertThat(CENTIMETRES.read(text)).isEqualTo(new Entry.Value(Length.mm(mm)));
    }

    @Test
    void aSpokenUnitBeatsTheReadersOwn() {
        assertThat(CENTIMETRES.read("20 in")).isEqualTo(new Entry.Value(Length.inches(20)));
        assertThat(INCHES.read("50 cm")).isEqualTo(new Entry.Value(Length.cm(50)));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            ~~                  | entry.nothing
            ~   ~               | entry.nothing
            0                   | entry.zero
            0/4                 | entry.zero
            -5                  | entry.negative
            −5 in               | entry.negative
            twelve              | entry.unreadable
            12 furlongs         | entry.unreadable
            1/0                 | entry.unreadable
            145/8/2             | entry.unreadable
            14 5                | entry.unreadable
            14.5 5/8            | entry.unreadable
            6 in 1 yd           | entry.unreadable
            1 yd 6              | entry.unreadable
            12 in cm            | entry.unreadable
            1e3                 | entry.unreadable
            999999999999999999  | entry.unreadable
            NaN                 | entry.unreadable
            <b>20</b>           | entry.unreadable
            3 7/8               | entry.short
            120 1/8             | entry.large
            5 yd                | entry.large
            20202020202020202020202020202020202020202020 | entry.long
            """)
    void refusesWithAReasonAndAnExampleThatReads(String text, String reason) {
        Entry.Refused refused = (Entry.Refused) INCHES.read(text);
        assertThat(refused.reason().code()).isEqualTo(reason);
        assertThat(INCHES.read(refused.example())).isInstanceOf(Entry.Value.class);
    }

    static Stream<Arguments> lengthsOnAMark() {
        return Cases.of(300, random -> {
            Mark mark = Cases.pick(random, Mark.values());
            return new Marked(mark, mark.nearest(Length.nearInches(4.2 + random.nextDouble() * 110)));
        });
    }

    record Marked(Mark mark, Length length) {}

    @ParameterizedTest
    @MethodSource("lengthsOnAMark")
    void readsBackWhatItWrites(Marked marked) {
        LengthReader reader = LengthRange.SIDE.reader(marked.mark().unit());
        LengthFormat format = LengthFormat.in(marked.mark());
        assertThat(reader.read(format.withUnit(marked.length()))).isEqualTo(new Entry.Value(marked.length()));
        assertThat(reader.read(format.bare(marked.length()))).isEqualTo(new Entry.Value(marked.length()));
        assertThat(reader.read(format.fine(marked.length()))).isEqualTo(new Entry.Value(marked.length()));
    }

    static Stream<Arguments> nonsense() {
        String letters = "0123456789 ./,-½⅝'\"″incmydr\t<>&%é\u0000\ud83d\ude00\u2044−";
        return Cases.of(2000, random -> {
            StringBuilder text = new StringBuilder();
            for (int i = random.nextInt(14); i >= 0; i--) {
                text.append(letters.charAt(random.nextInt(letters.length())));
            }
            return text.toString();
        });
    }

    @ParameterizedTest
    @MethodSource("nonsense")
    void makesOfAnythingAValueWithinBoundsOrARefusal(String text) {
        boolean fine = INCHES.read(text)
                .fold(
                        length -> length.atLeast(Length.inches(4))
                                && Length.inches(120).atLeast(length),
                        refused -> refused.reason().code().startsWith("entry.")
                                && !refused.example().isBlank());
        assertThat(fine).as(text).isTrue();
    }

    @Test
    void roundsUpToTheMarkAndSaysSoInTheSum() {
        Sum sum = Sum.of(Sum.term("term.two-thirds-cut", Length.inches(85).times(1, 6)));
        Sum rounded = sum.roundedUpTo(Mark.EIGHTH);
        assertThat(rounded.total()).isEqualTo(Length.inches(14, 1, 4));
        assertThat(rounded.terms()).hasSize(2);
        assertThat(rounded.roundedUpTo(Mark.EIGHTH)).isEqualTo(rounded);
        Random random = new Random(5);
        for (int i = 0; i < 500; i++) {
            Length any = new Length(random.nextInt(4_000_000));
            for (Mark mark : Mark.values()) {
                Length up = mark.roundUp(any).minus(any);
                assertThat(up.isNegative()).isFalse();
                assertThat(up).isLessThan(mark.step());
            }
        }
    }

    @Test
    void showsFractionsForInchesAndMillimetresForCentimetres() {
        assertThat(LengthFormat.in(Mark.EIGHTH).withUnit(Length.inches(14, 5, 8)))
                .isEqualTo("14\u2060\u200a\u20605\u20448\u00a0in");
        assertThat(LengthFormat.in(Mark.SIXTEENTH).withUnit(Length.inches(14, 3, 16)))
                .isEqualTo("14\u2060\u200a\u20603\u204416\u00a0in");
        assertThat(LengthFormat.in(Mark.EIGHTH).withUnit(Length.inches(-1))).isEqualTo("−1\u00a0in");
        assertThat(LengthFormat.in(Mark.MILLIMETRE).withUnit(Length.inches(20))).isEqualTo("50.8\u00a0cm");
        assertThat(LengthFormat.in(Mark.EIGHTH).toBuy(Length.inches(49, 1, 2)))
                .isEqualTo("1\u2060\u200a\u20603\u20448\u00a0yd");
        assertThat(LengthFormat.in(Mark.MILLIMETRE).toBuy(Length.cm(130))).isEqualTo("1.3\u00a0m");
        // A hair under halfway between two marks goes down, halfway and over it up.
        Length halfway = Length.inches(14, 9, 16);
        assertThat(LengthFormat.in(Mark.EIGHTH).bare(halfway.minus(new Length(1))))
                .isEqualTo("14½");
        assertThat(LengthFormat.in(Mark.EIGHTH).bare(halfway)).isEqualTo("14\u2060\u200a\u20605\u20448");
        assertThat(LengthFormat.in(Mark.MILLIMETRE).bare(new Length(4 * Length.PER_MM + Length.PER_MM / 2 - 1)))
                .isEqualTo("0.4");
        assertThat(LengthFormat.in(Mark.MILLIMETRE).bare(new Length(4 * Length.PER_MM + Length.PER_MM / 2)))
                .isEqualTo("0.5");
    }
}
