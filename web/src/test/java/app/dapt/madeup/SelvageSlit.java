package app.dapt.madeup;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.opening.Frame;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.PanelRole;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import app.dapt.step.Effort;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import java.util.List;

/** Two panels whose selvages meet edge to edge across the back and are closed with hook-and-loop tape behind them. */
record SelvageSlit(Details decided) implements Opening {

    private static final Question<Length> TAPE =
            Question.length("slitTape", LengthRange.PLEAT, Length.cm(2), Length.inches(0, 3, 4));

    static final List<Question<?>> ASKED = List.of(TAPE, Frame.RUNS);

    @Override
    public boolean isToldInMoves() {
        return true;
    }

    @Override
    public Kind<Opening> kind() {
        return MadeUp.SELVAGE_SLIT;
    }

    @Override
    public Back back(CoverDimensions sizes, Front front) {
        Frame.Sized laid = frame().of(sizes);
        Length half = laid.depth().half();
        Edge selvage = new Edge(Edge.Fate.SELVAGE, List.of());
        Sum cut = Sum.of(Sum.term(frame().ofDeep("term.half"), half), laid.allowance());
        Piece first = laid.panel(PanelRole.FIRST, half, cut, selvage);
        Piece second = laid.panel(PanelRole.SECOND, half, cut, selvage);
        return Back.of(
                List.of(front.piece(), first, second),
                List.of(
                        laid.lying(PanelRole.SECOND, second, half).outside(false),
                        laid.lying(PanelRole.FIRST, first, half)),
                laid.along());
    }

    @Override
    public void make(Making making) {
        making.at(
                        Place.MACHINE,
                        "slit-tape",
                        making.back().panel(PanelRole.FIRST).piece())
                .saying(get(TAPE))
                .along(Effort.SEW, making.back().length())
                .set(Stitch.SEAM, Foot.PLAIN)
                .add();
    }

    @Override
    public List<Concern<Opening>> concerns(CoverDimensions sizes, Back back) {
        return List.of(Concern.<Opening>of("slit-gapes", Weight.WORTH_KNOWING, "slit-gapes")
                .orNote());
    }

    @Override
    public Phrase brief(Back back) {
        return Phrase.of("brief.selvage-slit", back.length());
    }
}
