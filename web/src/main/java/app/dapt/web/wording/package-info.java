/** Who is reading, and the words for whoever it is. */
@NullMarked
package app.dapt.web.wording;

import org.jspecify.annotations.NullMarked;
