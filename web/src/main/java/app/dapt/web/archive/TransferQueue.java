package app.dapt.web.archive;

import app.dapt.files.BadPlanFile;
import app.dapt.files.archive.WorkroomFile;
import app.dapt.web.archive.Unpacking.Brought;
import app.dapt.web.workroom.WorkroomCurrency;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
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
class TransferQueue {

    private static final long LONGEST_WAIT = 90;
    private static final int BLOCK = 64 * 1024;
    /** So many files may be on their way to those who asked for them. */
    private static final int MOST_ON_THE_WAY = 16;

    /** A packed workroom on its way to somebody, and how many bytes it has. */
    record Packed(InputStream content, long size) {}

    private final Packing packing;
    private final Unpacking unpacking;
    private final WorkroomCurrency currency;
    private final Semaphore turn = new Semaphore(1, true);
    private final Semaphore ways = new Semaphore(MOST_ON_THE_WAY);
    /** What is packed next, for everybody who asks before that begins. */
    private Shared next = new Shared();

    private final Cache<String, Brought> brought = Caffeine.newBuilder()
            .maximumSize(100)
            .expireAfterWrite(Duration.ofHours(1))
            .build();

    TransferQueue(Packing packing, Unpacking unpacking, WorkroomCurrency currency) {
        this.packing = packing;
        this.unpacking = unpacking;
        this.currency = currency;
    }

    /** The whole workroom, as it is now or, where others wait for it too, a little later. */
    Packed pack() throws IOException {
        if (!ways.tryAcquire()) {
            throw new ResponseStatusException(HttpStatus.SERVICE_UNAVAILABLE);
        }
        Shared mine = share();
        try {
            await();
            try {
                begin(mine);
                mine.pack(packing);
            } finally {
                turn.release();
            }
            return new Packed(new OnItsWay(mine), mine.size());
        } catch (IOException | RuntimeException e) {
            leave(mine);
            throw e;
        }
    }

    private synchronized Shared share() {
        next.readers++;
        return next;
    }

    /** Whoever asks from now on is given what is packed after this. */
    private synchronized void begin(Shared packed) {
        if (next == packed) {
            next = new Shared();
        }
    }

    private synchronized void leave(Shared packed) throws IOException {
        ways.release();
        packed.readers--;
        if (packed.readers == 0) {
            packed.close();
        }
    }

    /**
     * A packed workroom that several are given. It lies on the disk where no folder names it any more, so that nothing
     * is left of it whatever happens.
     */
    private static final class Shared {

        private int readers;
        private Optional<FileChannel> channel = Optional.empty();

        void pack(Packing packing) throws IOException {
            if (channel.isPresent()) {
                return;
            }
            FileChannel file = FileChannel.open(
                    Files.createTempFile("workroom", ".zip"),
                    StandardOpenOption.READ,
                    StandardOpenOption.WRITE,
                    StandardOpenOption.DELETE_ON_CLOSE);
            try {
                packing.pack(new BufferedOutputStream(Channels.newOutputStream(file), BLOCK));
                channel = Optional.of(file);
            } catch (IOException | RuntimeException e) {
                file.close();
                throw e;
            }
        }

        long size() throws IOException {
            return channel.orElseThrow().size();
        }

        int read(ByteBuffer into, long at) throws IOException {
            return channel.orElseThrow().read(into, at);
        }

        void close() throws IOException {
            if (channel.isPresent()) {
                channel.get().close();
            }
        }
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

    /** What goes out to one of those who asked. */
    private final class OnItsWay extends InputStream {

        private final Shared packed;
        private long at;
        private boolean isOpen = true;

        OnItsWay(Shared packed) {
            this.packed = packed;
        }

        @Override
        public int read() throws IOException {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
        }

        @Override
        public int read(byte[] into, int from, int most) throws IOException {
            int count = packed.read(ByteBuffer.wrap(into, from, most), at);
            at += Math.max(0, count);
            return count;
        }

        @Override
        public void close() throws IOException {
            if (isOpen) {
                isOpen = false;
                leave(packed);
            }
        }
    }
}
