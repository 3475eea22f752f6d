package app.dapt.cover;

import app.dapt.cover.Back.Panel;
import app.dapt.cover.Back.Zip;
import app.dapt.cover.Finding.Weight;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A zip in a seam across the back: lower cut d + s + s_z, upper (H − d) + s + s_z.
 *
 * @param at      the zip's line above the finished bottom edge, or from the right one seen from behind, d
 * @param zipSeam what each panel gives up to the seam with the zip, s_z
 */
public record BackZipOpening(Axis runs, ZipLength zip, Length at, Length zipSeam) implements Opening {

    static BackZipOpening usual(Unit unit) {
        return new BackZipOpening(Axis.ACROSS, ZipLength.usual(unit), unit.pick(Length.cm(5), Length.inches(2)),
                unit.pick(Length.mm(15), Length.inches(0, 1, 2)));
    }

    static BackZipOpening from(Details details) {
        return new BackZipOpening(details.oneOf("runs", Axis.class), ZipLength.from(details), details.measure("zipAt"),
                details.measure("zipSeam"));
    }

    @Override
    public OpeningKind kind() {
        return OpeningKind.BACK_ZIP;
    }

    @Override
    public List<Detail> details() {
        List<Detail> details = new ArrayList<>(zip.details());
        details.add(new Detail.Measure("zipAt", Phrase.of(stacked() ? "detail.zipAt" : "detail.zipAt-upright"), LengthRange.CENTRE, at, true));
        details.add(Detail.measure("zipSeam", LengthRange.ALLOWANCE, zipSeam, true));
        details.add(Detail.oneOf("runs", runs, "way"));
        return details;
    }

    private boolean stacked() {
        return runs == Axis.ACROSS;
    }

    private BackZipOpening withZip(ZipLength changed) {
        return new BackZipOpening(runs, changed, at, zipSeam);
    }

    @Override
    public Optional<Opening> longer() {
        return Optional.of(withZip(zip.withStock(ZipLength.Stock.CHAIN)));
    }

    @Override
    public Optional<Phrase> unfitFor(Shape shape) {
        return unfitAcross(shape);
    }

    /** A zip across the back goes with neither a V nor a run. */
    static Optional<Phrase> unfitAcross(Shape shape) {
        if (shape instanceof Vee) {
            return Optional.of(Phrase.of("unfit.vee-zip"));
        }
        return shape instanceof Run ? Optional.of(Phrase.of("unfit.run-zip")) : Optional.empty();
    }

    @Override
    public Back back(CoverDimensions setting) {
        Length depth = setting.finished(runs.other());
        Length below = Length.max(Length.ZERO, Length.min(at, depth));
        Length line = depth.minus(below);
        Edge seam = Edge.seam(setting.allowance());
        Edge zipped = Edge.zip(zipSeam);
        Piece far = setting.part("back-" + (stacked() ? "upper" : "left"), Material.BACK, runs, Length.ZERO, line,
                cut(setting, Sum.of(Sum.term(stacked() ? "term.finished-height" : "term.finished-width", depth),
                        Sum.term("term.less-to-zip", below.negated()))), seam, zipped);
        Piece near = setting.part("back-" + (stacked() ? "lower" : "right"), Material.BACK, runs, line, depth,
                cut(setting, Sum.of(Sum.term("term.to-zip", below))), zipped, seam);
        Length along = narrower(far, near, setting);
        ZipLength.Choice choice = zip.pick(along, setting.plan().unit());
        Length from = setting.finished(runs).minus(choice.teeth()).half();
        far = far.marked(ends(far, from, choice.teeth(), far.cut(runs.other()).total(), setting));
        near = near.marked(ends(near, from, choice.teeth(), Length.ZERO, setting));
        Side before = CoverDimensions.before(runs);
        return Back.of(List.of(setting.front(), far, near), List.of(
                        Panel.of(far, Length.ZERO, line).free(before.opposite()), Panel.of(near, line, depth).free(before)), choice.teeth())
                .zipped(new Zip(choice.teeth(), choice.buy(), line, from, choice.why()));
    }

    /** How long the seam with the zip is, finished: on a round back the smaller part's own width. */
    private Length narrower(Piece far, Piece near, CoverDimensions setting) {
        return Length.min(Length.min(far.finished(runs), near.finished(runs)), setting.finished(runs));
    }

    private Sum cut(CoverDimensions setting, Sum finished) {
        return finished.plus(Sum.term("term.zip-seam", zipSeam)).plus(Sum.term("term.allowance", setting.allowance()));
    }

    private List<Marking> ends(Piece piece, Length from, Length teeth, Length deep, CoverDimensions setting) {
        // Counted from the piece's own middle, which a part of a round back may have elsewhere than the cover.
        Length start = piece.cut(runs).total().minus(setting.cut(runs).total()).half().plus(setting.allowance()).plus(from);
        return List.of(Marking.spot(Sort.ZIP_END, runs, start, deep), Marking.spot(Sort.ZIP_END, runs, start.plus(teeth), deep));
    }

    @Override
    public List<FindingCandidate> concerns(CoverDimensions setting, Back back) {
        Length seam = narrower(back.panels().get(0).piece(), back.panels().get(1).piece(), setting);
        List<FindingCandidate> concerns = new ArrayList<>(new ZipConcerns(zip, this::withZip, this, setting, back, seam).all());
        Length depth = setting.finished(runs.other());
        if (!at.isPositive() || at.atLeast(depth)) {
            BackZipOpening middle = new BackZipOpening(runs, zip, depth.half(), zipSeam);
            concerns.add(FindingCandidate.of("zip-placed", Weight.WILL_NOT_WORK, "zip-placed", at, depth)
                    .orTry(setting.plan().withOpening(middle), "zip-middle"));
        }
        return concerns;
    }

    @Override
    public Phrase brief(Back back) {
        return Phrase.of(stacked() ? "brief.back-zip" : "brief.back-zip-upright", back.length(), at);
    }
}
