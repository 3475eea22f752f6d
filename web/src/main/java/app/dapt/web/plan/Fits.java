package app.dapt.web.plan;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.OwnFit;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Recommendation;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.fit.FitSchool;
import app.dapt.form.LabelMeans;
import app.dapt.log.Learnt;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.web.entry.Entries;
import app.dapt.words.Words;
import java.util.List;
import java.util.stream.Stream;

/**
 * The ways a cover may fit its form, to be compared.
 *
 * @param best the one to be recommended, and each of the others
 */
public record Fits(Recommendation best, Reckoned reckoned, Words w, Entries entries) {

    /** User units that the longer side of a cover takes among others, and in a choice. */
    private static final double ROW = 92;

    private static final double CHOICE = 58;

    static Fits of(Reckoned reckoned, Words w, Entries entries, Learnt learnt) {
        Recommendation best = Recommendation.of(reckoned.plan(), reckoned.mark(), learnt.tastes());
        return new Fits(best, reckoned, w, entries);
    }

    private CoverPlan plan() {
        return reckoned.plan();
    }

    /** The schools to choose from; that of the label only where the label names a cover. */
    public List<FitSchool> schools() {
        return schools(plan());
    }

    static List<FitSchool> schools(CoverPlan plan) {
        boolean labelled = plan.form().labelMeans() == LabelMeans.COVER
                || Stream.of(Axis.values()).anyMatch(axis -> plan.fit().school(axis) == FitSchool.LABEL);
        return Stream.of(FitSchool.values())
                .filter(school -> school != FitSchool.LABEL || labelled)
                .toList();
    }

    /** Whether a school has the reading it goes by. */
    public boolean measuredFor(FitSchool school) {
        return plan().fit().withSchool(school).measuredFor(plan().form());
    }

    /** What her own ease would be: as it was decided, or, where it is not in use, as her own covers say. */
    public String ownEase() {
        boolean decided = Stream.of(Axis.values()).anyMatch(axis -> plan().fit().school(axis) == FitSchool.MY_OWN);
        Length standing = plan().fit().ownEase();
        Length ease = decided ? standing : best.own().map(OwnFit::ease).orElse(standing);
        return entries.value("own-ease", ease);
    }

    /** What a school's cover has beyond its form, both ways; said once where it is the same. */
    public String ease(FitSchool school) {
        Length across = best.by(school).ease(Axis.ACROSS);
        Length upDown = best.by(school).ease(Axis.UP_DOWN);
        return across.equals(upDown) ? w.say("ease.same", across) : w.say("ease.both", across, upDown);
    }

    /** Every school's front at one scale. */
    public String drawing(FitSchool school) {
        return svg(pen(best), "s-" + Phrase.code(school)).write(CoverDrawing.overForm(best.by(school)));
    }

    /** The scale at which every school's front is drawn. */
    static Pen pen(Recommendation fits) {
        return Pen.finest(fits.bySchool().values().stream()
                .map(each -> Pen.fitting(each.finished(Axis.ACROSS), each.finished(Axis.UP_DOWN), ROW)));
    }

    /** A fit as it would be, small, over its form. */
    public String choice(FitSchool school) {
        Reckoned of = best.by(school);
        Pen pen = Pen.fitting(
                reckoned.form().across().flat(), reckoned.form().upDown().flat(), CHOICE);
        return svg(pen, "o-" + Phrase.code(school)).write(CoverDrawing.overForm(of));
    }

    /** What the opening wants of a cover fitted like this: an overlap, or a zip, or nothing. */
    public String wanted(Reckoned of) {
        return of.back()
                .lap()
                .map(lap -> w.lengths().withUnit(lap.wanted()))
                .or(() -> of.back().zip().map(zip -> w.lengths().withUnit(zip.buy())))
                .orElse("—");
    }

    private SvgDrawing svg(Pen pen, String id) {
        return new SvgDrawing(plan().cloths(), w, pen, id);
    }
}
