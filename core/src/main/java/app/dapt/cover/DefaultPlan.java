package app.dapt.cover;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cover.decision.Cloths;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.front.ExtrasKind;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.fit.Fit;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece.Material;
import java.util.Optional;
import java.util.Set;

/** A cover of which only the name and the form are known: everything else as most people would have it. */
public final class DefaultPlan {

    private DefaultPlan() {}

    public static CoverPlan plan(String name, Mark mark, Kind<Shape> kind, Form form) {
        Unit unit = mark.unit();
        Shape shape = kind.usual(unit);
        CoverPlan plan = new CoverPlan(
                name,
                mark,
                shape,
                form,
                fit(unit),
                opening(shape, unit),
                FaceKind.PLAIN.usual(unit),
                ExtrasKind.EXTRAS.usual(unit),
                EdgingKind.NONE.usual(unit),
                new Seam(Seam.usual(unit), SeamFinish.ZIGZAG),
                JoiningKind.NONE.usual(unit),
                cloths(unit),
                Optional.empty(),
                Set.of());
        // An overlap that holds, where the usual one would not.
        return Reckoner.reckon(plan)
                .finding("overlap")
                .flatMap(Finding::remedy)
                .map(Finding.Remedy::plan)
                .orElse(plan);
    }

    /**
     * A plan with another opening, as it is chosen: turned where it fits the shape only the other way, its returns
     * shorter where the form would not go in between them.
     */
    public static CoverPlan closing(CoverPlan plan, Opening opening) {
        CoverPlan closed = plan.withOpening(opening.suitedTo(plan.shape()));
        return Reckoner.reckon(closed)
                .finding("opening-short")
                .flatMap(Finding::remedy)
                .map(Finding.Remedy::plan)
                .filter(other -> other.opening().kind() == opening.kind()
                        && other.opening().runs() == closed.opening().runs()
                        && other.equals(closed.withOpening(other.opening())))
                .orElse(closed);
    }

    /**
     * The casing of a form that one stuffs oneself: as large as the form, sewn shut, of the cover's lining.
     *
     * @return nothing for a run, whose forms are none of them as large as it is
     */
    public static Optional<CoverPlan> casing(CoverPlan cover, String name) {
        if (cover.shape().forms() > 1) {
            return Optional.empty();
        }
        Unit unit = cover.unit();
        Cloth thin = cover.cloths().of(Material.LINING);
        Opening shut = OpeningKind.SEWN_SHUT.usual(unit);
        CoverPlan casing = new CoverPlan(
                name,
                cover.mark(),
                cover.shape(),
                cover.form(),
                fit(unit).withSchool(FitSchool.FINISH_TO_FORM),
                shut.suitedTo(cover.shape()),
                FaceKind.PLAIN.usual(unit),
                ExtrasKind.EXTRAS.usual(unit),
                EdgingKind.NONE.usual(unit),
                new Seam(Seam.usual(unit), SeamFinish.ZIGZAG),
                JoiningKind.NONE.usual(unit),
                cover.cloths().with(Material.FRONT, thin).with(Material.BACK, thin),
                cover.use(),
                Set.of());
        return Optional.of(closing(casing, shut));
    }

    /** A form that is measured differently each way takes an oblong where a square was asked for. */
    public static Kind<Shape> suited(Kind<Shape> asked, Form form) {
        boolean apart = !form.upDown().isEmpty() && !form.upDown().equals(form.across());
        return asked == ShapeKind.SQUARE && apart ? ShapeKind.OBLONG : asked;
    }

    /** An envelope, across; up and down on a V, which has nothing to cross. */
    private static Opening opening(Shape shape, Unit unit) {
        Opening envelope = OpeningKind.ENVELOPE.usual(unit);
        return envelope.unfitFor(shape).isPresent() ? envelope.turned() : envelope;
    }

    private static Fit fit(Unit unit) {
        return new Fit(
                FitSchool.CUT_TO_FORM,
                unit.pick(Length.cm(5), Length.inches(2)),
                unit.pick(Length.cm(-2), Length.inches(-1)));
    }

    /** One cloth for front and back, as most covers have it. */
    private static Cloths cloths(Unit unit) {
        Length width = unit.pick(Length.cm(140), Length.inches(54));
        Cloth cotton = new Cloth("plain cotton", "#31507e", Print.PLAIN, width, false);
        return new Cloths(
                cotton,
                cotton,
                new Cloth("thin lining", "#d9cfb8", Print.PLAIN, width, false),
                new Cloth("trim cotton", "#e2b93b", Print.PLAIN, width, false));
    }
}
