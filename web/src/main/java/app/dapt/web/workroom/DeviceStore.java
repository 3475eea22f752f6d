package app.dapt.web.workroom;

import app.dapt.measure.PlainText;
import app.dapt.web.workroom.DeviceMapper.DeviceRow;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Devices that belong to the workroom: each has a key of its own, of which only the hash is kept, and is let in once by
 * a code that is good for a few minutes.
 */
@Service
@Transactional
public class DeviceStore {

    public static final int LONGEST_NAME = 60;
    /** A code is good for so many minutes. */
    public static final int MINUTES = 10;
    /** So often a number may be typed wrongly before no code that stands is good any more. */
    static final int MOST_TRIES = 5;

    private final DeviceMapper devices;
    private final CoverStore covers;

    DeviceStore(DeviceMapper devices, CoverStore covers) {
        this.devices = devices;
        this.covers = covers;
    }

    /** A device and when it was seen last. */
    public record Device(long id, String name, Instant joinedAt, Instant seenAt) {}

    /**
     * What lets one device in, within {@link #MINUTES}.
     *
     * @param code   to be scanned
     * @param number six figures, to be typed
     */
    public record JoinCode(String code, String number) {}

    /** Those that belong to the workroom, the first first. */
    @Transactional(readOnly = true)
    public List<Device> list() {
        return devices.list(covers.workroom()).stream().map(DeviceStore::device).toList();
    }

    private static Device device(DeviceRow row) {
        return new Device(row.id(), row.name(), row.joinedAt(), row.seenAt());
    }

    /** Makes a code that lets one device in. */
    public JoinCode offer() {
        devices.dropOld();
        JoinCode code = new JoinCode(Secret.make(), Secret.number());
        devices.offer(covers.workroom(), Secret.hash(code.code()), code.number(), MINUTES);
        return code;
    }

    /**
     * Lets a device in.
     *
     * @param typed the code as it was scanned, or its number
     * @param name  what the device is called
     * @return its key; nothing where that is no code, or no longer one
     */
    public Optional<String> join(String typed, String name) {
        boolean isNumber = typed.matches("\\d{6}");
        Optional<Long> workroom =
                isNumber ? devices.useNumber(typed, MOST_TRIES) : devices.use(Secret.hash(typed), MOST_TRIES);
        if (workroom.isEmpty()) {
            if (isNumber) {
                devices.wrong();
            }
            return Optional.empty();
        }
        String key = Secret.make();
        devices.insert(workroom.get(), PlainText.shortened(name, LONGEST_NAME), Secret.hash(key));
        return Optional.of(key);
    }

    /** The device that has this key; nothing where none has, or its key was ended. */
    public Optional<Device> find(String key) {
        Optional<DeviceRow> row = devices.find(Secret.hash(key));
        row.ifPresent(known -> devices.seen(known.id()));
        return row.map(DeviceStore::device);
    }

    /** Ends a device's key: it is a stranger from now on. */
    public void end(long id) {
        devices.end(covers.workroom(), id);
    }
}
