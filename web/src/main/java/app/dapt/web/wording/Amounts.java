package app.dapt.web.wording;

import app.dapt.measure.Length;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Counted;
import app.dapt.shelf.Thing.Kind;
import app.dapt.words.Words;
import java.util.Optional;

/** Amounts and sizes of things, as shops say them. */
public final class Amounts {

    private Amounts() {}

    /** So much, as shops say it. */
    public static String said(long amount, Counted counted, Words w) {
        return switch (counted) {
            case LENGTH -> w.lengths().toBuy(new Length(Math.abs(amount)));
            case PIECES -> String.valueOf(Math.abs(amount));
            case GRAMS -> w.weight(Math.abs(amount));
        };
    }

    /** What something is like in a few words: how long, how wide. */
    public static String like(Thing thing, Words w) {
        return like(thing.kind(), thing.size(), thing.width(), w);
    }

    /** The same of what lies in a shop. */
    public static String like(Kind kind, Optional<Length> size, Optional<Length> width, Words w) {
        Optional<String> sized = size.map(kind == Kind.CORD ? w.lengths()::fineWithUnit : w.lengths()::withUnit);
        Optional<String> wide = width.map(w.lengths()::withUnit);
        return sized.isPresent() && wide.isPresent()
                ? w.lengths().size(size.get(), width.get())
                : sized.or(() -> wide.map(across -> w.say("shelf.wide", across)))
                        .orElse("");
    }
}
