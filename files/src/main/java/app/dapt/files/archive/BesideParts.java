package app.dapt.files.archive;

import app.dapt.files.BadPlanFile;
import app.dapt.files.Cursor;
import app.dapt.files.plan.PlanJson;
import java.time.DateTimeException;
import java.time.LocalDate;
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
    private static final int LONGEST_LINE = 120;
    private static final int LONGEST_NOTE = 300;
    private static final long MOST_QUOTED = 1_000_000_000_000L;

    private BesideParts() {}

    /**
     * The place of a cover or a set among all that is in work, and what its cost is set beside, in hundredths.
     *
     * @param cover its file; nothing where it is a set
     * @param set   the place of the set among all sets, from nought; of no meaning for a cover
     * @param rank  from one; 0 where it has no place of its own
     */
    public record Beside(Optional<String> cover, int set, int rank, Optional<Integer> form, Optional<Integer> bought) {}

    /**
     * For whom a cover or a set is made. Money in hundredths.
     *
     * @param cover  its file; nothing where it is a set
     * @param set    the place of the set among all sets
     * @param quoted what they were told it costs, and when
     */
    public record ForClient(
            Optional<String> cover,
            int set,
            String name,
            String reach,
            boolean ownCloth,
            boolean ownForm,
            Optional<LocalDate> until,
            int extra,
            int paid,
            String note,
            Optional<Long> quoted,
            Optional<LocalDate> quotedOn) {}

    static String write(List<Beside> all, List<ForClient> clients) {
        ObjectNode root = PlanJson.object();
        ArrayNode cards = root.putArray("clients");
        clients.forEach(client -> write(cards.addObject(), client));
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

    private static void write(ObjectNode at, ForClient client) {
        client.cover().ifPresentOrElse(file -> at.put("cover", file), () -> at.put("set", client.set()));
        at.put("name", client.name())
                .put("reach", client.reach())
                .put("ownCloth", client.ownCloth())
                .put("ownForm", client.ownForm())
                .put("extra", client.extra())
                .put("paid", client.paid())
                .put("note", client.note());
        client.until().ifPresent(day -> at.put("until", day.toString()));
        client.quoted().ifPresent(total -> at.put("quoted", total));
        client.quotedOn().ifPresent(day -> at.put("quotedOn", day.toString()));
    }

    /** The clients' cards; none where the file is from before there were any. */
    static List<ForClient> readClients(String text, Set<String> covers) throws BadPlanFile {
        Cursor root = Cursor.root(PlanJson.tree(text));
        List<ForClient> all = new ArrayList<>();
        for (Cursor at : root.has("clients") ? root.objects("clients", MOST) : List.<Cursor>of()) {
            Optional<String> cover = cover(at, covers);
            all.add(new ForClient(
                    cover,
                    cover.isPresent() ? 0 : at.number("set", 0, MOST_SETS),
                    at.maybeText("name", LONGEST_LINE),
                    at.maybeText("reach", LONGEST_LINE),
                    at.flag("ownCloth"),
                    at.flag("ownForm"),
                    day(at, "until"),
                    at.number("extra", 0, DEAREST),
                    at.number("paid", 0, DEAREST),
                    at.maybeText("note", LONGEST_NOTE),
                    at.has("quoted") ? Optional.of(at.wide("quoted", 0, MOST_QUOTED)) : Optional.empty(),
                    day(at, "quotedOn")));
            at.done();
        }
        return all;
    }

    private static Optional<LocalDate> day(Cursor at, String name) throws BadPlanFile {
        try {
            return at.has(name) ? Optional.of(LocalDate.parse(at.text(name, LONGEST))) : Optional.empty();
        } catch (DateTimeException none) {
            throw new BadPlanFile(name, "is no day");
        }
    }

    private static Optional<String> cover(Cursor at, Set<String> covers) throws BadPlanFile {
        Optional<String> cover = at.has("cover") ? Optional.of(at.text("cover", LONGEST)) : Optional.empty();
        if (cover.filter(file -> !covers.contains(file)).isPresent()) {
            throw new BadPlanFile("beside", "is of a cover that is not there");
        }
        return cover;
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
            Optional<String> cover = cover(at, covers);
            all.add(new Beside(
                    cover,
                    cover.isPresent() ? 0 : at.number("set", 0, MOST_SETS),
                    maybe(at, "rank", 1, MOST_RANK).orElse(0),
                    maybe(at, "form", 0, DEAREST),
                    maybe(at, "bought", 0, DEAREST)));
            at.done();
        }
        if (root.has("clients")) {
            root.objects("clients", MOST);
        }
        root.done();
        return all;
    }

    private static Optional<Integer> maybe(Cursor at, String name, int least, int most) throws BadPlanFile {
        return at.has(name) ? Optional.of(at.number(name, least, most)) : Optional.empty();
    }
}
