package app.dapt.web;

import app.dapt.web.door.Shared;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.zip.CRC32;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What every page's frame needs: the reader, words, and the way back here. */
@ControllerAdvice
public class PageModel {

    private final Wording wording;
    private final String assets;

    PageModel(Wording wording) throws IOException {
        this.wording = wording;
        this.assets = fingerprint();
    }

    /** Changes whenever a style or a script does, so that browsers may keep them for long. */
    private static String fingerprint() throws IOException {
        CRC32 sum = new CRC32();
        for (Resource asset : new PathMatchingResourcePatternResolver().getResources("classpath:static/**/*.*")) {
            sum.update(asset.getContentAsByteArray());
        }
        return Long.toHexString(sum.getValue());
    }

    /** The address of a style, a script or a font as it stands now. */
    public String asset(String path) {
        return path + "?v=" + assets;
    }

    /**
     * A key that does something in a view.
     *
     * @param shown what stands on it
     */
    public record Key(String code, String shown) {}

    private static final Key UNDO = new Key("z", "z");
    private static final Key REDO = new Key("shift-z", "Shift z");
    private static final Key THESE = new Key("question", "?");

    /** The keys of the view at an address. */
    private static List<Key> keys(String address) {
        if (address.equals("/")) {
            return List.of(new Key("slash", "/"), THESE);
        }
        if (address.matches("/(covers|sets)/\\d+/cloth.*")) {
            return List.of(UNDO, REDO, new Key("print", "← ↑ → ↓"), new Key("print-far", "Shift →"), THESE);
        }
        if (address.matches("/(covers|sets)/\\d+/make")) {
            return List.of(new Key("step", "← →"), new Key("step-done", "Enter"), THESE);
        }
        if (address.matches("/(covers|sets)/\\d+/make/.*")) {
            return List.of(THESE);
        }
        return address.matches("/covers/\\d+.*")
                ? List.of(
                        UNDO,
                        REDO,
                        new Key("digit", "1 – 9"),
                        new Key("arrows", "← →"),
                        new Key("enter", "Enter"),
                        new Key("esc", "Esc"),
                        THESE)
                : List.of(THESE);
    }

    @ModelAttribute
    public void frame(HttpServletRequest request, Model model) {
        Reader reader = WebConfig.reader(request);
        String query = request.getMethod().equals("GET") && request.getQueryString() != null
                ? "?" + request.getQueryString()
                : "";
        model.addAttribute("assets", this);
        if (request.getAttribute(Shared.ATTRIBUTE) instanceof Shared shared) {
            model.addAttribute("linked", shared);
        }
        model.addAttribute("reader", reader);
        model.addAttribute("w", wording.words(reader));
        model.addAttribute("keys", keys(request.getRequestURI()));
        model.addAttribute("here", request.getRequestURI() + query);
    }
}
