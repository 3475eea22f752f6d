package app.dapt.cover.edging;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Figure;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.cover.parts.Strips;
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
import app.dapt.piece.PieceRole;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Ware;
import app.dapt.step.Caution;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.StripWork;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A cord covered with a strip of cloth and caught in the seam.
 */
public record Piping(Details decided) implements Edging {

    /** The thicknesses sold. */
    public enum Cord {
        FINE(Length.mm(3), Length.inches(0, 1, 8)),
        SMALL(Length.mm(4), Length.inches(0, 5, 32)),
        MIDDLING(Length.mm(5), Length.inches(0, 3, 16)),
        USUAL(Length.mm(6), Length.inches(0, 1, 4)),
        STOUT(Length.mm(8), Length.inches(0, 5, 16)),
        THICK(Length.mm(10), Length.inches(0, 3, 8)),
        ROPE(Length.mm(12), Length.inches(0, 1, 2));

        private final Length metric;
        private final Length imperial;

        Cord(Length metric, Length imperial) {
            this.metric = metric;
            this.imperial = imperial;
        }

        public Length across(Unit unit) {
            return unit.pick(metric, imperial);
        }
    }

    /** Schools of how wide to cut the strip. */
    public enum Rule {
        EXACT,
        TWICE,
        FIXED,
        OWN
    }

    /** How the strip lies on the cloth: across it and joined, slanting, or along it in one length. */
    public enum Grain {
        STRAIGHT,
        BIAS,
        ALONG
    }

    /** Ways of cutting bias. */
    public enum BiasWay {
        STRIPS,
        TUBE
    }

    /** The cloth a trim is cut from. */
    public enum Source {
        FRONT(Material.FRONT),
        BACK(Material.BACK),
        ANOTHER(Material.TRIM);

        private final Material material;

        Source(Material material) {
            this.material = material;
        }

        public Material material() {
            return material;
        }
    }

    /** Where the ends meet: never at a corner. */
    public enum JoinPlace {
        BOTTOM,
        SIDE
    }

    /** Its thickness, as sold. */
    private static final Question<Cord> CORD = Question.oneOf("cord", Cord.SMALL, "cord");
    /** How wide the strip is cut. */
    private static final Question<Rule> RULE = Question.oneOf("stripRule", Rule.EXACT, "strip");
    /** Its width where that is the sewist's own choice; kept otherwise. */
    private static final Question<Length> OWN = Question.length(
                    "stripOwn", LengthRange.PLEAT, Length.cm(4), Length.inches(1, 1, 2))
            .where(RULE, Rule.OWN);
    /** Along the cloth or across its threads. */
    private static final Question<Grain> GRAIN = Question.oneOf("grain", Grain.BIAS, "grain");
    /** How bias is cut. */
    private static final Question<BiasWay> WAY =
            Question.oneOf("biasWay", BiasWay.STRIPS, "bias-way").where(GRAIN, Grain.BIAS);
    /** How high the block is that bias strips are cut from. */
    private static final Question<Length> BLOCK = Question.length(
                    "block", LengthRange.BLOCK, Length.cm(35), Length.inches(14))
            .where(all -> all.get(GRAIN) == Grain.BIAS && all.get(WAY) == BiasWay.STRIPS);
    /** The cloth it is cut from. */
    private static final Question<Source> FROM = Question.oneOf("trimFrom", Source.ANOTHER, "trim-from");
    /** Where its ends meet. */
    private static final Question<JoinPlace> JOIN = Question.oneOf("pipingJoin", JoinPlace.BOTTOM, "piping-join");
    /** How much cord there is already, where there is some. */
    private static final Question<Optional<Length>> CORD_AT_HAND = Question.maybe("cordAtHand", LengthRange.BY_LENGTH);
    /** How much strip there is already, joined. */
    private static final Question<Optional<Length>> STRIP_AT_HAND =
            Question.maybe("stripAtHand", LengthRange.BY_LENGTH);

    static final List<Question<?>> ASKED =
            List.of(CORD, RULE, OWN, GRAIN, WAY, BLOCK, FROM, JOIN, CORD_AT_HAND, STRIP_AT_HAND);

