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
 * @param edgeToEdge whether every cut runs from edge to edge of what it cuts
 * @param matched    whether every front shows the same point of the print in its middle
 * @param cutAtRepeat whether the shop cuts where a repeat begins
 * @param window     that point, where it is not the middle of the repeat
 * @param windows    by a piece's key, the point a piece shows that was slid on its own
 * @param pins       by the key of a copy, where it has to stay
 * @param turned     keys of copies that lie a quarter turn round
 * @param out        keys of copies that are not cut from this cloth
 * @param joined     keys of panels that are joined from two where a flap hides the join
 * @param onRemnants whether it is laid on what is at hand rather than off the bolt
 * @param remnants   what is at hand
 * @param prices     by width, what the same cloth costs there, in hundredths for a yard or a metre
 * @param tableWide  of the table it is cut on
 * @param tableDeep  its other side
 */
public record LayoutChoices(
        boolean edgeToEdge,
        boolean matched,
        boolean cutAtRepeat,
        Optional<Window> window,
        Map<String, Window> windows,
        Map<String, Pin> pins,
        Set<String> turned,
        Set<String> out,
        Set<String> joined,
        boolean onRemnants,
        List<Scrap> remnants,
        Map<Length, Integer> prices,
        Length tableWide,
        Length tableDeep) {

    public static final int MOST_REMNANTS = 12;

    /**
     * Where a copy stays: its corner nearest the cut end and the left selvage.
     *
     * @param about   upside down before it is turned
     * @param remnant which remnant it stays on; nought on a cloth off the bolt
     */
    public record Pin(Length across, Length along, boolean turned, boolean about, int remnant) {}

    public LayoutChoices {
        windows = Map.copyOf(windows);
        pins = Map.copyOf(pins);
        turned = Set.copyOf(turned);
        out = Set.copyOf(out);
        joined = Set.copyOf(joined);
        remnants = List.copyOf(remnants);
        prices = Map.copyOf(prices);
        if (remnants.size() > MOST_REMNANTS) {
            throw new IllegalArgumentException("more than " + MOST_REMNANTS + " remnants");
        }
    }

    /** Nothing decided yet, but for a large motif to be matched. */
    public static LayoutChoices usual(Cloth cloth, Unit unit) {
        return new LayoutChoices(
                false,
                cloth.print() == Print.SAIL,
                false,
                Optional.empty(),
                Map.of(),
                Map.of(),
                Set.of(),
                Set.of(),
                Set.of(),
                false,
                List.of(),
                Map.of(),
                unit.pick(Length.cm(150), Length.inches(60)),
                unit.pick(Length.cm(90), Length.inches(36)));
    }

    public LayoutChoices cutting(boolean onlyEdgeToEdge, boolean matching, boolean shopCutsAtRepeat) {
        return new LayoutChoices(
                onlyEdgeToEdge,
                matching,
                shopCutsAtRepeat,
                window,
                windows,
                pins,
                turned,
                out,
                joined,
                onRemnants,
                remnants,
                prices,
                tableWide,
                tableDeep);
    }

    public LayoutChoices onTable(Length wide, Length deep) {
        return new LayoutChoices(
                edgeToEdge,
                matched,
                cutAtRepeat,
                window,
                windows,
                pins,
                turned,
                out,
                joined,
                onRemnants,
                remnants,
                prices,
                wide,
                deep);
    }

    /** All matched fronts show this point. */
    public LayoutChoices showing(Window all) {
        return new LayoutChoices(
                edgeToEdge,
                matched,
                cutAtRepeat,
                Optional.of(all),
                windows,
                pins,
                turned,
                out,
                joined,
                onRemnants,
                remnants,
                prices,
                tableWide,
                tableDeep);
    }

    /** One piece shows this point, or is laid wherever it goes again. */
    public LayoutChoices showing(String key, Optional<Window> own) {
        return new LayoutChoices(
                edgeToEdge,
                matched,
                cutAtRepeat,
                window,
                changed(windows, key, own),
                pins,
                turned,
                out,
                joined,
                onRemnants,
                remnants,
                prices,
                tableWide,
                tableDeep);
    }

    public LayoutChoices pinned(String copy, Optional<Pin> pin) {
        return new LayoutChoices(
                edgeToEdge,
                matched,
                cutAtRepeat,
                window,
                windows,
                changed(pins, copy, pin),
                turned,
                out,
                joined,
                onRemnants,
                remnants,
                prices,
                tableWide,
                tableDeep);
    }

    /** A copy a quarter turn round, or not; it is no longer pinned. */
    public LayoutChoices turning(String copy, boolean round) {
        return new LayoutChoices(
                edgeToEdge,
                matched,
                cutAtRepeat,
                window,
                windows,
                changed(pins, copy, Optional.empty()),
                changed(turned, copy, round),
                out,
                joined,
                onRemnants,
                remnants,
                prices,
                tableWide,
                tableDeep);
    }

    /** A copy taken out, or put back. */
    public LayoutChoices without(String copy, boolean takenOut) {
        return new LayoutChoices(
                edgeToEdge,
                matched,
                cutAtRepeat,
                window,
                windows,
                changed(pins, copy, Optional.empty()),
                turned,
                changed(out, copy, takenOut),
                joined,
                onRemnants,
                remnants,
                prices,
                tableWide,
                tableDeep);
    }

    /** A panel joined from two under the flap, or whole. */
    public LayoutChoices joining(String key, boolean fromTwo) {
        return new LayoutChoices(
                edgeToEdge,
                matched,
                cutAtRepeat,
                window,
                windows,
                pins,
                turned,
                out,
                changed(joined, key, fromTwo),
                onRemnants,
                remnants,
                prices,
                tableWide,
                tableDeep);
    }

    /** Laid on these remnants, or on the bolt with these kept at hand. */
    public LayoutChoices at(boolean hand, List<Scrap> what) {
        return new LayoutChoices(
                edgeToEdge,
                matched,
                cutAtRepeat,
                window,
                windows,
                hand == onRemnants ? pinsOn(what) : Map.of(),
                turned,
                out,
                joined,
                hand,
                what,
                prices,
                tableWide,
                tableDeep);
    }

    /** A remnant's pins move with it in the list of what is at hand, and go when it goes. */
    private Map<String, Pin> pinsOn(List<Scrap> what) {
        if (!onRemnants) {
            return pins;
        }
        Map<String, Pin> kept = new TreeMap<>();
        pins.forEach((copy, pin) -> {
            int there = pin.remnant() < remnants.size() ? what.indexOf(remnants.get(pin.remnant())) : -1;
            boolean isEdited = there < 0 && what.size() == remnants.size();
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
        return new LayoutChoices(
                edgeToEdge,
                matched,
                cutAtRepeat,
                window,
                windows,
                pins,
                turned,
                out,
                joined,
                onRemnants,
                remnants,
                changed(prices, width, price),
                tableWide,
                tableDeep);
    }

    /** The same decisions on a cloth of another width, where nothing can stay pinned. */
    public LayoutChoices unpinned() {
        return new LayoutChoices(
                edgeToEdge,
                matched,
                cutAtRepeat,
                window,
                windows,
                Map.of(),
                turned,
                out,
                joined,
                false,
                remnants,
                prices,
                tableWide,
                tableDeep);
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
