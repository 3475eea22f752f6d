package app.dapt.drawing;

import app.dapt.cloth.Motif;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** One thing to draw, in real lengths and by its role; colours and strokes are the writer's. */
public sealed interface Element {

    /** What is done with an element, by which one it is. */
    <R> R match(Cases<R> cases);

    /** One answer for each element. */
    interface Cases<R> {

        R stuff(Stuff stuff);

        R patch(Patch patch);

        R turning(Turning turning);

        R ring(Ring ring);

        R shade(Shade shade);

        R line(Line line);

        R path(Path path);

        R trim(Trim trim);

        R area(Area area);

        R zone(Zone zone);

        R tape(Tape tape);

        R spot(Spot spot);

        R note(Note note);

        R label(Label label);
    }

    /** Whether it ends where the outline of what is drawn does, as cloth does; tapes, words and that outline do not. */
    default boolean isWithin() {
        return false;
    }

    /** The part a term of a sum can point at. */
    enum Part {
        BODY,
        OVERLAP,
        HEM,
        ALLOWANCE,
        NONE;

        private static final Map<String, Part> BY_TERM = Map.ofEntries(
                Map.entry("term.allowance", ALLOWANCE),
                Map.entry("term.both-allowances", ALLOWANCE),
                Map.entry("term.hem-twice", HEM),
                Map.entry("term.hem-once", HEM),
                Map.entry("term.lining-seam", HEM),
                Map.entry("term.half-overlap", OVERLAP),
                Map.entry("term.half-height", BODY),
                Map.entry("term.half-width", BODY),
                Map.entry("term.edge-to-middle", BODY),
                Map.entry("term.finished-width", BODY),
                Map.entry("term.finished-height", BODY));

        /** The part that a term stands for; none where it stands for nothing that is drawn. */
        public static Part of(Sum.Term term) {
            return BY_TERM.getOrDefault(term.label().code(), NONE);
        }
    }

    /** What a line stands for. */
    enum Role {
        CUT,
        SEAM,
        TOPSTITCH,
        FOLD,
        FINISHED_EDGE,
        HIDDEN_EDGE,
        /** The form within the cover. */
        FORM,
        SELVAGE,
        CLOSED_BY_HAND,
        /** Where one sews now. */
        SEW,
        PIN,
        /** The way something is folded or laid. */
        MOVE,
        /** Along the cloth, its head at the cloth's up. */
        GRAIN,
        TEETH
    }

    /** A stretch of cloth. */
    record Stuff(Box box, Material material, boolean rightSide, boolean turned, String piece, Part part)
            implements Element {

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.stuff(this);
        }

