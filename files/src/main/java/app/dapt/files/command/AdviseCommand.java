package app.dapt.files.command;

import app.dapt.advice.Advice;
import app.dapt.advice.Drawer;
import app.dapt.advice.PlanFacts;
import app.dapt.advice.Tool;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.files.BadPlanFile;
import app.dapt.files.ExactLength;
import app.dapt.files.plan.AdviceJson;
import app.dapt.files.plan.PlanJson;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * {@code dapt advise PLAN.json [--with serger,wheel] [--without iron] [--mat 12in]}: prints what is recommended for a
 * cover and why; or says what is wrong and ends with 2. Tools that are not spoken of are those that most have.
 */
public final class AdviseCommand {

    private static final String USAGE =
            "usage: dapt advise PLAN.json [--with TOOL,TOOL] [--without TOOL,TOOL] [--mat LENGTH]";

    private AdviseCommand() {}

    public static void main(String[] args) {
        Commands.run(AdviseCommand::run, args);
    }

    static int run(String[] args, PrintStream out, PrintStream err) {
        Optional<Drawer> drawer =
                args.length % 2 == 1 ? drawer(List.of(args).subList(1, args.length)) : Optional.empty();
        if (drawer.isEmpty()) {
            err.println(USAGE);
            return 2;
        }
        try {
            CoverPlan plan = PlanJson.read(ReckonCommand.content(Path.of(args[0])));
            Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
            Advice advice = Advice.of(PlanFacts.of(reckoned, drawer.get()));
            out.println(AdviceJson.write(advice, new Words(Wordbook.load(English.US, "craft"), plan.mark())));
            return 0;
        } catch (BadPlanFile | IOException | InvalidPathException e) {
            err.println(args[0] + ": " + ReckonCommand.reason(e));
        }
        return 2;
    }

    /** The drawer as it is said to be; nothing where it is said in no way that is known. */
    private static Optional<Drawer> drawer(List<String> said) {
        Drawer drawer = Drawer.NOT_SAID;
        for (int i = 0; i < said.size(); i += 2) {
            String value = said.get(i + 1);
            Optional<Length> mat = said.get(i).equals("--mat") ? ExactLength.read(value) : Optional.empty();
            boolean adds = said.get(i).equals("--with");
            if (mat.isPresent()) {
                drawer = drawer.withMat(mat.get());
            } else if (adds || said.get(i).equals("--without")) {
                for (String code : value.split(",")) {
                    Optional<Tool> tool = Stream.of(Tool.values())
                            .filter(each -> Phrase.code(each).equals(code))
                            .findFirst();
                    if (tool.isEmpty()) {
                        return Optional.empty();
                    }
                    drawer = adds ? drawer.with(tool.get()) : drawer.without(tool.get());
                }
            } else {
                return Optional.empty();
            }
        }
        return Optional.of(drawer);
    }
}
