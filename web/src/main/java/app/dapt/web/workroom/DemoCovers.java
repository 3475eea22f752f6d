package app.dapt.web.workroom;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Scrap;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoner;
import app.dapt.files.BadPlanFile;
import app.dapt.files.plan.PlanJson;
import app.dapt.make.CoverSteps;
import app.dapt.make.Job;
import app.dapt.make.WorkOrder;
import app.dapt.measure.Length;
import app.dapt.step.Milestone;
import app.dapt.step.Step;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** The refit of the steamer Wren, laid out in a workroom where nothing was made yet. */
@Component
@ConditionalOnProperty("dapt.demo")
class DemoCovers implements SmartInitializingSingleton {

    private final CoverStore store;
    private final SetStore sets;
    private final LayoutStore lays;
    private final WorkStore work;
    private final WorkTimeStore times;
    private final DemoLog log;
    private final DemoShelf shelf;
    private final Clock clock;

    DemoCovers(
            CoverStore store,
            SetStore sets,
            LayoutStore lays,
            WorkStore work,
            WorkTimeStore times,
            DemoLog log,
            DemoShelf shelf,
            Clock clock) {
        this.shelf = shelf;
        this.clock = clock;
        this.store = store;
        this.log = log;
        this.sets = sets;
        this.lays = lays;
        this.work = work;
        this.times = times;
    }

    /** Before anybody is let in, so that nobody finds half a workroom. */
    @Override
    public void afterSingletonsInstantiated() {
        if (!store.isUntouched()) {
            return;
        }
        try {
            layOut();
        } catch (IOException | BadPlanFile e) {
            throw new IllegalStateException("the demo's plans do not read", e);
        }
    }

    private void layOut() throws IOException, BadPlanFile {
        Resource[] plans = new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json");
        List<Resource> lastFirst = Arrays.stream(plans)
                .sorted(Comparator.comparing(Resource::getFilename).reversed())
                .toList();
        Map<String, Long> covers = new HashMap<>();
        for (Resource resource : lastFirst) {
            CoverPlan plan = PlanJson.read(resource.getContentAsString(StandardCharsets.UTF_8));
            covers.put(plan.name(), store.create(plan));
        }
        long deck = set(
                "Promenade deck",
                Map.of(covers.get("Wheelhouse bench, port end"), 2, covers.get("Promenade bench, four forms"), 1));
        long velvet = set(
                "Velvet of the saloon",
                Map.of(
                        covers.get("Stern locker, long"),
                        1,
                        covers.get("Saloon divan, sewn shut"),
                        2,
                        covers.get("Smoking room, fringed"),
                        2,
                        covers.get("State cabin, tasselled"),
                        1));
        set("Saloon settees", Map.of(covers.get("Saloon settee, large"), 4));
        remnants(covers.get("Galley stool"));
        log.layOut();
        shelf.layOut();
        times.keep(
                Owner.cover(covers.get("Galley stool")),
                new WorkTimes(
                        Map.of(
                                DayOfWeek.TUESDAY, new WorkTimes.Slot(LocalTime.of(20, 0), 60),
                                DayOfWeek.THURSDAY, new WorkTimes.Slot(LocalTime.of(20, 0), 60),
                                DayOfWeek.SATURDAY, new WorkTimes.Slot(LocalTime.of(9, 30), 150)),
                        60,
                        Optional.empty()));
        LocalDate today = LocalDate.now(clock);
        times.keepDue(Owner.set(deck), Optional.of(today.plusDays(17)));
        times.keepDue(Owner.set(velvet), Optional.of(today.plusDays(38)));
        made(covers.get("Purser’s stool"), Milestone.FILLED, 9);
        made(covers.get("Galley stool"), Milestone.TRIED_ON, 6);
        made(covers.get("Chart table bolster"), Milestone.SEWN, 4);
        made(covers.get("Promenade bench, four forms"), Milestone.BOUGHT, 2);
        made(covers.get("Wheelhouse bench, port end"), Milestone.CUT, 1);
    }

    /** A cover of which everything is done up to a milestone, so many days ago. */
    private void made(long cover, Milestone upTo, int daysAgo) {
        List<Step> steps = WorkOrder.of(List.of(CoverSteps.of(Reckoner.reckonWithoutRemedies(
                        store.find(cover).plan(), store.find(cover).plan().mark()))))
                .jobs()
                .stream()
                .map(Job::step)
                .toList();
        int last = steps.size() - 1;
        while (!steps.get(last).milestone().equals(Optional.of(upTo))) {
            last--;
        }
        Instant at = clock.instant().minus(Duration.ofDays(daysAgo));
        work.tick(
                cover,
                steps.subList(0, last + 1).stream()
                        .map(step -> new Tick(UUID.randomUUID(), step.id(), true, false, at, "demo"))
                        .toList(),
                ticks -> upTo.compareTo(Milestone.CUT) >= 0);
    }

    private long set(String name, Map<Long, Integer> counts) {
        long id = sets.create(name, List.copyOf(counts.keySet()), "");
        sets.change(id, CoverStore.ANY_VERSION, name, counts);
        return id;
    }

    /** What is left of the old awning: one piece straight, one torn and stained. */
    private void remnants(long cover) {
        CoverPlan plan = store.find(cover).plan();
        Scrap straight = Scrap.rectangle("Awning, port side", Length.cm(44), Length.cm(70));
        Scrap torn = new Scrap(
                "Awning, torn",
                List.of(corner(0, 0), corner(78, 0), corner(78, 31), corner(52, 44), corner(46, 70), corner(0, 66)),
                List.of(new Scrap.Spoilt(Length.cm(58), Length.cm(4), Length.cm(6), Length.cm(5))));
        Cloth front = plan.cloths().front();
        List<String> members = List.of(cover + "." + front.id());
        lays.change(
                new LayoutStore.Place(Owner.cover(cover), front, members, members, plan.unit()),
                LayoutStore.ANY_VERSION,
                lay -> lay.at(true, List.of(straight, torn)));
    }

    private static Scrap.Corner corner(int across, int along) {
        return new Scrap.Corner(Length.cm(across), Length.cm(along));
    }
}
