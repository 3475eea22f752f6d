package app.dapt.web.cloth;

import java.util.Optional;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Whether a page would show anything better by now. Nothing is laid out for it. */
@Controller
class WatchController {

    private final Searches searches;

    WatchController(Searches searches) {
        this.searches = searches;
    }

    @GetMapping("/watches/{name}")
    Object watch(@PathVariable String name, Model model) {
        Optional<Watch> watch = searches.watch(name).filter(kept -> !kept.isBehind());
        if (watch.isEmpty()) {
            return ResponseEntity.noContent().header("HX-Trigger", "laid").build();
        }
        model.addAttribute("percent", watch.get().percent());
        return "cloth/progress :: progress";
    }
}
