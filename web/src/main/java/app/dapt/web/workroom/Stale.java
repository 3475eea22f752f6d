package app.dapt.web.workroom;

/** Something was changed elsewhere since the page that asks for this change was made. */
public class Stale extends RuntimeException {

    public Stale(String what) {
        super(what + " was changed elsewhere");
    }
}
