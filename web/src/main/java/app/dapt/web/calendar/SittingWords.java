package app.dapt.web.calendar;

import app.dapt.make.Job;
import app.dapt.measure.Phrase;
import app.dapt.schedule.Schedule.Sitting;
import app.dapt.step.Place;
import app.dapt.web.calendar.WorkPlan.Part;
import app.dapt.web.wording.Minutes;
import app.dapt.words.Words;
import java.util.Collection;
import java.util.List;
import java.util.Locale;

/** How a sitting is said. */
record SittingWords(WorkPlan plan, Words w, Locale locale) {

    /** When it is; which one, where there are no days. */
    String when(Sitting sitting) {
        return plan.isDated()
                ? Days.at(sitting.start(), locale)
                : w.say("when.sitting", plan.schedule().sittings().indexOf(sitting) + 1);
    }

    /** How long it takes, setting up said as such: {@code 52 min, 8 min of it setting up}. */
    String length(Sitting sitting) {
        return w.say("when.of-it", Minutes.exactly(Math.round(sitting.minutes()), w), sitting.settingUp());
    }

    String place(Place place) {
        return w.say(Phrase.choice("place", place));
    }

    /** The same work on several pieces is said once. */
    String steps(Collection<Job> jobs) {
        return String.join(
                ", ",
                jobs.stream().map(job -> w.say(job.step().briefly())).distinct().toList());
    }

    /** What is done, place by place, and of what where there is more than one thing. */
    List<String> lines(Sitting sitting) {
        return plan.parts(sitting).stream().map(this::line).toList();
    }

    private String line(Part part) {
        String said = place(part.place()) + ": " + steps(part.jobs());
        return plan.works().size() > 1
                ? w.say("calendar.part", said, part.work().batch().name())
                : said;
    }
}
