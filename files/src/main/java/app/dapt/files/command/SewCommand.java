package app.dapt.files.command;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.files.BadPlanFile;
import app.dapt.files.plan.PlanJson;
import app.dapt.files.plan.SewnJson;
import app.dapt.make.CoverSteps;
import app.dapt.make.PaperSewing;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;

/**
 * {@code dapt sew FILE.json}: prints what lies on the table after each step of making a cover, and what it comes to; or
 * says what is wrong and ends with 2.
 */
public final class SewCommand {

    private SewCommand() {}

    public static void main(String[] args) {
        Commands.run(SewCommand::run, args);
    }

    static int run(String[] args, PrintStream out, PrintStream err) {
        if (args.length != 1) {
            err.println("usage: dapt sew FILE.json");
            return 2;
        }
        try {
            CoverPlan plan = PlanJson.read(ReckonCommand.content(Path.of(args[0])));
            Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
            Optional<PaperSewing> sewing = PaperSewing.of(reckoned, CoverSteps.of(reckoned));
            sewing.ifPresentOrElse(
                    paper -> out.println(SewnJson.write(paper)),
                    () -> err.println(args[0] + ": a cover like this is not sewn on paper yet"));
            return sewing.isPresent() ? 0 : 2;
        } catch (BadPlanFile | IOException | InvalidPathException e) {
            err.println(args[0] + ": " + ReckonCommand.reason(e));
        }
        return 2;
    }
}
