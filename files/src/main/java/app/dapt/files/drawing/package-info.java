/**
 * Drawings and filled shapes as SVG, DXF, OBJ and scenes: what to draw comes from the core, how it looks from here.
 */
@NullMarked
package app.dapt.files.drawing;

import org.jspecify.annotations.NullMarked;
