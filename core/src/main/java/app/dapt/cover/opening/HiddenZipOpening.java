package app.dapt.cover.opening;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.cover.parts.Back.Zip;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.CoverShape;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.PanelRole;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import app.dapt.step.Caution;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.Work.Draft;
import app.dapt.workpiece.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A zip across the back with its tape showing, under a loose folded band. With s_t to each side of the tape and x of it
 * between: lower d + s + s_t, upper H − d − x + s + s_t, band 2 (b + s_t); tabs of cloth at both ends of the zip.
 */
record HiddenZipOpening(Details decided) implements Opening {

    /** What is sewn of the tape to each panel, s_t. */
    private static final Length TAPE_SEAM = Length.inches(0, 1, 4);
    /** By how much at least the band must reach over the tape. */
    private static final Length OVER = Length.inches(0, 1, 4);

    private static final Length TAB = Length.inches(1);

    /** The tape's lower edge above the finished bottom edge, or from the right one seen from behind, d. */
    private static final Question<Length> AT = ZipLength.at(Length.cm(15), Length.inches(6));
    /** How wide the tape is. */
    private static final Question<Length> TAPE =
            Question.length("tape", LengthRange.PLEAT, Length.mm(25), Length.inches(1));
    /** How much of the band shows, b. */
    private static final Question<Length> BAND =
            Question.length("bandShows", LengthRange.PLEAT, Length.mm(25), Length.inches(1));

    static final List<Question<?>> ASKED = Question.all(ZipLength.ASKED, List.of(AT, TAPE, BAND, Frame.RUNS));

    @Override
    public boolean isToldInMoves() {
        return true;
    }

    @Override
    public Kind<Opening> kind() {
        return OpeningKind.HIDDEN_ZIP;
    }

    @Override
    public Opening nearer(Length by) {
        return with(AT, Length.max(Length.ZERO, get(AT).minus(by)));
    }

    @Override
    public Optional<Phrase> unfitFor(CoverShape shape) {
        return shape.unfitForZip().or(shape::unfitForBand);
    }

    /** The tape that shows between the two panels. */
    private Length exposed() {
        return Length.max(Length.ZERO, get(TAPE).minus(TAPE_SEAM.times(2)));
    }

    @Override
    public Back back(CoverDimensions sizes, Front front) {
        Frame.Sized laid = frame().of(sizes);
        Length below = Length.max(Length.ZERO, Length.min(get(AT), laid.depth().minus(exposed())));
        Length upperTo = laid.depth().minus(below).minus(exposed());
        Piece upper = laid.panel(PanelRole.FIRST, upperTo, aboveZip(laid, below), Edge.zip(TAPE_SEAM));
        Piece lower = laid.panel(PanelRole.SECOND, below, belowZip(laid, below), Edge.zip(TAPE_SEAM));
        Piece banding = banding(laid, upperTo);
        // Tabs keep the metal out of the seams: the teeth end at least an allowance and a tape seam from the edge.
        ZipLength.Choice choice = ZipLength.of(decided)
                .exactly(sizes.cut(runs()).total().minus(ZipLength.ends(sizes.ownUnit())), sizes.ownUnit());
        Length from = laid.along().minus(choice.teeth()).half();
        return Back.of(
                        List.of(front.piece(), upper, lower, banding, tab(sizes)),
                        List.of(
                                laid.lying(PanelRole.SECOND, lower, below).outside(false),
                                laid.lying(PanelRole.FIRST, upper, upperTo).outside(false),
                                Panel.of(PanelRole.BAND, banding, upperTo, upperTo.plus(get(BAND)))
                                        .free(frame().end())),
                        choice.teeth())
                .zipped(new Zip(
                        choice.teeth(), choice.buy(), upperTo.plus(exposed().half()), from, choice.why()));
    }

    private Sum aboveZip(Frame.Sized laid, Length below) {
        return Sum.of(
                Sum.term(frame().ofDeep("term.finished"), laid.depth()),
                Sum.term("term.less-to-zip", below.negated()),
                Sum.term("term.less-tape", exposed().negated()),
                Sum.term("term.tape-seam", TAPE_SEAM),
                laid.allowance());
    }

    private static Sum belowZip(Frame.Sized laid, Length below) {
        return Sum.of(Sum.term("term.to-zip", below), Sum.term("term.tape-seam", TAPE_SEAM), laid.allowance());
    }

    /** The band over the zip, folded in the middle. */
    private Piece banding(Frame.Sized laid, Length from) {
        Sum cut = Sum.of(
                Sum.term("term.band-twice", get(BAND).times(2)), Sum.term("term.both-tape-seams", TAPE_SEAM.times(2)));
        return laid.band(from, from.plus(get(BAND)), cut, Edge.band(TAPE_SEAM))
                .marked(List.of(Marking.line(Sort.FOLD, runs(), cut.total().half())));
    }

