/** What shops ask: tables of prices, and a shop that can be asked. */
@NullMarked
package app.dapt.web.shop;

import org.jspecify.annotations.NullMarked;
