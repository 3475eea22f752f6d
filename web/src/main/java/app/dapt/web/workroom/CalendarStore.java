package app.dapt.web.workroom;

import app.dapt.web.workroom.CalendarMapper.InWorkRow;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is in work in this workroom, in which order, and the days on which nobody sews. */
@Service
@Transactional
public class CalendarStore {

    /** Of so many covers and sets it is planned when they are made. */
    public static final int MOST = 60;

    /** So many days off are kept. */
    public static final int MOST_DAYS_OFF = 200;

    private static final int MOST_OTHERS = 200;

    private final CalendarMapper calendar;
    private final CoverStore covers;

    CalendarStore(CalendarMapper calendar, CoverStore covers) {
        this.calendar = calendar;
        this.covers = covers;
    }

    /**
     * A cover or a set that is in work: it has a day, or is begun, or somebody gave it a place.
     *
     * @param due      of a set the earliest of its own and its covers' days
     * @param isPlaced whether somebody gave it a place in the order
     */
    public record InWork(Owner owner, Optional<LocalDate> due, boolean isPlaced) {}

    /** By their days, then by the places they were given. */
    @Transactional(readOnly = true)
    public List<InWork> inWork() {
        return calendar.inWork(covers.workroom(), MOST).stream()
                .map(CalendarStore::inWork)
                .toList();
    }

    private static InWork inWork(InWorkRow row) {
        return new InWork(
                row.isSet() ? Owner.set(row.id()) : Owner.cover(row.id()),
                Optional.ofNullable(row.due()),
                row.workRank() > 0);
    }

    /** A cover by itself or a set, by its name. */
    public record Named(Owner owner, String name) {}

    /** Sets, and covers by themselves, in work or not; of the covers those that were changed last. */
    @Transactional(readOnly = true)
    public List<Named> others() {
        return calendar.others(covers.workroom(), MOST_OTHERS).stream()
                .map(row -> new Named(row.isSet() ? Owner.set(row.id()) : Owner.cover(row.id()), row.name()))
                .toList();
    }

    /** When something was ticked last; nothing where nothing ever was. */
    @Transactional(readOnly = true)
    public Optional<Instant> lastTick() {
        return Optional.ofNullable(calendar.lastTick(covers.workroom()));
    }

    /** Gives these their places, in this order; those that are gone are passed over. */
    public void order(List<Owner> owners) {
        for (int at = 0; at < owners.size(); at++) {
            place(owners.get(at), at + 1);
        }
    }

    /** Takes the place from one; it stays in work where it is begun or has a day. */
    public void leave(Owner owner) {
        place(owner, 0);
    }

    private void place(Owner owner, int rank) {
        if (owner.isSet()) {
            calendar.placeSet(covers.workroom(), owner.id(), rank);
        } else {
            calendar.placeCover(covers.workroom(), owner.id(), rank);
        }
    }

    @Transactional(readOnly = true)
    public Set<LocalDate> daysOff() {
        return new TreeSet<>(calendar.daysOff(covers.workroom()));
    }

    /** Keeps these and no others. */
    public void keepDaysOff(Collection<LocalDate> days) {
        calendar.clearDaysOff(covers.workroom());
        days.forEach(day -> calendar.dayOff(covers.workroom(), day));
    }
}
