package app.dapt.cover;

import app.dapt.cloth.Cloth;
import app.dapt.cover.Finding.Remedy;
import app.dapt.cover.Finding.Weight;
import app.dapt.cover.Joining.Joined;
import app.dapt.layout.ClothNeed;
import app.dapt.measure.Mark;
import app.dapt.piece.Piece;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** From a plan to everything that follows from it. Reckons any plan that can be made; what is wrong becomes a finding. */
public final class Reckoner {

    /** A plan reckoned but for its findings. */
    private record Assessed(CoverDimensions setting, Back back, SeamedEdge edge, List<Piece> cut, List<FindingCandidate> concerns) {

        Set<String> codes() {
            return concerns.stream().map(FindingCandidate::code).collect(Collectors.toSet());
        }

        Set<String> blocking() {
            return concerns.stream().filter(concern -> concern.weight() == Weight.WILL_NOT_WORK)
                    .map(FindingCandidate::code).collect(Collectors.toSet());
        }
    }

    private Reckoner() {
    }

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
        Assessed assessed = assess(CoverDimensions.of(plan, mark));
        return reckoned(plan, mark, assessed, sorted(assessed).map(concern -> finding(concern, assessed)).toList());
    }

    /** Reckons without trying any remedy, for showing what a choice would come to. */
    public static Reckoned reckonWithoutRemedies(CoverPlan plan, Mark mark) {
        return glanced(mark, assess(CoverDimensions.of(plan, mark)));
    }

    private static Reckoned glanced(Mark mark, Assessed assessed) {
        return reckoned(assessed.setting().plan(), mark, assessed, sorted(assessed)
                .map(concern -> new Finding(concern.code(), concern.weight(), concern.what(), concern.why(), Optional.empty())).toList());
    }

    /** Glances at many plans that have much in common with one: what they share is settled once. */
    public static Glance glances(CoverPlan like, Mark mark) {
        CoverDimensions shared = CoverDimensions.of(like, mark);
        return plan -> glanced(mark, assess(shared.of(plan)));
    }

    /** Reckons a plan without trying any remedy. */
    public interface Glance {
        Reckoned at(CoverPlan plan);
    }

    private static Stream<FindingCandidate> sorted(Assessed assessed) {
        return assessed.concerns().stream().sorted(Comparator.comparing(FindingCandidate::weight));
    }

    private static Reckoned reckoned(CoverPlan plan, Mark mark, Assessed assessed, List<Finding> findings) {
        CoverDimensions setting = assessed.setting();
        return new Reckoned(plan, mark, setting.form(), setting.across(), setting.upDown(), setting.fullness(), setting.outline(),
                assessed.back(), assessed.edge(), assessed.cut(), cloths(plan, mark, assessed.cut()),
                Haberdashery.needs(setting, assessed.back(), assessed.edge()), plan.edging().about(assessed.edge(), setting),
                plan.edging().figures(assessed.edge(), setting), findings);
    }

    private static Assessed assess(CoverDimensions setting) {
        CoverPlan plan = setting.plan();
        Back back = plan.opening().back(setting);
        Back laid = back;
        for (Back.Panel panel : laid.panels()) {
            if (!panel.piece().equals(laid.pieces().get(0))) {
                back = back.replacing(panel.piece(), panel.piece().marked(plan.shape().onBack(laid, panel, setting)));
            }
        }
        back = Notches.on(back, setting).with(plan.shape().extras(setting));
        List<Piece> cut = new ArrayList<>();
        for (Piece piece : back.pieces()) {
            Optional<Joined> joined = joined(piece, setting);
            back = joined.map(Joined::panel).map(panel -> replaced(piece, panel)).orElse(UnaryOperator.identity()).apply(back);
            cut.addAll(joined.map(Joined::drops).orElse(List.of(piece)));
        }
        SeamedEdge edge = SeamedEdge.of(setting, back);
        cut.addAll(plan.extras().pieces(setting, back));
        cut.addAll(plan.edging().pieces(edge, setting));
        List<FindingCandidate> concerns = new ArrayList<>(new CoverConcerns(setting, back, cut).all());
        concerns.addAll(plan.edging().concerns(edge, setting, back));
        concerns.addAll(plan.opening().concerns(setting, back));
        concerns.removeIf(concern -> plan.noted().contains(concern.noteKey()));
        return new Assessed(setting, back, edge, cut, concerns);
    }

    private static UnaryOperator<Back> replaced(Piece piece, Piece panel) {
        return back -> back.replacing(piece, panel);
    }

    private static Optional<Joined> joined(Piece piece, CoverDimensions setting) {
        Cloth cloth = setting.plan().cloths().of(piece.material());
        boolean wide = !cloth.sideways() && cloth.usableWidth().under(cloth.leastAcross(piece));
        return wide && setting.plan().joining().joins()
                ? setting.plan().joining().join(piece, cloth.usableWidth(), setting.allowance(), setting.mark()) : Optional.empty();
    }

    /** A remedy is tried before it is offered: it must remove its finding and bring nothing that will not work. */
    private static Finding finding(FindingCandidate concern, Assessed before) {
        Set<String> blocking = before.blocking();
        Optional<Remedy> proven = concern.candidates().stream().filter(remedy -> {
            Assessed after = assess(before.setting().of(remedy.plan()));
            return !after.codes().contains(concern.code()) && blocking.containsAll(after.blocking());
        }).findFirst();
        return new Finding(concern.code(), concern.weight(), concern.what(), concern.why(), proven);
    }

    /** Front and back of one cloth are laid together. */
    private static List<ClothNeed> cloths(CoverPlan plan, Mark mark, List<Piece> pieces) {
        Map<Cloth, List<Piece>> byCloth = pieces.stream().collect(Collectors.groupingBy(
                piece -> plan.cloths().of(piece.material()), LinkedHashMap::new, Collectors.toList()));
        return byCloth.entrySet().stream()
                .map(use -> ClothNeed.of(use.getKey(), use.getValue(), mark.unit())).toList();
    }
}
