package app.dapt.files.archive;

import app.dapt.files.BadPlanFile;
import app.dapt.files.Cursor;
import app.dapt.files.plan.PlanJson;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a workroom is made of besides the plans of its covers and its pictures, each as the JSON that stands for it in a
 * {@linkplain WorkroomFile workroom's file}. Plans and entries within are kept as the text they are, so that what does
 * not read is carried along as it is. What is written reads back the same.
 */
public final class WorkroomParts {

    /** What marks a file as a workroom. */
    static final String KIND = "dapt-workroom";

    static final int FORMAT = 2;

    /** Of one cover, this many steps are spoken of and no more. */
    public static final int MOST_TICKS = 2_000;

    private static final int MOST_TOOLS = 100;
    private static final int MOST_DAYS_OFF = 200;
    private static final int MOST_MISHAPS = 100;
    private static final int MOST_SECONDS = 1_000_000;
    private static final int MOST_SETS = 2_000;
    private static final int MOST_LAYS = 50_000;
    private static final int MOST_WASHES = 2_000;
    private static final int MOST_COVERS = 40;
    private static final int MOST_CLOTHS = 400;
    private static final int MOST_UNREAD = 10_000;
    private static final int MOST_OF_ONE = 99;
    private static final int LONGEST_NAME = 80;
    private static final int DAY = 1440;
    private static final Pattern CURRENCY = Pattern.compile("[A-Z]{3}");
    private static final Pattern FILE = Pattern.compile("[\\w-]{1,60}\\.json");

    private WorkroomParts() {}

    /**
     * What is known of a cover besides its plan.
     *
     * @param id  the same wherever the cover is carried
     * @param due the day by which it is to be done
     * @param cut the plan it was cut by
     * @param mishaps what went wrong with it
     */
    public record Work(UUID id, Optional<LocalDate> due, Optional<Cut> cut, List<Tick> ticks, List<Mishap> mishaps) {
        public Work {
            ticks = List.copyOf(ticks);
            mishaps = List.copyOf(mishaps);
        }
    }

    /** A plan as it was when the fabric was cut. */
    public record Cut(Instant at, String plan) {}

    /** What went wrong at a step: its stitching in grains. */
    public record Mishap(UUID id, String step, String kind, String note, long unpicked, int seconds, Instant at) {}

    /** What stands of a step. */
    public record Tick(UUID id, String step, boolean done, boolean passed, Instant at, String device) {}

    /**
     * Covers that are cut together.
     *
     * @param trial  the file of the one that is tried on first
     * @param counts how often each is made, by its file
     */
    public record SetOfCovers(
            UUID id, String name, Optional<LocalDate> due, Optional<String> trial, Map<String, Integer> counts) {
        public SetOfCovers {
            counts = Map.copyOf(counts);
        }
    }

    /** A cloth of a cover, by that cover's file and the number the cloth has in its plan. */
    public record ClothOf(String cover, int cloth) {}

    /**
     * How one cloth is laid out.
     *
     * @param cover  the file of the cover it is laid out for, where it is none of a set
     * @param set    the place of its set among the sets, from nought
     * @param cloths what it is called in the covers that are cut from it
     */
    public record Lay(Optional<String> cover, Optional<Integer> set, List<ClothOf> cloths, String plan) {
        public Lay {
            cloths = List.copyOf(cloths);
        }
    }

    /** A wash test, its lengths in grains. */
    public record Wash(
            UUID id,
            String cloth,
            Instant at,
            long beforeAcross,
            long afterAcross,
            long beforeAlong,
            long afterAlong) {}

    /**
     * An entry of the log.
     *
     * @param cover the file of the cover it is of, where that is still there
     */
    public record Entry(UUID id, Instant at, Optional<String> cover, String entry) {}

    /** A stretch of time in which somebody sews, weekday by weekday from Monday as 1. */
    public record Slot(int weekday, LocalTime starts, int minutes) {}

    /** What was said of one thing to learn. */
    public record Learning(String subject, boolean active, Optional<Instant> since) {}

    /** The tools there are, by their codes, and the longer side of the mat in grains; nought where it is not known. */
    public record Tools(List<String> codes, long mat) {
        public Tools {
            codes = List.copyOf(codes);
        }
    }

    /**
     * What is decided once for the whole workroom.
     *
     * @param currency its three letters
     * @param hourly   what an hour is worth, in hundredths
     * @param margin   what is added by somebody who sells, in percent
     * @param atATime  minutes one sits at a time
     * @param drawer   the tools there are, once that is said
     * @param daysOff  days on which nobody sews
     */
    public record Settings(
            Optional<String> currency,
            int hourly,
            int margin,
            int atATime,
            List<Slot> week,
            List<Learning> learning,
            Optional<Tools> drawer,
            List<LocalDate> daysOff) {
        /** Nothing was decided yet. */
        public static final Settings NONE =
                new Settings(Optional.empty(), 0, 0, 60, List.of(), List.of(), Optional.empty(), List.of());

        public Settings {
            week = List.copyOf(week);
            learning = List.copyOf(learning);
            daysOff = List.copyOf(daysOff);
        }
    }

    /**
     * What stands on the front of a workroom's file.
     *
     * @param counts how much there is of what, in words
     * @param unread the files in it that did not read when it was saved
     */
    public record Front(Settings settings, Map<String, Integer> counts, Set<String> unread) {
        public Front {
            counts = new LinkedHashMap<>(counts);
            unread = Set.copyOf(unread);
        }
    }

    static String write(Front front) {
        ObjectNode root = PlanJson.object().put("kind", KIND).put("format", FORMAT);
        ObjectNode counts = root.putObject("holds");
        front.counts().forEach(counts::put);
        ArrayNode unread = root.putArray("unread");
        front.unread().stream().sorted().forEach(unread::add);
        Settings settings = front.settings();
        settings.currency().ifPresent(currency -> root.put("currency", currency));
        root.put("hourly", settings.hourly()).put("margin", settings.margin()).put("atATime", settings.atATime());
        ArrayNode week = root.putArray("week");
        settings.week().forEach(slot -> week.addObject()
                .put("weekday", slot.weekday())
                .put("starts", slot.starts().toString())
                .put("minutes", slot.minutes()));
        ArrayNode learning = root.putArray("learning");
        settings.learning().forEach(each -> {
            ObjectNode at = learning.addObject().put("subject", each.subject()).put("active", each.active());
            each.since().ifPresent(since -> at.put("since", since.toString()));
        });
        settings.drawer().ifPresent(drawer -> {
            ObjectNode at = root.putObject("drawer").put("mat", drawer.mat());
            drawer.codes().forEach(at.putArray("tools")::add);
        });
        settings.daysOff().forEach(day -> root.withArray("daysOff").add(day.toString()));
        return PlanJson.text(root);
    }

    static Front front(String text) throws BadPlanFile {
        Cursor root = Cursor.root(PlanJson.tree(text));
        if (!root.has("kind") || !root.text("kind", LONGEST_NAME).equals(KIND)) {
            throw new BadPlanFile("kind", "is not “" + KIND + "”");
        }
        if (root.number("format") != FORMAT) {
            throw new BadPlanFile("format", "is " + root.number("format") + "; this Dapt reads " + FORMAT);
        }
        Map<String, Integer> counts = new LinkedHashMap<>();
        Cursor holds = root.object("holds");
        for (String name : holds.names()) {
            counts.put(name, holds.number(name, 0, Integer.MAX_VALUE));
        }
        Set<String> unread = Set.copyOf(root.texts("unread", MOST_UNREAD, LONGEST_NAME));
        Settings settings = new Settings(
                root.has("currency") ? Optional.of(root.text("currency", CURRENCY, "EUR")) : Optional.empty(),
                root.number("hourly", 0, 10_000_000),
                root.number("margin", 0, 1_000),
                root.number("atATime", 5, DAY),
                slots(root),
                learning(root),
                drawer(root),
                daysOff(root));
        root.done();
        return new Front(settings, counts, unread);
    }

    private static Optional<Tools> drawer(Cursor root) throws BadPlanFile {
        if (!root.has("drawer")) {
            return Optional.empty();
        }
        Cursor at = root.object("drawer");
        Tools tools = new Tools(at.texts("tools", MOST_TOOLS, 40), at.wide("mat", 0, 1_000_000_000_000L));
        at.done();
        return Optional.of(tools);
    }

    private static List<LocalDate> daysOff(Cursor root) throws BadPlanFile {
        List<LocalDate> days = new ArrayList<>();
        for (String day : root.has("daysOff") ? root.texts("daysOff", MOST_DAYS_OFF, 10) : List.<String>of()) {
            try {
                days.add(LocalDate.parse(day));
            } catch (DateTimeException none) {
                throw new BadPlanFile("daysOff", "is “" + day + "”, not like 2027-03-09");
            }
        }
        return days;
    }

    private static List<Slot> slots(Cursor root) throws BadPlanFile {
        List<Slot> week = new ArrayList<>();
        for (Cursor at : root.objects("week", 7)) {
            week.add(new Slot(
                    at.number("weekday", 1, 7), parsed(at, "starts", LocalTime::parse), at.number("minutes", 5, DAY)));
            at.done();
        }
        return week;
    }

    private static List<Learning> learning(Cursor root) throws BadPlanFile {
        List<Learning> learning = new ArrayList<>();
        for (Cursor at : root.objects("learning", 100)) {
            learning.add(new Learning(at.text("subject", 40), at.flag("active"), maybe(at, "since", Instant::parse)));
            at.done();
        }
        return learning;
    }

    static String write(Work work) throws BadPlanFile {
        ObjectNode root = PlanJson.object().put("id", work.id().toString());
        work.due().ifPresent(day -> root.put("due", day.toString()));
        if (work.cut().isPresent()) {
            Cut cut = work.cut().get();
            root.putObject("cut").put("at", cut.at().toString()).set("plan", object(cut.plan()));
        }
        ArrayNode ticks = root.putArray("ticks");
        work.ticks().forEach(tick -> ticks.addObject()
                .put("id", tick.id().toString())
                .put("step", tick.step())
                .put("done", tick.done())
                .put("passed", tick.passed())
                .put("at", tick.at().toString())
                .put("device", tick.device()));
        if (!work.mishaps().isEmpty()) {
            ArrayNode mishaps = root.putArray("mishaps");
            work.mishaps().forEach(mishap -> mishaps.addObject()
                    .put("id", mishap.id().toString())
                    .put("step", mishap.step())
                    .put("kind", mishap.kind())
                    .put("note", mishap.note())
                    .put("unpicked", mishap.unpicked())
                    .put("seconds", mishap.seconds())
                    .put("at", mishap.at().toString()));
        }
        return PlanJson.text(root);
    }

    static Work work(String text) throws BadPlanFile {
        Cursor root = Cursor.root(PlanJson.tree(text));
        List<Tick> ticks = new ArrayList<>();
        for (Cursor at : root.objects("ticks", MOST_TICKS)) {
            ticks.add(new Tick(
                    uuid(at),
                    at.text("step", 120),
                    at.flag("done"),
                    at.flag("passed"),
                    parsed(at, "at", Instant::parse),
                    at.maybeText("device", 40)));
            at.done();
        }
        Optional<Cut> cut = Optional.empty();
        if (root.has("cut")) {
            Cursor at = root.object("cut");
            cut = Optional.of(new Cut(parsed(at, "at", Instant::parse), at.json("plan")));
            at.done();
        }
        Work work = new Work(uuid(root), maybe(root, "due", LocalDate::parse), cut, ticks, mishaps(root));
        root.done();
        return work;
    }

    private static List<Mishap> mishaps(Cursor root) throws BadPlanFile {
        List<Mishap> mishaps = new ArrayList<>();
        for (Cursor at : root.has("mishaps") ? root.objects("mishaps", MOST_MISHAPS) : List.<Cursor>of()) {
            mishaps.add(new Mishap(
                    uuid(at),
                    at.text("step", 120),
                    at.text("kind", 40),
                    at.maybeText("note", 200),
                    at.wide("unpicked", 0, 1_000_000_000_000L),
                    at.number("seconds", 0, MOST_SECONDS),
                    parsed(at, "at", Instant::parse)));
            at.done();
        }
        return mishaps;
    }

    static String write(Entry entry) throws BadPlanFile {
        ObjectNode root = PlanJson.object()
                .put("id", entry.id().toString())
                .put("at", entry.at().toString());
        entry.cover().ifPresent(cover -> root.put("cover", cover));
        root.set("entry", object(entry.entry()));
        return PlanJson.text(root);
    }

    static Entry entry(String text) throws BadPlanFile {
        Cursor root = Cursor.root(PlanJson.tree(text));
        Entry entry =
                new Entry(uuid(root), parsed(root, "at", Instant::parse), maybeFile(root, "cover"), root.json("entry"));
        root.done();
        return entry;
    }

    static String writeSets(List<SetOfCovers> sets) {
        ObjectNode root = PlanJson.object();
        ArrayNode all = root.putArray("sets");
        for (SetOfCovers set : sets) {
            ObjectNode at = all.addObject().put("id", set.id().toString()).put("name", set.name());
            set.due().ifPresent(day -> at.put("due", day.toString()));
            set.trial().ifPresent(cover -> at.put("trial", cover));
            ObjectNode covers = at.putObject("covers");
            new TreeMap<>(set.counts()).forEach(covers::put);
        }
        return PlanJson.text(root);
    }

    /**
     * The sets of a workroom.
     *
     * @param known the covers there are; one that is not among them is refused
     */
    static List<SetOfCovers> sets(String text, Set<String> known, boolean earlier) throws BadPlanFile {
        Cursor root = Cursor.root(PlanJson.tree(text));
        List<SetOfCovers> sets = new ArrayList<>();
        for (Cursor at : root.has("sets") || !earlier ? root.objects("sets", MOST_SETS) : List.<Cursor>of()) {
            SetOfCovers set = new SetOfCovers(
                    earlier ? UUID.randomUUID() : uuid(at),
                    at.text("name", LONGEST_NAME),
                    maybe(at, "due", LocalDate::parse),
                    maybeFile(at, "trial"),
                    counts(at.object("covers"), known));
            at.done();
            sets.add(set);
        }
        root.done();
        return sets;
    }

    private static Map<String, Integer> counts(Cursor members, Set<String> known) throws BadPlanFile {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (String member : members.names()) {
            if (!known.contains(member)) {
                throw new BadPlanFile("sets.json", "names the cover " + member + ", which is not in this file");
            }
            counts.put(member, members.number(member, 1, MOST_OF_ONE));
        }
        if (counts.size() > MOST_COVERS) {
            throw new BadPlanFile("sets.json", "has more than " + MOST_COVERS + " covers in one set");
        }
        return counts;
    }

    static String writeLayouts(List<Lay> lays) throws BadPlanFile {
        ObjectNode root = PlanJson.object();
        ArrayNode all = root.putArray("layouts");
        for (Lay lay : lays) {
            ObjectNode at = all.addObject();
            lay.cover().ifPresent(cover -> at.put("cover", cover));
            lay.set().ifPresent(set -> at.put("set", set));
            ArrayNode cloths = at.putArray("cloths");
            lay.cloths()
                    .forEach(of -> cloths.addObject().put("cover", of.cover()).put("cloth", of.cloth()));
            at.set("plan", object(lay.plan()));
        }
        return PlanJson.text(root);
    }

    static List<Lay> lays(String text) throws BadPlanFile {
        Cursor root = Cursor.root(PlanJson.tree(text));
        List<Lay> lays = new ArrayList<>();
        for (Cursor at : root.objects("layouts", MOST_LAYS)) {
            List<ClothOf> cloths = new ArrayList<>();
            for (Cursor of : at.objects("cloths", MOST_CLOTHS)) {
                cloths.add(new ClothOf(of.text("cover", FILE, "000001.json"), of.number("cloth", 1, 1_000_000)));
                of.done();
            }
            lays.add(new Lay(
                    maybeFile(at, "cover"),
                    at.has("set") ? Optional.of(at.number("set", 0, MOST_SETS)) : Optional.empty(),
                    cloths,
                    at.json("plan")));
            at.done();
        }
        root.done();
        return lays;
    }

    static String writeWashes(List<Wash> washes) {
        ObjectNode root = PlanJson.object();
        ArrayNode all = root.putArray("washes");
        washes.forEach(wash -> all.addObject()
                .put("id", wash.id().toString())
                .put("cloth", wash.cloth())
                .put("at", wash.at().toString())
                .put("beforeAcross", wash.beforeAcross())
                .put("afterAcross", wash.afterAcross())
                .put("beforeAlong", wash.beforeAlong())
                .put("afterAlong", wash.afterAlong()));
        return PlanJson.text(root);
    }

    static List<Wash> washes(String text) throws BadPlanFile {
        Cursor root = Cursor.root(PlanJson.tree(text));
        List<Wash> washes = new ArrayList<>();
        for (Cursor at : root.objects("washes", MOST_WASHES)) {
            washes.add(new Wash(
                    uuid(at),
                    at.text("cloth", LONGEST_NAME),
                    parsed(at, "at", Instant::parse),
                    grains(at, "beforeAcross"),
                    grains(at, "afterAcross"),
                    grains(at, "beforeAlong"),
                    grains(at, "afterAlong")));
            at.done();
        }
        root.done();
        return washes;
    }

    private static long grains(Cursor at, String name) throws BadPlanFile {
        return at.wide(name, 1, 1_000_000_000_000L);
    }

    /** Whether two texts are the same JSON. */
    public static boolean isSame(String one, String other) {
        try {
            return PlanJson.tree(one).equals(PlanJson.tree(other));
        } catch (BadPlanFile e) {
            return one.equals(other);
        }
    }

    private static JsonNode object(String text) throws BadPlanFile {
        return PlanJson.tree(text);
    }

    static UUID uuid(Cursor at) throws BadPlanFile {
        return parsed(at, "id", UUID::fromString);
    }

    private static Optional<String> maybeFile(Cursor at, String name) throws BadPlanFile {
        return at.has(name) ? Optional.of(at.text(name, FILE, "000001.json")) : Optional.empty();
    }

    /** Reads a text; refuses it by throwing what such readers throw. */
    private interface Parser<T> {
        T parse(String text);
    }

    private static <T> Optional<T> maybe(Cursor at, String name, Parser<T> parser) throws BadPlanFile {
        return at.has(name) ? Optional.of(parsed(at, name, parser)) : Optional.empty();
    }

    private static <T> T parsed(Cursor at, String name, Parser<T> parser) throws BadPlanFile {
        String text = at.text(name, 40);
        try {
            T parsed = Objects.requireNonNull(parser.parse(text));
            if (parsed instanceof Instant instant && !isStorable(instant)
                    || parsed instanceof LocalDate day && !isStorable(day)) {
                throw new BadPlanFile(name, "is “" + text + "”, which is too far away");
            }
            return parsed;
        } catch (DateTimeException | IllegalArgumentException nonsense) {
            throw new BadPlanFile(name, "is “" + text + "”, which does not read");
        }
    }

    private static boolean isStorable(Instant at) {
        return at.isAfter(Instant.EPOCH) && at.isBefore(Instant.parse("3000-01-01T00:00:00Z"));
    }

    private static boolean isStorable(LocalDate day) {
        return day.getYear() > 1970 && day.getYear() < 3000;
    }
}
