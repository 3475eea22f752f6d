package app.dapt.layout;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cloth.Scrap;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What was decided of how the pieces lie on one cloth, and nothing that the search finds.
 *
 * @param prices by width, what the same cloth costs there, in hundredths for a yard or a metre
 */
public record LayoutChoices(
        Rules rules, Shown shown, Copies copies, AtHand atHand, Map<Length, Integer> prices, Table table) {

    public static final int MOST_REMNANTS = 12;

    /**
     * How it is cut.
     *
     * @param edgeToEdge  whether every cut runs from edge to edge of what it cuts
     * @param matched     whether every front shows the same point of the print in its middle
     * @param cutAtRepeat whether the shop cuts where a repeat begins
     * @param reserve     whether a little more is bought for what is done before it is cut: squared, and washed where
     *     nobody knows what that takes
     */
    public record Rules(boolean edgeToEdge, boolean matched, boolean cutAtRepeat, boolean reserve) {}

    /**
     * The point of the print that pieces show in their middle.
     *
     * @param all that of every matched front, where it is not the middle of the repeat
     * @param own by a piece's key, that of a piece that was slid on its own
     */
    public record Shown(Optional<Window> all, Map<String, Window> own) {

        public Shown {
            own = Map.copyOf(own);
        }
    }

    /**
     * What was done with single copies.
     *
     * @param pins   by the key of a copy, where it has to stay
     * @param turned keys of copies that lie a quarter turn round
     * @param out    keys of copies that are not cut from this cloth
     * @param joined keys of panels that are joined from two where a flap hides the join
     */
    public record Copies(Map<String, Pin> pins, Set<String> turned, Set<String> out, Set<String> joined) {

        static final Copies UNTOUCHED = new Copies(Map.of(), Set.of(), Set.of(), Set.of());

        public Copies {
            pins = Map.copyOf(pins);
            turned = Set.copyOf(turned);
            out = Set.copyOf(out);
            joined = Set.copyOf(joined);
        }

        private Copies withPins(Map<String, Pin> changed) {
            return new Copies(changed, turned, out, joined);
        }
    }

    /**
     * What is at hand.
     *
     * @param inUse    whether the pieces are laid on it rather than on cloth off the bolt
     * @param remnants at most {@link #MOST_REMNANTS}
     */
    public record AtHand(boolean inUse, List<Scrap> remnants) {

        /** @throws IllegalArgumentException where there are too many remnants */
        public AtHand {
            remnants = List.copyOf(remnants);
            if (remnants.size() > MOST_REMNANTS) {
                throw new IllegalArgumentException("more than " + MOST_REMNANTS + " remnants");
            }
        }
    }

    /** The table it is cut on. */
    public record Table(Length wide, Length deep) {}

    /**
     * Where a copy stays: its corner nearest the cut end and the left selvage.
     *
     * @param about   upside down before it is turned
     * @param remnant which remnant it stays on; nought on a cloth off the bolt
     */
    public record Pin(Length across, Length along, boolean turned, boolean about, int remnant) {}

    public LayoutChoices {
        prices = Map.copyOf(prices);
    }

    /** Nothing decided yet, but for a large motif to be matched. */
    public static LayoutChoices usual(Cloth cloth, Unit unit) {
        return new LayoutChoices(
                new Rules(false, cloth.print() == Print.SAIL, false, true),
                new Shown(Optional.empty(), Map.of()),
                Copies.UNTOUCHED,
                new AtHand(false, List.of()),
                Map.of(),
                new Table(unit.pick(Length.cm(150), Length.inches(60)), unit.pick(Length.cm(90), Length.inches(36))));
    }

    public boolean edgeToEdge() {
        return rules.edgeToEdge();
    }

    public boolean matched() {
        return rules.matched();
    }

    public boolean cutAtRepeat() {
        return rules.cutAtRepeat();
    }

    public boolean reserve() {
        return rules.reserve();
    }

    public Map<String, Pin> pins() {
        return copies.pins();
    }

    public Set<String> turned() {
        return copies.turned();
    }

    public Set<String> out() {
        return copies.out();
    }

    public Set<String> joined() {
        return copies.joined();
    }

    public boolean onRemnants() {
        return atHand.inUse();
    }

    public List<Scrap> remnants() {
        return atHand.remnants();
    }

    public LayoutChoices cutting(boolean onlyEdgeToEdge, boolean matching, boolean shopCutsAtRepeat) {
        return with(new Rules(onlyEdgeToEdge, matching, shopCutsAtRepeat, reserve()));
    }

    /** With a little more for squaring and washing, or without. */
    public LayoutChoices reserving(boolean more) {
        return with(new Rules(edgeToEdge(), matched(), cutAtRepeat(), more));
    }

    private LayoutChoices with(Rules changed) {
        return new LayoutChoices(changed, shown, copies, atHand, prices, table);
    }

    public LayoutChoices onTable(Length wide, Length deep) {
        return new LayoutChoices(rules, shown, copies, atHand, prices, new Table(wide, deep));
    }

    private LayoutChoices showing(Shown changed) {
        return new LayoutChoices(rules, changed, copies, atHand, prices, table);
    }

    /** All matched fronts show this point. */
    public LayoutChoices showing(Window all) {
        return showing(new Shown(Optional.of(all), shown.own()));
    }

    /** One piece shows this point, or is laid wherever it goes again. */
    public LayoutChoices showing(String key, Optional<Window> own) {
        return showing(new Shown(shown.all(), changed(shown.own(), key, own)));
    }

    private LayoutChoices with(Copies changed) {
        return new LayoutChoices(rules, shown, changed, atHand, prices, table);
    }

    public LayoutChoices pinned(String copy, Optional<Pin> pin) {
        return with(copies.withPins(changed(pins(), copy, pin)));
    }

    /** A copy a quarter turn round, or not; it is no longer pinned. */
    public LayoutChoices turning(String copy, boolean round) {
        return with(new Copies(unpinned(copy), changed(turned(), copy, round), out(), joined()));
    }

    /** A copy taken out, or put back; it is no longer pinned. */
    public LayoutChoices without(String copy, boolean takenOut) {
        return with(new Copies(unpinned(copy), turned(), changed(out(), copy, takenOut), joined()));
    }

    private Map<String, Pin> unpinned(String copy) {
        return changed(pins(), copy, Optional.empty());
    }

    /** A panel joined from two under the flap, or whole. */
    public LayoutChoices joining(String key, boolean fromTwo) {
        return with(new Copies(pins(), turned(), out(), changed(joined(), key, fromTwo)));
    }

    /** Laid on these remnants, or on the bolt with these kept at hand. */
    public LayoutChoices at(boolean hand, List<Scrap> what) {
        Map<String, Pin> kept = hand == onRemnants() ? pinsOn(what) : Map.of();
        return new LayoutChoices(rules, shown, copies.withPins(kept), new AtHand(hand, what), prices, table);
    }

    /** A remnant's pins move with it in the list of what is at hand, and go when it goes. */
    private Map<String, Pin> pinsOn(List<Scrap> what) {
        if (!onRemnants()) {
            return pins();
        }
        Map<String, Pin> kept = new TreeMap<>();
        pins().forEach((copy, pin) -> {
            int there =
                    pin.remnant() < remnants().size() ? what.indexOf(remnants().get(pin.remnant())) : -1;
            boolean isEdited = there < 0 && what.size() == remnants().size();
            if (there >= 0 || isEdited) {
                kept.put(
                        copy,
                        new Pin(
                                pin.across(),
                                pin.along(),
                                pin.turned(),
                                pin.about(),
                                isEdited ? pin.remnant() : there));
            }
        });
        return kept;
    }

    public LayoutChoices priced(Length width, Optional<Integer> price) {
        return new LayoutChoices(rules, shown, copies, atHand, changed(prices, width, price), table);
    }

    /** The same decisions on a cloth of another width, where nothing can stay pinned. */
    public LayoutChoices unpinned() {
        return new LayoutChoices(rules, shown, copies.withPins(Map.of()), new AtHand(false, remnants()), prices, table);
    }

    private static <K extends Comparable<K>, V> Map<K, V> changed(Map<K, V> map, K key, Optional<V> value) {
        Map<K, V> changed = new TreeMap<>(map);
        value.ifPresentOrElse(v -> changed.put(key, v), () -> changed.remove(key));
        return changed;
    }

    private static Set<String> changed(Set<String> set, String key, boolean in) {
        Set<String> changed = new TreeSet<>(set);
        if (in) {
            changed.add(key);
        } else {
            changed.remove(key);
        }
        return changed;
    }
}
