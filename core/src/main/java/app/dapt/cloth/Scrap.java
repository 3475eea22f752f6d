package app.dapt.cloth;

import app.dapt.measure.Length;
import app.dapt.measure.PlainText;
import app.dapt.piece.Contour;
import app.dapt.piece.GridPolygon;
import java.util.List;

/**
 * A remnant at hand: washed, its grain running along, as its corners one after another.
 *
 * @param name    what the sewist calls it, 1 to 40 characters
 * @param corners 3 to 40, measured rightwards and downwards from anywhere
 * @param spots   stains and worn places to cut round
 */
public record Scrap(String name, List<Corner> corners, List<Spoilt> spots) {

    public static final int LONGEST_NAME = 40;
    public static final int MOST_CORNERS = 40;
    public static final int MOST_SPOTS = 20;
    /** Square millimetres that reckoning with floating numbers may miss. */
    private static final double HAIR = 1;

    /** A corner. */
    public record Corner(Length across, Length along) {}

    /** A place to cut round, as the rectangle about it. */
    public record Spoilt(Length across, Length along, Length wide, Length deep) {

        private boolean isApartFrom(Length left, Length top, Length right, Length bottom) {
            return left.atLeast(across.plus(wide))
                    || across.atLeast(right)
                    || top.atLeast(along.plus(deep))
                    || along.atLeast(bottom);
        }
    }

    /** @throws IllegalArgumentException where its name or outline is none a remnant can have */
    public Scrap {
        corners = List.copyOf(corners);
        spots = List.copyOf(spots);
        if (!PlainText.isLine(name)
                || name.length() > LONGEST_NAME
                || corners.size() < 3
                || corners.size() > MOST_CORNERS
                || spots.size() > MOST_SPOTS) {
            throw new IllegalArgumentException("a remnant has a name and 3 to " + MOST_CORNERS + " corners");
        }
        if (outline(corners).crossesItself() || outline(corners).twiceArea() == 0) {
            throw new IllegalArgumentException("the outline of a remnant encloses cloth and does not cross itself");
        }
    }

    public static Scrap rectangle(String name, Length wide, Length deep) {
        return new Scrap(
                name,
                List.of(
                        new Corner(Length.ZERO, Length.ZERO),
                        new Corner(wide, Length.ZERO),
                        new Corner(wide, deep),
                        new Corner(Length.ZERO, deep)),
                List.of());
    }

    /** Whether an outline through these corners would cross itself. */
    public static boolean crossesItself(List<Corner> corners) {
        return outline(corners).crossesItself();
    }

    /** Its outline in grains. */
    public GridPolygon outline() {
        return outline(corners);
    }

    private static GridPolygon outline(List<Corner> corners) {
        return new GridPolygon(corners.stream()
                .map(corner -> new GridPolygon.Corner(
                        Math.toIntExact(corner.across().grains()),
                        Math.toIntExact(corner.along().grains())))
                .toList());
    }

    /** Whether a rectangle lies within it and on no place that is cut round. */
    public boolean holds(Length left, Length top, Length wide, Length deep) {
        Contour outline = new Contour(corners.stream()
                .map(c -> new Contour.Point(c.across().toMm(), c.along().toMm()))
                .toList());
        Contour rectangle = Contour.rectangle(
                left.toMm(), top.toMm(), left.plus(wide).toMm(), top.plus(deep).toMm());
        return rectangle.area() - outline.shared(rectangle) < HAIR
                && spots.stream().allMatch(spot -> spot.isApartFrom(left, top, left.plus(wide), top.plus(deep)));
    }

    /** How far it reaches across. */
    public Length across() {
        return reach(corners.stream().map(Corner::across).toList());
    }

    /** How far it reaches along. */
    public Length along() {
        return reach(corners.stream().map(Corner::along).toList());
    }

    private static Length reach(List<Length> at) {
        return at.stream()
                .reduce(Length::max)
                .orElseThrow()
                .minus(at.stream().reduce(Length::min).orElseThrow());
    }
}
