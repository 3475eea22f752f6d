/**
 * What to draw, in real lengths and roles (cut, seam, fold, hem, mark, tape), without colours or file formats.
 *
 * <p>Uses the rest of the core. Start with {@link app.dapt.drawing.CoverDrawing} and {@link app.dapt.drawing.Sheet}.
 */
@NullMarked
package app.dapt.drawing;

import org.jspecify.annotations.NullMarked;
