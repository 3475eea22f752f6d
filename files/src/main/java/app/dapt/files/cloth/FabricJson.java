package app.dapt.files.cloth;

import app.dapt.cloth.Scrap;
import app.dapt.files.BadPlanFile;
import app.dapt.files.Cursor;
import app.dapt.files.plan.ClothJson;
import app.dapt.measure.Unit;
import app.dapt.shelf.Fabric;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What is told of a cloth or a remnant on the shelf, as JSON. */
public final class FabricJson {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private FabricJson() {}

    public static String text(Fabric fabric) {
        ObjectNode root = JSON.createObjectNode().put("washed", fabric.washed());
        // A picture belongs to a cover.
        ClothJson.write(root.putObject("like"), fabric.like().withPhoto(Optional.empty()));
        fabric.outline().ifPresent(outline -> ScrapJson.write(root.putObject("outline"), outline, Unit.INCH));
        return root.toString();
    }

    /** @throws BadPlanFile with the place, where the text is no such thing */
    public static Fabric read(String text) throws BadPlanFile {
        try {
            Cursor root = Cursor.root(JSON.readTree(text));
            Optional<Scrap> outline = Optional.empty();
            if (root.has("outline")) {
                Cursor at = root.object("outline");
                outline = Optional.of(ScrapJson.read(at));
                at.done();
            }
            Fabric fabric = new Fabric(ClothJson.read(root.object("like")), root.flag("washed"), outline);
            root.done();
            return fabric;
        } catch (JacksonException e) {
            throw new BadPlanFile("", "is not JSON");
        } catch (IllegalArgumentException e) {
            throw new BadPlanFile("", String.valueOf(e.getMessage()));
        }
    }
}
