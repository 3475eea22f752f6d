package app.dapt.web.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
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
    void aPictureIsDrawnAnewNoLargerThanItIsShown(String format, int wide, int high, int keptWide, int keptHigh)
            throws Exception {
        Snapshot taken = Snapshot.of(picture(format, wide, high));
        BufferedImage kept = ImageIO.read(new ByteArrayInputStream(taken.jpeg()));
        assertThat(taken).returns(keptWide, Snapshot::wide).returns(keptHigh, Snapshot::high);
        assertThat(kept.getWidth()).isEqualTo(keptWide);
        if (keptWide > 8) {
            assertThat(new Color(kept.getRGB(keptWide / 4, keptHigh / 2)).getRed())
                    .as("its colours are its own")
                    .isGreaterThan(200);
            assertThat(new Color(kept.getRGB(keptWide - 1, keptHigh / 2)).getRed())
                    .isLessThan(60);
        }
    }

    static Stream<byte[]> noPictures() throws IOException {
        byte[] cut = picture("png", 300, 300);
        return Stream.of(
                new byte[0],
                "<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8),
                picture("gif", 20, 20),
                picture("bmp", 20, 20),
                Arrays.copyOf(cut, 40),
                Arrays.copyOfRange(cut, 8, cut.length));
    }

    @ParameterizedTest
    @MethodSource("noPictures")
    void whatIsNoPngAndNoJpegIsRefused(byte[] file) {
        assertThatThrownBy(() -> Snapshot.of(file))
                .isInstanceOfSatisfying(Snapshot.Refused.class, refused -> assertThat(refused.code())
                        .isEqualTo("picture.not-one"));
    }

    @Test
    void aFileTooHeavyIsNotEvenLookedAt() {
        assertThatThrownBy(() -> Snapshot.of(new byte[Snapshot.LARGEST_FILE + 1]))
                .hasMessage("picture.too-heavy");
    }

    @Test
    void aJpegOfAThousandScansIsRefusedAtOnce() throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam progressive = writer.getDefaultWriteParam();
        progressive.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        writer.setOutput(ImageIO.createImageOutputStream(out));
        writer.write(
                null, new IIOImage(new BufferedImage(2000, 2000, BufferedImage.TYPE_INT_RGB), null, null), progressive);
        writer.dispose();
        byte[] one = out.toByteArray();
        int last = one.length - 3;
        while (one[last] != (byte) 0xff || one[last + 1] != (byte) 0xda) {
            last--;
        }
        ByteArrayOutputStream many = new ByteArrayOutputStream();
        many.write(one, 0, last);
        for (int i = 0; i < 1000; i++) {
            many.write(one, last, one.length - 2 - last);
        }
        many.write(one, one.length - 2, 2);
        assertThat(many.size()).isLessThan(Snapshot.LARGEST_FILE);
        assertThatCode(() -> Snapshot.of(one)).doesNotThrowAnyException();
        assertThatThrownBy(() -> Snapshot.of(many.toByteArray())).hasMessage("picture.too-long");
    }

    @Test
    void textsPackedIntoAPictureAreNotUnpacked() throws IOException {
        byte[] plain = picture("png", 300, 200);
        byte[] text = "Comment\0\0".getBytes(StandardCharsets.ISO_8859_1);
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        packed.write(text);
        try (DeflaterOutputStream deflater = new DeflaterOutputStream(packed)) {
            for (int i = 0; i < 200; i++) {
                deflater.write(new byte[1024 * 1024]);
            }
        }
        int behindHeader = 8 + 25;
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        file.write(plain, 0, behindHeader);
        for (int i = 0; i < 40; i++) {
            file.write(chunk("zTXt", packed.toByteArray()));
        }
        file.write(plain, behindHeader, plain.length - behindHeader);
        assertThat(file.size()).isLessThan(Snapshot.LARGEST_FILE);
        assertThatCode(() -> assertThat(Snapshot.of(file.toByteArray()).wide()).isEqualTo(300))
                .doesNotThrowAnyException();
    }

    private static byte[] chunk(String kind, byte[] content) {
        ByteBuffer chunk = ByteBuffer.allocate(content.length + 12).putInt(content.length);
        chunk.put(kind.getBytes(StandardCharsets.ISO_8859_1)).put(content);
        CRC32 check = new CRC32();
        check.update(chunk.array(), 4, content.length + 4);
        return chunk.putInt((int) check.getValue()).array();
    }

    /**
     * The red half is at the left as the file has it; where it is once the picture is upright, seen from the middle.
     */
    @ParameterizedTest
    @CsvSource({"1, -1, 0", "2, 1, 0", "3, 1, 0", "4, -1, 0", "5, 0, -1", "6, 0, -1", "7, 0, 1", "8, 0, 1"})
    void aPictureIsSetUprightAsTheCameraWasHeld(int orientation, int right, int down) throws Exception {
        byte[] plain = picture("jpeg", 300, 200);
        // An application segment that holds nothing but the orientation, behind the two bytes that begin the file.
        byte[] exif = {
            (byte) 0xff,
            (byte) 0xe1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            18,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0
        };
        byte[] file = new byte[plain.length + exif.length];
        System.arraycopy(plain, 0, file, 0, 2);
        System.arraycopy(exif, 0, file, 2, exif.length);
        System.arraycopy(plain, 2, file, 2 + exif.length, plain.length - 2);
        Snapshot taken = Snapshot.of(file);
        assertThat(taken.wide()).isEqualTo(right == 0 ? 200 : 300);
        BufferedImage kept = ImageIO.read(new ByteArrayInputStream(taken.jpeg()));
        Color there = new Color(kept.getRGB(taken.wide() / 2 + right * 60, taken.high() / 2 + down * 60));
        Color opposite = new Color(kept.getRGB(taken.wide() / 2 - right * 60, taken.high() / 2 - down * 60));
        assertThat(there.getRed()).isGreaterThan(200);
        assertThat(opposite.getRed()).isLessThan(60);
    }
}
