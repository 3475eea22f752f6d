package app.dapt.files.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What all commands have in common. */
class CommandsTest {

    /** A disk with room for so many bytes. */
    private static OutputStream disk(int room) {
        return new OutputStream() {
            private int left = room;

            @Override
            public void write(int octet) throws IOException {
                if (left-- <= 0) {
                    throw new IOException("No space left on device");
                }
            }
        };
    }

    @ParameterizedTest
    @CsvSource({"100, 0, 0", "10, 0, 1", "0, 0, 1", "0, 2, 2", "100, 2, 2"})
    void whatFindsNoRoomIsNotCalledDone(int room, int said, int ends) {
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int end = Commands.run(
                (args, out, errors) -> {
                    Arrays.stream(args).forEach(out::println);
                    return said;
                },
                new String[] {"Front", "21¼ × 21¼ in"},
                disk(room),
                err);
        assertThat(end).isEqualTo(ends);
        assertThat(err.toString(StandardCharsets.UTF_8).isEmpty()).isEqualTo(room == 100);
    }
}
