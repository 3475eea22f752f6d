package app.dapt.web.cloth;

import app.dapt.web.Reader;
import app.dapt.web.Wording;
import app.dapt.web.cloth.Cutting.Table;
import app.dapt.web.workroom.NoSuchCover;
import app.dapt.web.workroom.Owner;
import java.util.Optional;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** Finds what a request for the cloth view is about. */
@ControllerAdvice(assignableTypes = {ClothController.class, PictureController.class, LayoutController.class})
class AtTable {

    private final Cutting cutting;
    private final Wording wording;

    AtTable(Cutting cutting, Wording wording) {
        this.cutting = cutting;
        this.wording = wording;
    }

    @ModelAttribute("at")
    At at(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, @RequestParam Optional<String> piece, Reader reader) {
        Table table = cutting.table(new Owner(whose.equals("sets"), id), reader);
        return new At(table, table.known(cloth), piece.orElse(""), wording.words(reader, table.mark()));
    }

    /** The cloth of a table on which something lies; of an empty one nothing can be changed. */
    static At needed(At at) {
        if (at.table().uses().isEmpty()) {
            throw new NoSuchCover(at.table().owner().id());
        }
        return at;
    }
}
