package app.dapt.learning;

import app.dapt.measure.Length;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * Overlaps that held and overlaps that gaped, with nothing but the overlap to keep them shut.
 *
 * @param seen the covers, the least overlap against what was asked for first
 */
public record Overlaps(List<Seen> seen) {

    /**
     * One cover.
     *
     * @param overlap what it had
     * @param wanted  what its size and fullness asked for
     * @param gape    by how much it gaped; nought where it held
     */
    public record Seen(Length overlap, Length wanted, Length gape) {

        /** The share of what is asked for that it had: one where it had all. */
        public double share() {
            return overlap.over(wanted);
        }

        public boolean held() {
            return gape.isZero();
        }

        /** How much of what is asked for it would have needed; of one that held no more than it had. */
        public double needed() {
            return overlap.plus(gape).over(wanted);
        }
    }

    public Overlaps {
        seen = List.copyOf(seen);
    }

    public static Overlaps of(Collection<Seen> seen) {
        return new Overlaps(seen.stream()
                .filter(each -> each.wanted().isPositive())
                .sorted((a, b) -> Double.compare(a.share(), b.share()))
                .toList());
    }

    public long held() {
        return seen.stream().filter(Seen::held).count();
    }

    public long gaped() {
        return seen.size() - held();
    }

    /** What would have been enough for all of them, as a share of what is asked for; nothing where none gaped. */
    public Optional<Double> needed() {
        return seen.stream().filter(each -> !each.held()).map(Seen::needed).max(Double::compare);
    }
}
