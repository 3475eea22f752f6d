/** What goes to a shop and comes from one: a list of what to buy, a table of prices. */
@NullMarked
package app.dapt.files.shop;

import org.jspecify.annotations.NullMarked;
