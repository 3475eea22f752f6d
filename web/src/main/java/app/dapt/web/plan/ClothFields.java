package app.dapt.web.plan;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.ClothCharacter.Fraying;
import app.dapt.cloth.ClothCharacter.Trait;
import app.dapt.cloth.Print;
import app.dapt.cover.decision.Cloths;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.log.Learnt;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece.Material;
import app.dapt.web.entry.ClothEntry;
import app.dapt.web.entry.Entries;
import app.dapt.web.workroom.KnownCloth;
import app.dapt.words.Money;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * One fabric of a cover as fields of a slip.
 *
 * @param used   the cloths on the shelf and of all covers
 * @param learnt what the log tells
 * @param prefix what its fields begin with: what the fabric is for
 */
public record ClothFields(
        String prefix, Cloths cloths, List<KnownCloth> used, Supplier<Learnt> learnt, Words w, Entries entries) {

    /** A colour to choose. */
    public record Dye(String code, String colour, String name) {}

    private static final String[][] DYES = {
        {"indigo", "#31507e"},
        {"night", "#1e2f4d"},
        {"slate", "#66788a"},
        {"verdigris", "#2f7f74"},
        {"bracken", "#7d9c93"},
        {"moss", "#7a8450"},
        {"weld", "#e2b93b"},
        {"rust", "#b5622f"},
        {"madder", "#b23a48"},
        {"plum", "#6d3b5e"},
        {"oat", "#d9cfb8"},
        {"chalk", "#f4f5f1"}
    };

    private Material material() {
        return Stream.of(Material.values())
                .filter(each -> Phrase.code(each).equals(prefix))
                .findFirst()
                .orElseThrow();
    }

    public Cloth cloth() {
        return cloths.of(material());
    }

    /** Whose cloth a place may be cut from: its own, or another's; nothing to choose for the front. */
    public List<Field.Option> cutFrom() {
        Material own = material();
        if (own == Material.FRONT) {
            return List.of();
        }
        Optional<Material> shared = SlipChanges.sharedWith(cloths, own);
        List<Field.Option> options =
                new ArrayList<>(List.of(new Field.Option("own", w.say("slip.cloth.of.own"), shared.isEmpty())));
        Stream.of(Material.FRONT, Material.BACK)
                .filter(each -> each != own)
                .forEach(each -> options.add(new Field.Option(
                        Phrase.code(each),
                        w.say(
                                "slip.cloth.of." + Phrase.code(each),
                                cloths.of(each).name()),
                        shared.filter(each::equals).isPresent())));
        return options;
    }

    /** Cloths used before that may be picked instead, each as it reads back. */
    public List<ClothEntry.Pick> picks() {
        return ClothEntry.picks(used, cloth(), w);
    }

    /** One that goes by the same name and is not the same. */
    public Optional<ClothEntry.Pick> namesake() {
        List<KnownCloth> alike = used.stream()
                .filter(each -> each.cloth().name().equalsIgnoreCase(cloth().name()))
                .toList();
        return ClothEntry.picks(alike, cloth(), w).stream().findFirst();
    }

    public boolean isOwn() {
        return SlipChanges.sharedWith(cloths, material()).isEmpty();
    }

    public String price() {
        return cloth().price() == 0 ? "" : Money.plain(cloth().price());
    }

    public Optional<Length> repeat(String way) {
        return ClothEntry.repeat(cloth(), way);
    }

    public String percent(int tenths) {
        return ClothEntry.percent(tenths);
    }

    /** What else may be so of a fabric. */
    public Trait[] traits() {
        return Trait.values();
    }

    /** Whether the log has one of its name that frayed, which nobody has said of this one. */
    public boolean hasFrayed() {
        return cloth().character().frays() != Fraying.BADLY && learnt.get().hasFrayed(cloth().name());
    }

    public Print[] prints() {
        return Print.values();
    }

    /** A cloth in another print, as a patch. */
    public String swatch(Print print) {
        return SvgDrawing.patch(
                cloth().withPrint(print).withPhoto(Optional.empty()),
                "w-" + Phrase.code(print) + cloth().colour().substring(1));
    }

    /** The grounds to choose from, and the present one where it is not among them. */
    public List<Dye> dyes() {
        List<Dye> dyes = new ArrayList<>();
        for (String[] dye : DYES) {
            dyes.add(new Dye(dye[0], dye[1], w.say("colour." + dye[0])));
        }
        if (dyes.stream().noneMatch(dye -> dye.colour().equals(cloth().colour()))) {
            dyes.add(new Dye("own", cloth().colour(), cloth().colour()));
        }
        return dyes;
    }

    /** Whether a field that folds under a link was refused, so that it has to be seen. */
    public boolean isRefused() {
        return Stream.of("name", "width", "price", "repeat-across", "repeat-along", "shrinks-across", "shrinks-along")
                .anyMatch(field -> entries.refusal(prefix + "-" + field).isPresent());
    }
}
