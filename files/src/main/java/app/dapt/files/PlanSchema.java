package app.dapt.files;

import app.dapt.cover.JoiningKind;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.front.ExtrasKind;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.util.Map;
import java.util.stream.Stream;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The JSON Schema of the plan file: what is the same for every plan from {@code /plan-format.base.json}, and each kind of
 * shape, opening, front and join with the details it lists itself. {@code docs/plan-format.schema.json} is what this
 * writes, which a test holds it to.
 */
public final class PlanSchema {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private PlanSchema() {
    }

    public static String write() {
        ObjectNode schema = (ObjectNode) JSON.readTree(PlanSchema.class.getResourceAsStream("/plan-format.base.json"));
        Map.of("shape", ShapeKind.values(), "opening", OpeningKind.values(), "face", FaceKind.values(), "edging", EdgingKind.values(), "extras", ExtrasKind.values(), "joining", JoiningKind.values())
                .entrySet().stream().sorted(Map.Entry.comparingByKey())
                .forEach(entry -> kinds(schema.withObject("/$defs").putObject(entry.getKey()).putArray("oneOf"), entry.getValue()));
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(schema) + "\n";
    }

    private static void kinds(ArrayNode all, Kind<?>[] kinds) {
        for (Kind<?> kind : kinds) {
            Detailed usual = kind.usual(Unit.INCH);
            ObjectNode one = all.addObject().put("type", "object").put("additionalProperties", false);
            ArrayNode required = one.putArray("required").add("kind");
            ObjectNode properties = one.putObject("properties");
            properties.putObject("kind").put("const", Phrase.code((Enum<?>) kind));
            for (Detail detail : usual.details()) {
                describe(properties.putObject(detail.name()), detail);
                if (!(detail instanceof Detail.MaybeMeasure)) {
                    required.add(detail.name());
                }
            }
        }
    }

    private static void describe(ObjectNode at, Detail detail) {
        if (detail instanceof Detail.OneOf oneOf) {
            Stream<String> codes = oneOf.choices().map(Phrase::code);
            ArrayNode choices = at.putArray("enum");
            codes.forEach(choices::add);
        } else if (detail instanceof Detail.Count count) {
            at.put("type", "integer").put("minimum", count.least()).put("maximum", count.most());
        } else if (detail instanceof Detail.Tick) {
            at.put("type", "boolean");
        } else {
            at.put("$ref", "#/$defs/length");
        }
    }
}
