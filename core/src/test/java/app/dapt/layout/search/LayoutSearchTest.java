package app.dapt.layout.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.Cases;
import app.dapt.layout.search.Placements.Placed;
import app.dapt.layout.search.Task.Item;
import app.dapt.layout.search.Task.Remnant;
import app.dapt.layout.search.Task.Repeat;
import app.dapt.piece.GridPolygon.Corner;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Layouts held against what a layout has to be, by a check that knows nothing of how they were found. */
class LayoutSearchTest {

    static Stream<Arguments> bolts() {
        return Cases.of(60, random -> new Task(200 + random.nextInt(300), items(random, 200), List.of()));
    }

    static Stream<Arguments> remnants() {
        return Cases.of(15, random -> {
            int w = 200 + random.nextInt(200);
            int h = 200 + random.nextInt(200);
            List<Corner> cornered = List.of(
                    new Corner(0, 0),
                    new Corner(w, 0),
                    new Corner(w, h / 2),
                    new Corner(w / 2, h / 2),
                    new Corner(w / 2, h),
                    new Corner(0, h));
            List<Corner> slanting = List.of(
                    new Corner(0, 0),
                    new Corner(w, random.nextInt(80)),
                    new Corner(w - random.nextInt(80), h),
                    new Corner(10, h - 20));
            return new Task(
                    0, items(random, 150), List.of(new Remnant("L", cornered), new Remnant("slanting", slanting)));
        });
    }

    private static List<Item> items(Random random, int largest) {
        List<Item> items = new ArrayList<>();
        int kinds = 1 + random.nextInt(6);
        for (int i = 0; i < kinds; i++) {
            int every = 40 + random.nextInt(60);
            Optional<Repeat> repeat =
                    random.nextInt(4) == 0 ? Optional.of(new Repeat(every, random.nextInt(every))) : Optional.empty();
            items.add(new Item(
                    "p" + i,
                    10 + random.nextInt(largest - 10),
                    10 + random.nextInt(largest),
                    1 + random.nextInt(4),
                    random.nextBoolean(),
                    repeat));
        }
        return items;
    }

    private static Rectangle2D box(Placed placed, Task task) {
        Item item = task.items().get(placed.item());
        int w = placed.turned() ? item.along() : item.across();
        int h = placed.turned() ? item.across() : item.along();
        return new Rectangle2D.Double(placed.x(), placed.y(), w, h);
    }

    private static void assertSound(Placements laying, Task task) {
        List<Placed> placed = laying.placed();
        for (int i = 0; i < placed.size(); i++) {
            Placed one = placed.get(i);
            Item item = task.items().get(one.item());
            assertThat(one.turned())
                    .as("turned without leave")
                    .isIn(false, item.turns() && item.repeat().isEmpty());
            item.repeat()
                    .ifPresent(repeat -> assertThat(one.y() % repeat.every()).isEqualTo(repeat.offset()));
            for (int j = 0; j < i; j++) {
                boolean overlap = placed.get(j).remnant() == one.remnant()
                        && box(placed.get(j), task).intersects(box(one, task));
                assertThat(overlap).as("%s over %s", one, placed.get(j)).isFalse();
            }
        }
        for (int kind = 0; kind < task.items().size(); kind++) {
            int of = kind;
            assertThat(placed.stream().filter(p -> p.item() == of).count())
                    .isLessThanOrEqualTo(task.items().get(kind).count());
        }
    }

    @ParameterizedTest
    @MethodSource("bolts")
    void everythingLiesOnTheClothAndNothingOverAnother(Task task) {
        LayoutSearch search = new LayoutSearch(task, 7);
        Placements plain = search.best();
        Placements better = search.improve(Budget.steps(3000));
        for (Placements laying : List.of(plain, better)) {
            assertSound(laying, task);
            assertThat(laying.placed()).hasSize(task.count());
            assertThat(laying.placed())
                    .allSatisfy(
                            placed -> assertThat(box(placed, task).getMaxX()).isLessThanOrEqualTo(task.width()));
            assertThat(laying.length())
                    .isEqualTo(laying.placed().stream()
                            .mapToInt(p -> (int) box(p, task).getMaxY())
                            .max()
                            .orElse(0));
            assertThat(laying.length()).isGreaterThanOrEqualTo(search.least());
        }
        assertThat(better.length()).isLessThanOrEqualTo(plain.length());
    }

    @ParameterizedTest
    @MethodSource("bolts")
    void theSameSeedAndStepsGiveTheSameLayout(Task task) {
        assertThat(new LayoutSearch(task, 3).improve(Budget.steps(800)))
                .isEqualTo(new LayoutSearch(task, 3).improve(Budget.steps(800)));
    }

