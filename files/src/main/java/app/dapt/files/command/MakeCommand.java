package app.dapt.files.command;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.files.BadPlanFile;
import app.dapt.files.plan.PlanJson;
import app.dapt.make.Job;
import app.dapt.make.Together;
import app.dapt.make.WorkOrder;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.step.Step;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.Function;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * {@code dapt make PLAN.json [PLAN.json …]}: prints the order of work for one cover or for several made together, or
 * says what is wrong and ends with 2.
 */
public final class MakeCommand {

    /** More covers than anybody makes in one go. */
    public static final int MOST_COVERS = 40;

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private MakeCommand() {}

    public static void main(String[] args) {
        Commands.run(MakeCommand::run, args);
    }

    static int run(String[] args, PrintStream out, PrintStream err) {
        if (args.length == 0 || args.length > MOST_COVERS) {
            err.println("usage: dapt make PLAN.json [PLAN.json ...], up to " + MOST_COVERS + " covers");
            return 2;
        }
        List<Reckoned> covers = new ArrayList<>();
        List<Mark> marks = new ArrayList<>();
        for (String file : args) {
            try {
                CoverPlan plan = PlanJson.read(ReckonCommand.content(Path.of(file)));
                covers.add(Reckoner.reckonWithoutRemedies(plan, plan.mark()));
                marks.add(plan.mark());
            } catch (BadPlanFile | IOException | InvalidPathException e) {
                err.println(file + ": " + ReckonCommand.reason(e));
                return 2;
            }
        }
        Wordbook book = Wordbook.load(English.US, "craft");
        WorkOrder order = Together.of(covers, OptionalInt.empty()).order();
        out.println(write(order, job -> new Words(book, marks.get(job.cover() - 1))));
        return 0;
    }

    private static String write(WorkOrder order, Function<Job, Words> words) {
        ObjectNode root = JSON.createObjectNode();
        order.jobs().forEach(job -> step(root.withArray("steps").addObject(), job, words.apply(job)));
        root.put("trips", order.trips()).put("least", order.least()).put("proved", order.isProved());
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    private static void step(ObjectNode at, Job job, Words words) {
        Step step = job.step();
        at.put("id", job.id())
                .put("cover", job.cover())
                .put("place", Phrase.code(step.place()))
                .put("does", step.does());
        step.pieces().forEach(at.putArray("pieces")::add);
        job.needs().stream().sorted().forEach(at.putArray("needs")::add);
        at.put("minutes", Math.round(step.minutes() * 10) / 10.0)
                .put("trap", step.trap())
                .put("text", words.say(step.says()));
        step.figures().forEach(figure -> at.withArray("figures").add(words.say(figure)));
        step.how().forEach(how -> at.withArray("how").add(words.say(how)));
        step.setting().ifPresent(set -> at.put("stitch", Phrase.code(set.stitch()))
                .put("stitchMm", set.stitch().millimetres())
                .put("foot", Phrase.code(set.foot())));
        step.asks().ifPresent(question -> at.put("ask", words.say(question)));
    }
}
