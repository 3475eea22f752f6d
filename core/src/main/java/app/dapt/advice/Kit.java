package app.dapt.advice;

import app.dapt.measure.Length;
import java.util.List;
import java.util.Optional;

/** What a missing tool changes. It comes last: what has won is said in other words, never decided anew. */
final class Kit {

    private Kit() {}

    /** What is recommended as it can be done with what there is. */
    static Advised by(Drawer drawer, Advised advised) {
        return switch (advised.choice()) {
            case FINISH -> finish(drawer, advised);
            case CROSSINGS, CORNER -> without(drawer, Tool.BACK_STITCH, advised, "K4", "lift-over");
            case OPENING ->
                advised.value().endsWith("zip")
                        ? without(drawer, Tool.ZIP_FOOT, advised, "K5", "needle-aside")
                        : advised;
            case PRESS ->
                advised.value().equals("fingers") ? advised : without(drawer, Tool.IRON, advised, "K6", "fingers");
            case FOOT -> without(drawer, Tool.EVEN_FEED, advised, "K11", "less-pressure");
            case HOLD ->
                advised.value().equals("clips") ? without(drawer, Tool.CLIPS, advised, "K12", "pegs") : advised;
            case INTERFACE -> without(drawer, Tool.IRON, advised, "K15", "tacked");
            case STITCH -> without(drawer, Tool.MACHINE, advised, "K3", "by-hand");
            case SEAM_STITCH -> without(drawer, Tool.ZIGZAG, advised, "K2", "by-hand");
            default -> advised;
        };
    }

    private static Advised without(Drawer drawer, Tool tool, Advised advised, String row, String instead) {
        return drawer.has(tool) ? advised : advised.otherwise(row, instead);
    }

    /** A hot knife by a serger, a serger by a zigzag, a zigzag by pinking shears. */
    private static Advised finish(Drawer drawer, Advised advised) {
        boolean sealed = advised.value().equals("heat-sealed") && !drawer.has(Tool.HOT_KNIFE);
        boolean serged = advised.value().equals("overlocked") && !drawer.has(Tool.SERGER);
        if (sealed && drawer.has(Tool.SERGER)) {
            return advised.otherwise("K10", "overlocked");
        }
        if (sealed || serged) {
            return drawer.has(Tool.ZIGZAG)
                    ? advised.otherwise(sealed ? "K10" : "K1", "zigzag")
                    : advised.otherwise("K2", drawer.has(Tool.SHEARS) ? "pinked" : "row-near-the-edge");
        }
        return advised;
    }

    /** How the longest piece is cut with the mat there is. */
    static Optional<Advised> cutting(Facts facts) {
        Drawer drawer = facts.drawer();
        if (!drawer.has(Tool.WHEEL)) {
            return Optional.empty();
        }
        if (!drawer.has(Tool.MAT)) {
            return Optional.of(cutting("K7", "card-beneath"));
        }
        return drawer.mat().filter(mat -> mat.under(facts.longest())).map(mat -> {
            boolean once = mat.atLeast(facts.longest().half());
            return cutting("K8", once ? "folded-once" : "folded-twice").sized(List.of(mat, facts.longest()));
        });
    }

    private static Advised cutting(String row, String value) {
        return new Advised(
                Choice.CUTTING, value, row, Sure.NEARLY_ALL, Optional.empty(), Optional.empty(), List.<Length>of());
    }
}
