package app.dapt.web.entry;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.ClothCharacter;
import app.dapt.cloth.ClothCharacter.Trait;
import app.dapt.cloth.Repeat;
import app.dapt.cloth.Shrinkage;
import app.dapt.cover.decision.LengthRange;
import app.dapt.files.BadPlanFile;
import app.dapt.files.plan.ClothJson;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.web.workroom.KnownCloth;
import app.dapt.words.Words;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

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

    /** How it behaves, as it was said. */
    public static ClothCharacter character(ClothCharacter standing, String prefix, Entries entries) {
        Set<Trait> traits = EnumSet.noneOf(Trait.class);
        for (Trait trait : Trait.values()) {
            if (entries.ticked(prefix + "-" + Phrase.code(trait), standing.has(trait))) {
                traits.add(trait);
            }
        }
        return new ClothCharacter(
                entries.choice(prefix + "-weight", ClothCharacter.Heft.class, standing.heft()),
                entries.choice(prefix + "-frays", ClothCharacter.Fraying.class, standing.frays()),
                traits,
                entries.choice(prefix + "-was", ClothCharacter.Was.class, standing.was()));
    }

    /**
     * A cloth used before, to be picked.
     *
     * @param code the cloth as it reads back
     */
    public record Pick(String code, String words) {}

    /** Those that may be picked instead of one. */
    public static List<Pick> picks(List<KnownCloth> known, Cloth standing, Words words) {
        return known.stream()
                .filter(each -> !each.cloth().equals(standing.withId(0)))
                .map(each -> new Pick(ClothJson.text(each.cloth()), said(each, words)))
                .toList();
    }

    private static String said(KnownCloth known, Words words) {
        Cloth cloth = known.cloth();
        return known.there() == 0
                ? words.say("slip.cloth.pick-one", cloth.name(), cloth.width())
                : words.say(
                        "slip.cloth.pick-there",
                        cloth.name(),
                        cloth.width(),
                        words.lengths().toBuy(new Length(known.there())));
    }

    /** The one that was picked; nothing where none was, or nonsense was sent. */
    public static Optional<Cloth> picked(String name, Entries entries) {
        String text = entries.raw(name).orElse("");
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(ClothJson.of(text));
        } catch (BadPlanFile nonsense) {
            entries.refuse(name, "entry.no-cloth");
            return Optional.empty();
        }
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
