package app.dapt.web.workroom;

import app.dapt.files.BadPlanFile;

/** What was asked for would not read back, so it is not kept. */
public class CannotKeep extends RuntimeException {

    private final String where;

    CannotKeep(BadPlanFile refusal) {
        super(refusal.getMessage());
        this.where = refusal.where();
    }

    /** The place in the plan, as a path of names; empty for the plan as a whole. */
    public String where() {
        return where;
    }
}
