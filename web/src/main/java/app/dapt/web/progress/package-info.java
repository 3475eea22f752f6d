/** How far covers have come and what is next, as more than one view says it. */
@NullMarked
package app.dapt.web.progress;

import org.jspecify.annotations.NullMarked;