    static Piping usual(Unit unit) {
        return new Piping(Details.usual(ASKED, unit));
    }

    @Override
    public Kind<Edging> kind() {
        return EdgingKind.PIPING;
    }

    private Length across(Unit unit) {
        return get(CORD).across(unit);
    }

    private Material material() {
        return get(FROM).material();
    }

    private boolean isInStrips() {
        return get(WAY) == BiasWay.STRIPS;
    }

    private boolean isBias() {
        return get(GRAIN) == Grain.BIAS;
    }

    /** What goes round the cord: π·d. */
    private Length wrap(Unit unit) {
        return Length.nearInches(Math.PI * across(unit).toInches());
    }

    /** How wide to cut the strip. */
    public Sum stripWidth(CoverDimensions sizes) {
        Unit unit = sizes.ownUnit();
        Length lips = sizes.innerAllowance().times(2);
        Sum sum =
                switch (get(RULE)) {
                    case EXACT -> Sum.of(Sum.term("term.round-cord", wrap(unit)), Sum.term("term.both-lips", lips));
                    case TWICE ->
                        Sum.of(
                                Sum.term(
                                        "term.cord-twice",
                                        quarterUp(across(unit), unit).times(2)),
                                Sum.term("term.both-lips", lips));
                    case FIXED ->
                        Sum.of(Sum.term("term.strip-fixed", unit.pick(Length.mm(45), Length.inches(1, 3, 4))));
                    case OWN -> Sum.of(Sum.term("term.strip-own", get(OWN)));
                };
        return sum.roundedUpTo(sizes.mark());
    }

    private static Length quarterUp(Length cord, Unit unit) {
        return cord.roundedUp(unit.pick(Length.mm(5), Length.inches(0, 1, 4)));
    }

    /** The flat part left to catch in the seam, on each side. */
    Length lip(CoverDimensions sizes) {
        return stripWidth(sizes).total().minus(wrap(sizes.ownUnit())).half();
    }

    BiasCut bias(SeamedEdge edge, CoverDimensions sizes) {
        Length total = edge.withJoin(sizes.ownUnit()).total();
        Length strip = stripWidth(sizes).total();
        return isInStrips()
                ? BiasCut.strips(total, strip, get(BLOCK))
                : BiasCut.tube(total, strip, sizes.ownUnit().pick(Length.cm(1), Length.inches(1)));
    }

    @Override
    public List<Piece> pieces(SeamedEdge edge, CoverDimensions sizes) {
        if (isBias()) {
            BiasCut bias = bias(edge, sizes);
            Sum width = isInStrips()
                    ? Sum.of(
                            Sum.term("term.block-high", get(BLOCK)),
                            Sum.term("term.bias-strips", bias.width().minus(get(BLOCK)), bias.strips()))
                    : Sum.of(Sum.term("term.tube-side", bias.width()));
            Sum height = Sum.of(Sum.term(isInStrips() ? "term.block" : "term.tube-side", bias.height()));
            return List.of(sizes.panel(
                            isInStrips() ? "bias-block" : "bias-square",
                            material(),
                            width,
                            height,
                            Piece.foldedAllRound())
                    .as(isInStrips() ? PieceRole.Whole.BIAS_BLOCK : PieceRole.Whole.BIAS_TUBE));
        }
        Sum length = edge.withJoin(sizes.ownUnit());
        if (get(GRAIN) == Grain.ALONG) {
            return List.of(sizes.panel("piping", material(), stripWidth(sizes), length, Piece.foldedAllRound()));
        }
        Length usable = sizes.cloths().of(material()).usableWidth();
        return Strips.across(
                "piping",
                material(),
                edge.withJoin(sizes.ownUnit()),
                stripWidth(sizes),
                usable,
                stripWidth(sizes).total(),
                sizes);
    }

    @Override
    public Foot foot() {
        return Foot.ZIPPER;
    }

    @Override
    public List<String> closing() {
        return List.of("nearer-cord");
    }

