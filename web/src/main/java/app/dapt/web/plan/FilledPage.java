package app.dapt.web.plan;

import app.dapt.cover.Reckoned;
import app.dapt.cover.filled.FilledCover;
import app.dapt.cover.filled.FilledDrawing;
import app.dapt.cover.filled.View;
import app.dapt.cover.parts.Back;
import app.dapt.drawing.Sheet;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.form.Stuffing;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.web.workroom.Cover;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * A cover with its form in, for its template.
 *
 * @param solved nothing while it is still being filled
 * @param corners the same cover with its corners made the other way, where they can be
 * @param whyNot why it cannot be, where it cannot
 * @param fine   whether these are the figures, not the first look
 * @param drawings what was drawn of it before
 */
public record FilledPage(
        Cover cover,
        Reckoned reckoned,
        Words w,
        Optional<Fillings.Solved> solved,
        Optional<Corners> corners,
        Optional<Phrase> whyNot,
        boolean fine,
        Drawings drawings) {

    private static final double LARGE = 196;

    /** Where less than this is empty beside the form, nobody would feel it. */
    private static final double WORTH_SAYING = 5;

    /** The cover with its corners made the other way. */
    public record Corners(Reckoned reckoned, FilledCover filled) {}

    /** Keeps drawings, which take longer than all else on the page. */
    interface Drawings {

        /** A drawing by its name, drawn if it is not there. */
        String kept(String name, Supplier<String> drawn);
    }

    /** A figure and what it is of. */
    public record Figure(String label, String value) {}

    private FilledCover filled() {
        return solved.orElseThrow().cover();
    }

    public String standing() {
        return drawn(View.STANDING, List.of());
    }

    public String front() {
        return drawn(View.FRONT, solved.orElseThrow().others());
    }

    public String back() {
        return drawn(View.BACK, List.of());
    }

    public String edgeOn() {
        return drawn(View.EDGE_ON, solved.orElseThrow().others());
    }

    /** Whether it is so wide that two views do not lie beside each other. */
    public boolean wide() {
        return reckoned.finished(Axis.ACROSS).over(reckoned.finished(Axis.UP_DOWN)) > PlanPage.WIDE;
    }

    private Pen pen() {
        Length around =
                reckoned.plan().edging().standsOut(reckoned.plan().unit()).times(2);
        return Pen.fitting(
                reckoned.finished(Axis.ACROSS).plus(around),
                reckoned.finished(Axis.UP_DOWN).plus(around),
                wide() ? LARGE * 2 : LARGE);
    }

    private String drawn(View view, List<FilledCover> others) {
        return drawn(Phrase.code(view), () -> FilledDrawing.of(reckoned, filled(), view, others));
    }

    private String drawn(String name, Supplier<Sheet> sheet) {
        return drawings.kept(
                name, () -> new SvgDrawing(reckoned.plan().cloths(), w, pen(), "filled-" + name).write(sheet.get()));
    }

    /** How large it is once it is filled. */
    public List<Figure> figures() {
        FilledCover cover = filled();
        List<Figure> figures = new ArrayList<>();
        figures.add(new Figure(
                w.say("filled.full"),
                w.say("filled.percent", reckoned.fullness().percent())));
        figures.add(figure("filled.thickness", cover.thickness()));
        figures.add(figure("filled.across", cover.straight(Axis.ACROSS)));
        figures.add(figure("filled.up-down", cover.straight(Axis.UP_DOWN)));
        if (reckoned.plan().shape().isRectangular()) {
            figures.add(figure("filled.diagonal", cover.diagonal()));
            figures.add(figure("filled.ears", cover.ears()));
            figures.add(figure("filled.draws-in", drawsIn(cover)));
        }
        if (loose() && reckoned.plan().shape().leavesCorners(reckoned.plan().form())) {
            figures.add(figure("filled.empty-corners", cover.emptyCorners()));
        }
        for (Axis axis : Axis.values()) {
            if (cover.empty(axis) > WORTH_SAYING) {
                figures.add(
                        figure(axis == Axis.ACROSS ? "filled.empty-sides" : "filled.empty-ends", cover.empty(axis)));
            }
        }
        figures.add(new Figure(w.say("filled.volume"), w.volume(litres())));
        return figures;
    }

    /** Whether the form ends short of the cover. */
    public boolean loose() {
        return filled().form().isPresent();
    }

    private double drawsIn(FilledCover cover) {
        Length flange = reckoned.plan().border().times(2);
        return (reckoned.finished(Axis.ACROSS).minus(flange).toMm() - cover.straight(Axis.ACROSS)) / 2;
    }

    private Figure figure(String label, double millimetres) {
        return new Figure(w.say(label), w.lengths().withUnit(Length.nearMm(millimetres)));
    }

    /** The front with its corners made the other way. */
    public String otherCorners() {
        Corners other = corners.orElseThrow();
        return drawn("corners", () -> FilledDrawing.of(other.reckoned(), other.filled(), View.FRONT, List.of()));
    }

    /** How far the corners stand out the other way, and how they do now. */
    public String cornersSay() {
        return w.say(
                tapered() ? "filled.corners.tapered" : "filled.corners.plain",
                Length.nearMm(filled().ears()),
                Length.nearMm(corners.orElseThrow().filled().ears()));
    }

    /** Whether the seam is tapered in at the corners. */
    public boolean tapered() {
        return reckoned.outline().isPresent();
    }

    /** What a form less full, and a fuller one, would do. */
    public List<String> others() {
        return solved.orElseThrow().others().stream()
                .map(other -> w.say(
                        "filled.other",
                        (int) Math.round(100 * other.fullness()),
                        Length.nearMm(other.thickness()),
                        Length.nearMm(other.straight(Axis.ACROSS))))
                .toList();
    }

    /** How the opening fares. */
    public String opening() {
        Back back = reckoned.back();
        if (back.zip().isPresent()) {
            return w.say("filled.zip-holds");
        }
        if (back.lap().isEmpty()) {
            Length flap = Length.max(back.ends().tuckFront(), back.ends().tuckBack());
            return flap.isPositive() ? w.say("filled.flap", flap) : w.say("filled.sewn");
        }
        Back.Lap lap = back.lap().get();
        if (!back.spots().isEmpty()) {
            return w.say("filled.held");
        }
        Length overlap = Length.max(Length.ZERO, lap.overlap());
        if (lap.gapes()) {
            return w.say("filled.gapes", lap.gape(), overlap, lap.wanted());
        }
        return w.say("filled.closed", overlap, lap.slip());
    }

    /** What the form takes in each kind of filling, for a form that one stuffs oneself. */
    public List<Figure> stuffing() {
        return Stream.of(Stuffing.values())
                .map(kind -> new Figure(w.say("stuffing." + Phrase.code(kind)), w.weight(kind.grams(litres()))))
                .toList();
    }

    /** The form's own volume, which is more than the cover holds where it is too large for it. */
    private double litres() {
        return reckoned.fullness().ratio() * filled().greatestCubicCentimetres() / 1000;
    }
}
