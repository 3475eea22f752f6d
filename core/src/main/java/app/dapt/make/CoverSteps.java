package app.dapt.make;

import app.dapt.cloth.Cloth;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.edging.SeamedEdge;
import app.dapt.cover.opening.ClosingSeam;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Making;
import app.dapt.cover.shape.Shape;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import app.dapt.piece.PieceRole;
import app.dapt.piece.Side;
import app.dapt.step.Caution;
import app.dapt.step.Effort;
import app.dapt.step.Laid;
import app.dapt.step.Milestone;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.Step;
import app.dapt.step.Work;
import app.dapt.step.Work.Draft;
import app.dapt.workpiece.Move;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * All that is done to make one cover. What is common to all covers stands here; what is peculiar to an opening, a
 * shape, a front or an edge is told by it.
 */
public final class CoverSteps {

    private final Reckoned reckoned;
    private final CoverPlan plan;
    private final Work work = new Work();
    private final Making making;
    private Pile laid;

    private CoverSteps(Reckoned reckoned) {
        this.reckoned = reckoned;
        this.plan = reckoned.plan();
        boolean outsideOut = plan.seam().isFrench() || plan.edging().isSewnOutsideOut();
        this.making = new Making(work, reckoned.dimensions(), reckoned.back(), outsideOut);
        this.laid = Pile.of(making.lyingFront(true));
    }

    /** The steps of a cover, each after those it needs. */
    public static List<Step> of(Reckoned reckoned) {
        return of(reckoned, cloth -> false);
    }

    /**
     * The steps of a cover of whose cloths some are prepared with another.
     *
     * @param prepared asked of each of its cloths, once
     */
    static List<Step> of(Reckoned reckoned, Predicate<Cloth> prepared) {
        CoverSteps steps = new CoverSteps(reckoned);
        new CuttingSteps(reckoned, steps.work, prepared).tell();
        steps.makeParts();
        steps.sewUp();
        steps.finish();
        return steps.withThread(steps.work.steps());
    }

    /** How much thread there must be shows when all is told that is sewn. */
    private List<Step> withThread(List<Step> told) {
        Phrase thread = CuttingSteps.toLayOut(Notions.thread(told));
        return told.stream()
                .map(step -> step.does().equals(CuttingSteps.READY) ? step.figuring(thread) : step)
                .toList();
    }

    /** Whether all that is needed is laid out in a step. */
    public static boolean isLayingOut(Step step) {
        return step.does().equals(CuttingSteps.READY);
    }

    /** The cloth that a step cuts; nothing for a step that cuts none. */
    public static Optional<Cloth> cutBy(CoverPlan plan, Step step) {
        return CuttingSteps.cutBy(plan, step);
    }

    private void makeParts() {
        join();
        plan.shape().prepare(making);
        plan.extras().layer(making);
        plan.face().make(making);
        plan.extras().make(making);
        plan.edging().make(SeamedEdge.cutFor(reckoned.dimensions(), reckoned.back()), making);
        plan.opening().make(making);
    }

    /** Panels that are wider than their cloth are put together first. */
    private void join() {
        Map<String, List<Piece>> drops = new LinkedHashMap<>();
        for (Piece piece : reckoned.pieces()) {
            if (piece.role() instanceof PieceRole.Drop drop) {
                drops.computeIfAbsent(drop.panel(), panel -> new ArrayList<>()).add(piece);
            }
        }
        drops.forEach((id, pieces) -> join(making.piece(id).orElseThrow(), pieces));
    }

