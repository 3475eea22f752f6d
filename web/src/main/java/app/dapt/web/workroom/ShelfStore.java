package app.dapt.web.workroom;

import app.dapt.files.BadPlanFile;
import app.dapt.files.cloth.FabricJson;
import app.dapt.measure.Length;
import app.dapt.shelf.Fabric;
import app.dapt.shelf.Movement;
import app.dapt.shelf.Movement.Why;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Kind;
import app.dapt.web.workroom.ShelfMapper.MovementRow;
import app.dapt.web.workroom.ShelfMapper.TakenRow;
import app.dapt.web.workroom.ShelfMapper.ThingRow;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is on the shelf: things, and what was put on it and taken off it. */
@Service
@Transactional
public class ShelfStore {

    /** So many things are kept. */
    public static final int MOST = 5_000;

    private final ShelfMapper shelf;
    private final CoverStore covers;
    private final SubmittedForms presses;

    ShelfStore(ShelfMapper shelf, CoverStore covers, SubmittedForms presses) {
        this.shelf = shelf;
        this.covers = covers;
        this.presses = presses;
    }

    /**
     * A thing on the shelf.
     *
     * @param stock how much of it is there, in what it is counted in
     */
    public record Kept(long id, Thing thing, long stock) {}

    /**
     * A movement and when it was.
     *
     * @param cut the name of the cover or set it was cut for; empty where it was for none
     */
    public record Moved(Movement movement, Instant at, String cut) {}

    /** What became of a wish to move something. */
    public enum Outcome {
        MOVED,
        /** There is less than that, or more than anybody has. */
        NOT_SO_MUCH,
        /** It is gone, or somebody undid it before. */
        GONE
    }

    /** Those whose names have this in them, by kind and name. */
    @Transactional(readOnly = true)
    public List<Kept> list(String find) {
        return list(find, Optional.empty(), MOST);
    }

    /** The same of one kind, and no more than so many. */
    @Transactional(readOnly = true)
    public List<Kept> list(String find, Optional<Kind> kind, int most) {
        String safe = find.replaceAll("([%_\\\\])", "\\\\$1");
        return shelf.list(covers.workroom(), safe, kind.map(Kind::name).orElse(""), most).stream()
                .flatMap(row -> kept(row).stream())
                .toList();
    }

    @Transactional(readOnly = true)
    public Optional<Kept> find(long id) {
        return shelf.find(covers.workroom(), id).flatMap(ShelfStore::kept);
    }

    /** A row; nothing where it is of a kind that is not known here. */
    private static Optional<Kept> kept(ThingRow row) {
        return Stream.of(Kind.values())
                .filter(kind -> kind.name().equals(row.kind()))
                .findFirst()
                .map(kind -> new Kept(
                        row.id(),
                        new Thing(
                                kind,
                                row.name(),
                                row.colour(),
                                length(row.size()),
                                length(row.width()),
                                row.price(),
                                fabric(row).filter(any -> kind.isFabric())),
                        row.stock()));
    }

    private static Optional<Length> length(long grains) {
        return grains > 0 ? Optional.of(new Length(grains)) : Optional.empty();
    }

    /** What is told of a fabric; nothing where none is, or a later Dapt told it. */
    private static Optional<Fabric> fabric(ThingRow row) {
        try {
            return row.fabric().isEmpty() ? Optional.empty() : Optional.of(FabricJson.read(row.fabric()));
        } catch (BadPlanFile later) {
            return Optional.empty();
        }
    }

    private static ThingRow row(long id, Thing thing) {
        return new ThingRow(
                id,
                thing.kind().name(),
                thing.name(),
                thing.colour(),
                thing.size().map(Length::grains).orElse(0L),
                thing.width().map(Length::grains).orElse(0L),
                thing.price(),
                thing.fabric().map(FabricJson::text).orElse(""),
                0);
    }

