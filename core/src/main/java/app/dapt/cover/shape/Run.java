package app.dapt.cover.shape;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Making;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Role;
import app.dapt.filling.Casing;
import app.dapt.filling.Chambers;
import app.dapt.filling.Pillow;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
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
import app.dapt.step.Work.Draft;
import app.dapt.workpiece.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Several forms side by side, each in a pocket of one long cover; measured pushed together as they will lie. The lines
 * between the pockets are sewn from edge to edge through the front and both backs, and locked where they cross a hem.
 */
public record Run(Details decided) implements Shape {

    /** What straps are for. */
    public enum Use {
        NONE,
        /** Both ends of each in one edge, like a handle. */
        CARRY,
        /**
         * Two pairs, in the middle of the first pocket and of the second: knotted to each other near both long sides
         * they double the first pocket over the second.
         */
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
     * @param count how many to carry by
     * @param from  how far in from the finished sides the outermost sit
     * @param edge  to carry by
     * @param end   to be propped
     */
    public record Straps(Use use, int count, Length from, CarriedBy edge, Propped end) {

        /** To prop, one near each long side of two pockets. */
        private static final int PROPPED_POCKETS = 2;

        private static final int PAIR = 2;

        boolean isAny() {
            return use != Use.NONE;
        }

        boolean isProp() {
            return use == Use.PROP;
        }

        /** How many strips are cut. */
        int strips() {
            return switch (use) {
                case NONE -> 0;
                case CARRY -> count;
                case PROP -> PROPPED_POCKETS * PAIR;
            };
        }

        /** How many ends are sewn along one line. */
        private int ends() {
            return isProp() ? PAIR : 2 * count;
        }

        /** The direction of the line they sit along. */
        Axis runs() {
            return !isProp() && edge == CarriedBy.TOP ? Axis.ACROSS : Axis.UP_DOWN;
        }

        /** Where they sit along it: the outermost so far in from both sides, the others evenly between. */
        List<Length> along(Length side) {
            return IntStream.range(0, ends())
                    .mapToObj(i -> from.plus(side.minus(from.times(2)).times(i, ends() - 1)))
                    .toList();
        }
    }

    /** What each line of stitching between two pockets takes up of the cloth. */
    static final Length TAKE_UP = Length.inches(0, 1, 8);

    private static final Length STRAP_LENGTH = Length.inches(8);
    private static final Length STRAP_WIDTH = Length.inches(3);
    private static final int MOST_POCKETS = 12;
    private static final int MOST_STRAPS = 4;

    /** How many forms. */
    private static final Question<Integer> POCKETS = Question.count("pockets", 2, MOST_POCKETS, 3);

    private static final Question<Use> USE = Question.oneOf("strapUse", Use.NONE, "strap-use");
    private static final Question<Integer> STRAPS =
            Question.count("straps", 1, MOST_STRAPS, 2).where(USE, Use.CARRY);
    private static final Question<CarriedBy> EDGE =
            Question.oneOf("strapEdge", CarriedBy.TOP, "strap-edge").where(USE, Use.CARRY);
    private static final Question<Propped> END =
            Question.oneOf("strapEnd", Propped.LEFT, "strap-end").where(USE, Use.PROP);
    private static final Question<Length> FROM = Question.length(
                    "strapFrom", LengthRange.CENTRE, Length.cm(10), Length.inches(4))
            .where(all -> all.get(USE) != Use.NONE);

    static final List<Question<?>> ASKED = List.of(POCKETS, USE, STRAPS, EDGE, END, FROM);

    /** How many forms. */
    public int pockets() {
        return get(POCKETS);
    }

    private Straps straps() {
        return new Straps(get(USE), get(STRAPS), get(FROM), get(EDGE), get(END));
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.shape.run", pockets(), Phrase.choice("brief.straps", straps().use()));
    }

    @Override
    public int forms() {
        return pockets();
    }

    @Override
    public Kind<Shape> kind() {
        return ShapeKind.RUN;
    }

    @Override
    public Casing casing(Length across, Length upDown) {
        return new Chambers(pockets(), new Pillow(across.times(1, pockets()), upDown), false);
    }

