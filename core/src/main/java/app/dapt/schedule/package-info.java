/**
 * When all that is in work is done: sittings that hold steps of several covers, in the times there are. Start at
 * {@link app.dapt.schedule.Scheduler}. No clock in here: from when on is said.
 *
 * <p>Uses {@code step} and {@code make}. List scheduling after Graham, 1966; how many due days can be kept after
 * Moore, 1968; how late at most after Jackson, 1955.
 */
@NullMarked
package app.dapt.schedule;

import org.jspecify.annotations.NullMarked;
