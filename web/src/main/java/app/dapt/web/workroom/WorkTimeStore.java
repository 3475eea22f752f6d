package app.dapt.web.workroom;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** When there is time to sew in this workroom, and by when a cover or a set is to be done. */
@Service
@Transactional
public class WorkTimeStore {

    private final WorkTimeMapper times;
    private final CoverStore covers;

    WorkTimeStore(WorkTimeMapper times, CoverStore covers) {
        this.times = times;
        this.covers = covers;
    }

    /** When there is time, whatever is to be done. */
    @Transactional(readOnly = true)
    public WorkTimes week() {
        return find(Optional.empty());
    }

    /** When there is time, and by when something is to be done. */
    @Transactional(readOnly = true)
    public WorkTimes find(Owner owner) {
        return find(
                owner.isSet()
                        ? times.setDue(covers.workroom(), owner.id())
                        : times.coverDue(covers.workroom(), owner.id()));
    }

    private WorkTimes find(Optional<LocalDate> due) {
        long workroom = covers.workroom();
        Map<DayOfWeek, WorkTimes.Slot> week = new EnumMap<>(DayOfWeek.class);
        times.times(workroom)
                .forEach(row -> week.put(DayOfWeek.of(row.weekday()), new WorkTimes.Slot(row.starts(), row.minutes())));
        return new WorkTimes(week, times.atATime(workroom), due);
    }

    /** Keeps them, all at once. */
    public void keep(Owner owner, WorkTimes kept) {
        keepWeek(kept);
        keepDue(owner, kept.due());
    }

    /** Keeps by when something is to be done; nothing where there is no such day any more. */
    public void keepDue(Owner owner, Optional<LocalDate> due) {
        due.ifPresentOrElse(by -> by(owner, by), () -> whenever(owner));
    }

    /** Keeps when there is time. */
    public void keepWeek(WorkTimes kept) {
        long workroom = covers.workroom();
        times.lock(workroom);
        times.clear(workroom);
        kept.week().forEach((day, slot) -> times.put(workroom, day.getValue(), slot));
        times.sit(workroom, kept.atATime());
    }

    private void by(Owner owner, LocalDate day) {
        if (owner.isSet()) {
            times.setBy(covers.workroom(), owner.id(), day);
        } else {
            times.coverBy(covers.workroom(), owner.id(), day);
        }
    }

    private void whenever(Owner owner) {
        if (owner.isSet()) {
            times.setWhenever(covers.workroom(), owner.id());
        } else {
            times.coverWhenever(covers.workroom(), owner.id());
        }
    }
}