    @Override
    public List<Sum.Term> takeUp(Axis axis) {
        return axis == Axis.ACROSS
                ? List.of(Sum.term("term.channels", TAKE_UP.times(pockets() - 1L), pockets() - 1))
                : List.of();
    }

    /**
     * Where a line between two pockets lies, counted from one, from the cut edge at the left: evenly, take-up and all.
     */
    private Length channel(int number, CoverDimensions sizes) {
        return sizes.allowance().plus(flat(sizes).times(number, pockets()));
    }

    /** The middle of a pocket, counted from one, from the same edge. */
    private Length middle(int number, CoverDimensions sizes) {
        Length flat = sizes.cutFor(Axis.ACROSS).plus(TAKE_UP.times(pockets() - 1L));
        return sizes.innerAllowance().plus(flat.times(2 * number - 1, 2 * pockets()));
    }

    /** Between the side seams before the channels are sewn, take-up and all. */
    private Length flat(CoverDimensions sizes) {
        return sizes.finished(Axis.ACROSS).plus(TAKE_UP.times(pockets() - 1L));
    }

    private List<Marking> channels(CoverDimensions sizes) {
        return IntStream.range(1, pockets())
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
        if (!straps().isAny() || sizes.opens() != Axis.ACROSS) {
            return marks;
        }
        List<Length> along = straps().along(sizes.finished(straps().runs()));
        if (straps().runs() == Axis.ACROSS && back.showing(Length.ZERO).equals(panel)) {
            along.forEach(
                    at -> marks.add(Marking.spot(Sort.STRAP, sizes.allowance().plus(at), Length.ZERO)));
        }
        if (straps().runs() == Axis.UP_DOWN) {
            along.stream().filter(at -> back.showing(at).equals(panel)).forEach(at -> strapLines(panel, sizes)
                    .forEach(x -> marks.add(Marking.spot(Sort.STRAP, x, panel.cutAt(at, Axis.ACROSS)))));
        }
        return marks;
    }

