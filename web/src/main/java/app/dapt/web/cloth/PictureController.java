package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Photo;
import app.dapt.cover.Limits;
import app.dapt.measure.Length;
import app.dapt.web.Entries;
import app.dapt.web.Reader;
import app.dapt.web.Wording;
import app.dapt.web.cloth.Cutting.Table;
import app.dapt.web.workroom.Owner;
import app.dapt.web.workroom.PictureStore.Picture;
import app.dapt.web.workroom.PictureStore;
import app.dapt.words.Words;
import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** A picture of one's own cloth, in place of its print, with its scale by one known distance. */
@Controller
class PictureController {

    /** How much of the cloth a picture is taken to show until its scale is set. */
    private static final Length USUALLY_SHOWN = Length.inches(12);
    private static final double WHOLE = 1000;

    private final Cutting cutting;
    private final PictureStore pictures;
    private final ClothViews views;
    private final Wording wording;

    PictureController(Cutting cutting, PictureStore pictures, ClothViews views, Wording wording) {
        this.cutting = cutting;
        this.pictures = pictures;
        this.views = views;
        this.wording = wording;
    }

    @GetMapping("/pictures/{number}")
    ResponseEntity<byte[]> picture(@PathVariable long number) {
        return pictures.find(number).map(picture -> ResponseEntity.ok().contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate()).body(picture.jpeg())).orElseGet(() -> ResponseEntity.notFound().build());
    }

    @PostMapping("/{whose:covers|sets}/{id}/cloth/picture")
    String take(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, @RequestParam MultipartFile file, Reader reader,
            Model model) throws IOException {
        Table table = cutting.table(new Owner(whose.equals("sets"), id), reader);
        Words words = wording.words(reader, table.mark());
        try {
            Snapshot taken = Snapshot.of(file.getBytes());
            long number = pictures.keep(taken.jpeg(), taken.wide(), taken.high());
            return changed(table, cloth, Optional.of(new Photo(number, USUALLY_SHOWN, USUALLY_SHOWN.times(taken.high(), taken.wide()))));
        } catch (Snapshot.Refused refused) {
            Entries entries = new Entries(Map.of(), words);
            entries.refuse("picture", refused.code(), refused.args());
            return refused(table, cloth, words, entries, model);
        }
    }

    /** Sets the scale: two places on the picture, in thousandths of its sides, and how far apart they are on the cloth. */
    @PostMapping("/{whose:covers|sets}/{id}/cloth/picture/scale")
    String scale(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, @RequestParam(defaultValue = "0") int x1,
            @RequestParam(defaultValue = "0") int y1, @RequestParam(defaultValue = "0") int x2, @RequestParam(defaultValue = "0") int y2,
            @RequestParam Map<String, String> typed, Reader reader, Model model) {
        Table table = cutting.table(new Owner(whose.equals("sets"), id), reader);
        Words words = wording.words(reader, table.mark());
        Cloth use = table.uses().get(table.known(cloth)).cloth();
        Entries entries = new Entries(typed, words);
        Optional<Length> apart = entries.maybeLength("apart", Limits.PICTURED, Optional.empty());
        Optional<Picture> picture = use.photo().flatMap(photo -> pictures.find(photo.number()));
        if (apart.isEmpty() || picture.isEmpty()) {
            if (entries.isClean()) {
                entries.refuse("apart", "scrap.sides");
            }
            return refused(table, cloth, words, entries, model);
        }
        double pixels = Math.hypot((x2 - x1) / WHOLE * picture.get().wide(), (y2 - y1) / WHOLE * picture.get().high());
        double wide = apart.get().toInches() * picture.get().wide() / pixels;
        double high = apart.get().toInches() * picture.get().high() / pixels;
        if (!(pixels >= 1) || !Limits.PICTURED.allows(Length.nearInches(wide)) || !Limits.PICTURED.allows(Length.nearInches(high))) {
            entries.refuse("apart", "picture.points");
            return refused(table, cloth, words, entries, model);
        }
        return changed(table, cloth, use.photo().map(photo -> new Photo(photo.number(), Length.nearInches(wide), Length.nearInches(high))));
    }

    @PostMapping("/{whose:covers|sets}/{id}/cloth/picture/remove")
    String remove(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, Reader reader) {
        return changed(cutting.table(new Owner(whose.equals("sets"), id), reader), cloth, Optional.empty());
    }

    private String changed(Table table, int cloth, Optional<Photo> photo) {
        cutting.change(table, table.uses().get(table.known(cloth)).cloth(), each -> each.withPhoto(photo));
        return "redirect:" + table.owner().path() + "/cloth?cloth=" + table.known(cloth);
    }

    private String refused(Table table, int cloth, Words words, Entries entries, Model model) {
        model.addAttribute("w", words);
        model.addAttribute("here", table.owner().path() + "/cloth?cloth=" + table.known(cloth));
        model.addAttribute("page", views.page(table, table.known(cloth), "", words, entries));
        return "cloth/page";
    }
}
