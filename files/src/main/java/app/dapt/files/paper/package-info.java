/** Pages of PDF: documents, sheets and the fonts that ship with them. */
@NullMarked
package app.dapt.files.paper;

import org.jspecify.annotations.NullMarked;
