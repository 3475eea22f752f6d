/**
 * Exact lengths and how they are read and written. {@link app.dapt.measure.Length} is a whole number of 1/320 mm, which
 * holds every 1/64 in and every millimetre; a {@link app.dapt.measure.Sum} is a figure with the labelled terms that add
 * up to it; {@link app.dapt.measure.LengthReader} reads what a person types and answers with a value or a refusal.
 *
 * <p>Uses nothing else of the application. Start with {@code Length}, then {@code Sum}.
 */
@NullMarked
package app.dapt.measure;

import org.jspecify.annotations.NullMarked;