    private void join(Piece panel, List<Piece> drops) {
        Length tall = panel.cutHeight();
        Draft joined = work.at(Place.MACHINE, "join-panels", drops)
                .called(panel.id())
                .saying(panel.name(), reckoned.dimensions().innerAllowance())
                .because()
                .along(Effort.SEW, tall.times(drops.size() - 1L))
                .set(Stitch.SEAM, Foot.PLAIN)
                .shows(Pile.of(work.lying(panel, true)));
        List<Move> moves = new ArrayList<>();
        String first = drops.get(0).id();
        for (Piece drop : drops.subList(1, drops.size())) {
            moves.add(new Move.Flip(drop.id(), true));
            moves.add(new Move.PutOn(drop.id(), first, Side.RIGHT));
            moves.add(new Move.Open(first, Side.RIGHT, reckoned.dimensions().innerAllowance()));
        }
        moves.add(new Move.Call(first, panel.id()));
        joined.moves(moves.toArray(Move[]::new));
        for (int i = 0; i + 1 < drops.size(); i++) {
            joined.takes(drops.get(i), Side.RIGHT).takes(drops.get(i + 1), Side.LEFT);
        }
        joined.add();
        work.joinInto(panel, drops);
        Draft pressed = work.at(Place.IRON, "join-press", panel).along(Effort.PRESS_HEM, tall.times(drops.size() - 1L));
        Length made = drops.stream()
                .map(Piece::cutWidth)
                .reduce(Length.ZERO, Length::plus)
                .minus(reckoned.dimensions().innerAllowance().times(2L * (drops.size() - 1)));
        if (panel.cutWidth().under(made)) {
            pressed.how("trim-joined", panel.cutWidth())
                    .moves(new Move.CutDown(panel.id(), Side.RIGHT, panel.cutWidth()));
        }
        pressed.add();
    }

    private void sewUp() {
        plan.opening().lay(making);
        List<Step> told = work.steps();
        laid = told.get(told.size() - 1).pile().orElse(laid);
        ClosingSeam seam = plan.opening()
                .closingSeam(reckoned.back(), reckoned.edge().length().total());
        boolean french = isFrench();
        if (french) {
            french(seam);
        }
        List<Piece> sewn = new ArrayList<>(reckoned.back().pieces());
        reckoned.pieces().stream()
                .filter(piece -> !(piece.role() instanceof PieceRole.Drop))
                .filter(piece -> !sewn.contains(piece))
                .forEach(sewn::add);
        Length allowance = french ? plan.seam().frenchRest(plan.unit()) : reckoned.allowance();
        boolean serged = plan.seam().finish() == SeamFinish.SERGED;
        Draft closing = work.at(
                        serged ? Place.OVERLOCKER : Place.MACHINE, serged ? "seam-serged" : seam.does(), making.front())
                .called("cover")
                .onAll()
                .saying(allowance)
                .saying(
                        serged
                                ? new Object[] {Phrase.of(seam.where())}
                                : seam.figures().toArray())
                .figure("seam-long", seam.length())
                .because()
                .takesSeams(sewn)
                .reaches(Milestone.SEWN)
                .moves(sewn(allowance, Length.ZERO))
                .along(Effort.SEW, seam.length())
                .set(
                        serged ? Stitch.OVERLOCK : Stitch.SEAM,
                        serged ? Foot.OVERLOCKER : plan.edging().foot())
                .shows(french ? bag(Role.SEW) : seamed(Role.SEW, reckoned.allowance()));
        plan.edging().closing().forEach(closing::how);
        if (french) {
            closing.how("french-second", reckoned.allowance());
        } else if (!serged) {
            closing.how("twice-if-worn");
        }
        closing.add();
    }

    /** Sewn twice and turned between; what is bound from outside is sewn once. */
    private boolean isFrench() {
        return plan.seam().isFrench() && !plan.edging().isSewnOutsideOut();
    }

    /** What was laid for the seam, with the seam in it, so far from the cut edges. */
    private Pile seamed(Role role, Length in) {
        Pile bare = new Pile(laid.laid(), List.of());
        Optional<Point> mouth =
                making.isOnePiece() ? Optional.empty() : reckoned.back().mouth();
        return mouth.map(open -> leavingOpen(bare, role, in, open))
                .orElseGet(() -> bare.seamed(role, Pile.seams(laid.laid().get(0).piece())));
    }

