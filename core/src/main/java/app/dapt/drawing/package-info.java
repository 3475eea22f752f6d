/**
 * What a drawing is made of: real lengths and roles (cut, seam, fold, hem, mark, tape), without colours or file
 * formats.
 *
 * <p>Uses {@code measure} and {@code piece}. Start with {@link app.dapt.drawing.Sheet} and
 * {@link app.dapt.drawing.Element}.
 */
@NullMarked
package app.dapt.drawing;

import org.jspecify.annotations.NullMarked;