    /**
     * Puts something new on the shelf.
     *
     * @param stock how much of it there is
     * @param press what its form calls its one press
     * @return its id; nothing where there is no room for more
     */
    public Optional<Long> put(Thing thing, long stock, String press) {
        long workroom = covers.workroom();
        if (shelf.count(workroom) >= MOST) {
            return Optional.empty();
        }
        return Optional.of(presses.once(workroom, press, thing + "\n" + stock, () -> {
            long id = shelf.insert(workroom, row(0, thing));
            if (stock > 0) {
                shelf.move(workroom, id, Why.BOUGHT.name(), stock, 0);
            }
            return id;
        }));
    }

    /** Says otherwise what something is; false where it is gone. */
    public boolean change(long id, Thing thing) {
        return shelf.change(covers.workroom(), row(id, thing)) > 0;
    }

    /** Takes something off the list, or puts it back there. */
    public void putAway(long id, boolean gone) {
        shelf.putAway(covers.workroom(), id, gone);
    }

    /** What was put on the shelf of something and taken off it, the latest first. */
    @Transactional(readOnly = true)
    public List<Moved> movements(long id) {
        return shelf.movements(covers.workroom(), id).stream()
                .map(row -> new Moved(movement(row), row.at(), row.cut()))
                .toList();
    }

    private static Movement movement(MovementRow row) {
        return new Movement(
                row.id(),
                Why.valueOf(row.why()),
                row.amount(),
                row.undoes() > 0 ? Optional.of(row.undoes()) : Optional.empty());
    }

    /** Moves some of it: of two who want the last one gets it, the other is told. */
    public Outcome move(long id, Why why, long amount) {
        if (shelf.lock(covers.workroom(), id).isEmpty()) {
            return Outcome.GONE;
        }
        Kept kept = find(id).orElseThrow();
        long after = kept.stock() + amount;
        if (!why.allows(amount)
                || after < 0
                || after > kept.thing().kind().counted().most()) {
            return Outcome.NOT_SO_MUCH;
        }
        shelf.move(covers.workroom(), id, why.name(), amount, 0);
        return Outcome.MOVED;
    }

    /** Undoes a movement, once. */
    public Outcome undo(long id, long movement) {
        if (shelf.lock(covers.workroom(), id).isEmpty()) {
            return Outcome.GONE;
        }
        List<Movement> all = movements(id).stream().map(Moved::movement).toList();
        Optional<Movement> wrong =
                all.stream().filter(each -> each.id() == movement).findFirst();
        if (wrong.isEmpty()) {
            return Outcome.GONE;
        }
        if (!wrong.get().canBeUndone(all)) {
            return Outcome.NOT_SO_MUCH;
        }
        shelf.move(covers.workroom(), id, Why.UNDONE.name(), -wrong.get().amount(), movement);
        return Outcome.MOVED;
    }

    /** Takes some of a thing off for a cover or a set that is cut; false where there is not so much. */
    public boolean takeFor(Owner owner, long id, long amount) {
        boolean taken = move(id, Why.USED, -amount) == Outcome.MOVED;
        if (taken) {
            shelf.noteTaken(covers.workroom(), id, owner.isSet(), owner.id());
        }
        return taken;
    }

    /** Lays one of a thing on the shelf that was left when a cover or a set was cut, where there is room. */
    public void leaveFor(Owner owner, Thing thing) {
        long workroom = covers.workroom();
        if (shelf.count(workroom) < MOST) {
            long id = shelf.insert(workroom, row(0, thing));
            shelf.move(workroom, id, Why.LEFT_OVER.name(), 1, 0);
            shelf.noteTaken(workroom, id, owner.isSet(), owner.id());
        }
    }

    /** Whether anything was taken off for it and not given back. */
    @Transactional(readOnly = true)
    public boolean hasTakenFor(Owner owner) {
        return !shelf.taken(covers.workroom(), owner.isSet(), owner.id()).isEmpty();
    }

    /** Puts back what was taken off for a cover or a set that is not cut after all, and takes off what was left. */
    public void giveBack(Owner owner) {
        for (TakenRow row : shelf.taken(covers.workroom(), owner.isSet(), owner.id())) {
            boolean undone = undo(row.thing(), row.movement()) == Outcome.MOVED;
            if (undone && row.isLeft()) {
                putAway(row.thing(), true);
            }
        }
    }
}
