package app.dapt.web.archive;

import app.dapt.cover.CoverPlan;
import app.dapt.files.BadPlanFile;
import app.dapt.files.archive.BesideParts.Beside;
import app.dapt.files.archive.BesideParts.ForClient;
import app.dapt.files.archive.ShelfParts.Move;
import app.dapt.files.archive.ShelfParts.Shelved;
import app.dapt.files.archive.WorkroomFile;
import app.dapt.files.archive.WorkroomParts;
import app.dapt.files.archive.WorkroomParts.ClothOf;
import app.dapt.files.archive.WorkroomParts.Entry;
import app.dapt.files.archive.WorkroomParts.Lay;
import app.dapt.files.archive.WorkroomParts.SetOfCovers;
import app.dapt.files.archive.WorkroomParts.Settings;
import app.dapt.files.archive.WorkroomParts.Wash;
import app.dapt.files.archive.WorkroomParts.Work;
import app.dapt.files.log.LogJson;
import app.dapt.files.plan.PictureNumbers;
import app.dapt.files.plan.PlanJson;
import app.dapt.log.LogEntry;
import app.dapt.measure.PlainText;
import app.dapt.piece.Piece.Material;
import app.dapt.web.archive.ArchiveMapper.BesideLine;
import app.dapt.web.archive.ArchiveMapper.ClientLine;
import app.dapt.web.archive.ArchiveMapper.EntryLine;
import app.dapt.web.archive.ArchiveMapper.KnownLine;
import app.dapt.web.archive.ArchiveMapper.LayoutLine;
import app.dapt.web.archive.ArchiveMapper.LearningLine;
import app.dapt.web.archive.ArchiveMapper.MishapLine;
import app.dapt.web.archive.ArchiveMapper.MoveLine;
import app.dapt.web.archive.ArchiveMapper.SetLine;
import app.dapt.web.archive.ArchiveMapper.SettingsLine;
import app.dapt.web.archive.ArchiveMapper.SlotLine;
import app.dapt.web.archive.ArchiveMapper.ThingLine;
import app.dapt.web.archive.ArchiveMapper.TickLine;
import app.dapt.web.archive.ArchiveMapper.TurnLine;
import app.dapt.web.archive.ArchiveMapper.WashLine;
import app.dapt.web.entry.Snapshot;
import app.dapt.web.workroom.ClientStore;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.LogStore;
import app.dapt.web.workroom.PictureStore;
import app.dapt.web.workroom.PriceStore;
import app.dapt.web.workroom.SubmittedForms;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Brings a workroom in beside what is there: all of it, or nothing. What is here already, by its id and word for word,
 * is not brought in twice; what is here otherwise comes in beside it.
 */
@Service
class Unpacking {

    /**
     * What was brought in.
     *
     * @param there  how many covers, sets and entries were here already
     * @param unread how many covers and entries came in as they are, since they do not read
     * @param aside  the files in it that belong to no workroom
     */
    record Brought(int covers, int sets, int entries, int there, int unread, List<String> aside) {}

    /** There is not enough room for all of it. */
    static final class NoRoom extends RuntimeException {}

    /** Nothing of the file is taken. */
    static final class Refused extends RuntimeException {
        private final transient Exception why;

        Refused(Exception why) {
            super(why);
            this.why = why;
        }

        Exception why() {
            return why;
        }
    }

    private final ArchiveMapper rows;
    private final CoverStore covers;
    private final LogStore log;
    private final PictureStore pictures;
    private final SubmittedForms presses;

    private final PriceStore prices;

    Unpacking(
            ArchiveMapper rows,
            CoverStore covers,
            LogStore log,
            PictureStore pictures,
            SubmittedForms presses,
            PriceStore prices) {
        this.prices = prices;
        this.rows = rows;
        this.covers = covers;
        this.log = log;
        this.pictures = pictures;
        this.presses = presses;
    }

