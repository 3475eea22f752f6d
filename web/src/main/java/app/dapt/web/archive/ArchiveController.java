package app.dapt.web.archive;

import app.dapt.files.BadPlanFile;
import app.dapt.web.Download;
import app.dapt.web.Redirect;
import app.dapt.web.entry.Entries;
import app.dapt.web.entry.Snapshot;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import java.io.IOException;
import java.util.Map;
import java.util.UUID;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** The whole workroom as one file, out and in. */
@Controller
class ArchiveController {

    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");

    private final TransferQueue moving;
    private final Wording wording;

    ArchiveController(TransferQueue moving, Wording wording) {
        this.moving = moving;
        this.wording = wording;
    }

    @GetMapping("/workroom")
    String page(@RequestParam(defaultValue = "") String brought, Reader reader, Model model) {
        return shown(brought, new Entries(Map.of(), wording.words(reader)), model);
    }

    @GetMapping("/workroom.zip")
    ResponseEntity<Resource> file() throws IOException {
        TransferQueue.Packed packed = moving.pack();
        return ResponseEntity.ok()
                .headers(Download.headers("workroom.zip", ZIP))
                .contentLength(packed.size())
                .body(new InputStreamResource(packed.content()));
    }

    @PostMapping("/workroom")
    String take(
            @RequestParam MultipartFile file, @RequestParam(defaultValue = "") String press, Reader reader, Model model)
            throws IOException {
        Entries entries = new Entries(Map.of(), wording.words(reader));
        String once = press.isBlank() ? UUID.randomUUID().toString() : press;
        try {
            moving.unpack(file, once);
            return Redirect.to("/workroom", "brought", once);
        } catch (Unpacking.NoRoom e) {
            entries.refuse("file", "archive.no-room");
        } catch (BadPlanFile e) {
            entries.refuse("file", "archive.not-one", said(e));
        } catch (Unpacking.Refused refused) {
            if (refused.why() instanceof Snapshot.Refused picture) {
                entries.refuse("file", picture.code(), picture.args());
            } else {
                entries.refuse("file", "archive.not-one", said((BadPlanFile) refused.why()));
            }
        } catch (DataIntegrityViolationException e) {
            entries.refuse("file", "archive.cannot-keep");
        }
        return shown("", entries, model);
    }

    private static String said(BadPlanFile bad) {
        return (bad.where() + " " + bad.problem()).strip();
    }

    private String shown(String press, Entries entries, Model model) {
        model.addAttribute("w", entries.words());
        model.addAttribute("entries", entries);
        model.addAttribute("press", UUID.randomUUID().toString());
        model.addAttribute("here", "/workroom");
        model.addAttribute("brought", moving.brought(press).orElse(null));
        return "archive/page";
    }
}
