package app.dapt.cloth;

import java.util.EnumSet;
import java.util.Set;

/**
 * How a cloth behaves under the hand.
 *
 * @param traits what else is so of it
 * @param was    what it was before
 */
public record ClothCharacter(Heft heft, Fraying frays, Set<Trait> traits, Was was) {

    /** What is assumed as long as nothing was said. */
    public static final ClothCharacter NOT_SAID = new ClothCharacter(Heft.MEDIUM, Fraying.LITTLE, Set.of(), Was.NEW);

    /** How it hangs over a table's edge. */
    public enum Heft {
        /** Under 130 g/m²: a hand's width of it hangs. */
        LIGHT,
        /** A hand's width of it bends. */
        MEDIUM,
        /** Over 260 g/m²: a hand's width of it stands out. */
        HEAVY
    }

    /** What comes off a cut edge under a nail. */
    public enum Fraying {
        NO,
        LITTLE,
        BADLY
    }

    /** What a test with the hands shows. */
    public enum Trait {
        STRETCHES,
        SHEER,
        THICK,
        SLIPPERY,
        ALIKE,
        BLEEDS
    }

    /** What it was. */
    public enum Was {
        NEW,
        SECOND_HAND,
        QUILT,
        SHEET,
        TOWEL,
        DROP_CLOTH,
        NAPKIN
    }

    public ClothCharacter {
        traits = Set.copyOf(traits);
    }

    /** With what goes without saying of what it was: quilts and towels are thick, and a towel sheds its loops. */
    public ClothCharacter plain() {
        Set<Trait> all = EnumSet.noneOf(Trait.class);
        all.addAll(traits);
        if (was == Was.QUILT || was == Was.TOWEL) {
            all.add(Trait.THICK);
        }
        return new ClothCharacter(heft, was == Was.TOWEL ? Fraying.BADLY : frays, all, was);
    }

    public boolean has(Trait trait) {
        return traits.contains(trait);
    }
}
