/** A whole workroom, taken out and brought in as one file. */
@NullMarked
package app.dapt.web.archive;

import org.jspecify.annotations.NullMarked;