    @Override
    public void make(SeamedEdge edge, Making making) {
        CoverDimensions sizes = making.sizes();
        Piece strip = pieces(edge, sizes).get(0);
        int strips = strip.quantity();
        Length length = edge.withJoin(sizes.ownUnit()).total();
        if (isBias()) {
            BiasCut bias = bias(edge, sizes);
            strips = isInStrips() ? bias.strips() : 1;
            cutBias(making, strip, strips);
        }
        new StripWork(making.work(), strip).joined(strips, sizes.innerAllowance());
        making.at(Place.MACHINE, "cord-cover", strip)
                .saying(across(sizes.ownUnit()))
                .figure("strip-long", length)
                .along(Effort.BASTE, length)
                .set(Stitch.BASTE, Foot.ZIPPER)
                .rightSide()
                .add();
        Pile onFront = Pile.of(making.lyingFront(true));
        making.at(Place.TABLE, "piping-pin", making.front(), strip)
                .figure("round-the-edge", edge.length().total())
                .how("raw-edges-level")
                .how("piping-tail")
                .because()
                .loose()
                .times(Effort.LAY, 2)
                .shows(onFront.with(edge.onFront(
                                Looks.PIPING, standsOut(sizes.ownUnit()), material(), sizes.innerAllowance()))
                        .pinned(making.seamed(making.front())))
                .add();
        making.at(Place.MACHINE, "piping-baste", making.front(), strip)
                .saying(Phrase.choice("piping-join", get(JOIN)))
                .how("piping-ends")
                .along(Effort.BASTE, edge.length().total())
                .set(Stitch.BASTE, Foot.ZIPPER)
                .shows(onFront.with(edge.onFront(
                                Looks.PIPING, standsOut(sizes.ownUnit()), material(), sizes.innerAllowance()))
                        .seamed(Role.SEW, making.seamed(making.front())))
                .add();
    }

    private Piping cutting(BiasWay way) {
        return new Piping(decided.with(WAY, way));
    }

    private void cutBias(Making making, Piece block, int strips) {
        Length wide = stripWidth(making.sizes()).total();
        if (!isInStrips()) {
            making.at(Place.MACHINE, "tube-sew", block)
                    .saying(wide)
                    .because()
                    .times(Effort.LAY, 3)
                    .set(Stitch.SEAM, Foot.PLAIN)
                    .add();
            making.at(Place.TABLE, "tube-cut", block)
                    .saying(wide)
                    .times(Effort.CUT_CURVED, 2)
                    .careful(Caution.BLADE)
                    .add();
            return;
        }
        making.at(Place.TABLE, "bias-cut", block)
                .saying(strips, wide)
                .because()
                .times(Effort.CUT_STRAIGHT, strips)
                .careful(Caution.BLADE)
                .add();
    }

    @Override
    public List<Need> needs(SeamedEdge edge, CoverDimensions sizes) {
        Unit unit = sizes.ownUnit();
        return List.of(Need.length(
                Phrase.of("need.cord", across(unit)),
                edge.withJoin(unit),
                sizes.unit(),
                Optional.of(Ware.of(Thing.Kind.CORD, across(unit)))));
    }

    @Override
    public List<Phrase> about(SeamedEdge edge, CoverDimensions sizes) {
        List<Phrase> said = new ArrayList<>();
        said.add(Phrase.of(
                "about.strip",
                stripWidth(sizes).total(),
                lip(sizes),
                edge.withJoin(sizes.ownUnit()).total()));
        if (isBias()) {
            BiasCut strips = cutting(BiasWay.STRIPS).bias(edge, sizes);
            BiasCut tube = cutting(BiasWay.TUBE).bias(edge, sizes);
            said.add(Phrase.of("about.bias-strips", strips.strips(), strips.usable(), strips.width(), strips.height()));
            said.add(Phrase.of(tube.area() < strips.area() ? "about.tube-less" : "about.tube-more", tube.width()));
        }
        said.add(Phrase.of("about.piping-join." + Phrase.code(get(JOIN))));
        if (get(GRAIN) == Grain.ALONG) {
            said.add(Phrase.of(
                    "about.piping-along", edge.withJoin(sizes.ownUnit()).total()));
        }
        if (edge.corners() > 0) {
            said.add(Phrase.of("about.clip-corners", across(sizes.ownUnit())));
        }
        return said;
    }

