package app.dapt.web.calendar;

import app.dapt.schedule.Schedule.Sitting;
import app.dapt.web.calendar.WorkPlan.Part;
import app.dapt.web.progress.NextSitting;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.words.Words;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The next sitting of all that is in work. */
@Component
class NextSittings implements NextSitting {

    private static final int MOST_STOPS = 3;

    private final WorkPlans plans;
    private final Wording wording;

    NextSittings(WorkPlans plans, Wording wording) {
        this.plans = plans;
        this.wording = wording;
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Shown> of(Reader reader) {
        WorkPlan plan = plans.find(reader);
        SittingWords words = new SittingWords(plan, wording.words(reader), reader.locale());
        return plan.schedule().sittings().stream().findFirst().map(first -> shown(first, plan, words));
    }

    private static Shown shown(Sitting first, WorkPlan plan, SittingWords words) {
        List<Part> parts = plan.parts(first);
        Words w = words.w();
        return new Shown(
                plan.isDated() ? w.say("next.when", words.when(first)) : w.say("next.now"),
                words.length(first),
                w.list(parts.stream()
                        .map(part -> part.work().batch().name())
                        .distinct()
                        .toList()),
                parts.stream()
                        .limit(MOST_STOPS)
                        .map(part -> new Stop(
                                words.place(part.place()),
                                w.say("time.minutes", Math.max(1, Math.round(part.minutes()))),
                                words.steps(part.jobs())))
                        .toList(),
                parts.get(0).work().batch().owner().path() + "/make");
    }
}
