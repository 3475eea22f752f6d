package app.dapt.make;

import app.dapt.cloth.Cloth;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.decision.Making;
import app.dapt.cover.decision.Need;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import app.dapt.piece.PieceRole;
import app.dapt.piece.Side;
import app.dapt.step.Caution;
import app.dapt.step.Effort;
import app.dapt.step.Milestone;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.Step;
import app.dapt.step.Work;
import app.dapt.step.Work.Draft;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * All that is done to make one cover. What is common to all covers stands here; what is peculiar to an opening, a
 * shape, a front or an edge is told by it.
 */
public final class CoverSteps {

    private final Reckoned reckoned;
    private final CoverPlan plan;
    private final Work work = new Work();
    private final Making making;
    private final Predicate<Cloth> prepared;
    private Pile laid;

    private CoverSteps(Reckoned reckoned, Predicate<Cloth> prepared) {
        this.prepared = prepared;
        this.reckoned = reckoned;
        this.plan = reckoned.plan();
        this.making = new Making(work, reckoned.dimensions(), reckoned.back());
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
        CoverSteps steps = new CoverSteps(reckoned, prepared);
        steps.cutOut();
        steps.makeParts();
        steps.sewUp();
        steps.finish();
        return steps.work.steps();
    }

    private Map<Cloth, List<Piece>> byCloth() {
        Map<Cloth, List<Piece>> byCloth = new LinkedHashMap<>();
        for (Piece piece : reckoned.pieces()) {
            byCloth.computeIfAbsent(plan.cloths().of(piece.material()), cloth -> new ArrayList<>())
                    .add(piece);
        }
        return byCloth;
    }

    private void cutOut() {
        Draft ready = work.at(Place.TABLE, "ready")
                .reaches(Milestone.BOUGHT)
                .figures(reckoned.needs().stream().map(CoverSteps::toLayOut).toList());
        byCloth().keySet().stream().filter(prepared.negate()).forEach(this::prepare);
        ready.also("notions").add();
        byCloth().forEach(this::cut);
        work.at(Place.TABLE, "check", reckoned.pieces().get(0))
                .onAll()
                .figures(reckoned.pieces().stream().map(CoverSteps::size).toList())
                .because()
                .trap()
                .times(Effort.LAY, 1 + reckoned.pieces().size() / 3.0)
                .rightSide()
                .add();
        reckoned.pieces().stream().filter(piece -> !piece.marks().isEmpty()).forEach(this::mark);
    }

    private static Phrase toLayOut(Need need) {
        return Phrase.of("figure.need", need.what(), need.amount());
    }

    private static Phrase size(Piece piece) {
        return Phrase.of("figure.cut", piece.name(), piece.cutWidth(), piece.cutHeight(), piece.quantity());
    }

    private void prepare(Cloth cloth) {
        String thing = thing(cloth);
        work.at(Place.WASH, "wash")
                .called(thing)
                .also(thing)
                .saying(cloth.name())
                .because()
                .times(Effort.WASH, 1)
                .add();
        work.at(Place.IRON, "press-cloth")
                .called(thing)
                .also(thing)
                .saying(cloth.name())
                .times(Effort.LAY, 2)
                .add();
        work.at(Place.TABLE, "square")
                .called(thing)
                .also(thing)
                .saying(cloth.name())
                .because()
                .times(Effort.LAY, 1)
                .add();
        work.at(Place.TABLE, "flaws")
                .called(thing)
                .also(thing)
                .saying(cloth.name())
                .times(Effort.LAY, 1)
                .add();
    }

    /** The id of the last step that prepares a cloth. */
    static String prepared(Cloth cloth) {
        return thing(cloth) + "/flaws";
    }

    /** The id of the step that cuts it. */
    static String cutting(CoverPlan plan, Cloth cloth) {
        return thing(cloth) + "/" + cuts(plan, cloth);
    }

    /** With a knife that seals the edges as it cuts, where that is how they are finished. */
    private static String cuts(CoverPlan plan, Cloth cloth) {
        return plan.seam().finish() == SeamFinish.HEAT_SEALED && cloth.synthetic() ? "cut-hot" : "cut";
    }

    private static String thing(Cloth cloth) {
        return "cloth-" + cloth.id();
    }

    private void cut(Cloth cloth, List<Piece> pieces) {
        boolean hot = cuts(plan, cloth).equals("cut-hot");
        double minutes = pieces.stream()
                .mapToDouble(piece ->
                        (piece.outline().isPresent() ? Effort.CUT_CURVED : Effort.CUT_STRAIGHT).times(piece.quantity()))
                .sum();
        work.at(Place.TABLE, cuts(plan, cloth), pieces)
                .reaches(Milestone.CUT)
                .called(thing(cloth))
                .also(thing(cloth))
                .saying(cloth.name(), pieces.stream().mapToInt(Piece::quantity).sum())
                .figures(pieces.stream().map(CoverSteps::size).toList())
                .careful(hot ? Caution.HOT_KNIFE : Caution.BLADE)
                .times(Effort.CUT_STRAIGHT, minutes / Effort.CUT_STRAIGHT.times(1))
                .add();
    }

