package app.dapt.web.workroom;

import app.dapt.web.workroom.CoverStore.Broken;

/** A cover that is there but does not read. */
public class BrokenCover extends RuntimeException {

    private final transient Broken cover;

    BrokenCover(Broken cover) {
        super("cover " + cover.id() + " does not read: " + cover.why());
        this.cover = cover;
    }

    public Broken cover() {
        return cover;
    }
}
