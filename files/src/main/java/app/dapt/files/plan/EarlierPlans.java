package app.dapt.files.plan;

import app.dapt.files.ExactLength;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What earlier formats of the plan file had otherwise, put as it is written now. In 1 a cloth had no number of its own.
 * In 2 a run that had no straps had nought of them, and straps to prop it sat on a numbered line between pockets; rows
 * on the front were all alike and evenly apart; a V's flap was turned once.
 *
 * @param unit the plan's
 */
record EarlierPlans(Unit unit) {

    private static final List<String> ROWS = List.of("rowsOf", "rowsLowest", "rowsApart", "rowsDeep");

    ObjectNode shape(ObjectNode shape) {
        JsonNode straps = shape.path("straps");
        if (straps.isIntegralNumber() && straps.intValue() == 0) {
            shape.put("strapUse", "none").put("straps", 1);
        } else if (straps.isIntegralNumber() && !shape.has("strapUse")) {
            shape.put("strapUse", "carry");
        }
        shape.remove("strapLine");
        return shape;
    }

    ObjectNode opening(ObjectNode opening) {
        JsonNode turned = opening.remove("flapHem");
        if (turned != null) {
            opening.put("endHem", "single").set("endTurnOne", turned);
            opening.set("endTurnTwo", turned);
        }
        return opening;
    }

    /** Rows as they were, each with a place of its own: the lowest, and every other so far above it. */
    ObjectNode extras(ObjectNode extras) {
        String of = extras.path("rowsOf").asString("none");
        int count = of.equals("none") ? 0 : extras.path("rows").asInt(0);
        for (int i = 0; i < count; i++) {
            String row = "row" + (i + 1);
            extras.put(row + "Of", of).put(row + "Way", "across").put(row + "Edges", "hemmed");
            int above = i;
            length(extras, "rowsLowest")
                    .flatMap(lowest -> length(extras, "rowsApart").map(apart -> lowest.plus(apart.times(above))))
                    .ifPresent(at -> extras.put(row + "At", ExactLength.write(at, unit)));
            length(extras, "rowsDeep").ifPresent(deep -> extras.put(row + "Deep", ExactLength.write(deep, unit)));
        }
        if (extras.has("rowsOf")) {
            extras.put("rows", count);
        }
        extras.remove(ROWS);
        return extras;
    }

    private static Optional<Length> length(ObjectNode at, String name) {
        return ExactLength.read(at.path(name).asString(""));
    }
}
