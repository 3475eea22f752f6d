package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Photo;
import app.dapt.cover.decision.LengthRange;
import app.dapt.measure.Length;
import app.dapt.web.entry.Entries;
import app.dapt.web.entry.Snapshot;
import app.dapt.web.workroom.PictureStore;
import app.dapt.web.workroom.PictureStore.Picture;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** A picture of one's own cloth, in place of its print, with its scale by one known distance. */
@Controller
@RequestMapping("/{whose:covers|sets}/{id}/cloth/picture")
class PictureController {

    /** How much of the cloth a picture is taken to show until its scale is set. */
    private static final Length USUALLY_SHOWN = Length.inches(12);

    private static final Length LONGEST_SHOWN = Length.inches(100);
    private static final double WHOLE = 1000;

    private final Cutting cutting;
    private final PictureStore pictures;
    private final ClothViews views;

    PictureController(Cutting cutting, PictureStore pictures, ClothViews views) {
        this.cutting = cutting;
        this.pictures = pictures;
        this.views = views;
    }

    @PostMapping
    String take(@ModelAttribute(name = "at", binding = false) At at, @RequestParam MultipartFile file, Model model)
            throws IOException {
        try {
            Snapshot taken = Snapshot.of(file.getBytes());
            Length high = USUALLY_SHOWN.times(taken.high(), taken.wide());
            // A picture far longer than wide is taken to show less of the width.
            Length most = Length.max(USUALLY_SHOWN, high);
            Length wide = LONGEST_SHOWN.under(most) ? USUALLY_SHOWN.scaled(LONGEST_SHOWN, most) : USUALLY_SHOWN;
            Length shown = Length.min(high, LONGEST_SHOWN);
            if (!LengthRange.PICTURED.allows(wide) || !LengthRange.PICTURED.allows(shown)) {
                throw new Snapshot.Refused("picture.too-thin");
            }
            long number = pictures.keep(taken.jpeg(), taken.wide(), taken.high())
                    .orElseThrow(() -> new Snapshot.Refused("picture.too-many"));
            return changed(at, Optional.of(new Photo(number, wide, shown)));
        } catch (Snapshot.Refused refused) {
            Entries entries = at.nothing();
            entries.refuse("picture", refused.code(), refused.args());
            return refused(at, entries, model);
        }
    }

    /**
     * Sets the scale: two places on the picture, in thousandths of its sides, and how far apart they are on the cloth.
     */
    @PostMapping("/scale")
    String scale(
            @ModelAttribute(name = "at", binding = false) At at, @RequestParam Map<String, String> typed, Model model) {
        Cloth use = AtTable.needed(at).stuff();
        Entries entries = new Entries(typed, at.words());
        double right = (place("x2", entries) - place("x1", entries)) / WHOLE;
        double down = (place("y2", entries) - place("y1", entries)) / WHOLE;
        Optional<Length> apart = entries.maybeLength("apart", LengthRange.PICTURED, Optional.empty());
        Optional<Picture> picture = use.photo().flatMap(photo -> pictures.find(photo.number()));
        if (apart.isEmpty() || picture.isEmpty() || !entries.isClean()) {
            if (entries.isClean()) {
                entries.refuse("apart", "scrap.sides");
            }
            return refused(at, entries, model);
        }
        double pixels =
                Math.hypot(right * picture.get().wide(), down * picture.get().high());
        double wide = apart.get().toInches() * picture.get().wide() / pixels;
        double high = apart.get().toInches() * picture.get().high() / pixels;
        if (!(pixels >= 1)
                || !LengthRange.PICTURED.allows(Length.nearInches(wide))
                || !LengthRange.PICTURED.allows(Length.nearInches(high))) {
            entries.refuse("apart", "picture.points");
            return refused(at, entries, model);
        }
        return changed(
                at,
                use.photo().map(photo -> new Photo(photo.number(), Length.nearInches(wide), Length.nearInches(high))));
    }

    private static int place(String name, Entries entries) {
        return entries.count(name, 0, (int) WHOLE, 0);
    }

    @PostMapping("/remove")
    String remove(@ModelAttribute(name = "at", binding = false) At at) {
        return changed(at, Optional.empty());
    }

    private String changed(At at, Optional<Photo> photo) {
        cutting.change(AtTable.needed(at), each -> each.withPhoto(photo));
        return at.redirect();
    }

    private String refused(At at, Entries entries, Model model) {
        views.show(at, entries, model);
        return "cloth/page";
    }
}
