package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.cover.ClothUse;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoner;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.web.wording.Reader;
import app.dapt.web.workroom.Cover;
import app.dapt.web.workroom.CoverSet;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.LayoutStore;
import app.dapt.web.workroom.Owner;
import app.dapt.web.workroom.SetStore;
import app.dapt.web.workroom.Stale;
import app.dapt.web.workroom.TableStore;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What lies on the cutting table: a cover, or the covers of a set, with the cloths they need. */
@Component
@Transactional
class Cutting {

    /**
     * @param members the covers, each so many times
     * @param broken  how many more do not read
     * @param uses    the cloths they need, the front's first
     * @param version goes up with every change of the covers
     * @param setVersion the same of the set's name and which covers are in it
     * @param mark    the finest mark on the reader's tape
     * @param unit    what prices go by: the covers' own yard or metre
     */
    record Table(
            Owner owner,
            String name,
            List<CoverSet.Member> members,
            int broken,
            List<ClothUse> uses,
            long version,
            long setVersion,
            Mark mark,
            Unit unit) {

        /** What the covers would need of a cloth if it were another: a wider one is joined from fewer drops. */
        Optional<ClothUse> instead(ClothUse use, Cloth other) {
            List<ClothUse.Of> of = members.stream()
                    .map(member -> of(
                            member,
                            use.idIn(key(member))
                                    .map(id -> changed(member.cover().plan(), id, each -> other))
                                    .orElse(member.cover().plan()),
                            mark))
                    .toList();
            return ClothUse.of(of).stream()
                    .filter(each -> each.key().equals(use.key()))
                    .findFirst();
        }

        /** Where a cloth stands that is called so in one of its covers; the first where there is none. */
        int numberOf(String cloth) {
            return IntStream.range(0, uses.size())
                    .filter(i -> uses.get(i).members().contains(cloth))
                    .findFirst()
                    .orElse(0);
        }

        /** The numbers of the covers. */
        List<Long> covers() {
            return members.stream().map(member -> member.cover().id()).toList();
        }

        /** Where one of the cloths is laid; nothing on a bare table. */
        Optional<LayoutStore.Place> place(int cloth) {
            return uses.isEmpty() ? Optional.empty() : Optional.of(place(uses.get(cloth)));
        }

        LayoutStore.Place place(ClothUse use) {
            return new LayoutStore.Place(
                    owner,
                    use.cloth(),
                    use.members(),
                    uses.stream().flatMap(each -> each.members().stream()).toList(),
                    unit);
        }
    }

    private final CoverStore covers;
    private final SetStore sets;
    private final LayoutStore lays;
    private final TableStore history;

    Cutting(CoverStore covers, SetStore sets, LayoutStore lays, TableStore history) {
        this.covers = covers;
        this.sets = sets;
        this.lays = lays;
        this.history = history;
    }

    @Transactional(readOnly = true)
    public Table table(Owner owner, Reader reader) {
        CoverSet set = owner.isSet() ? sets.find(owner.id()) : alone(owner);
        Mark mark = set.members().isEmpty()
                ? reader.mark()
                : reader.mark(set.members().get(0).cover().plan());
        Unit unit = set.members().isEmpty()
                ? mark.unit()
                : set.members().get(0).cover().plan().unit();
        List<ClothUse.Of> of = set.members().stream()
                .map(member -> of(member, member.cover().plan(), mark))
                .toList();
        return new Table(
                owner,
                set.name(),
                set.members(),
                set.broken(),
                ClothUse.of(of),
                version(set),
                set.version(),
                mark,
                unit);
    }

    private static ClothUse.Of of(CoverSet.Member member, CoverPlan plan, Mark mark) {
        return new ClothUse.Of(key(member), Reckoner.reckonWithoutRemedies(plan, mark), member.count());
    }

    private static String key(CoverSet.Member member) {
        return String.valueOf(member.cover().id());
    }

    private static long version(CoverSet set) {
        return set.version()
                + set.members().stream()
                        .mapToLong(member -> member.cover().version())
                        .sum();
    }

    private CoverSet alone(Owner owner) {
        Cover cover = covers.find(owner.id());
        return new CoverSet(owner.id(), 0, cover.plan().name(), List.of(new CoverSet.Member(cover, 1)), 0);
    }

    /**
     * Changes a cloth in every cover on the table that is cut from it: one change, undone here for all of them, or in
     * each for itself.
     *
     * @throws Stale when one of them was changed since the asking page was made
     */
    public void change(At at, UnaryOperator<Cloth> change) {
        settle(at);
        String gesture = TableStore.gesture(at.table().owner());
        for (CoverSet.Member member : at.table().members()) {
            at.use()
                    .idIn(key(member))
                    .ifPresent(id -> covers.change(
                            member.cover().id(), CoverStore.ANY_VERSION, gesture, plan -> changed(plan, id, change)));
        }
    }

    /** Plans the one cover on the table otherwise. */
    public void plan(At at, CoverPlan plan) {
        settle(at);
        covers.change(
                at.table().members().get(0).cover().id(),
                CoverStore.ANY_VERSION,
                TableStore.gesture(at.table().owner()),
                before -> plan);
    }

    /** Undoes the last change that was made at this table, or makes the next of those again that were undone. */
    public void step(At at, boolean back) {
        settle(at);
        Table table = at.table();
        table.place(at.cloth())
                .ifPresent(place -> lays.isAsked(place, at.asked().lay()));
        if (back) {
            history.undo(table.owner(), table.covers(), table.place(at.cloth()));
        } else {
            history.redo(table.owner(), table.covers(), table.place(at.cloth()));
        }
    }

    /** Waits for every cover on the table in its order, and sees that none is ahead of the page. */
    private void settle(At at) {
        at.table().members().forEach(member -> covers.lock(member.cover().id()));
        CoverSet now = at.table().owner().isSet()
                ? sets.find(at.table().owner().id())
                : alone(at.table().owner());
        if (at.asked().covers() != CoverStore.ANY_VERSION && at.asked().covers() != version(now)) {
            throw new Stale("cloth of " + at.table().owner());
        }
    }

    private static CoverPlan changed(CoverPlan plan, int id, UnaryOperator<Cloth> change) {
        return plan.withCloths(plan.cloths().changing(id, change));
    }
}
