package app.dapt.advice;

import app.dapt.step.Place;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What lies ready at each place before the work begins.
 *
 * @param byPlace things by their codes
 */
public record LaidOut(Map<Place, List<String>> byPlace) {

    private record Thing(Place place, String what, boolean needed) {}

    /** What this cover takes, as far as its drawer has it. */
    public static LaidOut of(Advice advice) {
        Map<Place, List<String>> all = new EnumMap<>(Place.class);
        things(advice).stream().filter(Thing::needed).forEach(thing -> all.computeIfAbsent(
                        thing.place(), place -> new ArrayList<>())
                .add(thing.what()));
        return new LaidOut(all);
    }

    private static List<Thing> things(Advice advice) {
        Facts facts = advice.facts();
        Drawer drawer = facts.drawer();
        boolean washes = advice.of(Choice.PREWASH)
                .filter(each -> each.value().equals("yes"))
                .isPresent();
        boolean hems = facts.has(Fact.HEMMED);
        boolean finishesInside = advice.of(Choice.FINISH)
                .filter(each -> each.done().equals("overlocked"))
                .isPresent();
        boolean clips = advice.of(Choice.HOLD)
                .filter(each -> each.done().equals("clips"))
                .isPresent();
        return List.of(
                new Thing(Place.WASH, "white-rag", washes),
                new Thing(Place.TABLE, "mat", drawer.has(Tool.MAT)),
                new Thing(Place.TABLE, "wheel", drawer.has(Tool.WHEEL)),
                new Thing(Place.TABLE, "shears", !drawer.has(Tool.WHEEL)),
                new Thing(Place.TABLE, "ruler", true),
                new Thing(Place.TABLE, "tape-measure", true),
                new Thing(Place.TABLE, "layout", true),
                new Thing(Place.TABLE, "window", facts.has(Fact.NOT_NEW)),
                new Thing(Place.TABLE, "marker", true),
                new Thing(Place.TABLE, clips ? "clips" : "pins", true),
                new Thing(Place.TABLE, "small-shears", facts.has(Fact.SHARP_CORNERS)),
                new Thing(Place.TABLE, "point", true),
                new Thing(Place.IRON, "board", drawer.has(Tool.IRON)),
                new Thing(Place.IRON, "pressing-cloth", drawer.has(Tool.IRON)),
                new Thing(Place.IRON, "gauge", hems),
                new Thing(Place.IRON, "interfacing", advice.of(Choice.INTERFACE).isPresent()),
                new Thing(Place.MACHINE, "needle", true),
                new Thing(Place.MACHINE, "full-bobbin", true),
                new Thing(Place.MACHINE, "unpicker", true),
                new Thing(Place.MACHINE, "scrap", true),
                new Thing(Place.MACHINE, "zip-foot", facts.has(Fact.ZIP) || facts.has(Fact.PIPING)),
                new Thing(Place.MACHINE, "zip", facts.has(Fact.ZIP)),
                new Thing(Place.MACHINE, "cord", facts.has(Fact.PIPING)),
                new Thing(Place.MACHINE, "wash-out-tape", facts.has(Fact.TRIM_BY_LENGTH)),
                new Thing(
                        Place.MACHINE,
                        "even-feed-foot",
                        advice.of(Choice.FOOT)
                                .filter(each -> each.instead().isEmpty())
                                .isPresent()),
                new Thing(Place.OVERLOCKER, "serger", finishesInside),
                new Thing(Place.HAND, "hand-needle", facts.has(Fact.SEWN_SHUT) || facts.has(Fact.MOCK_BUTTONS)),
                new Thing(Place.HAND, "strong-thread", facts.has(Fact.MOCK_BUTTONS)),
                new Thing(Place.FORM, "form", true),
                new Thing(Place.FORM, "chalk", true));
    }
}
