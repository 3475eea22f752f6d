/** What went wrong and how it is said. */
@NullMarked
package app.dapt.web.mishap;

import org.jspecify.annotations.NullMarked;
