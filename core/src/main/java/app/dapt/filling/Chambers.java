package app.dapt.filling;

import app.dapt.measure.Length;

/**
 * Equal pillows side by side in one casing, each in a pocket of its own; or one pillow bent, whose arms hide what its
 * width straight across would tell.
 *
 * @param count how many
 * @param each  one of them, flat
 * @param bent  whether it is bent, so that its sides are not where it is measured
 */
public record Chambers(int count, Pillow each, boolean bent) implements Casing {

    @Override
    public double greatestVolume() {
        return count * each.greatestVolume();
    }

    @Override
    public Length shortSide() {
        return each.shortSide();
    }

    @Override
    public double straightShareAcross(double fill) {
        return bent ? 1 : each.straightShareAcross(fill);
    }

    @Override
    public double straightShareUpDown(double fill) {
        return bent ? 1 : each.straightShareUpDown(fill);
    }

    @Override
    public Length loft(double fill) {
        return each.loft(fill);
    }
}
