package app.dapt.web.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.layout.search.Task;
import app.dapt.layout.search.Task.Item;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Searches go on in the background, a bounded number of them, for as long as somebody waits. */
class SearchesTest {

    private final Searches searches = new Searches(Duration.ofMillis(300));

    @AfterEach
    void end() {
        searches.destroy();
    }

    /** Many pieces of sizes that share nothing: no search proves its layout least in seconds. */
    private static Task hard(int seed) {
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            items.add(new Item("p" + i, 83 + i * 37 % 211 + seed, 71 + i * 53 % 173, 1, true, Optional.empty()));
        }
        return new Task(811, items, List.of());
    }

    private static Task easy() {
        return new Task(100, List.of(new Item("front", 100, 50, 3, false, Optional.empty())), List.of());
    }

    private static boolean comesTrue(BooleanSupplier what) throws InterruptedException {
        long end = System.nanoTime() + 5_000_000_000L;
        while (!what.getAsBoolean() && System.nanoTime() < end) {
            Thread.sleep(10);
        }
        return what.getAsBoolean();
    }

    @Test
    void aLayoutIsThereAtOnceAndTheSameQuestionHasTheSameSearch() {
        Search search = searches.of(hard(1), 5);
        search.begin();
        assertThat(search.best().placed()).hasSize(40);
        assertThat(searches.of(hard(1), 5)).isSameAs(search);
        assertThat(searches.of(hard(2), 5)).isNotSameAs(search);
    }

    @Test
    void anEasyOneIsDoneInNoTime() {
        Search search = searches.of(easy(), 5);
        search.await(2_000);
        assertThat(search.isDone()).isTrue();
        assertThat(search.best().length()).isEqualTo(150);
    }

    @Test
    void aSearchThatNobodyAsksForRestsAndGoesOnWhenSomebodyAsksAgain() throws InterruptedException {
        Search search = searches.of(hard(3), 60);
        assertThat(comesTrue(() -> search.taken() > 0)).isTrue();
        Thread.sleep(600);
        int rested = search.taken();
        Thread.sleep(400);
        assertThat(search.taken()).as("it rests").isEqualTo(rested);
        searches.of(hard(3), 60);
        assertThat(comesTrue(() -> search.taken() > rested)).as("it goes on").isTrue();
    }

    @Test
    void itEndsWhenItsTimeIsOverAndWhenSomebodyIsContent() throws InterruptedException {
        assertThat(comesTrue(() -> searches.of(hard(4), .2).isDone())).isTrue();
        Search longer = searches.of(hard(5), 60);
        longer.begin();
        longer.allow(0);
        assertThat(longer.isDone()).isTrue();
        assertThat(searches.of(hard(5), 60).isDone())
                .as("asking again does not begin it again")
                .isTrue();
        longer.allow(100_000_000);
        searches.goOn(longer);
        assertThat(longer.isDone()).isFalse();
        assertThat(comesTrue(longer::isDone)).isTrue();
    }

    @Test
    void aShortOneIsNotKeptWaitingByLongOnes() throws InterruptedException {
        for (int seed = 10; seed < 16; seed++) {
            searches.of(hard(seed), 60);
        }
        assertThat(comesTrue(() -> searches.of(easy(), 5).isDone())).isTrue();
    }

    @Test
    void onlySoManyAreKept() {
        Search first = searches.of(hard(100), .01);
        for (int seed = 101; seed < 101 + Searches.MOST; seed++) {
            searches.of(hard(seed), .01);
        }
        assertThat(searches.of(hard(100), .01)).as("forgotten, and begun again").isNotSameAs(first);
    }

    @Test
    void aPageIsBehindOnceWhatItWatchesHasBecomeBetter() throws InterruptedException {
        Search search = searches.of(hard(7), 60);
        search.begin();
        Watch watch = new Watch();
        watch.on(search);
        String name = searches.keep(watch);
        assertThat(comesTrue(() -> searches.watch(name).orElseThrow().isBehind()))
                .isTrue();
        Watch settled = new Watch();
        Search done = searches.of(easy(), 5);
        done.await(2_000);
        settled.on(done);
        assertThat(settled.isBehind()).isFalse();
        assertThat(searches.watch("forgotten")).isEmpty();
    }

    @Test
    void aQuestionIsAnsweredOnceInTheBackground() throws InterruptedException {
        List<String> asked = new ArrayList<>();
        BooleanSupplier answered = () -> searches.once(
                        "what would do",
                        () -> {
                            asked.add("once");
                            return List.of("an overlap");
                        },
                        List.of())
                .isPresent();
        assertThat(comesTrue(answered)).isTrue();
        assertThat(answered.getAsBoolean()).isTrue();
        assertThat(asked).hasSize(1);
    }

    @Test
    void anAnswerThatBreaksOffIsTheOneForThat() throws InterruptedException {
        assertThat(comesTrue(() -> searches.once(
                                "what breaks",
                                () -> {
                                    throw new IllegalStateException("no such cloth");
                                },
                                "nothing")
                        .filter("nothing"::equals)
                        .isPresent()))
                .isTrue();
    }

    @Test
    void whereTooManyWaitASearchHasItsTurnWhenItIsAskedForAgain() throws InterruptedException {
        CountDownLatch free = new CountDownLatch(1);
        for (int i = 0; i < 3 * Searches.MOST; i++) {
            searches.once(
                    "question " + i,
                    () -> {
                        try {
                            return free.await(5, TimeUnit.SECONDS);
                        } catch (InterruptedException e) {
                            return false;
                        }
                    },
                    false);
        }
        searches.of(hard(200), 5).begin();
        assertThat(searches.of(hard(200), 5).best().placed())
                .as("a layout is there all the same")
                .hasSize(40);
        free.countDown();
        assertThat(comesTrue(() -> searches.of(hard(200), 5).taken() > 0)).isTrue();
    }
}
