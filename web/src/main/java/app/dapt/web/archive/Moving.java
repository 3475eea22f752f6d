package app.dapt.web.archive;

import app.dapt.files.BadPlanFile;
import app.dapt.files.WorkroomFile;
import app.dapt.web.archive.Unpacking.Brought;
import app.dapt.web.workroom.WorkroomCurrency;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;

/**
 * Carries a workroom out and in, one at a time and by way of the disk, so that however many are asked for at once
 * everybody else goes on.
 */
@Service
class Moving {

    private static final long LONGEST_WAIT = 90;
    /** So many files may be on their way to those who asked for them. */
    private static final int MOST_ON_THE_WAY = 16;

    /** A packed workroom, which is gone from the disk once it is closed. */
    record Packed(InputStream content, long size) {}

    private final Packing packing;
    private final Unpacking unpacking;
    private final WorkroomCurrency currency;
    private final Semaphore turn = new Semaphore(1, true);
    private final Semaphore ways = new Semaphore(MOST_ON_THE_WAY);
    private final Cache<String, Brought> brought = Caffeine.newBuilder()
            .maximumSize(100)
            .expireAfterWrite(Duration.ofHours(1))
            .build();

    Moving(Packing packing, Unpacking unpacking, WorkroomCurrency currency) {
        this.packing = packing;
        this.unpacking = unpacking;
        this.currency = currency;
    }

    /** The whole workroom. */
    Packed pack() throws IOException {
        if (!ways.tryAcquire()) {
            throw new ResponseStatusException(HttpStatus.SERVICE_UNAVAILABLE);
        }
        boolean given = false;
        FileChannel channel = null;
        try {
            channel = unnamed();
            await();
            try {
                packing.pack(Channels.newOutputStream(channel));
            } finally {
                turn.release();
            }
            Packed packed =
                    new Packed(new OnItsWay(Channels.newInputStream(channel.position(0)), ways), channel.size());
            given = true;
            return packed;
        } finally {
            if (!given) {
                ways.release();
                if (channel != null) {
                    channel.close();
                }
            }
        }
    }

    /** A file on the disk that no folder names any more, so that nothing is left of it whatever happens. */
    private static FileChannel unnamed() throws IOException {
        Path path = Files.createTempFile("workroom", ".zip");
        return FileChannel.open(
                path, StandardOpenOption.READ, StandardOpenOption.WRITE, StandardOpenOption.DELETE_ON_CLOSE);
    }

    private void await() {
        try {
            if (turn.tryAcquire(LONGEST_WAIT, TimeUnit.SECONDS)) {
                return;
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        throw new ResponseStatusException(HttpStatus.SERVICE_UNAVAILABLE);
    }

    /**
     * Brings a workroom in.
     *
     * @throws BadPlanFile       with what is wrong with the file
     * @throws Unpacking.NoRoom  where there is not enough room
     * @throws Unpacking.Refused with what is wrong in it
     */
    void unpack(MultipartFile file, String press) throws IOException, BadPlanFile {
        Path path = Files.createTempFile("workroom", ".zip");
        try {
            file.transferTo(path);
            await();
            try (WorkroomFile workroom = WorkroomFile.open(path)) {
                unpacking.unpack(workroom, press).ifPresent(done -> brought.put(press, done));
                currency.forget();
            } finally {
                turn.release();
            }
        } finally {
            Files.deleteIfExists(path);
        }
    }

    /** What a press has brought in, as long as that is remembered. */
    Optional<Brought> brought(String press) {
        return Optional.ofNullable(brought.getIfPresent(press));
    }

    /** A file that goes out; once it is closed the next may. */
    private static final class OnItsWay extends java.io.FilterInputStream {

        private final Semaphore ways;
        private boolean isOpen = true;

        OnItsWay(InputStream in, Semaphore ways) {
            super(in);
            this.ways = ways;
        }

        @Override
        public void close() throws IOException {
            if (isOpen) {
                isOpen = false;
                ways.release();
            }
            super.close();
        }
    }
}
