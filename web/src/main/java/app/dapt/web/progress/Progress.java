package app.dapt.web.progress;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoner;
import app.dapt.learning.Pace;
import app.dapt.make.CoverSteps;
import app.dapt.make.DoneSteps;
import app.dapt.make.Job;
import app.dapt.make.Mishap;
import app.dapt.make.WorkOrder;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.step.Milestone;
import app.dapt.step.Step;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.Cover;
import app.dapt.web.workroom.Tick;
import app.dapt.words.Words;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** How far the making of covers has come, and what is done next of each. */
@Component
public class Progress {

    private static final int MOST = 500;

    /**
     * How far one has come.
     *
     * @param stage how many of the milestones are behind it
     * @param next  what is done next, and where; nothing once all is done
     */
    public record At(int stage, Optional<String> next, String where) {}

    private record Asked(CoverPlan plan, Mark mark, List<Mishap> mishaps) {}

    private final Cache<Asked, List<Step>> orders =
            Caffeine.newBuilder().maximumSize(MOST).build();
    private final Wording wording;

    Progress(Wording wording) {
        this.wording = wording;
    }

    /**
     * Of a cover of which something is done; nothing where nothing is.
     *
     * @param atCut   the plan it was cut by, where it is cut
     * @param mishaps what went wrong with it
     * @param pace    of whoever makes it
     */
    public Optional<At> of(
            Cover cover,
            Map<String, Tick> ticks,
            Optional<CoverPlan> atCut,
            List<Mishap> mishaps,
            Pace pace,
            Reader reader) {
        Set<String> said = Tick.said(ticks.values(), true);
        if (said.isEmpty()) {
            return Optional.empty();
        }
        Mark mark = reader.mark(cover.plan());
        Words words = wording.words(reader, mark);
        List<Step> steps = orders.get(new Asked(cover.plan(), mark, mishaps), Progress::inOrder);
        Set<String> done = DoneSteps.of(steps, said, Tick.said(ticks.values(), false));
        Optional<CutState.Changed> changed = atCut.filter(plan -> !plan.equals(cover.plan()))
                .flatMap(plan -> CutState.of(Reckoner.reckonWithoutRemedies(cover.plan(), mark), atCut, ticks.values())
                        .changed(cover.id(), words));
        if (changed.isPresent()) {
            return Optional.of(new At(stage(steps, done), Optional.of(again(changed.get(), words)), ""));
        }
        Optional<Step> next =
                steps.stream().filter(step -> !done.contains(step.id())).findFirst();
        return Optional.of(new At(
                stage(steps, done),
                next.map(step -> words.say(step.briefly())),
                next.map(step -> words.say("make.where." + Phrase.code(step.place()))
                                + ", "
                                + words.say(
                                        "time.minutes",
                                        Math.max(1, Math.round(pace.minutes(step.place(), step.minutes())))))
                        .orElse("")));
    }

    /** What a cover is to be done again of, as it is planned otherwise since it was cut. */
    private static String again(CutState.Changed changed, Words words) {
        return changed.anew().isEmpty()
                ? words.say("covers.again", words.list(changed.lapsed()))
                : words.say("covers.cut-again", words.list(changed.anew()));
    }

    private static List<Step> inOrder(Asked asked) {
        return WorkOrder.of(List.of(Mishap.into(
                        CoverSteps.of(Reckoner.reckonWithoutRemedies(asked.plan(), asked.mark())), asked.mishaps())))
                .jobs()
                .stream()
                .map(Job::step)
                .toList();
    }

    /** The last milestone all of whose steps are done; what was said of those before it is no matter. */
    private static int stage(List<Step> steps, Set<String> done) {
        return Stream.of(Milestone.values())
                .filter(milestone -> steps.stream()
                        .filter(step -> step.milestone().equals(Optional.of(milestone)))
                        .allMatch(step -> done.contains(step.id())))
                .mapToInt(milestone -> List.of(Milestone.values()).indexOf(milestone) + 1)
                .max()
                .orElse(0);
    }
}
