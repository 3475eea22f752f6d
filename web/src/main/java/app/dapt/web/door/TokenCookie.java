package app.dapt.web.door;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;

/** The form's token in a cookie; behind HTTPS under a name that browsers take from this very host only. */
public final class TokenCookie implements CsrfTokenRepository {

    private final CsrfTokenRepository plain = named("dapt-token", false);
    private final CsrfTokenRepository prefixed = named("__Host-dapt-token", true);

    private static CsrfTokenRepository named(String name, boolean secure) {
        CookieCsrfTokenRepository tokens = new CookieCsrfTokenRepository();
        tokens.setCookieName(name);
        tokens.setCookieCustomizer(
                cookie -> cookie.httpOnly(true).secure(secure).sameSite("Lax").path("/"));
        return tokens;
    }

    private CsrfTokenRepository of(HttpServletRequest request) {
        return request.isSecure() ? prefixed : plain;
    }

    @Override
    public CsrfToken generateToken(HttpServletRequest request) {
        return of(request).generateToken(request);
    }

    @Override
    public void saveToken(@Nullable CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        of(request).saveToken(token, request, response);
    }

    @Override
    public @Nullable CsrfToken loadToken(HttpServletRequest request) {
        return of(request).loadToken(request);
    }
}
