package app.dapt.layout.search;

/** Lengths of cloth that no layout can do without. */
final class LeastLength {

    private LeastLength() {}

    /**
     * The largest of three: the pieces' area spread over the width; the longest piece; and the area once more with
     * every piece too wide to leave room for another beside it counted as wide as the cloth (Martello and Vigo 1998).
     */
    static int of(Task task) {
        int width = task.width();
        if (task.items().stream().anyMatch(item -> item.outline().isPresent())) {
            return byOutline(task);
        }
        long best = Math.max(task.used(), divideUp(task.area(), width));
        for (Task.Item item : task.items()) {
            int shortest =
                    item.mayTurn() && item.along() <= width ? Math.min(item.across(), item.along()) : item.along();
            int begins = item.repeat().map(Task.Repeat::offset).orElse(0);
            best = Math.max(best, begins + (item.across() > width ? item.across() : shortest));
            best = Math.max(best, stacked(item, width));
            for (int narrow :
                    new int[] {item.across(), item.along(), width - item.across() + 1, width - item.along() + 1}) {
                if (narrow > 0 && narrow <= width / 2) {
                    best = Math.max(best, divideUp(widened(task, narrow), width));
                }
            }
        }
        return (int) best;
    }

    /** Of pieces with outlines only what lies within them counts. */
    private static int byOutline(Task task) {
        long area = task.items().stream()
                .mapToLong(item -> item.least() * item.count())
                .sum();
        long longest = task.items().stream()
                .mapToLong(item -> item.mayTurn() ? Math.min(item.across(), item.along()) : item.along())
                .max()
                .orElse(0);
        return (int) Math.max(task.used(), Math.max(longest, divideUp(area, task.width())));
    }

    /**
     * What copies of one piece take that all begin at the same place of the print: so many side by side, and a whole
     * number of repeats from row to row.
     */
    private static long stacked(Task.Item item, int width) {
        if (item.repeat().isEmpty()) {
            return 0;
        }
        Task.Repeat along = item.repeat().get();
        long rowStep = divideUp(item.along(), along.every()) * along.every();
        long begins = item.repeatAcross().map(Task.Repeat::offset).orElse(0);
        long columnStep = item.repeatAcross()
                .map(across -> divideUp(item.across(), across.every()) * across.every())
                .orElse((long) item.across());
        long columns = Math.max(1, (width - begins - item.across()) / columnStep + 1);
        return along.offset() + (divideUp(item.count(), columns) - 1) * rowStep + item.along();
    }

    private static long widened(Task task, int narrow) {
        long area = 0;
        for (Task.Item item : task.items()) {
            long one = (long) widened(item.across(), narrow, task.width()) * item.along();
            if (item.mayTurn() && item.along() <= task.width()) {
                long other = (long) widened(item.along(), narrow, task.width()) * item.across();
                one = item.across() <= task.width() ? Math.min(one, other) : other;
            }
            area += one * item.count();
        }
        return area;
    }

    private static int widened(int across, int narrow, int width) {
        return across > width - narrow ? width : across >= narrow ? across : 0;
    }

    private static long divideUp(long a, long b) {
        return (a + b - 1) / b;
    }
}
