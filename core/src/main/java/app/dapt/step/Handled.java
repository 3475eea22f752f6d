package app.dapt.step;

import app.dapt.workpiece.Move;
import java.util.List;
import java.util.Optional;

/**
 * What is done to cloth in a step, and what one sees of it.
 *
 * @param pile  how the pieces lie while it is done
 * @param moves what becomes of them by it
 */
public record Handled(Optional<Pile> pile, List<Move> moves) {

    public Handled {
        moves = List.copyOf(moves);
    }
}
