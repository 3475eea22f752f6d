package app.dapt.make;

import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.step.Effort;
import app.dapt.step.Handled;
import app.dapt.step.Labour;
import app.dapt.step.Place;
import app.dapt.step.Step;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Something that went wrong at a step and has to be put right before the step comes again.
 *
 * @param id       unlike that of any other of its cover
 * @param step     id of the step it happened at
 * @param unpicked how much stitching comes out again
 * @param minutes  that it takes to put it right, without the steps that come again
 */
public record Mishap(String id, Kind kind, String step, Length unpicked, double minutes) {

    private static final String PUT_RIGHT = "put-right";

    /** What can go wrong. */
    public enum Kind {
        /** Sewn to the wrong side. */
        WRONG_SIDE,
        /** Laid down in the wrong order. */
        WRONG_ORDER,
        CUT_SMALL,
        /** A row that ran off the edge, or missed a layer. */
        RAN_OFF,
        /** Turned, folded or hemmed the wrong way. */
        TURNED_WRONG,
        /** Of cloth or of trim. */
        RAN_OUT,
        ZIP_SHUT;

        /** What it is called. */
        public Phrase says() {
            return Phrase.choice("mishap", this);
        }
    }

    /** The steps with those that put mishaps right, each before the step that comes again. */
    public static List<Step> into(List<Step> steps, List<Mishap> mishaps) {
        List<Step> all = new ArrayList<>(steps);
        for (Mishap mishap : mishaps) {
            Optional<Step> at =
                    all.stream().filter(step -> step.id().equals(mishap.step)).findFirst();
            at.ifPresent(step -> {
                int index = all.indexOf(step);
                all.set(index, step.after(mishap.stepId()));
                all.add(index, mishap.puttingRight(step));
            });
        }
        return all;
    }

    /** Whether a step is there to put something right. */
    public static boolean isPuttingRight(Step step) {
        return step.id().startsWith(PUT_RIGHT + "-");
    }

    /** The id of the step that puts it right. */
    public String stepId() {
        return PUT_RIGHT + "-" + id + "/" + (unpicked.isPositive() ? "unpick-mishap" : PUT_RIGHT);
    }

    private Step puttingRight(Step at) {
        boolean unpicks = unpicked.isPositive();
        return new Step(
                stepId(),
                unpicks ? Place.HAND : Place.TABLE,
                unpicks ? "unpick-mishap" : PUT_RIGHT,
                unpicks ? List.of(at.briefly(), unpicked) : List.of(at.briefly(), kind.says()),
                List.of(),
                List.of(Phrase.of("mishap.how." + Phrase.code(kind))),
                false,
                false,
                List.of(),
                Optional.empty(),
                at.pieces(),
                at.needs(),
                List.of(),
                new Labour(Effort.LAY, minutes, Length.ZERO),
                false,
                new Handled(at.pile(), List.of()),
                Optional.empty());
    }

    /** The ids of a step and of those that are done and rest on it: what has to be undone with it. */
    static Set<String> restingOn(Step at, List<Step> steps, Set<String> done) {
        Set<String> reached = new LinkedHashSet<>(Set.of(at.id()));
        for (Step step : steps) {
            if (step.needs().stream().anyMatch(reached::contains)) {
                reached.add(step.id());
            }
        }
        reached.removeIf(id -> !id.equals(at.id()) && !done.contains(id));
        return reached;
    }
}
