package app.dapt.shelf;

import static app.dapt.Reaches.Count.reached;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import app.dapt.Cases;
import app.dapt.Reaches;
import app.dapt.measure.Length;
import app.dapt.shelf.Movement.Why;
import app.dapt.shelf.Thing.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is there is the sum of what was moved. */
@ExtendWith(Reaches.Count.class)
class MovementTest {

    static Stream<Arguments> runs() {
        return Cases.of(200, random -> random);
    }

    @ParameterizedTest
    @MethodSource("runs")
    @Reaches({"undone", "refused"})
    void whatIsUndoneWasNeverThereAndNothingIsUndoneTwice(Random random) {
        List<Movement> all = new ArrayList<>();
        long there = 0;
        for (int i = 1; i < 40; i++) {
            if (!all.isEmpty() && random.nextInt(3) == 0) {
                Movement wrong = Cases.pick(random, all);
                if (wrong.canBeUndone(all)) {
                    all.add(new Movement(i, Why.UNDONE, -wrong.amount(), Optional.of(wrong.id())));
                    there -= wrong.amount();
                    assertThat(wrong.canBeUndone(all)).isFalse();
                    reached("undone");
                } else {
                    reached("refused");
                }
            } else {
                Why why = Cases.pick(random, List.of(Why.BOUGHT, Why.USED, Why.LEFT_OVER));
                long amount = why.signed(1 + random.nextInt(9));
                if (there + amount >= 0) {
                    all.add(new Movement(i, why, amount, Optional.empty()));
                    there += amount;
                }
            }
            assertThat(Movement.stock(all)).isEqualTo(there).isNotNegative();
        }
    }

    @ParameterizedTest
    @CsvSource({"BOUGHT, -1", "USED, 1", "LEFT_OVER, 0", "CORRECTED, 0"})
    void nothingIsMovedTheWrongWay(Why why, long amount) {
        assertThatIllegalArgumentException().isThrownBy(() -> new Movement(1, why, amount, Optional.empty()));
        assertThatIllegalArgumentException().isThrownBy(() -> new Movement(1, Why.UNDONE, 1, Optional.empty()));
    }

    @Test
    void aThingHasANameAColourAndAPrice() {
        assertThat(new Thing(Kind.ZIP, "Navy", "#1e3355", Optional.of(Length.inches(18)), Optional.empty(), 250)
                        .kind()
                        .isSized())
                .isTrue();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Thing(Kind.ZIP, " ", "#1e3355", Optional.empty(), Optional.empty(), 0));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Thing(Kind.ZIP, "Navy", "navy", Optional.empty(), Optional.empty(), 0));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Thing(Kind.ZIP, "Navy", "#1e3355", Optional.empty(), Optional.empty(), -1));
        assertThatIllegalArgumentException()
                .isThrownBy(
                        () -> new Thing(Kind.ZIP, "Navy", "#1e3355", Optional.of(Length.ZERO), Optional.empty(), 1));
    }
}
