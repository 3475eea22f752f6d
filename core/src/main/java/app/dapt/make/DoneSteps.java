package app.dapt.make;

import app.dapt.step.Step;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Which steps of a cover are done. */
public final class DoneSteps {

    private DoneSteps() {}

    /**
     * Those that were said to be; and what is done to a fabric before it is cut, or laid out for the work, of which
     * nothing was said, once what needs it is done: it was done with another cover, or is plain from the rest.
     *
     * @param steps  each after those it needs
     * @param done   ids of those that were said to be done
     * @param undone ids of those that were said not to be
     */
    public static Set<String> of(List<Step> steps, Set<String> done, Set<String> undone) {
        Map<String, Step> byId = new HashMap<>();
        steps.forEach(step -> byId.put(step.id(), step));
        Set<String> all = new HashSet<>(done);
        for (int i = steps.size() - 1; i >= 0; i--) {
            if (all.contains(steps.get(i).id())) {
                steps.get(i).needs().stream()
                        .filter(need -> !undone.contains(need))
                        .filter(need -> Optional.ofNullable(byId.get(need))
                                .filter(step -> step.pieces().isEmpty())
                                .isPresent())
                        .forEach(all::add);
            }
        }
        return all;
    }
}
