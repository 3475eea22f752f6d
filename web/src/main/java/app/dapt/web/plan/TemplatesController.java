package app.dapt.web.plan;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.drawing.Template;
import app.dapt.files.TemplateDxf;
import app.dapt.files.TemplatePdf;
import app.dapt.files.TemplatePdf.Paper;
import app.dapt.files.TemplateSvg;
import app.dapt.web.Download;
import app.dapt.web.Reader;
import app.dapt.web.Wording;
import app.dapt.web.workroom.CoverStore;
import app.dapt.words.Words;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;

/** Templates at their true size, as files. */
@Controller
class TemplatesController {

    private final CoverStore store;
    private final Wording wording;

    TemplatesController(CoverStore store, Wording wording) {
        this.store = store;
        this.wording = wording;
    }

    @GetMapping("/covers/{id}/templates/{form}")
    ResponseEntity<byte[]> templates(@PathVariable long id, @PathVariable String form, Reader reader) {
        CoverPlan plan = store.find(id).plan();
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, reader.mark(plan));
        List<Template> templates = Template.of(reckoned);
        if (templates.isEmpty()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        Words words = wording.words(reader, reckoned.mark());
        return switch (form) {
            case "a4.pdf" ->
                Download.file(
                        "a4.pdf",
                        MediaType.APPLICATION_PDF,
                        new TemplatePdf(words, Paper.A4).write(plan.name(), templates));
            case "letter.pdf" ->
                Download.file(
                        "letter.pdf",
                        MediaType.APPLICATION_PDF,
                        new TemplatePdf(words, Paper.LETTER).write(plan.name(), templates));
            case "svg" ->
                Download.file(
                        "templates.svg",
                        MediaType.valueOf("image/svg+xml"),
                        new TemplateSvg(words).write(plan.name(), templates).getBytes(StandardCharsets.UTF_8));
            case "dxf" ->
                Download.file(
                        "templates.dxf",
                        MediaType.valueOf("image/vnd.dxf"),
                        new TemplateDxf(words).write(templates).getBytes(StandardCharsets.US_ASCII));
            default -> throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        };
    }
}
