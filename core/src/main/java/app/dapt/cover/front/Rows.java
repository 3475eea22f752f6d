package app.dapt.cover.front;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.FindingCandidate;
import app.dapt.cover.decision.Front;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Making;
import app.dapt.cover.decision.Need;
import app.dapt.cover.decision.Strips;
import app.dapt.cover.decision.Weight;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.StripWork;
import app.dapt.step.Work.Draft;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Rows across the front from edge to edge, caught in both side seams.
 *
 * @param count  how many
 * @param lowest how far above the finished lower edge the lowest is sewn on
 * @param apart  from one to the next
 * @param deep   how deep a ruffle is, finished
 */
public record Rows(Of of, int count, Length lowest, Length apart, Length deep) implements Extra {

    /** What is sewn across the front. */
    public enum Of {
        NONE,
        RUFFLE,
        LACE,
        RIBBON
    }

    /** Lace and ribbon are drawn so wide, and a ruffle's folds so far apart. */
    private static final Length BRAID = Length.inches(0, 3, 4);

    private static final Length FOLDS = Length.inches(0, 5, 8);

    /** How often a ruffle's length goes into what it is gathered on. */
    private static final int GATHERED = 2;

    static Rows none(Unit unit) {
        return new Rows(
                Of.NONE,
                3,
                unit.pick(Length.cm(10), Length.inches(4)),
                unit.pick(Length.cm(8), Length.inches(3)),
                unit.pick(Length.cm(5), Length.inches(2)));
    }

    static Rows from(Details details) {
        return new Rows(
                details.oneOf("rowsOf", Of.class),
                details.count("rows"),
                details.measure("rowsLowest"),
                details.measure("rowsApart"),
                details.measure("rowsDeep"));
    }

    @Override
    public boolean there() {
        return of != Of.NONE;
    }

    @Override
    public Kind<Extra> kind() {
        return ExtraKind.ROWS;
    }

    @Override
    public List<Detail<?>> details() {
        return List.of(
                Detail.oneOf("rowsOf", of, "rows-of"),
                Detail.count("rows", 1, 12, count, there()),
                Detail.measure("rowsLowest", LengthRange.CENTRE, lowest, there()),
                Detail.measure("rowsApart", LengthRange.CENTRE, apart, there() && count > 1),
                Detail.measure("rowsDeep", LengthRange.HANGS, deep, of == Of.RUFFLE));
    }

    @Override
    public List<Element> drawn(CoverDimensions sizes) {
        Length height = sizes.finished(Axis.UP_DOWN);
        return heights().stream()
                .filter(above -> above.under(height))
                .flatMap(above -> row(height.minus(above), sizes).stream())
                .toList();
    }

    /** A row sewn on along its upper edge, or a ribbon along both; a ruffle shows its folds. */
    private List<Element> row(Length top, CoverDimensions sizes) {
        Length width = sizes.finished(Axis.ACROSS);
        Length bottom = Length.min(sizes.finished(Axis.UP_DOWN), top.plus(of == Of.RUFFLE ? deep : BRAID));
        List<Element> elements = new ArrayList<>(List.of(
                new Shade(new Box(Length.ZERO, top, width, bottom.minus(top))),
                new Line(Role.TOPSTITCH, Length.ZERO, top, width, top),
                new Line(Role.FINISHED_EDGE, Length.ZERO, bottom, width, bottom)));
        if (of == Of.RIBBON) {
            elements.add(new Line(Role.FINISHED_EDGE, Length.ZERO, top, width, top));
        }
        for (Length x = FOLDS; of == Of.RUFFLE && x.under(width); x = x.plus(FOLDS)) {
            elements.add(new Line(Role.FINISHED_EDGE, x, top, x, bottom));
        }
        return elements;
    }

    @Override
    public Extra nearer(Length across, Length upDown) {
        return from(decided().less("rowsLowest", upDown));
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.extra.rows." + Phrase.code(of), count);
    }

    /** How far above the finished lower edge each is, the lowest first. */
    public List<Length> heights() {
        return IntStream.range(0, count)
                .mapToObj(i -> lowest.plus(apart.times(i)))
                .toList();
    }

    @Override
    public List<Marking> marks(Front made, CoverDimensions sizes) {
        return heights().stream()
                .filter(height -> !sizes.finished(Axis.UP_DOWN).under(height))
                .map(height -> Marking.line(Sort.ROW, Axis.ACROSS, Extra.above(height, made, sizes)))
                .toList();
    }

