package app.dapt.web.workroom;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.LayPlan;
import app.dapt.files.BadPlanFile;
import app.dapt.files.LayPlanJson;
import app.dapt.measure.Unit;
import app.dapt.web.workroom.LayMapper.LayRow;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * How the cloths of covers and sets are laid, with every change kept for undo. A change says what is different from
 * before, so that what two tabs change at once is kept from both.
 */
@Service
@Transactional
public class LayStore {

    /** What was decided of one cloth. */
    public record Stored(LayPlan plan, boolean canUndo, boolean canRedo) {
    }

    private final LayMapper lays;
    private final CoverStore covers;
    private final SetStore sets;

    LayStore(LayMapper lays, CoverStore covers, SetStore sets) {
        this.lays = lays;
        this.covers = covers;
        this.sets = sets;
    }

    @Transactional(readOnly = true)
    public Stored find(Owner owner, Cloth cloth, Unit unit) {
        return lays.find(covers.workroom(), cover(owner), set(owner), cloth.name()).map(row -> stored(row, cloth, unit))
                .orElseGet(() -> new Stored(LayPlan.usual(cloth, unit), false, false));
    }

    public Stored change(Owner owner, Cloth cloth, Unit unit, UnaryOperator<LayPlan> change) {
        LayRow row = lock(owner, cloth);
        LayPlan before = stored(row, cloth, unit).plan();
        LayPlan after = change.apply(before);
        if (!after.equals(before)) {
            lays.dropAfter(row.id(), row.revision());
            lays.putRevision(row.id(), row.revision() + 1, LayPlanJson.write(after, unit));
            lays.move(covers.workroom(), row.id(), row.revision() + 1);
        }
        return find(owner, cloth, unit);
    }

    public Stored undo(Owner owner, Cloth cloth, Unit unit) {
        return step(owner, cloth, unit, -1);
    }

    public Stored redo(Owner owner, Cloth cloth, Unit unit) {
        return step(owner, cloth, unit, 1);
    }

    private Stored step(Owner owner, Cloth cloth, Unit unit, int by) {
        LayRow row = lock(owner, cloth);
        int to = row.revision() + by;
        if (to >= 0 && to <= row.last()) {
            lays.move(covers.workroom(), row.id(), to);
        }
        return find(owner, cloth, unit);
    }

    private LayRow lock(Owner owner, Cloth cloth) {
        // Fails where the owner is not of this workroom.
        Object known = owner.isSet() ? sets.find(owner.id()) : covers.find(owner.id());
        lays.insert(covers.workroom(), cover(owner), set(owner), cloth.name());
        return lays.lock(covers.workroom(), cover(owner), set(owner), cloth.name())
                .orElseThrow(() -> new IllegalStateException("no lay of " + known));
    }

    private static Long cover(Owner owner) {
        return owner.isSet() ? null : owner.id();
    }

    private static Long set(Owner owner) {
        return owner.isSet() ? owner.id() : null;
    }

    private static Stored stored(LayRow row, Cloth cloth, Unit unit) {
        try {
            LayPlan plan = row.plan() == null ? LayPlan.usual(cloth, unit) : LayPlanJson.read(row.plan());
            return new Stored(plan, row.revision() > 0, row.revision() < row.last());
        } catch (BadPlanFile e) {
            throw new IllegalStateException("lay " + row.id() + " does not read: " + e.getMessage(), e);
        }
    }
}
