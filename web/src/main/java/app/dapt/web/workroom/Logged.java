package app.dapt.web.workroom;

import app.dapt.log.LogEntry;
import java.time.Instant;
import java.util.Optional;

/**
 * An entry of the log as it stands in the store.
 *
 * @param version goes up with every change; a page sends back the one it was made from
 * @param cover   the id of the cover it is of, as long as there is one
 * @param at      when it was logged
 * @param canUndo whether there is a revision before this one
 */
public record Logged(long id, long version, Optional<Long> cover, Instant at, LogEntry entry, boolean canUndo) {}
