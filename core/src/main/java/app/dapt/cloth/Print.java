package app.dapt.cloth;

import app.dapt.cloth.Motif.Ink;
import app.dapt.cloth.Motif.Outline;
import app.dapt.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The prints that Dapt draws itself. */
public enum Print {
    PLAIN(true, false, Length.ZERO),
    STRIPE(false, false, Length.inches(2, 1, 2)),
    CHECK(true, false, Length.inches(2)),
    /** A small motif with an up. */
    SPRIG(false, true, Length.inches(2, 1, 4)),
    /** A large motif with an up. */
    SAIL(false, true, Length.inches(8));

    private static final double CHECKED = .45;

    private final boolean turns;
    private final boolean hasUp;
    private final Length repeat;

    Print(boolean turns, boolean hasUp, Length repeat) {
        this.turns = turns;
        this.hasUp = hasUp;
        this.repeat = repeat;
    }

    /** How far apart it usually comes again, both ways; nothing where there is nothing to come again. */
    public Optional<Repeat> usualRepeat() {
        return Optional.of(repeat).filter(Length::isPositive).map(each -> new Repeat(each, each));
    }

    /** Whether a piece may be cut a quarter turn round without anybody seeing it. */
    public boolean turns() {
        return turns;
    }

    /** Whether it has a top that must stay at the top. */
    public boolean hasUp() {
        return hasUp;
    }

    /** What is printed within one repeat, in the order in which it lies on the ground. */
    public List<Motif> motifs() {
        return switch (this) {
            case PLAIN -> List.of();
            case STRIPE -> List.of(Motif.box(.62, 0, .82, 1, Ink.ACCENT, 1), Motif.box(.9, 0, .935, 1, Ink.YELLOW, 1));
            case CHECK ->
                List.of(Motif.box(.5, 0, 1, 1, Ink.ACCENT, CHECKED), Motif.box(0, .5, 1, 1, Ink.ACCENT, CHECKED));
            case SPRIG ->
                Stream.of(sprig(0, 0), sprig(12, 12), sprig(-12, 12))
                        .flatMap(List::stream)
                        .toList();
            case SAIL -> sail();
        };
    }

    /** A leafy stalk, growing upwards. */
    private static List<Motif> sprig(double right, double down) {
        return Stream.of(
                        new Outline(24, right, down)
                                .to(11.6, 11)
                                .to(11.6, 5)
                                .to(12.4, 5)
                                .to(12.4, 11),
                        new Outline(24, right, down)
                                .to(12, 6.5)
                                .curved(9, 6.5, 8.5, 4, 8.5, 3)
                                .curved(11, 3, 12, 4.5, 12, 6.5),
                        new Outline(24, right, down)
                                .to(12, 5)
                                .curved(12, 3, 13, 1.5, 15.5, 1.5)
                                .curved(15.5, 4, 14, 5, 12, 5),
                        new Outline(24, right, down)
                                .to(12, 9.5)
                                .curved(9.5, 9.5, 9, 8, 9, 7)
                                .curved(11, 7, 12, 8, 12, 9.5))
                .map(leaf -> leaf.filled(Ink.ACCENT, 1))
                .toList();
    }

    /** A lugger under sail, afloat. */
    private static List<Motif> sail() {
        Outline fore = new Outline(64, 0, 0).to(30, 10).to(30, 40).to(12, 40).bent(26, 28, 30, 10);
        Outline main = new Outline(64, 0, 0).to(34, 6).to(52, 40).to(34, 40).to(34, 6);
        Outline pennant = new Outline(64, 0, 0).to(34, 6).to(34, 1).to(42, 3.5);
        Outline hull = new Outline(64, 0, 0)
                .to(8, 44)
                .to(56, 44)
                .bent(52, 54, 44, 54)
                .to(20, 54)
                .bent(11, 53, 8, 44);
        Outline waves = new Outline(64, 0, 0).to(2, 58);
        for (int wave = 0; wave < 6; wave++) {
            double hollow = wave % 2 == 0 ? 55 : 61;
            waves.bent(7 + 10 * wave, hollow, 12 + 10 * wave, 58);
        }
        return List.of(
                fore.filled(Ink.CHALK, .95),
                main.filled(Ink.CHALK, .95),
                fore.drawn(Ink.ACCENT, 1),
                main.drawn(Ink.ACCENT, 1),
                pennant.filled(Ink.YELLOW, 1),
                hull.filled(Ink.ACCENT, 1),
                waves.drawn(Ink.ACCENT, 1.5));
    }
}
