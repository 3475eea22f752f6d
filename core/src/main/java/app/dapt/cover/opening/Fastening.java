package app.dapt.cover.opening;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.Spacing;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.cover.parts.Back.Spot;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.cover.parts.PanelRole;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Ware;
import app.dapt.step.Caution;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.StripWork;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * What holds an overlap shut besides its own weight: buttons, ties or nothing.
 *
 * @param by        buttons, ties or nothing
 * @param count     how many buttons or pairs of ties
 * @param spacing   how they are spaced
 * @param button    across a button
 * @param thickness of a button
 * @param tie       how wide a tie is, finished
 * @param tieLong   how long, finished
 * @param turned    what is turned in at each end of a tie
 */
public record Fastening(
        By by, int count, Spacing spacing, Length button, Length thickness, Length tie, Length tieLong, Length turned) {

    /** What does the holding. */
    public enum By {
        NOTHING,
        BUTTONS,
        TIES
    }

    static final Question<By> BY = Question.oneOf("fastening", By.NOTHING, "fastening");
    private static final Question<Integer> COUNT =
            Question.count("fastenings", 1, 12, 3).where(Fastening::isThere);
    private static final Question<Spacing> SPACING =
            Question.oneOf("spacing", Spacing.HALF_AT_ENDS, "spacing").where(Fastening::isThere);
    private static final Question<Length> BUTTON = Question.length(
                    "button", LengthRange.BUTTON, Length.mm(20), Length.inches(0, 3, 4))
            .where(BY, By.BUTTONS);
    private static final Question<Length> THICKNESS = Question.length(
                    "buttonThick", LengthRange.THICKNESS, Length.mm(3), Length.inches(0, 1, 8))
            .where(BY, By.BUTTONS);
    private static final Question<Length> TIE = Question.length(
                    "tieWidth", LengthRange.BUTTON, Length.mm(12), Length.inches(0, 1, 2))
            .where(BY, By.TIES);
    private static final Question<Length> TIE_LONG = Question.length(
                    "tieLong", LengthRange.TIE, Length.cm(25), Length.inches(10))
            .where(BY, By.TIES);
    private static final Question<Length> TURNED =
            Question.length("tieTurn", LengthRange.TURN, Seam::usual).where(BY, By.TIES);

    static final List<Question<?>> ASKED = List.of(BY, COUNT, SPACING, BUTTON, THICKNESS, TIE, TIE_LONG, TURNED);

    private static boolean isThere(Details all) {
        return all.get(BY) != By.NOTHING;
    }

    /** As it was decided. */
    static Fastening of(Details details) {
        return new Fastening(
                details.get(BY),
                details.get(COUNT),
                details.get(SPACING),
                details.get(BUTTON),
                details.get(THICKNESS),
                details.get(TIE),
                details.get(TIE_LONG),
                details.get(TURNED));
    }

    /** How the brief puts it: nothing, or {@code , with three buttons}. */
    Phrase brief() {
        return by == By.NOTHING ? Phrase.of("brief.held.nothing") : Phrase.of("brief.held." + Phrase.code(by), count);
    }

    /** What an overlap or a band must measure to carry a button: its diameter and half an inch either side. */
    Length roomForButton() {
        return button.plus(Length.inches(1));
    }

    /** A buttonhole is as long as the button is across and thick. */
    Length buttonhole() {
        return button.plus(thickness);
    }

    /** Fastens the panel that shows on the one that lies under it. */
    Back fasten(Back back, Frame.Sized laid) {
        if (by == By.NOTHING) {
            return back;
        }
        Panel outer = back.outer();
        Panel inner = back.inner();
        boolean atTo = outer.role() != PanelRole.SECOND;
        Axis runs = laid.frame().runs();
        List<Spot> spots = spots(laid, atTo ? outer.to() : outer.from(), atTo, carried(outer));
        return back.spotted(spots)
                .replacing(outer.piece(), outer.piece().marked(marks(spots, true, at -> outer.cutAt(at, runs), laid)))
                .replacing(inner.piece(), inner.piece().marked(marks(spots, false, at -> inner.cutAt(at, runs), laid)))
                .with(pieces(laid.sizes()));
    }

    /**
     * Where the buttons or ties sit on the finished back.
     *
     * @param edge    the free edge that carries them
     * @param atTo    whether that edge is the far end of its panel
     * @param carried how deep the hem or the band is that carries them
     */
    List<Spot> spots(Frame.Sized laid, Length edge, boolean atTo, Length carried) {
        CoverDimensions sizes = laid.sizes();
        Length length = sizes.cutFor(laid.frame().runs());
        List<Spot> spots = new ArrayList<>();
        // In the middle of a hem or band, and never so near the edge that a button looks over it.
        Length in = by == By.TIES
                ? Length.ZERO
                : Length.max(carried.half(), button.half().plus(Length.inches(0, 1, 4)));
        for (int i = 0; i < count && by != By.NOTHING; i++) {
            spots.add(new Spot(
                    by == By.TIES ? Sort.TIE : Sort.BUTTON,
                    sizes.sinceCut(spacing.at(i, count, length)),
                    atTo ? edge.minus(in) : edge.plus(in),
                    by == By.TIES ? tie : button));
        }
        return spots;
    }

    private static Length carried(Panel outer) {
        return outer.freeEdge()
                .map(edge -> edge.fate() == Edge.Fate.BAND ? outer.depth() : edge.hemDepth())
                .orElse(Length.ZERO);
    }

    /**
     * What to mark for it on one of the two pieces.
     *
     * @param outer whether it is the one that shows, which has the holes
     * @param cutAt from a place on the finished back to one on the cut piece, across the opening
     */
    List<Marking> marks(List<Spot> spots, boolean outer, UnaryOperator<Length> cutAt, Frame.Sized laid) {
        Sort sort = by == By.TIES ? Sort.TIE : outer ? Sort.BUTTONHOLE : Sort.BUTTON;
        return spots.stream()
                .map(spot -> Marking.spot(
                        sort, laid.frame().runs(), laid.sizes().allowance().plus(spot.along()), cutAt.apply(spot.at())))
                .toList();
    }

    /** What carries buttons or their holes is stiffened before it is hemmed. */
    void stiffen(Making making, Piece outer, Piece inner) {
        if (by == By.BUTTONS) {
            making.work()
                    .at(Place.IRON, "stiffen", outer.equals(inner) ? List.of(outer) : List.of(outer, inner))
                    .saying(roomForButton())
                    .because()
                    .along(Effort.PRESS, making.back().length().times(2))
                    .add();
        }
    }

    /** Both ends of a strip that is front and back are hemmed, and what holds them is sewn on while it lies flat. */
    void onStrip(Making making, Frame frame) {
        Piece strip = making.front();
        stiffen(making, strip, strip);
        HemSteps.make(
                HemSteps.at(making, strip, frame.start(), strip.id() + "-first"),
                HemSteps.at(making, strip, frame.end(), strip.id() + "-second"));
        hold(making, strip, strip);
    }

    /** Holes or ties, while the panels still lie flat. */
    void hold(Making making, Piece outer, Piece inner) {
        if (by == By.BUTTONS) {
            making.at(Place.MACHINE, "buttonholes", outer)
                    .saying(count, buttonhole())
                    .figure("button", button)
                    .marks(outer, Sort.BUTTONHOLE)
                    .because()
                    .times(Effort.BUTTONHOLE, count)
                    .set(Stitch.BUTTONHOLE, Foot.BUTTONHOLE)
                    .rightSide()
                    .add();
        }
        if (by == By.TIES) {
            Piece ties = making.piece("tie").orElseThrow();
            new StripWork(making.work(), ties)
                    .foldedTwice(
                            tie,
                            tieLong.times(2L * count),
                            draft -> draft.how("ties-in-one", 2 * count, ties.cutWidth()));
            List<Piece> pieces = outer.equals(inner) ? List.of(outer, ties) : List.of(outer, inner, ties);
            making.work()
                    .at(Place.MACHINE, "ties-sew", pieces)
                    .saying(count)
                    .marks(outer, Sort.TIE)
                    .marks(inner.equals(outer) ? ties : inner, Sort.TIE)
                    .times(Effort.CLIP, 4.0 * count)
                    .set(Stitch.SEAM, Foot.PLAIN)
                    .careful(Caution.SMALL_PARTS)
                    .shows(Pile.of(making.work().lying(outer, false)))
                    .add();
        }
    }

    /** Buttons come last, when it is plain where the holes lie. */
    void finish(Making making, Piece inner) {
        if (by == By.BUTTONS) {
            making.at(Place.HAND, "buttons", inner)
                    .onAll()
                    .saying(count)
                    .figure("button", button)
                    .how("buttons-through")
                    .times(Effort.BUTTON, count)
                    .careful(Caution.SMALL_PARTS)
                    .rightSide()
                    .add();
        }
    }

    /** What is cut for it: ties. */
    List<Piece> pieces(CoverDimensions sizes) {
        return by == By.TIES ? List.of(tiePiece(sizes)) : List.of();
    }

    /** A tie is four times its finished width, folded to the middle twice, both ends turned in. */
    private Piece tiePiece(CoverDimensions sizes) {
        return sizes.panel(
                        "tie",
                        Material.BACK,
                        Sum.of(Sum.term("term.tie-length", tieLong), Sum.term("term.tie-ends", turned.times(2))),
                        Sum.of(Sum.term("term.four-times", tie.times(4), tie)),
                        Piece.foldedAllRound())
                .times(2 * count);
    }

    /** What is bought for it: buttons, and interfacing behind them and their holes. */
    List<Need> needs(Back back) {
        long count =
                back.spots().stream().filter(spot -> spot.sort() == Sort.BUTTON).count();
        return count == 0
                ? List.of()
                : List.of(
                        Need.of(
                                Phrase.of("need.buttons"),
                                Phrase.of("need.buttons-and-holes", count, button, buttonhole()),
                                Ware.of(Thing.Kind.BUTTON, button).times(Math.toIntExact(count))),
                        Need.of(
                                Phrase.of("need.interfacing"),
                                Phrase.of("need.strips", 2, back.length(), roomForButton())));
    }

    /**
     * What can go wrong with it.
     *
     * @param carrier how wide the overlap or the band is that carries it
     * @param code    {@code button-overlap} or {@code button-band}
     * @param wider   the same opening with room for a button
     * @param without the same opening held by nothing
     */
    List<Concern<Opening>> concerns(
            CoverDimensions sizes, Length carrier, String code, Opening wider, Opening without) {
        List<Concern<Opening>> found = new ArrayList<>();
        if (by == By.NOTHING) {
            return found;
        }
        if (by == By.BUTTONS && carrier.under(roomForButton())) {
            found.add(Concern.<Opening>of(code, Weight.BETTER_NOT, code, carrier, roomForButton(), button)
                    .orTry(() -> wider, code, roomForButton())
                    .orTry(() -> without, "no-fastening"));
        }
        return found;
    }
}
