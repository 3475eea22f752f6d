package app.dapt.web.workroom;

/** There is no such entry in the log, or it was removed. */
public final class NoSuchEntry extends RuntimeException {

    NoSuchEntry(long id) {
        super("entry " + id);
    }
}
