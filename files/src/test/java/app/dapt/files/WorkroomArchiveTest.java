package app.dapt.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.RandomPlans;
import app.dapt.cloth.Photo;
import app.dapt.cover.CoverPlan;
import app.dapt.files.WorkroomArchive.SetOfCovers;
import app.dapt.learning.Verdict;
import app.dapt.log.LogEntry;
import app.dapt.measure.Length;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A whole workroom in one file. */
class WorkroomArchiveTest {

    private static final Photo SEVENTH = new Photo(7, Length.inches(10), Length.inches(8));

    private static CoverPlan plan(int seed, Optional<Photo> photo) {
        CoverPlan plan = RandomPlans.plan(new Random(seed));
        return plan.withCloths(plan.cloths()
                .changing(plan.cloths().front().id(), cloth -> cloth.withPhoto(photo))
                .changing(plan.cloths().back().id(), cloth -> cloth.withPhoto(photo))
                .changing(plan.cloths().lining().id(), cloth -> cloth.withPhoto(photo))
                .changing(plan.cloths().trim().id(), cloth -> cloth.withPhoto(photo)));
    }

    private static WorkroomArchive workroom() {
        Map<String, CoverPlan> covers = new LinkedHashMap<>();
        for (int i = 0; i < 6; i++) {
            covers.put("000" + i + ".json", plan(i, Optional.of(SEVENTH)));
        }
        LogEntry entry = LogEntry.of(LocalDate.of(2026, 2, 1), plan(3, Optional.of(SEVENTH)))
                .tried(Verdict.GOOD)
                .withPicture(Optional.of(8L));
        return new WorkroomArchive(
                covers,
                List.of(
                        new SetOfCovers("Deck", Map.of("0001.json", 2, "0004.json", 1)),
                        new SetOfCovers("Bare", Map.of())),
                List.of(entry),
                Map.of(7L, new byte[] {1, 2, 3}, 8L, new byte[] {4}));
    }

    @Test
    void everythingComesOutAsItWentIn() throws BadPlanFile {
        WorkroomArchive before = workroom();
        WorkroomArchive after = WorkroomArchive.read(before.write());
        assertThat(after.covers()).isEqualTo(before.covers());
        assertThat(after.sets()).isEqualTo(before.sets());
        assertThat(after.log()).isEqualTo(before.log());
        assertThat(after.pictures().keySet()).containsExactlyInAnyOrder(7L, 8L);
        assertThat(after.pictures().get(7L)).containsExactly(1, 2, 3);
    }

    @Test
    void picturesTakeTheNumbersTheyHaveHereAndThoseThatAreNotHereAreNotShown() {
        WorkroomArchive moved = workroom().renumbered(Map.of(7L, 70L));
        assertThat(moved.covers().values())
                .allSatisfy(plan -> assertThat(plan.cloths().front().photo())
                        .contains(new Photo(70, SEVENTH.wide(), SEVENTH.high())));
        assertThat(moved.log().get(0).picture()).isEmpty();
        assertThat(moved.log()
                        .get(0)
                        .fitting()
                        .orElseThrow()
                        .tried()
                        .cloths()
                        .trim()
                        .photo())
                .isPresent();
        assertThat(workroom().renumbered(Map.of()).covers().values())
                .allSatisfy(plan -> assertThat(plan.cloths().back().photo()).isEmpty());
    }

    private static byte[] zip(String name, byte[] content) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(name));
            zip.write(content);
        }
        return out.toByteArray();
    }

    @ParameterizedTest
    @CsvSource({
        "covers/0001.json, {}, covers/0001.json",
        "covers/0001.json, nonsense, covers/0001.json",
        "log.csv, 'a,b', ''",
        "readme.txt, hello, ''",
        "../../etc/passwd, x, ''",
        "covers/../x.json, {}, ''",
    })
    void whatIsNoWorkroomIsRefusedWithItsPlace(String file, String content, String where) throws IOException {
        byte[] packed = zip(file, content.getBytes(StandardCharsets.UTF_8));
        assertThatThrownBy(() -> WorkroomArchive.read(packed))
                .isInstanceOfSatisfying(
                        BadPlanFile.class, bad -> assertThat(bad.where()).startsWith(where));
    }

    @Test
    void whatIsNoFileOfItsKindOrBreaksOffIsRefused() {
        byte[] whole = workroom().write();
        for (byte[] file : List.of(
                new byte[0],
                "PK".getBytes(StandardCharsets.UTF_8),
                new byte[1000],
                Arrays.copyOf(whole, whole.length / 3))) {
            assertThatThrownBy(() -> WorkroomArchive.read(file)).isInstanceOf(BadPlanFile.class);
        }
    }

    /** A small file that unpacks to a very large one. */
    @Test
    void aFileThatSwellsIsRefused() throws IOException {
        byte[] swells = zip("pictures/1.jpg", new byte[WorkroomArchive.LARGEST + 2]);
        assertThat(swells.length).isLessThan(200_000);
        assertThatThrownBy(() -> WorkroomArchive.read(swells)).hasMessageContaining("larger than any workroom");
    }
}
