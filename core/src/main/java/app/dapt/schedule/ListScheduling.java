package app.dapt.schedule;

import app.dapt.schedule.Clumps.Clump;
import app.dapt.schedule.FreeTime.Window;
import app.dapt.step.Place;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Fills the times there are, one after the other, with what is ready, by a rule (list scheduling, Graham, 1966). As
 * long as there is something to do at the place where one is one stays; then one goes where it is set up already.
 */
final class ListScheduling {

    /**
     * What goes before what.
     *
     * @param sequence all clumps, most pressing first
     * @param ahead    of so many covers something is done at a time
     * @param least    a place is set up for no less than so many minutes of the time that is left
     * @param stays    whether one stays at a place as long as there is something to do
     */
    record Rule(int[] sequence, int ahead, double least, boolean stays) {}

    /**
     * What came of it.
     *
     * @param sittings the clumps that each window holds, in order
     * @param finished the window in which each cover is done; {@link #NEVER} where it is not, {@link #BEFORE} where
     *                 nothing of it was left to do
     * @param trips    how often one comes to a place
     */
    record Filled(List<List<Integer>> sittings, int[] finished, int trips) {}

    private static final int HERE = 0;
    private static final int SET_UP = 1;
    private static final int ELSEWHERE = 2;

    static final int NEVER = Integer.MAX_VALUE;
    static final int BEFORE = -1;

    /** What hangs on the line is dry after a night. */
    private static final int DRYING_HOURS = 12;

    private static final double ROUNDING = 1e-9;
    private static final List<Place> PLACES = List.of(Place.values());

    /** Minutes to set up and clear, by a bit for each place. */
    private static final int[] SETTING_UP = IntStream.range(0, 1 << PLACES.size())
            .map(ListScheduling::settingUp)
            .toArray();

    private final Clumps clumps;
    private final int[] places;
    private final List<Window> windows;
    private final int covers;
    private final int[] dry;
    private final BitSet fitting = new BitSet();

    ListScheduling(Clumps clumps, List<Window> windows, int covers) {
        this.clumps = clumps;
        this.windows = windows;
        this.covers = covers;
        this.places = clumps.all().stream()
                .mapToInt(clump ->
                        clump.places().stream().mapToInt(ListScheduling::bit).sum())
                .toArray();
        this.dry = new int[windows.size()];
        int longest = windows.stream().mapToInt(Window::minutes).max().orElse(0);
        for (int at = 0, after = 0; at < windows.size(); at++) {
            while (after < windows.size() && !isDry(windows.get(at), windows.get(after))) {
                after++;
            }
            dry[at] = after;
        }
        for (int at = 0; at < clumps.all().size(); at++) {
            fitting.set(at, clumps.all().get(at).minutes() + SETTING_UP[places[at]] <= longest + ROUNDING);
        }
    }

    private static boolean isDry(Window washed, Window later) {
        return later.day().isAfter(washed.day())
                && !later.start().isBefore(washed.end().plusHours(DRYING_HOURS));
    }

    private static int bit(Place place) {
        return 1 << PLACES.indexOf(place);
    }

    /** Minutes to set up and clear some places. */
    private static int settingUp(int places) {
        int minutes = 0;
        for (int at = 0; at < PLACES.size(); at++) {
            minutes += (places >> at & 1) * PLACES.get(at).settingUp();
        }
        return minutes;
    }

    Filled fill(Rule rule) {
        return new Filling(rule).all();
    }

    /** What fits into no time there is, with all that needs it. */
    List<Integer> left() {
        BitSet left = new BitSet();
        left.set(0, clumps.all().size());
        fill(new Rule(IntStream.range(0, clumps.all().size()).toArray(), covers, 0, true))
                .sittings()
                .forEach(sitting -> sitting.forEach(left::clear));
        return left.stream().boxed().toList();
    }

    /** One filling of all windows. */
    private final class Filling {

