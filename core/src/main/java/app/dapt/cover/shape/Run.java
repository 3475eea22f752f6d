package app.dapt.cover.shape;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.FindingCandidate;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Making;
import app.dapt.cover.decision.Weight;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Role;
import app.dapt.filling.Casing;
import app.dapt.filling.Chambers;
import app.dapt.filling.Pillow;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Several forms side by side, each in a pocket of one long cover; measured pushed together as they will lie. The lines
 * between the pockets are sewn from edge to edge through the front and both backs, and locked where they cross a hem.
 *
 * @param pockets   how many forms
 * @param straps    what is sewn to its back to carry it by, or to prop it up with
 */
public record Run(int pockets, Straps straps) implements Shape {

    /** What straps are for. */
    public enum Use {
        /** Both ends of each in one edge, like a handle. */
        CARRY,
        /** Some at an end, and as many on a channel line: tied together they double the end over. */
        PROP
    }

    /** The edge of the back that carrying straps are caught in. */
    public enum CarriedBy {
        TOP,
        LEFT,
        RIGHT
    }

    /** Which end is doubled over, seen from behind. */
    public enum Propped {
        LEFT,
        RIGHT
    }

    /**
     * Straps on the back.
     *
     * @param count how many to carry by; to prop, how many at the end and how many on the line
     * @param from  how far in from the finished sides the outermost sit
     * @param edge  to carry by
     * @param end   to be propped
     * @param line  to prop it on: so many channel lines from that end
     */
    public record Straps(Use use, int count, Length from, CarriedBy edge, Propped end, int line) {

        boolean isProp() {
            return use == Use.PROP;
        }

        /** How many strips are cut. */
        int strips() {
            return isProp() ? 2 * count : count;
        }

        /** How many ends are sewn along one line. */
        private int ends() {
            return isProp() ? count : 2 * count;
        }

        /** The direction of the edge they sit in. */
        Axis runs() {
            return !isProp() && edge == CarriedBy.TOP ? Axis.ACROSS : Axis.UP_DOWN;
        }

        /**
         * Where they sit along it: the outermost so far in from both sides, the others evenly between; a single one in
         * the middle.
         */
        List<Length> along(Length side) {
            return ends() == 1
                    ? List.of(side.half())
                    : IntStream.range(0, ends())
                            .mapToObj(i -> from.plus(side.minus(from.times(2)).times(i, ends() - 1)))
                            .toList();
        }

        private Straps withFrom(Length changed) {
            return new Straps(use, count, changed, edge, end, line);
        }

        private Straps withLine(int changed) {
            return new Straps(use, count, from, edge, end, changed);
        }
    }

    /** What each line of stitching between two pockets takes up of the cloth. */
    static final Length TAKE_UP = Length.inches(0, 1, 8);

    private static final Length STRAP_LENGTH = Length.inches(8);
    private static final Length STRAP_WIDTH = Length.inches(3);
    private static final int MOST_POCKETS = 12;

    static Run usual(Unit unit) {
        return new Run(
                3,
                new Straps(Use.CARRY, 2, unit.pick(Length.cm(20), Length.inches(8)), CarriedBy.TOP, Propped.LEFT, 2));
    }

    static Run from(Details d) {
        return new Run(
                d.count("pockets"),
                new Straps(
                        d.oneOf("strapUse", Use.class),
                        d.count("straps"),
                        d.measure("strapFrom"),
                        d.oneOf("strapEdge", CarriedBy.class),
                        d.oneOf("strapEnd", Propped.class),
                        d.count("strapLine")));
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.shape.run", pockets);
    }

    @Override
    public int forms() {
        return pockets;
    }

    @Override
    public Kind<Shape> kind() {
        return ShapeKind.RUN;
    }

