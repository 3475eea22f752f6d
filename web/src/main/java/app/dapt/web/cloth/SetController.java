package app.dapt.web.cloth;

import app.dapt.web.Redirect;
import app.dapt.web.entry.Entries;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.CoverSet;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.SetStore;
import app.dapt.words.Words;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A set of covers: what it is called and how many of each are made. */
@Controller
@RequestMapping("/sets/{id}")
class SetController {

    private static final Pattern COUNT = Pattern.compile("count-(\\d{1,18})");
    private static final Pattern NUMBER = Pattern.compile("\\s*\\d{1,3}\\s*");

    private final SetStore sets;
    private final Wording wording;
    private final ClothNeeds needs;

    SetController(SetStore sets, Wording wording, ClothNeeds needs) {
        this.sets = sets;
        this.wording = wording;
        this.needs = needs;
    }

    /** The covers of a set side by side, and what to buy for all of them. */
    @GetMapping
    String set(@PathVariable long id, Reader reader, Model model) {
        Words words = wording.words(reader);
        model.addAttribute("set", new SetPage(sets.find(id), reader, words, needs));
        model.addAttribute("w", words);
        model.addAttribute("here", "/sets/" + id);
        return "sets/page";
    }

    @PostMapping
    String change(
            @PathVariable long id,
            @RequestParam Map<String, String> typed,
            @RequestParam(defaultValue = "" + CoverStore.ANY_VERSION) long set,
            Reader reader) {
        if (typed.containsKey("delete")) {
            sets.delete(id);
            return Redirect.to("/");
        }
        if (typed.containsKey("undo")) {
            sets.step(id, set, -1);
            return Redirect.to("/");
        }
        Map<Long, Integer> counts = new TreeMap<>();
        typed.forEach((name, value) -> {
            Matcher count = COUNT.matcher(name);
            if (count.matches() && NUMBER.matcher(value).matches()) {
                counts.put(Long.parseLong(count.group(1)), Integer.parseInt(value.strip()));
            }
        });
        Entries entries = new Entries(typed, wording.words(reader));
        sets.change(
                id,
                set,
                entries.text("name", CoverSet.LONGEST_NAME, sets.find(id).name()),
                counts);
        if (typed.containsKey("list")) {
            return Redirect.to("/", "left", String.valueOf(id));
        }
        return Redirect.to("/sets/" + id + (typed.containsKey("plan") ? "" : "/cloth"));
    }
}
