package app.dapt.files.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.RandomPlans;
import app.dapt.files.BadPlanFile;
import app.dapt.files.archive.ShelfParts.Move;
import app.dapt.files.archive.ShelfParts.Shelved;
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
import app.dapt.files.log.LogJson;
import app.dapt.files.plan.PictureNumbers;
import app.dapt.files.plan.PlanJson;
import app.dapt.log.LogEntry;
import app.dapt.measure.Length;
import app.dapt.shelf.Price;
import app.dapt.shelf.Prices;
import app.dapt.shelf.Thing.Kind;
import app.dapt.shelf.Turn;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.MonthDay;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A whole workroom in one file. */
class WorkroomFileTest {

    private static final Instant AT = Instant.parse("2026-02-01T10:00:00.123456Z");
    private static final UUID ID = UUID.fromString("3f0c1f6e-0000-4000-8000-000000000001");
    private static final Work WORK = new Work(
            ID,
            Optional.of(LocalDate.of(2026, 5, 1)),
            Optional.of(new Cut(AT, "{\"kind\":\"whatever it was\"}")),
            List.of(
                    new Tick(ID, "front/cut", true, false, AT, "phone"),
                    new Tick(ID, "cover/fill", false, true, AT, "")),
            List.of(new Mishap(ID, "front/lay-lapped", "WRONG_ORDER", "I was tired", 2_540, 229, AT)));
    private static final SetOfCovers SET = new SetOfCovers(
            ID, "Deck", Optional.empty(), Optional.of("000001.json"), Map.of("000001.json", 2, "000002.json", 1));
    private static final Lay LAY =
            new Lay(Optional.empty(), Optional.of(0), List.of(new ClothOf("000001.json", 3)), "{\"remnants\":[]}");
    private static final Wash WASH = new Wash(ID, "Bracken linen", AT, 100, 99, 200, 190);
    private static final Settings SETTINGS = new Settings(
            Optional.of("EUR"),
            2_000,
            10,
            45,
            List.of(new Slot(6, LocalTime.of(14, 30), 90)),
            List.of(new Learning("PACE", false, Optional.of(AT))),
            Optional.of(new WorkroomParts.Tools(List.of("serger", "mat"), 1_000)),
            List.of(LocalDate.of(2027, 3, 9)));
    private static final Shelved ZIP = new Shelved(
            ID,
            "ZIP",
            "Navy",
            "#1e3355",
            1_000,
            0,
            250,
            "",
            List.of(new Turn("Spring stripes", MonthDay.of(3, 20), "linen chest")),
            List.of(
                    new Move("BOUGHT", 2, AT, OptionalInt.empty()),
                    new Move("USED", -1, AT, OptionalInt.empty()),
                    new Move("UNDONE", 1, AT, OptionalInt.of(1))));

    @TempDir
    private Path folder;

    private static String plan(int seed) {
        return PlanJson.write(RandomPlans.plan(new Random(seed)));
    }

    private static final List<BesideParts.Beside> BESIDE = List.of(
            new BesideParts.Beside(Optional.of("000001.json"), 0, 3, Optional.empty(), Optional.of(4_000)),
            new BesideParts.Beside(Optional.empty(), 0, 0, Optional.of(0), Optional.empty()));

    private static final List<BesideParts.ForClient> CLIENTS = List.of(
            new BesideParts.ForClient(
                    Optional.of("000002.json"),
                    0,
                    "Captain Ilse Brandt",
                    "berth 4",
                    true,
                    false,
                    Optional.of(LocalDate.of(2027, 3, 20)),
                    1_250,
                    4_000,
                    "",
                    Optional.of(9_042L),
                    Optional.of(LocalDate.of(2026, 12, 2))),
            new BesideParts.ForClient(
                    Optional.empty(),
                    0,
                    "",
                    "",
                    false,
                    true,
                    Optional.empty(),
                    0,
                    0,
                    "on board",
                    Optional.empty(),
                    Optional.empty()));

    private static final Price PRICE = new Price(
            "Brannick",
            Kind.ZIP,
            "Brass",
            Optional.of(Length.inches(20)),
            Optional.empty(),
            320,
            Price.Per.ONE,
            LocalDate.of(2027, 2, 1),
            Optional.of(0L));

    private static String entry() throws BadPlanFile {
        return LogJson.kept(LogEntry.of(LocalDate.of(2026, 2, 1), RandomPlans.plan(new Random(3))));
    }

    private Path written(String second) throws IOException, BadPlanFile {
        Path path = folder.resolve("workroom.zip");
        try (OutputStream out = Files.newOutputStream(path);
                WorkroomWriter writer = new WorkroomWriter(out)) {
            writer.cover("000001.json", plan(1), WORK);
            writer.cover("000002.json", second, new Work(ID, Optional.empty(), Optional.empty(), List.of(), List.of()));
            writer.sets(List.of(SET));
            writer.lays(List.of(LAY));
            writer.washes(List.of(WASH));
            writer.shelf(List.of(ZIP));
            writer.beside(BESIDE, CLIENTS);
            writer.prices(new Prices(List.of(PRICE)), SETTINGS.currency());
            writer.entry("000007.json", new Entry(ID, AT, Optional.of("000001.json"), entry()));
            writer.picture(8, new byte[] {1, 2, 3});
            writer.finish(new Front(SETTINGS, Map.of("covers", 2), Set.of("covers/000002.json")));
        }
        return path;
    }

    @Test
    void aShelfOnWhichLessThanNothingLayIsRefused() throws Exception {
        Shelved impossible = new Shelved(
                ID,
                "ZIP",
                "Navy",
                "#1e3355",
                0,
                0,
                0,
                "",
                List.of(),
                List.of(new Move("USED", -1, AT, OptionalInt.empty())));
        assertThatThrownBy(() -> ShelfParts.read(ShelfParts.write(List.of(impossible))))
                .isInstanceOf(BadPlanFile.class)
                .hasMessageContaining("cannot have been");
    }

