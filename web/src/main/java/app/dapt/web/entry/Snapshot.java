package app.dapt.web.entry;

import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.imaging.jpeg.JpegProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadProgressListener;
import javax.imageio.stream.ImageInputStream;

/**
 * A picture that somebody sent, read with care: its size is looked at before it is unpacked, it is unpacked no larger
 * than it will be shown, and what is kept is drawn anew, with nothing of the file but its colours.
 */
public record Snapshot(byte[] jpeg, int wide, int high) {

    static final int LARGEST_FILE = 10 * 1024 * 1024;
    static final long MOST_PIXELS = 24_000_000;
    /** Pixels times scans: a JPEG may come in as many scans as it likes, and each takes as long as the whole. */
    private static final long MOST_SCANNED = 16 * MOST_PIXELS;

    private static final int LONGEST_SIDE = 900;
    private static final Duration LONGEST = Duration.ofSeconds(4);
    /** Two at a time; whoever comes when many wait already is told that it takes too long. */
    private static final ExecutorService READERS =
            new ThreadPoolExecutor(2, 2, 1, TimeUnit.MINUTES, new ArrayBlockingQueue<>(16), runnable -> {
                Thread thread = new Thread(runnable, "pictures");
                thread.setDaemon(true);
                return thread;
            });

    private static final Set<String> FORMATS = Set.of("png", "jpeg");

    /** Why a file is no picture that can be taken. */
    public static final class Refused extends Exception {
        private final String code;
        private final Object[] args;

        public Refused(String code, Object... args) {
            super(code);
            this.code = code;
            this.args = args;
        }

        public String code() {
            return code;
        }

        public Object[] args() {
            return args;
        }
    }

    /**
     * Reads a file, in so long and not longer.
     *
     * @throws Refused where it is no picture, or too large, or one that takes too long to unpack
     */
    public static Snapshot of(byte[] file) throws Refused {
        if (file.length > LARGEST_FILE) {
            throw new Refused("picture.too-heavy");
        }
        try {
            Future<Snapshot> reading = READERS.submit(() -> read(file, System.nanoTime() + LONGEST.toNanos()));
            return waitedFor(reading);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof Refused refused ? refused : new Refused("picture.not-one");
        } catch (TimeoutException | InterruptedException | RejectedExecutionException e) {
            throw new Refused("picture.too-long");
        }
    }

    private static Snapshot waitedFor(Future<Snapshot> reading)
            throws ExecutionException, InterruptedException, TimeoutException {
        try {
            return reading.get(2 * LONGEST.toMillis(), TimeUnit.MILLISECONDS);
        } finally {
            // It is done, or nobody waits for it any more.
            reading.cancel(true);
        }
    }

