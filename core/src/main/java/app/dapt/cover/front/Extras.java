package app.dapt.cover.front;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.FindingCandidate;
import app.dapt.cover.decision.Front;
import app.dapt.cover.decision.Need;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import java.util.List;
import java.util.stream.Stream;

/** What is added to the front besides its cloth. Each is a class of its own; here they are together. */
public record Extras(
        Pocket pocket, Handle handle, Label label, Decoration decoration, Rows rows, Motif motif, Layers layers)
        implements Detailed {

    /** Nothing yet. */
    public static Extras none(Unit unit) {
        return new Extras(
                Pocket.none(unit),
                Handle.none(unit),
                Label.none(unit),
                Decoration.none(unit),
                Rows.none(unit),
                new Motif(false),
                new Layers(Layers.Behind.NONE, Layers.Behind.NONE, Layers.Behind.NONE));
    }

    static Extras from(Details details) {
        return new Extras(
                Pocket.from(details),
                Handle.from(details),
                Label.from(details),
                Decoration.from(details),
                Rows.from(details),
                Motif.from(details),
                Layers.from(details));
    }

    private Stream<Extra> all() {
        return Stream.of(pocket, handle, label, decoration, rows, motif, layers);
    }

    private Stream<Extra> there() {
        return all().filter(Extra::there);
    }

    @Override
    public ExtrasKind kind() {
        return ExtrasKind.EXTRAS;
    }

    @Override
    public List<Detail<?>> details() {
        return all().<Detail<?>>flatMap(extra -> extra.details().stream()).toList();
    }

    /** What is sewn into the seams of this front or on it, where it lies there. */
    public List<Marking> marks(Front made, CoverDimensions sizes) {
        return there().flatMap(extra -> extra.marks(made, sizes).stream()).toList();
    }

    /** What is cut for them. */
    public List<Piece> pieces(CoverDimensions sizes, Back back) {
        return there().flatMap(extra -> extra.pieces(sizes, back).stream()).toList();
    }

    /** What is bought for them. */
    public List<Need> needs(CoverDimensions sizes, Back back) {
        return there().flatMap(extra -> extra.needs(sizes, back).stream()).toList();
    }

    /** What can go wrong with them. */
    public List<FindingCandidate<Extras>> concerns(CoverDimensions sizes) {
        Details standing = decided();
        return there().flatMap(extra -> extra.concerns(sizes, standing).stream())
                .map(each -> each.lifted(Extras::from, elsewhere -> this))
                .toList();
    }

    /** How the brief puts them, one after another. */
    public List<Phrase> brief() {
        return there().map(Extra::brief).toList();
    }
}
