package app.dapt.web.progress;

import app.dapt.web.wording.Reader;
import java.util.List;
import java.util.Optional;

/** What there is to do when one sits down next. */
public interface NextSitting {

    /** What is done at one place. */
    record Stop(String place, String minutes, String steps) {}

    /**
     * A sitting.
     *
     * @param when  the time there is for it, or which one it is
     * @param what  whose covers it is about
     * @param stops place by place
     * @param path  where to go on
     */
    record Shown(String when, String minutes, String what, List<Stop> stops, String path) {}

    /** Of what was worked on last; nothing where nothing is begun or all is done. */
    Optional<Shown> of(Reader reader);
}
