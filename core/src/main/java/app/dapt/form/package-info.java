/**
 * Forms, and the ways a person measures one, brought together into one flat size with its sums.
 *
 * <p>Uses {@code measure} and {@code filling}. Start with {@link app.dapt.form.Form} and {@link
 * app.dapt.form.FormSize}.
 */
@NullMarked
package app.dapt.form;

import org.jspecify.annotations.NullMarked;
