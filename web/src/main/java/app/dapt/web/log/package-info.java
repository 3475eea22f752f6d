/** The log: what was made, what it tells, and what is learnt from it. */
@NullMarked
package app.dapt.web.log;

import org.jspecify.annotations.NullMarked;
