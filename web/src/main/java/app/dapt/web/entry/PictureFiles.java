package app.dapt.web.entry;

import app.dapt.web.workroom.PictureStore;
import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The pictures themselves, which never change. */
@Controller
class PictureFiles {

    private final PictureStore pictures;

    PictureFiles(PictureStore pictures) {
        this.pictures = pictures;
    }

    @GetMapping("/pictures/{number}")
    ResponseEntity<byte[]> picture(@PathVariable long number) {
        return pictures.find(number)
                .map(picture -> ResponseEntity.ok()
                        .contentType(MediaType.IMAGE_JPEG)
                        .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
                        .body(picture.jpeg()))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }
}
