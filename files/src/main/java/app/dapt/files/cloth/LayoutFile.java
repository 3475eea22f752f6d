package app.dapt.files.cloth;

import app.dapt.files.BadPlanFile;
import app.dapt.layout.search.Placements;
import app.dapt.layout.search.Task;
import app.dapt.layout.search.Task.Item;
import app.dapt.layout.search.Task.Remnant;
import app.dapt.layout.search.Task.Repeat;
import app.dapt.piece.GridPolygon;
import app.dapt.piece.GridPolygon.Corner;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What to lay out, as JSON: pieces with their sizes in whole units and the cloth or the remnants they are laid on; and
 * the layout that comes of it. Foreign or broken files are refused with the place.
 *
 * @param id   what the file calls itself
 * @param task to lay out
 * @param step what the shop sells the cloth in; one where it does not say
 */
public record LayoutFile(String id, Task task, int step) {

    /** No cloth is wider or longer, in whichever unit. */
    private static final int LARGEST = 1_000_000;

    private static final int MOST_REMNANTS = 60;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    public static LayoutFile read(String text) throws BadPlanFile {
        try {
            JsonNode root = JSON.readTree(text);
            if (!root.isObject()) {
                throw new BadPlanFile("", "is not a JSON object");
            }
            List<Item> items = items(root);
            List<Remnant> remnants = remnants(root);
            int width = remnants.isEmpty() ? number(root, "width", "", 1) : 0;
            int step = root.has("step") ? number(root, "step", "", 1) : 1;
            Task task = new Task(width, items, remnants);
            if (remnants.isEmpty() && task.tooWide().isPresent()) {
                throw new BadPlanFile("pieces", "“" + task.tooWide().get().id() + "” is wider than the cloth");
            }
            return new LayoutFile(root.path("id").asString("layout"), task, step);
        } catch (JacksonException e) {
            throw new BadPlanFile("", "is not JSON (" + e.getOriginalMessage() + ")");
        } catch (IllegalArgumentException e) {
            throw new BadPlanFile("pieces", String.valueOf(e.getMessage()));
        }
    }

    private static List<Item> items(JsonNode root) throws BadPlanFile {
        List<Item> items = new ArrayList<>();
        Set<String> names = new HashSet<>();
        JsonNode pieces = root.path("pieces");
        if (!pieces.isArray() || pieces.isEmpty()) {
            throw new BadPlanFile("pieces", "holds nothing to cut");
        }
        for (int i = 0; i < pieces.size(); i++) {
            JsonNode piece = pieces.get(i);
            String at = "pieces[" + i + "].";
            String id = piece.path("id").asString("");
            if (id.isBlank() || !names.add(id)) {
                throw new BadPlanFile(at + "id", "is missing or stands twice");
            }
            Optional<Repeat> repeat = piece.has("match")
                    ? Optional.of(new Repeat(
                            number(piece.path("match"), "repeat", at + "match.", 1),
                            number(piece.path("match"), "offset", at + "match.", 0)))
                    : Optional.empty();
            items.add(new Item(
                    id,
                    number(piece, "w", at, 1),
                    number(piece, "h", at, 1),
                    piece.has("qty") ? number(piece, "qty", at, 1) : 1,
                    piece.path("rotate").asBoolean(false),
                    repeat));
        }
        return items;
    }

    private static List<Remnant> remnants(JsonNode root) throws BadPlanFile {
        List<Remnant> remnants = new ArrayList<>();
        JsonNode all = root.path("remnants");
        if (all.size() > MOST_REMNANTS) {
            throw new BadPlanFile("remnants", "are more than " + MOST_REMNANTS);
        }
        for (int i = 0; i < all.size(); i++) {
            JsonNode remnant = all.get(i);
            String at = "remnants[" + i + "].";
            List<Corner> corners = new ArrayList<>();
            if (remnant.has("polygon")) {
                for (JsonNode corner : remnant.path("polygon")) {
                    if (corner.size() != 2 || !isPlace(corner.get(0)) || !isPlace(corner.get(1))) {
                        throw new BadPlanFile(
                                at + "polygon",
                                "is not a list of corners with two whole numbers each, up to " + LARGEST);
                    }
                    corners.add(
                            new Corner(corner.get(0).intValue(), corner.get(1).intValue()));
                }
                if (corners.size() < 3 || corners.size() > 200 || new GridPolygon(corners).crossesItself()) {
                    throw new BadPlanFile(
                            at + "polygon", "is no outline: it needs 3 to 200 corners and must not cross itself");
                }
            } else {
                int w = number(remnant, "w", at, 1);
                int h = number(remnant, "h", at, 1);
                corners.addAll(List.of(new Corner(0, 0), new Corner(w, 0), new Corner(w, h), new Corner(0, h)));
            }
            remnants.add(new Remnant(remnant.path("id").asString("remnant-" + i), corners));
        }
        return remnants;
    }

    private static boolean isPlace(JsonNode value) {
        return value.isIntegralNumber() && value.canConvertToInt() && Math.abs(value.longValue()) <= LARGEST;
    }

    private static int number(JsonNode at, String name, String path, int least) throws BadPlanFile {
        JsonNode value = at.path(name);
        if (!value.isIntegralNumber()
                || !value.canConvertToInt()
                || value.intValue() < least
                || value.intValue() > LARGEST) {
            throw new BadPlanFile(path + name, "is not a whole number from " + least + " to " + LARGEST);
        }
        return value.intValue();
    }

    /** The layout, with what is to buy and whether less is possible. */
    public String write(Placements laying, int least) {
        ObjectNode root = JSON.createObjectNode().put("instance", id);
        if (task.remnants().isEmpty()) {
            int buy = rounded(laying.length());
            root.put("length", laying.length())
                    .put("buy", buy)
                    .put("leastPossible", least)
                    .put(
                            "verdict",
                            laying.length() <= least
                                    ? "proved least"
                                    : buy <= rounded(least)
                                            ? "less cannot be bought"
                                            : "within " + Math.round(1000.0 * (laying.length() - least) / least) / 10.0
                                                    + " % of the least possible");
        } else {
            root.put("placed", laying.placed().size())
                    .put("leftOut", task.count() - laying.placed().size());
        }
        var placements = root.putArray("placements");
        for (Placements.Placed placed : laying.placed()) {
            ObjectNode at = placements
                    .addObject()
                    .put("piece", task.items().get(placed.item()).id())
                    .put("x", placed.x())
                    .put("y", placed.y())
                    .put("rotated", placed.turned());
            if (!task.remnants().isEmpty()) {
                at.put("remnant", task.remnants().get(placed.remnant()).id());
            }
        }
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
    }

    private int rounded(int length) {
        return (length + step - 1) / step * step;
    }
}
