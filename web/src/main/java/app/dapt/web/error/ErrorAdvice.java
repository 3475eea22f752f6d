package app.dapt.web.error;

import app.dapt.web.PageModel;
import app.dapt.web.WebConfig;
import app.dapt.web.door.OriginFilter;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.BrokenCover;
import app.dapt.web.workroom.CannotKeep;
import app.dapt.web.workroom.NoSuchCover;
import app.dapt.web.workroom.NoSuchEntry;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.ModelAndView;

/** What a person sees when something goes wrong that is not a matter of sewing. Nothing typed is thrown away. */
@ControllerAdvice
public class ErrorAdvice {

    private static final Logger LOG = LoggerFactory.getLogger(ErrorAdvice.class);
    /** Of what was typed, this much is shown again; nobody types more. */
    private static final int MOST_SHOWN = 20_000;
    /** What a link has in its address is in no log. */
    private static final Pattern SECRET = Pattern.compile("^/s/[^/]*");

    private final Wording wording;
    private final PageModel frame;

    ErrorAdvice(Wording wording, PageModel frame) {
        this.wording = wording;
        this.frame = frame;
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ModelAndView store(Exception mishap, HttpServletRequest request) {
        Throwable cause = NestedExceptionUtils.getRootCause(mishap);
        if (!(cause instanceof SQLException sql && isPassing(sql)) && !(cause instanceof IOException)) {
            return any(mishap, request);
        }
        LOG.warn("The store is away: {}", mishap.getMessage());
        return page("away", HttpStatus.SERVICE_UNAVAILABLE, request);
    }

    /**
     * Lost connections, an administrator's shutdown, no connection to be had in time, or somebody else in the way for
     * too long.
     */
    private static boolean isPassing(SQLException sql) {
        String state = sql.getSQLState() == null ? "08" : sql.getSQLState();
        return state.startsWith("08") || state.startsWith("57") || state.startsWith("40") || state.equals("55P03");
    }

    @ExceptionHandler({NoSuchCover.class, NoSuchEntry.class})
    ModelAndView gone(HttpServletRequest request) {
        return page("missing", HttpStatus.NOT_FOUND, request);
    }

    @ExceptionHandler(BrokenCover.class)
    ModelAndView broken(BrokenCover mishap, HttpServletRequest request) {
        LOG.warn("{}", mishap.getMessage());
        ModelAndView page = page("unreadable", HttpStatus.UNPROCESSABLE_CONTENT, request);
        page.addObject("unreadable", mishap.cover());
        return page;
    }

    @ExceptionHandler(CannotKeep.class)
    ModelAndView cannotKeep(CannotKeep mishap, HttpServletRequest request) {
        LOG.warn("Not kept: {}", mishap.getMessage());
        return page("refused", HttpStatus.UNPROCESSABLE_CONTENT, request);
    }

    @ExceptionHandler(Exception.class)
    ModelAndView any(Exception mishap, HttpServletRequest request) {
        HttpStatusCode status = status(mishap);
        if (status.is5xxServerError()) {
            LOG.error(
                    "Unexpected at {}", SECRET.matcher(request.getRequestURI()).replaceFirst("/s/…"), mishap);
        }
        return page(what(status), status, request);
    }

    private static String what(HttpStatusCode status) {
        return switch (status.value()) {
            case 403 -> "unsure";
            case 404 -> "missing";
            case 413 -> "too-much";
            case 503 -> "busy";
            default -> status.is4xxClientError() ? "refused" : "broken";
        };
    }

    /** A cover whose number is no number is not here either; a form that broke off on the way is not our mistake. */
    private static HttpStatusCode status(Exception mishap) {
        if (mishap instanceof MaxUploadSizeExceededException) {
            return HttpStatus.CONTENT_TOO_LARGE;
        }
        if (mishap instanceof InvalidParameterException unreadable) {
            return HttpStatusCode.valueOf(unreadable.getErrorCode());
        }
        if (mishap instanceof ErrorResponse known) {
            return known.getStatusCode();
        }
        return mishap instanceof TypeMismatchException
                ? HttpStatus.NOT_FOUND
                : mishap instanceof MultipartException
                                || mishap instanceof RequestRejectedException
                                || mishap instanceof HttpMessageNotReadableException
                        ? HttpStatus.BAD_REQUEST
                        : HttpStatus.INTERNAL_SERVER_ERROR;
    }

    /** The page for a status, as filters and the container answer it. */
    ModelAndView page(HttpStatusCode status, HttpServletRequest request) {
        return page(what(status), status, request);
    }

    private ModelAndView page(String what, HttpStatusCode status, HttpServletRequest request) {
        Reader reader = WebConfig.reader(request);
        boolean posted = request.getMethod().equals("POST")
                || "POST".equals(request.getAttribute(RequestDispatcher.ERROR_METHOD));
        Map<String, Object> model = new HashMap<>(
                Map.of("what", what, "assets", frame, "reader", reader, "w", wording.words(reader), "here", "/"));
        model.put("posted", posted);
        model.put("typed", posted ? typed(request) : Map.of());
        Object asked = request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI);
        model.put("again", asked == null ? request.getRequestURI() : asked);
        // What another site had our reader's browser send is not offered to be sent again.
        model.put(
                "resend",
                posted && !Set.of("unsure", "refused").contains(what)
                        || what.equals("unsure") && OriginFilter.isOurs(request));
        return new ModelAndView("mishap", model, status);
    }

    /** What was in the form, as far as it came through. */
    private static Map<String, String[]> typed(HttpServletRequest request) {
        try {
            Map<String, String[]> typed = new TreeMap<>(request.getParameterMap());
            typed.remove("_csrf");
            typed.values().removeIf(Objects::isNull);
            long size = typed.values().stream()
                    .flatMap(Arrays::stream)
                    .mapToLong(String::length)
                    .sum();
            return size > MOST_SHOWN ? Map.of() : typed;
        } catch (IllegalStateException | MultipartException | RequestRejectedException unreadable) {
            return Map.of();
        }
    }
}
