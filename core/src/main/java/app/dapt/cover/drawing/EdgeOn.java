package app.dapt.cover.drawing;

import app.dapt.cover.Reckoned;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Back.End;
import app.dapt.drawing.Box;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece.Material;
import app.dapt.step.Laid;
import app.dapt.step.Pile;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The cover cut through the middle, across its opening, with the layers pulled apart. Lengths are true along the
 * cover; the spaces between layers are not. A V is cut along its arms.
 *
 * @param depth  from the top (left) seam to the bottom (right) one
 * @param layers the front first, then what lies on it
 * @param start  what holds them together at the start
 * @param end    and at the end
 * @param zipAt  where a zip is cut through
 * @param caught what is caught in the seams
 * @param bent   whether what is drawn straight really is bent
 */
public record EdgeOn(
        Length depth,
        List<Layer> layers,
        End start,
        End end,
        Optional<Length> zipAt,
        boolean bent,
        Edging.Caught caught,
        Phrase described) {

    /**
     * One layer of cloth.
     *
     * @param level    how many layers lie below it
     * @param free     the free edge, where it has one
     * @param freeAtTo whether the free edge is at the far end
     * @param tuck     how much of it is folded in at the far end
     */
    public record Layer(
            Phrase name,
            Material material,
            Length from,
            Length to,
            int level,
            Optional<Edge> free,
            boolean freeAtTo,
            Length tuck) {}

    public EdgeOn {
        layers = List.copyOf(layers);
    }

    public static EdgeOn of(Reckoned reckoned) {
        Length depth = reckoned.finished(reckoned.plan().opening().runs().other());
        Back back = reckoned.back();
        List<Layer> layers = new ArrayList<>();
        layers.add(new Layer(
                Phrase.of("piece.front"),
                Material.FRONT,
                Length.ZERO,
                depth,
                0,
                Optional.empty(),
                true,
                back.ends().tuckFront()));
        boolean covers = back.panels().stream().anyMatch(panel -> !panel.outside());
        for (Back.Panel panel : back.panels()) {
            Optional<Edge> free = panel.freeEdge().filter(edge -> edge.fate() != Edge.Fate.ZIP);
            boolean freeAtTo = panel.from().isZero()
                    || free.filter(edge -> edge.fate() == Edge.Fate.BAND).isPresent();
            layers.add(new Layer(
                    panel.name(),
                    panel.piece().material(),
                    panel.from(),
                    panel.to(),
                    covers && panel.outside() ? 2 : 1,
                    free,
                    freeAtTo,
                    back.ends().tuckBack()));
        }
        Phrase described = back.overlap()
                .map(overlap -> Phrase.of("drawing.edge-on", back.outer().name(), overlap))
                .orElseGet(() -> Phrase.of(
                        "drawing.edge-on-plain", reckoned.plan().opening().brief(back)));
        return new EdgeOn(
                depth,
                layers,
                back.ends().start(),
                back.ends().end(),
                back.zip().map(Back.Zip::at),
                reckoned.plan().shape().isBentEdgeOn(),
                reckoned.plan().edging().caught(),
                described);
    }

    /** Pieces that lie on each other for a seam at both ends, the lowest first; nothing where there are but two. */
    public static Optional<EdgeOn> of(Pile pile) {
        List<Laid> laid = pile.laid();
        if (laid.size() < 3) {
            return Optional.empty();
        }
        Length wide = laid.get(0).box().width();
        boolean beside = laid.stream().anyMatch(each -> each.box().width().under(wide));
        List<Layer> layers = new ArrayList<>();
        for (int level = 0; level < laid.size(); level++) {
            Box box = laid.get(level).box();
            layers.add(new Layer(
                    laid.get(level).name(),
                    laid.get(level).piece().material(),
                    beside ? box.left() : box.top(),
                    beside ? box.right() : box.bottom(),
                    level,
                    Optional.empty(),
                    true,
                    Length.ZERO));
        }
        Length depth = layers.stream().map(Layer::to).reduce(Length.ZERO, Length::max);
        return Optional.of(new EdgeOn(
                depth, layers, End.SEAM, End.SEAM, Optional.empty(), false, Edging.Caught.NOTHING, pile.described()));
    }

    /** How many layers lie on the front, at most. */
    public int levels() {
        return layers.stream().mapToInt(Layer::level).max().orElse(0);
    }
}
