package app.dapt.drawing;

import app.dapt.cover.Back;
import app.dapt.cover.Reckoned;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece.Material;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The cover cut through the middle, across its opening, with the layers pulled apart. Lengths are true along the
 * cover; the spaces between layers are not.
 *
 * @param depth  from the top (left) seam to the bottom (right) one
 * @param layers the front first, then what lies on it
 */
public record EdgeOn(Length depth, List<Layer> layers, Phrase described) {

    /**
     * One layer of cloth.
     *
     * @param level    how many layers lie below it
     * @param free     the free edge, where it has one
     * @param freeAtTo whether the free edge is at the far end
     */
    public record Layer(Phrase name, Material material, Length from, Length to, int level, Optional<Edge> free,
                        boolean freeAtTo) {
    }

    public EdgeOn {
        layers = List.copyOf(layers);
    }

    public static EdgeOn of(Reckoned reckoned) {
        Length depth = reckoned.finished(reckoned.plan().opening().runs().other());
        List<Layer> layers = new ArrayList<>();
        layers.add(new Layer(Phrase.of("piece.front"), Material.FRONT, Length.ZERO, depth, 0, Optional.empty(), false));
        for (Back.Panel panel : reckoned.back().panels()) {
            layers.add(new Layer(panel.piece().name(), Material.BACK, panel.from(), panel.to(), layers.size(),
                    Optional.of(panel.freeEdge()), panel.from().isZero()));
        }
        Back.Panel outer = reckoned.back().panels().get(reckoned.back().panels().size() - 1);
        return new EdgeOn(depth, layers, Phrase.of("drawing.edge-on", outer.piece().name(), reckoned.back().overlap()));
    }
}
