package app.dapt.web;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What every page's frame needs: the reader, words, and the way back here. */
@ControllerAdvice
class PageModel {

    private final Wording wording;

    PageModel(Wording wording) {
        this.wording = wording;
    }

    @ModelAttribute
    void frame(HttpServletRequest request, Model model) {
        Reader reader = WebConfig.reader(request);
        String query = request.getMethod().equals("GET") && request.getQueryString() != null ? "?" + request.getQueryString() : "";
        model.addAttribute("reader", reader);
        model.addAttribute("w", wording.words(reader));
        model.addAttribute("here", request.getRequestURI() + query);
    }
}
