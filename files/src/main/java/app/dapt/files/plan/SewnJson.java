package app.dapt.files.plan;

import app.dapt.cover.Reckoned;
import app.dapt.make.PaperSewing;
import app.dapt.make.PaperSewing.State;
import app.dapt.make.SewnCover;
import app.dapt.measure.Axis;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece;
import app.dapt.workpiece.Facet;
import app.dapt.workpiece.Placement;
import app.dapt.workpiece.Reach;
import app.dapt.workpiece.Seam;
import app.dapt.workpiece.Stack;
import app.dapt.workpiece.Table;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A cover sewn on paper as JSON: what lies on the table after every step that changes it. Millimetres, x to the right
 * and y upwards; {@code map} is [a, b, d, e, x, y] with (X, Y) = (a u + b v + x, d u + e v + y) for a point (u, v) of
 * the piece, seen from its right side from its lower left corner.
 */
public final class SewnJson {

    private static final int FORMAT = 1;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final PaperSewing sewing;
    private final Map<String, Piece> pieces;

    private SewnJson(PaperSewing sewing) {
        this.sewing = sewing;
        this.pieces = sewing.reckoned().pieces().stream().collect(Collectors.toMap(Piece::id, Function.identity()));
    }

    public static String write(PaperSewing sewing) {
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(new SewnJson(sewing).root());
    }

    private ObjectNode root() {
        ObjectNode root = JSON.createObjectNode();
        root.put("kind", "dapt-sewn").put("format", FORMAT).put("unit", "mm");
        ArrayNode cut = root.putArray("cut");
        sewing.start().stacks().values().stream().flatMap(Stack::facets).forEach(facet -> cut.addObject()
                .put("piece", facet.piece())
                .put("number", facet.number())
                .put("area", round(facet.area())));
        ArrayNode states = root.putArray("states");
        sewing.states().stream()
                .filter(state -> !state.step().moves().isEmpty())
                .forEach(state -> state(states.addObject(), state));
        cover(root.putObject("cover"));
        return root;
    }

    private void state(ObjectNode node, State state) {
        Table table = state.table();
        node.put("after", state.step().id());
        ArrayNode stacks = node.putArray("stacks");
        table.stacks().values().forEach(stack -> stack.facets().forEach(new Facets(stacks.addArray())::add));
        ArrayNode trimmed = node.putArray("trimmed");
        table.trimmed().forEach((name, area) -> {
            String[] parts = name.split("#", 2);
            trimmed.addObject()
                    .put("piece", parts[0])
                    .put("number", parts.length > 1 ? Integer.parseInt(parts[1]) : 1)
                    .put("area", round(area));
        });
        table.find(sewing.reckoned().front().id())
                .filter(front -> front.cavity().isPresent())
                .ifPresentOrElse(front -> node.put("cavity", below(front)), () -> node.putNull("cavity"));
    }

    /** How many facets lie below the room for the form. */
    private static int below(Stack front) {
        return front.plies().subList(0, front.cavity().orElseThrow()).stream()
                .mapToInt(List::size)
                .sum();
    }

    /** The facets of one stack. */
    private final class Facets {

        private final ArrayNode stack;

        Facets(ArrayNode stack) {
            this.stack = stack;
        }

        void add(Facet facet) {
            ObjectNode node = stack.addObject().put("piece", facet.piece()).put("number", facet.number());
            outline(node.putArray("shape"), facet.shape());
            Placement place = facet.place();
            double high = pieces.containsKey(facet.piece())
                    ? pieces.get(facet.piece()).cutHeight().toMm()
                    : 0;
            ArrayNode map = node.putArray("map");
            for (double value : new double[] {
                place.a(),
                -place.b(),
                -place.c(),
                place.d(),
                place.b() * high + place.x(),
                -place.d() * high - place.y()
            }) {
                map.add(round(value));
            }
            node.put("fullness", round(1 / Math.abs(place.determinant())));
        }
    }

    private void cover(ObjectNode node) {
        Reckoned reckoned = sewing.reckoned();
        SewnCover cover = sewing.comesTo();
        Stack stack = sewing.cover();
        Reach reach = stack.reach();
        Contour outline = stack.seam()
                .flatMap(Seam::outline)
                .orElseGet(() -> Contour.rectangle(reach.left(), reach.top(), reach.right(), reach.bottom()));
        outline(node.putArray("outline"), outline.points());
        ObjectNode outside = node.putObject("outside");
        cover.before().forEach(outside.putArray("front")::add);
        cover.outside().forEach(outside.putArray("back")::add);
        cover.overlap().ifPresentOrElse(is -> node.put("overlap", round(is)), () -> node.putNull("overlap"));
        node.put("opening", round(reckoned.back().length().toMm()))
                .put("across", round(cover.across()))
                .put("upDown", round(cover.upDown()))
                .put("plannedAcross", round(reckoned.finished(Axis.ACROSS).toMm()))
                .put("plannedUpDown", round(reckoned.finished(Axis.UP_DOWN).toMm()))
                .put("rawSeen", cover.faults().contains(SewnCover.Fault.RAW_EDGE))
                .put("asPlanned", cover.isAsPlanned());
    }

    private static void outline(ArrayNode node, List<Point> points) {
        points.forEach(point -> node.addArray().add(round(point.x())).add(round(-point.y())));
    }

    private static double round(double value) {
        return Math.round(value * 1e6) / 1e6;
    }
}
