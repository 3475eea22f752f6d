package app.dapt.web.workroom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.RandomPlans;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.learning.Verdict;
import app.dapt.log.Learnt.Subject;
import app.dapt.log.LogEntry;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.web.Site;
import app.dapt.web.WithSite;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The log on a real PostgreSQL. */
@WithSite
class LogStoreTest {

    private static final LocalDate DAY = LocalDate.of(2026, 4, 1);

    private static LogEntry entry(int seed) {
        return LogEntry.of(DAY, plan(seed));
    }

    /** Any plan, but for pictures of its cloths, which nobody has taken. */
    private static CoverPlan plan(int seed) {
        CoverPlan plain = DefaultPlan.plan(
                "Plain", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(20), Length.inches(20)));
        return RandomPlans.plan(new Random(seed)).withCloths(plain.cloths());
    }

    @Test
    void whateverIsLoggedReadsBackEqual(Site site) {
        LogStore log = site.bean(LogStore.class);
        CoverStore covers = site.bean(CoverStore.class);
        for (int seed = 0; seed < 12; seed++) {
            LogEntry entry = entry(seed).tried(Verdict.GOOD);
            long cover = covers.create(entry.plan());
            Logged logged = log.putOfCover(cover, entry, standing -> standing);
            assertThat(log.find(logged.id()).entry()).isEqualTo(entry);
            assertThat(log.ofCover(cover)).contains(logged);
            log.delete(logged.id());
            covers.delete(cover);
        }
    }

    /** Two devices that judge a cover at once make one entry of it. */
    @Test
    void aCoverIsLoggedOnceHoweverManyAskAtOnce(Site site) throws Exception {
        LogStore log = site.bean(LogStore.class);
        CoverPlan plan = plan(77);
        CoverStore covers = site.bean(CoverStore.class);
        long cover = covers.create(plan);
        ExecutorService hands = Executors.newFixedThreadPool(4);
        try {
            List<Future<Logged>> asked = IntStream.range(0, 4)
                    .mapToObj(i -> hands.submit(() ->
                            log.putOfCover(cover, LogEntry.of(DAY, plan), standing -> standing.withNote("from " + i))))
                    .toList();
            for (Future<Logged> each : asked) {
                each.get();
            }
        } finally {
            hands.shutdownNow();
        }
        assertThat(site.number("select count(*) from log_entry where cover_id = " + cover))
                .isEqualTo(1);
        log.delete(log.ofCover(cover).orElseThrow().id());
        covers.delete(cover);
    }

    @Test
    void aChangeFromAPageThatFellBehindIsRefusedAndEveryChangeIsTakenBack(Site site) {
        LogStore log = site.bean(LogStore.class);
        assertThat(log.take(List.of(entry(5)), "", entry -> entry)).isEqualTo(1);
        Logged first = log.list().stream()
                .filter(each -> each.entry().equals(entry(5)))
                .findFirst()
                .orElseThrow();
        Logged noted = log.change(first.id(), first.version(), standing -> standing.withNote("once"));
        assertThatThrownBy(() -> log.change(first.id(), first.version(), standing -> standing.withNote("late")))
                .isInstanceOf(Stale.class);
        assertThat(log.undo(first.id(), noted.version()).entry().note()).isEmpty();
        log.delete(first.id());
        assertThatThrownBy(() -> log.find(first.id())).isInstanceOf(NoSuchEntry.class);
        log.restore(first.id());
        assertThat(log.find(first.id()).entry()).isEqualTo(entry(5));
        log.delete(first.id());
    }

    @Test
    void picturesOfTheLogAreKept(Site site) {
        LogStore log = site.bean(LogStore.class);
        PictureStore pictures = site.bean(PictureStore.class);
        // Plans that other tests made up show pictures of the first few numbers.
        site.command("alter sequence picture_id_seq restart with 1000");
        long shown = pictures.keep(new byte[] {1}, 1, 1).orElseThrow();
        long forgotten = pictures.keep(new byte[] {2}, 1, 1).orElseThrow();
        log.take(List.of(entry(6).withPicture(Optional.of(shown))), "", entry -> entry);
        site.command("update picture set made_at = now() - interval '3 days' where id in (" + shown + ", " + forgotten
                + ")");
        pictures.dropUnused();
        assertThat(pictures.find(shown)).isPresent();
        assertThat(pictures.find(forgotten)).isEmpty();
        log.list().stream()
                .filter(each -> each.entry().picture().equals(Optional.of(shown)))
                .forEach(each -> log.delete(each.id()));
    }

    @Test
    void whatIsLearntCanBeLeftUnusedAndStartedAnew(Site site) {
        LearningStore learning = site.bean(LearningStore.class);
        int covers = learning.used().tastes().overall().covers();
        assertThat(covers).isGreaterThanOrEqualTo(14);
        learning.learn(Subject.FULLNESS, false);
        assertThat(learning.used().tastes().overall().covers()).isZero();
        assertThat(learning.all().tastes().overall().covers()).isEqualTo(covers);
        learning.learn(Subject.FULLNESS, true);
        learning.startAnew(Subject.FULLNESS);
        assertThat(learning.all().tastes().overall().covers()).isZero();
        assertThat(learning.all().pace().covers()).isGreaterThanOrEqualTo(14);
        learning.fromTheFirst(Subject.FULLNESS);
        assertThat(learning.used().tastes().overall().covers()).isEqualTo(covers);
    }
}
