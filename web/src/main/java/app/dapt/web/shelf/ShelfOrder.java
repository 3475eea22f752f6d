package app.dapt.web.shelf;

import app.dapt.measure.Length;
import app.dapt.web.workroom.ShelfStore.Kept;
import java.util.Comparator;
import java.util.List;

/** By what the things on the shelf are sorted; always within their kinds. */
public enum ShelfOrder {
    NAME(Comparator.comparing(kept -> 0)),
    /** Round the colour circle from red, greys last. */
    COLOUR(Comparator.comparingDouble(kept -> hue(kept.thing().colour()))),
    WIDTH(Comparator.comparing((Kept kept) ->
                    kept.thing().width().or(() -> kept.thing().size()).orElse(Length.ZERO))
            .reversed()),
    LEFT(Comparator.comparingLong(Kept::stock).reversed());

    private static final double GREY = 2;
    private static final int HEX = 16;

    private final Comparator<Kept> order;

    ShelfOrder(Comparator<Kept> order) {
        this.order = order;
    }

    /** The same things in this order; what is alike stays as it was. */
    List<Kept> sorted(List<Kept> things) {
        return things.stream()
                .sorted(Comparator.comparing((Kept kept) -> kept.thing().kind()).thenComparing(order))
                .toList();
    }

    /** Where a colour lies on the circle, from 0 to 1; more for one that is nearly grey. */
    private static double hue(String colour) {
        int red = Integer.parseInt(colour.substring(1, 3), HEX);
        int green = Integer.parseInt(colour.substring(3, 5), HEX);
        int blue = Integer.parseInt(colour.substring(5, 7), HEX);
        int most = Math.max(red, Math.max(green, blue));
        int spread = most - Math.min(red, Math.min(green, blue));
        if (spread < HEX) {
            return GREY;
        }
        double sixth = most == red
                ? (double) (green - blue) / spread
                : most == green ? 2 + (double) (blue - red) / spread : 4 + (double) (red - green) / spread;
        return (sixth + 6) % 6 / 6;
    }
}
