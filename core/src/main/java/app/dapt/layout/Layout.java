package app.dapt.layout;

import app.dapt.cloth.Cloth;
import app.dapt.layout.search.Patch;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Pieces as they lie on their cloth. Lengths run across from the left usable edge and along from the cut end; of a
 * remnant from wherever its corners were measured.
 *
 * @param cloth    what they lie on
 * @param spots    where each copy lies
 * @param leftOut  what did not find a place on the remnants
 * @param tooWide  what is wider than the cloth
 * @param loose    keys of copies whose pin could not hold
 * @param offPrint what is too wide for the print to lie across it as asked
 * @param length   of washed cloth that the pieces take; nought on remnants
 * @param toBuy    how that comes to what the shop cuts
 * @param verdict  what is known of it
 * @param offcuts  what is left and worth keeping, the largest first
 * @param cuts     in the order they are made
 * @param onFold   pairs that can be cut as one
 */
public record Layout(
        Cloth cloth,
        LayoutChoices choices,
        List<Spot> spots,
        List<Wanted> leftOut,
        List<Wanted> tooWide,
        List<String> loose,
        List<Wanted> offPrint,
        Length length,
        Sum toBuy,
        Verdict verdict,
        List<Offcut> offcuts,
        List<Cut> cuts,
        List<OnFold> onFold) {

    /**
     * A copy where it lies. {@code turned} is a quarter turn against the cloth's own way, to the left; {@code about} is
     * upside down before that.
     */
    public record Spot(
            Wanted wanted,
            String copy,
            int remnant,
            Length across,
            Length along,
            Length wide,
            Length deep,
            boolean turned,
            boolean about,
            boolean pinned) {

        /**
         * Whether the piece's own up runs across the cloth: a quarter turn is to the left, so that it points at the
         * left selvage.
         */
        public boolean isQuarter(Cloth on) {
            return on.sideways() != turned;
        }

        /** Whether it is turned about before that; two quarter turns are a half. */
        public boolean isAbout(Cloth on) {
            return wanted.piece().turned() ^ about ^ (on.sideways() && turned);
        }

        /** The rectangle about it, counted in grains. */
        Patch inGrains() {
            return Patch.inGrains(remnant, across, along, wide, deep);
        }

        /** An outline of the piece as it lies on the cloth, in millimetres. */
        public Contour lying(Contour own, Cloth on) {
            double width = wanted.piece().cutWidth().toMm();
            double height = wanted.piece().cutHeight().toMm();
            return new Contour(own.points().stream()
                            .map(p -> isAbout(on) ? new Point(width - p.x(), height - p.y()) : p)
                            .map(p -> isQuarter(on) ? new Point(p.y(), width - p.x()) : p)
                            .toList())
                    .moved(across.toMm(), along.toMm());
        }

        /** What is cut, as it lies on the cloth, in millimetres. */
        public Contour cut(Cloth on) {
            Piece piece = wanted.piece();
            return lying(
                    piece.outline()
                            .map(Outline::cut)
                            .orElse(Contour.rectangle(
                                    0,
                                    0,
                                    piece.cutWidth().toMm(),
                                    piece.cutHeight().toMm())),
                    on);
        }
    }

    /** A rectangle that is left. */
    public record Offcut(int remnant, Length across, Length along, Length wide, Length deep) {}

    /**
     * A cut: straight from edge to edge, or round a piece.
     *
     * @param runs  across the cloth or along it
     * @param round the piece that is cut round, where it is no straight cut
     */
    public record Cut(int remnant, Axis runs, Length at, Length from, Length to, Optional<Spot> round) {}

    /** Two pieces cut as one, and where the cloth is folded for it. */
    public record OnFold(Spot one, Spot other, Axis runs, Length at) {}

    /** What is known of a layout. */
    public enum Known {
        LEAST,
        NO_LESS_TO_BUY,
        WITHIN,
        ALL_PLACED,
        LEFT_OUT
    }

    /**
     * @param tenths for {@code WITHIN}, how many tenths of a percent more than the least thinkable it may be
     */
    public record Verdict(Known known, int tenths) {}

    public Layout {
        spots = List.copyOf(spots);
        leftOut = List.copyOf(leftOut);
        tooWide = List.copyOf(tooWide);
        loose = List.copyOf(loose);
        offPrint = List.copyOf(offPrint);
        offcuts = List.copyOf(offcuts);
        cuts = List.copyOf(cuts);
        onFold = List.copyOf(onFold);
    }

    /** Whether all that is to be cut from this cloth lies on it. */
    public boolean isComplete() {
        return leftOut.isEmpty() && tooWide.isEmpty();
    }

    public Optional<Spot> spot(String copy) {
        return spots.stream().filter(spot -> spot.copy().equals(copy)).findFirst();
    }

    /** Whether straight cuts from edge to edge are enough. */
    public boolean isEdgeToEdge() {
        return cuts.stream().allMatch(cut -> cut.round().isEmpty());
    }

    /** Whether it is cut from edge to edge and costs no more cloth than another layout of the same pieces. */
    public boolean isEasierThan(Layout other) {
        return isEdgeToEdge() && toBuy.total().equals(other.toBuy.total());
    }

    /**
     * How much too narrow and too short the place on a remnant that comes nearest is for a piece that was left out;
     * nothing where nothing is left.
     */
    public Optional<Shortfall> shortfall(Wanted wanted) {
        Length wide = cloth.across(wanted.piece());
        Length deep = cloth.along(wanted.piece());
        return LayoutFigures.places(choices, spots).stream()
                .flatMap(offcut -> cloth.turns()
                        ? Stream.of(shortfall(offcut, wide, deep), shortfall(offcut, deep, wide))
                        : Stream.of(shortfall(offcut, wide, deep)))
                .min(Comparator.comparing(shortfall -> shortfall.across().plus(shortfall.along())));
    }

    private static Shortfall shortfall(Offcut offcut, Length wide, Length deep) {
        return new Shortfall(
                offcut,
                Length.max(Length.ZERO, wide.minus(offcut.wide())),
                Length.max(Length.ZERO, deep.minus(offcut.deep())));
    }

    /** A place that is left, and how much of a piece finds no room in it. */
    public record Shortfall(Offcut place, Length across, Length along) {}

    /** On how many remnants something lies. */
    public int remnantsUsed() {
        return (int) spots.stream().map(Spot::remnant).distinct().count();
    }

    /** How long what is bought lies on the table, washed and squared; nought on remnants. */
    public Length ready() {
        return LayoutFigures.ready(cloth, toBuy);
    }

    /** The part of the cloth bought that becomes pieces, in percent. */
    public int usedPercent() {
        double pieces = spots.stream().mapToDouble(spot -> spot.wanted().area()).sum();
        double whole = cloth.usableWidth().toInches()
                * cloth.shrinkage().washedLength(toBuy.total()).toInches();
        return whole == 0 ? 0 : (int) Math.round(100 * pieces / whole);
    }

    /**
     * How to fold what is bought, along and across its length, so that it lies on the table in as few layers as can be;
     * a cloth with an up is not folded across its length, which would turn the up of every other layer about.
     *
     * @return nothing where even eight layers are too large
     */
    public Optional<Folding> folding() {
        return Stream.of(
                        new int[] {1, 1},
                        new int[] {1, 2},
                        new int[] {2, 1},
                        new int[] {2, 2},
                        new int[] {4, 1},
                        new int[] {4, 2})
                .filter(folds -> folds[0] == 1 || !cloth.hasUp())
                .map(folds -> new Folding(
                        folds[0],
                        folds[1],
                        toBuy.total().times(1, folds[0]),
                        cloth.width().times(1, folds[1])))
                .filter(folding -> fits(folding.wide(), folding.deep()) || fits(folding.deep(), folding.wide()))
                .findFirst();
    }

    private boolean fits(Length wide, Length deep) {
        return choices.table().wide().atLeast(wide) && choices.table().deep().atLeast(deep);
    }

    /** How the cloth lies on the table, and the size it has then. */
    public record Folding(int overLength, int overWidth, Length wide, Length deep) {}
}
