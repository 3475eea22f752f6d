package app.dapt.web.make;

import app.dapt.cover.Reckoned;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.cover.drawing.EdgeOn;
import app.dapt.drawing.Sheet;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.learning.Estimate;
import app.dapt.make.CoverSteps;
import app.dapt.make.Job;
import app.dapt.make.WorkOrder.Visit;
import app.dapt.measure.Axis;
import app.dapt.measure.Phrase;
import app.dapt.step.Caution;
import app.dapt.step.Milestone;
import app.dapt.step.Pile;
import app.dapt.step.Setting;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.Step;
import app.dapt.web.progress.Batch;
import app.dapt.web.progress.Batch.Made;
import app.dapt.web.progress.CutOrder;
import app.dapt.web.progress.CutState;
import app.dapt.web.wording.Minutes;
import app.dapt.web.wording.OwnWords;
import app.dapt.web.workroom.MishapStore.Remembered;
import app.dapt.web.workroom.Tick;
import app.dapt.words.Words;
import app.dapt.workpiece.Move;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The order of work, ready for its template: the visits, and one step large.
 *
 * @param current the step that is shown large
 * @param unasked whether its question was left open when it was said to be done
 * @param laidOut what lies ready at each place
 * @param lessons what went wrong at other covers, the latest first
 * @param cuts    how the cloth is cut that a step cuts
 */
