package app.dapt.files.command;

import app.dapt.files.BadPlanFile;
import app.dapt.files.cloth.LayoutFile;
import app.dapt.layout.search.LayoutSearch;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * {@code dapt layout FILE.json [--seconds S] [--edge-to-edge]}: prints a layout, or says what is wrong and ends with 2.
 */
public final class LayoutCommand {

    private static final double USUAL_SECONDS = 2;
    private static final double MOST_SECONDS = 600;
    private static final long SEED = 1;

    private LayoutCommand() {}

    public static void main(String[] args) {
        Commands.run(LayoutCommand::run, args);
    }

    static int run(String[] args, PrintStream out, PrintStream err) {
        List<String> asked = new ArrayList<>(List.of(args));
        boolean edgeToEdge = asked.remove("--edge-to-edge");
        double seconds = asked.size() == 3 && asked.get(1).equals("--seconds") ? seconds(asked.get(2)) : USUAL_SECONDS;
        if (asked.size() != 1 && asked.size() != 3 || !(seconds >= 0 && seconds <= MOST_SECONDS)) {
            err.println(
                    "usage: dapt layout FILE.json [--seconds S] [--edge-to-edge], S from 0 to " + (int) MOST_SECONDS);
            return 2;
        }
        long end = System.nanoTime() + (long) (seconds * 1e9);
        try {
            LayoutFile file = LayoutFile.read(ReckonCommand.content(Path.of(asked.get(0))));
            LayoutSearch search = new LayoutSearch(file.task().edgeToEdge(edgeToEdge), SEED);
            search.improve(() -> System.nanoTime() >= end);
            out.print(file.write(search.best(), search.least()));
            return 0;
        } catch (BadPlanFile | IOException | InvalidPathException e) {
            err.println(asked.get(0) + ": " + ReckonCommand.reason(e));
            return 2;
        }
    }

    private static double seconds(String text) {
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException e) {
            return -1;
        }
    }
}
