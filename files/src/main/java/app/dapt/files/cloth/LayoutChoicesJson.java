package app.dapt.files.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Scrap;
import app.dapt.cover.decision.LengthRange;
import app.dapt.files.BadPlanFile;
import app.dapt.files.Cursor;
import app.dapt.files.ExactLength;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.Window;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** How the pieces lie on one cloth, as JSON: what was decided, in lengths with their units. */
public final class LayoutChoicesJson {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST_KEYS = 1000;
    private static final int LONGEST_KEY = 120;

    private LayoutChoicesJson() {}

    public static String write(LayoutChoices choices, Unit unit) {
        return JSON.writeValueAsString(new Writer(unit).plan(choices));
    }

    /**
     * The decisions as they will be kept: written, read back and compared.
     *
     * @throws BadPlanFile with the place, where they would not read back the same
     */
    public static String kept(LayoutChoices choices, Unit unit) throws BadPlanFile {
        String text = write(choices, unit);
        if (!read(text).equals(choices)) {
            throw new BadPlanFile("", "would not read back the same");
        }
        return text;
    }

    /** @throws BadPlanFile with the place, where the text is no such decisions */
    public static LayoutChoices read(String text) throws BadPlanFile {
        try {
            Cursor root = Cursor.root(JSON.readTree(text));
            LayoutChoices choices = new LayoutChoices(
                    new LayoutChoices.Rules(
                            root.flag("edgeToEdge"),
                            root.flag("matched"),
                            root.flag("cutAtRepeat"),
                            !root.has("reserve") || root.flag("reserve")),
                    new LayoutChoices.Shown(
                            root.has("window") ? Optional.of(window(root.object("window"))) : Optional.empty(),
                            windows(root.object("windows"))),
                    new LayoutChoices.Copies(
                            pins(root.object("pins")), keys(root, "turned"), keys(root, "out"), keys(root, "joined")),
                    new LayoutChoices.AtHand(root.flag("onRemnants"), scraps(root)),
                    prices(root),
                    new LayoutChoices.Table(
                            root.length("tableWide", LengthRange.PIECE), root.length("tableDeep", LengthRange.PIECE)));
            root.done();
            return choices;
        } catch (JacksonException e) {
            throw new BadPlanFile("", "is not JSON (" + e.getOriginalMessage() + ")");
        } catch (IllegalArgumentException e) {
            throw new BadPlanFile("", String.valueOf(e.getMessage()));
        }
    }

    private static Set<String> keys(Cursor root, String name) throws BadPlanFile {
        return new HashSet<>(root.texts(name, MOST_KEYS, LONGEST_KEY));
    }

    private static Window window(Cursor at) throws BadPlanFile {
        Window window = new Window(at.length("across", LengthRange.AT_HAND), at.length("along", LengthRange.AT_HAND));
        at.done();
        return window;
    }

    private static Map<String, Window> windows(Cursor at) throws BadPlanFile {
        Map<String, Window> windows = new HashMap<>();
        for (String key : at.names()) {
            windows.put(key, window(at.object(key)));
        }
        return windows;
    }

    private static Map<String, LayoutChoices.Pin> pins(Cursor at) throws BadPlanFile {
        Map<String, LayoutChoices.Pin> pins = new HashMap<>();
        for (String key : at.names()) {
            Cursor pin = at.object(key);
            pins.put(
                    key,
                    new LayoutChoices.Pin(
                            pin.length("across", LengthRange.LAID),
                            pin.length("along", LengthRange.LAID),
                            pin.flag("turned"),
                            pin.flag("about"),
                            pin.number("remnant", 0, LayoutChoices.MOST_REMNANTS - 1)));
            pin.done();
        }
        return pins;
    }

    private static List<Scrap> scraps(Cursor root) throws BadPlanFile {
        List<Scrap> scraps = new ArrayList<>();
        for (Cursor at : root.objects("remnants", LayoutChoices.MOST_REMNANTS)) {
            scraps.add(ScrapJson.read(at));
        }
        return scraps;
    }

    private static Map<Length, Integer> prices(Cursor root) throws BadPlanFile {
        Map<Length, Integer> prices = new HashMap<>();
        for (Cursor price : root.objects("prices", MOST_KEYS)) {
            prices.put(price.length("width", LengthRange.CLOTH_WIDTH), price.number("price", 0, Cloth.DEAREST));
        }
        return prices;
    }

    /** Writes lengths in this unit where that is exact. */
    private record Writer(Unit unit) {

        private String length(Length length) {
            return ExactLength.write(length, unit);
        }

        JsonNode plan(LayoutChoices choices) {
            ObjectNode root = JSON.createObjectNode()
                    .put("edgeToEdge", choices.edgeToEdge())
                    .put("matched", choices.matched())
                    .put("cutAtRepeat", choices.cutAtRepeat())
                    .put("reserve", choices.reserve());
            choices.shown().all().ifPresent(window -> window(root.putObject("window"), window));
            ObjectNode windows = root.putObject("windows");
            choices.shown().own().forEach((key, window) -> window(windows.putObject(key), window));
            ObjectNode pins = root.putObject("pins");
            choices.pins().forEach((key, pin) -> pins.putObject(key)
                    .put("across", length(pin.across()))
                    .put("along", length(pin.along()))
                    .put("turned", pin.turned())
                    .put("about", pin.about())
                    .put("remnant", pin.remnant()));
            new TreeSet<>(choices.turned()).forEach(root.putArray("turned")::add);
            new TreeSet<>(choices.out()).forEach(root.putArray("out")::add);
            new TreeSet<>(choices.joined()).forEach(root.putArray("joined")::add);
            root.put("onRemnants", choices.onRemnants());
            ArrayNode remnants = root.putArray("remnants");
            choices.remnants().forEach(scrap -> ScrapJson.write(remnants.addObject(), scrap, unit));
            ArrayNode prices = root.putArray("prices");
            choices.prices()
                    .forEach((width, price) ->
                            prices.addObject().put("width", length(width)).put("price", price));
            return root.put("tableWide", length(choices.table().wide()))
                    .put("tableDeep", length(choices.table().deep()));
        }

        private void window(ObjectNode at, Window window) {
            at.put("across", length(window.across())).put("along", length(window.along()));
        }
    }
}
