/**
 * Cloth on the table while it is sewn: {@link app.dapt.workpiece.Facet}s of cut pieces in plies, and the
 * {@link app.dapt.workpiece.Move}s that fold, join and turn them. Nothing here knows any kind of cover: what is sewn
 * comes out of the pieces as they were cut and of what is done to them, and of nothing else.
 *
 * <p>All measures are millimetres on the table, x to the right and y down, exact to 10⁻⁶. Uses {@code measure} and
 * {@code piece}. Start at {@link app.dapt.workpiece.Table}.
 */
@NullMarked
package app.dapt.workpiece;

import org.jspecify.annotations.NullMarked;
