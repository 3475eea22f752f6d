package app.dapt.schedule;

import app.dapt.make.Job;
import app.dapt.step.Place;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/**
 * All that is in work, in sittings.
 *
 * @param sittings  one after the other, each within a time there is
 * @param due       of each that has a day
 * @param keptBound no order keeps more of these days
 * @param left      what fits into no time there is, with all that needs it
 */
public record Schedule(List<Sitting> sittings, List<Due> due, int keptBound, List<Job> left) {

    /** One job and how long it takes. */
    public record Timed(Job job, double minutes) {}

    /**
     * What is done in one go.
     *
     * @param work in order
     */
    public record Sitting(LocalDateTime start, List<Timed> work) {

        public Sitting {
            work = List.copyOf(work);
        }

        /** Minutes to set up each place and to clear it again. */
        public int settingUp() {
            return work.stream()
                    .map(timed -> timed.job().step().place())
                    .distinct()
                    .mapToInt(Place::settingUp)
                    .sum();
        }

        /** Minutes it takes, setting up and clearing included. */
        public double minutes() {
            return settingUp() + handsOn();
        }

        /** Minutes of work. */
        public double handsOn() {
            return work.stream().mapToDouble(Timed::minutes).sum();
        }

        public LocalDate day() {
            return start.toLocalDate();
        }
    }

    /**
     * What is to be done by a day.
     *
     * @param number which it is, from nought
     * @param done  the day it is done; nothing where it never is, as something of it fits into no time there is
     */
    public record Due(int number, LocalDate day, Optional<LocalDate> done) {

        public boolean isKept() {
            return done.filter(on -> !on.isAfter(day)).isPresent();
        }
    }

    public Schedule {
        sittings = List.copyOf(sittings);
        due = List.copyOf(due);
        left = List.copyOf(left);
    }

    /** How many of the days are kept. */
    public int kept() {
        return (int) due.stream().filter(Due::isKept).count();
    }

    /** Whether it is proven that no order keeps more of them. */
    public boolean isProved() {
        return kept() == keptBound;
    }
}
