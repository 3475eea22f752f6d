package app.dapt.web.make;

import app.dapt.web.Reader;
import app.dapt.web.make.Bench.Made;
import app.dapt.web.workroom.Cover;
import app.dapt.web.workroom.CoverSet;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.Owner;
import app.dapt.web.workroom.SetStore;
import app.dapt.web.workroom.WorkStore;
import java.util.List;
import org.springframework.stereotype.Component;

/** Finds what is made together. */
@Component
class Benches {

    private final CoverStore covers;
    private final SetStore sets;
    private final WorkStore work;

    Benches(CoverStore covers, SetStore sets, WorkStore work) {
        this.covers = covers;
        this.sets = sets;
        this.work = work;
    }

    /** A cover or a set, in the marks of a reader. */
    Bench find(String whose, long id, Reader reader) {
        if (!whose.equals("sets")) {
            Cover cover = covers.find(id);
            return bench(Owner.cover(id), cover.plan().name(), List.of(made(cover, 1, reader)));
        }
        CoverSet set = sets.find(id);
        return bench(
                Owner.set(id),
                set.name(),
                set.members().stream()
                        .filter(member -> member.count() > 0)
                        .map(member -> made(member.cover(), member.count(), reader))
                        .toList());
    }

    private static Made made(Cover cover, int copies, Reader reader) {
        return Made.of(cover.id(), copies, cover.plan(), reader.mark(cover.plan()));
    }

    private Bench bench(Owner owner, String name, List<Made> made) {
        return Bench.of(
                owner, name, made, work.ticks(made.stream().map(Made::id).toList()));
    }
}
