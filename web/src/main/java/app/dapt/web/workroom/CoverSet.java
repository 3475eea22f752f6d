package app.dapt.web.workroom;

import java.util.List;

/** Covers that are cut together. */
public record CoverSet(long id, String name, List<Member> members) {

    public static final int LONGEST_NAME = 80;
    public static final int MOST_COVERS = 40;
    public static final int MOST_OF_ONE = 99;

    /** A cover of a set, to be made so many times. */
    public record Member(Cover cover, int count) {
    }
}
