package app.dapt.web;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Repeat;
import app.dapt.cloth.Shrinkage;
import app.dapt.cover.decision.LengthRange;
import app.dapt.measure.Length;
import java.util.Optional;

/** How a cloth repeats and shrinks, as it is typed and as it is shown. */
public final class ClothEntry {

    private ClothEntry() {}

    /**
     * The cloth with what was typed; a repeat given one way is the same the other way, and given neither way it is the
     * usual.
     */
    public static Cloth used(Cloth standing, String prefix, Entries entries) {
        Optional<Length> across = entries.maybeLength(
                prefix + "-repeat-across",
                LengthRange.REPEAT,
                standing.ownRepeat().map(Repeat::across));
        Optional<Length> along = entries.maybeLength(
                prefix + "-repeat-along",
                LengthRange.REPEAT,
                standing.ownRepeat().map(Repeat::along));
        Optional<Repeat> repeat = across.or(() -> along).map(known -> new Repeat(known, along.orElse(known)));
        Shrinkage shrinkage = new Shrinkage(
                entries.tenths(
                        prefix + "-shrinks-across",
                        Shrinkage.MOST,
                        standing.shrinkage().across()),
                entries.tenths(
                        prefix + "-shrinks-along",
                        Shrinkage.MOST,
                        standing.shrinkage().along()));
        return standing.used(standing.sideways(), repeat, shrinkage);
    }

    /** The repeat that was given; nothing where it is the usual. */
    public static Optional<Length> repeat(Cloth cloth, String way) {
        return cloth.ownRepeat().map(repeat -> way.equals("across") ? repeat.across() : repeat.along());
    }

    /** Tenths of a percent as one types them; nothing for none. */
    public static String percent(int tenths) {
        return tenths == 0 ? "" : tenths / 10 + (tenths % 10 == 0 ? "" : "." + tenths % 10);
    }
}
