package app.dapt.make;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cover.parts.Need;
import app.dapt.make.Notions.Bought;
import app.dapt.make.Notions.Wanted;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.shelf.Thing.Kind;
import app.dapt.shelf.Ware;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is bought for several covers together. */
class NotionsTest {

    private static final Phrase CORD = Phrase.of("need.cord", "5/32");
    private static final Ware FINE = Ware.of(Kind.CORD, Length.inches(0, 5, 32));

    private static Need cord(int inches) {
        return Need.length(CORD, Sum.of(Sum.term("term.around", Length.inches(inches))), Unit.INCH, Optional.of(FINE));
    }

    @Test
    void lengthsOfTheSameAreAddedUpBeforeTheyAreRounded() {
        // 85 in and twice 70 in: 225 in, a yard's eighths of 4½ in are 50; apart they would be 19 and twice 16, 51.
        assertThat(Notions.together(List.of(new Wanted(cord(85), 1), new Wanted(cord(70), 2)), Unit.INCH))
                .containsExactly(new Bought(
                        CORD,
                        Phrase.of("need.length", Length.inches(225)),
                        1,
                        Optional.of(FINE.amounting(Length.inches(225).grains())),
                        1));
    }

    @Test
    void piecesAreCountedAndThreadIsBoughtBySpools() {
        Ware sixteen = Ware.of(Kind.ZIP, Length.inches(16));
        Need zip = Need.of(Phrase.of("need.zip"), Phrase.of("opening.zip.so-long", 16), sixteen);
        Need longer = Need.of(Phrase.of("need.zip"), Phrase.of("opening.zip.so-long", 18));
        Need thread = new Need(
                Phrase.of("need.thread"),
                Phrase.of("need.spool", 1, 60),
                Optional.of(Sum.of(Sum.term("term.lock-stitch", Length.mm(60_000)))),
                Optional.of(Ware.of(Kind.THREAD)));
        assertThat(Notions.together(
                        List.of(new Wanted(zip, 2), new Wanted(longer, 1), new Wanted(zip, 1), new Wanted(thread, 3)),
                        Unit.INCH))
                .containsExactly(
                        new Bought(zip.what(), zip.amount(), 3, Optional.of(sixteen.times(3)), 1),
                        new Bought(longer.what(), longer.amount(), 1, Optional.empty(), 1),
                        new Bought(
                                thread.what(),
                                Phrase.of("need.spool", 2, 180),
                                1,
                                Optional.of(Ware.of(Kind.THREAD).times(2)),
                                0.9));
    }
}
