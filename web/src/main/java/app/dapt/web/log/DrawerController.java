package app.dapt.web.log;

import app.dapt.advice.Drawer;
import app.dapt.advice.Tool;
import app.dapt.cover.decision.LengthRange;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.web.Redirect;
import app.dapt.web.entry.Entries;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.DrawerStore;
import app.dapt.words.Words;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What is in the drawer: said once, for every cover. */
@Controller
@RequestMapping("/drawer")
class DrawerController {

    private final DrawerStore drawers;
    private final Wording wording;

    DrawerController(DrawerStore drawers, Wording wording) {
        this.drawers = drawers;
        this.wording = wording;
    }

    /** A tool, and whether it is there. */
    public record Line(String code, String name, boolean there) {}

    @GetMapping
    String drawer(Reader reader, Model model) {
        return shown(drawers.find(), new Entries(Map.of(), wording.words(reader)), model);
    }

    @PostMapping
    String keep(@RequestParam Map<String, String> typed, Reader reader, Model model) {
        Entries entries = new Entries(typed, wording.words(reader));
        Set<Tool> tools = EnumSet.noneOf(Tool.class);
        Stream.of(Tool.values())
                .filter(tool -> typed.containsKey("has-" + Phrase.code(tool)))
                .forEach(tools::add);
        Optional<Length> mat =
                entries.maybeLength("mat", LengthRange.SIDE, drawers.find().mat());
        if (mat.isPresent()) {
            tools.add(Tool.MAT);
        }
        Drawer drawer = new Drawer(tools, mat);
        drawers.keep(drawer);
        return entries.isClean() ? Redirect.to("/drawer") : shown(drawer, entries, model);
    }

    private static String shown(Drawer drawer, Entries entries, Model model) {
        Words words = entries.words();
        model.addAttribute("w", words);
        model.addAttribute("here", "/drawer");
        model.addAttribute("entries", entries);
        model.addAttribute("mat", entries.value("mat", drawer.mat()));
        model.addAttribute(
                "tools",
                Stream.of(Tool.values())
                        .map(tool -> new Line(Phrase.code(tool), words.say(tool.says()), drawer.has(tool)))
                        .toList());
        return "log/drawer";
    }
}
