/** What went wrong and how it is said. */
@NullMarked
package app.dapt.web.error;

import org.jspecify.annotations.NullMarked;
