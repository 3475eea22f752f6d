package app.dapt.cover.front;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Question;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.drawing.Element;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import java.util.List;
import java.util.stream.Stream;

/**
 * What is added to the front besides its cloth.
 *
 * @param all one of each kind, there or not
 */
public record Extras(List<Extra> all) implements Detailed {

    public Extras {
        all = List.copyOf(all);
    }

    static List<Question<?>> asked() {
        return ExtraKind.ALL.stream()
                .<Question<?>>flatMap(kind -> kind.asked().stream())
                .toList();
    }

    static Extras of(Details details) {
        return new Extras(ExtraKind.ALL.stream().map(kind -> kind.with(details)).toList());
    }

    private Stream<Extra> there() {
        return all.stream().filter(Extra::there);
    }

    /** These with one of them changed. */
    private Extras with(Extra changed) {
        return new Extras(all.stream()
                .map(extra -> extra.kind() == changed.kind() ? changed : extra)
                .toList());
    }

    @Override
    public Kind<Extras> kind() {
        return ExtrasKind.EXTRAS;
    }

    @Override
    public Details decided() {
        return Details.together(all.stream().map(Extra::decided).toList());
    }

    /** What of them is sewn into the seams of this front or on it, where it lies there. */
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

    /** What is seen of them on the finished front. */
    public List<Element> drawn(CoverDimensions sizes) {
        return there().flatMap(extra -> extra.drawn(sizes).stream()).toList();
    }

    /** How far the one that rises furthest rises above the edge. */
    public Length standsOut(CoverDimensions sizes) {
        return there().map(extra -> extra.standsOut(sizes)).reduce(Length.ZERO, Length::max);
    }

    /** Whether a motif of the print is set in the middle of the front. */
    public boolean centresPrint() {
        return there().anyMatch(Extra::centresPrint);
    }

    /** What lies behind front and back is basted or ironed on before anything is sewn to them. */
    public void layer(Making making) {
        there().filter(Extra::liesBehind).forEach(extra -> extra.make(making));
    }

    /** How the others are made and sewn to the front, one after another. */
    public void make(Making making) {
        there().filter(extra -> !extra.liesBehind()).forEach(extra -> extra.make(making));
    }

    /** The same where seams at the sides, and above and below, are sewn so much deeper. */
    public Extras nearer(Length across, Length upDown) {
        return new Extras(
                all.stream().map(extra -> extra.nearer(across, upDown)).toList());
    }

    /** What can go wrong with them. */
    public List<Concern<Extras>> concerns(CoverDimensions sizes) {
        return there().flatMap(extra -> extra.concerns(sizes).stream())
                .map(each -> each.lifted(this::with, elsewhere -> this))
                .toList();
    }

    /** How the brief puts them, one after another. */
    public List<Phrase> brief() {
        return there().map(Extra::brief).toList();
    }
}
