package app.dapt.make;

import app.dapt.cover.Reckoned;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.drawing.PiecesDrawing;
import app.dapt.drawing.Sheet;
import app.dapt.measure.Phrase;
import app.dapt.step.Step;
import app.dapt.workpiece.Move;
import app.dapt.workpiece.Stack;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What lies on the table at the steps of a cover that are about all of it: every piece, the bag, the cover turned out.
 *
 * @param after    what is seen after a step, by its id, where its pieces as they were cut do not tell more
 * @param mistakes the back of the cover that would come of it if what a step lays down were laid down in the other
 *                 order, where that is not all the same
 */
public record StepPictures(Map<String, Sheet> after, Map<String, Sheet> mistakes) {

    /** What is done to the whole cover once it is sewn round. */
    private static final String COVER = "cover/";

    /** Steps that show what is laid down for the seam. */
    private static final Set<String> LAID = Set.of("french-first", "check-caught");

    public StepPictures {
        after = Map.copyOf(after);
        mistakes = Map.copyOf(mistakes);
    }

    /** Those of a cover whose steps are these. */
    public static StepPictures of(Reckoned reckoned, List<Step> steps) {
        Map<String, Sheet> after = new HashMap<>();
        Map<String, Sheet> mistakes = new HashMap<>();
        Optional<PaperSewing> sewing = PaperSewing.of(reckoned, steps);
        for (Step step : steps) {
            if (step.does().equals(CuttingSteps.CHECK)) {
                after.put(step.id(), PiecesDrawing.of(reckoned.pieces()));
            }
            sewing.filter(paper -> isPuttingTogether(step))
                    .flatMap(paper -> paper.lying(step))
                    .ifPresent(stack -> after.put(step.id(), StackDrawing.named(stack, reckoned.pieces())));
            sewing.filter(paper -> isOfTheWhole(step))
                    .flatMap(paper -> paper.after(step))
                    .ifPresent(cover -> after.put(step.id(), drawn(cover, reckoned)));
            sewing.filter(paper -> step.trap())
                    .flatMap(paper -> paper.otherWayRound(step))
                    .filter(wrong -> !wrong.comesTo().isAsPlanned())
                    .ifPresent(wrong -> mistakes.put(
                            step.id(), StackDrawing.of(wrong.cover(), reckoned.pieces(), Phrase.of("sewn.mistake"))));
        }
        // What is put right is what came of it.
        steps.stream().filter(step -> mistakes.containsKey(step.id())).forEach(step -> step.needs().stream()
                .filter(need -> steps.stream().anyMatch(each -> each.id().equals(need) && Mishap.isPuttingRight(each)))
                .forEach(need -> after.put(need, mistakes.get(step.id()))));
        return new StepPictures(after, mistakes);
    }

    private static boolean isPuttingTogether(Step step) {
        return step.moves().stream()
                .anyMatch(move -> move instanceof Move.Open || move instanceof Move.Line || move instanceof Move.Bind);
    }

    private static boolean isOfTheWhole(Step step) {
        boolean clips = step.moves().stream().anyMatch(Move.ClipCorners.class::isInstance);
        boolean sews = step.moves().stream()
                .anyMatch(move -> move instanceof Move.SewSides || move instanceof Move.SewOutline);
        return clips || step.id().startsWith(COVER) && !LAID.contains(step.does()) && !sews;
    }

    private static Sheet drawn(Stack cover, Reckoned reckoned) {
        return cover.isRightSideOut()
                ? CoverDrawing.front(reckoned)
                : StackDrawing.of(cover, reckoned.pieces(), Phrase.of("sewn.bag"));
    }
}
