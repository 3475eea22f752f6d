package app.dapt.web.make;

import app.dapt.make.Job;
import app.dapt.make.Sitting;
import app.dapt.measure.Phrase;
import app.dapt.web.progress.NextSitting;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.SetStore;
import app.dapt.web.workroom.WorkStore;
import app.dapt.web.workroom.WorkTimeStore;
import app.dapt.words.Words;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The next sitting of what was worked on last and is not done: of the set it belongs to, where it belongs to one. */
@Component
class NextSittings implements NextSitting {

    private static final int MOST_STOPS = 3;

    /** Of so many it is looked for something that is left to do. */
    private static final int MOST_COVERS = 4;

    private final Batches batches;
    private final WorkStore work;
    private final SetStore sets;
    private final WorkTimeStore times;
    private final Wording wording;
    private final Clock clock;

    NextSittings(Batches batches, WorkStore work, SetStore sets, WorkTimeStore times, Wording wording, Clock clock) {
        this.clock = clock;
        this.batches = batches;
        this.work = work;
        this.sets = sets;
        this.times = times;
        this.wording = wording;
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Shown> of(Reader reader) {
        return work.latest(MOST_COVERS).stream()
                .map(cover -> sitting(batch(cover, reader), reader))
                .flatMap(Optional::stream)
                .findFirst();
    }

    private Batch batch(long cover, Reader reader) {
        return sets.members().entrySet().stream()
                .filter(set -> set.getValue().contains(cover))
                .map(Map.Entry<Long, Set<Long>>::getKey)
                .sorted()
                .findFirst()
                .map(set -> batches.find("sets", set, reader))
                .orElseGet(() -> batches.find("covers", cover, reader));
    }

    private Optional<Shown> sitting(Batch batch, Reader reader) {
        Calendar calendar = Calendar.of(batch, times.find(batch.owner()), LocalDateTime.now(clock));
        Words words = wording.words(reader);
        return calendar.sittings().stream()
                .findFirst()
                .map(first -> new Shown(
                        calendar.starts().stream()
                                .findFirst()
                                .map(start -> words.say("next.when", Days.at(start, reader.locale())))
                                .orElseGet(() -> words.say("next.now")),
                        WhenPage.length(first, words),
                        batch.name(),
                        stops(first, batch, words),
                        batch.owner().path() + "/make"));
    }

    private static List<Stop> stops(Sitting sitting, Batch batch, Words words) {
        List<List<Job>> visits = new ArrayList<>();
        for (Job job : sitting.jobs()) {
            boolean stays = !visits.isEmpty()
                    && visits.get(visits.size() - 1).get(0).step().place()
                            == job.step().place();
            if (!stays) {
                visits.add(new ArrayList<>());
            }
            visits.get(visits.size() - 1).add(job);
        }
        return visits.stream()
                .limit(MOST_STOPS)
                .map(jobs -> new Stop(
                        words.say(Phrase.choice("place", jobs.get(0).step().place())),
                        words.say("time.minutes", Math.max(1, Math.round(minutes(jobs, batch)))),
                        String.join(
                                ", ",
                                jobs.stream()
                                        .map(job -> words.say(job.step().briefly()))
                                        .distinct()
                                        .toList())))
                .toList();
    }

    private static double minutes(List<Job> jobs, Batch batch) {
        return jobs.stream().mapToDouble(batch::minutes).sum();
    }
}