    /** From one end of an opening in the edge round to its other end. */
    private Pile leavingOpen(Pile bare, Role role, Length in, Point mouth) {
        CoverDimensions sizes = reckoned.dimensions();
        Laid lowest = bare.laid().get(0);
        boolean fromTheFront = lowest.rightSide();
        double width = sizes.finished(Axis.ACROSS).toMm();
        Contour seam = sizes.contour().grown(reckoned.allowance().minus(in));
        Point open = fromTheFront ? new Point(width - mouth.x(), mouth.y()) : mouth;
        List<Point> line = seam.stretchOpposite(
                open, seam.perimeter() - reckoned.back().length().toMm());
        // An arm that is cut longer lies at the left, seen from the front.
        double right = (fromTheFront
                        ? lowest.box()
                                .right()
                                .minus(sizes.finished(Axis.ACROSS))
                                .minus(reckoned.allowance())
                        : lowest.box().left().plus(reckoned.allowance()))
                .toMm();
        double down = lowest.box()
                .bottom()
                .minus(sizes.finished(Axis.UP_DOWN))
                .minus(reckoned.allowance())
                .toMm();
        Side side = plan.opening().runs() == Axis.ACROSS ? Side.BOTTOM : fromTheFront ? Side.LEFT : Side.RIGHT;
        return bare.seamed(
                role,
                line.stream()
                        .map(point -> new Point(point.x() + right, point.y() + down))
                        .toList(),
                side);
    }

    /** The cover wrong side out once it is sewn round. */
    private Pile bag(Role role) {
        return Pile.of(making.lyingFront(false)).seamed(role, making.seamed(making.front()));
    }

    /** A French seam is sewn with the wrong sides together first, as the pieces lie. */
    private void french(ClosingSeam seam) {
        Length first = Seam.frenchFirst(plan.unit());
        step("french-first", Place.MACHINE)
                .saying(first, Phrase.of(seam.where()))
                .figure("seam-long", seam.length())
                .because()
                .trap()
                .along(Effort.SEW, seam.length())
                .set(Stitch.SEAM, Foot.PLAIN)
                .shows(seamed(Role.SEW, first))
                .moves(sewn(first, plan.seam().frenchRest(plan.unit())))
                .add();
        step("french-trim", Place.TABLE)
                .saying(first.half())
                .moves(new Move.TrimSeam(making.front().id(), first.half()))
                .along(Effort.PRESS, seam.length())
                .add();
        step("french-turn", Place.IRON)
                .moves(turn())
                .along(Effort.PRESS_HEM, seam.length())
                .loose()
                .add();
    }

    /**
     * Sewn round so far in from the raw edges.
     *
     * @param outside of the finished cover, where a seam is sewn twice
     */
    private Move sewn(Length in, Length outside) {
        String front = making.front().id();
        if (reckoned.outline().isEmpty()) {
            return new Move.SewSides(front, making.sewnSides(), in);
        }
        Optional<Opening.SewnRound> own = plan.opening().sewnOn(making.front(), reckoned.dimensions());
        double allowance = reckoned.allowance().toMm();
        Contour line = own.map(Opening.SewnRound::outline)
                .or(() -> making.front().outline().map(Outline::seam))
                .orElseGet(() -> reckoned.outline().get().moved(allowance, allowance));
        return new Move.SewOutline(
                front, outside.isZero() ? line : line.grown(outside), own.map(Opening.SewnRound::open), in);
    }

    private Move turn() {
        return new Move.Turn(making.front().id());
    }

    private Draft step(String does, Place place) {
        return work.at(place, does, making.front()).called("cover").onAll().shows(Pile.of(making.lyingFront(false)));
    }

