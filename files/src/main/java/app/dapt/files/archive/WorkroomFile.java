package app.dapt.files.archive;

import app.dapt.cover.CoverPlan;
import app.dapt.files.BadPlanFile;
import app.dapt.files.archive.WorkroomParts.Entry;
import app.dapt.files.archive.WorkroomParts.Front;
import app.dapt.files.archive.WorkroomParts.Lay;
import app.dapt.files.archive.WorkroomParts.SetOfCovers;
import app.dapt.files.archive.WorkroomParts.Settings;
import app.dapt.files.archive.WorkroomParts.Wash;
import app.dapt.files.archive.WorkroomParts.Work;
import app.dapt.files.log.LogCsv;
import app.dapt.files.log.LogJson;
import app.dapt.files.plan.PlanJson;
import app.dapt.files.shop.PriceTable;
import app.dapt.log.LogEntry;
import app.dapt.measure.Mark;
import app.dapt.shelf.Price;
import java.io.BufferedInputStream;
import java.io.Closeable;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Currency;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipInputStream;

/**
 * A workroom as one ZIP file, opened with care: its plans ({@code covers/NAME.json}), what was done of them
 * ({@code work/NAME.json}), its sets, layouts and wash tests, its log ({@code log/NAME.json}), the pictures they show
 * ({@code pictures/NUMBER.jpg}), what stands on its front ({@code workroom.json}) and the sum of each of its files
 * ({@code SHA256SUMS}).
 *
 * <p>Opening it goes through it once from its first byte to its last: what is doubled, broken off, changed since or
 * missing is refused then, and so is what swells. After that it is read piece by piece, no more than a piece in memory.
 * A file saved before there were sums holds plans, {@code sets.json}, {@code log.csv} and pictures only.
 */
public final class WorkroomFile implements Closeable {

    /** Unpacked, a workroom is no larger. */
    static final long LARGEST = 1L << 30;

    static final int MOST_FILES = 60_000;
    private static final int LARGEST_PART = 4 * 1024 * 1024;
    private static final int LARGEST_LIST = 32 * 1024 * 1024;
    private static final int LARGEST_PICTURE = 10 * 1024 * 1024;
    private static final int LONGEST_SAID = 60;

    private static final Pattern PART = Pattern.compile("(covers|work|log)/[\\w-]{1,60}\\.json");
    private static final Pattern PICTURE = Pattern.compile("pictures/[1-9]\\d{0,11}\\.jpg");
    private static final Set<String> LISTS = Set.of(
            "sets.json",
            "layouts.json",
            "washes.json",
            "shelf.json",
            "prices.csv",
            "beside.json",
            "log.csv",
            WorkroomWriter.FRONT,
            WorkroomWriter.SUMS);

    private final ZipFile zip;
    /** What belongs to a workroom, with the sum of each. */
    private final Map<String, String> files;

    private final List<String> leftAside;
    private final Optional<Front> front;

    private WorkroomFile(ZipFile zip, Map<String, String> files, List<String> leftAside) throws BadPlanFile {
        this.zip = zip;
        this.files = files;
        this.leftAside = leftAside;
        this.front = files.containsKey(WorkroomWriter.FRONT)
                ? Optional.of(at(WorkroomWriter.FRONT, WorkroomParts::front))
                : Optional.empty();
        if (front.isPresent() || files.containsKey(WorkroomWriter.SUMS)) {
            compareSums();
        } else if (covers().isEmpty() && !files.containsKey("log.csv")) {
            throw new BadPlanFile("", "holds neither covers nor a log: this is not a workroom of Dapt’s");
        }
    }

    /** @throws BadPlanFile with what is wrong and where; nothing of it is to be taken then */
    public static WorkroomFile open(Path path) throws BadPlanFile, IOException {
        try {
            ZipFile zip = new ZipFile(path.toFile(), StandardCharsets.UTF_8);
            try {
                Map<String, String> files = new TreeMap<>();
                List<String> leftAside = new ArrayList<>();
                for (Map.Entry<String, String> file : swept(path, listed(zip)).entrySet()) {
                    if (belongs(file.getKey())) {
                        files.put(file.getKey(), file.getValue());
                    } else {
                        leftAside.add(said(file.getKey()));
                    }
                }
                return new WorkroomFile(zip, files, leftAside);
            } catch (BadPlanFile | IOException | RuntimeException e) {
                zip.close();
                throw e;
            }
        } catch (EOFException e) {
            throw new BadPlanFile("", "breaks off");
        } catch (ZipException | IllegalArgumentException e) {
            throw new BadPlanFile("", "is not a ZIP file that reads");
        }
    }

