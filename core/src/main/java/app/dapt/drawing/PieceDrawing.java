package app.dapt.drawing;

import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Note;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Ring;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Spot;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Tape;
import app.dapt.drawing.Element.Turning;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** A piece flat on the table before it is sewn: cut edges, hems to turn, the seam line, what to mark. */
public final class PieceDrawing {

    private static final Length MARK = Length.inches(0, 1, 2);

    /** So far across a piece its grain is drawn. */
    private static final double GRAIN_AT = 0.62;

    private final Piece piece;
    private final Length width;
    private final Length height;
    private final List<Element> elements = new ArrayList<>();

    private PieceDrawing(Piece piece) {
        this.piece = piece;
        this.width = piece.cutWidth();
        this.height = piece.cutHeight();
    }

    /** The piece without figures, for lists. */
    public static Sheet of(Piece piece) {
        return new PieceDrawing(piece).sheet();
    }

    /**
     * The piece to work from: tapes along two sides, what becomes of each edge, the way of the grain, and how far every
     * mark lies from the nearer edge.
     */
    public static Sheet measured(Piece piece) {
        Sheet bare = of(piece);
        PieceDrawing more = new PieceDrawing(piece);
        more.elements.addAll(bare.elements());
        more.grain();
        if (piece.outline().isEmpty()) {
            more.edgeNotes();
        }
        more.markNotes();
        more.tapes();
        return new Sheet(
                bare.width(),
                bare.height(),
                more.elements,
                bare.clip(),
                bare.around(),
                bare.centred(),
                bare.described());
    }

    private Sheet sheet() {
        elements.add(new Stuff(Box.of(width, height), piece.material(), true, piece.turned(), piece.id(), Part.BODY));
        Optional<Contour> clip = piece.outline().map(this::outlined);
        if (clip.isEmpty()) {
            for (Side side : Side.values()) {
                edge(side, piece.edge(side));
            }
        }
        piece.marks().forEach(this::mark);
        boolean centred = piece.marks().stream().anyMatch(mark -> mark.sort() == Marking.Sort.MOTIF);
        return new Sheet(
                width,
                height,
                elements,
                clip,
                Length.ZERO,
                centred,
                Phrase.of("drawing.piece", piece.name(), width, height));
    }

    /** A curved piece: what lies outside its seam line, and the turns of its straight free edges. */
    private Contour outlined(Outline outline) {
        Contour cut = outline.cut();
        Contour seam = outline.seam();
        elements.add(new Ring(cut, seam, piece.id(), Part.ALLOWANCE));
        for (Side side : Side.values()) {
            Edge edge = piece.edge(side);
            if (!edge.isSeam() && outline instanceof Outline.Part) {
                turns(side, edge);
            }
        }
        elements.add(new Path(Role.SEAM, seam.points(), true));
        elements.add(new Path(Role.CUT, cut.points(), true));
        return cut;
    }

    private void edge(Side side, Edge edge) {
        turns(side, edge);
        Role role = edge.fate() == Edge.Fate.SELVAGE ? Role.SELVAGE : Role.CUT;
        elements.add(inset(role, side, Length.ZERO));
    }

    private void turns(Side side, Edge edge) {
        Length in = Length.ZERO;
        for (Length turn : edge.turns()) {
            in = in.plus(turn);
            elements.add(inset(edge.isSewn() ? Role.SEAM : Role.FOLD, side, in));
        }
        boolean allowance = edge.isSewn() && edge.fate() != Edge.Fate.LINED;
        elements.add(new Turning(strip(side, in), piece.id(), allowance ? Part.ALLOWANCE : Part.HEM));
    }

    /** What a line that is marked right across a piece stands for. */
    public static Role role(Marking.Sort sort) {
        return switch (sort) {
            case FOLD, PLEAT -> Role.FOLD;
            case CHANNEL, ROW -> Role.TOPSTITCH;
            case POCKET -> Role.HIDDEN_EDGE;
            default -> Role.SEAM;
        };
    }

    private void mark(Marking mark) {
        if (mark.isLine()) {
            Role role = role(mark.sort());
            mark.fromTop().ifPresent(y -> elements.add(new Line(role, Length.ZERO, y, width, y)));
            mark.fromLeft().ifPresent(x -> elements.add(new Line(role, x, Length.ZERO, x, height)));
            return;
        }
        Length x = mark.fromLeft().orElseThrow();
        Length y = mark.fromTop().orElseThrow();
        boolean atSide = x.isZero() || x.equals(width);
        elements.add(new Spot(mark.sort(), x, y, MARK, atSide ? Axis.ACROSS : Axis.UP_DOWN));
    }