    /** The lines across the back that straps sit on, from the cut edge at the left. */
    private List<Length> strapLines(Back.Panel panel, CoverDimensions sizes) {
        Length width = panel.piece().cutWidth();
        if (!straps().isProp()) {
            return List.of(straps().edge() == CarriedBy.LEFT ? Length.ZERO : width);
        }
        boolean atLeft = straps().end() == Propped.LEFT;
        return List.of(middle(atLeft ? 1 : pockets(), sizes), middle(atLeft ? 2 : pockets() - 1, sizes));
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

    private Length stitched(CoverDimensions sizes) {
        return sizes.finished(Axis.UP_DOWN).times(pockets() - 1L);
    }

    @Override
    public List<Piece> extras(CoverDimensions sizes) {
        if (!straps().isAny()) {
            return List.of();
        }
        Map<Side, Edge> edges = Piece.foldedAlong(sizes.innerAllowance());
        if (straps().isProp()) {
            Edge turnedIn = new Edge(Edge.Fate.SINGLE_TURN, List.of(endTurn(sizes)));
            edges.put(Side.LEFT, turnedIn);
            edges.put(Side.RIGHT, turnedIn);
        }
        return List.of(Piece.rectangle(
                        "strap",
                        Material.FRONT,
                        Sum.of(Sum.term("term.strap-length", STRAP_LENGTH)),
                        Sum.of(Sum.term("term.four-times", STRAP_WIDTH, STRAP_WIDTH.times(1, 4))),
                        edges)
                .times(straps().strips()));
    }

    /** What is turned in at both ends of a strap that is not caught in a seam. */
    private static Length endTurn(CoverDimensions sizes) {
        return sizes.ownUnit().pick(Length.cm(1), Length.inches(0, 1, 2));
    }

    /** Straps are sewn on while each piece of the back still lies flat and alone. */
    @Override
    public void prepare(Making making) {
        making.piece("strap").ifPresent(strap -> {
            StripWork work = new StripWork(making.work(), strap);
            if (straps().isProp()) {
                work.endsTurned(endTurn(making.sizes()));
            }
            work.foldedTwice(STRAP_WIDTH.times(1, 4), strap.cutWidth().times(strap.quantity()));
            List<Piece> pieces = new ArrayList<>(List.of(strap));
            making.back().panels().stream()
                    .map(Back.Panel::piece)
                    .filter(piece -> piece.marks().stream().anyMatch(mark -> mark.sort() == Sort.STRAP))
                    .forEach(pieces::add);
            Draft sewn = making.work()
                    .at(Place.MACHINE, straps().isProp() ? "straps-sew" : "straps-baste", pieces)
                    .saying(strap.quantity())
                    .because()
                    .trap()
                    .times(Effort.LAY, straps().ends())
                    .set(straps().isProp() ? Stitch.SEAM : Stitch.BASTE, Foot.PLAIN)
                    .shows(Pile.of(making.work().lying(pieces.get(pieces.size() - 1), true)));
            pieces.forEach(piece -> sewn.marks(piece, Sort.STRAP));
            (straps().isProp() ? sewn : sewn.takes(strap, Side.LEFT).takes(strap, Side.RIGHT)).add();
        });
    }

    @Override
    public Shape nearer(Length by) {
        return new Run(decided.less(FROM, by));
    }

    @Override
    public String triedOn() {
        return "try-on-pockets";
    }

    @Override
    public String filledBy() {
        return "fill-pockets";
    }

    @Override
    public boolean isTriedOnLast() {
        return true;
    }

    /** The lines between the pockets are sewn through all layers once the cover is turned. */
    @Override
    public void finish(Making making) {
        Pile whole = Pile.of(making.lyingFront(true));
        making.at(Place.TABLE, "channels-pin", making.front())
                .onAll()
                .saying(pockets() - 1)
                .figures(List.of(channelPlaces(making.sizes())))
                .figure("pocket-wide", making.sizes().finished(Axis.ACROSS).times(1, pockets()))
                .loose()
                .times(Effort.LAY, pockets() - 1.0)
                .shows(whole.with(channelLines(Role.PIN, making)))
                .add();
        making.at(Place.MACHINE, "channels-sew", making.front())
                .onAll()
                .saying(pockets() - 1)
                .figures(List.of(channelPlaces(making.sizes())))
                .because()
                .moves(new Move.TakeUp(
                        making.front().id(),
                        making.sizes().finished(Axis.ACROSS),
                        making.sizes().finished(Axis.UP_DOWN)))
                .along(Effort.SEW, stitched(making.sizes()))
                .set(Stitch.SEAM, Foot.PLAIN)
                .shows(whole.with(channelLines(Role.SEW, making)))
                .add();
    }

    /** Each line from the nearer end of the turned cover. */
    private Phrase channelPlaces(CoverDimensions sizes) {
        List<Length> all = IntStream.range(1, pockets())
                .mapToObj(number -> flat(sizes).times(number, pockets()))
                .toList();
        int fromLeft = pockets() / 2;
        return all.size() == 1
                ? Phrase.of("figure.channels-1", all.get(0))
                : Phrase.of(
                        "figure.channels",
                        all.subList(0, fromLeft),
                        all.subList(fromLeft, all.size()).stream()
                                .map(flat(sizes)::minus)
                                .toList());
    }

    private List<Line> channelLines(Role role, Making making) {
        Length height = making.sizes().cut(Axis.UP_DOWN).total();
        return IntStream.range(1, pockets())
                .mapToObj(number -> channel(number, making.sizes()))
                .map(x -> new Line(role, x, Length.ZERO, x, height))
                .toList();
    }

    @Override
    public List<Concern<Shape>> concerns(CoverDimensions sizes, Back back) {
        List<Concern<Shape>> found = new ArrayList<>();
        Length side = sizes.finished(straps().runs());
        if (straps().isAny() && !straps().from().times(2).under(side)) {
            Length in = side.times(1, 5);
            found.add(Concern.<Shape>of("straps", Weight.BETTER_NOT, "straps-cross", straps().from(), side)
                    .orTry(() -> with(FROM, in), "straps-in", in));
        }
        return found;
    }
}