    /**
     * Of a ruffle: twice the finished width and an allowance at both sides, in as many strips as that takes; deep with
     * a narrow hem on both edges.
     */
    @Override
    public List<Piece> pieces(CoverDimensions sizes, Back back) {
        if (of != Of.RUFFLE) {
            return List.of();
        }
        Sum length = length(sizes, back).plus(Sum.term("term.gathered", gatheredIn(sizes, back)));
        Length hem = sizes.ownUnit().pick(Length.cm(1), Length.inches(0, 1, 2));
        Sum depth = Sum.of(Sum.term("term.ruffle-depth", deep), Sum.term("term.ruffle-hems", hem.times(2)));
        Length usable = sizes.cloths().front().usableWidth();
        Length lost = sizes.innerAllowance().times(2);
        return Strips.across("row", Material.FRONT, length, depth, usable, lost, sizes).stream()
                .map(strip -> strip.times(strip.quantity() * count))
                .toList();
    }

    /** Of one row, from edge to edge, caught in both side seams. */
    private static Sum length(CoverDimensions sizes, Back back) {
        return Sum.of(
                Sum.term("term.finished-width", sizes.finished(Axis.ACROSS)),
                Sum.term("term.both-allowances", back.outside(Side.LEFT, sizes).plus(back.outside(Side.RIGHT, sizes))));
    }

    /** What a ruffle has more than the row it is gathered to. */
    private static Length gatheredIn(CoverDimensions sizes, Back back) {
        return length(sizes, back)
                .total()
                .minus(sizes.innerAllowance().times(2))
                .times(GATHERED - 1L);
    }

    @Override
    public void make(Making making) {
        Length one = length(making.sizes(), making.back()).total();
        Pile onFront = Pile.of(making.lyingFront(true));
        Draft sewn = making.at(Place.MACHINE, "rows-sew", making.front());
        if (of == Of.RUFFLE) {
            Piece strip = pieces(making.sizes(), making.back()).get(0);
            int strips = strip.quantity() / count;
            StripWork work = new StripWork(making.work(), strip);
            Length gathered = one.plus(gatheredIn(making.sizes(), making.back()));
            work.joined(strips, making.sizes().innerAllowance());
            work.hemmed(
                    making.sizes().ownUnit().pick(Length.cm(1), Length.inches(0, 1, 2)), gathered.times(2L * count));
            work.gathered(gathered, one, count);
            sewn.also(strip.id());
        }
        // On a strip that is front and back there is no cut edge below the front: its marks say where rows go.
        (making.isOnePiece()
                        ? sewn
                        : sewn.figure(
                                "lowest-row", making.fromCutEdge(Side.BOTTOM, lowest), Making.finished(lowest), apart))
                .saying(Phrase.choice("rows-of", of), count)
                .marks(making.front(), Sort.ROW)
                .because()
                .along(Effort.SEW, one.times(of == Of.RIBBON ? 2L * count : count))
                .set(Stitch.TOPSTITCH, Foot.PLAIN)
                .shows(onFront.with(rowLines(making)))
                .add();
    }

    private List<Line> rowLines(Making making) {
        Length width = making.sizes().cut(Axis.ACROSS).total();
        return making.front().marks().stream()
                .filter(mark -> mark.sort() == Sort.ROW)
                .map(mark -> mark.fromTop().orElseThrow())
                .map(top -> new Line(Role.SEW, Length.ZERO, top, width, top))
                .toList();
    }

    @Override
    public List<Need> needs(CoverDimensions sizes, Back back) {
        if (of == Of.RUFFLE) {
            return List.of();
        }
        Length one = length(sizes, back).total();
        Sum all = Sum.of(Sum.term("term.rows", one.times(count), count, one));
        return List.of(Need.length(Phrase.of("need.rows." + Phrase.code(of)), all, sizes.unit()));
    }

    @Override
    public List<FindingCandidate<Extra>> concerns(CoverDimensions sizes) {
        Length height = sizes.finished(Axis.UP_DOWN);
        Length highest = heights().get(count - 1);
        if (height.atLeast(highest) && lowest.isPositive()) {
            return List.of();
        }
        Length fitting = height.times(1, count + 1);
        return List.of(FindingCandidate.<Extra>of("rows-past", Weight.WILL_NOT_WORK, "rows-past", highest, height)
                .orTry(() -> from(decided().with("rowsLowest", fitting).with("rowsApart", fitting)), "rows", fitting));
    }
}
