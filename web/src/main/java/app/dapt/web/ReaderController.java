package app.dapt.web;

import app.dapt.words.Wordbook.English;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** The switches for unit and English. They change what is shown, never what is stored. */
@Controller
class ReaderController {

    @PostMapping("/reader")
    String choose(
            Reader reader,
            @RequestParam Optional<String> unit,
            @RequestParam Optional<String> english,
            @RequestParam(defaultValue = "/") String back,
            HttpServletRequest request,
            HttpServletResponse response) {
        Reader chosen = new Reader(
                unit.map(Reader::unitNamed).orElse(reader.unit()),
                english.filter(e -> e.matches("US|UK")).map(English::valueOf).orElse(reader.english()));
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(Reader.COOKIE, chosen.cookie())
                        .path("/")
                        .httpOnly(true)
                        .sameSite("Lax")
                        .secure(request.isSecure())
                        .maxAge(Duration.ofDays(400))
                        .build()
                        .toString());
        return Redirect.back(back);
    }

    /** A form's token afresh, for a page whose cookie has gone. */
    @GetMapping("/token")
    @ResponseBody
    String token(CsrfToken token) {
        return token.getToken();
    }
}
