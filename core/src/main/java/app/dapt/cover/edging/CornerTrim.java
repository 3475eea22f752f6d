package app.dapt.cover.edging;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Trim;
import app.dapt.drawing.Looks;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece.Material;
import app.dapt.step.Caution;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import java.util.List;

/**
 * Tassels, pom-poms or ties caught in the seam at each corner.
 */
public record CornerTrim(Details decided) implements Edging {

    /** What hangs at the corners. */
    public enum Sort {
        TASSELS,
        POM_POMS,
        TIES
    }

    private static final Question<Sort> SORT = Question.oneOf("cornerSort", Sort.TASSELS, "corner-sort");
    /** How long they are. */
    private static final Question<Length> HANGS =
            Question.length("hangs", LengthRange.HANGS, Length.cm(8), Length.inches(3));

    static final List<Question<?>> ASKED = List.of(SORT, HANGS);

    @Override
    public Kind<Edging> kind() {
        return EdgingKind.CORNERS;
    }

    @Override
    public List<Need> needs(SeamedEdge edge, CoverDimensions sizes) {
        return List.of(Need.of(
                Phrase.of("need.at-corners", Phrase.choice("corner-sort", get(SORT))),
                Phrase.of("need.so-many", edge.corners(), get(HANGS))));
    }

    /** One at each corner, pointing out from the middle. */
    @Override
    public List<Element> over(SeamedEdge edge, CoverDimensions sizes) {
        Length across = sizes.finished(Axis.ACROSS);
        Length upDown = sizes.finished(Axis.UP_DOWN);
        Point middle = new Point(across.toMm() / 2, upDown.toMm() / 2);
        Contour contour =
                sizes.shape().isRectangular() ? Contour.rectangle(0, 0, across.toMm(), upDown.toMm()) : sizes.contour();
        return contour.corners().stream()
                .<Element>map(corner -> new Trim(Looks.TASSEL, List.of(middle, corner), get(HANGS), Material.TRIM))
                .toList();
    }

    /** One at each corner of a front that is not sewn yet, pointing to its middle. */
    private List<Element> inward(CoverDimensions sizes) {
        double width = sizes.cut(Axis.ACROSS).total().toMm();
        double height = sizes.cut(Axis.UP_DOWN).total().toMm();
        return Contour.rectangle(0, 0, width, height).corners().stream()
                .<Element>map(corner -> new Trim(
                        Looks.TASSEL,
                        List.of(new Point(2 * corner.x() - width / 2, 2 * corner.y() - height / 2), corner),
                        get(HANGS),
                        Material.TRIM))
                .toList();
    }

    @Override
    public void make(SeamedEdge edge, Making making) {
        making.at(Place.MACHINE, "corner-baste", making.front())
                .saying(Phrase.choice("corner-sort", get(SORT)), edge.corners())
                .trap()
                .careful(Caution.SMALL_PARTS)
                .times(Effort.CLIP, 4.0 * edge.corners())
                .set(Stitch.BASTE, Foot.PLAIN)
                .shows(Pile.of(making.lyingFront(true)).with(inward(making.sizes())))
                .add();
    }

    @Override
    public Length standsOut(Unit unit) {
        return get(HANGS);
    }

    @Override
    public boolean hasSmallParts() {
        return true;
    }

    @Override
    public List<Concern<Edging>> concerns(SeamedEdge edge, CoverDimensions sizes, Back back) {
        if (edge.corners() > 0) {
            return EdgeConcerns.ofAnything(edge, sizes, "corners");
        }
        return List.of(Concern.<Edging>of("no-corners", Weight.WILL_NOT_WORK, "no-corners")
                .orTry(() -> EdgingKind.NONE.usual(sizes.ownUnit()), "leave-off"));
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.edging.corners", Phrase.choice("corner-sort", get(SORT)));
    }
}
