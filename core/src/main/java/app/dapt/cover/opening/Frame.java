package app.dapt.cover.opening;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Question;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.PanelRole;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.PieceRole;
import app.dapt.piece.Side;
import app.dapt.step.Laid;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.Function;

/**
 * A back as its opening sees it: so long <em>along</em> the opening, so <em>deep</em> across it, from the edge where it
 * starts, the top one or the left one, to the edge where it ends. What that is across and up and down is settled here,
 * so that no opening asks which way it runs.
 *
 * @param runs the direction the opening runs in
 */
public record Frame(Axis runs) {

    /** Which way an opening across the back runs. */
    public static final Question<Axis> RUNS = Question.oneOf("runs", Axis.ACROSS, "way");

    /** Which edge one is in that lies in an edge. */
    public static final Question<Axis> EDGE_RUNS = Question.oneOf("runs", Axis.ACROSS, "edge-way");

    /** As these answers have it. */
    public static Frame of(Details details) {
        return new Frame(details.oneOf("runs", Axis.class));
    }

    /** What a thing is called that there is one of at each end. */
    public static Function<Details, Phrase> calling(String thing, PanelRole role) {
        return details -> Phrase.of(of(details).named(thing, role));
    }

    /** Whether the panels lie one above the other rather than side by side. */
    public boolean isStacked() {
        return runs == Axis.ACROSS;
    }

    /** The direction from where a back starts to where it ends. */
    public Axis deep() {
        return runs.other();
    }

    public Side start() {
        return CoverDimensions.before(runs);
    }

    public Side end() {
        return start().opposite();
    }

    /** The side at which a seam along the opening starts. */
    public Side alongFrom() {
        return CoverDimensions.before(runs.other());
    }

    /** The side on which a panel is caught in the seam round the cover. */
    public Side outer(PanelRole role) {
        return free(role).opposite();
    }

    /** The side on which a panel is free. */
    public Side free(PanelRole role) {
        return role == PanelRole.SECOND ? start() : end();
    }

    /** The words for what lies like this: {@code brief.wrap}, or {@code brief.wrap-upright}. */
    public String worded(String code) {
        return isStacked() ? code : code + "-upright";
    }

    /** The words for a length deep: {@code term.twice-height}, or {@code term.twice-width}. */
    public String ofDeep(String code) {
        return code + (isStacked() ? "-height" : "-width");
    }

    /** The name of a thing that there is one of at each end: {@code back-upper}, or {@code back-left}. */
    public String named(String thing, PanelRole role) {
        boolean first = role == PanelRole.FIRST;
        return thing + "-" + (isStacked() ? first ? "upper" : "lower" : first ? "left" : "right");
    }

    /** What becomes of the edges of a piece that is sewn on both of its other sides. */
    public Map<Side, Edge> edges(Length allowance, Edge start, Edge end) {
        Map<Side, Edge> edges = new EnumMap<>(Piece.sewnAllRound(allowance));
        edges.put(start(), start);
        edges.put(end(), end);
        return edges;
    }

    /** What lies on the table, moved so far towards where the back ends. */
    public Laid moved(Laid laid, Length deep) {
        return isStacked() ? laid.at(Length.ZERO, deep) : laid.at(deep, Length.ZERO);
    }

    /** What lies on the table, made so deep. */
    public Laid madeDeep(Laid laid, Length deep) {
        return isStacked()
                ? laid.sized(laid.box().width(), deep)
                : laid.sized(deep, laid.box().height());
    }

    /** The same of a cover of these sizes. */
    public Sized of(CoverDimensions sizes) {
        return new Sized(this, sizes);
    }

    /** The back of a cover of known sizes. */
    public record Sized(Frame frame, CoverDimensions sizes) {

        /** Finished, along the opening. */
        public Length along() {
            return sizes.finished(frame.runs());
        }

        /** Finished, across it. */
        public Length depth() {
            return sizes.finished(frame.deep());
        }

        /** The same as it is cut. */
        public Length cutDepth() {
            return sizes.cut(frame.deep()).total();
        }

        /** What a panel gives up to the seam round the cover. */
        public Sum.Term allowance() {
            return Sum.term("term.allowance", sizes.allowance());
        }

        /** A strip as long as the cover is along the opening, sewn on both long sides. */
        public Piece strip(String id, Sum deep, Edge start, Edge end) {
            Sum along = sizes.cut(frame.runs());
            Map<Side, Edge> edges = frame.edges(sizes.allowance(), start, end);
            return frame.isStacked()
                    ? sizes.panel(id, Material.FRONT, along, deep, edges)
                    : sizes.panel(id, Material.FRONT, deep, along, edges);
        }

        /**
         * One of two panels, from the edge of the cover to its free edge.
         *
         * @param free what becomes of that
         */
        public Piece panel(PanelRole role, Length finished, Sum cut, Edge free) {
            return part("back", Material.BACK, role, finished, cut, free);
        }

        /** The lining of such a panel. */
        public Piece lining(PanelRole role, Length finished, Sum cut, Edge free) {
            return part("lining", Material.LINING, role, finished, cut, free);
        }

        private Piece part(String thing, Material material, PanelRole role, Length finished, Sum cut, Edge free) {
            Edge seam = Edge.seam(sizes.allowance());
            boolean first = role == PanelRole.FIRST;
            return sizes.part(
                    frame.named(thing, role),
                    material,
                    frame.runs(),
                    from(role, finished),
                    from(role, finished).plus(finished),
                    cut,
                    first ? seam : free,
                    first ? free : seam);
        }

        /** A band between two panels, both of its edges made alike. */
        public Piece band(Length from, Length to, Sum cut, Edge edge) {
            return sizes.part("band", Material.BACK, frame.runs(), from, to, cut, edge, edge)
                    .as(PieceRole.Whole.BAND);
        }

        /** Where one of two panels lies that is so deep. */
        public Panel lying(PanelRole role, Piece piece, Length finished) {
            Length from = from(role, finished);
            return Panel.of(role, piece, from, from.plus(finished)).free(frame.free(role));
        }

        private Length from(PanelRole role, Length finished) {
            return role == PanelRole.FIRST ? Length.ZERO : depth().minus(finished);
        }
    }
}
