package app.dapt.web.workroom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.RandomPlans;
import app.dapt.cloth.Cloth;
import app.dapt.cloth.Scrap;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.decision.Cloths;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.layout.LayoutChoices;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.piece.Piece.Material;
import app.dapt.web.Site;
import app.dapt.web.WithSite;
import app.dapt.web.workroom.LayoutStore.Place;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The stores on a real PostgreSQL. */
@WithSite
class StoresTest {

    private static CoverPlan plan(String name) {
        return DefaultPlan.plan(
                name, Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(20), Length.inches(20)));
    }

    private static Place place(long cover, Cloth cloth) {
        List<String> members = List.of(cover + "." + cloth.id());
        return new Place(Owner.cover(cover), cloth, members, List.of(cover + ".1", cover + ".2"), Mark.EIGHTH.unit());
    }

    private static Scrap scrap(String name) {
        return Scrap.rectangle(name, Length.inches(20), Length.inches(20));
    }

    private static LayoutChoices with(LayoutChoices lay, Scrap scrap) {
        List<Scrap> all = new ArrayList<>(lay.remnants());
        all.add(scrap);
        return lay.at(true, all);
    }

    /** Does them all at once; what each came to, or what it threw. */
    private static List<Object> together(List<Callable<Object>> jobs) throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(jobs.size());
        try {
            List<Object> ends = new ArrayList<>();
            for (Future<Object> future : hands.invokeAll(jobs.stream()
                    .<Callable<Object>>map(job -> () -> {
                        try {
                            return job.call();
                        } catch (RuntimeException e) {
                            return e;
                        }
                    })
                    .toList())) {
                ends.add(future.get());
            }
            return ends;
        } finally {
            hands.shutdownNow();
        }
    }

    @Test
    void whateverIsMadeReadsBackEqual(Site site) {
        CoverStore covers = site.bean(CoverStore.class);
        for (int seed = 0; seed < 40; seed++) {
            CoverPlan any = RandomPlans.plan(new Random(seed));
            long id = covers.create(any);
            assertThat(covers.find(id).plan()).as("seed %s", seed).isEqualTo(any);
            covers.delete(id);
        }
    }

    @Test
    void whatIsLaidAtOnceIsKeptFromEverybody(Site site) throws Exception {
        CoverStore covers = site.bean(CoverStore.class);
        LayoutStore lays = site.bean(LayoutStore.class);
        long id = covers.create(plan("Laid"));
        Place place = place(id, covers.find(id).plan().cloths().front());
        lays.change(place, LayoutStore.ANY_VERSION, lay -> with(lay, scrap("First")));
        together(IntStream.range(0, 8)
                .<Callable<Object>>mapToObj(
                        i -> () -> lays.change(place, LayoutStore.ANY_VERSION, lay -> with(lay, scrap("S" + i))))
                .toList());
        assertThat(lays.find(place).choices().remnants())
                .extracting(Scrap::name)
                .containsExactlyInAnyOrder("First", "S0", "S1", "S2", "S3", "S4", "S5", "S6", "S7");
        long version = lays.find(place).version();
        List<Object> ends = together(IntStream.range(0, 6)
                .<Callable<Object>>mapToObj(
                        i -> () -> lays.change(place, version, lay -> lay.cutting(true, false, i % 2 == 0)))
                .toList());
        assertThat(ends)
                .as("from one version only one goes through")
                .filteredOn(Stale.class::isInstance)
                .hasSize(5);
        covers.delete(id);
    }

    @Test
    void aLayoutStaysWithItsClothWhateverThatIsCalled(Site site) {
        CoverStore covers = site.bean(CoverStore.class);
        LayoutStore lays = site.bean(LayoutStore.class);
        long id = covers.create(plan("Two linens"));
        CoverPlan linens = covers.change(id, CoverStore.ANY_VERSION, "", before -> {
                    Cloths linen = before.cloths().changing(1, cloth -> named(cloth, "linen"));
                    return before.withCloths(linen.apart(Material.BACK));
                })
                .plan();
        lays.change(
                place(id, linens.cloths().front()),
                LayoutStore.ANY_VERSION,
                lay -> lay.at(true, List.of(scrap("Of the front"))));
        assertThat(lays.find(place(id, linens.cloths().back())).choices().remnants())
                .as("another linen")
                .isEmpty();
        Cloth renamed = covers.change(
                        id,
                        CoverStore.ANY_VERSION,
                        "",
                        before -> before.withCloths(before.cloths().changing(1, cloth -> named(cloth, "velvet"))))
                .plan()
                .cloths()
                .front();
        assertThat(lays.find(place(id, renamed)).choices().remnants())
                .extracting(Scrap::name)
                .containsExactly("Of the front");
        covers.delete(id);
    }

    private static Cloth named(Cloth cloth, String name) {
        return new Cloth(
                cloth.id(),
                name,
                cloth.colour(),
                cloth.print(),
                cloth.width(),
                cloth.nap(),
                cloth.price(),
                cloth.sideways(),
                cloth.ownRepeat(),
                cloth.shrinkage(),
                cloth.photo(),
                cloth.synthetic(),
                cloth.character());
    }

    @Test
    void aStaleVersionDoesNotSlipThroughWithAFamiliarGesture(Site site) {
        CoverStore covers = site.bean(CoverStore.class);
        long id = covers.create(plan("Gestures"));
        covers.change(id, 1, "g", plan -> plan.withName("One"));
        Cover on = covers.change(id, 1, "g", plan -> plan.withName("Two"));
        assertThat(on.version())
                .as("a page goes on whose own last change is on its way")
                .isEqualTo(3);
        covers.undo(id, 3);
        covers.redo(id, 4);
        assertThatThrownBy(() -> covers.change(id, 1, "g", plan -> plan.withName("Three")))
                .as("others came between")
                .isInstanceOf(Stale.class);
        assertThatThrownBy(() -> covers.undo(id, 2)).isInstanceOf(Stale.class);
        assertThat(covers.find(id).plan().name()).isEqualTo("Two");
        covers.delete(id);
    }

    /** What is undone is undone: a change by the same gesture afterwards is a change of its own. */
    @Test
    void undoEndsAGesture(Site site) {
        CoverStore covers = site.bean(CoverStore.class);
        long id = covers.create(plan("First"));
        covers.change(id, CoverStore.ANY_VERSION, "slip", before -> before.withName("Second"));
        Cover undone = covers.undo(id, CoverStore.ANY_VERSION);
        assertThat(undone.plan().name()).isEqualTo("First");
        covers.change(id, CoverStore.ANY_VERSION, "slip", before -> before.withName("Third"));
        assertThat(covers.undo(id, CoverStore.ANY_VERSION).plan().name())
                .as("what stood before the last change")
                .isEqualTo("First");
        long version = covers.redo(id, CoverStore.ANY_VERSION).version();
        covers.undo(id, version);
        assertThatThrownBy(() -> covers.change(id, version, "slip", before -> before.withName("Late")))
                .as("a page that has not seen the undo")
                .isInstanceOf(Stale.class);
        covers.delete(id);
    }

    /** What would not read back is said and not kept; what stood stands. */
    @Test
    void whatWouldNotReadBackIsNotKept(Site site) {
        CoverStore covers = site.bean(CoverStore.class);
        long id = covers.create(plan("Kept"));
        assertThatThrownBy(
                        () -> covers.change(id, CoverStore.ANY_VERSION, "", before -> before.noting("x".repeat(200))))
                .isInstanceOf(CannotKeep.class);
        assertThat(covers.find(id).plan()).isEqualTo(plan("Kept"));
        assertThat(covers.find(id).canUndo()).isFalse();
        covers.delete(id);
    }

    /** Covers moved to and fro between two sets at once: nobody waits for the other for ever, and none is lost. */
    @Test
    void setsAreLockedInOneOrder(Site site) throws Exception {
        CoverStore covers = site.bean(CoverStore.class);
        SetStore sets = site.bean(SetStore.class);
        List<Long> ids = IntStream.range(0, 4)
                .mapToObj(i -> covers.create(plan("To and fro")))
                .toList();
        long one = sets.create("One", ids.subList(0, 2), "");
        long other = sets.create("Other", ids.subList(2, 4), "");
        List<Object> ends = together(IntStream.range(0, 12)
                .<Callable<Object>>mapToObj(i -> () -> i % 2 == 0
                        ? sets.move(one, other, ids.subList(0, 2))
                        : sets.move(other, one, ids.subList(2, 4)))
                .toList());
        assertThat(ends).as("none gave way").allMatch(Boolean.TRUE::equals);
        assertThat(sets.find(one).members().size() + sets.find(other).members().size())
                .isEqualTo(4);
        sets.delete(one);
        sets.delete(other);
        covers.deleteAll(ids);
    }

    @Test
    void pressedTwiceAFormMakesOne(Site site) throws Exception {
        CoverStore covers = site.bean(CoverStore.class);
        CoverPlan plan = plan("Pressed");
        List<Object> ids = together(IntStream.range(0, 5)
                .<Callable<Object>>mapToObj(i -> () -> covers.create(plan, "press-1"))
                .toList());
        assertThat(ids.stream().distinct()).hasSize(1);
        assertThat(covers.create(plan("Pressed, another"), "press-1"))
                .as("with something else in it")
                .isNotEqualTo(ids.get(0));
        assertThat(covers.create(plan, "")).isNotEqualTo(ids.get(0));
    }

    @Test
    void revisionsAreBoundedAndTheLastHundredCanBeUndone(Site site) {
        CoverStore covers = site.bean(CoverStore.class);
        long id = covers.create(plan("Often"));
        int changes = CoverStore.MOST_REVISIONS + 30;
        for (int i = 1; i <= changes; i++) {
            String name = "Name " + i;
            covers.change(id, CoverStore.ANY_VERSION, "", before -> before.withName(name));
        }
        assertThat(site.number("select count(*) from revision where cover_id = " + id))
                .isLessThanOrEqualTo(CoverStore.MOST_REVISIONS);
        for (int i = 1; i <= 100; i++) {
            assertThat(covers.undo(id, CoverStore.ANY_VERSION).plan().name()).isEqualTo("Name " + (changes - i));
        }
        assertThat(covers.redo(id, CoverStore.ANY_VERSION).plan().name()).isEqualTo("Name " + (changes - 99));
        covers.delete(id);
    }

    @Test
    void aRowThatDoesNotReadIsOneLineAndBreaksNothingElse(Site site) {
        CoverStore covers = site.bean(CoverStore.class);
        SetStore sets = site.bean(SetStore.class);
        long good = covers.create(plan("Zebra, sound"));
        long bad = covers.create(plan("Zebra, broken"));
        long set = sets.create("Zebras", List.of(good, bad), "");
        site.command("update revision set plan = plan - 'seam' where cover_id = " + bad);
        CoverStore.Page page = covers.list("zebra", 1);
        assertThat(page.covers()).extracting(Cover::id).containsExactly(good);
        assertThat(page.broken()).singleElement().returns("Zebra, broken", CoverStore.Broken::name);
        assertThat(sets.find(set).members()).hasSize(1);
        assertThat(sets.find(set).broken()).isEqualTo(1);
        assertThat(covers.text(bad)).contains("Zebra, broken");
        assertThatThrownBy(() -> covers.find(bad)).isInstanceOf(BrokenCover.class);
        covers.delete(bad);
        assertThat(covers.deleted()).extracting(CoverStore.Deleted::name).contains("Zebra, broken");
        sets.delete(set);
        covers.delete(good);
    }

    /** What it is called, which covers are in it and how often each is made: all of it goes back and forth. */
    @Test
    void everyChangeOfASetIsUndoneAndRedone(Site site) {
        CoverStore covers = site.bean(CoverStore.class);
        SetStore sets = site.bean(SetStore.class);
        List<Long> made = IntStream.range(0, 3)
                .mapToObj(i -> covers.create(plan("Berth " + i)))
                .toList();
        long set = sets.create("Berths", made.subList(0, 2), "");
        sets.step(set, CoverStore.ANY_VERSION, -1);
        assertThat(members(sets, set)).as("nothing to undo yet").isEqualTo("Berths 1 1");
        long seen = sets.find(set).version();
        sets.change(set, CoverStore.ANY_VERSION, "Bunks", Map.of(made.get(0), 3));
        sets.change(set, CoverStore.ANY_VERSION, "Bunks", Map.of(made.get(0), 3));
        sets.change(set, CoverStore.ANY_VERSION, "Bunks", Map.of(made.get(1), 0));
        sets.add(set, made.subList(2, 3));
        List<String> states = List.of("Berths 1 1", "Bunks 3 1", "Bunks 3", "Bunks 3 1");
        for (int i = states.size() - 1; i >= 0; i--) {
            assertThat(members(sets, set)).isEqualTo(states.get(i));
            sets.step(set, CoverStore.ANY_VERSION, -1);
        }
        covers.delete(made.get(2));
        for (String state : states.subList(0, 3)) {
            assertThat(members(sets, set)).isEqualTo(state);
            sets.step(set, CoverStore.ANY_VERSION, 1);
        }
        assertThat(members(sets, set))
                .as("what was deleted meanwhile is not there")
                .isEqualTo("Bunks 3");
        covers.restore(made.get(2));
        assertThat(members(sets, set)).as("and is once it is back").isEqualTo("Bunks 3 1");
        sets.step(set, CoverStore.ANY_VERSION, -1);
        sets.change(set, CoverStore.ANY_VERSION, "Cots", Map.of());
        sets.step(set, CoverStore.ANY_VERSION, 1);
        assertThat(members(sets, set)).as("a change forgets what was undone").isEqualTo("Cots 3");
        assertThatThrownBy(() -> sets.step(set, seen, -1))
                .as("undone from a page that has fallen behind")
                .isInstanceOf(Stale.class);
        covers.deleteAll(made);
        sets.delete(set);
    }

    private static String members(SetStore sets, long id) {
        CoverSet set = sets.find(id);
        return set.name()
                + set.members().stream().map(member -> " " + member.count()).collect(Collectors.joining());
    }

    @Test
    void aSetTakesAllThatIsPutIntoItOrNothing(Site site) {
        CoverStore covers = site.bean(CoverStore.class);
        SetStore sets = site.bean(SetStore.class);
        List<Long> made = IntStream.range(0, CoverSet.MOST_COVERS + 1)
                .mapToObj(i -> covers.create(plan("Filler " + i)))
                .toList();
        long set = sets.create("Full", made.subList(0, 3), "");
        assertThat(sets.add(set, made)).isFalse();
        assertThat(sets.find(set).members()).hasSize(3);
        assertThat(sets.add(set, made.subList(1, CoverSet.MOST_COVERS))).isTrue();
        assertThat(sets.find(set).members()).hasSize(CoverSet.MOST_COVERS);
        covers.deleteAll(made);
        assertThat(covers.list("filler", 1).all()).isZero();
        covers.restoreAll(made.subList(0, 2));
        assertThat(covers.list("filler", 1).all()).isEqualTo(2);
        covers.deleteAll(made);
        sets.delete(set);
    }

    @Test
    void allPagesTogetherHoldEveryCoverOnce(Site site) {
        CoverStore covers = site.bean(CoverStore.class);
        List<Long> made = IntStream.range(0, CoverStore.PER_PAGE + 5)
                .mapToObj(i -> covers.create(plan("Paged " + i)))
                .toList();
        List<Long> found = new ArrayList<>();
        for (int page = 1; page <= covers.list("paged", 1).pages(); page++) {
            covers.list("paged", page).covers().forEach(cover -> found.add(cover.id()));
        }
        assertThat(found).containsExactlyInAnyOrderElementsOf(made);
        assertThat(covers.list("paged", 99).number()).isEqualTo(2);
        made.forEach(covers::delete);
    }

    private static Tick tick(int number, boolean done, long second) {
        return new Tick(new UUID(7, number), "cover/seam", done, false, Instant.ofEpochSecond(second), "phone");
    }

    /** The same ticks, some of them twice, in every order: what stands is the latest word, and it stands once. */
    @Test
    void devicesAgreeInWhateverOrderTheirWordsArrive(Site site) {
        CoverStore covers = site.bean(CoverStore.class);
        WorkStore work = site.bean(WorkStore.class);
        List<Tick> said = List.of(tick(1, true, 100), tick(2, false, 200), tick(3, true, 300), tick(4, false, 300));
        Random random = new Random(5);
        for (int round = 0; round < 5; round++) {
            long id = covers.create(plan("Ticked " + round));
            List<Tick> arriving = new ArrayList<>(said);
            arriving.addAll(said.subList(0, 2));
            Collections.shuffle(arriving, random);
            arriving.forEach(tick -> work.tick(id, List.of(tick), ticks -> false));
            assertThat(work.ticks(List.of(id)).get(id)).containsExactly(Map.entry("cover/seam", tick(4, false, 300)));
        }
    }

    @Test
    void aWordFromTheFutureDoesNotStandForever(Site site) {
        WorkStore work = site.bean(WorkStore.class);
        long id = site.bean(CoverStore.class).create(plan("Wrong clock"));
        work.tick(id, List.of(tick(1, true, 99_999_999_999L)), ticks -> false);
        work.tick(id, List.of(tick(2, false, Instant.now().getEpochSecond() + 1)), ticks -> false);
        assertThat(work.ticks(List.of(id)).get(id))
                .extractingByKey("cover/seam")
                .matches(tick -> !tick.done());
        assertThatThrownBy(() -> work.tick(-4, List.of(tick(1, true, 1)), ticks -> false))
                .isInstanceOf(NoSuchCover.class);
    }

    /** A late word about a cover in the bin is kept with it, and so is the plan it was cut by. */
    @Test
    void aWordAboutACoverInTheBinForgetsNothing(Site site) {
        CoverStore covers = site.bean(CoverStore.class);
        WorkStore work = site.bean(WorkStore.class);
        long id = covers.create(plan("Binned"));
        work.tick(id, List.of(tick(1, true, 1)), ticks -> true);
        covers.delete(id);
        work.tick(id, List.of(tick(2, false, 2)), ticks -> false);
        covers.restore(id);
        assertThat(work.plansAtCut(List.of(id))).containsEntry(id, plan("Binned"));
        assertThat(work.ticks(List.of(id)).get(id)).containsValue(tick(2, false, 2));
        covers.delete(id);
    }

    @Test
    void thePlanIsKeptAsItWasWhenTheFabricWasCut(Site site) {
        CoverStore covers = site.bean(CoverStore.class);
        WorkStore work = site.bean(WorkStore.class);
        long id = covers.create(plan("Cut"));
        work.tick(id, List.of(tick(1, true, 1)), ticks -> true);
        covers.change(id, CoverStore.ANY_VERSION, "", plan -> plan.withName("Changed"));
        work.tick(id, List.of(tick(2, true, 2)), ticks -> true);
        assertThat(work.plansAtCut(List.of(id)).get(id).name()).isEqualTo("Cut");
        work.tick(id, List.of(tick(3, false, 3)), ticks -> false);
        assertThat(work.plansAtCut(List.of(id))).as("not cut after all").isEmpty();
    }
}
