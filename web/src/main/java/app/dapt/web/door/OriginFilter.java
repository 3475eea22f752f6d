package app.dapt.web.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Who may come in: requests for a host that is served here, and changes asked for by our own pages. Every answer
 * carries the headers that keep other sites out.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public class OriginFilter extends OncePerRequestFilter {

    public static final Map<String, String> HEADERS = Map.of(
            "Content-Security-Policy",
            "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; "
                    + "connect-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; "
                    + "frame-ancestors 'none'",
            "Cross-Origin-Opener-Policy",
            "same-origin",
            "Cross-Origin-Resource-Policy",
            "same-origin",
            "Permissions-Policy",
            "camera=(), microphone=(), geolocation=()",
            "Referrer-Policy",
            "same-origin",
            "X-Content-Type-Options",
            "nosniff",
            "X-Frame-Options",
            "DENY");

    private static final Set<String> SAFE = Set.of("GET", "HEAD", "OPTIONS", "TRACE");
    private static final Set<String> OURS = Set.of("same-origin", "none");

    private final Set<String> hosts = new HashSet<>(Set.of("127.0.0.1", "localhost", "[::1]"));

    /** @param more names it is served under besides those of this machine itself */
    OriginFilter(@Value("${dapt.hosts:}") List<String> more, House house) {
        Stream.concat(more.stream(), house.names().stream())
                .map(host -> host.strip().toLowerCase(Locale.ROOT))
                .filter(host -> !host.isEmpty())
                .forEach(hosts::add);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HEADERS.forEach(response::setHeader);
        if (!hosts.contains(request.getServerName().toLowerCase(Locale.ROOT))) {
            response.sendError(HttpStatus.MISDIRECTED_REQUEST.value());
        } else if ((!SAFE.contains(request.getMethod()) || isTakenAlong(request)) && !isOurs(request)) {
            response.sendError(HttpStatus.FORBIDDEN.value());
        } else {
            chain.doFilter(request, response);
        }
    }

    /** What is work to make ready and is no page to come to: another site may not have it made ready for a picture. */
    private static boolean isTakenAlong(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        boolean isFromElsewhere = site != null && !OURS.contains(site);
        return isFromElsewhere
                && (request.getRequestURI().endsWith(".zip")
                        || !"navigate".equals(request.getHeader("Sec-Fetch-Mode")));
    }

    /**
     * Browsers say where a change comes from; what says nothing is no browser, and has to bring the form's token like
     * all.
     */
    public static boolean isOurs(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        return (site == null || OURS.contains(site)) && (origin == null || origin.equals(ours(request)));
    }

    private static String ours(HttpServletRequest request) {
        String host = request.getHeader(HttpHeaders.HOST);
        return host == null
                ? ""
                : URI.create(request.getRequestURL().toString()).getScheme() + "://" + host;
    }
}
