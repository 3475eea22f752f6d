package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.web.Entries;
import app.dapt.web.cloth.Cutting.Table;
import app.dapt.words.Words;
import java.util.Map;

/**
 * What a request is about: whose cutting table, which of its cloths, and the piece that is looked at, in the reader's words.
 *
 * @param cloth the number of the cloth
 * @param piece the key of a copy; blank for none
 */
record At(Table table, int cloth, String piece, Words words) {

    Cloth use() {
        return table.uses().get(cloth).cloth();
    }

    String address() {
        return table.owner().path() + "/cloth?cloth=" + cloth + (piece.isEmpty() ? "" : "&piece=" + piece);
    }

    /** Nothing typed. */
    Entries nothing() {
        return new Entries(Map.of(), words);
    }
}
