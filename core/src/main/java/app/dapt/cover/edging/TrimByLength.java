package app.dapt.cover.edging;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.RemedyElsewhere;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Figure;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Trim;
import app.dapt.drawing.Looks;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Ware;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A trim bought by length whose head is caught in the seam.
 */
public record TrimByLength(Details decided) implements Edging {

    /** What it is. */
    public enum Sort {
        FRINGE(Looks.FRINGE),
        POM_POMS(Looks.POM_POMS),
        LACE(Looks.LACE),
        RICKRACK(Looks.RICKRACK),
        BEADS(Looks.BEADS);

        private final Looks look;

        Sort(Looks look) {
            this.look = look;
        }

        /** Whether it lies on the edge rather than hanging from it. */
        private boolean liesOnEdge() {
            return this == RICKRACK;
        }
    }

    /** In one length or in several. */
    public enum Lay {
        ONE,
        EACH_SIDE
    }

    private static final Length AT_CORNER = Length.inches(0, 1, 2);
    private static final Length TO_TURN = Length.inches(2);

    private static final Question<Sort> SORT = Question.oneOf("trimSort", Sort.FRINGE, "trim-sort");
    /** How far it hangs out. */
    private static final Question<Length> HANGS =
            Question.length("hangs", LengthRange.HANGS, Length.cm(4), Length.inches(1, 1, 2));
    /** One length turned at the corners, or one piece a side. */
    private static final Question<Lay> LAY = Question.oneOf("lay", Lay.ONE, "lay");
    /** What the shop sells it in. */
    private static final Question<Length> STEP =
            Question.length("shopStep", LengthRange.STEP, Length.cm(10), Length.inches(9));
    /** With piping in the same seam. */
    private static final Question<Boolean> PIPED_TOO = Question.tick("pipedToo");
    /** Whether an iron melts it. */
    private static final Question<Boolean> SYNTHETIC = Question.tick("synthetic");

    static final List<Question<?>> ASKED = List.of(SORT, HANGS, LAY, STEP, PIPED_TOO, SYNTHETIC);

    /** Whether bobbles hang from it. */
    public boolean isBobbles() {
        return get(SORT) == Sort.POM_POMS;
    }

    @Override
    public Kind<Edging> kind() {
        return EdgingKind.BY_LENGTH;
    }

    private Sort sort() {
        return get(SORT);
    }

    private boolean isPiped() {
        return get(PIPED_TOO);
    }

    /**
     * The edge, half an inch more at each corner and two inches to turn in; a piece a side turns in at both its ends.
     */
    Sum length(SeamedEdge edge) {
        Sum sum = get(LAY) == Lay.ONE
                ? edge.length()
                        .plus(Sum.term("term.at-corners", AT_CORNER.times(edge.corners()), edge.corners()))
                        .plus(Sum.term("term.turned-in", TO_TURN))
                : edge.length()
                        .plus(Sum.term(
                                "term.ends-turned-in",
                                TO_TURN.half().times(edge.sides().size()),
                                edge.sides().size()));
        Length step = get(STEP);
        Length total = sum.total();
        Length more = total.roundedUp(step).minus(total);
        return more.isZero() ? sum : sum.plus(Sum.term("term.shop-step", more, step));
    }

    private Piping piping(CoverDimensions sizes) {
        return Piping.usual(sizes.ownUnit());
    }

    @Override
    public Foot foot() {
        return Foot.ZIPPER;
    }

    @Override
    public void make(SeamedEdge edge, Making making) {
        if (isPiped()) {
            piping(making.sizes()).make(edge, making);
        }
        Pile onFront = Pile.of(making.lyingFront(true))
                .with(edge.onFront(
                        sort().look, get(HANGS), Material.TRIM, making.sizes().innerAllowance()));
        making.at(Place.TABLE, get(LAY) == Lay.ONE ? "trim-pin" : "trim-pin-sides", making.front())
                .saying(Phrase.choice("trim-sort", sort()))
                .figure("trim-long", length(edge).total())
                .trap()
                .loose()
                .times(Effort.LAY, 2)
                .shows(onFront.pinned(making.seamed(making.front())))
                .add();
        making.at(Place.MACHINE, "trim-baste", making.front())
                .saying(Phrase.choice("trim-sort", sort()))
                .along(Effort.BASTE, edge.length().total())
                .set(Stitch.BASTE, Foot.ZIPPER)
                .shows(onFront.seamed(Role.SEW, making.seamed(making.front())))
                .add();
    }

