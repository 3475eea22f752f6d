package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.cover.ClothUse;
import app.dapt.web.Redirect;
import app.dapt.web.cloth.Cutting.Table;
import app.dapt.web.entry.Entries;
import app.dapt.web.workroom.LayoutStore.Place;
import app.dapt.words.Words;
import java.util.Map;

/**
 * What a request is about: whose cutting table, which of its cloths, and the piece that is looked at, in the reader's
 * words.
 *
 * @param cloth where the cloth stands on the table
 * @param piece the key of a copy; blank for none
 * @param asked the versions of what the asking page was made from
 * @param part  whether only the part of the page that changes is wanted
 */
record At(Table table, int cloth, String piece, Versions asked, Words words, boolean part) {

    ClothUse use() {
        return table.uses().get(cloth);
    }

    Cloth stuff() {
        return use().cloth();
    }

    Place place() {
        return table.place(use());
    }

    /** Its page's path. */
    String path() {
        return table.owner().path() + "/cloth";
    }

    /** What it is shown with. */
    String template() {
        return part ? "cloth/cloth" : "cloth/page";
    }

    String redirect() {
        return Redirect.to(path(), "cloth", table.uses().isEmpty() ? "" : use().key(), "piece", piece);
    }

    /** Whether the piece is one of this cloth's. */
    boolean knowsPiece() {
        return !table.uses().isEmpty() && use().copies().contains(piece);
    }

    /** The same as it stands after a change. */
    At on(Table changed) {
        int same = table.uses().isEmpty() ? 0 : changed.numberOf(use().key());
        return new At(changed, same, piece, Versions.ANY, words, part);
    }

    /** Nothing typed. */
    Entries nothing() {
        return new Entries(Map.of(), words);
    }
}
