package app.dapt.files.plan;

import app.dapt.files.BadPlanFile;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The numbers by which plans and entries name their pictures; in another workroom they belong to others. */
public final class PictureNumbers {

    private PictureNumbers() {}

    /**
     * The same plan or entry where its pictures have other numbers; one that has none is shown no more.
     *
     * @param numbers the numbers that pictures have now, by those they had
     * @throws BadPlanFile where it is not a JSON object, or no store can keep what it holds
     */
    public static String renumbered(String json, Map<Long, Long> numbers) throws BadPlanFile {
        if (!(PlanJson.tree(json) instanceof ObjectNode tree)) {
            throw new BadPlanFile("", "is not a JSON object");
        }
        renumber(tree, numbers);
        String text = PlanJson.text(tree);
        if (text.contains("\\u0000")) {
            throw new BadPlanFile("", "holds a character that nothing can keep");
        }
        return text;
    }

    private static void renumber(JsonNode node, Map<Long, Long> numbers) {
        if (node instanceof ObjectNode object) {
            JsonNode picture = object.get("picture");
            Optional<ObjectNode> holder = picture instanceof ObjectNode of ? Optional.of(of) : Optional.empty();
            String name = holder.isPresent() ? "number" : "picture";
            JsonNode number = holder.orElse(object).get(name);
            if (number != null && number.canConvertToLong()) {
                Long now = numbers.get(number.longValue());
                if (now == null) {
                    object.remove("picture");
                } else {
                    holder.orElse(object).put(name, now);
                }
            }
        }
        node.forEach(child -> renumber(child, numbers));
    }
}
