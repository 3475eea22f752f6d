/** A whole workroom as one file, written piece by piece and opened with care. */
@NullMarked
package app.dapt.files.archive;

import org.jspecify.annotations.NullMarked;
