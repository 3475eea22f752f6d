package app.dapt.cover;

import app.dapt.cloth.Cloth;
import app.dapt.piece.Piece.Material;

/**
 * What a cover is cut from.
 *
 * @param lining for backs that are lined; will not be seen
 * @param trim   for piping and ruffles that are cut from neither
 */
public record Cloths(Cloth front, Cloth back, Cloth lining, Cloth trim) {

    public Cloth of(Material material) {
        return switch (material) {
            case FRONT -> front;
            case BACK -> back;
            case LINING -> lining;
            case TRIM -> trim;
        };
    }

    public Cloths with(Material material, Cloth cloth) {
        return switch (material) {
            case FRONT -> new Cloths(cloth, back, lining, trim);
            case BACK -> new Cloths(front, cloth, lining, trim);
            case LINING -> new Cloths(front, back, cloth, trim);
            case TRIM -> new Cloths(front, back, lining, cloth);
        };
    }
}