    /**
     * @param press what the form calls its one press
     * @return nothing where the same press brought the same file in before
     * @throws NoRoom  where there is not enough room
     * @throws Refused with what is wrong
     */
    @Transactional
    public Optional<Brought> unpack(WorkroomFile file, String press) {
        List<Brought> brought = new ArrayList<>();
        presses.once(covers.workroom(), press, "workroom " + file.digest(), () -> {
            try {
                brought.add(new Run(file).all());
            } catch (BadPlanFile | Snapshot.Refused e) {
                throw new Refused(e);
            }
            return 1;
        });
        return brought.stream().findFirst();
    }

    private final class Run {

        private final WorkroomFile file;
        private final long workroom = covers.workroom();
        private final Map<Long, Long> numbers = new HashMap<>();
        private final Map<String, Long> ids = new HashMap<>();
        /** Those of them that were not here before. */
        private final Set<String> fresh = new HashSet<>();

        private int madeSets;
        private int madeEntries;
        private int there;
        private int unread;

        Run(WorkroomFile file) {
            this.file = file;
        }

        Brought all() throws BadPlanFile, Snapshot.Refused {
            rows.planEachAnew();
            if (file.entries().size() + file.earlierLog().size() > log.room() + knownEntries()) {
                throw new NoRoom();
            }
            for (long number : file.pictures()) {
                picture(number);
            }
            for (String cover : file.covers()) {
                cover(cover);
            }
            List<Long> sets = new ArrayList<>();
            for (SetOfCovers set : file.sets()) {
                sets.add(set(set));
            }
            for (Lay lay : file.lays()) {
                lay(lay, sets);
            }
            for (Beside each : file.beside()) {
                beside(each, sets);
            }
            for (ForClient each : file.clients()) {
                client(each, sets);
            }
            for (Wash wash : file.washes()) {
                wash(wash);
            }
            for (Shelved thing : file.shelf()) {
                thing(thing);
            }
            for (String entry : file.entries()) {
                entry(file.entry(entry));
            }
            earlierLog();
            prices();
            settings(file.settings());
            return new Brought(fresh.size(), madeSets, madeEntries, there, unread, file.leftAside());
        }

        /** What shops ask, where this workroom reckons in the same money, or in none yet. */
        private void prices() throws BadPlanFile {
            Optional<String> theirs = file.isWhole() ? file.settings().currency() : Optional.empty();
            Optional<String> ours = Optional.ofNullable(rows.settings(workroom).currency());
            if (ours.isEmpty() || theirs.isEmpty() || ours.equals(theirs)) {
                prices.add(file.prices());
            }
        }

        private int knownEntries() throws BadPlanFile {
            int known = 0;
            for (String name : file.entries()) {
                known += rows.entriesKnownAs(workroom, file.entry(name).id().toString())
                                .isEmpty()
                        ? 0
                        : 1;
            }
            return known;
        }

        private void picture(long number) throws BadPlanFile, Snapshot.Refused {
            byte[] bytes = file.picture(number);
            byte[] digest = sha256(bytes);
            Optional<Long> known = rows.pictureLike(workroom, digest, number);
            if (known.isEmpty()) {
                Snapshot drawn = Snapshot.of(bytes);
                known = pictures.keep(drawn.jpeg(), drawn.wide(), drawn.high());
                rows.noteSource(workroom, known.orElseThrow(NoRoom::new), digest);
            }
            numbers.put(number, known.orElseThrow());
        }

        private void cover(String name) throws BadPlanFile {
            Optional<Work> work = file.work(name);
            String ours = ours(file.plan(name));
            Known known = known(
                    work.map(Work::id).orElseGet(UUID::randomUUID),
                    ours,
                    uid -> rows.coversKnownAs(workroom, uid),
                    Unpacking::isSamePlan);
            if (known.id() > 0) {
                there++;
                ids.put(name, known.id());
            } else {
                ids.put(name, insert(known.uid(), ours, work));
                fresh.add(name);
            }
            if (work.isPresent()) {
                ticks(Objects.requireNonNull(ids.get(name)), work.get());
            }
        }