    @ParameterizedTest
    @MethodSource("remnants")
    void whatIsLaidOnRemnantsLiesWithinThem(Task task) {
        Placements laying = new LayoutSearch(task, 5).improve(Budget.steps(1500));
        assertSound(laying, task);
        for (Placed placed : laying.placed()) {
            Path2D outline = new Path2D.Double();
            List<Corner> corners = task.remnants().get(placed.remnant()).corners();
            outline.moveTo(corners.get(0).x(), corners.get(0).y());
            corners.stream().skip(1).forEach(corner -> outline.lineTo(corner.x(), corner.y()));
            outline.closePath();
            Area outside = new Area(box(placed, task));
            outside.subtract(new Area(outline));
            Rectangle2D left = outside.getBounds2D();
            assertThat(left.getWidth() * left.getHeight())
                    .as("%s sticks out", placed)
                    .isLessThan(1e-3);
        }
    }

    @Test
    void aRemnantWithManySlantingSidesIsLaidOnAtOnce() {
        List<Corner> star = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            double far = i % 2 == 0 ? 9_000 : 7_000;
            star.add(new Corner((int) (10_000 + far * Math.cos(i * Math.PI / 20)), (int)
                    (10_000 + far * Math.sin(i * Math.PI / 20))));
        }
        Task task = new Task(
                0,
                List.of(new Item("front", 4_000, 4_000, 4, true, Optional.empty())),
                List.of(new Remnant("star", star)));
        assertThat(new LayoutSearch(task, 1).best().placed()).hasSize(4);
    }

    /** They were cut out of these two, so all of them go back on. */
    @Test
    void piecesThatWereCutFromRemnantsAreAllFoundAPlaceOnThemAgain() {
        Task task = new Task(
                0,
                List.of(
                        new Item("p0", 249, 195, 1, true, Optional.empty()),
                        new Item("p8", 191, 250, 1, false, Optional.empty()),
                        new Item("p3", 141, 149, 1, false, Optional.empty()),
                        new Item("p1", 247, 129, 1, true, Optional.empty()),
                        new Item("p9", 243, 319, 1, true, Optional.empty()),
                        new Item("p7", 202, 250, 1, true, Optional.empty()),
                        new Item("p5", 89, 114, 1, true, Optional.empty()),
                        new Item("p10", 144, 321, 1, false, Optional.empty()),
                        new Item("p4", 137, 82, 1, false, Optional.empty()),
                        new Item("p12", 88, 117, 1, true, Optional.empty()),
                        new Item("p11", 90, 117, 1, false, Optional.empty()),
                        new Item("p14", 115, 84, 1, true, Optional.empty()),
                        new Item("p2", 251, 199, 1, false, Optional.empty()),
                        new Item("p6", 91, 115, 1, true, Optional.empty()),
                        new Item("p13", 71, 84, 1, false, Optional.empty())),
                List.of(
                        new Remnant(
                                "A",
                                List.of(
                                        new Corner(0, 0),
                                        new Corner(485, 0),
                                        new Corner(485, 235),
                                        new Corner(251, 235),
                                        new Corner(251, 529),
                                        new Corner(0, 529))),
                        new Remnant(
                                "B",
                                List.of(
                                        new Corner(0, 0),
                                        new Corner(659, 0),
                                        new Corner(599, 205),
                                        new Corner(413, 235),
                                        new Corner(413, 573),
                                        new Corner(20, 573)))));
        LayoutSearch search = new LayoutSearch(task, 1);
        assertThat(search.best().placed()).as("not at once").hasSizeLessThan(task.count());
        assertThat(search.improve(Budget.steps(60_000)).area(task)).isEqualTo(task.area());
    }

    @Test
    void piecesThatFillTheClothAreLaidWithoutWasteAndProvedSo() {
        Task task = new Task(
                300,
                List.of(
                        new Item("wide", 200, 100, 1, false, Optional.empty()),
                        new Item("tall", 100, 150, 1, false, Optional.empty()),
                        new Item("low", 200, 50, 1, false, Optional.empty())),
                List.of());
        LayoutSearch search = new LayoutSearch(task, 1);
        assertThat(search.improve(Budget.steps(2000)).length()).isEqualTo(150);
        assertThat(search.isProvedBest()).isTrue();
    }

    @Test
    void fiveHundredPiecesAreLaidAtOnceAndMoreAreRefused() {
        Task task = new Task(800, List.of(new Item("square", 90, 90, 500, true, Optional.empty())), List.of());
        assertThat(new LayoutSearch(task, 1).best().placed()).hasSize(500);
        assertThatThrownBy(() ->
                        new Task(800, List.of(new Item("square", 90, 90, 501, true, Optional.empty())), List.of()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aPieceWiderThanTheClothIsRefused() {
        Task task = new Task(100, List.of(new Item("wide", 200, 150, 1, true, Optional.empty())), List.of());
        assertThatThrownBy(() -> new LayoutSearch(task, 1)).hasMessageContaining("wide");
    }
}
