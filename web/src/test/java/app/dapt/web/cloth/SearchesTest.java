package app.dapt.web.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import app.dapt.layout.search.Task;
import app.dapt.layout.search.Task.Item;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Searches go on in the background, a bounded number of them, for as long as somebody waits. */
class SearchesTest {

    private final Searches searches = new Searches(Duration.ofMillis(300), 1);

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

    private static void comesTrue(Callable<Boolean> what) {
        await().atMost(Duration.ofSeconds(5))
                .pollInterval(Duration.ofMillis(10))
                .until(what);
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
    void aSearchThatNobodyAsksForRestsAndGoesOnWhenSomebodyAsksAgain() {
        Search search = searches.of(hard(3), 60);
        comesTrue(() -> search.taken() > 0);
        AtomicInteger seen = new AtomicInteger(-1);
        await("it rests")
                .atMost(Duration.ofSeconds(5))
                .pollInterval(Duration.ofMillis(400))
                .until(() -> seen.getAndSet(search.taken()) == search.taken());
        int rested = search.taken();
        searches.of(hard(3), 60);
        comesTrue(() -> search.taken() > rested);
    }

    @Test
    void itEndsWhenItsTimeIsOverAndWhenSomebodyIsContent() {
        comesTrue(() -> searches.of(hard(4), .2).isDone());
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
        comesTrue(longer::isDone);
    }

    @Test
    void aShortOneIsNotKeptWaitingByLongOnes() {
        for (int seed = 10; seed < 16; seed++) {
            searches.of(hard(seed), 60);
        }
        comesTrue(() -> searches.of(easy(), 5).isDone());
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
    void aPageIsBehindOnceWhatItWatchesHasBecomeBetter() {
        Search search = searches.of(hard(7), 60);
        search.begin();
        Watch watch = new Watch();
        watch.on(search);
        String name = searches.keep(watch);
        comesTrue(() -> searches.watch(name).orElseThrow().isBehind());
        Watch settled = new Watch();
        Search done = searches.of(easy(), 5);
        done.await(2_000);
        settled.on(done);
        assertThat(settled.isBehind()).isFalse();
        assertThat(searches.watch("forgotten")).isEmpty();
    }

    @Test
    void aQuestionIsAnsweredOnceInTheBackground() throws Exception {
        List<String> asked = new ArrayList<>();
        Callable<Boolean> answered = () -> searches.once(
                        "what would do",
                        () -> {
                            asked.add("once");
                            return List.of("an overlap");
                        },
                        List.of())
                .isPresent();
        comesTrue(answered);
        assertThat(answered.call()).isTrue();
        assertThat(asked).hasSize(1);
    }

    @Test
    void anAnswerThatBreaksOffIsTheOneForThat() {
        comesTrue(() -> searches.once(
                        "what breaks",
                        () -> {
                            throw new IllegalStateException("no such cloth");
                        },
                        "nothing")
                .filter("nothing"::equals)
                .isPresent());
    }

    @Test
    void whereTooManyWaitASearchHasItsTurnWhenItIsAskedForAgain() {
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
        comesTrue(() -> searches.of(hard(200), 5).taken() > 0);
    }
}
