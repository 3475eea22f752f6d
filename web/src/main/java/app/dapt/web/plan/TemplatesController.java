package app.dapt.web.plan;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.drawing.Template;
import app.dapt.files.paper.Paper;
import app.dapt.files.template.TemplateDxf;
import app.dapt.files.template.TemplatePdf;
import app.dapt.files.template.TemplateSvg;
import app.dapt.web.Download;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.CoverStore;
import app.dapt.words.Words;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** Templates at their true size, as files, and how much paper they take. */
@Controller
class TemplatesController {

    private final CoverStore store;
    private final Wording wording;

    TemplatesController(CoverStore store, Wording wording) {
        this.store = store;
        this.wording = wording;
    }

    /**
     * How many sheets the templates take on paper, for whoever is about to print them.
     *
     * @param whole every piece whole, rather than half on the fold
     */
    public record Sheets(boolean whole, int a4, int letter) {

        static Sheets of(Reckoned reckoned, Words words, boolean whole) {
            List<Template> templates = whole ? Template.whole(reckoned) : Template.fewest(reckoned);
            return new Sheets(
                    whole,
                    new TemplatePdf(words, Paper.A4).sheets(templates),
                    new TemplatePdf(words, Paper.LETTER).sheets(templates));
        }
    }

    /** The files to print or cut from, each with the sheets it takes. */
    @GetMapping("/covers/{id}/templates")
    String sheets(@PathVariable long id, Reader reader, Model model) {
        CoverPlan plan = store.find(id).plan();
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, reader.mark(plan));
        Words words = wording.words(reader, reckoned.mark());
        model.addAttribute("w", words);
        model.addAttribute("id", id);
        if (Template.of(reckoned).isEmpty()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        boolean halved = !Template.whole(reckoned).equals(Template.fewest(reckoned));
        model.addAttribute(
                "sheets",
                (halved ? Stream.of(false, true) : Stream.of(false))
                        .map(whole -> Sheets.of(reckoned, words, whole))
                        .toList());
        return "plan/sheets :: sheets";
    }

    @GetMapping("/covers/{id}/templates/{form}")
    ResponseEntity<byte[]> templates(
            @PathVariable long id,
            @PathVariable String form,
            @RequestParam(defaultValue = "false") boolean whole,
            Reader reader) {
        CoverPlan plan = store.find(id).plan();
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, reader.mark(plan));
        List<Template> templates = whole ? Template.whole(reckoned) : Template.fewest(reckoned);
        if (templates.isEmpty()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        Words words = wording.words(reader, reckoned.mark());
        byte[] content = content(form, words, templates, reckoned);
        return Download.file(form.contains(".") ? form : "templates." + form, type(form), content);
    }

    private static byte[] content(String form, Words words, List<Template> templates, Reckoned reckoned) {
        String title = reckoned.plan().name();
        List<Template> each = Template.of(reckoned);
        return switch (form) {
            case "a4.pdf" -> new TemplatePdf(words, Paper.A4).write(title, templates, each);
            case "letter.pdf" -> new TemplatePdf(words, Paper.LETTER).write(title, templates, each);
            case "svg" -> new TemplateSvg(words).write(title, templates).getBytes(StandardCharsets.UTF_8);
            case "dxf" -> new TemplateDxf(words).write(templates).getBytes(StandardCharsets.US_ASCII);
            default -> throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        };
    }

    private static MediaType type(String form) {
        return switch (form) {
            case "svg" -> MediaType.valueOf("image/svg+xml");
            case "dxf" -> MediaType.valueOf("image/vnd.dxf");
            default -> MediaType.APPLICATION_PDF;
        };
    }
}
