/**
 * The words that say what the core reckons: a {@code Phrase} is a key and its figures, and
 * {@link app.dapt.words.Words} says it in the reader's unit, down to the marks of the reader's tape.
 *
 * <p>Uses the core. The wording itself lies in {@code src/main/resources/words}.
 */
@NullMarked
package app.dapt.words;

import org.jspecify.annotations.NullMarked;
