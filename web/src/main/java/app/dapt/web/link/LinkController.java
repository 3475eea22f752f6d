package app.dapt.web.link;

import app.dapt.web.door.House;
import app.dapt.web.door.Shared;
import app.dapt.web.progress.Batch;
import app.dapt.web.progress.Batches;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.LinkStore;
import app.dapt.web.workroom.LinkStore.Link;
import app.dapt.web.workroom.Owner;
import app.dapt.words.Words;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/**
 * Links to one cover or set: made and ended by whoever has it, and followed by whoever was given one, to pages for
 * paper that are there anyway and can change nothing.
 */
@Controller
class LinkController {

    private static final String SECRET = "{secret:[A-Za-z0-9_-]{32}}";

    private final LinkStore links;
    private final Batches batches;
    private final House house;
    private final Wording wording;
    private final Clock clock;

    LinkController(LinkStore links, Batches batches, House house, Wording wording, Clock clock) {
        this.links = links;
        this.batches = batches;
        this.house = house;
        this.wording = wording;
        this.clock = clock;
    }

    /** A link as its owner sees it. */
    public record Line(long id, String made) {}

    @GetMapping("/{whose:covers|sets}/{id}/links")
    String links(@PathVariable String whose, @PathVariable long id, Reader reader, Model model) {
        return shown(whose, id, "", reader, model);
    }

    /** Makes a link and shows its address, this once. */
    @PostMapping("/{whose:covers|sets}/{id}/links")
    String make(
            @PathVariable String whose, @PathVariable long id, Reader reader, HttpServletRequest request, Model model) {
        Optional<String> secret = links.make(new Owner(whose.equals("sets"), id));
        return shown(
                whose, id, secret.map(made -> origin(request) + "/s/" + made).orElse(""), reader, model);
    }

    /** Where others call this machine: its address in the house, where it has one. */
    private String origin(HttpServletRequest request) {
        List<String> inTheHouse = house.origins();
        String own = request.getScheme() + "://" + request.getHeader(HttpHeaders.HOST);
        return inTheHouse.isEmpty() ? own : inTheHouse.get(0);
    }

    @PostMapping("/{whose:covers|sets}/{id}/links/{link}/end")
    String end(@PathVariable String whose, @PathVariable long id, @PathVariable long link) {
        links.end(link);
        return "redirect:/" + whose + "/" + id + "/links";
    }

    private String shown(String whose, long id, String made, Reader reader, Model model) {
        Owner owner = new Owner(whose.equals("sets"), id);
        Batch batch = batches.find(whose, id, reader);
        DateTimeFormatter day = DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM)
                .withLocale(reader.locale())
                .withZone(clock.getZone());
        model.addAttribute("name", batch.name());
        model.addAttribute("base", owner.path());
        model.addAttribute("made", made);
        model.addAttribute("isHome", house.origins().isEmpty());
        model.addAttribute(
                "links",
                links.list(owner).stream()
                        .map((Link link) -> new Line(link.id(), day.format(link.madeAt())))
                        .toList());
        model.addAttribute("most", LinkStore.MOST);
        return "link/links";
    }

    /** What somebody who was given a link sees first. */
    @GetMapping("/s/" + SECRET)
    String index(@PathVariable String secret, Reader reader, HttpServletResponse response, Model model) {
        Owner owner = followed(secret, response);
        Batch batch = batches.findAny(owner, reader).orElseThrow(LinkController::nowhere);
        Words words = wording.words(reader, batch.covers().get(0).reckoned().mark());
        model.addAttribute("w", words);
        model.addAttribute("shared", new SharedPage("/s/" + secret, batch, words));
        return "link/shared";
    }

    /** One of the pages for paper. */
    @GetMapping("/s/" + SECRET + "/{page:cutting|picture|steps|layout}")
    ModelAndView page(
            @PathVariable String secret,
            @PathVariable String page,
            @RequestParam(defaultValue = "0") long cover,
            Reader reader,
            HttpServletRequest request,
            HttpServletResponse response) {
        Owner owner = followed(secret, response);
        Batch batch = batches.findAny(owner, reader).orElseThrow(LinkController::nowhere);
        long own = batch.covers().stream()
                .map(Batch.Made::id)
                .filter(id -> id == cover || cover == 0)
                .findFirst()
                .orElseThrow(LinkController::nowhere);
        String here = "/s/" + secret + "/" + page + (cover == 0 ? "" : "?cover=" + cover);
        request.setAttribute(Shared.ATTRIBUTE, new Shared("/s/" + secret, here));
        Map<String, String> to = Map.of(
                "cutting", "/covers/" + own + "/card",
                "picture", "/covers/" + own + "/picture",
                "steps", owner.path() + "/make/print",
                "layout", owner.path() + "/cloth/layout/a4.pdf");
        return new ModelAndView("forward:" + to.get(page));
    }

    /** What a link leads to, kept out of lists and caches. */
    private Owner followed(String secret, HttpServletResponse response) {
        response.setHeader("X-Robots-Tag", "noindex, nofollow");
        response.setHeader("Referrer-Policy", "no-referrer");
        return links.find(secret).orElseThrow(LinkController::nowhere);
    }

    private static NoSuchLink nowhere() {
        return new NoSuchLink();
    }

    /** What leads nowhere, ended or never made. */
    private static final class NoSuchLink extends RuntimeException {

        private static final long serialVersionUID = 1;

        NoSuchLink() {
            super("a link that leads nowhere");
        }
    }

    /** Whoever follows it is told nothing, not even that there is a workroom. */
    @ExceptionHandler(NoSuchLink.class)
    ResponseEntity<Void> nothing() {
        return ResponseEntity.notFound().build();
    }
}