    @Override
    public List<Detail<?>> details() {
        boolean any = straps.count() > 0;
        return List.of(
                Detail.count("pockets", 2, MOST_POCKETS, pockets, true),
                Detail.count("straps", 0, 4, straps.count(), true),
                new Detail.OneOf<>("strapUse", Phrase.of("detail.strapUse"), straps.use(), "strap-use", false, any),
                new Detail.OneOf<>(
                        "strapEdge",
                        Phrase.of("detail.strapEdge"),
                        straps.edge(),
                        "strap-edge",
                        false,
                        any && !straps.isProp()),
                new Detail.OneOf<>(
                        "strapEnd",
                        Phrase.of("detail.strapEnd"),
                        straps.end(),
                        "strap-end",
                        false,
                        any && straps.isProp()),
                Detail.count("strapLine", 1, MOST_POCKETS - 1, straps.line(), any && straps.isProp()),
                Detail.measure("strapFrom", LengthRange.CENTRE, straps.from(), any));
    }

    @Override
    public Casing casing(Length across, Length upDown) {
        return new Chambers(pockets, new Pillow(across.times(1, pockets), upDown), false);
    }

    @Override
    public List<Sum.Term> takeUp(Axis axis) {
        return axis == Axis.ACROSS
                ? List.of(Sum.term("term.channels", TAKE_UP.times(pockets - 1L), pockets - 1))
                : List.of();
    }

    /**
     * Where a line between two pockets lies, counted from one, from the cut edge at the left: evenly, take-up and all.
     */
    private Length channel(int number, CoverDimensions sizes) {
        Length between = sizes.finished(Axis.ACROSS).plus(TAKE_UP.times(pockets - 1L));
        return sizes.allowance().plus(between.times(number, pockets));
    }

    private List<Marking> channels(CoverDimensions sizes) {
        return IntStream.range(1, pockets)
                .mapToObj(i -> Marking.line(Sort.CHANNEL, Axis.UP_DOWN, channel(i, sizes)))
                .toList();
    }

    @Override
    public Piece marked(Piece piece, CoverDimensions sizes) {
        return piece.marked(channels(sizes));
    }

    @Override
    public List<Marking> onBack(Back back, Back.Panel panel, CoverDimensions sizes) {
        List<Marking> marks = new ArrayList<>(channels(sizes));
        if (straps.count() == 0 || sizes.opens() != Axis.ACROSS) {
            return marks;
        }
        List<Length> along = straps.along(sizes.finished(straps.runs()));
        if (straps.runs() == Axis.ACROSS && back.showing(Length.ZERO).equals(panel)) {
            along.forEach(
                    at -> marks.add(Marking.spot(Sort.STRAP, sizes.allowance().plus(at), Length.ZERO)));
        }
        if (straps.runs() == Axis.UP_DOWN) {
            along.stream().filter(at -> back.showing(at).equals(panel)).forEach(at -> strapLines(panel, sizes)
                    .forEach(x -> marks.add(Marking.spot(Sort.STRAP, x, panel.cutAt(at, Axis.ACROSS)))));
        }
        return marks;
    }

    /** The lines across the back that straps sit on, from the cut edge at the left. */
    private List<Length> strapLines(Back.Panel panel, CoverDimensions sizes) {
        Length width = panel.piece().cutWidth();
        if (!straps.isProp()) {
            return List.of(straps.edge() == CarriedBy.LEFT ? Length.ZERO : width);
        }
        int line = Math.min(straps.line(), pockets - 1);
        return straps.end() == Propped.LEFT
                ? List.of(Length.ZERO, channel(line, sizes))
                : List.of(width, channel(pockets - line, sizes));
    }

    @Override
    public Optional<Phrase> unfitAtEdge(Axis runs) {
        return runs == Axis.UP_DOWN ? Optional.of(Phrase.of("unfit.run-upright")) : Optional.empty();
    }

    @Override
    public Optional<Phrase> unfitToLap(Axis runs) {
        return unfitAtEdge(runs);
    }

    @Override
    public Optional<Phrase> unfitForZip() {
        return Optional.of(Phrase.of("unfit.run-zip"));
    }

    @Override
    public Optional<Phrase> unfitToFold() {
        return Optional.of(Phrase.of("unfit.run-folds"));
    }

    @Override
    public boolean takesFlange() {
        return false;
    }

