package app.dapt.web.workroom;

/** A row of the store: a cover with the revision it points at and the last one there is. */
public record CoverRow(long id, long version, int revision, int last, String plan, String gesture) {
}
