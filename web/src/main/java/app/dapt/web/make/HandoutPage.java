package app.dapt.web.make;

import app.dapt.cover.Brief;
import app.dapt.cover.Reckoned;
import app.dapt.cover.SizeChart;
import app.dapt.cover.SizeChart.Row;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.make.Job;
import app.dapt.measure.Axis;
import app.dapt.piece.Piece;
import app.dapt.web.progress.Batch;
import app.dapt.web.wording.Minutes;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;

/**
 * A cover to be made by several people, each for a form of their own: its sizes as one chart with room for one's own,
 * and the steps with their pictures, a page a sitting.
 *
 * @param page the order of work, whatever is done of it
 */
public record HandoutPage(Batch batch, MakePage page, SizeChart chart, Words w) {

    /** Minutes that people sew at one time. */
    private static final double SITTING = 60;

    private static final double UNITS = 190;

    /** A column: a piece, by how many are cut of it. */
    public record Column(String name, int times) {}

    /** A line of the chart: a form, the finished cover and each piece, in the order of the columns. */
    public record Line(String form, String finished, List<String> cuts, boolean isOwn) {}

    /** What is done at one time, on a page of its own. */
    public record Sitting(int number, String about, List<MakePage.Shown> steps) {}

    private Reckoned own() {
        return batch.covers().get(0).reckoned();
    }

    public String name() {
        return batch.name();
    }

    public String path() {
        return batch.owner().path();
    }

    public String brief() {
        return w.say(Brief.of(own()));
    }

    public List<String> drawings() {
        Pen pen = Pen.fitting(own().finished(Axis.ACROSS), own().finished(Axis.UP_DOWN), UNITS);
        return List.of(
                new SvgDrawing(own().plan().cloths(), w, pen, "handout-f").write(CoverDrawing.front(own())),
                new SvgDrawing(own().plan().cloths(), w, pen, "handout-b").write(CoverDrawing.back(own())));
    }

    public List<Column> columns() {
        return own().pieces().stream()
                .map(piece -> new Column(w.say(piece.name()), piece.quantity()))
                .toList();
    }

    public List<Line> lines() {
        return chart.rows().stream().map(this::line).toList();
    }

    private Line line(Row row) {
        return new Line(
                w.lengths().size(row.across(), row.upDown()),
                w.lengths().size(row.cover().finished(Axis.ACROSS), row.cover().finished(Axis.UP_DOWN)),
                own().pieces().stream().map(piece -> cut(piece, row)).toList(),
                row.isOwn());
    }

    /** The same piece at another size; nothing where that size has none of it. */
    private String cut(Piece piece, Row row) {
        return row.cover().pieces().stream()
                .filter(other -> other.id().equals(piece.id()))
                .findFirst()
                .map(other -> w.lengths().size(other.cutWidth(), other.cutHeight())
                        + (other.quantity() == piece.quantity() ? "" : " × " + other.quantity()))
                .orElse("–");
    }

    /** The steps by what is done at one time. */
    public List<Sitting> sittings() {
        List<Sitting> sittings = new ArrayList<>();
        List<MakePage.Shown> steps = new ArrayList<>();
        double minutes = 0;
        List<Job> jobs = batch.order().jobs();
        List<MakePage.Shown> all = page.all();
        for (int at = 0; at < jobs.size(); at++) {
            double next = batch.minutesOfOne(jobs.get(at));
            if (!steps.isEmpty() && minutes + next > SITTING) {
                sittings.add(sitting(sittings.size() + 1, minutes, steps));
                steps = new ArrayList<>();
                minutes = 0;
            }
            steps.add(all.get(at));
            minutes += next;
        }
        if (!steps.isEmpty()) {
            sittings.add(sitting(sittings.size() + 1, minutes, steps));
        }
        return sittings;
    }

    private Sitting sitting(int number, double minutes, List<MakePage.Shown> steps) {
        return new Sitting(number, Minutes.about(minutes, w), List.copyOf(steps));
    }
}
