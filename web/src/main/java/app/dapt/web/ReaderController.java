package app.dapt.web;

import app.dapt.web.wording.Reader;
import app.dapt.web.workroom.WorkroomCurrency;
import app.dapt.words.Money;
import app.dapt.words.Wordbook.English;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.server.ResponseStatusException;

/** The switches for unit, English and light, which change what is shown, never what is stored; and the currency. */
@Controller
class ReaderController {

    private final WorkroomCurrency currency;

    ReaderController(WorkroomCurrency currency) {
        this.currency = currency;
    }

    @PostMapping("/reader")
    String choose(
            Reader reader,
            @RequestParam Map<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response) {
        Reader chosen = new Reader(
                Optional.ofNullable(typed.get("unit")).map(Reader::unitNamed).orElse(reader.unit()),
                Optional.ofNullable(typed.get("english"))
                        .filter(english -> english.matches("US|UK"))
                        .map(English::valueOf)
                        .orElse(reader.english()),
                Optional.ofNullable(typed.get("light")).map(Reader::lightNamed).orElse(reader.light()));
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
        return Redirect.back(typed.getOrDefault("back", "/"));
    }

    /** Chooses the currency of the whole workroom; one that there is not is refused. */
    @PostMapping("/currency")
    String currency(@RequestParam Map<String, String> typed, Reader reader) {
        currency.choose(Money.all(reader.locale()).stream()
                .filter(each -> each.getCurrencyCode().equals(typed.get("currency")))
                .findFirst()
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.BAD_REQUEST, "no such currency")));
        return Redirect.back(typed.getOrDefault("back", "/"));
    }

    /** A form's token afresh, for a page whose cookie has gone. */
    @GetMapping("/token")
    @ResponseBody
    String token(CsrfToken token) {
        return token.getToken();
    }
}
