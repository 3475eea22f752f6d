package app.dapt.layout;

import app.dapt.cloth.Cloth;
import app.dapt.measure.Length;
import app.dapt.piece.Piece;
import app.dapt.piece.PieceRole;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Which point of the print every piece has to show in its middle. */
final class PrintWindows {

    private final Cloth cloth;
    private final LayoutChoices choices;
    /** The drops of each panel, in their order. */
    private final Map<String, List<Wanted>> panels = new HashMap<>();

    PrintWindows(Cloth cloth, LayoutChoices choices, List<Wanted> wanted) {
        this.cloth = cloth;
        this.choices = choices;
        wanted.forEach(each ->
                panels.computeIfAbsent(panel(each), key -> new ArrayList<>()).add(each));
    }

    /** The panel that a drop is a part of; a piece that is no drop is its own. */
    private static String panel(Wanted wanted) {
        Piece piece = wanted.piece();
        return piece.role() instanceof PieceRole.Drop drop
                ? wanted.key().substring(0, wanted.key().length() - piece.id().length()) + drop.panel()
                : wanted.key();
    }

    /**
     * The point of the print that a piece has to show in its middle: its own, or the one that all fronts and all drops
     * share.
     */
    Optional<Window> of(Wanted wanted) {
        if (!choices.onRemnants() && cloth.usableWidth().under(cloth.across(wanted.piece()))) {
            // It goes on the cloth a quarter turn round only, where it cannot meet the print.
            return Optional.empty();
        }
        Optional<Window> own = Optional.ofNullable(choices.shown().own().get(wanted.key()));
        Optional<Window> shared = cloth.repeat()
                .filter(repeat -> choices.matched())
                .map(repeat -> choices.shown().all().orElse(Window.middleOf(repeat)));
        if (own.isPresent() && cloth.repeat().isPresent()) {
            return own;
        }
        if (wanted.piece().role() == PieceRole.Whole.FRONT) {
            return shared;
        }
        return wanted.piece().role() instanceof PieceRole.Drop
                ? shared.map(middle -> ofDrop(wanted, panels.getOrDefault(panel(wanted), List.of(wanted)), middle))
                : Optional.empty();
    }

    /** Where the print lies on a drop, if it is to run on over the joins of its panel. */
    private Window ofDrop(Wanted wanted, List<Wanted> drops, Window middle) {
        Length left = Length.ZERO;
        Length at = Length.ZERO;
        for (int i = 0; i < drops.size(); i++) {
            Wanted drop = drops.get(i);
            Length width = drop.piece().cutWidth();
            if (i > 0) {
                left = left.minus(drop.piece().edge(Side.LEFT).allowance());
            }
            if (drop.equals(wanted)) {
                at = left.plus(width.half());
            }
            left = left.plus(width);
            if (i < drops.size() - 1) {
                left = left.minus(drop.piece().edge(Side.RIGHT).allowance());
            }
        }
        Length off = at.minus(left.half());
        return cloth.sideways()
                ? new Window(middle.across(), middle.along().minus(off))
                : new Window(middle.across().plus(off), middle.along());
    }
}
