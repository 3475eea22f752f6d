package app.dapt.files.cloth;

import app.dapt.cloth.Scrap;
import app.dapt.cloth.Scrap.Corner;
import app.dapt.cloth.Scrap.Spoilt;
import app.dapt.cover.decision.LengthRange;
import app.dapt.files.BadPlanFile;
import app.dapt.files.Cursor;
import app.dapt.files.ExactLength;
import app.dapt.measure.Unit;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A remnant as JSON: its name, its corners and the places to cut round. */
final class ScrapJson {

    private ScrapJson() {}

    static Scrap read(Cursor at) throws BadPlanFile {
        List<Corner> corners = new ArrayList<>();
        for (Cursor corner : at.objects("corners", Scrap.MOST_CORNERS)) {
            corners.add(new Corner(
                    corner.length("across", LengthRange.AT_HAND), corner.length("along", LengthRange.AT_HAND)));
        }
        List<Spoilt> spots = new ArrayList<>();
        for (Cursor spot : at.objects("spots", Scrap.MOST_SPOTS)) {
            spots.add(new Spoilt(
                    spot.length("across", LengthRange.AT_HAND),
                    spot.length("along", LengthRange.AT_HAND),
                    spot.length("wide", LengthRange.AT_HAND),
                    spot.length("deep", LengthRange.AT_HAND)));
        }
        return new Scrap(at.text("name", Scrap.LONGEST_NAME), corners, spots);
    }

    /** Writes lengths in this unit where that is exact. */
    static void write(ObjectNode at, Scrap scrap, Unit unit) {
        at.put("name", scrap.name());
        ArrayNode corners = at.putArray("corners");
        scrap.corners().forEach(corner -> corners.addObject()
                .put("across", ExactLength.write(corner.across(), unit))
                .put("along", ExactLength.write(corner.along(), unit)));
        ArrayNode spots = at.putArray("spots");
        scrap.spots().forEach(spot -> spots.addObject()
                .put("across", ExactLength.write(spot.across(), unit))
                .put("along", ExactLength.write(spot.along(), unit))
                .put("wide", ExactLength.write(spot.wide(), unit))
                .put("deep", ExactLength.write(spot.deep(), unit)));
    }
}
