package app.dapt.files;

/** A file that is not a plan Dapt can open; says where in the file and what is wrong there. */
public final class BadPlanFile extends Exception {

    private final String where;
    private final String problem;

    public BadPlanFile(String where, String problem) {
        super((where.isEmpty() ? "the file" : where) + ": " + problem);
        this.where = where;
        this.problem = problem;
    }

    /** The place, as a path of names: {@code form.across.overCrown}; empty for the file as a whole. */
    public String where() {
        return where;
    }

    public String problem() {
        return problem;
    }
}