        private final Rule rule;
        private final int[] needs;
        private final int[] from;
        private final int[] position;
        /** By position in the sequence. */
        private final BitSet ready = new BitSet();

        private final BitSet looked = new BitSet();
        private final int[] left = new int[covers];
        private final int[] finished = new int[covers];
        private final List<List<Integer>> sittings = new ArrayList<>();
        private int trips;

        Filling(Rule rule) {
            this.rule = rule;
            this.needs = clumps.all().stream().mapToInt(Clump::needs).toArray();
            this.from = new int[needs.length];
            this.position = new int[needs.length];
            Arrays.fill(finished, BEFORE);
            for (int at = 0; at < needs.length; at++) {
                position[rule.sequence()[at]] = at;
            }
            for (int each = 0; each < needs.length; each++) {
                left[clumps.all().get(each).cover()]++;
                finished[clumps.all().get(each).cover()] = NEVER;
                ready.set(position[each], needs[each] == 0 && fitting.get(each));
            }
        }

        Filled all() {
            for (int window = 0; window < windows.size() && !ready.isEmpty(); window++) {
                sittings.add(sitting(window));
            }
            return new Filled(sittings, finished, trips);
        }

        private List<Integer> sitting(int window) {
            List<Integer> done = new ArrayList<>();
            int open = 0;
            double free = windows.get(window).minutes();
            Place at = Place.WASH;
            int next = next(window, at, open, free);
            while (next >= 0) {
                Clump clump = clumps.all().get(next);
                free -= clump.minutes() + SETTING_UP[places[next] & ~open];
                open |= places[next];
                trips += arrivals(clump, done.isEmpty(), at);
                at = clump.work().get(clump.work().size() - 1).job().step().place();
                done.add(next);
                tick(next, window);
                next = next(window, at, open, free);
            }
            return done;
        }

        private int arrivals(Clump clump, boolean isFirst, Place from) {
            int arrivals = 0;
            Place at = from;
            boolean comes = isFirst;
            for (Schedule.Timed timed : clump.work()) {
                Place place = timed.job().step().place();
                arrivals += comes || place != at ? 1 : 0;
                comes = false;
                at = place;
            }
            return arrivals;
        }

        private void tick(int number, int window) {
            Clump clump = clumps.all().get(number);
            ready.clear(position[number]);
            if (--left[clump.cover()] == 0) {
                finished[clump.cover()] = window;
            }
            for (int later : clumps.next().get(number)) {
                if (clump.dries()) {
                    from[later] = Math.max(from[later], dry[window]);
                }
                if (--needs[later] == 0 && fitting.get(later)) {
                    ready.set(position[later]);
                }
            }
        }

        /** The one to do next; less than nought where none fits into the time that is left. */
        private int next(int window, Place here, int open, double free) {
            int best = -1;
            int bestRank = ELSEWHERE + 1;
            looked.clear();
            for (int at = ready.nextSetBit(0); at >= 0 && bestRank > HERE; at = ready.nextSetBit(at + 1)) {
                int each = rule.sequence()[at];
                Clump clump = clumps.all().get(each);
                int rank = rank(each, here, open, free);
                if (from[each] <= window && rank <= ELSEWHERE) {
                    looked.set(clump.cover());
                    if (looked.cardinality() > rule.ahead()) {
                        break;
                    }
                    if (rank < bestRank) {
                        best = each;
                        bestRank = rule.stays() ? rank : HERE;
                    }
                }
            }
            return best;
        }

        /** How near it is: here, where it is set up already, elsewhere; more where there is no time for it. */
        private int rank(int number, Place here, int open, double free) {
            Clump clump = clumps.all().get(number);
            int extra = SETTING_UP[places[number] & ~open];
            boolean worth = extra == 0 || open == 0 || free - extra >= rule.least();
            if (!worth || clump.minutes() + extra > free + ROUNDING) {
                return ELSEWHERE + 1;
            }
            return extra > 0 ? ELSEWHERE : clump.begins() == here ? HERE : SET_UP;
        }
    }
}
