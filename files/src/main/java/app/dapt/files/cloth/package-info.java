/** Cloth and its layouts: what was chosen and found as JSON, the cutting plan as SVG, PDF and DXF. */
@NullMarked
package app.dapt.files.cloth;

import org.jspecify.annotations.NullMarked;
