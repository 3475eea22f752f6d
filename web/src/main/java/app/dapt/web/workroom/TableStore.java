package app.dapt.web.workroom;

import app.dapt.web.workroom.LayoutStore.Place;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What was changed at a cutting table, in one row for undo: how a cloth lies, a cloth in every cover that is cut from
 * it, which covers are in the set. What was changed elsewhere is undone there.
 */
@Service
@Transactional
public class TableStore {

    /** Begins the name of every change of covers that was made at a table. */
    private static final String AT = "at ";

    /** A change of a cover: what did it, and when. */
    public record Made(String gesture, Instant at) {}

    private record Step(Instant at, Runnable take) {}

    private final CoverMapper covers;
    private final CoverStore store;
    private final LayoutStore lays;
    private final SetStore sets;

    TableStore(CoverMapper covers, CoverStore store, LayoutStore lays, SetStore sets) {
        this.covers = covers;
        this.store = store;
        this.lays = lays;
        this.sets = sets;
    }

    /** The name of a change of covers about to be made at a table. */
    public static String gesture(Owner table) {
        return AT + table.path() + " " + UUID.randomUUID();
    }

    /**
     * Whether there is something to undo.
     *
     * @param place the cloth in sight; nothing where the table is bare
     */
    @Transactional(readOnly = true)
    public boolean canUndo(Owner table, List<Long> members, Optional<Place> place) {
        return last(table, members, place).isPresent();
    }

    /** Whether there is something to redo. */
    @Transactional(readOnly = true)
    public boolean canRedo(Owner table, List<Long> members, Optional<Place> place) {
        return next(table, members, place).isPresent();
    }

    /** Takes back the last change; nothing where there is none. */
    public void undo(Owner table, List<Long> members, Optional<Place> place) {
        last(table, members, place).ifPresent(step -> step.take().run());
    }

    /** Makes the first of the changes again that were taken back. */
    public void redo(Owner table, List<Long> members, Optional<Place> place) {
        next(table, members, place).ifPresent(step -> step.take().run());
    }

    private Optional<Step> last(Owner table, List<Long> members, Optional<Place> place) {
        return steps(table, members, place, -1).max(Comparator.comparing(Step::at));
    }

    private Optional<Step> next(Owner table, List<Long> members, Optional<Place> place) {
        return steps(table, members, place, 1).min(Comparator.comparing(Step::at));
    }

    private Stream<Step> steps(Owner table, List<Long> members, Optional<Place> place, int by) {
        List<Step> steps = new ArrayList<>();
        place.ifPresent(lay -> lays.made(lay, by)
                .ifPresent(at -> steps.add(new Step(at, () -> {
                    if (by < 0) {
                        lays.undo(lay, LayoutStore.ANY_VERSION);
                    } else {
                        lays.redo(lay, LayoutStore.ANY_VERSION);
                    }
                }))));
        if (table.isSet()) {
            sets.made(table.id(), by)
                    .ifPresent(at -> steps.add(new Step(at, () -> sets.step(table.id(), CoverStore.ANY_VERSION, by))));
        }
        for (long member : members) {
            made(member, by)
                    .filter(made -> made.gesture().startsWith(AT + table.path() + " "))
                    .ifPresent(made -> steps.add(new Step(made.at(), () -> step(members, made.gesture(), by))));
        }
        return steps.stream();
    }

    private Optional<Made> made(long cover, int by) {
        return covers.made(store.workroom(), cover, Math.max(0, by));
    }

    /** Every cover that one change was made in. */
    private void step(List<Long> members, String gesture, int by) {
        members.stream()
                .filter(member -> made(member, by)
                        .map(Made::gesture)
                        .filter(gesture::equals)
                        .isPresent())
                .forEach(member -> {
                    if (by < 0) {
                        store.undo(member, CoverStore.ANY_VERSION);
                    } else {
                        store.redo(member, CoverStore.ANY_VERSION);
                    }
                });
    }
}
