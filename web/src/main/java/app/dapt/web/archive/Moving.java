package app.dapt.web.archive;

import app.dapt.cloth.Photo;
import app.dapt.cover.CoverPlan;
import app.dapt.files.WorkroomArchive;
import app.dapt.files.WorkroomArchive.SetOfCovers;
import app.dapt.log.LogEntry;
import app.dapt.piece.Piece.Material;
import app.dapt.web.Snapshot;
import app.dapt.web.workroom.Cover;
import app.dapt.web.workroom.CoverSet;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.LogStore;
import app.dapt.web.workroom.Logged;
import app.dapt.web.workroom.PictureStore;
import app.dapt.web.workroom.SetStore;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Packs a workroom and unpacks one: all of it, or nothing. */
@Service
@Transactional
class Moving {

    private final CoverStore covers;
    private final SetStore sets;
    private final LogStore log;
    private final PictureStore pictures;

    /** What was brought in. */
    record Brought(int covers, int sets, int entries) {}

    Moving(CoverStore covers, SetStore sets, LogStore log, PictureStore pictures) {
        this.covers = covers;
        this.sets = sets;
        this.log = log;
        this.pictures = pictures;
    }

    /** Everything that reads. */
    @Transactional(readOnly = true)
    WorkroomArchive pack() {
        Map<Long, String> files = new HashMap<>();
        Map<String, CoverPlan> plans = new LinkedHashMap<>();
        for (Cover cover : all()) {
            String file = String.format("%04d.json", cover.id());
            files.put(cover.id(), file);
            plans.put(file, cover.plan());
        }
        List<LogEntry> entries = log.list().stream().map(Logged::entry).toList();
        return new WorkroomArchive(plans, packedSets(files), entries, shown(plans, entries));
    }

    private List<Cover> all() {
        List<Cover> all = new ArrayList<>();
        int pages = covers.list("", 1).pages();
        for (int page = 1; page <= pages; page++) {
            all.addAll(covers.list("", page).covers());
        }
        return all;
    }

    private List<SetOfCovers> packedSets(Map<Long, String> files) {
        return sets.list().stream()
                .map(line -> sets.find(line.id()))
                .map(set -> {
                    Map<String, Integer> counts = new LinkedHashMap<>();
                    set.members().stream()
                            .filter(member -> member.count() > 0)
                            .forEach(member -> counts.put(
                                    Objects.requireNonNull(
                                            files.get(member.cover().id())),
                                    member.count()));
                    return new SetOfCovers(set.name(), counts);
                })
                .toList();
    }

    private Map<Long, byte[]> shown(Map<String, CoverPlan> plans, List<LogEntry> entries) {
        Map<Long, byte[]> shown = new LinkedHashMap<>();
        Stream<CoverPlan> logged = entries.stream().flatMap(entry -> Stream.of(
                        Optional.of(entry.plan()),
                        entry.planned(),
                        entry.fitting().map(LogEntry.Fitting::tried))
                .flatMap(Optional::stream));
        Stream<Long> ofCloths = Stream.concat(plans.values().stream(), logged)
                .flatMap(plan -> Stream.of(Material.values()).map(plan.cloths()::of))
                .flatMap(cloth -> cloth.photo().stream())
                .map(Photo::number);
        Stream.concat(ofCloths, entries.stream().flatMap(entry -> entry.picture().stream()))
                .distinct()
                .forEach(number -> pictures.find(number).ifPresent(picture -> shown.put(number, picture.jpeg())));
        return shown;
    }

    /**
     * Brings a workroom in beside what is there.
     *
     * @param redrawn its pictures, read with care, by the numbers they have in it
     * @param press   what the form calls its one press
     */
    Brought unpack(WorkroomArchive archive, Map<Long, Snapshot> redrawn, String press) {
        Map<Long, Long> numbers = new HashMap<>();
        redrawn.forEach((number, picture) -> pictures.keep(picture.jpeg(), picture.wide(), picture.high())
                .ifPresent(kept -> numbers.put(number, kept)));
        WorkroomArchive ours = archive.renumbered(numbers);
        Map<String, Long> ids = new HashMap<>();
        ours.covers().forEach((file, plan) -> ids.put(file, covers.create(plan, press + file)));
        for (SetOfCovers set : ours.sets()) {
            Map<Long, Integer> counts = new LinkedHashMap<>();
            set.counts().forEach((file, count) -> counts.put(Objects.requireNonNull(ids.get(file)), count));
            long id = sets.create(set.name(), List.copyOf(counts.keySet()), press);
            sets.change(id, CoverStore.ANY_VERSION, set.name(), counts);
        }
        return new Brought(ids.size(), ours.sets().size(), log.take(ours.log(), press));
    }

    /** Whether a workroom so large goes in. */
    @Transactional(readOnly = true)
    boolean hasRoom(WorkroomArchive archive) {
        return archive.log().size() <= log.room()
                && archive.sets().stream().allMatch(set -> set.counts().size() <= CoverSet.MOST_COVERS);
    }
}
