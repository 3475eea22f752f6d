/**
 * Pieces to cut: their size as a sum, what becomes of each edge, what to mark on them, and their outline where they are
 * no rectangle. The geometry of outlines (offsets, clipping) is done by JTS, and only here.
 *
 * <p>Uses {@code measure}. Start with {@link app.dapt.piece.Piece} and {@link app.dapt.piece.Edge}.
 */
@NullMarked
package app.dapt.piece;

import org.jspecify.annotations.NullMarked;