    /** What is done to the bag until it is filled; a cover of pockets is tried on once they are sewn. */
    private void finish() {
        Shape shape = plan.shape();
        step("check-caught", Place.TABLE)
                .because()
                .trap()
                .shows(isFrench() ? bag(Role.SEAM) : seamed(Role.SEAM, reckoned.allowance()))
                .add();
        if (!shape.isTriedOnLast()) {
            tryOn();
        }
        if (!plan.edging().isSewnOutsideOut()) {
            turnOut();
        }
        step("press-seam", Place.IRON)
                .shows(Pile.of(making.lyingFront(true)))
                .along(Effort.PRESS_HEM, reckoned.edge().length().total())
                .add();
        shutIn();
        plan.edging().finish(reckoned.edge(), making);
        shape.finish(making);
        if (shape.isTriedOnLast()) {
            tryOn();
        }
        plan.opening().finish(making);
        Draft filled = step(shape.filledBy(), Place.FORM)
                .reaches(Milestone.FILLED)
                .shows(Pile.of(making.lyingFront(true)))
                .careful(Caution.FIRE)
                .times(Effort.TRY_ON, shape.forms());
        (reckoned.back().overlap().isPresent() && shape.forms() == 1 ? filled.how("like-a-mitten") : filled).add();
        plan.opening().close(making);
    }

    private void turnOut() {
        boolean turned = inside();
        step(turned ? plan.shape().turnedOut() : plan.shape().pushedOut(), Place.TABLE)
                .shows(Pile.of(making.lyingFront(true)))
                .moves(turned ? new Move[] {turn()} : new Move[0])
                .because()
                .add();
    }

    /** A row round the outside shuts the raw edges in. */
    private void shutIn() {
        Length in = plan.seam().stitchedIn(plan.unit());
        if (in.isPositive()) {
            Length along = plan.opening()
                    .closingSeam(reckoned.back(), reckoned.edge().length().total())
                    .length();
            step("stitch-round", Place.MACHINE)
                    .saying(in)
                    .because()
                    .along(Effort.STITCH_HEM, along)
                    .set(Stitch.TOPSTITCH, Foot.PLAIN)
                    .shows(Pile.of(making.lyingFront(true)))
                    .add();
        }
    }

    private void tryOn() {
        boolean serged = plan.seam().finish() == SeamFinish.SERGED;
        String does =
                plan.edging().isSewnOutsideOut() ? "try-on-bound" : plan.shape().triedOn() + (serged ? "-serged" : "");
        boolean turns = !plan.shape().isTriedOnLast() && !plan.edging().isSewnOutsideOut();
        step(does, Place.FORM)
                .moves(turns ? new Move[] {turn()} : new Move[0])
                .reaches(Milestone.TRIED_ON)
                .because()
                .times(Effort.TRY_ON, plan.shape().forms())
                .add();
    }

    /**
     * What is done to the allowances once the cover fits: clipped where the seam turns, kept from fraying. Inside a
     * French seam there is nothing to do.
     *
     * @return whether the cover lies wrong side out after it
     */
    private boolean inside() {
        boolean french = isFrench();
        int corners = reckoned.edge().corners();
        boolean serged = plan.seam().finish() == SeamFinish.SERGED;
        boolean clipped = !french && !serged && plan.shape().isClipped(corners);
        boolean finished = plan.seam().finish().isSewnInside();
        boolean wrongSideOut = clipped || finished;
        if (wrongSideOut && !plan.shape().isTriedOnLast()) {
            step("turn-back", Place.TABLE).times(Effort.CLIP, 2).moves(turn()).add();
        }
        if (clipped) {
            plan.shape().clip(making, corners);
        }
        rawEdges();
        return wrongSideOut || plan.shape().isTriedOnLast();
    }

    private void rawEdges() {
        Length round = reckoned.edge().length().total();
        switch (plan.seam().finish()) {
            case OVERLOCKED ->
                step("overlock", Place.OVERLOCKER)
                        .because()
                        .along(Effort.SEW, round)
                        .set(Stitch.OVERLOCK, Foot.OVERLOCKER)
                        .add();
            case ZIGZAG ->
                step("zigzag", Place.MACHINE)
                        .along(Effort.SEW, round)
                        .set(Stitch.ZIGZAG, Foot.PLAIN)
                        .add();
            case PINKED ->
                step("pink", Place.TABLE).along(Effort.PRESS_HEM, round).add();
            case LEFT, SERGED, FRENCH, ENCLOSED, HEAT_SEALED -> {}
        }
    }
}
