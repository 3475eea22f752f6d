package app.dapt.web.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import java.util.regex.Pattern;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Gives every request a number that its log lines carry and its answer tells; a front may have given one. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestNumber extends OncePerRequestFilter {

    static final String HEADER = "X-Request-Id";
    private static final String LOGGED = "request";
    private static final Pattern GIVEN = Pattern.compile("[A-Za-z0-9._-]{8,64}");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String given = request.getHeader(HEADER);
        String number = given != null && GIVEN.matcher(given).matches()
                ? given
                : UUID.randomUUID().toString();
        MDC.put(LOGGED, number);
        response.setHeader(HEADER, number);
        try {
            chain.doFilter(request, response);
        } finally {
            MDC.remove(LOGGED);
        }
    }
}
