/**
 * The shape that a flat casing of a cloth takes that bends easily and does not stretch, once it is filled. Lengths are
 * in units of the narrowest width of the flat casing.
 *
 * <p>Uses nothing of Dapt. The sparse systems are solved by EJML, and only here. Start with
 * {@link app.dapt.filling.sheet.SheetSolver}; two panels that slide apart are {@link app.dapt.filling.sheet.Flaps}.
 */
@NullMarked
package app.dapt.filling.sheet;

import org.jspecify.annotations.NullMarked;