    /** Its directory, which stands at its end: a file that broke off on its way has none. */
    private static Map<String, ZipEntry> listed(ZipFile zip) throws BadPlanFile {
        if (zip.size() > MOST_FILES) {
            throw new BadPlanFile("", "is larger than any workroom");
        }
        Map<String, ZipEntry> listed = new TreeMap<>();
        for (ZipEntry entry : Collections.list(zip.entries())) {
            if (listed.put(entry.getName(), entry) != null) {
                throw new BadPlanFile(said(entry.getName()), "is in it twice");
            }
        }
        return listed;
    }

    /** Goes through the file from its first byte and compares with the directory; the sum of each file in it. */
    private static Map<String, String> swept(Path path, Map<String, ZipEntry> listed) throws BadPlanFile, IOException {
        Map<String, String> sums = new TreeMap<>();
        long room = LARGEST;
        try (InputStream in = new BufferedInputStream(Files.newInputStream(path));
                ZipInputStream stream = new ZipInputStream(in, StandardCharsets.UTF_8)) {
            for (ZipEntry entry = stream.getNextEntry(); entry != null; entry = stream.getNextEntry()) {
                String name = entry.getName();
                ZipEntry known = listed.get(name);
                if (known == null || sums.containsKey(name)) {
                    throw new BadPlanFile(said(name), "is not as the file’s own directory has it");
                }
                MessageDigest sum = WorkroomWriter.sha256();
                long size = read(stream, sum, Math.min(room, largest(name)), name);
                room -= size;
                if (size != known.getSize()) {
                    throw new BadPlanFile(said(name), "is not as long as the file’s own directory has it");
                }
                sums.put(name, HexFormat.of().formatHex(sum.digest()));
            }
        }
        for (String name : listed.keySet()) {
            if (!sums.containsKey(name)) {
                throw new BadPlanFile(said(name), "is not there, though the file’s own directory has it");
            }
        }
        return sums;
    }

    private static long read(InputStream in, MessageDigest sum, long most, String name)
            throws IOException, BadPlanFile {
        byte[] some = new byte[16 * 1024];
        long size = 0;
        for (int count = in.read(some); count >= 0; count = in.read(some)) {
            size += count;
            if (size > most) {
                throw new BadPlanFile(said(name), "is larger than any in a workroom");
            }
            sum.update(some, 0, count);
        }
        return size;
    }

    private static boolean belongs(String name) {
        return PART.matcher(name).matches() || PICTURE.matcher(name).matches() || LISTS.contains(name);
    }

    private static long largest(String name) {
        return PART.matcher(name).matches()
                ? LARGEST_PART
                : PICTURE.matcher(name).matches() ? LARGEST_PICTURE : LARGEST_LIST;
    }

    /** A name as it can be said: whatever it holds, on one line and not long. */
    private static String said(String name) {
        String line = name.replaceAll("[\\p{Cntrl}\\p{Cf}]", "?");
        return line.length() > LONGEST_SAID ? line.substring(0, LONGEST_SAID) + "…" : line;
    }

    /** Every file it was saved with is there as it was then. */
    private void compareSums() throws BadPlanFile {
        if (front.isEmpty() || !files.containsKey(WorkroomWriter.SUMS)) {
            throw new BadPlanFile(
                    front.isEmpty() ? WorkroomWriter.FRONT : WorkroomWriter.SUMS,
                    "is missing, which it was saved with");
        }
        Set<String> unknown = new TreeSet<>(files.keySet());
        unknown.remove(WorkroomWriter.SUMS);
        for (String line : text(WorkroomWriter.SUMS).lines().toList()) {
            String[] parts = line.split("  ", 2);
            String name = parts.length == 2 ? parts[1] : line;
            if (!files.containsKey(name)) {
                throw new BadPlanFile(said(name), "is missing, which it was saved with");
            }
            if (!parts[0].equals(files.get(name))) {
                throw new BadPlanFile(said(name), "is not as it was saved");
            }
            unknown.remove(name);
        }
        // It looks like one of its files, but was put in or renamed since.
        unknown.forEach(files::remove);
        unknown.stream().map(WorkroomFile::said).forEach(leftAside::add);
    }

    /** Whether it was saved with its front and its sums, and holds a workroom's all. */
    public boolean isWhole() {
        return front.isPresent();
    }

    /** What in it belongs to no workroom. */
    public List<String> leftAside() {
        return List.copyOf(leftAside);
    }

    /** Another for another file. */
    public String digest() {
        MessageDigest digest = WorkroomWriter.sha256();
        files.forEach((name, sum) -> digest.update((name + sum).getBytes(StandardCharsets.UTF_8)));
        return HexFormat.of().formatHex(digest.digest());
    }

    public Settings settings() {
        return front.map(Front::settings).orElse(Settings.NONE);
    }

    /** The names of its covers. */
    public List<String> covers() {
        return names("covers/");
    }

    /** The names of its log's entries. */
    public List<String> entries() {
        return names("log/");
    }

    /** The numbers its pictures have in it. */
    public List<Long> pictures() {
        return names("pictures/").stream()
                .map(name -> Long.valueOf(name.substring(0, name.indexOf('.'))))
                .toList();
    }

