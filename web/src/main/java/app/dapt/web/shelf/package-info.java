/** What is there, and what is to be bought. Start at {@code ShelfController} and {@code ToBuyController}. */
@NullMarked
package app.dapt.web.shelf;

import org.jspecify.annotations.NullMarked;
