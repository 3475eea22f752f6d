package app.dapt.web.wording;

import app.dapt.files.paper.Paper;
import app.dapt.measure.Mark;
import java.util.Locale;

/** What a page is printed on: as asked, else what lies in printers where lengths are counted so. */
public final class Papers {

    private Papers() {}

    public static Paper of(String asked, Mark mark) {
        return asked.equals("a4") || asked.isEmpty() && mark.unit().metric() ? Paper.A4 : Paper.LETTER;
    }

    /** The same by the name that addresses and styles have for it. */
    public static String code(String asked, Mark mark) {
        return of(asked, mark).name().toLowerCase(Locale.ROOT);
    }
}
