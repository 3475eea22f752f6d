package app.dapt.web.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Photo;
import app.dapt.cloth.Print;
import app.dapt.cloth.Scrap;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.files.BadPlanFile;
import app.dapt.files.archive.WorkroomFile;
import app.dapt.form.Form;
import app.dapt.learning.Verdict;
import app.dapt.log.LogEntry;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.shelf.CostSheet;
import app.dapt.shelf.Fabric;
import app.dapt.shelf.Movement;
import app.dapt.shelf.Price;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Turn;
import app.dapt.web.Site;
import app.dapt.web.WithSite;
import app.dapt.web.archive.Unpacking.Brought;
import app.dapt.web.workroom.ClientStore;
import app.dapt.web.workroom.ClientStore.Client;
import app.dapt.web.workroom.CostStore;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.LayoutStore;
import app.dapt.web.workroom.LayoutStore.Place;
import app.dapt.web.workroom.LogStore;
import app.dapt.web.workroom.Owner;
import app.dapt.web.workroom.PictureStore;
import app.dapt.web.workroom.PriceStore;
import app.dapt.web.workroom.SetStore;
import app.dapt.web.workroom.ShelfStore;
import app.dapt.web.workroom.Tick;
import app.dapt.web.workroom.TurnStore;
import app.dapt.web.workroom.WorkStore;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A workroom carried away and back, on a real PostgreSQL. */
@WithSite
class CarriedTest {

    private static final String COUNTS = "select (select count(*) from cover where deleted_at is null) * 1000000"
            + " + (select count(*) from cover_set) * 10000"
            + " + (select count(*) from log_entry where deleted_at is null) * 10 + (select count(*) from wash_test)";

    @TempDir
    private Path folder;

