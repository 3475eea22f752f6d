package app.dapt.files.command;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.files.BadPlanFile;
import app.dapt.files.command.WorkFile.Wanted;
import app.dapt.files.plan.PlanJson;
import app.dapt.make.Job;
import app.dapt.make.Together;
import app.dapt.schedule.Schedule;
import app.dapt.schedule.Schedule.Due;
import app.dapt.schedule.Schedule.Sitting;
import app.dapt.schedule.Schedule.Timed;
import app.dapt.schedule.Scheduler;
import app.dapt.schedule.Scheduler.Load;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * {@code dapt when WORK.json}: prints in which sittings all that is in work is done and which days are kept, or says
 * what is wrong and ends with 2. Paths of plans are relative to the file.
 */
public final class WhenCommand {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private WhenCommand() {}

    public static void main(String[] args) {
        Commands.run(WhenCommand::run, args);
    }

    static int run(String[] args, PrintStream out, PrintStream err) {
        if (args.length != 1) {
            err.println("usage: dapt when WORK.json");
            return 2;
        }
        String reading = args[0];
        try {
            Path file = Path.of(reading);
            WorkFile work = WorkFile.read(ReckonCommand.content(file));
            List<Reckoned> covers = new ArrayList<>();
            List<Optional<LocalDate>> due = new ArrayList<>();
            for (Wanted wanted : work.covers()) {
                reading = wanted.plan();
                CoverPlan plan = PlanJson.read(ReckonCommand.content(file.resolveSibling(wanted.plan())));
                Reckoned cover = Reckoner.reckonWithoutRemedies(plan, plan.mark());
                covers.addAll(Collections.nCopies(wanted.count(), cover));
                due.addAll(Collections.nCopies(wanted.count(), wanted.due()));
            }
            out.println(write(Scheduler.plan(
                    new Load(Together.jobs(covers), WhenCommand::minutes, job -> job.cover() - 1, due), work.time())));
            return 0;
        } catch (BadPlanFile | IOException | InvalidPathException e) {
            err.println(reading + ": " + ReckonCommand.reason(e));
        }
        return 2;
    }

    /** What a step takes, as it is printed. */
    private static double minutes(Job job) {
        return tenths(job.step().minutes());
    }

    private static double tenths(double minutes) {
        return Math.round(minutes * 10) / 10.0;
    }

    private static String write(Schedule schedule) {
        ObjectNode root = JSON.createObjectNode();
        root.putArray("sittings");
        schedule.sittings()
                .forEach(sitting -> sitting(root.withArray("sittings").addObject(), sitting));
        root.putArray("due");
        schedule.due().forEach(due -> due(root.withArray("due").addObject(), due));
        root.put("keptBound", schedule.keptBound()).put("proved", schedule.isProved());
        if (!schedule.left().isEmpty()) {
            schedule.left().forEach(job -> root.withArray("left").add(job.id()));
        }
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    private static void sitting(ObjectNode at, Sitting sitting) {
        at.put("start", sitting.start().toString())
                .put("minutes", tenths(sitting.minutes()))
                .put("setUp", (double) sitting.settingUp());
        for (Timed timed : sitting.work()) {
            at.withArray("steps")
                    .addObject()
                    .put("cover", timed.job().cover())
                    .put("id", timed.job().id())
                    .put("minutes", timed.minutes());
        }
    }

    private static void due(ObjectNode at, Due due) {
        at.put("cover", due.number() + 1)
                .put("day", due.day().toString())
                .put("done", due.done().map(LocalDate::toString).orElse(null))
                .put("kept", due.isKept());
    }
}
