package app.dapt.web.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Pictures as they come in. */
class SnapshotTest {

    private static byte[] picture(String format, int wide, int high) throws IOException {
        BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.RED);
        graphics.fillRect(0, 0, wide / 2, high);
        graphics.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    @ParameterizedTest
    @CsvSource({"png, 300, 200, 300, 200", "jpeg, 3000, 1500, 900, 450", "png, 40, 4000, 9, 900", "png, 1, 1, 1, 1"})
    void aPictureIsDrawnAnewNoLargerThanItIsShown(String format, int wide, int high, int keptWide, int keptHigh) throws Exception {
        Snapshot taken = Snapshot.of(picture(format, wide, high));
        BufferedImage kept = ImageIO.read(new ByteArrayInputStream(taken.jpeg()));
        assertThat(taken).returns(keptWide, Snapshot::wide).returns(keptHigh, Snapshot::high);
        assertThat(kept.getWidth()).isEqualTo(keptWide);
        if (keptWide > 8) {
            assertThat(new Color(kept.getRGB(keptWide / 4, keptHigh / 2)).getRed()).as("its colours are its own").isGreaterThan(200);
            assertThat(new Color(kept.getRGB(keptWide - 1, keptHigh / 2)).getRed()).isLessThan(60);
        }
    }

    static Stream<byte[]> noPictures() throws IOException {
        byte[] cut = picture("png", 300, 300);
        return Stream.of(new byte[0], "<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8), picture("gif", 20, 20), picture("bmp", 20, 20),
                Arrays.copyOf(cut, 40), Arrays.copyOfRange(cut, 8, cut.length));
    }

    @ParameterizedTest
    @MethodSource("noPictures")
    void whatIsNoPngAndNoJpegIsRefused(byte[] file) {
        assertThatThrownBy(() -> Snapshot.of(file)).isInstanceOfSatisfying(Snapshot.Refused.class, refused -> assertThat(refused.code()).isEqualTo("picture.not-one"));
    }

    @Test
    void aFileTooHeavyIsNotEvenLookedAt() {
        assertThatThrownBy(() -> Snapshot.of(new byte[Snapshot.LARGEST_FILE + 1])).hasMessage("picture.too-heavy");
    }
}
