package app.dapt.bench;

import app.dapt.files.BadPlanFile;
import app.dapt.files.cloth.LayoutFile;
import app.dapt.layout.search.LayoutSearch;
import app.dapt.layout.search.Task;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Lays out the sets of pieces that come with the project and tells how well; orders the work on covers and fills
 * some; then measures the small things.
 */
public final class Benches {

    private static final List<String> SETS =
            List.of("r01", "r04", "r07", "r09", "r15", "r18", "z01", "z04", "z10", "z14", "m01", "m03", "m07");
    private static final double SECONDS = 1;
    private static final double PARTED_SECONDS = 5;

    private Benches() {}

    public static void main(String[] args) throws Exception {
        JsonNode known = JsonMapper.builder().build().readTree(text("best-known"));
        for (String set : List.of("z04", "z14", "r09")) {
            lay(set, 2);
        }
        System.out.printf(
                "%-5s %8s %8s %8s  %-14s %6s  %s%n",
                "set", "length", "known", "over", "verdict", "time", "only edge to edge");
        for (String set : SETS) {
            row(set, known.get(set));
        }
        List.of(1, 4, 8, 16).forEach(MakeBench::row);
        FillBench.validate();
        org.openjdk.jmh.Main.main(args);
    }

    private static void row(String set, JsonNode known) throws IOException, BadPlanFile {
        LayoutFile file = LayoutFile.read(text(set));
        long start = System.nanoTime();
        LayoutSearch laid = lay(set, SECONDS);
        double time = (System.nanoTime() - start) / 1e9;
        boolean strip = file.task().remnants().isEmpty();
        long reached = strip ? laid.best().length() : laid.best().area(file.task());
        long best = known.get(strip ? "best" : "bestPlacedArea").longValue();
        double over = strip ? 100.0 * (reached - best) / best : 100.0 * (best - reached) / best;
        boolean noLessToBuy = strip && up(reached, file.step()) == up(laid.least(), file.step());
        String verdict = laid.isProvedBest() ? "proved best" : noLessToBuy ? "no less to buy" : "not proved";
        String parted = strip ? parted(file, best) : "";
        System.out.printf("%-5s %8d %8d %7.2f%%  %-14s %5.2fs  %s%n", set, reached, best, over, verdict, time, parted);
    }

    /**
     * The same pieces parted only by edge-to-edge cuts: the length, and how much longer than the best known of any
     * kind.
     */
    private static String parted(LayoutFile file, long best) {
        int length = lay(file.task().edgeToEdge(true), PARTED_SECONDS).best().length();
        return String.format(Locale.ROOT, "%8d %7.2f%%", length, 100.0 * (length - best) / best);
    }

    private static long up(long length, int step) {
        return (length + step - 1) / step;
    }

    private static LayoutSearch lay(String set, double seconds) throws IOException, BadPlanFile {
        return lay(LayoutFile.read(text(set)).task(), seconds);
    }

    private static LayoutSearch lay(Task task, double seconds) {
        LayoutSearch search = new LayoutSearch(task, 1);
        long end = System.nanoTime() + (long) (seconds * 1e9);
        search.improve(() -> System.nanoTime() >= end);
        return search;
    }

    private static String text(String name) throws IOException {
        try (InputStream in = Benches.class.getResourceAsStream("/layout/" + name + ".json")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
