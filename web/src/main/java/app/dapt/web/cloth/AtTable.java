package app.dapt.web.cloth;

import app.dapt.web.PageModel;
import app.dapt.web.cloth.Cutting.Table;
import app.dapt.web.entry.Conflict;
import app.dapt.web.entry.Entries;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.NoSuchCover;
import app.dapt.web.workroom.Owner;
import app.dapt.web.workroom.Stale;
import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRequest;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.ModelAndView;

/** Finds what a request for the cloth view is about. */
@ControllerAdvice(
        assignableTypes = {ClothController.class, PictureController.class, LayoutController.class, WashController.class
        })
class AtTable {

    private static final int LONGEST_PIECE = 120;

    private final Cutting cutting;
    private final Wording wording;

    AtTable(Cutting cutting, Wording wording) {
        this.cutting = cutting;
        this.wording = wording;
    }

    @ModelAttribute("at")
    At at(
            @PathVariable String whose,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String cloth,
            @RequestParam(defaultValue = "") String piece,
            @RequestParam(defaultValue = "") String version,
            HtmxRequest htmx,
            Reader reader) {
        Table table = cutting.table(new Owner(whose.equals("sets"), id), reader);
        return new At(
                table,
                table.numberOf(cloth),
                piece.length() > LONGEST_PIECE ? "" : piece,
                Versions.read(version),
                wording.words(reader, table.mark()),
                htmx.isHtmxRequest());
    }

    /** The cloth of a table on which something lies; of an empty one nothing can be changed. */
    static At needed(At at) {
        if (at.table().uses().isEmpty()) {
            throw new NoSuchCover(at.table().owner().id());
        }
        return at;
    }
}

/** A change of the cloth view that comes from a page which has fallen behind. */
@Order(Ordered.HIGHEST_PRECEDENCE)
@ControllerAdvice(
        assignableTypes = {ClothController.class, PictureController.class, SetController.class, WashController.class})
class StaleCloth {

    private final AtTable tables;
    private final ClothViews views;
    private final PageModel frame;

    StaleCloth(AtTable tables, ClothViews views, PageModel frame) {
        this.tables = tables;
        this.views = views;
        this.frame = frame;
    }

    @ExceptionHandler(Stale.class)
    ModelAndView stale(HttpServletRequest request, Reader reader) {
        @SuppressWarnings("unchecked")
        Map<String, String> path =
                (Map<String, String>) request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        At at = tables.at(
                path.getOrDefault("whose", "sets"),
                Long.parseLong(path.get("id")),
                parameter(request, "cloth"),
                parameter(request, "piece"),
                "",
                HtmxRequest.fromRequest(request),
                reader);
        ExtendedModelMap model = new ExtendedModelMap();
        frame.frame(request, model);
        views.show(at, new Entries(Map.of(), at.words()), model);
        Map<String, String> typed = new TreeMap<>();
        request.getParameterMap().forEach((name, values) -> typed.put(name, values[0]));
        Conflict.show(model, request.getRequestURI(), conflict(request.getRequestURI()), typed);
        return new ModelAndView(at.template(), model);
    }

    private static String parameter(HttpServletRequest request, String name) {
        String value = request.getParameter(name);
        return value == null ? "" : value;
    }

    private static String conflict(String address) {
        String last = address.substring(address.lastIndexOf('/') + 1);
        return last.matches("undo|redo|remnant|figures|slide|width|picture|piece")
                ? last
                : address.matches("/sets/\\d+") ? "set" : "cloth";
    }
}
