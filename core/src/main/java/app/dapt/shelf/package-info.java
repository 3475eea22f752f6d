/**
 * What is there in a workroom: cloths, forms, zips and whatever else covers are made with, each counted by its
 * movements. Uses {@code measure}. Start at {@link app.dapt.shelf.Thing}.
 */
@NullMarked
package app.dapt.shelf;

import org.jspecify.annotations.NullMarked;
