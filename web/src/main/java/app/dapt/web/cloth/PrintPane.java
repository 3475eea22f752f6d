package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.layout.Layout.Spot;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.Window;
import app.dapt.measure.Length;
import app.dapt.piece.PieceRole;
import app.dapt.words.Words;

/** A piece as a window over its print, which can be slid under it. */
public record PrintPane(Spot spot, Cloth cloth, LayoutChoices choices, Window window, Words w) {

    private static final double WIDE = 300;

    public String drawing() {
        return new SvgWindow(w, cloth, WIDE).write(spot.wanted().piece(), window);
    }

    /** Whether the piece was slid on its own. */
    public boolean isOwn() {
        return choices.shown().own().containsKey(spot.wanted().key());
    }

    /** What sliding it moves. */
    public String words() {
        boolean shared = choices.matched() && spot.wanted().piece().role() == PieceRole.Whole.FRONT;
        return w.say(shared ? "cloth.window-all" : isOwn() ? "cloth.window-own" : "cloth.window-any");
    }

    public String keys() {
        return w.say(w.mark().unit().metric() ? "cloth.window-keys.cm" : "cloth.window-keys.in");
    }

    /** How far an arrow slides the print, in inches. */
    public double step() {
        return w.mark().unit().pick(Length.cm(1), Length.inches(0, 1, 2)).toInches();
    }
}
