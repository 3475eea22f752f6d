package app.dapt.cover;

import app.dapt.cloth.Cloth;
import app.dapt.cover.Finding.Remedy;
import app.dapt.cover.Joining.Joined;
import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.edging.SeamedEdge;
import app.dapt.cover.front.Face;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Front;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * From a plan to everything that follows from it. Reckons any plan that can be made; what is wrong becomes a finding.
 */
public final class Reckoner {

    /** A plan reckoned but for its findings. */
    private record Assessed(
            CoverPlan plan,
            CoverDimensions sizes,
            Back back,
            SeamedEdge edge,
            List<Piece> cut,
            List<Concern<CoverPlan>> concerns) {

        Set<String> codes() {
            return concerns.stream().map(Concern::code).collect(Collectors.toSet());
        }

        Set<String> blocking() {
            return concerns.stream()
                    .filter(concern -> concern.weight() == Weight.WILL_NOT_WORK)
                    .map(Concern::code)
                    .collect(Collectors.toSet());
        }
    }

    private Reckoner() {}

    /** Reckons with the marks of the cover's own tape. */
    public static Reckoned reckon(CoverPlan plan) {
        return reckon(plan, plan.mark());
    }

    /**
     * Reckons for a reader.
     *
     * @param mark the finest mark on the reader's tape; cut sizes are rounded up to it
     */
    public static Reckoned reckon(CoverPlan plan, Mark mark) {
        Assessed assessed = assess(plan, CoverDimensions.of(plan.basis(), mark));
        return reckoned(
                assessed,
                sorted(assessed).map(concern -> finding(concern, assessed)).toList());
    }

    /** Reckons without trying any remedy, for showing what a choice would come to. */
    public static Reckoned reckonWithoutRemedies(CoverPlan plan, Mark mark) {
        return glanced(assess(plan, CoverDimensions.of(plan.basis(), mark)));
    }

    private static Reckoned glanced(Assessed assessed) {
        return reckoned(
                assessed,
                sorted(assessed)
                        .map(concern -> new Finding(
                                concern.code(),
                                concern.weight(),
                                concern.what(),
                                concern.why(),
                                Optional.empty(),
                                concern.unfit()))
                        .toList());
    }

    /** Glances at many plans that have much in common with one: what they share is settled once. */
    public static Glance glances(CoverPlan like, Mark mark) {
        CoverDimensions shared = CoverDimensions.of(like.basis(), mark);
        return plan -> glanced(assess(plan, shared.of(plan.basis())));
    }

    /** Reckons a plan without trying any remedy. */
    public interface Glance {
        Reckoned at(CoverPlan plan);
    }

    private static Stream<Concern<CoverPlan>> sorted(Assessed assessed) {
        return assessed.concerns().stream().sorted(Comparator.comparing(Concern::weight));
    }

    private static Reckoned reckoned(Assessed assessed, List<Finding> findings) {
        CoverPlan plan = assessed.plan();
        CoverDimensions sizes = assessed.sizes();
        SeamedEdge cutFor = SeamedEdge.cutFor(sizes, assessed.back());
        return new Reckoned(
                plan,
                sizes,
                assessed.back(),
                assessed.edge(),
                assessed.cut(),
                NotionsNeeded.needs(plan, sizes, assessed.back(), cutFor),
                plan.edging().about(cutFor, sizes),
                plan.edging().figures(cutFor, sizes),
                findings);
    }

    private static Assessed assess(CoverPlan plan, CoverDimensions sizes) {
        Front front = front(plan, sizes);
        Back back = plan.opening().back(sizes, front);
        Back laid = back;
        for (Back.Panel panel : laid.panels()) {
            if (!panel.piece().equals(laid.pieces().get(0))) {
                back = back.replacing(
                        panel.piece(), panel.piece().marked(plan.shape().onBack(laid, panel, sizes)));
            }
        }
        back = (plan.opening().takesInFront() ? back : Notches.on(back, front, sizes))
                .with(plan.shape().extras(sizes));
        List<Piece> cut = new ArrayList<>();
        for (Piece piece : back.pieces()) {
            Optional<Joined> joined = joined(piece, plan, sizes);
            back = joined.map(Joined::panel)
                    .map(panel -> replaced(piece, panel))
                    .orElse(UnaryOperator.identity())
                    .apply(back);
            cut.addAll(joined.map(Joined::drops).orElse(List.of(piece)));
        }
        SeamedEdge edge = SeamedEdge.of(sizes, back);
        cut.addAll(plan.extras().pieces(sizes, back));
        cut.addAll(plan.edging().pieces(SeamedEdge.cutFor(sizes, back), sizes));
        List<Concern<CoverPlan>> concerns = new ArrayList<>(new CoverConcerns(plan, sizes, back, edge, cut).all());
        concerns.removeIf(concern -> plan.noted().contains(concern.noteKey()));
        return new Assessed(plan, sizes, back, edge, cut, concerns);
    }

    /** The front as the plan would have it, with all that lies on it marked where it is on this front. */
    private static Front front(CoverPlan plan, CoverDimensions sizes) {
        // Where the front is a part of a larger piece it cannot be anything but plain.
        Face face = plan.opening().takesInFront() ? FaceKind.PLAIN.usual(plan.unit()) : plan.face();
        Piece made = face.front(sizes);
        Piece plain = plan.shape().marked(sizes.plainFront(), sizes);
        Front front = new Front(made, face.middle(made, sizes), at -> face.place(at, sizes)).marked(plain.marks());
        return front.with(front.piece().marked(plan.extras().marks(front, sizes)));
    }

    private static UnaryOperator<Back> replaced(Piece piece, Piece panel) {
        return back -> back.replacing(piece, panel);
    }

    private static Optional<Joined> joined(Piece piece, CoverPlan plan, CoverDimensions sizes) {
        int strips = plan.opening().stripsOf(piece);
        Cloth cloth = sizes.cloths().of(piece.material());
        if (strips > 1) {
            return Optional.of(
                    Joining.inStrips(piece, strips, cloth.usableWidth(), sizes.innerAllowance(), sizes.mark()));
        }
        boolean wide = !cloth.sideways() && cloth.usableWidth().under(cloth.leastAcross(piece));
        return wide && plan.joining().joins()
                ? plan.joining().join(piece, cloth.usableWidth(), sizes.innerAllowance(), sizes.mark())
                : Optional.empty();
    }

    /** A remedy is tried before it is offered: it must remove its finding and bring nothing that will not work. */
    private static Finding finding(Concern<CoverPlan> concern, Assessed before) {
        Set<String> blocking = before.blocking();
        Optional<Remedy> proven = remedies(concern, before.plan())
                .filter(remedy -> {
                    Assessed after = assess(
                            remedy.plan(), before.sizes().of(remedy.plan().basis()));
                    return !after.codes().contains(concern.code()) && blocking.containsAll(after.blocking());
                })
                .findFirst();
        return new Finding(concern.code(), concern.weight(), concern.what(), concern.why(), proven, concern.unfit());
    }

    private static Stream<Remedy> remedies(Concern<CoverPlan> concern, CoverPlan plan) {
        return Stream.concat(
                concern.remedies().stream()
                        .map(each -> new Remedy(
                                each.label(), each.changed().orElseThrow().get())),
                concern.note().stream()
                        .map(label -> new Remedy(Phrase.of("remedy." + label), plan.noting(concern.noteKey()))));
    }
}
