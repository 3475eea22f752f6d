package app.dapt.web.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;

/**
 * What a page shows that may yet become better, so that it can be asked whether it has without laying anything out
 * again. Filled while the page is made; after that it does not change.
 */
final class Watch {

    /** A search as the page has shown it. */
    private record Shown(Search search, long state) {}

    private final List<Shown> shown = new ArrayList<>();
    private final List<BooleanSupplier> answers = new ArrayList<>();

    /** Watches a search, from what it has now. */
    void on(Search search) {
        shown.add(new Shown(search, search.state()));
    }

    /** Watches for an answer that is not there yet. */
    void on(BooleanSupplier isThere) {
        answers.add(isThere);
    }

    List<Search> searches() {
        return shown.stream().map(Shown::search).toList();
    }

    /** Whether a page made now would show anything else. */
    boolean isBehind() {
        return shown.stream().anyMatch(each -> each.search().state() != each.state())
                || answers.stream().anyMatch(BooleanSupplier::getAsBoolean);
    }

    /** How far the first of them, the one that the page is about, has come. */
    int percent() {
        return shown.isEmpty() || shown.get(0).search().isDone()
                ? 100
                : shown.get(0).search().percent();
    }
}
