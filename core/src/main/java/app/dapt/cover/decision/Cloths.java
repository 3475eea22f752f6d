package app.dapt.cover.decision;

import app.dapt.cloth.Cloth;
import app.dapt.piece.Piece.Material;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * What a cover is cut from. Each cloth has a number of its own that it keeps whatever is changed about it; the same
 * number in two places is the same cloth. A cloth without one is given the next, or that of the front or the back where
 * it is like it in everything.
 *
 * @param lining for backs that are lined; will not be seen
 * @param trim   for piping and ruffles that are cut from neither
 */
public record Cloths(Cloth front, Cloth back, Cloth lining, Cloth trim) {

    /** @throws IllegalArgumentException where two cloths that differ have one number */
    public Cloths {
        front = numbered(front, front, back, lining, trim);
        back = back.id() == 0 && back.isLike(front) ? front : numbered(back, front, back, lining, trim);
        lining = shared(lining, front, back, lining, trim);
        trim = shared(trim, front, back, lining, trim);
        for (Cloth one : new Cloth[] {front, back, lining, trim}) {
            for (Cloth other : new Cloth[] {front, back, lining, trim}) {
                if (one.id() == other.id() && !one.equals(other)) {
                    throw new IllegalArgumentException("two cloths are numbered " + one.id());
                }
            }
        }
    }

    private static Cloth shared(Cloth cloth, Cloth front, Cloth back, Cloth lining, Cloth trim) {
        if (cloth.id() != 0) {
            return cloth;
        }
        return cloth.isLike(front) ? front : cloth.isLike(back) ? back : numbered(cloth, front, back, lining, trim);
    }

    private static Cloth numbered(Cloth cloth, Cloth... all) {
        return cloth.id() != 0
                ? cloth
                : cloth.withId(Stream.of(all).mapToInt(Cloth::id).max().orElse(0) + 1);
    }

    public Cloth of(Material material) {
        return switch (material) {
            case FRONT -> front;
            case BACK -> back;
            case LINING -> lining;
            case TRIM -> trim;
        };
    }

    /** These with another cloth in one place; the one that was there stays wherever else it is used. */
    public Cloths with(Material material, Cloth cloth) {
        return each((place, standing) -> place == material ? cloth : standing);
    }

    /** These with one cloth changed, wherever it is used. */
    public Cloths changing(int id, UnaryOperator<Cloth> change) {
        return each((place, cloth) -> cloth.id() == id ? change.apply(cloth).withId(id) : cloth);
    }

    private Cloths each(BiFunction<Material, Cloth, Cloth> change) {
        return new Cloths(
                change.apply(Material.FRONT, front),
                change.apply(Material.BACK, back),
                change.apply(Material.LINING, lining),
                change.apply(Material.TRIM, trim));
    }

    /** These with a cloth of its own in one place, like the one it shared so far. */
    public Cloths apart(Material material) {
        int next = all().mapToInt(Cloth::id).max().orElse(0) + 1;
        return isShared(material) ? with(material, of(material).withId(next)) : this;
    }

    /** Whether the cloth in one place is used in another too. */
    public boolean isShared(Material material) {
        return all().filter(cloth -> cloth.id() == of(material).id()).count() > 1;
    }

    /** The cloth of every place; one that is in two comes twice. */
    public Stream<Cloth> all() {
        return Stream.of(front, back, lining, trim);
    }
}
