package app.dapt.files.archive;

import app.dapt.files.BadPlanFile;
import app.dapt.files.Cursor;
import app.dapt.files.plan.PlanJson;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What stands beside covers and sets, as the JSON that stands for it in the workroom's file. */
public final class BesideParts {

    private static final int MOST = 20_000;
    private static final int MOST_SETS = 10_000;
    private static final int MOST_RANK = 1_000_000;
    private static final int DEAREST = 10_000_000;
    private static final int LONGEST = 60;

    private BesideParts() {}

    /**
     * The place of a cover or a set among all that is in work, and what its cost is set beside, in hundredths.
     *
     * @param cover its file; nothing where it is a set
     * @param set   the place of the set among all sets, from nought; of no meaning for a cover
     * @param rank  from one; 0 where it has no place of its own
     */
    public record Beside(Optional<String> cover, int set, int rank, Optional<Integer> form, Optional<Integer> bought) {}

    static String write(List<Beside> all) {
        ObjectNode root = PlanJson.object();
        ArrayNode list = root.putArray("beside");
        for (Beside each : all) {
            ObjectNode at = list.addObject();
            each.cover().ifPresentOrElse(file -> at.put("cover", file), () -> at.put("set", each.set()));
            if (each.rank() > 0) {
                at.put("rank", each.rank());
            }
            each.form().ifPresent(paid -> at.put("form", paid));
            each.bought().ifPresent(paid -> at.put("bought", paid));
        }
        return PlanJson.text(root);
    }

    /**
     * The same read.
     *
     * @param covers the files there are; another is refused
     */
    static List<Beside> read(String text, Set<String> covers) throws BadPlanFile {
        Cursor root = Cursor.root(PlanJson.tree(text));
        List<Beside> all = new ArrayList<>();
        for (Cursor at : root.objects("beside", MOST)) {
            Optional<String> cover = at.has("cover") ? Optional.of(at.text("cover", LONGEST)) : Optional.empty();
            if (cover.filter(file -> !covers.contains(file)).isPresent()) {
                throw new BadPlanFile("beside", "is of a cover that is not there");
            }
            all.add(new Beside(
                    cover,
                    cover.isPresent() ? 0 : at.number("set", 0, MOST_SETS),
                    maybe(at, "rank", 1, MOST_RANK).orElse(0),
                    maybe(at, "form", 0, DEAREST),
                    maybe(at, "bought", 0, DEAREST)));
            at.done();
        }
        root.done();
        return all;
    }

    private static Optional<Integer> maybe(Cursor at, String name, int least, int most) throws BadPlanFile {
        return at.has(name) ? Optional.of(at.number(name, least, most)) : Optional.empty();
    }
}
