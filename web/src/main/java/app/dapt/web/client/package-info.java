/** A cover made for somebody else: card, quotation, bill, what to ask. Start with {@code ClientController}. */
@NullMarked
package app.dapt.web.client;

import org.jspecify.annotations.NullMarked;
