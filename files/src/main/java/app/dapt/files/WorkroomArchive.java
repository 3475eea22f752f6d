package app.dapt.files;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Photo;
import app.dapt.cover.CoverPlan;
import app.dapt.log.LogEntry;
import app.dapt.piece.Piece.Material;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A whole workroom as one ZIP file: its plans ({@code covers/NAME.json}), its sets ({@code sets.json}), its log
 * ({@code log.csv}) and the pictures they show ({@code pictures/NUMBER.jpg}).
 *
 * @param covers   plans by the name of their file
 * @param sets     in no order that matters
 * @param pictures by their numbers, as the plans and the log have them
 */
public record WorkroomArchive(
        Map<String, CoverPlan> covers, List<SetOfCovers> sets, List<LogEntry> log, Map<Long, byte[]> pictures) {

    /** Unpacked, a workroom is no larger. */
    static final int LARGEST = 64 * 1024 * 1024;

    private static final int MOST_FILES = 6_000;
    private static final int MOST_SETS = 500;
    private static final int LONGEST_NAME = 80;
    private static final int MOST_OF_ONE = 99;
    private static final Pattern PLAN = Pattern.compile("covers/([\\w-]{1,60}\\.json)");
    private static final Pattern PICTURE = Pattern.compile("pictures/(\\d{1,12})\\.jpg");

    /** Covers that are cut together: how often each, by the name of its file. */
    public record SetOfCovers(String name, Map<String, Integer> counts) {
        public SetOfCovers {
            counts = Map.copyOf(counts);
        }
    }

    public WorkroomArchive {
        covers = new LinkedHashMap<>(covers);
        sets = List.copyOf(sets);
        log = List.copyOf(log);
        pictures = new LinkedHashMap<>(pictures);
    }

    /** The file. */
    public byte[] write() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, CoverPlan> cover : covers.entrySet()) {
                put(zip, "covers/" + cover.getKey(), bytes(PlanJson.write(cover.getValue())));
            }
            put(zip, "sets.json", bytes(setsJson()));
            put(zip, "log.csv", bytes(LogCsv.write(log)));
            for (Map.Entry<Long, byte[]> picture : pictures.entrySet()) {
                put(zip, "pictures/" + picture.getKey() + ".jpg", picture.getValue());
            }
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return out.toByteArray();
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private String setsJson() {
        ObjectNode root = PlanJson.object();
        ArrayNode all = root.putArray("sets");
        for (SetOfCovers set : sets) {
            ObjectNode at = all.addObject().put("name", set.name());
            set.counts().forEach(at.putObject("covers")::put);
        }
        return PlanJson.text(root);
    }

    /**
     * The workroom that a file holds.
     *
     * @throws BadPlanFile with what is wrong and where; nothing of it is to be taken then
     */
    public static WorkroomArchive read(byte[] file) throws BadPlanFile {
        Map<String, byte[]> files = unpacked(file);
        Map<String, CoverPlan> covers = new LinkedHashMap<>();
        Map<Long, byte[]> pictures = new LinkedHashMap<>();
        for (Map.Entry<String, byte[]> each : files.entrySet()) {
            Matcher plan = PLAN.matcher(each.getKey());
            Matcher picture = PICTURE.matcher(each.getKey());
            if (plan.matches()) {
                covers.put(plan.group(1), plan(each.getKey(), text(each.getValue())));
            } else if (picture.matches()) {
                pictures.put(Long.valueOf(picture.group(1)), each.getValue());
            }
        }
        Optional<byte[]> log = Optional.ofNullable(files.get("log.csv"));
        if (covers.isEmpty() && log.isEmpty()) {
            throw new BadPlanFile("", "holds neither covers nor a log: this is not a workroom of Dapt’s");
        }
        return new WorkroomArchive(
                covers,
                sets(Optional.ofNullable(files.get("sets.json")), covers),
                log.isPresent() ? log(text(log.get())) : List.of(),
                pictures);
    }

    private static Map<String, byte[]> unpacked(byte[] file) throws BadPlanFile {
        Map<String, byte[]> files = new LinkedHashMap<>();
        int room = LARGEST;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                byte[] content = zip.readNBytes(room + 1);
                room -= content.length;
                if (room < 0 || files.size() >= MOST_FILES) {
                    throw new BadPlanFile("", "is larger than any workroom");
                }
                files.put(entry.getName(), content);
            }
        } catch (ZipException | IllegalArgumentException e) {
            throw new BadPlanFile("", "is not a ZIP file that reads");
        } catch (IOException e) {
            throw new BadPlanFile("", "breaks off");
        }
        return files;
    }

    private static String text(byte[] content) {
        return new String(content, StandardCharsets.UTF_8);
    }

    private static CoverPlan plan(String file, String text) throws BadPlanFile {
        try {
            return PlanJson.read(text);
        } catch (BadPlanFile e) {
            throw new BadPlanFile(file + (e.where().isEmpty() ? "" : ", " + e.where()), e.problem());
        }
    }

    private static List<LogEntry> log(String text) throws BadPlanFile {
        LogCsv.Rows rows = LogCsv.read(text);
        if (!rows.refused().isEmpty()) {
            LogCsv.Refused first = rows.refused().get(0);
            throw new BadPlanFile("log.csv, row " + first.row(), first.why());
        }
        return rows.entries();
    }

    private static List<SetOfCovers> sets(Optional<byte[]> file, Map<String, CoverPlan> covers) throws BadPlanFile {
        List<SetOfCovers> sets = new ArrayList<>();
        if (file.isEmpty()) {
            return sets;
        }
        Cursor root = Cursor.root(PlanJson.tree(text(file.get())));
        for (Cursor at : root.has("sets") ? root.objects("sets", MOST_SETS) : List.<Cursor>of()) {
            String name = at.text("name", LONGEST_NAME);
            Cursor members = at.object("covers");
            Map<String, Integer> counts = new LinkedHashMap<>();
            for (String member : members.names()) {
                if (covers.containsKey(member)) {
                    counts.put(member, members.number(member, 1, MOST_OF_ONE));
                }
            }
            at.done();
            sets.add(new SetOfCovers(name, counts));
        }
        root.done();
        return sets;
    }

    /** The same where its pictures have other numbers; one that has none is not shown any more. */
    public WorkroomArchive renumbered(Map<Long, Long> numbers) {
        Map<String, CoverPlan> plans = new LinkedHashMap<>();
        covers.forEach((name, plan) -> plans.put(name, renumbered(plan, numbers)));
        return new WorkroomArchive(
                plans,
                sets,
                log.stream()
                        .map(entry -> entry.withPicture(entry.picture().map(numbers::get))
                                .withPlans(plan -> renumbered(plan, numbers)))
                        .toList(),
                Map.of());
    }

    private static CoverPlan renumbered(CoverPlan plan, Map<Long, Long> numbers) {
        CoverPlan changed = plan;
        for (Material material : Material.values()) {
            Cloth cloth = plan.cloths().of(material);
            changed = changed.withCloths(changed.cloths()
                    .changing(
                            cloth.id(),
                            each -> each.withPhoto(
                                    each.photo().equals(cloth.photo())
                                            ? cloth.photo().flatMap(photo -> moved(photo, numbers))
                                            : each.photo())));
        }
        return changed;
    }

    private static Optional<Photo> moved(Photo photo, Map<Long, Long> numbers) {
        return Optional.ofNullable(numbers.get(photo.number()))
                .map(number -> new Photo(number, photo.wide(), photo.high()));
    }
}
