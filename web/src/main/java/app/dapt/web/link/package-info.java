/** One cover or set, to be looked at by whoever has its link. Start with {@code LinkController}. */
@NullMarked
package app.dapt.web.link;

import org.jspecify.annotations.NullMarked;