        /** The plan as it is kept here: its pictures by the numbers they have here; as it is where it does not read. */
        private String ours(WorkroomFile.Planned planned) throws BadPlanFile {
            if (planned.plan().isEmpty()) {
                unread++;
                return PictureNumbers.renumbered(planned.text(), numbers);
            }
            boolean shows = Stream.of(Material.values())
                    .anyMatch(cloth ->
                            planned.plan().get().cloths().of(cloth).photo().isPresent());
            return PlanJson.kept(
                    shows
                            ? PlanJson.read(PictureNumbers.renumbered(planned.text(), numbers))
                            : planned.plan().get());
        }

        private long insert(UUID uid, String plan, Optional<Work> work) throws BadPlanFile {
            long id = rows.insertCover(
                    workroom, uid.toString(), work.flatMap(Work::due).orElse(null));
            rows.putPlan(workroom, id, plan);
            rows.noteWords(workroom, id);
            if (work.flatMap(Work::cut).isPresent()) {
                WorkroomParts.Cut cut = work.flatMap(Work::cut).get();
                rows.putCut(workroom, id, PictureNumbers.renumbered(cut.plan(), numbers), cut.at());
            }
            return id;
        }

        private void ticks(long cover, Work work) {
            work.ticks()
                    .forEach(tick -> rows.putTick(
                            workroom,
                            new TickLine(
                                    cover,
                                    tick.id().toString(),
                                    tick.step(),
                                    tick.done(),
                                    tick.passed(),
                                    tick.at(),
                                    tick.device())));
            work.mishaps()
                    .forEach(mishap -> rows.putMishap(
                            workroom,
                            new MishapLine(
                                    cover,
                                    mishap.id().toString(),
                                    mishap.step(),
                                    mishap.kind(),
                                    mishap.note(),
                                    mishap.unpicked(),
                                    mishap.seconds(),
                                    mishap.at())));
        }

        /** Its number, below nought where it was here already. */
        private long set(SetOfCovers set) {
            Map<Long, Integer> counts = new TreeMap<>();
            set.counts()
                    .forEach((cover, count) -> counts.merge(Objects.requireNonNull(ids.get(cover)), count, Math::max));
            String content = set.name() + counts;
            List<String> mayBe =
                    List.of(set.id().toString(), derived(set.id(), content).toString());
            Optional<Long> first = rows.setKnownAs(workroom, mayBe.get(0));
            for (String uid : mayBe) {
                Optional<Long> known = rows.setKnownAs(workroom, uid).filter(id -> content.equals(content(id)));
                if (known.isPresent()) {
                    there++;
                    return -known.get();
                }
            }
            long trial = set.trial().map(ids::get).filter(counts::containsKey).orElse(0L);
            long id = rows.insertSet(
                    workroom,
                    new SetLine(
                            0,
                            mayBe.get(first.isPresent() ? 1 : 0),
                            set.name(),
                            set.due().orElse(null),
                            trial));
            counts.forEach((cover, count) -> rows.putMember(workroom, id, cover, count));
            madeSets++;
            return id;
        }

        private String content(long set) {
            Map<Long, Integer> counts = new TreeMap<>(rows.members(workroom).stream()
                    .filter(line -> line.setId() == set)
                    .collect(Collectors.toMap(ArchiveMapper.MemberLine::coverId, ArchiveMapper.MemberLine::count)));
            String name = rows.sets(workroom).stream()
                    .filter(line -> line.id() == set)
                    .map(SetLine::name)
                    .findFirst()
                    .orElse("");
            return name + counts;
        }

