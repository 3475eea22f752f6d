package app.dapt.web.workroom;

/** Whose cloth is laid out: one cover's, or a set's. */
public record Owner(boolean isSet, long id) {

    public static Owner cover(long id) {
        return new Owner(false, id);
    }

    public static Owner set(long id) {
        return new Owner(true, id);
    }

    /** Its address. */
    public String path() {
        return (isSet ? "/sets/" : "/covers/") + id;
    }
}
