package app.dapt.web.archive;

import app.dapt.files.BadPlanFile;
import app.dapt.files.archive.BesideParts.Beside;
import app.dapt.files.archive.BesideParts.ForClient;
import app.dapt.files.archive.ShelfParts.Move;
import app.dapt.files.archive.ShelfParts.Shelved;
import app.dapt.files.archive.WorkroomParts;
import app.dapt.files.archive.WorkroomParts.ClothOf;
import app.dapt.files.archive.WorkroomParts.Cut;
import app.dapt.files.archive.WorkroomParts.Entry;
import app.dapt.files.archive.WorkroomParts.Front;
import app.dapt.files.archive.WorkroomParts.Lay;
import app.dapt.files.archive.WorkroomParts.Learning;
import app.dapt.files.archive.WorkroomParts.Mishap;
import app.dapt.files.archive.WorkroomParts.SetOfCovers;
import app.dapt.files.archive.WorkroomParts.Settings;
import app.dapt.files.archive.WorkroomParts.Slot;
import app.dapt.files.archive.WorkroomParts.Tick;
import app.dapt.files.archive.WorkroomParts.Wash;
import app.dapt.files.archive.WorkroomParts.Work;
import app.dapt.files.archive.WorkroomWriter;
import app.dapt.files.log.LogJson;
import app.dapt.files.plan.PlanJson;
import app.dapt.log.LogEntry;
import app.dapt.shelf.Turn;
import app.dapt.web.archive.ArchiveMapper.CoverLine;
import app.dapt.web.archive.ArchiveMapper.EntryLine;
import app.dapt.web.archive.ArchiveMapper.LayoutLine;
import app.dapt.web.archive.ArchiveMapper.MemberLine;
import app.dapt.web.archive.ArchiveMapper.MoveLine;
import app.dapt.web.archive.ArchiveMapper.SetLine;
import app.dapt.web.archive.ArchiveMapper.SettingsLine;
import app.dapt.web.archive.ArchiveMapper.TickLine;
import app.dapt.web.archive.ArchiveMapper.TurnLine;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.PriceStore;
import java.io.IOException;
import java.io.OutputStream;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.LongFunction;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

/** Packs the workroom as it stands at one moment, whatever is changed while it is packed. */
@Service
class Packing {

    private static final int AT_ONCE = 200;

    private final ArchiveMapper rows;
    private final CoverStore covers;

    private final PriceStore prices;

    Packing(ArchiveMapper rows, CoverStore covers, PriceStore prices) {
        this.prices = prices;
        this.rows = rows;
        this.covers = covers;
    }

    /** Writes all of it: what does not read goes along as it is, and is named on its front. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void pack(OutputStream out) throws IOException {
        new Run(new WorkroomWriter(out), covers.workroom()).all();
    }

    private final class Run {

        private final WorkroomWriter writer;
        private final long workroom;
        private final Map<Long, String> files = new HashMap<>();
        private final Set<String> unread = new TreeSet<>();
        private final Map<String, Integer> counts = new LinkedHashMap<>();

        private Map<Long, List<TickLine>> ticks = Map.of();
        private long lastTicked;

        Run(WorkroomWriter writer, long workroom) {
            this.writer = writer;
            this.workroom = workroom;
        }

        void all() throws IOException {
            each(after -> rows.covers(workroom, after), CoverLine::id, this::cover);
            counts.put("covers", files.size());
            List<SetLine> sets = rows.sets(workroom);
            writer.sets(sets(sets));
            counts.put("sets", sets.size());
            List<Lay> lays = lays(sets);
            writer.lays(lays);
            counts.put("layouts", lays.size());
            writer.beside(beside(sets), clients(sets));
            List<Wash> washes = rows.washes(workroom).stream()
                    .map(line -> new Wash(
                            UUID.fromString(line.uid()),
                            line.cloth(),
                            line.testedAt(),
                            line.beforeAcross(),
                            line.afterAcross(),
                            line.beforeAlong(),
                            line.afterAlong()))
                    .toList();
            writer.washes(washes);
            counts.put("wash tests", washes.size());
            List<Shelved> shelf = shelf();
            writer.shelf(shelf);
            counts.put("things on the shelf", shelf.size());
            writer.prices(
                    prices.all(), Optional.ofNullable(rows.settings(workroom).currency()));
            log();
            List<Long> pictures = rows.pictures(workroom);
            for (long number : pictures) {
                writer.picture(number, rows.picture(workroom, number).jpeg());
            }
            counts.put("pictures", pictures.size());
            writer.finish(new Front(settings(), counts, unread));
        }

        private void cover(CoverLine line) throws IOException {
            String file = WorkroomWriter.file(line.id());
            files.put(line.id(), file);
            List<Tick> ticks = ticksOf(line.id());
            Optional<Cut> cut = Optional.ofNullable(line.cutPlan())
                    .map(plan -> new Cut(Objects.requireNonNull(line.cutAt(), "a cut has its day"), plan));
            writer.cover(
                    file,
                    plan(file, line.plan()),
                    new Work(
                            UUID.fromString(line.uid()),
                            Optional.ofNullable(line.due()),
                            cut,
                            ticks,
                            mishapsOf(line.id())));
        }

        /** The ticks of a cover; those of the next hundreds of numbers are fetched with them. */
        private List<Tick> ticksOf(long cover) {
            if (cover > lastTicked) {
                lastTicked = cover + AT_ONCE;
                ticks = rows.ticks(workroom, cover, lastTicked).stream()
                        .collect(Collectors.groupingBy(TickLine::coverId));
            }
            return ticks.getOrDefault(cover, List.of()).stream()
                    .limit(WorkroomParts.MOST_TICKS)
                    .map(tick -> new Tick(
                            UUID.fromString(tick.tick()),
                            tick.step(),
                            tick.done(),
                            tick.passed(),
                            tick.at(),
                            tick.device()))
                    .toList();
        }