    @Override
    public List<Figure> figures(SeamedEdge edge, CoverDimensions sizes) {
        Unit unit = sizes.ownUnit();
        List<Figure> figures = new ArrayList<>(List.of(
                Figure.of("strip", stripWidth(sizes)),
                Figure.of("lip", lip(sizes)),
                Figure.of("stripLength", edge.withJoin(unit)),
                Figure.of("cord", edge.withJoin(unit))));
        if (isBias()) {
            BiasCut bias = bias(edge, sizes);
            figures.addAll(List.of(
                    Figure.of("usable", bias.usable()),
                    Figure.of("strips", bias.strips()),
                    Figure.of("blockWidth", bias.width()),
                    Figure.of("blockHeight", bias.height())));
        } else {
            figures.add(Figure.of("strips", pieces(edge, sizes).get(0).quantity()));
        }
        return figures;
    }

    @Override
    public Optional<Strip> strip(CoverDimensions sizes) {
        return Optional.of(new Strip(stripWidth(sizes).total(), material()));
    }

    @Override
    public Caught caught() {
        return Caught.CORD;
    }

    @Override
    public List<Element> over(SeamedEdge edge, CoverDimensions sizes) {
        return Trim.along(edge.paths(), Looks.PIPING, standsOut(sizes.ownUnit()), material());
    }

    @Override
    public Length standsOut(Unit unit) {
        return across(unit);
    }

    @Override
    public List<Concern<Edging>> concerns(SeamedEdge edge, CoverDimensions sizes, Back back) {
        List<Concern<Edging>> found = new ArrayList<>();
        Length lip = lip(sizes);
        if (lip.plus(Length.sixtyFourths(1)).under(sizes.innerAllowance())) {
            Length enough = sizes.mark()
                    .roundUp(wrap(sizes.ownUnit()).plus(sizes.innerAllowance().times(2)));
            found.add(Concern.<Edging>of(
                            "lip-narrow",
                            lip.isPositive() ? Weight.BETTER_NOT : Weight.WILL_NOT_WORK,
                            "lip-narrow",
                            lip,
                            sizes.innerAllowance(),
                            enough)
                    .orTry(() -> with(RULE, Rule.EXACT), "strip", enough));
        }
        if (edge.curved() && !isBias()) {
            found.add(Concern.<Edging>of("piping-straight", Weight.BETTER_NOT, "piping-straight")
                    .orTry(() -> with(GRAIN, Grain.BIAS), "cut-bias")
                    .orNote());
        }
        if (edge.corners() > 0 && get(CORD).compareTo(Cord.THICK) >= 0) {
            found.add(Concern.<Edging>of("cord-bulky", Weight.WORTH_KNOWING, "cord-bulky", across(sizes.ownUnit()))
                    .orTry(() -> with(CORD, Cord.USUAL), "cord", Cord.USUAL.across(sizes.ownUnit()))
                    .orNote("will-clip"));
        }
        if (isBias() && isInStrips() && BiasCut.usable(get(BLOCK)).under(Length.inches(6))) {
            Length block = get(BLOCK);
            Length usual = usual(sizes.ownUnit()).get(BLOCK);
            found.add(Concern.<Edging>of("block-small", Weight.BETTER_NOT, "block-small", block, BiasCut.usable(block))
                    .orTry(() -> with(BLOCK, usual), "block", usual));
        }
        found.addAll(tooShort("cord-short", CORD_AT_HAND, edge, sizes));
        found.addAll(tooShort("strip-short", STRIP_AT_HAND, edge, sizes));
        found.addAll(EdgeConcerns.ofAnything(edge, sizes, "piping"));
        return found;
    }

    /** What is at hand has to go round and meet. */
    private List<Concern<Edging>> tooShort(
            String code, Question<Optional<Length>> atHand, SeamedEdge edge, CoverDimensions sizes) {
        Length needed = edge.withJoin(sizes.ownUnit()).total();
        return get(atHand)
                .filter(length -> length.under(needed))
                .map(length -> Concern.<Edging>of(
                                code, Weight.WILL_NOT_WORK, code, length, needed, needed.minus(length))
                        .orTry(() -> with(atHand, Optional.empty()), "get-more"))
                .stream()
                .toList();
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.edging.piping", Phrase.choice("cord", get(CORD)));
    }
}
