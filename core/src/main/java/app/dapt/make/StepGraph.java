package app.dapt.make;

import app.dapt.step.Place;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Steps that hang together by what they need, and how far one can be with them. At a place all is done that can be done
 * there, and all that this makes possible there too, since doing more now never costs a trip later; so what is done
 * follows from the places visited. Each such state has a number, the first is that nothing is done.
 */
final class StepGraph {

    private static final int NOT_KNOWN = -2;

    /** Going there gets nothing done. */
    static final int USELESS = -1;

    private final List<Place> places;
    private final List<BitSet> needs;
    private final int[] changesAfter;
    private final List<BitSet> states = new ArrayList<>();
    private final Map<BitSet, Integer> numbers = new HashMap<>();
    private final List<Map<Place, Integer>> next = new ArrayList<>();
    private final List<Integer> bounds = new ArrayList<>();

    /**
     * A graph.
     *
     * @param places where each step is done
     * @param needs  what each step needs; only steps before it
     */
    StepGraph(List<Place> places, List<BitSet> needs) {
        this.places = List.copyOf(places);
        this.needs = List.copyOf(needs);
        this.changesAfter = changesAfter();
        number(new BitSet());
    }

    /** Whether two graphs ask for the same visits. */
    boolean isLike(StepGraph other) {
        return places.equals(other.places) && needs.equals(other.needs);
    }

    /** The most changes of place on any chain that begins with a step. */
    private int[] changesAfter() {
        int[] most = new int[places.size()];
        for (int later = places.size() - 1; later >= 0; later--) {
            BitSet earlier = needs.get(later);
            for (int step = earlier.nextSetBit(0); step >= 0; step = earlier.nextSetBit(step + 1)) {
                int change = places.get(step) == places.get(later) ? 0 : 1;
                most[step] = Math.max(most[step], most[later] + change);
            }
        }
        return most;
    }

    boolean isDone(int state) {
        return states.get(state).cardinality() == places.size();
    }

    /** How many steps are done. */
    int done(int state) {
        return states.get(state).cardinality();
    }

    /** Where a visit leads; {@link #USELESS} where nothing can be done there. */
    int after(int state, Place place) {
        Map<Place, Integer> known = next.get(state);
        Integer after = known.get(place);
        if (after == null) {
            after = visit(state, place);
            known.put(place, after);
        }
        return after;
    }

    private int visit(int state, Place place) {
        BitSet done = (BitSet) states.get(state).clone();
        for (int step = done.nextClearBit(0); step < places.size(); step = done.nextClearBit(step + 1)) {
            if (places.get(step) == place && isReady(step, done)) {
                done.set(step);
            }
        }
        return done.equals(states.get(state)) ? USELESS : number(done);
    }

    private boolean isReady(int step, BitSet done) {
        BitSet missing = (BitSet) needs.get(step).clone();
        missing.andNot(done);
        return missing.isEmpty();
    }

    private int number(BitSet done) {
        Integer known = numbers.get(done);
        if (known != null) {
            return known;
        }
        int number = states.size();
        numbers.put(done, number);
        states.add(done);
        next.add(new EnumMap<>(Place.class));
        bounds.add(NOT_KNOWN);
        return number;
    }

    /** Whether one state has all that another has done, and perhaps more. */
    boolean isAhead(int state, int of) {
        BitSet missing = (BitSet) states.get(of).clone();
        missing.andNot(states.get(state));
        return missing.isEmpty();
    }

    /** So many visits are needed at least from a state on: as a chain of steps that are left changes place. */
    int visitsLeft(int state) {
        if (bounds.get(state) == NOT_KNOWN) {
            BitSet done = states.get(state);
            int most = 0;
            for (int step = done.nextClearBit(0); step < places.size(); step = done.nextClearBit(step + 1)) {
                most = Math.max(most, changesAfter[step] + 1);
            }
            bounds.set(state, most);
        }
        return bounds.get(state);
    }

    int states() {
        return states.size();
    }
}