    @Override
    public Length stitched(CoverDimensions sizes) {
        return sizes.finished(Axis.UP_DOWN).times(pockets - 1L);
    }

    @Override
    public List<Piece> extras(CoverDimensions sizes) {
        if (straps.count() == 0) {
            return List.of();
        }
        Map<Side, Edge> edges = Piece.foldedAlong(sizes.innerAllowance());
        return List.of(Piece.rectangle(
                        "strap",
                        Material.FRONT,
                        Sum.of(Sum.term("term.strap-length", STRAP_LENGTH)),
                        Sum.of(Sum.term("term.four-times", STRAP_WIDTH, STRAP_WIDTH.times(1, 4))),
                        edges)
                .times(straps.strips()));
    }

    @Override
    public void prepare(Making making) {
        making.piece("strap").ifPresent(strap -> {
            StripWork work = new StripWork(making.work(), strap);
            work.foldedTwice(STRAP_WIDTH.times(1, 4), strap.cutWidth().times(strap.quantity()));
            List<Piece> pieces = new ArrayList<>(List.of(strap));
            making.back().panels().stream()
                    .map(Back.Panel::piece)
                    .filter(piece -> piece.marks().stream().anyMatch(mark -> mark.sort() == Sort.STRAP))
                    .forEach(pieces::add);
            making.work()
                    .at(Place.MACHINE, straps.isProp() ? "straps-sew" : "straps-baste", pieces)
                    .saying(strap.quantity())
                    .because()
                    .trap()
                    .times(Effort.LAY, straps.ends())
                    .set(Stitch.BASTE, Foot.PLAIN)
                    .takes(strap, Side.LEFT)
                    .takes(strap, Side.RIGHT)
                    .shows(Pile.of(making.work().lying(pieces.get(pieces.size() - 1), true)))
                    .add();
        });
    }

    /** The lines between the pockets are sewn through all layers once the cover is turned. */
    @Override
    public void finish(Making making) {
        Pile whole = Pile.of(making.lyingFront(true));
        making.at(Place.TABLE, "channels-pin", making.front())
                .onAll()
                .saying(pockets - 1)
                .figure("pocket-wide", making.sizes().finished(Axis.ACROSS).times(1, pockets))
                .loose()
                .times(Effort.LAY, pockets - 1.0)
                .shows(whole.with(channelLines(Role.PIN, making)))
                .add();
        making.at(Place.MACHINE, "channels-sew", making.front())
                .onAll()
                .saying(pockets - 1)
                .because()
                .along(Effort.SEW, stitched(making.sizes()))
                .set(Stitch.SEAM, Foot.PLAIN)
                .shows(whole.with(channelLines(Role.SEW, making)))
                .add();
    }

    private List<Line> channelLines(Role role, Making making) {
        Length height = making.sizes().cut(Axis.UP_DOWN).total();
        return IntStream.range(1, pockets)
                .mapToObj(number -> channel(number, making.sizes()))
                .map(x -> new Line(role, x, Length.ZERO, x, height))
                .toList();
    }

    @Override
    public List<FindingCandidate<Shape>> concerns(CoverDimensions sizes, Back back) {
        List<FindingCandidate<Shape>> found = new ArrayList<>();
        Length side = sizes.finished(straps.runs());
        if (straps.count() > 0 && !straps.from().times(2).under(side)) {
            Length in = side.times(1, straps.isProp() ? 3 : 5);
            found.add(FindingCandidate.<Shape>of("straps", Weight.BETTER_NOT, "straps-cross", straps.from(), side)
                    .orTry(() -> new Run(pockets, straps.withFrom(in)), "straps-in", in));
        }
        if (straps.count() > 0 && straps.isProp() && straps.line() >= pockets) {
            found.add(FindingCandidate.<Shape>of(
                            "strap-line", Weight.BETTER_NOT, "strap-line", straps.line(), pockets - 1)
                    .orTry(() -> new Run(pockets, straps.withLine(pockets - 1)), "strap-line", pockets - 1));
        }
        return found;
    }
}
