package app.dapt.web.log;

import app.dapt.cover.Reckoner;
import app.dapt.make.CoverSteps;
import app.dapt.step.Step;
import app.dapt.web.wording.OwnWords;
import app.dapt.web.workroom.Logged;
import app.dapt.web.workroom.MishapStore;
import app.dapt.web.workroom.Tick;
import app.dapt.web.workroom.WorkStore;
import app.dapt.words.Words;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What went wrong while a cover of the log was made, and what was passed there without a yes. */
@Component
class WentWrong {

    private final MishapStore mishaps;
    private final WorkStore work;

    WentWrong(MishapStore mishaps, WorkStore work) {
        this.mishaps = mishaps;
        this.work = work;
    }

    /** A line for each; none once the cover itself is gone. */
    List<String> of(Logged logged, Words w) {
        return logged.cover().map(cover -> of(cover, logged, w)).orElse(List.of());
    }

    private List<String> of(long cover, Logged logged, Words w) {
        List<Step> steps =
                CoverSteps.of(Reckoner.reckonWithoutRemedies(logged.entry().plan(), w.mark()));
        Map<String, Tick> ticks = work.ticks(List.of(cover)).getOrDefault(cover, Map.of());
        Stream<String> wrong = mishaps.remembered().stream()
                .filter(mishap -> mishap.cover() == cover)
                .map(mishap -> OwnWords.after(
                        w.say(
                                "log.wrong",
                                step(mishap.step(), steps, w),
                                mishap.kind().says()),
                        mishap.note(),
                        w));
        Stream<String> open = steps.stream()
                .filter(step -> Optional.ofNullable(ticks.get(step.id()))
                        .filter(tick -> tick.done() && tick.passed())
                        .isPresent())
                .map(step -> w.say("log.left-open", w.say(step.briefly())));
        return Stream.concat(wrong, open).toList();
    }

    private static String step(String id, List<Step> steps, Words w) {
        return steps.stream()
                .filter(step -> step.id().equals(id))
                .findFirst()
                .map(step -> w.say(step.briefly()))
                .orElse(w.say("log.a-step"));
    }
}
