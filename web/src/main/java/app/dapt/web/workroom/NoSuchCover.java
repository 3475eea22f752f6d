package app.dapt.web.workroom;

/** There is no such cover in this workroom. */
public class NoSuchCover extends RuntimeException {

    public NoSuchCover(long id) {
        super("no cover " + id);
    }
}