    @Test
    void everythingComesOutAsItWentIn() throws Exception {
        try (WorkroomFile file = WorkroomFile.open(written("{\"format\":99}"))) {
            assertThat(file.isWhole()).isTrue();
            assertThat(file.covers()).containsExactly("000001.json", "000002.json");
            assertThat(file.plan("000001.json").plan()).contains(RandomPlans.plan(new Random(1)));
            assertThat(file.plan("000002.json").plan())
                    .as("it did not read then")
                    .isEmpty();
            assertThat(file.work("000001.json")).contains(WORK);
            assertThat(file.sets()).containsExactly(SET);
            assertThat(file.lays()).containsExactly(LAY);
            assertThat(file.washes()).containsExactly(WASH);
            assertThat(file.shelf()).containsExactly(ZIP);
            assertThat(file.clients()).isEqualTo(CLIENTS);
            assertThat(file.beside()).isEqualTo(BESIDE);
            assertThat(file.prices()).containsExactly(PRICE);
            assertThat(file.settings()).isEqualTo(SETTINGS);
            assertThat(file.pictures()).containsExactly(8L);
            assertThat(file.picture(8)).containsExactly(1, 2, 3);
            Entry entry = file.entry("000007.json");
            assertThat(entry.cover()).contains("000001.json");
            assertThat(LogJson.read(entry.entry()).made()).isEqualTo(LocalDate.of(2026, 2, 1));
            assertThat(file.leftAside()).isEmpty();
        }
    }

    @Test
    void picturesTakeTheNumbersTheyHaveNowAndThoseThatAreNotThereAreNotShown() throws BadPlanFile {
        String shown =
                "{\"picture\":8,\"plan\":{\"cloths\":{\"front\":{\"picture\":{\"number\":7,\"wide\":\"1 in\"}}}}}";
        String moved = PictureNumbers.renumbered(shown, Map.of(7L, 70L, 8L, 80L));
        assertThat(moved).contains("80").contains("70").doesNotContain(": 7,").contains("1 in");
        assertThat(PictureNumbers.renumbered(shown, Map.of(8L, 80L)))
                .doesNotContain("wide")
                .contains("80");
        assertThatThrownBy(() -> PictureNumbers.renumbered("{\"a\":\"x\\u0000\"}", Map.of()))
                .isInstanceOf(BadPlanFile.class);
    }

    private Path zip(String... namesAndContents) throws IOException {
        Path path = folder.resolve("made.zip");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(path))) {
            for (int i = 0; i < namesAndContents.length; i += 2) {
                zip.putNextEntry(new ZipEntry(namesAndContents[i]));
                zip.write(namesAndContents[i + 1].getBytes(StandardCharsets.UTF_8));
            }
        }
        return path;
    }

    @ParameterizedTest
    @CsvSource({
        "log.csv, 'a,b', log.csv",
        "readme.txt, hello, ''",
        "../../etc/passwd, x, ''",
        "covers/../x.json, {}, ''",
        "workroom.json, {}, workroom.json",
        "SHA256SUMS, x, workroom.json",
    })
    void whatIsNoWorkroomIsRefusedWithItsPlace(String name, String content, String where) throws IOException {
        Path path = zip(name, content);
        assertThatThrownBy(() -> {
                    try (WorkroomFile file = WorkroomFile.open(path)) {
                        file.earlierLog();
                    }
                })
                .isInstanceOfSatisfying(
                        BadPlanFile.class, bad -> assertThat(bad.where()).startsWith(where));
    }

    /** Plans that were saved before there were sums. */
    @Test
    void anEarlierFileStillOpens() throws Exception {
        String sets = "{\"sets\":[{\"name\":\"Deck\",\"covers\":{\"a.json\":2}}]}";
        try (WorkroomFile file =
                WorkroomFile.open(zip("covers/a.json", plan(1), "sets.json", sets, "__MACOSX/._a", "x"))) {
            assertThat(file.isWhole()).isFalse();
            assertThat(file.work("a.json")).isEmpty();
            assertThat(file.sets().get(0).counts()).isEqualTo(Map.of("a.json", 2));
            assertThat(file.leftAside()).containsExactly("__MACOSX/._a");
        }
        try (WorkroomFile file = WorkroomFile.open(zip("covers/a.json", "{}"))) {
            assertThatThrownBy(() -> file.plan("a.json")).hasMessageStartingWith("covers/a.json");
        }
    }

    @Test
    void whatIsNoZipOrBreaksOffOrWasChangedOnItsWayIsRefused() throws Exception {
        byte[] whole = Files.readAllBytes(written(plan(2)));
        byte[] changed = whole.clone();
        changed[200] ^= 1;
        for (byte[] bytes : List.of(
                new byte[0],
                "PK".getBytes(StandardCharsets.UTF_8),
                new byte[1000],
                Arrays.copyOf(whole, whole.length / 3),
                Arrays.copyOf(whole, whole.length - 30),
                changed)) {
            Path path = Files.write(folder.resolve("broken.zip"), bytes);
            assertThatThrownBy(() -> WorkroomFile.open(path)).isInstanceOf(BadPlanFile.class);
        }
    }

    /** A small file that unpacks to a very large one. */
    @Test
    void aFileThatSwellsIsRefused() throws IOException {
        Path path = zip("covers/a.json", " ".repeat(5_000_000));
        assertThat(Files.size(path)).isLessThan(20_000);
        assertThatThrownBy(() -> WorkroomFile.open(path)).hasMessageContaining("larger than any");
    }
}
