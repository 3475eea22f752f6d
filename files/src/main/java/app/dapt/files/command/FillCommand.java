package app.dapt.files.command;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.filled.FilledCover;
import app.dapt.cover.parts.Back.Lap;
import app.dapt.files.BadPlanFile;
import app.dapt.files.drawing.FilledObj;
import app.dapt.files.plan.PlanJson;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * {@code dapt fill PLAN.json [--obj OUT.obj]}: fills the cover of a plan and prints its figures, all of them estimates;
 * or says what is wrong and ends with 2.
 */
public final class FillCommand {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private FillCommand() {}

    public static void main(String[] args) {
        Commands.run(FillCommand::run, args);
    }

    static int run(String[] args, PrintStream out, PrintStream err) {
        List<String> asked = List.of(args);
        boolean obj = asked.size() == 3 && asked.get(1).equals("--obj");
        if (asked.size() != 1 && !obj) {
            err.println("usage: dapt fill PLAN.json [--obj OUT.obj]");
            return 2;
        }
        try {
            CoverPlan plan = PlanJson.read(ReckonCommand.content(Path.of(asked.get(0))));
            Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
            Optional<Phrase> whyNot = FilledCover.whyNot(reckoned);
            if (whyNot.isPresent()) {
                Words words = new Words(Wordbook.load(English.US, "craft"), reckoned.mark());
                err.println(asked.get(0) + ": " + words.say(whyNot.get()));
                return 2;
            }
            long start = System.nanoTime();
            FilledCover filled = FilledCover.of(reckoned, FilledCover.FINE).orElseThrow();
            double seconds = (System.nanoTime() - start) / 1e9;
            if (obj) {
                Files.writeString(Path.of(asked.get(2)), FilledObj.write(filled));
            }
            out.println(write(filled, reckoned, seconds));
            return 0;
        } catch (BadPlanFile | IOException | InvalidPathException e) {
            err.println(asked.get(0) + ": " + ReckonCommand.reason(e));
            return 2;
        }
    }

    private static String write(FilledCover cover, Reckoned reckoned, double seconds) {
        ObjectNode root = JSON.createObjectNode();
        root.put("estimate", true)
                .put("fullness", rounded(cover.fullness(), 100))
                .put("chambers", cover.chambers())
                .put("volumeCm3", rounded(cover.cubicCentimetres(), 10))
                .put("greatestCm3", rounded(cover.greatestCubicCentimetres(), 10))
                .put("thicknessMm", rounded(cover.thickness(), 10));
        // Where the form ends short of the cover, the cover has more in it than the form.
        cover.formCubicCentimetres().ifPresent(form -> root.put("formCm3", rounded(form, 10)));
        root.putObject("straightAcrossMm")
                .put("across", rounded(cover.straight(Axis.ACROSS), 10))
                .put("upDown", rounded(cover.straight(Axis.UP_DOWN), 10));
        Length gape = reckoned.back().lap().map(Lap::gape).orElse(Length.ZERO);
        root.put("earMm", rounded(cover.ears(), 10))
                .put("gapeMm", rounded(gape.toMm(), 10))
                .put("steps", cover.sheet().steps())
                .put("seconds", rounded(seconds, 100));
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    private static double rounded(double value, int parts) {
        return Math.round(value * parts) / (double) parts;
    }
}
