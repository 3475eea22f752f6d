package app.dapt.web.house;

import app.dapt.web.door.House;
import app.dapt.web.workroom.DeviceStore;
import app.dapt.web.workroom.DeviceStore.Device;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Whoever comes from the house's network has the key of a device that was let in, or gets nothing but the page on which
 * one is let in, with its style.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class DeviceFilter extends OncePerRequestFilter {

    /** Only sent encrypted, and only to the host that set it. */
    static final String COOKIE = "__Host-dapt-device";

    private static final String DEVICE = DeviceFilter.class.getName();
    private static final Pattern FOR_STRANGERS = Pattern.compile(
            "/join|/s/[\\w-]{32}(/[a-z]+)?|/[a-z0-9-]+\\.css|/card\\.js|/fonts/[\\w-]+\\.woff2|/mark\\.svg");
    private static final Pattern KEY = Pattern.compile("[A-Za-z0-9_-]{32}");

    private final House house;
    private final DeviceStore devices;

    DeviceFilter(House house, DeviceStore devices) {
        this.house = house;
        this.devices = devices;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (house.isDoor(request.getLocalPort())) {
            Optional<Device> device;
            try {
                device = key(request).flatMap(devices::find);
            } catch (DataAccessException | TransactionException away) {
                // Nobody comes in on trust while keys cannot be looked up; whoever has one tries again.
                response.sendError(HttpStatus.SERVICE_UNAVAILABLE.value());
                return;
            }
            if (device.isEmpty()
                    && !FOR_STRANGERS.matcher(request.getRequestURI()).matches()) {
                response.setStatus(HttpStatus.NOT_FOUND.value());
                return;
            }
            device.ifPresent(known -> request.setAttribute(DEVICE, known));
        }
        chain.doFilter(request, response);
    }

    private static Optional<String> key(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies() == null ? new Cookie[0] : request.getCookies();
        return Stream.of(cookies)
                .filter(cookie -> cookie.getName().equals(COOKIE))
                .map(Cookie::getValue)
                .filter(value -> KEY.matcher(value).matches())
                .findFirst();
    }

    /** The device a request comes from; nothing where it comes from this machine itself, or from a stranger. */
    static Optional<Device> device(HttpServletRequest request) {
        return Optional.ofNullable((Device) request.getAttribute(DEVICE));
    }
}
