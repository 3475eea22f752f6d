package app.dapt.web.cloth;

import app.dapt.files.cloth.ClothFiles;
import app.dapt.files.paper.Paper;
import app.dapt.layout.ClothSheet;
import app.dapt.layout.Layout;
import app.dapt.web.Download;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;

/** A layout as a file: the one that is the best so far. */
@Controller
class LayoutController {

    private final ClothViews views;

    LayoutController(ClothViews views) {
        this.views = views;
    }

    @GetMapping("/{whose:covers|sets}/{id}/cloth/layout/{form}")
    ResponseEntity<byte[]> layout(@ModelAttribute(name = "at", binding = false) At at, @PathVariable String form) {
        ClothPage page = views.page(at.table(), at.cloth(), "", at.words(), at.nothing());
        if (page.isBare()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        Layout laid = page.laid();
        List<ClothSheet> sheets = ClothSheet.of(laid);
        ClothFiles files = new ClothFiles(
                at.words(), at.words().say("cloth.title", at.table().name()));
        return switch (form) {
            case "a4.pdf" ->
                Download.file(
                        "layout-a4.pdf", MediaType.APPLICATION_PDF, files.pdf(laid, sheets, Paper.A4, page.listings()));
            case "letter.pdf" ->
                Download.file(
                        "layout-letter.pdf",
                        MediaType.APPLICATION_PDF,
                        files.pdf(laid, sheets, Paper.LETTER, page.listings()));
            case "svg" ->
                Download.file(
                        "layout.svg",
                        MediaType.valueOf("image/svg+xml"),
                        files.svg(sheets).getBytes(StandardCharsets.UTF_8));
            case "dxf" ->
                Download.file(
                        "layout.dxf",
                        MediaType.valueOf("image/vnd.dxf"),
                        files.dxf(sheets).getBytes(StandardCharsets.US_ASCII));
            case "csv" ->
                Download.file(
                        "layout.csv",
                        new MediaType("text", "csv", StandardCharsets.UTF_8),
                        files.csv(laid).getBytes(StandardCharsets.UTF_8));
            default -> throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        };
    }
}
