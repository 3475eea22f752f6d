package app.dapt.cover.front;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.front.Row.Edges;
import app.dapt.cover.front.Row.Gathered;
import app.dapt.cover.front.Row.Of;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.cover.parts.Strips;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Ware;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.StripWork;
import app.dapt.step.Work.Draft;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Rows on the front from edge to edge, each with its own kind, place and direction.
 */
record Rows(Details decided) implements Extra {

    private static final int MOST = 12;

    /** How often a ruffle's length goes into what it is gathered on. */
    private static final int GATHERED = 2;

    /** Rows that are made alike, wherever they lie: what is cut and done for them is the same. */
    private record Alike(Of of, Axis way, Length deep, Gathered gathered, Edges edges) {

        static Alike of(Row row) {
            return row.isRuffle()
                    ? new Alike(row.of(), row.way(), row.deep(), row.gathered(), row.edges())
                    : new Alike(row.of(), row.way(), Length.ZERO, Gathered.EDGE, Edges.HEMMED);
        }
    }

    /**
     * One group of them.
     *
     * @param number counted from one
     */
    private record Group(int number, Alike alike, List<Row> rows) {

        boolean isRuffle() {
            return alike.of() == Of.RUFFLE;
        }

        String id() {
            return number == 1 ? "row" : "row-" + number;
        }
    }

    private static final Question<Integer> COUNT = Question.count("rows", 0, MOST, 0);
    /** As many as there may be; those beyond the count are kept. */
    private static final List<RowQuestions> ROWS = IntStream.rangeClosed(1, MOST)
            .mapToObj(number -> new RowQuestions(number, COUNT))
            .toList();

    static final List<Question<?>> ASKED = Stream.concat(
                    Stream.of(COUNT), ROWS.stream().flatMap(row -> row.all().stream()))
            .toList();

    private List<Row> there(Axis way) {
        return rows().stream().filter(row -> row.way() == way).toList();
    }

    private List<Row> rows() {
        return ROWS.stream().limit(get(COUNT)).map(row -> row.of(decided)).toList();
    }

    @Override
    public boolean there() {
        return get(COUNT) > 0;
    }

    @Override
    public Kind<Extra> kind() {
        return ExtraKind.ROWS;
    }

    private List<Group> groups() {
        Map<Alike, List<Row>> alike =
                rows().stream().collect(Collectors.groupingBy(Alike::of, LinkedHashMap::new, Collectors.toList()));
        List<Group> groups = new ArrayList<>();
        alike.forEach((how, rows) -> groups.add(new Group(groups.size() + 1, how, rows)));
        return groups;
    }

    @Override
    public List<Element> drawn(CoverDimensions sizes) {
        return rows().stream()
                .filter(row -> row.isOn(sizes))
                .flatMap(row -> row.drawn(sizes).stream())
                .toList();
    }

    @Override
    public Phrase brief() {
        List<Of> kinds = rows().stream().map(Row::of).distinct().toList();
        return kinds.size() == 1
                ? Phrase.of("brief.extra.rows." + Phrase.code(kinds.get(0)), get(COUNT))
                : Phrase.of("brief.extra.rows.mixed", get(COUNT));
    }

    @Override
    public Extra nearer(Length across, Length upDown) {
        Details nearer = decided;
        for (RowQuestions row : ROWS) {
            nearer = nearer.less(row.at(), row.of(decided).runsAcross() ? upDown : across);
        }
        return new Rows(nearer);
    }

    @Override
    public List<Marking> marks(Front made, CoverDimensions sizes) {
        return rows().stream()
                .filter(row -> row.isOn(sizes))
                .map(row -> Marking.line(Sort.ROW, row.way(), place(row, made, sizes)))
                .toList();
    }

    private static Length place(Row row, Front made, CoverDimensions sizes) {
        return row.runsAcross()
                ? Extra.above(row.at(), made, sizes)
                : sizes.allowance().plus(row.at());
    }

    /**
     * Of a ruffle: twice the finished size along it and an allowance at both ends, in as many strips as that takes; as
     * deep as it is finished, and a narrow hem on both edges where they are hemmed.
     */
    @Override
    public List<Piece> pieces(CoverDimensions sizes, Back back) {
        return groups().stream()
                .filter(Group::isRuffle)
                .map(group -> strip(group, sizes, back))
                .toList();
    }

    private static Piece strip(Group group, CoverDimensions sizes, Back back) {
        Alike how = group.alike();
        Sum length = length(how.way(), sizes, back).plus(Sum.term("term.gathered", gatheredIn(how.way(), sizes, back)));
        Sum deep = Sum.of(Sum.term("term.ruffle-depth", how.deep()));
        Sum depth = how.edges() == Edges.HEMMED
                ? deep.plus(Sum.term("term.ruffle-hems", hem(sizes).times(2)))
                : deep;
        Length usable = sizes.cloths().front().usableWidth();
        Length lost = sizes.innerAllowance().times(2);
        Piece one = Strips.across(group.id(), Material.FRONT, length, depth, usable, lost, sizes)
                .get(0);
        Phrase name = group.number() == 1 ? Phrase.of("piece.row") : Phrase.of("piece.row-more", group.number());
        return one.named(name).times(one.quantity() * group.rows().size());
    }

    private static Length hem(CoverDimensions sizes) {
        return sizes.ownUnit().pick(Length.cm(1), Length.inches(0, 1, 2));
    }

    private static Side end(Axis way) {
        return way == Axis.ACROSS ? Side.LEFT : Side.TOP;
    }

