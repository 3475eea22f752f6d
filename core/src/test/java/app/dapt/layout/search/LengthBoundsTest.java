package app.dapt.layout.search;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.layout.search.Task.Item;
import app.dapt.layout.search.Task.Repeat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is said to be impossible is impossible. */
class LengthBoundsTest {

    /** A cloth cut up without waste, so that its own length is known to be enough. */
    record CutUp(Task task, int length) {}

    static Stream<Arguments> cutUp() {
        return Cases.of(80, random -> {
            int width = 100 + random.nextInt(200);
            int length = 60 + random.nextInt(300);
            List<int[]> parts = new ArrayList<>(List.of(new int[] {width, length}));
            int wanted = 2 + random.nextInt(12);
            while (parts.size() < wanted) {
                int[] part = parts.remove(random.nextInt(parts.size()));
                int side = random.nextInt(2);
                int at = part[side] < 4 ? 0 : 1 + random.nextInt(part[side] - 2);
                if (at == 0) {
                    parts.add(part);
                    wanted--;
                    continue;
                }
                parts.add(side == 0 ? new int[] {at, part[1]} : new int[] {part[0], at});
                parts.add(side == 0 ? new int[] {part[0] - at, part[1]} : new int[] {part[0], part[1] - at});
            }
            List<Item> items = new ArrayList<>();
            parts.forEach(part -> items.add(
                    new Item("p" + items.size(), part[0], part[1], 1, random.nextBoolean(), Optional.empty())));
            return new CutUp(new Task(width, items, List.of()), length);
        });
    }

    @ParameterizedTest
    @MethodSource("cutUp")
    void noBoundIsLongerThanALengthThatIsEnough(CutUp cloth) {
        Budget patient = Budget.steps(Integer.MAX_VALUE);
        assertThat(LeastLength.of(cloth.task())).isLessThanOrEqualTo(cloth.length());
        assertThat(BarLowerBound.across(cloth.task(), patient)).isLessThanOrEqualTo(cloth.length());
        assertThat(ChainLowerBound.of(cloth.task())).isLessThanOrEqualTo(cloth.length());
        assertThat(BarLowerBound.isTooShort(cloth.task(), cloth.length(), patient))
                .isFalse();
        LayoutSearch search = new LayoutSearch(cloth.task(), 5);
        search.improve(Budget.steps(2500));
        assertThat(search.least()).isLessThanOrEqualTo(cloth.length());
        assertThat(search.isProvedBest()).isEqualTo(search.best().length() == search.least());
    }

    @Test
    void barsSeeWhatTheAreaDoesNot() {
        // Two of three do not go side by side: three lie one after another, although their area asks for two.
        Task task = new Task(100, List.of(new Item("wide", 60, 60, 3, false, Optional.empty())), List.of());
        assertThat(BarLowerBound.across(task, Budget.steps(1000))).isEqualTo(180);
        assertThat(BarLowerBound.isTooShort(
                        new Task(100, List.of(new Item("low", 50, 30, 4, true, Optional.empty())), List.of()),
                        59,
                        Budget.steps(1000)))
                .isTrue();
    }

    @Test
    void chainsSeeWhatTheRepeatLeavesEmpty() {
        // Two columns. Between fronts in consecutive repeats nothing else goes; two backs go where one repeat is left
        // out.
        Task task = new Task(
                840,
                List.of(
                        new Item("front", 336, 336, 4, false, Optional.of(new Repeat(432, 48))),
                        new Item("back", 336, 232, 8, false, Optional.empty())),
                List.of());
        assertThat(ChainLowerBound.of(task)).isEqualTo(1680);
        LayoutSearch search = new LayoutSearch(task, 1);
        search.improve(Budget.steps(20_000));
        assertThat(search.best().length()).isEqualTo(1680);
        assertThat(search.isProvedBest()).isTrue();
        assertThat(ChainLowerBound.of(
                        new Task(840, List.of(new Item("tab", 20, 20, 400, false, Optional.empty())), List.of())))
                .as("too many side by side")
                .isZero();
    }

    @Test
    void matchedPiecesAreBoundByTheirRepeat() {
        // Two columns; every row begins a whole number of repeats after the one before.
        Task task = new Task(
                200,
                List.of(new Item(
                        "front",
                        90,
                        90,
                        4,
                        false,
                        Optional.of(new Repeat(50, 10)),
                        Optional.of(new Repeat(40, 5)),
                        Optional.empty(),
                        false)),
                List.of());
        LayoutSearch search = new LayoutSearch(task, 1);
        assertThat(search.least()).isEqualTo(10 + 3 * 100 + 90);
        assertThat(search.improve(Budget.steps(2000)).length()).isEqualTo(10 + 3 * 100 + 90);
        Task narrower =
                new Task(300, List.of(new Item("front", 90, 90, 4, false, Optional.of(new Repeat(50, 10)))), List.of());
        assertThat(new LayoutSearch(narrower, 1).least()).isEqualTo(10 + 100 + 90);
    }

    static Stream<Arguments> mixed() {
        return Cases.of(40, random -> new Task(150 + random.nextInt(150), items(random), List.of()).edgeToEdge(true));
    }

    private static List<Item> items(Random random) {
        List<Item> items = new ArrayList<>();
        int kinds = 2 + random.nextInt(5);
        for (int i = 0; i < kinds; i++) {
            Optional<Repeat> repeat =
                    random.nextInt(5) == 0 ? Optional.of(new Repeat(30, random.nextInt(30))) : Optional.empty();
            items.add(new Item(
                    "p" + i,
                    10 + random.nextInt(130),
                    10 + random.nextInt(100),
                    1 + random.nextInt(4),
                    random.nextBoolean(),
                    repeat));
        }
        return items;
    }

    /** Parted by cuts from edge to edge, every piece lies alone in the end. */
    @ParameterizedTest
    @MethodSource("mixed")
    void edgeToEdgeCutsPartWhatWasAskedToBePartedSo(Task task) {
        LayoutSearch search = new LayoutSearch(task, 2);
        for (Placements laying : List.of(search.best(), search.improve(Budget.steps(4000)))) {
            List<Patch> pieces = laying.placed().stream()
                    .map(placed -> {
                        Item item = task.items().get(placed.item());
                        int wide = placed.turned() ? item.along() : item.across();
                        int deep = placed.turned() ? item.across() : item.along();
                        return new Patch(0, placed.x(), placed.y(), placed.x() + wide, placed.y() + deep);
                    })
                    .toList();
            assertThat(pieces).hasSize(task.count());
            assertThat(isParted(pieces)).isTrue();
        }
    }

    private static boolean isParted(List<Patch> pieces) {
        if (pieces.size() <= 1) {
            return true;
        }
        for (int way = 0; way < 2; way++) {
            boolean across = way == 0;
            for (Patch edge : pieces) {
                int at = across ? edge.bottom() : edge.right();
                boolean free = pieces.stream()
                        .noneMatch(p -> across ? p.top() < at && at < p.bottom() : p.left() < at && at < p.right());
                List<Patch> before = pieces.stream()
                        .filter(p -> (across ? p.bottom() : p.right()) <= at)
                        .toList();
                if (free && before.size() < pieces.size()) {
                    return isParted(before)
                            && isParted(pieces.stream()
                                    .filter(p -> !before.contains(p))
                                    .toList());
                }
            }
        }
        return false;
    }
}
