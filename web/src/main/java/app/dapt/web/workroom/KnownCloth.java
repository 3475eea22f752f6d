package app.dapt.web.workroom;

import app.dapt.cloth.Cloth;

/**
 * A cloth that is known in the workroom.
 *
 * @param there how much of it is on the shelf, in grains; nought where none is
 */
public record KnownCloth(Cloth cloth, long there) {}
