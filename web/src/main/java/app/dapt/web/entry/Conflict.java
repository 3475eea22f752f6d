package app.dapt.web.entry;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.ui.Model;

/**
 * A change that comes from a page which has fallen behind: kept as it was asked for, and offered again on top of what
 * stands now.
 */
public final class Conflict {

    private static final Set<String> OF_THE_PAGE = Set.of("_csrf", "version");

    private Conflict() {}

    /**
     * @param address where the change was sent
     * @param what    what it is about: {@code conflict.slip.WHAT} says it
     * @param typed   what it holds
     */
    public static void show(Model model, String address, String what, Map<String, String> typed) {
        Map<String, String> again = new TreeMap<>(typed);
        again.keySet().removeAll(OF_THE_PAGE);
        model.addAttribute("conflict", again);
        model.addAttribute("conflictAddress", address);
        model.addAttribute("conflictSlip", what);
    }
}
