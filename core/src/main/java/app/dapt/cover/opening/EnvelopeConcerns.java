package app.dapt.cover.opening;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.PanelRole;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece.Material;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What can go wrong with an envelope beyond what can with any overlap. */
record EnvelopeConcerns(EnvelopeOpening opening, CoverDimensions sizes, Back back) {

    List<Concern<Opening>> all() {
        LapConcerns lapped = new LapConcerns(opening, sizes, back, back.lap().orElseThrow());
        List<Concern<Opening>> found = new ArrayList<>(lapped.all());
        Stream.of(
                        blank(lapped.wanted()),
                        upsideDown(PanelRole.FIRST),
                        upsideDown(PanelRole.SECOND),
                        sideways(),
                        hemEdges())
                .flatMap(Optional::stream)
                .forEach(found::add);
        return found;
    }

    private Optional<Concern<Opening>> blank(Length wanted) {
        Length along = sizes.cut(opening.runs()).total();
        boolean narrow =
                opening.get(PanelDepths.RULE) == RuleOfThumb.BLANK_HALVED && RuleOfThumb.BLANK_WIDTH.under(along);
        return narrow
                ? Optional.of(Concern.<Opening>of(
                                "blank-narrow", Weight.WILL_NOT_WORK, "blank-narrow", RuleOfThumb.BLANK_WIDTH, along)
                        .orTry(() -> opening.centred().withOverlap(wanted), "overlap", wanted))
                : Optional.empty();
    }

    private boolean backHasUp() {
        return sizes.cloths().of(Material.BACK).hasUp();
    }

    private Optional<Concern<Opening>> upsideDown(PanelRole role) {
        if (!opening.isTurned(role) || !backHasUp()) {
            return Optional.empty();
        }
        return Optional.of(Concern.<Opening>of(
                        "upside-down-" + Phrase.code(role),
                        Weight.BETTER_NOT,
                        "upside-down",
                        opening.panelName(role),
                        sizes.cloths().back().name())
                .orTry(() -> opening.upright(role), "upright", opening.panelName(role))
                .orNote());
    }

    /** A selvage runs along the cloth, so a panel whose crosswise edge is one has its print lying on its side. */
    private Optional<Concern<Opening>> sideways() {
        boolean selvage = isSelvage(PanelRole.FIRST) || isSelvage(PanelRole.SECOND);
        boolean shows = !sizes.cloths().of(Material.BACK).turns();
        if (!selvage || !shows || !opening.frame().isStacked()) {
            return Optional.empty();
        }
        return Optional.of(Concern.<Opening>of(
                        "sideways",
                        Weight.BETTER_NOT,
                        "sideways",
                        sizes.cloths().back().name())
                .orTry(() -> hemmed(PanelRole.SECOND, hemmed(PanelRole.FIRST, opening)), "hem-instead")
                .orNote());
    }

    private boolean isSelvage(PanelRole role) {
        return opening.hemOf(role).kind() == Hem.Kind.SELVAGE;
    }

    private EnvelopeOpening hemmed(PanelRole role, EnvelopeOpening changed) {
        return isSelvage(role) ? changed.withHem(role, opening.hemOf(role).withKind(Hem.Kind.ORDINARY)) : changed;
    }

    /** With a print that has an up, hemming the wrong edge spoils the panel. */
    private Optional<Concern<Opening>> hemEdges() {
        return backHasUp()
                ? Optional.of(Concern.<Opening>of(
                                "hem-edges",
                                Weight.WORTH_KNOWING,
                                opening.frame().worded("hem-edges"),
                                sizes.cloths().back().name())
                        .orNote())
                : Optional.empty();
    }
}
