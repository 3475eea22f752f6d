package app.dapt.web.archive;

import app.dapt.files.BadPlanFile;
import app.dapt.files.WorkroomArchive;
import app.dapt.web.Download;
import app.dapt.web.Entries;
import app.dapt.web.Reader;
import app.dapt.web.Redirect;
import app.dapt.web.Snapshot;
import app.dapt.web.Wording;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
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

    private final Moving moving;
    private final Wording wording;

    ArchiveController(Moving moving, Wording wording) {
        this.moving = moving;
        this.wording = wording;
    }

    @GetMapping("/workroom")
    String page(@RequestParam Map<String, String> typed, Reader reader, Model model) {
        return shown(typed, new Entries(Map.of(), wording.words(reader)), model);
    }

    @GetMapping("/workroom.zip")
    ResponseEntity<byte[]> file() {
        return Download.file("workroom.zip", ZIP, moving.pack().write());
    }

    @PostMapping("/workroom")
    String take(
            @RequestParam MultipartFile file, @RequestParam(defaultValue = "") String press, Reader reader, Model model)
            throws IOException {
        Entries entries = new Entries(Map.of(), wording.words(reader));
        try {
            WorkroomArchive archive = WorkroomArchive.read(file.getBytes());
            if (moving.hasRoom(archive)) {
                Moving.Brought brought = moving.unpack(archive, redrawn(archive), press);
                return Redirect.to(
                        "/workroom",
                        "covers",
                        String.valueOf(brought.covers()),
                        "sets",
                        String.valueOf(brought.sets()),
                        "entries",
                        String.valueOf(brought.entries()));
            }
            entries.refuse("file", "archive.no-room");
        } catch (BadPlanFile e) {
            entries.refuse("file", "archive.not-one", (e.where() + " " + e.problem()).strip());
        } catch (Snapshot.Refused refused) {
            entries.refuse("file", refused.code(), refused.args());
        }
        return shown(Map.of(), entries, model);
    }

    private static Map<Long, Snapshot> redrawn(WorkroomArchive archive) throws Snapshot.Refused {
        Map<Long, Snapshot> redrawn = new LinkedHashMap<>();
        for (Map.Entry<Long, byte[]> picture : archive.pictures().entrySet()) {
            redrawn.put(picture.getKey(), Snapshot.of(picture.getValue()));
        }
        return redrawn;
    }

    private static String shown(Map<String, String> typed, Entries entries, Model model) {
        model.addAttribute("w", entries.words());
        model.addAttribute("entries", entries);
        model.addAttribute("press", UUID.randomUUID().toString());
        model.addAttribute("here", "/workroom");
        model.addAttribute("brought", number(typed, "covers") >= 0);
        model.addAttribute("covers", Math.max(0, number(typed, "covers")));
        model.addAttribute("sets", Math.max(0, number(typed, "sets")));
        model.addAttribute("logged", Math.max(0, number(typed, "entries")));
        return "archive/page";
    }

    private static int number(Map<String, String> typed, String name) {
        String text = typed.getOrDefault(name, "");
        return text.matches("\\d{1,6}") ? Integer.parseInt(text) : -1;
    }
}