    private static CoverPlan plan(String name, long picture) {
        CoverPlan plan = DefaultPlan.plan(
                name, Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(20), Length.inches(20)));
        return plan.withCloths(plan.cloths()
                .changing(
                        plan.cloths().front().id(),
                        cloth ->
                                cloth.withPhoto(Optional.of(new Photo(picture, Length.inches(10), Length.inches(8))))));
    }

    private static byte[] jpeg(int colour) throws IOException {
        BufferedImage image = new BufferedImage(60, 48, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 60 * 48; i++) {
            image.setRGB(i % 60, i / 60, colour * i);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        return out.toByteArray();
    }

    private Path packed(Site site) throws IOException {
        Path path = folder.resolve(UUID.randomUUID() + ".zip");
        try (OutputStream out = Files.newOutputStream(path)) {
            site.bean(Packing.class).pack(out);
        }
        return path;
    }

    private static Brought brought(Site site, Path path) throws IOException, BadPlanFile {
        try (WorkroomFile file = WorkroomFile.open(path)) {
            return site.bean(Unpacking.class).unpack(file, "").orElseThrow();
        }
    }

    private static Tick tick(String step, boolean done) {
        return new Tick(UUID.randomUUID(), step, done, false, Instant.now().minusSeconds(60), "phone");
    }

    private static Place place(long cover, CoverPlan plan) {
        List<String> members = List.of(cover + "." + plan.cloths().front().id());
        return new Place(Owner.cover(cover), plan.cloths().front(), members, members, Mark.EIGHTH.unit());
    }

    /** Brought into a workroom where it is gone, all of it is there again; brought in once more, nothing is doubled. */
    @Test
    void allOfItComesBackOnce(Site site) throws Exception {
        CoverStore covers = site.bean(CoverStore.class);
        WorkStore work = site.bean(WorkStore.class);
        LayoutStore lays = site.bean(LayoutStore.class);
        LogStore log = site.bean(LogStore.class);
        long shown = site.bean(PictureStore.class).keep(jpeg(77), 60, 48).orElseThrow();
        CoverPlan plan = plan("Carried", shown);
        long id = covers.create(plan);
        long set = site.bean(SetStore.class).create("Carried set", List.of(id), "");
        work.tick(id, List.of(tick("front/cut", true), tick("cover/press", false)), ticks -> true);
        lays.change(
                place(id, plan),
                LayoutStore.ANY_VERSION,
                lay -> lay.at(true, List.of(Scrap.rectangle("Left over", Length.inches(30), Length.inches(20)))));
        log.putOfCover(
                id,
                LogEntry.of(LocalDate.of(2026, 3, 1), plan).tried(Verdict.GOOD).withPicture(Optional.of(shown)),
                entry -> entry);
        site.command("update cover set due = '2027-01-05' where id = " + id);
        ShelfStore shelf = site.bean(ShelfStore.class);
        Thing zip = new Thing(
                Thing.Kind.ZIP, "Carried zip", "#1e3355", Optional.of(Length.inches(18)), Optional.empty(), 250);
        long thing = shelf.put(zip, 5, "").orElseThrow();
        shelf.move(thing, Movement.Why.USED, -2);
        shelf.undo(thing, shelf.movements(thing).get(0).movement().id());
        shelf.move(thing, Movement.Why.USED, -1);
        PriceStore prices = site.bean(PriceStore.class);
        Price price = new Price(
                "Carried shop",
                Thing.Kind.TRIM,
                "Fringe",
                Optional.empty(),
                Optional.empty(),
                320,
                Price.Per.YARD,
                LocalDate.of(2026, 2, 1),
                Optional.empty());
        prices.keep(List.of(price));
        CostStore costs = site.bean(CostStore.class);
        CostSheet.Beside beside = new CostSheet.Beside(
                Optional.of(900),
                Optional.of(4_000),
                costs.beside(Owner.cover(id)).hourly());
        costs.put(Owner.cover(id), beside);
        ClientStore clients = site.bean(ClientStore.class);
        Client client = new Client(
                "Captain Ilse Brandt",
                "berth 4",
                true,
                false,
                Optional.of(LocalDate.of(2027, 3, 20)),
                1_250,
                4_000,
                "on board",
                Optional.of(new ClientStore.Quoted(9_042, LocalDate.of(2026, 12, 2))));
        clients.put(Owner.cover(id), client);
        Thing form = new Thing(
                Thing.Kind.FORM, "Carried form", "#f4f5f1", Optional.of(Length.inches(18)), Optional.empty(), 0);
        long formId = shelf.put(form, 1, "").orElseThrow();
        Turn turn = new Turn("Spring stripes", MonthDay.of(3, 20), "linen chest");
        TurnStore turns = site.bean(TurnStore.class);
        turns.put(formId, turn);
        Thing remnant = new Thing(
                Thing.Kind.REMNANT,
                "Carried remnant",
                "#7d9c93",
                Optional.of(Length.inches(30)),
                Optional.of(Length.inches(20)),
                0,
                Optional.of(new Fabric(
                        new Cloth("Carried remnant", "#7d9c93", Print.SPRIG, Length.inches(54), true),
                        true,
                        Optional.of(Scrap.rectangle("outline", Length.inches(30), Length.inches(20))))));
        long remnantId = shelf.put(remnant, 1, "").orElseThrow();
        site.command("update cover set work_rank = 77 where id = " + id);
        Path path = packed(site);
        long before = site.number(COUNTS);

        Brought again = brought(site, path);
        assertThat(again.covers() + again.sets() + again.entries())
                .as("one's own, as it is")
                .isZero();
        assertThat(site.number(COUNTS)).isEqualTo(before);

        site.bean(SetStore.class).delete(set);
        log.delete(log.ofCover(id).orElseThrow().id());
        covers.delete(id);
        site.command("delete from thing where id in (" + thing + ", " + formId + ", " + remnantId + ")");
        prices.takeAway("Carried shop");
        Brought back = brought(site, path);
        assertThat(prices.all().all()).contains(price);
        assertThat(shelf.list("Carried zip"))
                .singleElement()
                .satisfies(kept -> assertThat(kept.thing()).isEqualTo(zip))
                .satisfies(kept -> assertThat(kept.stock()).isEqualTo(4))
                .satisfies(kept -> assertThat(shelf.movements(kept.id())).hasSize(4));
        assertThat(shelf.list("Carried remnant")).singleElement().satisfies(kept -> assertThat(kept.thing())
                .isEqualTo(remnant));
        assertThat(turns.list(shelf.list("Carried form").get(0).id()))
                .singleElement()
                .satisfies(each -> assertThat(each.turn()).isEqualTo(turn));
        assertThat(List.of(back.covers(), back.sets(), back.entries())).containsExactly(1, 1, 1);
        assertThat(site.number(COUNTS)).isEqualTo(before);
        long now = site.number("select max(id) from cover where deleted_at is null");
        assertThat(covers.find(now).plan()).isEqualTo(plan);
        assertThat(costs.beside(Owner.cover(now))).isEqualTo(beside);
        assertThat(clients.find(Owner.cover(now))).isEqualTo(client);
        assertThat(site.number("select work_rank from cover where id = " + now)).isEqualTo(77);
        assertThat(work.ticks(List.of(now)).get(now)).containsOnlyKeys("front/cut", "cover/press");
        assertThat(work.plansAtCut(List.of(now))).containsEntry(now, plan);
        assertThat(lays.find(place(now, plan)).choices().remnants())
                .extracting(Scrap::name)
                .containsExactly("Left over");
        assertThat(log.ofCover(now).orElseThrow().entry().picture()).contains(shown);
        assertThat(site.number("select count(*) from cover where due = '2027-01-05' and id = " + now))
                .isEqualTo(1);

        covers.change(now, CoverStore.ANY_VERSION, "", other -> other.withName("Carried, changed since"));
        assertThat(brought(site, path).covers())
                .as("beside what was changed since")
                .isEqualTo(1);
        assertThat(brought(site, path).covers()).as("and that once").isZero();
        covers.delete(now);
        covers.delete(site.number("select max(id) from cover where deleted_at is null"));
        log.ofCover(now).ifPresent(entry -> log.delete(entry.id()));
        site.command("delete from cover_set where name = 'Carried set'");
        site.command("delete from thing where name like 'Carried %'");
    }

    @Test
    void whatDoesNotReadGoesAlongAsItIs(Site site) throws Exception {
        CoverStore covers = site.bean(CoverStore.class);
        long id = covers.create(plan("Of a later Dapt", 999_999));
        site.command("update revision set plan = jsonb_set(plan, '{format}', '99') where cover_id = " + id);
        Path path = packed(site);
        covers.delete(id);
        Brought back = brought(site, path);
        assertThat(List.of(back.covers(), back.unread())).containsExactly(1, 1);
        long now = site.number("select max(id) from cover where deleted_at is null");
        assertThat(covers.text(now)).contains("99").contains("Of a later Dapt");
        covers.delete(now);
    }

    /** What a file is made of, to be put together otherwise. */
    private Path changed(
            Path path, java.util.function.Function<Map.Entry<String, byte[]>, List<Map.Entry<String, byte[]>>> change)
            throws IOException {
        Path other = folder.resolve(UUID.randomUUID() + ".zip");
        try (ZipFile from = new ZipFile(path.toFile());
                ZipOutputStream to = new ZipOutputStream(Files.newOutputStream(other))) {
            for (ZipEntry entry : Collections.list(from.entries())) {
                try (InputStream in = from.getInputStream(entry)) {
                    for (Map.Entry<String, byte[]> each : change.apply(Map.entry(entry.getName(), in.readAllBytes()))) {
                        to.putNextEntry(new ZipEntry(each.getKey()));
                        to.write(each.getValue());
                    }
                }
            }
        }
        return other;
    }

    @Test
    void whatIsMissingRenamedOrChangedIsRefusedAndWhatIsForeignIsSaid(Site site) throws Exception {
        Path path = packed(site);
        long before = site.number(COUNTS);
        Path missing = changed(path, file -> file.getKey().equals("washes.json") ? List.of() : List.of(file));
        assertThatThrownBy(() -> brought(site, missing)).hasMessageContaining("washes.json: is missing");
        Path renamed = changed(
                path,
                file -> List.of(
                        file.getKey().startsWith("log/") ? Map.entry("x" + file.getKey(), file.getValue()) : file));
        assertThatThrownBy(() -> brought(site, renamed)).hasMessageContaining("is missing");
        Path other = changed(
                path,
                file -> List.of(
                        file.getKey().equals("sets.json")
                                ? Map.entry("sets.json", "{\"sets\":[]}".getBytes(StandardCharsets.UTF_8))
                                : file));
        assertThatThrownBy(() -> brought(site, other)).hasMessageContaining("sets.json: is not as it was saved");
        List<Map.Entry<String, byte[]>> foreign = List.of(Map.entry("readme.txt", new byte[3]));
        Path beside = changed(path, file -> {
            List<Map.Entry<String, byte[]>> files = new ArrayList<>(List.of(file));
            files.addAll(file.getKey().equals("sets.json") ? foreign : List.of());
            return files;
        });
        assertThat(brought(site, beside).aside()).containsExactly("readme.txt");
        byte[] whole = Files.readAllBytes(path);
        Path cut = Files.write(folder.resolve("cut.zip"), java.util.Arrays.copyOf(whole, whole.length * 2 / 3));
        assertThatThrownBy(() -> brought(site, cut)).isInstanceOf(BadPlanFile.class);
        assertThat(site.number(COUNTS)).isEqualTo(before);
    }
}
