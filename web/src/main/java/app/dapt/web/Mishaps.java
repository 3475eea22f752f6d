package app.dapt.web;

import app.dapt.web.workroom.NoSuchCover;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.sql.SQLException;
import java.util.Map;
import java.util.TreeMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.transaction.TransactionException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.servlet.ModelAndView;

/** What a person sees when something goes wrong that is not a matter of sewing. Nothing typed is thrown away. */
@ControllerAdvice
class Mishaps {

    private static final Logger LOG = LoggerFactory.getLogger(Mishaps.class);

    private final Wording wording;
    private final PageModel frame;

    Mishaps(Wording wording, PageModel frame) {
        this.wording = wording;
        this.frame = frame;
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ModelAndView store(Exception mishap, HttpServletRequest request) {
        boolean away = NestedExceptionUtils.getRootCause(mishap) instanceof SQLException sql && connectionLost(sql)
                || NestedExceptionUtils.getRootCause(mishap) instanceof IOException;
        if (!away) {
            return any(mishap, request);
        }
        LOG.warn("The store is away: {}", mishap.getMessage());
        ModelAndView page = page("away", HttpStatus.SERVICE_UNAVAILABLE, request);
        Map<String, String[]> typed = new TreeMap<>(request.getParameterMap());
        typed.remove("_csrf");
        page.addObject("typed", typed);
        page.addObject("again", request.getRequestURI());
        page.addObject("posted", request.getMethod().equals("POST"));
        return page;
    }

    /** Connection exceptions, an administrator's shutdown, or no connection to be had in time. */
    private static boolean connectionLost(SQLException sql) {
        String state = sql.getSQLState() == null ? "08" : sql.getSQLState();
        return state.startsWith("08") || state.startsWith("57");
    }

    @ExceptionHandler(NoSuchCover.class)
    ModelAndView gone(HttpServletRequest request) {
        return page("missing", HttpStatus.NOT_FOUND, request);
    }

    @ExceptionHandler(Exception.class)
    ModelAndView any(Exception mishap, HttpServletRequest request) {
        HttpStatusCode status = status(mishap);
        if (status.is5xxServerError()) {
            LOG.error("Unexpected at {}", request.getRequestURI(), mishap);
        }
        return page(status.value() == 404 ? "missing" : status.is4xxClientError() ? "refused" : "broken", status, request);
    }

    /** A cover whose number is no number is not here either. */
    private static HttpStatusCode status(Exception mishap) {
        if (mishap instanceof ErrorResponse known) {
            return known.getStatusCode();
        }
        return mishap instanceof TypeMismatchException ? HttpStatus.NOT_FOUND : HttpStatus.INTERNAL_SERVER_ERROR;
    }

    private ModelAndView page(String what, HttpStatusCode status, HttpServletRequest request) {
        Reader reader = WebConfig.reader(request);
        return new ModelAndView("mishap", Map.of("what", what, "assets", frame, "reader", reader, "w", wording.words(reader), "here", "/"), status);
    }
}
