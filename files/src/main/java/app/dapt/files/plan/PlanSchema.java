package app.dapt.files.plan;

import app.dapt.cover.JoiningKind;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.front.ExtrasKind;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The JSON Schema of the plan file: what is the same for every plan from {@code /plan-format.base.json}, and each kind
 * of shape, opening, front and join with the details it lists itself. {@code docs/plan-format.schema.json} is what this
 * writes, which a test holds it to.
 */
public final class PlanSchema {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private PlanSchema() {}

    public static String write() {
        ObjectNode schema = (ObjectNode) JSON.readTree(PlanSchema.class.getResourceAsStream("/plan-format.base.json"));
        Map.<String, Kinds<?>>of(
                        "shape",
                        ShapeKind.ALL,
                        "opening",
                        OpeningKind.ALL,
                        "face",
                        FaceKind.ALL,
                        "edging",
                        EdgingKind.ALL,
                        "extras",
                        ExtrasKind.ALL,
                        "joining",
                        JoiningKind.ALL)
                .entrySet()
                .stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(entry -> kinds(
                        schema.withObject("/$defs").putObject(entry.getKey()).putArray("oneOf"), entry.getValue()));
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(schema) + "\n";
    }

    private static void kinds(ArrayNode all, Kinds<?> kinds) {
        for (Kind<?> kind : kinds.all()) {
            Detailed usual = kind.usual(Unit.INCH);
            ObjectNode one = all.addObject().put("type", "object").put("additionalProperties", false);
            ArrayNode required = one.putArray("required").add("kind");
            ObjectNode properties = one.putObject("properties");
            properties.putObject("kind").put("const", kind.code());
            for (Detail<?> detail : usual.details()) {
                detail.match(new Description(properties.putObject(detail.name())));
                if (!detail.isOptional() && !kind.mayLeaveOut()) {
                    required.add(detail.name());
                }
            }
        }
    }

    /** What the schema says of a detail. */
    private record Description(ObjectNode at) implements Detail.Cases<ObjectNode, RuntimeException> {

        @Override
        public ObjectNode measure(Detail.Measure detail) {
            return at.put("$ref", "#/$defs/length");
        }

        @Override
        public ObjectNode maybe(Detail.MaybeMeasure detail) {
            return at.put("$ref", "#/$defs/length");
        }

        @Override
        public <E extends Enum<E>> ObjectNode oneOf(Detail.OneOf<E> detail) {
            ArrayNode choices = at.putArray("enum");
            detail.choices().map(Phrase::code).forEach(choices::add);
            return at;
        }

        @Override
        public ObjectNode count(Detail.Count detail) {
            return at.put("type", "integer").put("minimum", detail.least()).put("maximum", detail.most());
        }

        @Override
        public ObjectNode tick(Detail.Tick detail) {
            return at.put("type", "boolean");
        }
    }
}