    private void tapes() {
        elements.add(new Tape(Axis.ACROSS, Length.ZERO, Length.ZERO, width, true, Phrase.of("tape.width")));
        elements.add(new Tape(Axis.UP_DOWN, Length.ZERO, Length.ZERO, height, true, Phrase.of("tape.height")));
    }

    /** An arrow along the cloth, its head at the cloth's own up. */
    private void grain() {
        double x = width.toMm() * GRAIN_AT;
        double reach = height.toMm() / 6;
        double tip = height.toMm() / 2 - (piece.turned() ? -reach : reach);
        double foot = height.toMm() - tip;
        double back = piece.turned() ? -reach / 3 : reach / 3;
        elements.add(new Path(
                Role.GRAIN,
                List.of(
                        new Point(x, foot),
                        new Point(x, tip),
                        new Point(x - reach / 6, tip + back),
                        new Point(x, tip),
                        new Point(x + reach / 6, tip + back)),
                false));
    }

    /** What becomes of each edge, away from its ends and its middle, where notches lie; edges alike are told once. */
    private void edgeNotes() {
        Set<Phrase> told = new HashSet<>();
        for (Side side : Side.values()) {
            Edge edge = piece.edge(side);
            Length in = edge.allowance();
            Length across = width.times(7, 10);
            Length down = height.times(7, 10);
            Phrase words = new Phrase("piece.edge." + Phrase.code(edge.fate()), List.copyOf(edge.turns()));
            Optional<Side> at = Optional.of(side);
            if (!told.add(words)) {
                continue;
            }
            elements.add(
                    switch (side) {
                        case TOP -> new Note(words, across, in, at);
                        case BOTTOM -> new Note(words, across, height.minus(in), at);
                        case LEFT -> new Note(words, in, down, at);
                        case RIGHT -> new Note(words, width.minus(in), down, at);
                    });
        }
    }

    /** How far each mark lies from the nearer edges; marks that lie alike are told once. */
    private void markNotes() {
        piece.marks().stream().distinct().forEach(mark -> {
            Length x = mark.fromLeft().orElse(width.times(1, 4));
            Length y = mark.fromTop().orElse(height.times(1, 4));
            Optional<Side> edge = x.isZero()
                    ? Optional.of(Side.LEFT)
                    : x.equals(width)
                            ? Optional.of(Side.RIGHT)
                            : y.isZero()
                                    ? Optional.of(Side.TOP)
                                    : y.equals(height) ? Optional.of(Side.BOTTOM) : Optional.empty();
            distance(mark).ifPresent(words -> elements.add(new Note(words, x, y, edge)));
        });
    }

    /** The distances that are not nought, across first. */
    private Optional<Phrase> distance(Marking mark) {
        List<Length> distances = Stream.of(mark.across(piece), mark.upDown(piece))
                .flatMap(Optional::stream)
                .map(Marking.Measure::distance)
                .filter(Length::isPositive)
                .toList();
        return distances.isEmpty()
                ? Optional.empty()
                : Optional.of(new Phrase("piece.mark." + distances.size(), List.copyOf(distances)));
    }

    /** The line that lies so far in from one side. */
    private Line inset(Role role, Side side, Length in) {
        return switch (side) {
            case TOP -> new Line(role, Length.ZERO, in, width, in);
            case BOTTOM -> new Line(role, Length.ZERO, height.minus(in), width, height.minus(in));
            case LEFT -> new Line(role, in, Length.ZERO, in, height);
            case RIGHT -> new Line(role, width.minus(in), Length.ZERO, width.minus(in), height);
        };
    }

    private Box strip(Side side, Length deep) {
        return switch (side) {
            case TOP -> new Box(Length.ZERO, Length.ZERO, width, deep);
            case BOTTOM -> new Box(Length.ZERO, height.minus(deep), width, deep);
            case LEFT -> new Box(Length.ZERO, Length.ZERO, deep, height);
            case RIGHT -> new Box(width.minus(deep), Length.ZERO, deep, height);
        };
    }
}