    private List<String> names(String folder) {
        return files.keySet().stream()
                .filter(name -> name.startsWith(folder))
                .map(name -> name.substring(folder.length()))
                .toList();
    }

    /** A cover's plan as the text it is, and as the plan it says, where it says one. */
    public record Planned(String text, Optional<CoverPlan> plan) {}

    /** @throws BadPlanFile where it does not read though it did when it was saved */
    public Planned plan(String cover) throws BadPlanFile {
        String name = "covers/" + cover;
        String text = text(name);
        try {
            return new Planned(text, Optional.of(at(name, PlanJson::read)));
        } catch (BadPlanFile e) {
            if (mayNotRead(name)) {
                return new Planned(text, Optional.empty());
            }
            throw e;
        }
    }

    private boolean mayNotRead(String name) {
        return front.filter(each -> each.unread().contains(name)).isPresent();
    }

    /** What was done of a cover; nothing where it was saved before that was. */
    public Optional<Work> work(String cover) throws BadPlanFile {
        String name = "work/" + cover;
        if (!files.containsKey(name)) {
            return Optional.empty();
        }
        return Optional.of(at(name, WorkroomParts::work));
    }

    public Entry entry(String file) throws BadPlanFile {
        String name = "log/" + file;
        Entry entry = at(name, WorkroomParts::entry);
        if (!mayNotRead(name)) {
            at(name, text -> LogJson.read(entry.entry()));
        }
        return entry;
    }

    public List<SetOfCovers> sets() throws BadPlanFile {
        Set<String> known = Set.copyOf(covers());
        return list("sets.json", text -> WorkroomParts.sets(text, known, !isWhole()));
    }

    public List<Lay> lays() throws BadPlanFile {
        return list("layouts.json", WorkroomParts::lays);
    }

    public List<Wash> washes() throws BadPlanFile {
        return list("washes.json", WorkroomParts::washes);
    }

    public List<ShelfParts.Shelved> shelf() throws BadPlanFile {
        return list("shelf.json", ShelfParts::read);
    }

    public List<BesideParts.Beside> beside() throws BadPlanFile {
        Set<String> known = Set.copyOf(covers());
        return list("beside.json", text -> BesideParts.read(text, known));
    }

    /** For whom covers and sets are made. */
    public List<BesideParts.ForClient> clients() throws BadPlanFile {
        Set<String> known = Set.copyOf(covers());
        return list("beside.json", text -> BesideParts.readClients(text, known));
    }

    /** What shops ask, in the currency of its settings. */
    public List<Price> prices() throws BadPlanFile {
        Currency currency = Currency.getInstance(settings().currency().orElse("USD"));
        return list("prices.csv", text -> prices(text, currency));
    }

    private static List<Price> prices(String text, Currency currency) throws BadPlanFile {
        PriceTable.Rows rows = PriceTable.read(
                text.getBytes(StandardCharsets.UTF_8),
                new PriceTable.Habits("…", Mark.MILLIMETRE, true, currency, LocalDate.MAX));
        if (!rows.refused().isEmpty()) {
            throw new BadPlanFile("row " + rows.refused().get(0).row(), "is no price");
        }
        return rows.prices();
    }

    /** The log of a file that was saved before there were sums. */
    public List<LogEntry> earlierLog() throws BadPlanFile {
        return isWhole() ? List.of() : list("log.csv", WorkroomFile::rows);
    }

    private static List<LogEntry> rows(String text) throws BadPlanFile {
        LogCsv.Rows rows = LogCsv.read(text);
        if (!rows.refused().isEmpty()) {
            LogCsv.Refused first = rows.refused().get(0);
            throw new BadPlanFile("row " + first.row(), first.why());
        }
        return rows.entries();
    }

    /** A picture, as the file it is. */
    public byte[] picture(long number) throws BadPlanFile {
        return content("pictures/" + number + ".jpg");
    }

    private interface Reading<T> {
        T of(String text) throws BadPlanFile;
    }

    private <T> List<T> list(String name, Reading<List<T>> reading) throws BadPlanFile {
        return files.containsKey(name) ? at(name, reading) : List.of();
    }

    private <T> T at(String name, Reading<T> reading) throws BadPlanFile {
        try {
            return reading.of(text(name));
        } catch (BadPlanFile e) {
            throw new BadPlanFile(
                    e.where().startsWith(name) || e.where().isEmpty() ? name : name + ", " + e.where(), e.problem());
        }
    }

    private String text(String name) throws BadPlanFile {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(content(name)))
                    .toString();
        } catch (CharacterCodingException e) {
            throw new BadPlanFile(name, "is not written in UTF-8");
        }
    }

    private byte[] content(String name) throws BadPlanFile {
        try (InputStream in = zip.getInputStream(zip.getEntry(name))) {
            return in.readNBytes((int) largest(name));
        } catch (IOException e) {
            throw new BadPlanFile(name, "does not read");
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
