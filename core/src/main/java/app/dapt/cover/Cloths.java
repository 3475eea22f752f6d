package app.dapt.cover;

import app.dapt.cloth.Cloth;
import app.dapt.piece.Piece.Material;

/**
 * What a cover is cut from.
 *
 * @param lining for backs that are lined; will not be seen
 */
public record Cloths(Cloth front, Cloth back, Cloth lining) {

    public Cloth of(Material material) {
        return switch (material) {
            case FRONT -> front;
            case BACK -> back;
            case LINING -> lining;
        };
    }

    public Cloths with(Material material, Cloth cloth) {
        return switch (material) {
            case FRONT -> new Cloths(cloth, back, lining);
            case BACK -> new Cloths(front, cloth, lining);
            case LINING -> new Cloths(front, back, cloth);
        };
    }
}
