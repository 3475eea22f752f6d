package app.dapt.web.workroom;

import app.dapt.measure.PlainText;
import java.time.Instant;
import java.util.Collection;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * What a device says of a step: that it is done, or that it is not after all.
 *
 * @param id     of this saying; a tick that comes twice is the same tick
 * @param step   the step's id within its cover, up to 120 characters
 * @param passed whether its question was passed without a yes
 * @param at     when it was said, by the clock of the device
 * @param device which one said it, up to 40 characters
 */
public record Tick(UUID id, String step, boolean done, boolean passed, Instant at, String device) {

    public static final int LONGEST_STEP = 120;
    public static final int LONGEST_DEVICE = 40;

    public Tick {
        boolean isPlain = PlainText.isLine(step) && PlainText.isLine(device);
        if (!isPlain || step.length() > LONGEST_STEP || device.length() > LONGEST_DEVICE) {
            throw new IllegalArgumentException("no tick has such a step or device");
        }
    }

    /** The ids of the steps that were said to be done, or that were said not to be. */
    public static Set<String> said(Collection<Tick> ticks, boolean done) {
        return ticks.stream()
                .filter(tick -> tick.done() == done)
                .map(Tick::step)
                .collect(Collectors.toSet());
    }
}
