package app.dapt.web.log;

import app.dapt.log.Learnt.Subject;
import app.dapt.web.Redirect;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.LearningStore;
import app.dapt.web.workroom.MishapStore;
import app.dapt.web.workroom.WashStore;
import app.dapt.words.Words;
import java.util.Locale;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What has been learnt, each part of which can be left unused or started anew. */
@Controller
@RequestMapping("/learned")
class LearntController {

    private final LearningStore learning;
    private final WashStore washes;
    private final MishapStore mishaps;
    private final Wording wording;

    LearntController(LearningStore learning, WashStore washes, MishapStore mishaps, Wording wording) {
        this.mishaps = mishaps;
        this.learning = learning;
        this.washes = washes;
        this.wording = wording;
    }

    @GetMapping
    String learnt(Reader reader, Model model) {
        Words words = wording.words(reader);
        model.addAttribute("w", words);
        model.addAttribute("here", "/learned");
        model.addAttribute(
                "page",
                new LearntPage(
                        learning.all(),
                        learning.counted(),
                        learning.choices(),
                        washes.list(),
                        mishaps.remembered(),
                        words,
                        reader.locale()));
        return "log/learned";
    }

    @PostMapping("/{subject:fullness|pace|overlap|mishap}")
    String choose(@PathVariable String subject, @RequestParam(defaultValue = "") String act) {
        Subject of = Subject.valueOf(subject.toUpperCase(Locale.ROOT));
        switch (act) {
            case "on", "off" -> learning.learn(of, act.equals("on"));
            case "anew" -> learning.startAnew(of);
            case "first" -> learning.fromTheFirst(of);
            default -> {}
        }
        return Redirect.to("/learned");
    }

    @PostMapping("/mishap/{uid:[0-9a-f-]{36}}/remove")
    String forgetMishap(@PathVariable String uid) {
        mishaps.forget(uid);
        return Redirect.to("/learned");
    }

    @PostMapping("/wash/{id}/remove")
    String forget(@PathVariable long id) {
        washes.remove(id);
        return Redirect.to("/learned");
    }
}
