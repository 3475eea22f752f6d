package app.dapt.files;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What earlier formats of the plan file had otherwise, put as it is written now. In 1 a cloth had no number of its own;
 * in 2 a run that had no straps had nought of them, and straps to prop it sat on a numbered line between pockets.
 */
final class EarlierPlans {

    private EarlierPlans() {}

    /** A shape. */
    static ObjectNode shape(ObjectNode shape) {
        JsonNode straps = shape.path("straps");
        if (straps.isIntegralNumber() && straps.intValue() == 0) {
            shape.put("strapUse", "none").put("straps", 1);
        } else if (straps.isIntegralNumber() && !shape.has("strapUse")) {
            shape.put("strapUse", "carry");
        }
        shape.remove("strapLine");
        return shape;
    }
}
