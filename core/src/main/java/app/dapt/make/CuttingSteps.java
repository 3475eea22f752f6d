package app.dapt.make;

import app.dapt.cloth.Cloth;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.parts.Need;
import app.dapt.measure.Phrase;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.step.Caution;
import app.dapt.step.Effort;
import app.dapt.step.Milestone;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Step;
import app.dapt.step.Work;
import app.dapt.step.Work.Draft;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** All that is done to the cloth of one cover until its pieces lie cut, measured and marked. */
final class CuttingSteps {

    /** Marks at an edge, or on the wrong side, which last until they are wanted. */
    private static final Set<Sort> AT_ONCE =
            EnumSet.of(Sort.FOLD, Sort.PLEAT, Sort.JOIN, Sort.ZIP_END, Sort.CENTRE, Sort.NOTCH);

    /** Every piece is measured before anything is sewn. */
    static final String CHECK = "check";

    /** Everything is laid out, thread and all. */
    static final String READY = "ready";

    private static final String CLOTH = "cloth-";

    private final Reckoned reckoned;
    private final CoverPlan plan;
    private final Work work;
    private final Predicate<Cloth> prepared;

    /** @param prepared asked of each of its cloths, once: whether it is prepared with another cover's */
    CuttingSteps(Reckoned reckoned, Work work, Predicate<Cloth> prepared) {
        this.reckoned = reckoned;
        this.plan = reckoned.plan();
        this.work = work;
        this.prepared = prepared;
    }

    private Map<Cloth, List<Piece>> byCloth() {
        Map<Cloth, List<Piece>> byCloth = new LinkedHashMap<>();
        for (Piece piece : reckoned.pieces()) {
            byCloth.computeIfAbsent(plan.cloths().of(piece.material()), cloth -> new ArrayList<>())
                    .add(piece);
        }
        return byCloth;
    }

    /** Tells them. */
    void tell() {
        Draft ready = work.at(Place.TABLE, READY)
                .reaches(Milestone.BOUGHT)
                .figures(reckoned.needs().stream().map(CuttingSteps::toLayOut).toList());
        byCloth().keySet().stream().filter(prepared.negate()).forEach(this::prepare);
        ready.also("notions").add();
        byCloth().forEach((cloth, pieces) -> {
            frame(cloth, pieces);
            cut(cloth, pieces);
        });
        work.at(Place.TABLE, CHECK, reckoned.pieces().get(0))
                .onAll()
                .figures(reckoned.pieces().stream().map(CuttingSteps::size).toList())
                .because()
                .trap()
                .times(Effort.LAY, 1 + reckoned.pieces().size() / 3.0)
                .rightSide()
                .add();
        reckoned.pieces().forEach(this::mark);
    }

    static Phrase toLayOut(Need need) {
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

    /** The cloth that a step cuts; nothing for a step that cuts none. */
    static Optional<Cloth> cutBy(CoverPlan plan, Step step) {
        return plan.cloths()
                .all()
                .filter(cloth -> cutting(plan, cloth).equals(step.id()))
                .findFirst();
    }

    /** With a knife that seals the edges as it cuts, where that is how they are finished. */
    private static String cuts(CoverPlan plan, Cloth cloth) {
        return plan.seam().finish() == SeamFinish.HEAT_SEALED && cloth.synthetic() ? "cut-hot" : "cut";
    }

    /** How many of what: panels, and each sort of which there are several. */
    private static List<Phrase> counted(List<Piece> pieces) {
        List<Phrase> counts = new ArrayList<>();
        long panels = pieces.stream().filter(piece -> piece.quantity() == 1).count();
        if (panels > 0) {
            counts.add(Phrase.of("cut.panels", panels));
        }
        pieces.stream()
                .filter(piece -> piece.quantity() > 1)
                .forEach(piece -> counts.add(Phrase.of(piece.name().code() + ".several", piece.quantity())));
        return counts;
    }

    private static String thing(Cloth cloth) {
        return CLOTH + cloth.id();
    }

    /** Whether a step prepares a fabric before anything is cut from it. */
    static boolean isPreparing(Step step) {
        return step.id().startsWith(CLOTH) && step.pieces().isEmpty();
    }

    /** A motif is framed while the cloth is whole. */
    private void frame(Cloth cloth, List<Piece> pieces) {
        for (Piece piece : pieces) {
            if (piece.marks().stream().anyMatch(mark -> mark.sort() == Sort.MOTIF)) {
                work.at(Place.TABLE, "motif-frame", piece)
                        .also(thing(cloth))
                        .saying(piece.cutWidth(), piece.cutHeight())
                        .figures(piece.marks().stream()
                                .filter(mark -> mark.sort() == Sort.MOTIF)
                                .map(mark -> mark.says(piece))
                                .toList())
                        .because()
                        .trap()
                        .times(Effort.LAY, 2)
                        .rightSide()
                        .add();
            }
        }
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
                .saying(cloth.name(), counted(pieces))
                .figures(pieces.stream().map(CuttingSteps::size).toList())
                .careful(hot ? Caution.HOT_KNIFE : Caution.BLADE)
                .times(Effort.CUT_STRAIGHT, minutes / Effort.CUT_STRAIGHT.times(1))
                .add();
    }

    /** What is marked on a piece as soon as it is cut; the rest is marked when it is wanted, on the right side. */
    private void mark(Piece piece) {
        List<Marking> early = piece.marks().stream()
                .filter(mark -> AT_ONCE.contains(mark.sort()))
                .toList();
        if (!early.isEmpty()) {
            work.at(Place.TABLE, "mark", piece)
                    .figures(early.stream()
                            .map(mark -> mark.says(piece))
                            .distinct()
                            .toList())
                    .times(Effort.LAY, 0.5 + early.size() / 6.0)
                    .shows(Pile.of(work.lying(piece.marking(early), false)))
                    .add();
        }
    }
}
