package app.dapt.web;

import app.dapt.words.Wordbook.English;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The switches for unit and English. They change what is shown, never what is stored. */
@Controller
class ReaderController {

    @PostMapping("/reader")
    String choose(Reader reader, @RequestParam Optional<String> unit, @RequestParam Optional<String> english,
            @RequestParam(defaultValue = "/") String back, HttpServletResponse response) {
        Reader chosen = new Reader(unit.map(Reader::unitNamed).orElse(reader.unit()),
                english.filter(e -> e.matches("US|UK")).map(English::valueOf).orElse(reader.english()));
        response.addHeader(HttpHeaders.SET_COOKIE, ResponseCookie.from(Reader.COOKIE, chosen.cookie())
                .path("/").httpOnly(true).sameSite("Lax").maxAge(Duration.ofDays(400)).build().toString());
        return "redirect:" + (back.matches("/(?![/\\\\])[\\x21-\\x7e]*|/") ? back : "/");
    }
}
