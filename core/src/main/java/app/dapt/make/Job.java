package app.dapt.make;

import app.dapt.step.Step;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * One step of one of several covers that are made together.
 *
 * @param cover its number, counted from one
 * @param needs ids of what must be done before, of whichever cover
 */
public record Job(int cover, Step step, Set<String> needs) {

    public Job {
        needs = Set.copyOf(needs);
    }

    /** A step that waits for nothing of other covers. */
    static Job of(int cover, Step step) {
        return new Job(
                cover,
                step,
                step.needs().stream().map(need -> id(cover, need)).collect(Collectors.toUnmodifiableSet()));
    }

    /** This step once something else is done as well. */
    Job after(String other) {
        Set<String> more = new HashSet<>(needs);
        more.add(other);
        return new Job(cover, step, more);
    }

    /** This step where what it needs is done but for some. */
    Job needingOnly(Set<String> some) {
        return new Job(cover, step, needs.stream().filter(some::contains).collect(Collectors.toSet()));
    }

    /** Whether it is done to a fabric as a whole, for every cover that is cut from it. */
    public boolean isForAll() {
        return CuttingSteps.isPreparing(step);
    }

    /** Its id among the steps of all covers, {@code c1/back-upper/hem-press}. */
    public String id() {
        return id(cover, step.id());
    }

    static String id(int cover, String within) {
        return "c" + cover + "/" + within;
    }
}
