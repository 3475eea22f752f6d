/**
 * Covers with their form in, as solved; all of it an estimate. Start with {@link app.dapt.cover.filled.FilledCover}.
 */
@NullMarked
package app.dapt.cover.filled;

import org.jspecify.annotations.NullMarked;