    /** Of one row, from edge to edge, caught in both seams. */
    private static Sum length(Axis way, CoverDimensions sizes, Back back) {
        return Sum.of(
                Sum.term(way == Axis.ACROSS ? "term.finished-width" : "term.finished-height", sizes.finished(way)),
                Sum.term(
                        "term.both-allowances",
                        back.outside(end(way), sizes).plus(back.outside(end(way).opposite(), sizes))));
    }

    /** What a ruffle has more than the row it is gathered to. */
    private static Length gatheredIn(Axis way, CoverDimensions sizes, Back back) {
        return length(way, sizes, back)
                .total()
                .minus(sizes.innerAllowance().times(2))
                .times(GATHERED - 1L);
    }

    @Override
    public void make(Making making) {
        groups().forEach(group -> make(group, making));
    }

    private void make(Group group, Making making) {
        Alike how = group.alike();
        Length one = length(how.way(), making.sizes(), making.back()).total();
        boolean middle = how.gathered() == Gathered.MIDDLE;
        Draft sewn = making.at(Place.MACHINE, middle ? "rows-sew-middle" : "rows-sew", making.front())
                .called(making.front().id() + (group.number() == 1 ? "" : "-" + group.number()));
        if (group.isRuffle()) {
            Piece strip = strip(group, making.sizes(), making.back());
            prepare(group, strip, one, making);
            sewn.also(strip.id());
        }
        int rows = group.rows().size();
        sewn.saying(Phrase.choice("rows-of", how.of()), rows, Phrase.choice("row-way", how.way()))
                .because()
                .along(Effort.SEW, one.times(how.of() == Of.RIBBON ? 2L * rows : rows))
                .set(Stitch.TOPSTITCH, Foot.PLAIN)
                .shows(Pile.of(making.lyingFront(true)).with(rowLines(making)));
        // On a strip that is front and back there is no cut edge below the front: its marks say where rows go.
        if (!making.isOnePiece()) {
            Side from = how.way() == Axis.ACROSS ? Side.BOTTOM : Side.LEFT;
            group.rows()
                    .forEach(row -> sewn.figure(
                            "row",
                            making.fromCutEdge(from, row.at()),
                            Phrase.choice("which-edge", from),
                            Making.finished(row.at())));
        }
        sewn.marks(making.front(), Sort.ROW).add();
    }

    private static void prepare(Group group, Piece strip, Length one, Making making) {
        Alike how = group.alike();
        int rows = group.rows().size();
        Length gathered = one.plus(gatheredIn(how.way(), making.sizes(), making.back()));
        StripWork work = new StripWork(making.work(), strip);
        work.joined(strip.quantity() / rows, making.sizes().innerAllowance());
        switch (how.edges()) {
            case HEMMED -> work.hemmed(hem(making.sizes()), gathered.times(2L * rows), true);
            case PINKED -> work.pinked(gathered.times(2L * rows));
            case STAY_STITCHED -> work.stayStitched(gathered.times(2L * rows));
            case RAW -> {}
        }
        work.gathered(gathered, one, rows);
    }

    private static List<Line> rowLines(Making making) {
        Length width = making.sizes().cut(Axis.ACROSS).total();
        Length height = making.sizes().cut(Axis.UP_DOWN).total();
        return making.front().marks().stream()
                .filter(mark -> mark.sort() == Sort.ROW)
                .flatMap(mark -> Stream.concat(
                        mark.fromTop().stream().map(top -> new Line(Role.SEW, Length.ZERO, top, width, top)),
                        mark.fromLeft().stream().map(left -> new Line(Role.SEW, left, Length.ZERO, left, height))))
                .toList();
    }

    @Override
    public List<Need> needs(CoverDimensions sizes, Back back) {
        return Stream.of(Of.LACE, Of.RIBBON)
                .map(kind -> length(kind, sizes, back))
                .flatMap(Optional::stream)
                .toList();
    }

    private Optional<Need> length(Of kind, CoverDimensions sizes, Back back) {
        List<Sum.Term> terms = new ArrayList<>();
        for (Group group : groups()) {
            if (group.alike().of() == kind) {
                Length one = length(group.alike().way(), sizes, back).total();
                int rows = group.rows().size();
                terms.add(Sum.term("term.rows", one.times(rows), rows, one));
            }
        }
        return terms.isEmpty()
                ? Optional.empty()
                : Optional.of(Need.length(
                        Phrase.of("need.rows." + Phrase.code(kind)),
                        Sum.of(terms.toArray(Sum.Term[]::new)),
                        sizes.unit(),
                        Optional.of(Ware.of(Thing.Kind.TRIM))));
    }

    @Override
    public List<Concern<Extra>> concerns(CoverDimensions sizes) {
        Function<Axis, Stream<Concern<Extra>>> past = way -> {
            Length size = sizes.finished(way.other());
            return there(way).stream()
                    .map(Row::at)
                    .filter(at -> !at.isPositive() || size.under(at))
                    .reduce(Length::max)
                    .map(at -> past(way, at, size))
                    .stream();
        };
        return Stream.of(Axis.values()).flatMap(past).toList();
    }

    private Concern<Extra> past(Axis way, Length at, Length size) {
        int number = there(way).size();
        Details spread = decided;
        int next = 1;
        for (RowQuestions row : ROWS.subList(0, get(COUNT))) {
            if (row.of(decided).way() == way) {
                spread = spread.with(row.at(), size.times(next++, number + 1));
            }
        }
        Rows evenly = new Rows(spread);
        String code = way == Axis.ACROSS ? "rows-past" : "rows-past-upright";
        return Concern.<Extra>of(code, Weight.WILL_NOT_WORK, code, at, size)
                .orTry(() -> evenly, "rows", size.times(1, number + 1));
    }
}