    @Override
    public void make(Making making) {
        Piece lower = making.back().panel(PanelRole.SECOND).piece();
        Piece upper = making.back().panel(PanelRole.FIRST).piece();
        Piece banding = making.back().panel(PanelRole.BAND).piece();
        Piece tabs = making.piece("tab").orElseThrow();
        Side before = frame().start();
        Length along = making.sizes().finished(runs());
        ZipSteps zip = new ZipSteps(making, true);
        making.at(Place.MACHINE, "zip-tabs", tabs)
                .saying(making.back().length())
                .also("zip")
                .because()
                .trap()
                .careful(Caution.METAL_ZIP)
                .set(Stitch.SEAM, Foot.ZIPPER)
                .times(Effort.LAY, 2)
                .add();
        Length tape = get(TAPE);
        Length tapeLong = lower.cut(runs()).total();
        zip.sewn("zip-lower", lower, before)
                .also("zip")
                .moves(
                        new Move.Bring(
                                "zip", frame().isStacked() ? tapeLong : tape, frame().isStacked() ? tape : tapeLong),
                        new Move.Flip(lower.id(), !frame().isStacked()),
                        new Move.PutOn(lower.id(), "zip", frame().end()),
                        new Move.Open("zip", frame().end(), TAPE_SEAM))
                .add();
        making.at(Place.IRON, "zip-lower-press", lower)
                .along(Effort.PRESS, along)
                .rightSide()
                .add();
        topstitched(making, "zip-lower-topstitch", lower, before, along).add();
        making.at(Place.IRON, "band-fold", banding)
                .saying(banding.cut(frame().deep()).total().half())
                .along(Effort.PRESS_HEM, along)
                .moves(new Move.TurnUnder(
                        banding.id(),
                        frame().end(),
                        banding.cut(frame().deep()).total().half()))
                .add();
        Draft over = zip.sewn("zip-upper", upper, before.opposite());
        if (making.sizes().cloths().of(banding.material()).hasUp()) {
            over.how("band-upright", Phrase.choice("which-half", before));
        }
        over.also("zip")
                .also(lower.id())
                .also(banding.id())
                .takes(banding, before)
                .takes(banding, before.opposite())
                .moves(
                        new Move.PutOn(banding.id(), "zip", before),
                        new Move.Flip(upper.id(), !frame().isStacked()),
                        new Move.PutOn(upper.id(), "zip", before),
                        new Move.Open("zip", before, TAPE_SEAM),
                        new Move.Call("zip", Laying.BACK))
                .because()
                .add();
        topstitched(making, "zip-upper-topstitch", upper, before.opposite(), along)
                .also(banding.id())
                .add();
        making.at(Place.TABLE, "tabs-trim", tabs, lower, upper)
                .also("zip")
                .times(Effort.CLIP, 2)
                .shows(Pile.of(making.work().lying(tabs, true)))
                .add();
    }

    private static Draft topstitched(Making making, String does, Piece panel, Side side, Length along) {
        return making.at(Place.MACHINE, does, panel)
                .along(Effort.STITCH_HEM, along)
                .set(Stitch.TOPSTITCH, Foot.ZIPPER)
                .rightSide()
                .stitched(side, Hem.FROM_FOLD);
    }

    @Override
    public void lay(Making making) {
        ZipSteps.held(making, frame());
        ZipSteps.lay(making, frame());
    }

    private Piece tab(CoverDimensions sizes) {
        return sizes.panel(
                        "tab",
                        Material.BACK,
                        Sum.of(Sum.term("term.tab", TAB.times(2))),
                        Sum.of(Sum.term("term.tape-wide", get(TAPE))),
                        Piece.foldedAllRound())
                .times(2);
    }

    @Override
    public List<Concern<Opening>> concerns(CoverDimensions sizes, Back back) {
        List<Concern<Opening>> found =
                new ArrayList<>(new ZipConcerns(this, sizes, back, sizes.finished(runs())).all());
        Length depth = sizes.finished(frame().deep());
        Length at = get(AT);
        if (!at.isPositive() || at.plus(exposed()).atLeast(depth)) {
            found.add(Concern.<Opening>of("zip-placed", Weight.WILL_NOT_WORK, "zip-placed", at, depth)
                    .orTry(() -> with(AT, depth.half()), "zip-middle"));
        }
        Length least = exposed().plus(OVER);
        Length band = get(BAND);
        if (band.under(least)) {
            found.add(Concern.<Opening>of("band-narrow", Weight.BETTER_NOT, "band-narrow", band, least)
                    .orTry(() -> with(BAND, least), "band-shows", least));
        }
        return found;
    }

    @Override
    public Phrase brief(Back back) {
        return Phrase.of(frame().worded("brief.hidden-zip"), back.length(), get(AT));
    }
}
