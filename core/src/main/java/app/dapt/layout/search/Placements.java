package app.dapt.layout.search;

import java.util.List;

/**
 * Pieces laid out.
 *
 * @param placed where each lies
 * @param length of cloth it takes; of remnants nothing
 */
public record Placements(List<Placed> placed, int length) {

    /**
     * One piece where it lies.
     *
     * @param item    which of the task's items
     * @param turned  whether it lies a quarter turn round
     * @param about   whether it lies upside down, turned about before it is turned
     * @param remnant which remnant it lies on; nought on a cloth off the bolt
     */
    public record Placed(int item, int x, int y, boolean turned, boolean about, int remnant) {

        Placed(int item, int x, int y, boolean turned, int remnant) {
            this(item, x, y, turned, false, remnant);
        }
    }

    public Placements {
        placed = List.copyOf(placed);
    }

    static Placements of(List<Placed> placed, Task task) {
        int length = placed.stream().mapToInt(p -> p.y() + along(p, task)).max().orElse(0);
        return new Placements(placed, Math.max(length, task.used()));
    }

    private static int along(Placed placed, Task task) {
        Task.Item item = task.items().get(placed.item());
        return placed.turned() ? item.across() : item.along();
    }

    /** How much of the pieces' area is laid. */
    public long area(Task task) {
        return placed.stream()
                .mapToLong(p -> (long) task.items().get(p.item()).across()
                        * task.items().get(p.item()).along())
                .sum();
    }

    /** On how many remnants something lies. */
    int remnantsUsed() {
        return (int) placed.stream().map(Placed::remnant).distinct().count();
    }
}