        /** How a cloth lies, of a cover or a set that was not here before. */
        private void lay(Lay lay, List<Long> sets) throws BadPlanFile {
            boolean ofSet = lay.set().isPresent();
            long set = lay.set()
                    .filter(place -> place < sets.size())
                    .map(sets::get)
                    .orElse(0L);
            long cover = lay.cover().filter(fresh::contains).map(ids::get).orElse(0L);
            String cloths = lay.cloths().stream()
                    .filter(of -> ids.containsKey(of.cover()))
                    .map(this::ours)
                    .collect(Collectors.joining(","));
            if (ofSet ? set <= 0 : cover == 0) {
                return;
            }
            long id = rows.insertLayout(workroom, new LayoutLine(0, ofSet ? 0 : cover, ofSet ? set : 0, cloths, ""));
            rows.putLayoutPlan(workroom, id, PictureNumbers.renumbered(lay.plan(), numbers));
        }

        /** What nobody has said here of it. */
        private void beside(Beside beside, List<Long> sets) {
            boolean isSet = beside.cover().isEmpty();
            long id = beside.cover()
                    .map(ids::get)
                    .orElseGet(() -> beside.set() < sets.size() ? Math.abs(sets.get(beside.set())) : 0L);
            if (id > 0 && beside.rank() > 0 && isSet) {
                rows.rankSet(workroom, id, beside.rank());
            } else if (id > 0 && beside.rank() > 0) {
                rows.rankCover(workroom, id, beside.rank());
            }
            if (id > 0 && (beside.form().isPresent() || beside.bought().isPresent())) {
                rows.putBeside(
                        workroom,
                        new BesideLine(
                                isSet,
                                id,
                                0,
                                beside.form().orElse(-1),
                                beside.bought().orElse(-1)));
            }
        }

        private void client(ForClient client, List<Long> sets) {
            boolean isSet = client.cover().isEmpty();
            long id = client.cover()
                    .map(ids::get)
                    .orElseGet(() -> client.set() < sets.size() ? Math.abs(sets.get(client.set())) : 0L);
            if (id > 0 && client.quoted().isPresent() == client.quotedOn().isPresent()) {
                rows.putClient(
                        workroom,
                        new ClientLine(
                                isSet,
                                id,
                                PlainText.shortened(client.name(), ClientStore.LONGEST_NAME),
                                client.reach(),
                                client.ownCloth(),
                                client.ownForm(),
                                client.until().orElse(null),
                                client.extra(),
                                client.paid(),
                                client.note(),
                                client.quoted().orElse(null),
                                client.quotedOn().orElse(null)));
            }
        }

        private String ours(ClothOf of) {
            return ids.get(of.cover()) + "." + of.cloth();
        }

        private void wash(Wash wash) {
            if (rows.washesKnownAs(workroom, wash.id().toString()) == 0) {
                rows.putWash(
                        workroom,
                        new WashLine(
                                wash.id().toString(),
                                wash.cloth(),
                                wash.at(),
                                wash.beforeAcross(),
                                wash.afterAcross(),
                                wash.beforeAlong(),
                                wash.afterAlong()));
            }
        }

        /** A thing with all its movements; one that is here already stays as it is. */
        private void thing(Shelved thing) {
            Long id = rows.putThing(
                    workroom,
                    new ThingLine(
                            0,
                            thing.id().toString(),
                            thing.kind(),
                            thing.name(),
                            thing.colour(),
                            thing.size(),
                            thing.width(),
                            thing.price(),
                            thing.fabric()));
            if (id == null) {
                there++;
                return;
            }
            thing.turns()
                    .forEach(turn -> rows.putTurn(
                            workroom,
                            new TurnLine(
                                    id,
                                    turn.cover(),
                                    turn.from().getMonthValue(),
                                    turn.from().getDayOfMonth(),
                                    turn.kept())));
            List<Long> moved = new ArrayList<>();
            for (Move move : thing.moves()) {
                long undoes =
                        move.undoes().isPresent() ? moved.get(move.undoes().getAsInt()) : 0;
                moved.add(rows.putMove(
                        workroom, new MoveLine(0, id, move.why(), move.amount(), notYet(move.at()), undoes)));
            }
        }

