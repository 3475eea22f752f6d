package app.dapt.web.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.web.workroom.Tick;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SaidTicksTest {

    private static final Instant NOW = Instant.parse("2026-12-01T12:00:00Z");
    private static final String ID = "3f0c1f6e-0000-4000-8000-00000000000";

    private static String tick(int id, String key, long at) {
        return "{\"id\":\"%s%d\",\"key\":\"%s\",\"done\":true,\"passed\":false,\"at\":%d,\"device\":\"phone\"}"
                .formatted(ID, id, key, at);
    }

    private static SaidTicks read(String body) throws SaidTicks.Refused {
        return SaidTicks.read(body.getBytes(StandardCharsets.UTF_8), NOW);
    }

    private static long minutes(int from) {
        return NOW.plusSeconds(60L * from).toEpochMilli();
    }

    /** A clock an hour ahead or behind says when it is by itself; what it said is put right by that. */
    @ParameterizedTest
    @ValueSource(ints = {-60, 0, 60})
    void whatADeviceSaysIsTakenByTheClockHere(int wrong) throws SaidTicks.Refused {
        SaidTicks said = read(
                "{\"now\":%d,\"ticks\":[%s]}".formatted(minutes(wrong), tick(1, "7/front/mark", minutes(wrong - 5))));
        assertThat(said.heard().get(7L)).extracting(Tick::at).containsExactly(NOW.minusSeconds(300));
        assertThat(said.refused()).isEmpty();
    }

    @Test
    void nonsenseIsRefusedWordByWordAndTheRestIsHeard() throws SaidTicks.Refused {
        SaidTicks said = read("["
                + String.join(
                        ",",
                        tick(1, "7/front/mark", minutes(-1)),
                        "null",
                        "{}",
                        tick(2, "7/front/mark", Long.MAX_VALUE),
                        tick(3, "7/front/mark", minutes(60 * 24 + 1)),
                        tick(4, "7/front/mark", 5),
                        tick(5, "7/no step", minutes(-1)),
                        tick(6, "7", minutes(-1)),
                        tick(7, "8/cover/seam", minutes(-1)))
                + "]");
        assertThat(said.heard()).containsOnlyKeys(7L, 8L);
        assertThat(said.heard().get(7L)).hasSize(1);
        assertThat(said.refused())
                .containsOnlyKeys("#1", "#2", ID + 2, ID + 3, ID + 4, ID + 5, ID + 6)
                .containsEntry(ID + 2, "no-time")
                .containsEntry(ID + 5, "no-tick");
        said.refuse(8, "gone");
        assertThat(said.refused()).containsEntry(ID + 7, "gone");
        assertThat(said.isAllRefused()).isFalse();
        said.refuse(7, "gone");
        assertThat(said.isAllRefused()).isTrue();
    }

    @Test
    void whatIsNoListOfTicksIsNotListenedTo() {
        String many =
                IntStream.rangeClosed(0, SaidTicks.MOST).mapToObj(i -> "{}").collect(Collectors.joining(","));
        for (String body : List.of("", "null", "7", "{}", "[", "[".repeat(50_000), "[] []", "[" + many + "]")) {
            assertThatThrownBy(() -> read(body)).isInstanceOf(SaidTicks.Refused.class);
        }
    }
}
