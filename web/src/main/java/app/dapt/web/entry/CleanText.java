package app.dapt.web.entry;

import app.dapt.measure.PlainText;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Collections;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** The one way in for what is typed: trimmed, composed, and without anything that could not be kept. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
public class CleanText extends OncePerRequestFilter {

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(new Cleaned(request), response);
    }

    private static final class Cleaned extends HttpServletRequestWrapper {

        private @Nullable Map<String, String[]> clean;

        Cleaned(HttpServletRequest request) {
            super(request);
        }

        @Override
        public Map<String, String[]> getParameterMap() {
            if (clean == null) {
                Map<String, String[]> all = new LinkedHashMap<>();
                super.getParameterMap()
                        .forEach((name, values) -> all.merge(
                                PlainText.line(name),
                                Stream.ofNullable(values)
                                        .flatMap(Stream::of)
                                        .map(PlainText::lines)
                                        .toArray(String[]::new),
                                (one, other) -> Stream.concat(Stream.of(one), Stream.of(other))
                                        .toArray(String[]::new)));
                clean = Collections.unmodifiableMap(all);
            }
            return clean;
        }

        @Override
        public @Nullable String getParameter(String name) {
            String[] values = getParameterMap().get(name);
            return values == null || values.length == 0 ? null : values[0];
        }

        @Override
        public String @Nullable [] getParameterValues(String name) {
            return getParameterMap().get(name);
        }

        @Override
        public Enumeration<String> getParameterNames() {
            return Collections.enumeration(getParameterMap().keySet());
        }
    }
}
