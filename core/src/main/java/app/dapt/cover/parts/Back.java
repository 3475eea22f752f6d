package app.dapt.cover.parts;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * What an opening makes of a cover: its pieces, and how its back lies, seen from behind.
 *
 * @param pieces to cut, the front first, linings among them
 * @param panels the back as it lies, the inner panel first
 * @param length of the opening
 * @param mouth  the middle of the opening where it lies in the edge of the cover, millimetres from the top left
 * @param lap    how the panels overlap, where they do
 * @param zip    where the zip lies, where there is one
 * @param spots  buttons and ties
 * @param ends   what becomes of the cover's own two edges across the opening
 */
public record Back(
        List<Piece> pieces,
        List<Panel> panels,
        Length length,
        Optional<Point> mouth,
        Optional<Lap> lap,
        Optional<Zip> zip,
        List<Spot> spots,
        Ends ends) {

    /** What holds front and back together at an edge of the cover. */
    public enum End {
        SEAM,
        FOLD,
        OPEN
    }

    /**
     * The two edges of the cover across the opening.
     *
     * @param start     the top one, or the left one
     * @param end       the bottom one, or the right one
     * @param tuckFront how much of the front's layer is folded in at the end
     * @param tuckBack  how much of the back's
     */
    public record Ends(End start, End end, Length tuckFront, Length tuckBack) {

        /** Whether a flap holds the form in. */
        public boolean isTucked() {
            return tuckFront.isPositive() || tuckBack.isPositive();
        }

        /** Whether an edge is sewn: one with a zip or closed by hand is, one left open with a flap is not. */
        public boolean isSewn(End edge) {
            return edge == End.SEAM || edge == End.OPEN && !isTucked();
        }

        static final Ends SEWN = new Ends(End.SEAM, End.SEAM, Length.ZERO, Length.ZERO);

        public static Ends of(End start, End end) {
            return new Ends(start, end, Length.ZERO, Length.ZERO);
        }
    }

    /**
     * One panel where it lies, measured across the opening from the top edge, or from the left one.
     *
     * @param role    what it is to the back
     * @param name    what to call it on the back
     * @param from    where it begins
     * @param to      where it ends
     * @param free    the side that is not caught in the seam round the cover, where there is one
     * @param outside whether it is the one that shows where panels overlap
     * @param turned  whether its cloth's up points down where it lies
     */
    public record Panel(
            PanelRole role,
            Piece piece,
            Phrase name,
            Length from,
            Length to,
            Optional<Side> free,
            boolean outside,
            boolean turned) {

        /** A panel with nothing free, lying upright and alone. */
        public static Panel of(PanelRole role, Piece piece, Length from, Length to) {
            return new Panel(role, piece, Phrase.of("panel." + piece.id()), from, to, Optional.empty(), true, false);
        }

        public Panel free(Side side) {
            return new Panel(role, piece, name, from, to, Optional.of(side), outside, turned);
        }

        public Panel outside(boolean shows) {
            return new Panel(role, piece, name, from, to, free, shows, turned);
        }

        public Panel turned(boolean upsideDown) {
            return new Panel(role, piece, name, from, to, free, outside, upsideDown);
        }

        public Panel named(String code) {
            return new Panel(role, piece, Phrase.of(code), from, to, free, outside, turned);
        }

        private Panel of(Piece other) {
            return new Panel(role, other, name, from, to, free, outside, turned);
        }

        public Optional<Edge> freeEdge() {
            return free.map(piece::edge);
        }

        /** How much of the cover's depth it covers, finished. */
        public Length depth() {
            return to.minus(from);
        }

        /**
         * How far a place on the finished back lies from where this panel's piece is cut, its opening running this way.
         */
        public Length cutAt(Length place, Axis runs) {
            return place.minus(from)
                    .plus(piece.edge(CoverDimensions.before(runs)).allowance());
        }
    }

    /**
     * How two panels overlap.
     *
     * @param overlap what really remains after the hems; negative where they do not meet
     * @param estimated what this size and fullness want; an estimate
     * @param wanted  the same on the next half inch or centimetre, the figure that is asked for everywhere
     * @param slip    how far the panels slide apart with the form in; an estimate
     */
    public record Lap(Length overlap, Length estimated, Length wanted, Length slip) {

        /** By less than this an estimate is not worth another step. */
        private static final Length WORTH_SAYING = Length.mm(3);

        /** How an overlap of this much fares in a cover like this, its opening running one way. */
        public static Lap of(Length overlap, Axis runs, CoverDimensions sizes) {
            Length depth = sizes.finished(runs.other());
            Length estimated = sizes.fullness().overlapWanted(depth, sizes.finished(runs));
            return new Lap(
                    overlap,
                    estimated,
                    Length.max(Length.ZERO, estimated.minus(WORTH_SAYING))
                            .roundedUp(sizes.unit().pick(Length.cm(1), Length.inches(0, 1, 2))),
                    sizes.fullness().slip(Length.max(Length.ZERO, overlap), depth, sizes.finished(runs)));
        }

        /** Whether it is all that is wanted. */
        public boolean isEnough() {
            return overlap.atLeast(wanted);
        }

        /** Whether the opening stands open with the form in. */
        public boolean gapes() {
            return overlap.under(slip) || !overlap.isPositive();
        }

        /** How far it stands open at the middle; nought where it stays shut. */
        public Length gape() {
            return Length.max(Length.ZERO, slip.minus(Length.max(Length.ZERO, overlap)));
        }
    }

    /**
     * A zip, measured on the finished back.
     *
     * @param length of the teeth
     * @param buy    the zip to buy for it
     * @param at     its line, across the opening from the top (left) edge
     * @param from   where it begins, along the opening
     * @param why    how its length was chosen
     */
    public record Zip(Length length, Length buy, Length at, Length from, Phrase why) {}

    /**
     * A button or a pair of ties on the finished back.
     *
     * @param along from the left (top) edge, along the opening
     * @param at    from the top (left) edge, across it
     * @param size  across the button, or along the tie
     */
    public record Spot(Sort sort, Length along, Length at, Length size) {}

    public Back {
        pieces = List.copyOf(pieces);
        panels = List.copyOf(panels);
        spots = List.copyOf(spots);
    }

    /** A back of these panels with an opening so long and nothing more to it. */
    public static Back of(List<Piece> pieces, List<Panel> panels, Length length) {
        return new Back(
                pieces, panels, length, Optional.empty(), Optional.empty(), Optional.empty(), List.of(), Ends.SEWN);
    }

    public Back lapping(Lap laid) {
        return new Back(pieces, panels, length, mouth, Optional.of(laid), zip, spots, ends);
    }

    public Back zipped(Zip sewn) {
        return new Back(pieces, panels, length, mouth, lap, Optional.of(sewn), spots, ends);
    }

    public Back openAt(Point middle) {
        return new Back(pieces, panels, length, Optional.of(middle), lap, zip, spots, ends);
    }

    public Back ending(Ends changed) {
        return new Back(pieces, panels, length, mouth, lap, zip, spots, changed);
    }

    public Back spotted(List<Spot> sewn) {
        return new Back(pieces, panels, length, mouth, lap, zip, sewn, ends);
    }

    /** This back with more to cut. */
    public Back with(List<Piece> more) {
        List<Piece> all = new ArrayList<>(pieces);
        all.addAll(more);
        return new Back(all, panels, length, mouth, lap, zip, spots, ends);
    }

    /** This back with one of its pieces changed, wherever it stands. */
    public Back replacing(Piece before, Piece after) {
        return new Back(
                pieces.stream()
                        .map(piece -> piece.equals(before) ? after : piece)
                        .toList(),
                panels.stream()
                        .map(panel -> panel.piece().equals(before) ? panel.of(after) : panel)
                        .toList(),
                length,
                mouth,
                lap,
                zip,
                spots,
                ends);
    }

    /**
     * What lies outside one edge of the finished front on a piece that is caught in all of them: a seam as it is sewn
     * now; where there is a fold, or an end left open, what was planned.
     */
    public Length outside(Side side, CoverDimensions sizes) {
        boolean seam = true;
        if (side.runs() == sizes.opens()) {
            boolean start = side == CoverDimensions.before(sizes.opens());
            End end = start ? ends.start() : ends.end();
            seam = ends.isSewn(end);
        }
        return seam ? sizes.allowance() : sizes.innerAllowance();
    }

    /** How large such a piece is cut in one direction. */
    public Sum cutAcrossFront(Axis axis, CoverDimensions sizes) {
        Side one = axis == Axis.ACROSS ? Side.LEFT : Side.TOP;
        Length both = outside(one, sizes).plus(outside(one.opposite(), sizes));
        return both.equals(sizes.allowance().times(2))
                ? sizes.cut(axis)
                : Sum.of(
                        Sum.term(
                                axis == Axis.ACROSS ? "term.finished-width" : "term.finished-height",
                                sizes.finished(axis)),
                        Sum.term("term.both-allowances", both));
    }

    /** The overlap; none where nothing overlaps. */
    public Optional<Length> overlap() {
        return lap.map(Lap::overlap);
    }

    /** The panel that shows so far from the top (left) edge. */
    public Panel showing(Length at) {
        return panels.stream()
                .filter(panel -> at.atLeast(panel.from()) && at.under(panel.to()))
                .reduce((under, over) -> over)
                .orElse(outer());
    }

    /** The panels in the order in which they are laid on the front: what shows goes down first. */
    public List<Panel> outerFirst() {
        List<Panel> turned = new ArrayList<>(panels);
        Collections.reverse(turned);
        return turned;
    }

    /** The panel of a role; of one with none of that role there is no asking. */
    public Panel panel(PanelRole role) {
        return panels.stream()
                .filter(panel -> panel.role() == role)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("a back without a panel " + role));
    }

    /** The panel that lies under another where panels overlap; the only one where there is one. */
    public Panel inner() {
        return panels.stream().filter(panel -> !panel.outside()).findFirst().orElse(outer());
    }

    /** The panel that shows where panels overlap. */
    public Panel outer() {
        return panels.get(panels.size() - 1);
    }
}