        private List<Mishap> mishapsOf(long cover) {
            return rows.mishaps(workroom, cover).stream()
                    .map(line -> new Mishap(
                            UUID.fromString(line.uid()),
                            line.step(),
                            line.kind(),
                            line.note(),
                            line.unpicked(),
                            line.seconds(),
                            line.at()))
                    .toList();
        }

        private String plan(String file, String text) {
            try {
                return PlanJson.write(PlanJson.read(text));
            } catch (BadPlanFile e) {
                unread.add("covers/" + file);
                return text;
            }
        }

        private List<SetOfCovers> sets(List<SetLine> lines) {
            Map<Long, Map<String, Integer>> members = new HashMap<>();
            for (MemberLine line : rows.members(workroom)) {
                members.computeIfAbsent(line.setId(), id -> new LinkedHashMap<>())
                        .put(Objects.requireNonNull(files.get(line.coverId())), line.count());
            }
            return lines.stream()
                    .map(line -> new SetOfCovers(
                            UUID.fromString(line.uid()),
                            line.name(),
                            Optional.ofNullable(line.due()),
                            Optional.ofNullable(files.get(line.trialId())),
                            members.getOrDefault(line.id(), Map.of())))
                    .toList();
        }

        private List<Lay> lays(List<SetLine> sets) {
            List<Long> ids = sets.stream().map(SetLine::id).toList();
            List<Lay> lays = new ArrayList<>();
            for (LayoutLine line : rows.lays(workroom)) {
                Optional<String> cover = Optional.ofNullable(files.get(line.coverId()));
                Optional<Integer> set = Optional.of(ids.indexOf(line.setId())).filter(place -> place >= 0);
                List<ClothOf> cloths = Arrays.stream(line.cloths().split(","))
                        .filter(cloth -> cloth.matches("\\d{1,18}\\.\\d{1,6}"))
                        .map(cloth -> cloth.split("\\."))
                        .filter(parts -> files.containsKey(Long.valueOf(parts[0])))
                        .map(parts -> new ClothOf(
                                Objects.requireNonNull(files.get(Long.valueOf(parts[0]))), Integer.parseInt(parts[1])))
                        .toList();
                if (cover.isPresent() || set.isPresent()) {
                    lays.add(new Lay(cover, set, cloths, line.plan()));
                }
            }
            return lays;
        }

        private List<Beside> beside(List<SetLine> sets) {
            List<Long> ids = sets.stream().map(SetLine::id).toList();
            return rows.beside(workroom).stream()
                    .filter(line -> line.isSet() || files.containsKey(line.id()))
                    .map(line -> new Beside(
                            line.isSet() ? Optional.empty() : Optional.ofNullable(files.get(line.id())),
                            line.isSet() ? ids.indexOf(line.id()) : 0,
                            line.rank(),
                            Optional.of(line.form()).filter(paid -> paid >= 0),
                            Optional.of(line.bought()).filter(paid -> paid >= 0)))
                    .toList();
        }