        private void entry(Entry entry) throws BadPlanFile {
            String ours = PictureNumbers.renumbered(entry.entry(), numbers);
            try {
                ours = LogJson.kept(LogJson.read(ours));
            } catch (BadPlanFile e) {
                unread++;
            }
            Known known = known(entry.id(), ours, uid -> rows.entriesKnownAs(workroom, uid), WorkroomParts::isSame);
            if (known.id() > 0) {
                there++;
                return;
            }
            long cover = entry.cover().map(ids::get).orElse(0L);
            long id =
                    rows.insertEntry(workroom, new EntryLine(0, known.uid().toString(), cover, notYet(entry.at()), ""));
            rows.putEntry(workroom, id, ours);
            madeEntries++;
        }

        private Instant notYet(Instant at) {
            Instant now = Instant.now();
            return at.isAfter(now) ? now : at;
        }

        private void earlierLog() throws BadPlanFile {
            List<LogEntry> entries = new ArrayList<>();
            for (LogEntry entry : file.earlierLog()) {
                entries.add(LogJson.read(PictureNumbers.renumbered(LogJson.kept(entry), numbers)));
            }
            int taken = log.take(entries, "", entry -> entry);
            madeEntries += taken;
            there += entries.size() - taken;
        }

        /** What nobody has decided here. */
        private void settings(Settings settings) {
            if (!file.isWhole()) {
                return;
            }
            rows.takeSettings(
                    workroom,
                    new SettingsLine(
                            settings.currency().orElse(null),
                            settings.hourly(),
                            settings.margin(),
                            settings.atATime(),
                            settings.drawer()
                                    .map(drawer -> String.join(",", drawer.codes()))
                                    .orElse(null),
                            settings.drawer().map(WorkroomParts.Tools::mat).orElse(0L)));
            settings.daysOff().forEach(day -> rows.putDayOff(workroom, day));
            if (rows.week(workroom).isEmpty()) {
                settings.week().stream()
                        .collect(Collectors.toMap(WorkroomParts.Slot::weekday, slot -> slot, (one, other) -> other))
                        .values()
                        .forEach(slot ->
                                rows.putSlot(workroom, new SlotLine(slot.weekday(), slot.starts(), slot.minutes())));
            }
            settings.learning()
                    .forEach(each -> rows.putLearning(
                            workroom,
                            new LearningLine(
                                    each.subject(), each.active(), each.since().orElse(null))));
        }
    }

    /**
     * Something carried here.
     *
     * @param id  what it is here already, word for word; nought where it is not
     * @param uid what it is known by from now on
     */
    private record Known(long id, UUID uid) {}

    private interface Finder {
        List<KnownLine> knownAs(String uid);
    }

    /** What was changed here since comes in beside it, by an id that follows from both: a second time it is known. */
    private static Known known(UUID uid, String content, Finder finder, BiPredicate<String, String> same) {
        UUID beside = derived(uid, content);
        for (UUID each : List.of(uid, beside)) {
            for (KnownLine line : finder.knownAs(each.toString())) {
                if (same.test(line.plan(), content)) {
                    return new Known(line.id(), each);
                }
            }
        }
        return new Known(0, finder.knownAs(uid.toString()).isEmpty() ? uid : beside);
    }

    private static UUID derived(UUID uid, String content) {
        return UUID.nameUUIDFromBytes((uid + content).getBytes(StandardCharsets.UTF_8));
    }

    private static boolean isSamePlan(String one, String other) {
        Optional<CoverPlan> read = readable(one);
        return read.isPresent() ? read.equals(readable(other)) : WorkroomParts.isSame(one, other);
    }

    private static Optional<CoverPlan> readable(String plan) {
        try {
            return Optional.of(PlanJson.read(plan));
        } catch (BadPlanFile e) {
            return Optional.empty();
        }
    }

    private static byte[] sha256(byte[] bytes) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(bytes);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
