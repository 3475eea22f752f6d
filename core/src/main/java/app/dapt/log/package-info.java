/**
 * The log of what was made: how covers sat when they were tried on, what to do about it, what they took and cost, and
 * what of that there is to learn from.
 *
 * <p>Uses {@code cover}, {@code make} and {@code learning}. Start with {@link app.dapt.log.Correction} for a cover that
 * was tried on, and with {@link app.dapt.log.LogEntry} for one that is done.
 */
@NullMarked
package app.dapt.log;

import org.jspecify.annotations.NullMarked;
