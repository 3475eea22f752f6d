/** Trying a cover on: how it sat, and what is done about it. */
@NullMarked
package app.dapt.web.tryon;

import org.jspecify.annotations.NullMarked;