        private List<ForClient> clients(List<SetLine> sets) {
            List<Long> ids = sets.stream().map(SetLine::id).toList();
            return rows.clients(workroom).stream()
                    .filter(line -> line.isSet() || files.containsKey(line.id()))
                    .map(line -> new ForClient(
                            line.isSet() ? Optional.empty() : Optional.ofNullable(files.get(line.id())),
                            line.isSet() ? ids.indexOf(line.id()) : 0,
                            line.name(),
                            line.reach(),
                            line.ownCloth(),
                            line.ownForm(),
                            Optional.ofNullable(line.until()),
                            line.extra(),
                            line.paid(),
                            line.note(),
                            Optional.ofNullable(line.quoted()),
                            Optional.ofNullable(line.quotedOn())))
                    .toList();
        }

        private void log() throws IOException {
            int[] count = {0};
            each(after -> rows.entries(workroom, after), EntryLine::id, line -> {
                entry(line);
                count[0]++;
            });
            counts.put("log entries", count[0]);
            writer.log(csv -> each(after -> rows.entries(workroom, after), EntryLine::id, line -> {
                Optional<LogEntry> entry = readable(line);
                if (entry.isPresent()) {
                    csv.add(entry.get());
                }
            }));
        }

        private void entry(EntryLine line) throws IOException {
            String file = WorkroomWriter.file(line.id());
            if (readable(line).isEmpty()) {
                unread.add("log/" + file);
            }
            writer.entry(
                    file,
                    new Entry(
                            UUID.fromString(line.uid()),
                            line.loggedAt(),
                            Optional.ofNullable(files.get(line.coverId())),
                            line.entry()));
        }

        private List<Shelved> shelf() {
            Map<Long, List<MoveLine>> moves =
                    rows.moves(workroom).stream().collect(Collectors.groupingBy(MoveLine::thingId));
            Map<Long, List<Turn>> turns = rows.turns(workroom).stream()
                    .collect(Collectors.groupingBy(
                            TurnLine::thingId,
                            Collectors.mapping(
                                    line -> new Turn(line.cover(), MonthDay.of(line.month(), line.day()), line.kept()),
                                    Collectors.toList())));
            return rows.things(workroom).stream()
                    .map(line -> new Shelved(
                            UUID.fromString(line.uid()),
                            line.kind(),
                            line.name(),
                            line.colour(),
                            line.size(),
                            line.width(),
                            line.price(),
                            line.fabric(),
                            turns.getOrDefault(line.id(), List.of()),
                            moved(moves.getOrDefault(line.id(), List.of()))))
                    .toList();
        }

        private static List<Move> moved(List<MoveLine> lines) {
            List<Long> ids = lines.stream().map(MoveLine::id).toList();
            return lines.stream()
                    .map(line -> new Move(
                            line.why(),
                            line.amount(),
                            line.at(),
                            line.undoes() > 0 ? OptionalInt.of(ids.indexOf(line.undoes())) : OptionalInt.empty()))
                    .toList();
        }

        private Settings settings() {
            SettingsLine line = rows.settings(workroom);
            return new Settings(
                    Optional.ofNullable(line.currency()),
                    line.hourly(),
                    line.margin(),
                    line.atATime(),
                    rows.week(workroom).stream()
                            .map(slot -> new Slot(slot.weekday(), slot.starts(), slot.minutes()))
                            .toList(),
                    rows.learning(workroom).stream()
                            .map(each -> new Learning(each.subject(), each.active(), Optional.ofNullable(each.since())))
                            .toList(),
                    Optional.ofNullable(line.drawer()).map(tools -> new WorkroomParts.Tools(codes(tools), line.mat())),
                    rows.daysOff(workroom));
        }
    }

    private static List<String> codes(String tools) {
        return Arrays.stream(tools.split(",")).filter(code -> !code.isEmpty()).toList();
    }

    private static Optional<LogEntry> readable(EntryLine line) {
        try {
            return Optional.of(LogJson.read(line.entry()));
        } catch (BadPlanFile e) {
            return Optional.empty();
        }
    }

    /** Takes what comes out of the store. */
    private interface Taker<T> {
        void take(T each) throws IOException;
    }

    /** Page after page, each asked for by the last number of the one before. */
    private static <T> void each(LongFunction<List<T>> page, ToLongFunction<T> number, Taker<T> taker)
            throws IOException {
        long after = 0;
        for (List<T> here = page.apply(after); !here.isEmpty(); here = page.apply(after)) {
            for (T each : here) {
                taker.take(each);
            }
            after = number.applyAsLong(here.get(here.size() - 1));
        }
    }
}
