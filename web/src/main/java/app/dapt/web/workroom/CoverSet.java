package app.dapt.web.workroom;

import java.util.List;

/**
 * Covers that are cut together.
 *
 * @param version goes up with every change of its name and its covers
 * @param broken  how many of its covers do not read; they are left out
 */
public record CoverSet(long id, long version, String name, List<Member> members, int broken) {

    public static final int LONGEST_NAME = 80;
    public static final int MOST_COVERS = 40;
    public static final int MOST_OF_ONE = 99;

    /** A cover of a set, to be made so many times. */
    public record Member(Cover cover, int count) {}

    /** A set as the list shows it. */
    public record Line(long id, String name, int covers) {}
}
