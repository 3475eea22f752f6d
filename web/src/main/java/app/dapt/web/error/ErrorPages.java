package app.dapt.web.error;

import app.dapt.web.door.OriginFilter;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.ModelAndView;

/** What filters and the container refuse, said in the same page as everything else. */
@Controller
class ErrorPages implements ErrorController {

    private final ErrorAdvice mishaps;

    ErrorPages(ErrorAdvice mishaps) {
        this.mishaps = mishaps;
    }

    @RequestMapping("/error")
    ModelAndView error(HttpServletRequest request, HttpServletResponse response) {
        OriginFilter.HEADERS.forEach(response::setHeader);
        // Asked for by hand there is no error, and no such page.
        HttpStatusCode status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                ? HttpStatusCode.valueOf(code)
                : HttpStatus.NOT_FOUND;
        return mishaps.page(status, request);
    }
}
