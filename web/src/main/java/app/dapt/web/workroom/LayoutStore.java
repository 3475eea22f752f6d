package app.dapt.web.workroom;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Scrap;
import app.dapt.files.BadPlanFile;
import app.dapt.files.cloth.LayoutChoicesJson;
import app.dapt.layout.LayoutChoices;
import app.dapt.measure.Unit;
import app.dapt.web.workroom.LayoutMapper.AtHandRow;
import app.dapt.web.workroom.LayoutMapper.LayoutRow;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * How the cloths of covers and sets are laid, with every change kept for undo. A change says what is different from
 * before and waits for its cover or set first, so that what two tabs change at once is kept from both.
 */
@Service
@Transactional
public class LayoutStore {

    /** For a change that is right whatever else was changed meanwhile. */
    public static final long ANY_VERSION = -1;

    /**
     * A cloth on a table.
     *
     * @param members what it is called in the covers that are cut from it, {@code cover.cloth}
     * @param onTable the same of every cloth on that table
     */
    public record Place(Owner owner, Cloth cloth, List<String> members, List<String> onTable, Unit unit) {}

    /**
     * What was decided of one cloth.
     *
     * @param version goes up with every change, undo and redo; nought where nothing was changed yet
     */
    public record Stored(LayoutChoices choices, long version) {}

    private final LayoutMapper lays;
    private final CoverStore covers;
    private final SetStore sets;

    LayoutStore(LayoutMapper lays, CoverStore covers, SetStore sets) {
        this.lays = lays;
        this.covers = covers;
        this.sets = sets;
    }

    @Transactional(readOnly = true)
    public Stored find(Place place) {
        return lays.find(covers.workroom(), cover(place), set(place), joined(place.members()), joined(place.onTable()))
                .map(row -> stored(row, place))
                .orElseGet(() -> new Stored(LayoutChoices.usual(place.cloth(), place.unit()), 0));
    }

    /**
     * @param version the one the asking page was made from, or {@link #ANY_VERSION}
     * @throws Stale      when it was changed elsewhere since
     * @throws CannotKeep when what comes of it would not read back
     */
    public Stored change(Place place, long version, UnaryOperator<LayoutChoices> change) {
        LayoutRow row = lock(place, version);
        LayoutChoices before = stored(row, place).choices();
        LayoutChoices after = change.apply(before);
        if (!after.equals(before)) {
            String text = kept(after, place.unit());
            lays.dropAfter(row.id(), row.revision());
            if (row.revision() - row.first() >= CoverStore.MOST_REVISIONS) {
                lays.dropUpTo(row.id(), row.revision() - CoverStore.KEPT_REVISIONS);
            }
            lays.putRevision(row.id(), row.revision() + 1, text);
            lays.move(covers.workroom(), row.id(), row.revision() + 1, joined(place.members()));
        }
        return find(place);
    }

    /** The cloths that are cut from remnants, by cover. */
    @Transactional(readOnly = true)
    public Map<Long, Set<Integer>> atHand() {
        return lays.atHand(covers.workroom()).stream()
                .map(member -> member.split("\\."))
                .collect(Collectors.groupingBy(
                        member -> Long.valueOf(member[0]),
                        Collectors.mapping(member -> Integer.valueOf(member[1]), Collectors.toSet())));
    }

    /**
     * A cloth that is cut from what is at hand.
     *
     * @param owner    whose table it lies on
     * @param members  what it is called there, {@code cover.cloth}
     * @param remnants what there is of it
     */
    public record CutFromRemnants(Owner owner, Set<String> members, List<Scrap> remnants) {}

    /** The cloths that are cut from what is at hand, for covers and for sets. */
    @Transactional(readOnly = true)
    public List<CutFromRemnants> fromRemnants() {
        List<CutFromRemnants> all = new ArrayList<>();
        for (AtHandRow row : lays.onRemnants(covers.workroom())) {
            Owner owner = row.setId() != null
                    ? Owner.set(row.setId())
                    : Owner.cover(Objects.requireNonNull(row.coverId(), "a cover's or a set's"));
            try {
                List<Scrap> remnants = LayoutChoicesJson.read(row.plan()).remnants();
                all.add(new CutFromRemnants(owner, Set.of(row.members().split(",")), remnants));
            } catch (BadPlanFile usual) {
                // It is off the bolt again, as its table says.
            }
        }
        return all;
    }

    /**
     * When what can be undone was decided, or what can be redone.
     *
     * @param by -1 for undo, 1 for redo
     */
    @Transactional(readOnly = true)
    public Optional<Instant> made(Place place, int by) {
        return row(place)
                .filter(row -> by > 0 || row.canUndo())
                .flatMap(row -> lays.made(row.id(), row.revision() + Math.max(0, by)));
    }

    public Stored undo(Place place, long version) {
        return step(place, version, -1);
    }

    public Stored redo(Place place, long version) {
        return step(place, version, 1);
    }

    private Stored step(Place place, long version, int by) {
        LayoutRow row = lock(place, version);
        int to = row.revision() + by;
        if (to <= row.last() && (by > 0 || row.canUndo())) {
            lays.move(covers.workroom(), row.id(), to, joined(place.members()));
        }
        return find(place);
    }

    /** @throws Stale when it was changed since the asking page was made */
    @Transactional(readOnly = true)
    public void isAsked(Place place, long version) {
        if (version != ANY_VERSION && find(place).version() != version) {
            throw new Stale("lay of " + place.owner());
        }
    }

    /** Waits for the cover or the set, which fails where it is not of this workroom; then reads, or begins, the lay. */
    private LayoutRow lock(Place place, long version) {
        if (place.owner().isSet()) {
            sets.lock(place.owner().id());
        } else {
            covers.lock(place.owner().id());
        }
        isAsked(place, version);
        return row(place).orElseGet(() -> {
            lays.insert(covers.workroom(), cover(place), set(place), joined(place.members()));
            return row(place).orElseThrow(() -> new IllegalStateException("no lay of " + place.owner()));
        });
    }

    private Optional<LayoutRow> row(Place place) {
        return lays.find(covers.workroom(), cover(place), set(place), joined(place.members()), joined(place.onTable()));
    }

    private static String joined(List<String> members) {
        return String.join(",", members);
    }

    private static Long cover(Place place) {
        return place.owner().isSet() ? null : place.owner().id();
    }

    private static Long set(Place place) {
        return place.owner().isSet() ? place.owner().id() : null;
    }

    private static String kept(LayoutChoices choices, Unit unit) {
        try {
            return LayoutChoicesJson.kept(choices, unit);
        } catch (BadPlanFile e) {
            throw new CannotKeep(e);
        }
    }

    /** Decisions that do not read are the usual ones again; the revisions before them are there to go back to. */
    private static Stored stored(LayoutRow row, Place place) {
        LayoutChoices usual = LayoutChoices.usual(place.cloth(), place.unit());
        LayoutChoices choices;
        try {
            choices = row.plan() == null ? usual : LayoutChoicesJson.read(row.plan());
        } catch (BadPlanFile e) {
            choices = usual;
        }
        return new Stored(choices, row.version());
    }
}