    private void mark(Piece piece) {
        work.at(Place.TABLE, "mark", piece)
                .figures(piece.marks().stream()
                        .map(mark -> figure(mark, piece))
                        .distinct()
                        .toList())
                .times(Effort.LAY, 0.5 + piece.marks().size() / 6.0)
                .add();
    }

    private static Phrase figure(Marking mark, Piece piece) {
        List<Object> said = new ArrayList<>(List.of(Phrase.choice("marking", mark.sort())));
        List<Marking.Measure> measures = Stream.of(mark.across(piece), mark.upDown(piece))
                .flatMap(Optional::stream)
                .filter(measure -> measure.distance().isPositive())
                .toList();
        measures.forEach(measure -> {
            said.add(measure.distance());
            said.add(Phrase.choice("which-edge", measure.from()));
        });
        return new Phrase("figure.mark-" + measures.size(), said);
    }

    private void makeParts() {
        join();
        plan.shape().prepare(making);
        plan.extras().layer(making);
        plan.face().make(making);
        plan.extras().make(making);
        plan.edging().make(reckoned.edge(), making);
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
        for (int i = 0; i + 1 < drops.size(); i++) {
            joined.takes(drops.get(i), Side.RIGHT).takes(drops.get(i + 1), Side.LEFT);
        }
        joined.add();
        work.joinInto(panel, drops);
        work.at(Place.IRON, "join-press", panel)
                .along(Effort.PRESS_HEM, tall.times(drops.size() - 1L))
                .add();
    }

    private void sewUp() {
        plan.opening().lay(making);
        List<Step> told = work.steps();
        laid = told.get(told.size() - 1).pile().orElse(laid);
        Length round = reckoned.edge().length().total();
        if (plan.seam().finish() == SeamFinish.FRENCH) {
            french(round);
        }
        List<Piece> sewn = new ArrayList<>(reckoned.back().pieces());
        reckoned.pieces().stream()
                .filter(piece -> !(piece.role() instanceof PieceRole.Drop))
                .filter(piece -> !sewn.contains(piece))
                .forEach(sewn::add);
        work.at(Place.MACHINE, plan.opening().seam(), making.front())
                .called("cover")
                .onAll()
                .saying(reckoned.allowance(), plan.opening().brief(reckoned.back()))
                .figure("seam-long", round)
                .figure("twice-if-worn")
                .because()
                .takesSeams(sewn)
                .reaches(Milestone.SEWN)
                .along(Effort.SEW, round)
                .set(Stitch.SEAM, plan.edging().foot())
                .shows(seamed(Role.SEW))
                .add();
    }

    /** What was laid for the seam, with the seam in it. */
    private Pile seamed(Role role) {
        Pile bare = new Pile(laid.laid(), List.of());
        return bare.seamed(role, Pile.seams(laid.laid().get(0).piece()));
    }

    /** A French seam is sewn with the wrong sides together first. */
    private void french(Length round) {
        Length first = Seam.frenchFirst(plan.unit());
        step("french-first", Place.MACHINE)
                .saying(first)
                .because()
                .trap()
                .along(Effort.SEW, round)
                .set(Stitch.SEAM, Foot.PLAIN)
                .add();
        step("french-trim", Place.TABLE).along(Effort.PRESS, round).add();
        step("french-turn", Place.IRON).along(Effort.PRESS_HEM, round).loose().add();
    }

    private Draft step(String does, Place place) {
        return work.at(place, does, making.front()).called("cover").onAll().shows(Pile.of(making.lyingFront(false)));
    }

    private void finish() {
        step("check-caught", Place.TABLE)
                .because()
                .trap()
                .shows(seamed(Role.SEAM))
                .add();
        step("try-on", Place.FORM)
                .reaches(Milestone.TRIED_ON)
                .because()
                .times(Effort.TRY_ON, 1)
                .add();
        plan.shape().clip(making);
        rawEdges();
        step("turn-out", Place.TABLE)
                .shows(Pile.of(making.lyingFront(true)))
                .because()
                .add();
        step("press-seam", Place.IRON)
                .shows(Pile.of(making.lyingFront(true)))
                .along(Effort.PRESS_HEM, reckoned.edge().length().total())
                .add();
        plan.edging().finish(reckoned.edge(), making);
        plan.shape().finish(making);
        plan.opening().finish(making);
        Draft filled = step("fill", Place.FORM)
                .reaches(Milestone.FILLED)
                .shows(Pile.of(making.lyingFront(true)))
                .careful(Caution.FIRE)
                .times(Effort.TRY_ON, plan.shape().forms());
        (reckoned.back().overlap().isPresent() ? filled.figure("like-a-mitten") : filled).add();
        plan.opening().close(making);
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
            case LEFT, FRENCH, HEAT_SEALED -> {}
        }
    }
}
