package app.dapt.web.make;

import app.dapt.make.Job;
import app.dapt.make.Mishap;
import app.dapt.make.Repair;
import app.dapt.measure.Phrase;
import app.dapt.web.progress.Batch;
import app.dapt.web.wording.Minutes;
import app.dapt.words.Words;
import java.util.List;

/** What can have gone wrong at a step, ready for its template. */
public record WrongPage(Batch batch, Job job, Words w) {

    private static final int FEW = 4;

    /** One thing, and what it takes. */
    public record Line(String code, String name, List<String> takes, List<String> ways) {}

    public String path() {
        return batch.owner().path();
    }

    public String name() {
        return batch.name();
    }

    public String key() {
        return batch.key(job);
    }

    public String says() {
        return w.say(job.step().says());
    }

    public List<Line> lines() {
        return batch.mayGoWrong(job).stream().map(this::line).toList();
    }

    private Line line(Mishap.Kind kind) {
        Repair repair = batch.repair(kind, job);
        return new Line(
                Phrase.code(kind),
                w.say(kind.says()),
                takes(repair),
                repair.ways().stream().map(w::say).toList());
    }

    private List<String> takes(Repair repair) {
        List<String> again = repair.again().stream()
                .map(step -> w.say(step.briefly()))
                .distinct()
                .toList();
        String unpick = repair.unpicked().isPositive()
                ? w.say("wrong.unpick", repair.unpicked())
                : w.say("wrong.nothing-to-unpick");
        String comes = again.isEmpty()
                ? w.say("wrong.nothing-again")
                : again.size() > FEW
                        ? w.say("wrong.again-more", w.list(again.subList(0, FEW)), again.size() - FEW)
                        : w.say("wrong.again", w.list(again));
        return List.of(unpick, comes, w.say("make.about", Minutes.about(minutes(repair), w)));
    }

    private double minutes(Repair repair) {
        return repair.unpicking()
                + repair.again().stream()
                        .mapToDouble(step -> batch.minutes(job, step))
                        .sum();
    }
}
