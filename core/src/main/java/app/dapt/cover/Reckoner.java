package app.dapt.cover;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.ClothNeed;
import app.dapt.cover.Finding.Remedy;
import app.dapt.cover.Finding.Weight;
import app.dapt.measure.Axis;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** From a plan to everything that follows from it. Reckons any plan that can be made; what is wrong becomes a finding. */
public final class Reckoner {

    /** A plan reckoned but for its findings. */
    private record Assessed(Setting setting, List<Piece> pieces, Back back, List<Concern> concerns) {

        Set<String> codes() {
            return concerns.stream().map(Concern::code).collect(Collectors.toSet());
        }

        Set<String> blocking() {
            return concerns.stream().filter(concern -> concern.weight() == Weight.WILL_NOT_WORK)
                    .map(Concern::code).collect(Collectors.toSet());
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
        Assessed assessed = assess(plan, mark);
        Setting setting = assessed.setting();
        List<Finding> findings = assessed.concerns().stream()
                .sorted(Comparator.comparing(Concern::weight))
                .map(concern -> finding(concern, assessed)).toList();
        return new Reckoned(plan, mark, setting.form(), setting.across(), setting.upDown(), setting.fullness(),
                assessed.pieces(), assessed.back(), cloths(plan, mark, assessed.pieces()), findings);
    }

    private static Assessed assess(CoverPlan plan, Mark mark) {
        Setting setting = Setting.of(plan, mark);
        Back back = plan.opening().back(setting);
        List<Piece> pieces = new ArrayList<>();
        pieces.add(front(setting));
        pieces.addAll(back.pieces());
        List<Concern> concerns = new ArrayList<>(new CoverConcerns(setting, pieces).all());
        concerns.addAll(plan.opening().concerns(setting, back));
        concerns.removeIf(concern -> plan.noted().contains(concern.noteKey()));
        return new Assessed(setting, pieces, back, concerns);
    }

    private static Piece front(Setting setting) {
        return new Piece("front", Phrase.of("piece.front"), Material.FRONT, 1,
                setting.cut(Axis.ACROSS).roundedUpTo(setting.mark()), setting.cut(Axis.UP_DOWN).roundedUpTo(setting.mark()),
                Piece.sewnAllRound(setting.allowance()), false);
    }

    /** A remedy is tried before it is offered: it must remove its finding and bring nothing that will not work. */
    private static Finding finding(Concern concern, Assessed before) {
        Set<String> blocking = before.blocking();
        Optional<Remedy> proven = concern.candidates().stream().filter(remedy -> {
            Assessed after = assess(remedy.plan(), before.setting().mark());
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
