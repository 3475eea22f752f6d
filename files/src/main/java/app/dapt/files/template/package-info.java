/** Templates at their true size, on sheets of paper to tape together, as SVG or as DXF. */
@NullMarked
package app.dapt.files.template;

import org.jspecify.annotations.NullMarked;
