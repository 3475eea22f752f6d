package app.dapt.advice;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.ClothCharacter;
import app.dapt.cloth.ClothCharacter.Fraying;
import app.dapt.cloth.ClothCharacter.Heft;
import app.dapt.cloth.ClothCharacter.Trait;
import app.dapt.cloth.ClothCharacter.Was;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.edging.TrimByLength;
import app.dapt.cover.front.ExtraKind;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.parts.Back.Lap;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Filling;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Piece;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** The facts that a plan holds. */
public final class PlanFacts {

    private static final Map<Was, Fact> ONCE = Map.of(
            Was.QUILT, Fact.QUILT,
            Was.SHEET, Fact.SHEET,
            Was.TOWEL, Fact.TOWEL,
            Was.DROP_CLOTH, Fact.DROP_CLOTH,
            Was.NAPKIN, Fact.NAPKIN);
    private static final Map<Trait, Fact> TRAITS = Map.of(
            Trait.STRETCHES, Fact.STRETCHES,
            Trait.SHEER, Fact.SHEER,
            Trait.THICK, Fact.THICK,
            Trait.SLIPPERY, Fact.SLIPPERY,
            Trait.ALIKE, Fact.ALIKE,
            Trait.BLEEDS, Fact.BLEEDS);
    private static final Length LONG = Length.inches(40);
    private static final Length LONG_METRIC = Length.cm(100);

    private final Reckoned reckoned;
    private final CoverPlan plan;
    private final Set<Fact> facts = EnumSet.noneOf(Fact.class);

    private PlanFacts(Reckoned reckoned) {
        this.reckoned = reckoned;
        this.plan = reckoned.plan();
    }

    /** What is known of a cover that is made with these tools. */
    public static Facts of(Reckoned reckoned, Drawer drawer) {
        return new PlanFacts(reckoned).gathered(drawer);
    }

    private Facts gathered(Drawer drawer) {
        facts.addAll(Facts.of(plan.use()));
        cloths();
        opening();
        edge();
        front();
        when(drawer.has(Tool.SERGER), Fact.SERGER);
        Length longest = reckoned.pieces().stream()
                .map(piece -> Length.max(piece.cutWidth(), piece.cutHeight()))
                .reduce(Length.ZERO, Length::max);
        return new Facts(
                plan.use(), facts, drawer, reckoned.back().lap().map(Lap::wanted), longest, interfaced(), plan.unit());
    }

    private void when(boolean so, Fact fact) {
        if (so) {
            facts.add(fact);
        }
    }

    private void cloths() {
        Cloth front = plan.cloths().front();
        Cloth back = plan.cloths().back();
        ClothCharacter before = front.character().plain();
        ClothCharacter behind = back.character().plain();
        Heft heft = before.heft().compareTo(behind.heft()) > 0 ? before.heft() : behind.heft();
        Fraying frays = before.frays().compareTo(behind.frays()) > 0 ? before.frays() : behind.frays();
        facts.add(
                switch (heft) {
                    case LIGHT -> Fact.LIGHT;
                    case MEDIUM -> Fact.MEDIUM;
                    case HEAVY -> Fact.HEAVY;
                });
        facts.add(
                switch (frays) {
                    case NO -> Fact.FRAYS_NOT;
                    case LITTLE -> Fact.FRAYS_LITTLE;
                    case BADLY -> Fact.FRAYS_BADLY;
                });
        when(behind.heft().compareTo(before.heft()) < 0, Fact.BACK_LIGHTER);
        when(behind.has(Trait.THICK), Fact.BACK_THICK);
        when(front.nap() || back.nap(), Fact.NAP);
        facts.add(front.synthetic() || back.synthetic() ? Fact.SYNTHETIC : Fact.NATURAL);
        for (ClothCharacter each : List.of(before, behind)) {
            TRAITS.forEach((trait, fact) -> when(each.has(trait), fact));
            when(each.was() != Was.NEW, Fact.NOT_NEW);
            ONCE.forEach((was, fact) -> when(each.was() == was, fact));
        }
        when(facts.contains(Fact.NAPKIN) || facts.contains(Fact.DROP_CLOTH), Fact.OLD_HEM);
    }

    private void opening() {
        boolean laps = reckoned.back().overlap().isPresent();
        when(laps, Fact.LAPS);
        when(laps, Fact.INNER_PANEL);
        when(reckoned.back().zip().isPresent(), Fact.ZIP);
        when(plan.opening().kind() == OpeningKind.EDGE_ZIP, Fact.EDGE_ZIP);
        when(plan.opening().kind() == OpeningKind.SEWN_SHUT, Fact.SEWN_SHUT);
        when(plan.opening().kind() == OpeningKind.PILLOWCASE, Fact.PILLOWCASE);
        when(laps || plan.opening().kind() == OpeningKind.PILLOWCASE, Fact.HEMMED);
        when(laps, Fact.ROW_SHOWS);
        when(!reckoned.back().spots().isEmpty(), Fact.REAL_BUTTONS);
        facts.add(reckoned.fullness().ratio() > 1 ? Fact.FULL : Fact.NOT_FULL);
        when(plan.form().filling() == Filling.FIBRE, Fact.FIBRE_FORM);
    }

    private void edge() {
        Edging edging = plan.edging();
        when(edging.caught() != Edging.Caught.NOTHING, Fact.TRIM_IN_SEAM);
        when(edging.kind() == EdgingKind.BY_LENGTH, Fact.TRIM_BY_LENGTH);
        when(edging instanceof TrimByLength trim && trim.isBobbles(), Fact.BOBBLES);
        when(edging.kind() == EdgingKind.PIPING, Fact.PIPING);
        when(reckoned.edge().corners() > 0, Fact.SHARP_CORNERS);
        Length longest = Length.max(reckoned.finished(Axis.ACROSS), reckoned.finished(Axis.UP_DOWN));
        when(plan.unit().pick(LONG_METRIC, LONG).under(longest), Fact.LONG_SEAM);
    }

    private void front() {
        when(plan.face().kind() == FaceKind.BUTTON_BAND, Fact.MOCK_BUTTONS);
        when(plan.face().kind() == FaceKind.PIECED, Fact.PIECED_BAND);
        plan.extras().all().stream().filter(extra -> extra.there()).forEach(extra -> {
            when(extra.kind() == ExtraKind.HANDLE, Fact.HANDLE);
            when(extra.kind() == ExtraKind.POCKET, Fact.POCKET);
            when(extra.kind() == ExtraKind.LAYERS, Fact.QUILTED_FRONT);
        });
        when(piecesNamed("strap").findAny().isPresent(), Fact.HANDLE);
        when(plan.shape().kind() == ShapeKind.RUN, Fact.IN_THE_FIELD);
    }

    private Stream<Piece> piecesNamed(String id) {
        return reckoned.pieces().stream().filter(piece -> piece.id().equals(id));
    }

    /** Interfacing behind the panel that shows beside a zip. */
    private List<Length> interfaced() {
        Length twice = reckoned.allowance().times(2);
        return reckoned.back().panels().stream()
                .filter(panel -> reckoned.back().zip().isPresent())
                .filter(Panel::outside)
                .findFirst()
                .map(panel -> List.of(
                        panel.piece().cutWidth().minus(twice),
                        panel.piece().cutHeight().minus(twice)))
                .orElse(List.of());
    }
}