        @Override
        public boolean isWithin() {
            return true;
        }
    }

    /** A stretch of cloth with an outline of its own, in millimetres: a corner that is turned back. */
    record Patch(List<Point> points, Material material, boolean rightSide, boolean turned) implements Element {

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.patch(this);
        }

        @Override
        public boolean isWithin() {
            return true;
        }
    }

    /** Cloth that will be turned under or lie inside a seam. */
    record Turning(Box box, String piece, Part part) implements Element {

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.turning(this);
        }

        @Override
        public boolean isWithin() {
            return true;
        }
    }

    /** The same along an outline: what lies between where it is cut and where it is sewn. */
    record Ring(Contour cut, Contour seam, String piece, Part part) implements Element {

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.ring(this);
        }

        @Override
        public boolean isWithin() {
            return true;
        }
    }

    /** The shadow that a layer casts on the one below it. */
    record Shade(Box box) implements Element {

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.shade(this);
        }

        @Override
        public boolean isWithin() {
            return true;
        }
    }

    /** A straight line. */
    record Line(Role role, Length x1, Length y1, Length x2, Length y2) implements Element {

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.line(this);
        }

        @Override
        public boolean isWithin() {
            return true;
        }

        Line moved(Length right, Length down) {
            return new Line(role, x1.plus(right), y1.plus(down), x2.plus(right), y2.plus(down));
        }
    }

    /** A line through many points, in millimetres; never clipped. */
    record Path(Role role, List<Point> points, boolean closed) implements Element {

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.path(this);
        }

        /** The same with every point where a mapping puts it. */
        public Path through(UnaryOperator<Point> mapping) {
            return new Path(role, points.stream().map(mapping).toList(), closed);
        }
    }

    /**
     * Something round the edge.
     *
     * @param path in millimetres, clockwise or not; of a tassel, the way it points
     * @param deep   how far it stands out; for piping how thick it is
     * @param inward whether it hangs inwards, as it does until it is turned
     */
    record Trim(Look look, List<Point> path, Length deep, Material material, boolean inward) implements Element {

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.trim(this);
        }

        /** What hangs outwards. */
        public Trim(Look look, List<Point> path, Length deep, Material material) {
            this(look, path, deep, material, false);
        }

        /**
         * What it is made of, the lowest first.
         *
         * @param least what lies nearer together than so many millimetres runs into one
         */
        public List<Look.Mark> marks(double least) {
            return look.marks(new Look.Course(path, deep.toMm(), inward, least));
        }

        /** The same along each of several paths. */
        public static List<Element> along(List<List<Point>> paths, Look look, Length deep, Material material) {
            return paths.stream()
                    .<Element>map(path -> new Trim(look, path, deep, material))
                    .toList();
        }
    }

    /**
     * Areas with one paint, in millimetres.
     *
     * @param beyond whether they reach beyond the outline of what is drawn, where all else ends
     */
    record Area(List<List<Point>> outlines, Paint paint, boolean beyond) implements Element {

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.area(this);
        }

        @Override
        public boolean isWithin() {
            return !beyond;
        }

        /** What lies within the outline. */
        public Area(List<List<Point>> outlines, Paint paint) {
            this(outlines, paint, false);
        }
    }

    /** What an area is painted with. */
    sealed interface Paint {

        /** What is done with a paint, by which one it is. */
        <R> R match(Paints<R> paints);

        /** One answer for each paint. */
        interface Paints<R> {

            R ground(Ground ground);

            R printed(Printed printed);

            R pictured(Pictured pictured);

            R tone(Tone tone);

            R trimming(Trimming trimming);

            R gap(Gap gap);

            R cast(Cast cast);
        }

        /** The ground of a cloth. */
        record Ground(Material material, boolean rightSide) implements Paint {

            @Override
            public <R> R match(Paints<R> paints) {
                return paints.ground(this);
            }
        }

        /**
         * What is printed on a cloth.
         *
         * @param stroke how wide a line of it is, in millimetres; nought where it fills the area
         */
        record Printed(Material material, Motif.Ink ink, double opacity, double stroke) implements Paint {

            @Override
            public <R> R match(Paints<R> paints) {
                return paints.printed(this);
            }
        }

        /**
         * The picture of a cloth, as it lies on a flat piece, moved by a linear mapping.
         *
         * @param turned  degrees by which the picture is turned on the flat piece
         * @param mapping as a matrix of SVG: x becomes a x + c y + e, y becomes b x + d y + f; millimetres
         */
        record Pictured(Material material, double turned, List<Double> mapping) implements Paint {

            @Override
            public <R> R match(Paints<R> paints) {
                return paints.pictured(this);
            }

            public Pictured {
                mapping = List.copyOf(mapping);
            }
        }

        /** Light on what lies below, where it is positive, or shade, up to one. */
        record Tone(double light) implements Paint {

            @Override
            public <R> R match(Paints<R> paints) {
                return paints.tone(this);
            }
        }

        /** A trim that stands out beyond the cover. */
        record Trimming(Material material) implements Paint {

            @Override
            public <R> R match(Paints<R> paints) {
                return paints.trimming(this);
            }
        }

        /** What is seen through a gap. */
        record Gap() implements Paint {

            @Override
            public <R> R match(Paints<R> paints) {
                return paints.gap(this);
            }
        }

        /** The soft shadow that a thing casts on what it lies on. */
        record Cast() implements Paint {

            @Override
            public <R> R match(Paints<R> paints) {
                return paints.cast(this);
            }
        }
    }

    /** A stretch to point at that is not cloth of its own. */
    record Zone(Box box, Part part) implements Element {

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.zone(this);
        }

        @Override
        public boolean isWithin() {
            return true;
        }
    }

    /**
     * A measuring tape laid along a stretch, outside the cloth.
     *
     * @param before laid above or to the left of it rather than below or to the right
     * @param label  what it measures, where that is not plain
     */
    record Tape(Axis axis, Length x, Length y, Length length, boolean before, Phrase label) implements Element {

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.tape(this);
        }
    }

    /**
     * A button, a tie, or a spot to mark.
     *
     * @param size  across a button, or along a buttonhole
     * @param along the direction a buttonhole or a tie runs in
     */
    record Spot(Marking.Sort sort, Length x, Length y, Length size, Axis along) implements Element {

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.spot(this);
        }
    }

    /**
     * A few words at a place on the cloth, standing away from an edge of it.
     *
     * @param edge the edge that the place lies at; below the place where it lies at none
     */
    record Note(Phrase words, Length x, Length y, Optional<Side> edge) implements Element {

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.note(this);
        }
    }

    /**
     * Words on the cloth, beginning at a place or in the middle of it.
     *
     * @param above standing on the place rather than hanging from it
     */
    record Label(Phrase words, Length x, Length y, boolean above, boolean centred) implements Element {

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.label(this);
        }
    }
}
