package app.dapt.web;

import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** A stand-in for a digital tape: what it reads arrives in the measuring fields of the other pages. */
@Controller
class TapeController {

    private final Wording wording;

    TapeController(Wording wording) {
        this.wording = wording;
    }

    @GetMapping("/tape")
    String tape(Reader reader, Model model) {
        model.addAttribute("w", wording.words(reader));
        model.addAttribute("here", "/tape");
        return "tape/page";
    }
}
