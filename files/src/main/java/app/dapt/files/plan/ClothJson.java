package app.dapt.files.plan;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.ClothCharacter;
import app.dapt.cloth.ClothCharacter.Trait;
import app.dapt.cloth.Photo;
import app.dapt.cloth.Print;
import app.dapt.cloth.Repeat;
import app.dapt.cloth.Shrinkage;
import app.dapt.cover.decision.LengthRange;
import app.dapt.files.BadPlanFile;
import app.dapt.files.Cursor;
import app.dapt.files.ExactLength;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A cloth in a plan file. What a cloth usually has is left out. */
public final class ClothJson {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST_IDS = 1_000_000;
    private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");

    private ClothJson() {}

    /** A cloth by itself as text, which reads back the same; it belongs to no plan. */
    public static String text(Cloth cloth) {
        ObjectNode root = JSON.createObjectNode();
        write(root, cloth);
        return root.toString();
    }

    /** A cloth that belongs to no plan, as a part of something larger. */
    public static void write(ObjectNode at, Cloth cloth) {
        write(at, cloth, Unit.INCH);
        at.remove("id");
    }

    /** @throws BadPlanFile with the place, where the text is no cloth */
    public static Cloth of(String text) throws BadPlanFile {
        try {
            return read(Cursor.root(JSON.readTree(text)));
        } catch (JacksonException e) {
            throw new BadPlanFile("", "is not JSON");
        } catch (IllegalArgumentException e) {
            throw new BadPlanFile("", String.valueOf(e.getMessage()));
        }
    }

    /** A cloth as a part of something larger. */
    public static Cloth read(Cursor at) throws BadPlanFile {
        Cloth cloth = new Cloth(
                at.has("id") ? at.number("id", 1, MOST_IDS) : 0,
                at.text("name", Cloth.LONGEST_NAME),
                at.text("colour", COLOUR, "#31507e"),
                at.choice("print", Print.class),
                at.length("width", LengthRange.CLOTH_WIDTH),
                at.flag("nap"),
                at.number("price", 0, Cloth.DEAREST),
                at.has("sideways") && at.flag("sideways"),
                repeat(at),
                shrinkage(at),
                photo(at),
                at.has("synthetic") && at.flag("synthetic"),
                at.has("character") ? character(at.object("character")) : ClothCharacter.NOT_SAID);
        at.done();
        return cloth;
    }

    private static ClothCharacter character(Cursor at) throws BadPlanFile {
        Set<Trait> traits = EnumSet.noneOf(Trait.class);
        for (Trait trait : Trait.values()) {
            if (at.has(Phrase.code(trait)) && at.flag(Phrase.code(trait))) {
                traits.add(trait);
            }
        }
        ClothCharacter character = new ClothCharacter(
                at.choice("weight", ClothCharacter.Heft.class),
                at.choice("frays", ClothCharacter.Fraying.class),
                traits,
                at.choice("was", ClothCharacter.Was.class));
        at.done();
        return character;
    }

    private static void character(ObjectNode at, ClothCharacter character) {
        at.put("weight", Phrase.code(character.heft())).put("frays", Phrase.code(character.frays()));
        for (Trait trait : Trait.values()) {
            if (character.has(trait)) {
                at.put(Phrase.code(trait), true);
            }
        }
        at.put("was", Phrase.code(character.was()));
    }

    private static Optional<Repeat> repeat(Cursor at) throws BadPlanFile {
        return at.has("repeatAcross") || at.has("repeatAlong")
                ? Optional.of(new Repeat(
                        at.length("repeatAcross", LengthRange.REPEAT), at.length("repeatAlong", LengthRange.REPEAT)))
                : Optional.empty();
    }

    private static Shrinkage shrinkage(Cursor at) throws BadPlanFile {
        return new Shrinkage(
                at.has("shrinksAcross") ? at.number("shrinksAcross", 0, Shrinkage.MOST) : 0,
                at.has("shrinksAlong") ? at.number("shrinksAlong", 0, Shrinkage.MOST) : 0);
    }

    private static Optional<Photo> photo(Cursor at) throws BadPlanFile {
        if (!at.has("picture")) {
            return Optional.empty();
        }
        Cursor picture = at.object("picture");
        Photo photo = new Photo(
                picture.number("number", 1, Integer.MAX_VALUE),
                picture.length("wide", LengthRange.PICTURED),
                picture.length("high", LengthRange.PICTURED));
        picture.done();
        return Optional.of(photo);
    }

    /** Writes lengths in this unit where that is exact. */
    static void write(ObjectNode at, Cloth cloth, Unit unit) {
        at.put("id", cloth.id())
                .put("name", cloth.name())
                .put("colour", cloth.colour())
                .put("print", Phrase.code(cloth.print()))
                .put("width", ExactLength.write(cloth.width(), unit))
                .put("nap", cloth.nap())
                .put("price", cloth.price());
        if (cloth.sideways()) {
            at.put("sideways", true);
        }
        if (cloth.synthetic()) {
            at.put("synthetic", true);
        }
        if (!cloth.character().equals(ClothCharacter.NOT_SAID)) {
            character(at.putObject("character"), cloth.character());
        }
        cloth.ownRepeat().ifPresent(repeat -> at.put("repeatAcross", ExactLength.write(repeat.across(), unit))
                .put("repeatAlong", ExactLength.write(repeat.along(), unit)));
        if (!cloth.shrinkage().equals(Shrinkage.NONE)) {
            at.put("shrinksAcross", cloth.shrinkage().across())
                    .put("shrinksAlong", cloth.shrinkage().along());
        }
        cloth.photo().ifPresent(photo -> at.putObject("picture")
                .put("number", photo.number())
                .put("wide", ExactLength.write(photo.wide(), unit))
                .put("high", ExactLength.write(photo.high(), unit)));
    }
}
