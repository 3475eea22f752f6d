package app.dapt.web.workroom;

/**
 * A row of the store: a cover with the revision it points at and the last one there is.
 *
 * @param gesture     what changed it last, blank where that was no gesture
 * @param gestureFrom the version at which that gesture began
 */
public record CoverRow(long id, long version, int revision, String plan, String gesture, long gestureFrom, int last) {}
