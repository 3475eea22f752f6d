package app.dapt.web.link;

import app.dapt.cover.Brief;
import app.dapt.cover.Reckoned;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.measure.Axis;
import app.dapt.web.progress.Batch;
import app.dapt.words.Words;
import java.util.List;

/**
 * What somebody who was given a link sees first.
 *
 * @param base the link itself
 */
public record SharedPage(String base, Batch batch, Words w) {

    private static final double UNITS = 220;

    /** One of its covers. */
    public record Line(long id, String name, String brief, String finished, String drawing) {}

    public String name() {
        return batch.name();
    }

    public List<Line> covers() {
        return batch.covers().stream().map(this::line).toList();
    }

    private Line line(Batch.Made made) {
        Reckoned cover = made.reckoned();
        Pen pen = Pen.fitting(cover.finished(Axis.ACROSS), cover.finished(Axis.UP_DOWN), UNITS);
        String size = w.lengths().size(cover.finished(Axis.ACROSS), cover.finished(Axis.UP_DOWN)) + " "
                + w.lengths().unitWord();
        return new Line(
                made.id(),
                made.copies() > 1
                        ? w.say("shared.copies", cover.plan().name(), made.copies())
                        : cover.plan().name(),
                w.say(Brief.of(cover)),
                w.say("from.finished", size),
                new SvgDrawing(cover.plan().cloths(), w, pen, "shared" + made.id()).write(CoverDrawing.back(cover)));
    }
}