    @Override
    public boolean isBoughtByLength() {
        return true;
    }

    @Override
    public List<String> closing() {
        return isPiped() ? List.of("nearer-cord") : List.of();
    }

    @Override
    public Caught caught() {
        return Caught.FLAT_TRIM;
    }

    private List<Element> drawn(SeamedEdge edge) {
        return Trim.along(edge.paths(), sort().look, get(HANGS), Material.TRIM);
    }

    @Override
    public List<Element> under(SeamedEdge edge, CoverDimensions sizes) {
        return sort().liesOnEdge() ? List.of() : drawn(edge);
    }

    @Override
    public List<Element> over(SeamedEdge edge, CoverDimensions sizes) {
        List<Element> over = new ArrayList<>(isPiped() ? piping(sizes).over(edge, sizes) : List.of());
        over.addAll(sort().liesOnEdge() ? drawn(edge) : List.of());
        return over;
    }

    @Override
    public List<Piece> pieces(SeamedEdge edge, CoverDimensions sizes) {
        return isPiped() ? piping(sizes).pieces(edge, sizes) : List.of();
    }

    @Override
    public List<Need> needs(SeamedEdge edge, CoverDimensions sizes) {
        List<Need> needs = new ArrayList<>(List.of(
                Need.length(
                        Phrase.of("need.by-length", Phrase.choice("trim-sort", sort())),
                        length(edge),
                        sizes.unit(),
                        Optional.of(Ware.of(Thing.Kind.TRIM))),
                Need.length(Phrase.of("need.holding-tape"), edge.length(), sizes.unit())));
        needs.addAll(isPiped() ? piping(sizes).needs(edge, sizes) : List.of());
        return needs;
    }

    @Override
    public List<Figure> figures(SeamedEdge edge, CoverDimensions sizes) {
        return List.of(Figure.of("trim", length(edge)));
    }

    @Override
    public List<Phrase> about(SeamedEdge edge, CoverDimensions sizes) {
        return List.of(Phrase.of("about.trim", length(edge).total()), Phrase.of("about.trim-inward"));
    }

    @Override
    public Length standsOut(Unit unit) {
        return get(HANGS);
    }

    @Override
    public boolean hasSmallParts() {
        return sort() == Sort.POM_POMS || sort() == Sort.BEADS || sort() == Sort.FRINGE;
    }

    @Override
    public List<Concern<Edging>> concerns(SeamedEdge edge, CoverDimensions sizes, Back back) {
        List<Concern<Edging>> found = new ArrayList<>(EdgeConcerns.ofAnything(edge, sizes, "length"));
        if (back.zip().isPresent() && back.mouth().isPresent()) {
            found.add(Concern.<Edging>of(
                            "fringe-zip", Weight.BETTER_NOT, "fringe-zip", Phrase.choice("trim-sort", sort()))
                    .orTry(RemedyElsewhere.BACK_ZIP, "back-zip")
                    .orTry(RemedyElsewhere.ENVELOPE, "envelope")
                    .orTry(RemedyElsewhere.ENVELOPE_UP_DOWN, "envelope")
                    .orNote());
        }
        if (get(SYNTHETIC)) {
            found.add(Concern.<Edging>of("trim-heat", Weight.WORTH_KNOWING, "trim-heat")
                    .orNote());
        }
        if (isPiped()) {
            found.add(Concern.<Edging>of("layers", Weight.WORTH_KNOWING, "layers", Phrase.choice("trim-sort", sort()))
                    .orNote());
        }
        return found;
    }

    @Override
    public Phrase brief() {
        return Phrase.of(
                isPiped() ? "brief.edging.by-length-piped" : "brief.edging.by-length",
                Phrase.choice("trim-sort", sort()));
    }
}
