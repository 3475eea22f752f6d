package app.dapt.web.cloth;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Image;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * A picture that somebody sent, read with care: its size is looked at before it is unpacked, it is unpacked no larger
 * than it will be shown, and what is kept is drawn anew, with nothing of the file but its colours.
 */
record Snapshot(byte[] jpeg, int wide, int high) {

    static final int LARGEST_FILE = 10 * 1024 * 1024;
    static final long MOST_PIXELS = 24_000_000;
    private static final int LONGEST_SIDE = 900;
    private static final Set<String> FORMATS = Set.of("png", "jpeg");

    /** Why a file is no picture that can be taken. */
    static final class Refused extends Exception {
        private final String code;
        private final Object[] args;

        Refused(String code, Object... args) {
            super(code);
            this.code = code;
            this.args = args;
        }

        String code() {
            return code;
        }

        Object[] args() {
            return args;
        }
    }

    static Snapshot of(byte[] file) throws Refused {
        if (file.length > LARGEST_FILE) {
            throw new Refused("picture.too-heavy");
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new Refused("picture.not-one");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                return read(reader);
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            // Readers answer broken files with all kinds of exceptions.
            throw new Refused("picture.not-one");
        }
    }

    private static Snapshot read(ImageReader reader) throws IOException, Refused {
        if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
            throw new Refused("picture.not-one");
        }
        int wide = reader.getWidth(0);
        int high = reader.getHeight(0);
        if ((long) wide * high > MOST_PIXELS) {
            throw new Refused("picture.too-large", Math.round(wide / 1000.0 * high / 1000.0));
        }
        ImageReadParam param = reader.getDefaultReadParam();
        int every = Math.max(1, Math.max(wide, high) / (2 * LONGEST_SIDE));
        param.setSourceSubsampling(every, every, 0, 0);
        BufferedImage read = reader.read(0, param);
        double scale = Math.min(1, (double) LONGEST_SIDE / Math.max(read.getWidth(), read.getHeight()));
        int shownWide = Math.max(1, (int) Math.round(read.getWidth() * scale));
        int shownHigh = Math.max(1, (int) Math.round(read.getHeight() * scale));
        BufferedImage drawn = new BufferedImage(shownWide, shownHigh, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = drawn.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, shownWide, shownHigh);
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        graphics.drawImage(read, 0, 0, shownWide, shownHigh, (Image ignored, int flags, int x, int y, int w, int h) -> false);
        graphics.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(drawn, "jpeg", out);
        return new Snapshot(out.toByteArray(), shownWide, shownHigh);
    }
}
