package app.dapt.web.plan;

import app.dapt.web.wording.Reader;
import app.dapt.web.workroom.CoverStore;
import java.util.Map;

/**
 * What every request for the plan of a cover carries.
 *
 * @param id    of the cover
 * @param typed every field
 * @param part  whether the answer is put into the page that is there, rather than shown as a page of its own
 */
record PlanRequest(long id, Reader reader, Map<String, String> typed, boolean part) {

    /** What lies on the table; what is sewn, where no such view is asked for. */
    String view() {
        String view = typed.getOrDefault("view", "");
        return PlanPage.VIEWS.contains(view) ? view : PlanPage.VIEWS.get(0);
    }

    /**
     * The version the asking page was made from: any where it does not say, none that ever was where it says nonsense.
     */
    long version() {
        String version = typed.get("version");
        if (version == null) {
            return CoverStore.ANY_VERSION;
        }
        try {
            return Math.max(0, Long.parseLong(version));
        } catch (NumberFormatException nonsense) {
            return Long.MIN_VALUE;
        }
    }

    /** What is done while one slip is open goes by one name, so that it can be put back together. */
    String gesture() {
        return typed.getOrDefault("gesture", "");
    }

    /** Where the page of this cover is, or what is below it. */
    String address(String below) {
        return "/covers/" + id + below;
    }

    /** The template that answers it. */
    String template() {
        return part ? "plan/plan" : "plan/page";
    }
}
