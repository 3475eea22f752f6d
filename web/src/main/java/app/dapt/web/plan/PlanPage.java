package app.dapt.web.plan;

import app.dapt.advice.Advice;
import app.dapt.advice.Drawer;
import app.dapt.advice.PlanFacts;
import app.dapt.cover.Brief;
import app.dapt.cover.ClothToBuy;
import app.dapt.cover.Finding;
import app.dapt.cover.Reckoned;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.cover.drawing.EdgeOn;
import app.dapt.drawing.PieceDrawing;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.layout.ClothNeed;
import app.dapt.log.Learnt;
import app.dapt.make.SewnCover;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece;
import app.dapt.web.entry.Entries;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.web.workroom.Cover;
import app.dapt.web.workroom.ShelfChoices;
import app.dapt.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * The plan view of one cover, ready for its template.
 *
 * @param toBuy   what to buy of each cloth
 * @param slip    the one that is open, or nothing
 * @param entries what stands in its fields
 * @param gesture names what is done while that slip is open
 * @param before  the cover as it was when the slip was opened; nothing while nothing was changed in it
 * @param shelf   what the cover can be made with
 * @param view    what lies on the table: one of {@link #VIEWS}
 * @param drawer  the tools there are
 */
public record PlanPage(
        Cover cover,
        Reckoned reckoned,
        Words w,
        ClothNeeds needs,
        ClothToBuy toBuy,
        Slip slip,
        Entries entries,
        String gesture,
        String view,
        Optional<Reckoned> before,
        Optional<SewnCover> sewn,
        Supplier<Learnt> learnt,
        ShelfChoices shelf,
        Drawer drawer) {

    /** User units that the longer side takes in the large drawings, in and in the small ones. */
    private static final double LARGE = 296;

    /** A cover wider for its height than this lies alone in its row. */
    static final double WIDE = 1.9;

    private static final double SMALL = 46;

    private static final double OPENED = 170;

    private static final double IN_SIGHT = 178;

    /** The views of the table. */
    static final List<String> VIEWS = List.of("sewn", "filled", "pieces", "fits", "advice");

    /** The slip that is open; asked for only where one is. */
    public OpenSlip open() {
        return new OpenSlip(slip, reckoned, w, needs, entries, learnt, shelf);
    }

    /** What is recommended for it. */
    public AdvicePage advice() {
        return new AdvicePage(Advice.of(PlanFacts.of(reckoned, drawer)), reckoned, needs, w);
    }

    /** Whether one answer is the one recommended; nothing is as long as it was not said what the cover is for. */
    public boolean isAdvised(String choice, String code) {
        return cover.plan().use().isPresent()
                && Advice.of(PlanFacts.of(reckoned, drawer)).choices().stream()
                        .anyMatch(advised -> Phrase.code(advised.choice()).equals(choice)
                                && advised.done().equals(code));
    }

    public Figures figures() {
        return new Figures(w, learnt);
    }

    /** What the cover comes to, sewn on paper; nothing where it was not, or is not what was planned. */
    public Optional<String> sewnAsPlanned() {
        return sewn.filter(SewnCover::isAsPlanned).map(cover -> {
            Object across = Length.nearMm(cover.across());
            Object upDown = Length.nearMm(cover.upDown());
            return cover.overlap()
                    .map(overlap -> w.say(
                            "plan.sewn-lapped",
                            across,
                            upDown,
                            Length.nearMm(overlap),
                            reckoned.back().outer().name()))
                    .orElseGet(() -> w.say("plan.sewn", across, upDown));
        });
    }

    /** What is wrong with it, where it does not come to what was planned. */
    public List<String> sewnOtherwise() {
        return sewn.stream()
                .flatMap(cover -> cover.faults().stream())
                .map(fault -> w.say("plan.sewn-fault." + Phrase.code(fault)))
                .toList();
    }

    /** Whether nothing stands against cutting it. */
    public boolean isReadyToCut() {
        return findings().isEmpty() && sewnOtherwise().isEmpty();
    }

    /** The list to carry to the scissors. */
    public CutList list() {
        return new CutList(reckoned, w, needs);
    }

    /** What a cloth costs, as far as its price is known. */
    public Optional<String> cost(ClothNeed need) {
        return toBuy.cost(need).map(w.money()::shown);
    }

    /** What all the cloth costs, where every price is known. */
    public Optional<String> costOfAll() {
        return toBuy.cost().map(w.money()::shown);
    }

    public Brief brief() {
        return Brief.of(reckoned);
    }

    /** What could still be added to the cover. */
    public List<Brief.Part> invitations() {
        return Brief.invitations(cover.plan());
    }

    private Pen scale() {
        Length around = cover.plan().edging().standsOut(cover.plan().unit()).times(2);
        Length across = reckoned.finished(Axis.ACROSS).plus(around);
        Length upDown = reckoned.finished(Axis.UP_DOWN).plus(around);
        // A cover so wide that front and back cannot lie side by side has the table to itself.
        return Pen.fitting(across, upDown, across.over(upDown) > WIDE ? LARGE * 2 : LARGE);
    }

    private SvgDrawing svg(Pen pen, String id) {
        return new SvgDrawing(cover.plan().cloths(), w, pen, id);
    }

    public String front() {
        return svg(scale(), "f").write(CoverDrawing.front(reckoned));
    }

    public String back() {
        return svg(scale(), "b").write(CoverDrawing.back(reckoned));
    }

    private CurrentSizes inSight() {
        return new CurrentSizes(reckoned, before, w, needs);
    }

    /** The cut sizes beside an open slip. */
    public List<CurrentSizes.Line> cutsInSight() {
        return inSight().lines();
    }

    public CurrentSizes.Line fabricInSight() {
        return inSight().fabric();
    }

    /** The front beside an open slip. */
    public String frontInSight() {
        return svg(sightScale(), "f").write(CoverDrawing.outline(reckoned));
    }

    public String backInSight() {
        return svg(sightScale(), "b").write(CoverDrawing.backOutline(reckoned));
    }

    private Pen sightScale() {
        Length around = cover.plan().edging().standsOut(cover.plan().unit()).times(2);
        return Pen.fitting(
                reckoned.finished(Axis.ACROSS).plus(around),
                reckoned.finished(Axis.UP_DOWN).plus(around),
                IN_SIGHT);
    }

    public String edgeOn() {
        double units = 620;
        EdgeOn edgeOn = EdgeOn.of(reckoned);
        return svg(Pen.fitting(edgeOn.depth(), edgeOn.depth(), units), "e").write(edgeOn);
    }

    /** A piece as cut, small beside its figure. */
    public String thumb(Piece piece) {
        return svg(pieceScale(SMALL), "t-" + piece.id()).write(PieceDrawing.of(piece));
    }

    /** A piece as cut, larger, beside its sum. */
    public String drawn(Piece piece) {
        return svg(pieceScale(OPENED), "p-" + piece.id()).write(PieceDrawing.of(piece));
    }

    /** A piece as cut, on the table. */
    public String laid(Piece piece) {
        return svg(Pen.fitting(piece.cutWidth(), piece.cutHeight(), LARGE), "l-" + piece.id())
                .write(PieceDrawing.measured(piece));
    }

    /** All pieces at one scale, so that they can be told apart by size. */
    private Pen pieceScale(double units) {
        return Pen.finest(
                reckoned.pieces().stream().map(piece -> Pen.fitting(piece.cutWidth(), piece.cutHeight(), units)));
    }

    public String clothName(Piece piece) {
        return cover.plan().cloths().of(piece.material()).name();
    }

    public List<Finding> findings() {
        return reckoned.findings();
    }

    public Fits fits() {
        return Fits.of(reckoned, w, entries, learnt.get());
    }

    /** Whether anything has to be cut along a line of its own, for which there are templates. */
    public boolean hasTemplates() {
        return reckoned.outline().isPresent();
    }

    public String edgeOnNote() {
        return w.say(EdgeOn.of(reckoned).bent() ? "plan.edge-on-bent" : "plan.edge-on-note");
    }

    public String code(Enum<?> value) {
        return Phrase.code(value);
    }
}
