package app.dapt.web.workroom;

import org.springframework.dao.OptimisticLockingFailureException;

/** The cover was changed elsewhere since the page that asks for this change was made. */
public class StaleCover extends OptimisticLockingFailureException {

    public StaleCover(long id) {
        super("cover " + id + " was changed elsewhere");
    }
}
