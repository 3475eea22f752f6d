package app.dapt.cover;

import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import app.dapt.piece.PieceRole;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What is done with a piece that is wider than its cloth.
 *
 * @param place where the seams lie
 */
public record Joining(Place place, Details decided) implements Detailed {

    /** Where the seams lie. */
    enum Place {
        NOWHERE,
        SIDES,
        MIDDLE,
        OWN
    }

    /** A piece put together from drops: how it is drawn, and what is cut for it. */
    record Joined(Piece panel, List<Piece> drops) {}

    @Override
    public Kind<Joining> kind() {
        return switch (place) {
            case NOWHERE -> JoiningKind.NONE;
            case SIDES -> JoiningKind.SIDES;
            case MIDDLE -> JoiningKind.MIDDLE;
            case OWN -> JoiningKind.OWN;
        };
    }

    /** Whether anything is joined at all. */
    boolean joins() {
        return place != Place.NOWHERE;
    }

    /**
     * Puts a panel together from drops: as many as n · usable − 2s (n − 1) needs to reach the panel's width.
     *
     * @param usable    the width of cloth between its selvages
     * @param allowance of the seams that join
     * @return nothing where it cannot be done like this
     */
    Optional<Joined> join(Piece panel, Length usable, Length allowance, Mark mark) {
        return seams(panel.cutWidth(), usable, allowance)
                .map(seams -> cutAt(panel, seams, allowance, mark))
                .filter(joined -> joined.drops().stream().noneMatch(drop -> usable.under(drop.cutWidth())));
    }

    /** Puts a panel together from so many strips alike, and more where the cloth is narrower than one of them. */
    static Joined inStrips(Piece panel, int least, Length usable, Length allowance, Mark mark) {
        Length gained =
                Length.max(Length.inches(1), usable.minus(allowance.times(2)).minus(mark.step()));
        int strips = Math.max(least, Math.toIntExact(panel.cutWidth().countOf(gained)));
        List<Length> seams = IntStream.range(1, strips)
                .mapToObj(i -> panel.cutWidth().times(i, strips))
                .toList();
        return cutAt(panel, seams, allowance, mark);
    }

    /** Where the joining seams lie, from the panel's cut left edge. */
    private Optional<List<Length>> seams(Length width, Length usable, Length allowance) {
        Length gained = usable.minus(allowance.times(2));
        if (!gained.isPositive()) {
            return Optional.empty();
        }
        int drops = Math.toIntExact(width.minus(allowance.times(2)).countOf(gained));
        List<Length> seams = new ArrayList<>();
        if (place == Place.OWN) {
            Length at = get(JoiningKind.AT);
            return at.plus(allowance).under(width) ? Optional.of(List.of(at.plus(allowance))) : Optional.empty();
        }
        if (place == Place.SIDES && drops <= 3) {
            Length side = width.minus(gained).half();
            return Optional.of(List.of(side, width.minus(side)));
        }
        for (int i = 1; i < drops; i++) {
            seams.add(width.times(i, drops));
        }
        return Optional.of(seams);
    }

    private static Joined cutAt(Piece panel, List<Length> seams, Length allowance, Mark mark) {
        List<Piece> drops = new ArrayList<>();
        List<Marking> marks = new ArrayList<>();
        Length from = Length.ZERO;
        for (int i = 0; i <= seams.size(); i++) {
            boolean first = i == 0;
            boolean last = i == seams.size();
            Length to = last ? panel.cutWidth() : seams.get(i);
            drops.add(drop(panel, i, from, to, first, last, allowance, mark));
            if (!last) {
                marks.add(Marking.line(Sort.JOIN, Axis.UP_DOWN, to));
            }
            from = to;
        }
        return new Joined(panel.marked(marks), drops);
    }

    private static Piece drop(
            Piece panel, int i, Length from, Length to, boolean first, boolean last, Length allowance, Mark mark) {
        Map<Side, Edge> edges = new EnumMap<>(panel.edges());
        Sum width = Sum.of(Sum.term("term.of-panel", to.minus(from)));
        if (!first) {
            edges.put(Side.LEFT, Edge.join(allowance));
            width = width.plus(Sum.term("term.join", allowance));
        }
        if (!last) {
            edges.put(Side.RIGHT, Edge.join(allowance));
            width = width.plus(Sum.term("term.join", allowance));
        }
        // Between the arms of a V a drop may have nothing of it; it is cut as it is then.
        Optional<Outline> lines = panel.outline()
                .<Outline>map(outline -> new Outline.Drop(outline, from, to, allowance))
                .filter(outline -> !outline.isNothing());
        return new Piece(
                panel.id() + "-" + (i + 1),
                new PieceRole.Drop(panel.id(), i + 1),
                Phrase.of("piece.drop", panel.name(), i + 1),
                panel.material(),
                panel.quantity(),
                width.roundedUpTo(mark),
                panel.height(),
                edges,
                panel.turned(),
                List.of(),
                lines);
    }
}