public record MakePage(
        Batch batch,
        Optional<Job> current,
        boolean unasked,
        Function<Job, Optional<CutOrder.Shown>> cuts,
        Function<Job, List<String>> laidOut,
        List<Remembered> lessons,
        Words w) {

    /** User units of the drawing's longer side, and of what lies edge on beside it. */
    private static final double LARGE = 300;

    private static final double SMALL = 150;

    private static final double EDGE_ON = 150;
    private static final int SHOWN_NEXT = 2;

    /** A line of the visits. */
    public record Line(
            String key,
            String brief,
            String cover,
            double minutes,
            boolean done,
            boolean passed,
            boolean lapsed,
            boolean now) {}

    /** A visit to a place. */
    public record Stop(int number, String place, String foot, List<Line> lines, boolean done, boolean now) {}

    /** What comes after. */
    public record Then(String key, String brief) {}

    /** A step to show large. */
    public record Shown(
            String key,
            String where,
            String minutes,
            String says,
            List<String> figures,
            List<String> how,
            List<String> settings,
            List<String> changes,
            List<String> cautions,
            Optional<String> why,
            Optional<String> asks,
            Optional<String> lastTime,
            boolean mayGoWrong,
            Optional<String> drawing,
            Optional<String> edgeOn,
            Optional<String> mistake,
            String motion,
            Optional<CutOrder.Shown> cuts,
            Optional<String> tryOn,
            boolean done,
            boolean passed,
            Optional<Then> before,
            List<Then> then) {}

    public String path() {
        return batch.owner().path();
    }

    public String name() {
        return batch.name();
    }

    public boolean isEmpty() {
        return batch.order().visits().isEmpty();
    }

    private boolean isSet() {
        return batch.covers().size() > 1;
    }

    /** A cover that could be tried on first. */
    public record Trial(long id, String name, boolean chosen) {}

    /** The covers of a set of which one could be tried on before the others are cut. */
    public List<Trial> trials() {
        return isSet()
                ? batch.covers().stream()
                        .map(made -> new Trial(
                                made.id(),
                                made.reckoned().plan().name(),
                                batch.trial().filter(id -> id == made.id()).isPresent()))
                        .toList()
                : List.of();
    }

    /** How many trips, and whether it cannot be fewer. */
    public String trips() {
        int trips = batch.order().trips();
        return batch.order().isProved()
                ? w.say("make.trips-least", trips)
                : w.say("make.trips-found", trips, batch.order().least());
    }

    /** Minutes still to go. */
    public String left() {
        return batch.next().isEmpty()
                ? w.say("make.nothing-left")
                : w.say("make.left", about(batch.order().jobs().stream().filter(batch::isLeft)));
    }

    private String about(Stream<Job> jobs) {
        return Minutes.about(jobs.mapToDouble(batch::minutes).sum(), w);
    }

    /** Whether nothing is left to do and no step is asked for. */
    public boolean isFinished() {
        return !isEmpty() && current.isEmpty();
    }

    /** A cover that is made. */
    public record Finished(long id, String name, String size, String drawing) {}

    /** The covers once they are made. */
    public List<Finished> finished() {
        return batch.covers().stream().map(this::finished).toList();
    }

    private Finished finished(Made made) {
        Reckoned reckoned = made.reckoned();
        Pen pen = Pen.fitting(reckoned.finished(Axis.ACROSS), reckoned.finished(Axis.UP_DOWN), LARGE);
        return new Finished(
                made.id(),
                reckoned.plan().name(),
                w.lengths().size(reckoned.finished(Axis.ACROSS), reckoned.finished(Axis.UP_DOWN)) + " "
                        + w.lengths().unitWord(),
                new SvgDrawing(reckoned.plan().cloths(), w, pen, "made-" + made.id())
                        .write(CoverDrawing.outline(reckoned)));
    }

    /** Of all its steps, hands on. */
    public String took() {
        return w.say("make.took", about(batch.order().jobs().stream()));
    }

    /** Whether times are those of whoever makes it, not the usual ones. */
    public boolean ownPace() {
        return batch.pace().byPlace().values().stream().anyMatch(factor -> factor.covers() >= Estimate.ENOUGH);
    }

    /** How often the machine's foot, its stitch and its thread are changed; nothing of what is not changed. */
    public List<String> changes() {
        List<Job> jobs = batch.order().jobs();
        int feet = changes(jobs.stream().map(job -> onMachine(job.step())).toList());
        int stitches =
                changes(jobs.stream().map(job -> stitchOnMachine(job.step())).toList());
        int threads = changes(jobs.stream().map(this::thread).toList());
        return Stream.of(
                        Phrase.of("make.foot-changes", feet),
                        Phrase.of("make.stitch-changes", stitches),
                        Phrase.of("make.thread-changes", threads))
                .filter(change -> !change.args().contains(0))
                .map(w::say)
                .toList();
    }

    /** How often what is set differs from what was set before. */
    private static <T> int changes(List<Optional<T>> settings) {
        List<T> set = settings.stream().flatMap(Optional::stream).toList();
        return (int) IntStream.range(1, set.size())
                .filter(i -> !set.get(i).equals(set.get(i - 1)))
                .count();
    }

    /** The fabric that the thread on the machine goes with: that of the first piece sewn. */
    private Optional<String> thread(Job job) {
        Reckoned reckoned = batch.made(job).reckoned();
        return onMachine(job.step())
                .flatMap(foot -> Stream.concat(reckoned.pieces().stream(), reckoned.back().pieces().stream())
                        .filter(piece -> job.step().pieces().contains(piece.id()))
                        .findFirst())
                .map(piece -> reckoned.plan().cloths().of(piece.material()).name());
    }

    private static Optional<Foot> onMachine(Step step) {
        return step.setting().map(Setting::foot).filter(foot -> foot != Foot.OVERLOCKER);
    }

    private static Optional<Stitch> stitchOnMachine(Step step) {
        return onMachine(step).flatMap(foot -> step.setting()).map(Setting::stitch);
    }

    /** Place by place. */
    public List<Stop> stops() {
        List<Stop> stops = new ArrayList<>();
        for (Visit visit : batch.order().visits()) {
            List<Line> lines = visit.jobs().stream().map(this::line).toList();
            List<String> feet = visit.jobs().stream()
                    .flatMap(job -> onMachine(job.step()).stream())
                    .distinct()
                    .map(foot -> w.say(foot.says()))
                    .toList();
            stops.add(new Stop(
                    stops.size() + 1,
                    w.say(Phrase.choice("place", visit.place())),
                    feet.isEmpty() ? "" : w.list(feet),
                    lines,
                    lines.stream().allMatch(Line::done),
                    lines.stream().anyMatch(Line::now)));
        }
        return stops;
    }

    private Line line(Job job) {
        Optional<Tick> tick = batch.tick(job).filter(Tick::done);
        return new Line(
                batch.key(job),
                w.say(job.step().briefly()),
                isSet() ? whose(job) : "",
                batch.minutes(job),
                batch.isDone(job),
                tick.filter(Tick::passed).isPresent(),
                batch.hasLapsed(job),
                current.filter(job::equals).isPresent());
    }

    /** The cover a job is done for; a fabric is prepared for all of them. */
    private String whose(Job job) {
        return job.isForAll() ? w.say("make.for-all") : coverName(job);
    }

    private String coverName(Job job) {
        Made made = batch.made(job);
        String name = made.reckoned().plan().name();
        return made.copies() > 1 ? w.say("make.copies", name, made.copies()) : name;
    }

    /** Covers that are planned otherwise since they were cut. */
    public List<CutState.Changed> changed() {
        return batch.changed(w);
    }

    /** The step that is shown large. */
    public Optional<Shown> shown() {
        return current.map(job -> shown(job, batch.order().jobs()));
    }

    /** Every step, for a device that is to go on without the network. */
    public List<Shown> all() {
        List<Job> jobs = batch.order().jobs();
        return jobs.stream().map(job -> shown(job, jobs)).toList();
    }

    /** The same, each by its key. */
    public Map<String, Shown> byKey() {
        return all().stream().collect(Collectors.toMap(Shown::key, Function.identity()));
    }

    private Shown shown(Job job, List<Job> jobs) {
        int at = jobs.indexOf(job);
        Step step = job.step();
        Optional<Tick> tick = batch.tick(job).filter(Tick::done);
        String where = w.say("make.where." + Phrase.code(step.place()));
        Optional<CutOrder.Shown> cut = cuts.apply(job);
        // Where the whole cloth is seen, one of its pieces says nothing more.
        Optional<Pile> pile = step.pile().filter(laid -> cut.isEmpty());
        return new Shown(
                batch.key(job),
                isSet() ? where + " · " + whose(job) : where,
                w.say("make.about", Minutes.about(batch.minutes(job), w)),
                w.say(step.says()),
                Stream.concat(
                                step.figures().stream().map(w::say),
                                CoverSteps.isLayingOut(step) ? laidOut.apply(job).stream() : Stream.of())
                        .toList(),
                step.how().stream().map(w::say).toList(),
                settings(job),
                changes(at, jobs),
                cautions(at, jobs).stream().map(Caution::says).map(w::say).toList(),
                step.why().map(w::say),
                step.asks().map(w::say),
                lastTime(job),
                !batch.mayGoWrong(job).isEmpty(),
                picture(job).or(() -> pile.map(Pile::sheet)).map(sheet -> drawing(sheet, job, at)),
                pile.filter(laid -> picture(job).isEmpty()).flatMap(EdgeOn::of).map(edgeOn -> edgeOn(edgeOn, job, at)),
                mistake(job, at),
                motion(step),
                cut,
                step.milestone()
                        .filter(Milestone.TRIED_ON::equals)
                        .map(tried -> "/covers/" + batch.made(job).id() + "/try-on"),
                batch.isDone(job),
                tick.filter(Tick::passed).isPresent(),
                at > 0 ? Optional.of(then(jobs.get(at - 1))) : Optional.empty(),
                jobs.subList(at + 1, Math.min(jobs.size(), at + 1 + SHOWN_NEXT)).stream()
                        .map(this::then)
                        .toList());
    }

    /** What went wrong the last time the same was done, of another cover. */
    private Optional<String> lastTime(Job job) {
        return lessons.stream()
                .filter(lesson -> lesson.does().equals(job.step().does()))
                .filter(lesson -> lesson.cover() != batch.made(job).id())
                .findFirst()
                .map(lesson -> OwnWords.after(
                        w.say("make.last-time", lesson.name(), lesson.kind().says()), lesson.note(), w));
    }

    /** How what is done there moves: a bag turns, pieces come down one after another, an edge folds over. */
    private static String motion(Step step) {
        List<String> motions = step.moves().stream()
                .map(MakePage::motion)
                .filter(Predicate.not(String::isEmpty))
                .toList();
        return motions.isEmpty() ? "" : motions.get(motions.size() - 1);
    }

    private static String motion(Move move) {
        if (move instanceof Move.Turn) {
            return "turn";
        }
        if (move instanceof Move.PutOn) {
            return "lay";
        }
        if (move instanceof Move.FoldAt fold) {
            return fold.over() ? "lay" : "fold " + Phrase.code(fold.side());
        }
        return move instanceof Move.TurnUnder under ? "fold " + Phrase.code(under.side()) : "";
    }

    private List<String> settings(Job job) {
        List<String> said = new ArrayList<>();
        job.step().setting().ifPresent(setting -> {
            said.add(w.say(setting.foot().says()));
            said.add(w.say(setting.stitch().says()));
        });
        thread(job).ifPresent(cloth -> said.add(w.say("make.thread", cloth)));
        return said;
    }

    private Then then(Job job) {
        return new Then(batch.key(job), w.say(job.step().briefly()) + (isSet() ? " · " + whose(job) : ""));
    }

    /** What is set otherwise than when the machine was last sewn on. */
    private List<String> changes(int at, List<Job> jobs) {
        Optional<Job> before = IntStream.iterate(at - 1, i -> i >= 0, i -> i - 1)
                .mapToObj(jobs::get)
                .filter(job -> onMachine(job.step()).isPresent())
                .findFirst();
        Step step = jobs.get(at).step();
        if (before.isEmpty() || onMachine(step).isEmpty()) {
            return List.of();
        }
        List<String> changes = new ArrayList<>();
        if (!onMachine(before.get().step()).equals(onMachine(step))) {
            changes.add(w.say("make.change-foot"));
        }
        if (!stitchOnMachine(before.get().step()).equals(stitchOnMachine(step))) {
            changes.add(w.say("make.change-stitch"));
        }
        if (!thread(before.get()).equals(thread(jobs.get(at)))) {
            changes.add(w.say("make.change-thread"));
        }
        return changes;
    }

    /** What can hurt somebody here, as far as it was not said at an earlier step. */
    private static Set<Caution> cautions(int at, List<Job> jobs) {
        Set<Caution> cautions = EnumSet.noneOf(Caution.class);
        cautions.addAll(jobs.get(at).step().cautions());
        jobs.subList(0, at).forEach(job -> job.step().cautions().forEach(cautions::remove));
        return cautions;
    }

    /** What lies there after it, where it is done to all of the cover. */
    private Optional<Sheet> picture(Job job) {
        return Optional.ofNullable(
                batch.made(job).pictures().after().get(job.step().id()));
    }

    /** What would come of it the other way round. */
    private Optional<String> mistake(Job job, int at) {
        return Optional.ofNullable(
                        batch.made(job).pictures().mistakes().get(job.step().id()))
                .map(sheet -> svg(job, Pen.fitting(sheet.width(), sheet.height(), SMALL), "m" + at)
                        .write(sheet));
    }

    private String drawing(Sheet sheet, Job job, int at) {
        return svg(job, Pen.fitting(sheet.width(), sheet.height(), LARGE), "s" + at)
                .write(sheet);
    }

    private String edgeOn(EdgeOn edgeOn, Job job, int at) {
        return svg(job, new Pen(EDGE_ON / edgeOn.depth().toInches()), "e" + at).write(edgeOn);
    }

    private SvgDrawing svg(Job job, Pen pen, String id) {
        return new SvgDrawing(batch.made(job).reckoned().plan().cloths(), w, pen, id);
    }

    /** What stands of each step, by its key. */
    Map<String, Map<String, Boolean>> state() {
        Map<String, Map<String, Boolean>> state = new HashMap<>();
        for (Job job : batch.order().jobs()) {
            boolean passed =
                    batch.tick(job).filter(Tick::done).filter(Tick::passed).isPresent();
            state.put(batch.key(job), Map.of("done", batch.isDone(job), "passed", passed));
        }
        return state;
    }
}
