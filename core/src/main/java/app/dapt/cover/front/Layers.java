package app.dapt.cover.front;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Question;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.PieceRole;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.Work.Draft;
import app.dapt.workpiece.Move;
import java.util.List;
import java.util.stream.Stream;

/** Layers behind front and back: interfacing and wadding, which are bought, and a lining, which is cut. */
public record Layers(Details decided) implements Extra {

    /** Which pieces have one behind them. */
    public enum Behind {
        NONE,
        FRONT,
        BACK,
        BOTH;

        /** Those pieces, the front first; small pieces and linings have none. */
        private Stream<Piece> of(Back back) {
            Piece front = back.pieces().get(0);
            boolean behindFront = this == FRONT || this == BOTH;
            boolean behindBack = this == BACK || this == BOTH;
            return back.pieces().stream()
                    .filter(piece ->
                            piece.equals(front) ? behindFront : behindBack && piece.role() == PieceRole.Whole.BACK);
        }
    }

    /** What lies behind is basted so far from the edge. */
    private static final Length FROM_EDGE = Length.mm(3);

    private static final Question<Behind> INTERFACING = Question.oneOf("interfaced", Behind.NONE, "layered");
    private static final Question<Behind> WADDING = Question.oneOf("wadded", Behind.NONE, "layered");
    private static final Question<Behind> LINING = Question.oneOf("linedThrough", Behind.NONE, "layered");

    static final List<Question<?>> ASKED = List.of(INTERFACING, WADDING, LINING);

    @Override
    public boolean there() {
        return Stream.of(INTERFACING, WADDING, LINING).anyMatch(layer -> get(layer) != Behind.NONE);
    }

    @Override
    public Kind<Extra> kind() {
        return ExtraKind.LAYERS;
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.extra.layers");
    }

    @Override
    public List<Piece> pieces(CoverDimensions sizes, Back back) {
        return get(LINING).of(back).map(Layers::lined).toList();
    }

    private static Piece lined(Piece piece) {
        return new Piece(
                "under-" + piece.id(),
                PieceRole.Whole.OTHER,
                Phrase.of("piece.under", piece.name()),
                Material.LINING,
                piece.quantity(),
                piece.width(),
                piece.height(),
                piece.edges(),
                false,
                List.of(),
                piece.outline());
    }

    @Override
    public boolean liesBehind() {
        return true;
    }

    @Override
    public void make(Making making) {
        get(INTERFACING).of(making.back()).forEach(piece -> making.at(Place.IRON, "interface", piece)
                .figure("layer-size", piece.finished(Axis.ACROSS), piece.finished(Axis.UP_DOWN))
                .because()
                .along(Effort.PRESS_HEM, piece.cutHeight())
                .add());
        get(WADDING).of(making.back()).forEach(piece -> basted(making, "wadding-baste", piece)
                .figure("layer-size", piece.finished(Axis.ACROSS), piece.finished(Axis.UP_DOWN))
                .add());
        get(LINING).of(making.back()).forEach(piece -> {
            Piece under = lined(piece);
            basted(making, "under-baste", piece)
                    .also(under.id())
                    .moves(
                            new Move.Flip(under.id(), true),
                            new Move.PutOn(piece.id(), under.id(), Side.TOP),
                            new Move.Call(under.id(), piece.id()))
                    .add();
            making.work().backWith(piece, under);
        });
    }

    private static Draft basted(Making making, String does, Piece piece) {
        return making.at(Place.MACHINE, does, piece)
                .saying(FROM_EDGE)
                .along(Effort.BASTE, piece.cutWidth().plus(piece.cutHeight()).times(2))
                .set(Stitch.BASTE, Foot.PLAIN)
                .rightSide();
    }

    /** Interfacing and wadding are cut without what the edges take, so that no seam is made thicker. */
    @Override
    public List<Need> needs(CoverDimensions sizes, Back back) {
        return Stream.concat(
                        get(INTERFACING).of(back).map(piece -> behind("need.interfacing-of", piece)),
                        get(WADDING).of(back).map(piece -> behind("need.wadding-of", piece)))
                .toList();
    }

    private static Need behind(String code, Piece piece) {
        return Need.of(
                Phrase.of(code, piece.name()),
                Phrase.of("need.one-piece", piece.finished(Axis.ACROSS), piece.finished(Axis.UP_DOWN)));
    }
}
