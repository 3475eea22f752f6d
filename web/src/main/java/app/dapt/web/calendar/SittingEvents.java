package app.dapt.web.calendar;

import app.dapt.files.log.CalendarFile;
import app.dapt.schedule.Schedule.Sitting;
import app.dapt.web.workroom.WorkTimes;
import app.dapt.words.Words;
import java.util.List;
import java.util.Locale;

/** Sittings as events of a calendar. */
record SittingEvents(WorkPlan plan, Words w, Locale locale) {

    /** One event a sitting, by the same id whichever file it stands in; none where sittings have no days. */
    List<CalendarFile.Event> of(List<Sitting> sittings) {
        return plan.isDated() ? sittings.stream().map(this::event).toList() : List.of();
    }

    private CalendarFile.Event event(Sitting sitting) {
        List<String> names = plan.shares(sitting).keySet().stream()
                .map(number -> plan.works().get(number).batch().name())
                .toList();
        return new CalendarFile.Event(
                "sitting-" + sitting.start().toString().replace(':', '-') + "@dapt",
                sitting.start(),
                sitting.start().plusMinutes(Math.max(WorkTimes.LEAST_MINUTES, Math.round(sitting.minutes()))),
                w.say("when.event", w.list(names)),
                new SittingWords(plan, w, locale).lines(sitting));
    }
}
