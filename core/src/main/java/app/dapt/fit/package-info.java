/**
 * Schools of fit: from the flat size of a form to the finished size of its cover.
 *
 * <p>Uses {@code measure}, {@code filling} and {@code form}. Start with {@link app.dapt.fit.FitSchool}.
 */
@NullMarked
package app.dapt.fit;

import org.jspecify.annotations.NullMarked;