    private static Snapshot read(byte[] file, long end) throws Refused {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new Refused("picture.not-one");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                return read(reader, scans(file), orientation(file), end);
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            // Readers answer broken files with all kinds of exceptions.
            throw new Refused("picture.not-one");
        }
    }

    private static Snapshot read(ImageReader reader, int scans, Orientation orientation, long end)
            throws IOException, Refused {
        if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
            throw new Refused("picture.not-one");
        }
        int wide = reader.getWidth(0);
        int high = reader.getHeight(0);
        if ((long) wide * high > MOST_PIXELS) {
            throw new Refused("picture.too-large", Math.round(wide / 1000.0 * high / 1000.0));
        }
        if ((long) wide * high * scans > MOST_SCANNED) {
            throw new Refused("picture.too-long");
        }
        ImageReadParam param = reader.getDefaultReadParam();
        int every = Math.max(1, Math.max(wide, high) / (2 * LONGEST_SIDE));
        param.setSourceSubsampling(every, every, 0, 0);
        Deadline deadline = new Deadline(end);
        reader.addIIOReadProgressListener(deadline);
        BufferedImage read = reader.read(0, param);
        if (deadline.isOver()) {
            throw new Refused("picture.too-long");
        }
        return drawn(read, orientation);
    }

    /** Drawn anew the right way up, with nothing of the file but its colours. */
    private static Snapshot drawn(BufferedImage read, Orientation orientation) throws IOException {
        double scale = Math.min(1, (double) LONGEST_SIDE / Math.max(read.getWidth(), read.getHeight()));
        int wide = Math.max(1, (int) Math.round((orientation.quarter() ? read.getHeight() : read.getWidth()) * scale));
        int high = Math.max(1, (int) Math.round((orientation.quarter() ? read.getWidth() : read.getHeight()) * scale));
        BufferedImage drawn = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = drawn.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, wide, high);
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        AffineTransform upright = new AffineTransform();
        upright.translate(wide / 2.0, high / 2.0);
        upright.quadrantRotate(orientation.turns());
        upright.scale(orientation.mirrored() ? -1 : 1, 1);
        upright.scale(
                (double) (orientation.quarter() ? high : wide) / read.getWidth(),
                (double) (orientation.quarter() ? wide : high) / read.getHeight());
        upright.translate(-read.getWidth() / 2.0, -read.getHeight() / 2.0);
        graphics.drawImage(read, upright, null);
        graphics.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(drawn, "jpeg", out);
        return new Snapshot(out.toByteArray(), wide, high);
    }

    /**
     * How a camera was held.
     *
     * @param turns    quarter turns to the right that set the picture upright
     * @param mirrored whether left and right are changed before that
     */
    private record Orientation(int turns, boolean mirrored) {

        boolean quarter() {
            return turns % 2 != 0;
        }

        /** By the number that the file gives: 1 is upright. */
        static Orientation of(int number) {
            return switch (number) {
                case 2 -> new Orientation(0, true);
                case 3 -> new Orientation(2, false);
                case 4 -> new Orientation(2, true);
                case 5 -> new Orientation(3, true);
                case 6 -> new Orientation(1, false);
                case 7 -> new Orientation(1, true);
                case 8 -> new Orientation(3, false);
                default -> new Orientation(0, false);
            };
        }
    }

    /** How many scans a JPEG comes in; all else comes in one. The places where one begins are marked FF DA. */
    private static int scans(byte[] file) {
        int scans = 0;
        for (int i = 0; i + 1 < file.length; i++) {
            if (file[i] == (byte) 0xff && file[i + 1] == (byte) 0xda) {
                scans++;
            }
        }
        boolean isJpeg = file.length > 1 && file[0] == (byte) 0xff && file[1] == (byte) 0xd8;
        return isJpeg ? Math.max(1, scans) : 1;
    }

    private static Orientation orientation(byte[] file) {
        try {
            // What a camera wrote, and nothing else: other formats have texts that swell.
            Directory camera = JpegMetadataReader.readMetadata(
                            new ByteArrayInputStream(file), List.of(new ExifReader()))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer number = camera == null ? null : camera.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
            return Orientation.of(number == null ? 1 : number);
        } catch (JpegProcessingException | IOException | RuntimeException unknown) {
            return Orientation.of(1);
        }
    }

    /** Ends a reader that takes too long; it asks after every line, also of a picture that comes in many scans. */
    private static final class Deadline implements IIOReadProgressListener {

        private final long end;

        Deadline(long end) {
            this.end = end;
        }

        boolean isOver() {
            return System.nanoTime() >= end || Thread.currentThread().isInterrupted();
        }

        @Override
        public void imageProgress(ImageReader source, float percentageDone) {
            if (isOver()) {
                source.abort();
            }
        }

        @Override
        public void sequenceStarted(ImageReader source, int minIndex) {
            // Of no interest, like all below.
        }

        @Override
        public void sequenceComplete(ImageReader source) {}

        @Override
        public void imageStarted(ImageReader source, int imageIndex) {}

        @Override
        public void imageComplete(ImageReader source) {}

        @Override
        public void thumbnailStarted(ImageReader source, int imageIndex, int thumbnailIndex) {}

        @Override
        public void thumbnailProgress(ImageReader source, float percentageDone) {}

        @Override
        public void thumbnailComplete(ImageReader source) {}

        @Override
        public void readAborted(ImageReader source) {}
    }
}
