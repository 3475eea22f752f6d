package app.dapt.cover.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.cloth.Print;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.JoiningKind;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.opening.Fastening;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.Run.CarriedBy;
import app.dapt.cover.shape.Run.Use;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Label;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.drawing.Element.Spot;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Tape;
import app.dapt.drawing.Element.Zone;
import app.dapt.drawing.Sheet;
import app.dapt.form.Form;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece.Material;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A square of 18 finished to 17, its back seen from behind: what is drawn, line by line. */
class BackDrawingTest {

    private static final Length SIDE = Length.inches(17);

    private static CoverPlan plan(Opening opening) {
        return DefaultPlan.plan(
                        "Nav table",
                        Mark.EIGHTH,
                        ShapeKind.SQUARE,
                        Form.overCrown(Length.inches(18), Length.inches(18)))
                .withOpening(opening);
    }

    private static Reckoned reckoned(Opening opening) {
        CoverPlan plan = plan(opening);
        return Reckoner.reckonWithoutRemedies(plan, plan.mark());
    }

    private static Sheet back(Kind<Opening> kind) {
        return CoverDrawing.back(reckoned(kind.usual(Unit.INCH)));
    }

    private static <E extends Element> List<E> all(Sheet sheet, Class<E> kind) {
        return sheet.elements().stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .toList();
    }

    private static Length half(int halves) {
        return Length.inches(halves).half();
    }

    /** A line right across the back, so many half inches down. */
    private static Line across(Role role, int halves) {
        return new Line(role, Length.ZERO, half(halves), SIDE, half(halves));
    }

    private static Box strip(int fromHalves, int toHalves) {
        return new Box(Length.ZERO, half(fromHalves), SIDE, half(toHalves - fromHalves));
    }

    private static List<String> labels(Sheet sheet) {
        return all(sheet, Label.class).stream()
                .map(label -> label.words().code()
                        + label.words().args().stream()
                                .map(arg -> " of " + ((Phrase) arg).code())
                                .findFirst()
                                .orElse(""))
                .toList();
    }

    /** The upper panel lies outside, its hem stitched half an inch in; the edge of the lower one is hidden below. */
    @Test
    void anEnvelopeLapsByItsOverlap() {
        Sheet back = back(OpeningKind.ENVELOPE);
        assertThat(all(back, Line.class))
                .containsExactly(
                        across(Role.FINISHED_EDGE, 13),
                        across(Role.FINISHED_EDGE, 21),
                        across(Role.TOPSTITCH, 20),
                        across(Role.HIDDEN_EDGE, 13));
        assertThat(all(back, Shade.class)).singleElement().satisfies(shade -> {
            assertThat(shade.box().top()).isEqualTo(half(21));
            assertThat(shade.box().height()).as("a fiftieth").isEqualTo(SIDE.times(1, 50));
        });
        assertThat(all(back, Stuff.class))
                .containsExactly(
                        new Stuff(Box.of(SIDE, SIDE), Material.FRONT, false, false, "front", Part.NONE),
                        new Stuff(strip(13, 34), Material.BACK, true, false, "back-lower", Part.BODY),
                        new Stuff(strip(0, 21), Material.BACK, true, false, "back-upper", Part.BODY));
        assertThat(all(back, Zone.class)).containsExactly(new Zone(strip(13, 21), Part.OVERLAP));
        assertThat(all(back, Tape.class).get(2))
                .returns(Axis.UP_DOWN, Tape::axis)
                .returns(SIDE, Tape::x)
                .returns(half(13), Tape::y)
                .returns(Length.inches(4), Tape::length)
                .returns(false, Tape::before);
        assertThat(labels(back))
                .containsExactly("label.inside of panel.back-lower", "label.outside of panel.back-upper");
        assertThat(all(back, Label.class).get(0)).returns(SIDE, Label::y).returns(true, Label::above);
        assertThat(all(back, Label.class).get(1)).returns(Length.ZERO, Label::y).returns(false, Label::above);
        assertThat(back.described().code()).isEqualTo("drawing.back");
    }

    /** The band is stitched where it begins and has no words of its own: it touches neither end. */
    @Test
    void aBandLiesOverTheLowerPanel() {
        Sheet back = back(OpeningKind.BANDED);
        assertThat(all(back, Line.class))
                .containsExactly(
                        across(Role.FINISHED_EDGE, 13),
                        across(Role.FINISHED_EDGE, 21),
                        across(Role.TOPSTITCH, 17),
                        across(Role.HIDDEN_EDGE, 13));
        assertThat(all(back, Stuff.class)).extracting(Stuff::piece).endsWith("back-upper", "band");
        assertThat(all(back, Stuff.class)).extracting(Stuff::box).endsWith(strip(0, 17), strip(17, 21));
        assertThat(labels(back))
                .containsExactly("label.inside of panel.back-lower", "label.outside of panel.back-upper");
        assertThat(all(back, Shade.class)).hasSize(1);
    }

    @Test
    void aWrapIsFoldedAtBothEndsAndItsClothIsUpsideDown() {
        Sheet back = back(OpeningKind.WRAP);
        assertThat(all(back, Line.class)).contains(across(Role.FOLD, 0), across(Role.FOLD, 34));
        assertThat(all(back, Stuff.class)).filteredOn(Stuff::turned).hasSize(2);
        assertThat(all(back, Line.class)).contains(across(Role.TOPSTITCH, 20));
    }

    /** Folded at one side, open at the other, where the flap is tucked in and nothing is closed by hand. */
    @Test
    void aPillowcaseIsFoldedAtOneSideAndOpenAtTheOther() {
        Sheet back = back(OpeningKind.PILLOWCASE);
        assertThat(all(back, Line.class))
                .containsExactly(
                        new Line(Role.FOLD, Length.ZERO, Length.ZERO, Length.ZERO, SIDE),
                        new Line(Role.HIDDEN_EDGE, half(23), Length.ZERO, half(23), SIDE));
        assertThat(open(back, Role.FINISHED_EDGE))
                .allSatisfy(point -> assertThat(point.x()).isEqualTo(SIDE.toMm()));
        assertThat(labels(back)).containsExactly("panel.pillowcase");
        assertThat(back.described().code()).isEqualTo("drawing.back-plain");
        assertThat(all(back, Zone.class)).isEmpty();
    }

    private static List<Point> open(Sheet sheet, Role role) {
        return all(sheet, Path.class).stream()
                .filter(path -> path.role() == role && !path.closed())
                .findFirst()
                .orElseThrow()
                .points();
    }

    /** A zip across the back lies between two seams; one under a strip is not seen; one in the edge has no panels. */
    @Test
    void aZipIsDrawnWhereItLies() {
        Sheet across = back(OpeningKind.BACK_ZIP);
        assertThat(all(across, Line.class)).containsOnly(across(Role.SEAM, 30)).hasSize(2);
        assertThat(open(across, Role.TEETH))
                .extracting(point -> Length.nearMm(point.x()))
                .containsExactly(half(3), half(31));
        assertThat(open(across, Role.TEETH)).extracting(Point::y).containsOnly(15 * 25.4);
        assertThat(labels(across)).containsExactly("panel.back-upper", "panel.back-lower");
        Sheet hidden = back(OpeningKind.HIDDEN_ZIP);
        assertThat(open(hidden, Role.HIDDEN_EDGE)).hasSize(2);
        assertThat(all(hidden, Path.class)).extracting(Path::role).doesNotContain(Role.TEETH);
        assertThat(all(hidden, Line.class)).contains(across(Role.TOPSTITCH, 21), across(Role.FINISHED_EDGE, 23));
        Sheet edge = back(OpeningKind.EDGE_ZIP);
        assertThat(open(edge, Role.TEETH)).extracting(Point::y).containsOnly(SIDE.toMm());
        assertThat(all(edge, Line.class)).isEmpty();
        assertThat(open(back(OpeningKind.SEWN_SHUT), Role.CLOSED_BY_HAND))
                .extracting(Point::y)
                .containsOnly(SIDE.toMm());
    }

    static Stream<Kind<Opening>> turning() {
        return Stream.of(OpeningKind.ENVELOPE, OpeningKind.BANDED, OpeningKind.WRAP, OpeningKind.BACK_ZIP);
    }

    /** A square whose opening runs up and down is the one whose opening runs across, turned over its diagonal. */
    @ParameterizedTest
    @MethodSource("turning")
    void runningTheOtherWayEverythingIsTurned(Kind<Opening> kind) {
        Opening usual = kind.usual(Unit.INCH);
        Sheet across = CoverDrawing.back(reckoned(usual));
        Sheet upDown = CoverDrawing.back(reckoned(usual.turned()));
        assertThat(usual.turned().runs()).isNotEqualTo(usual.runs());
        assertThat(turned(across)).isNotEmpty().containsExactlyInAnyOrderElementsOf(kept(upDown));
        assertThat(all(upDown, Label.class))
                .as("no words lie on other words")
                .extracting(label -> List.of(label.x(), label.y()))
                .doesNotHaveDuplicates();
    }

    /** What has no words. */
    private static List<Element> kept(Sheet sheet) {
        List<Element> kept = new ArrayList<>(all(sheet, Line.class));
        kept.addAll(all(sheet, Shade.class));
        kept.addAll(all(sheet, Zone.class));
        return kept;
    }

    private static List<Element> turned(Sheet sheet) {
        return kept(sheet).stream().map(BackDrawingTest::turned).toList();
    }

    private static Element turned(Element element) {
        if (element instanceof Line line) {
            return new Line(line.role(), line.y1(), line.x1(), line.y2(), line.x2());
        }
        return element instanceof Shade shade
                ? new Shade(turned(shade.box()))
                : new Zone(turned(((Zone) element).box()), ((Zone) element).part());
    }

    private static Box turned(Box box) {
        return new Box(
                /* left= */ box.top(), /* top= */ box.left(), /* width= */ box.height(), /* height= */ box.width());
    }

    private static Reckoned run(Object... straps) {
        Object[] changes =
                Stream.concat(Stream.of("pockets", 3), Stream.of(straps)).toArray();
        CoverPlan plan = DefaultPlan.plan(
                        "Bow seat", Mark.EIGHTH, ShapeKind.RUN, Form.overCrown(Length.inches(54), Length.inches(18)))
                .withShape(Cases.changed(ShapeKind.RUN, Unit.INCH, changes));
        return Reckoner.reckonWithoutRemedies(plan, plan.mark());
    }

    private static List<Spot> straps(Reckoned reckoned) {
        return all(CoverDrawing.back(reckoned), Spot.class).stream()
                .filter(spot -> spot.sort() == Marking.Sort.STRAP)
                .toList();
    }

    /** The lines between pockets lie at thirds of the cover once it is sewn, on the front and on every panel. */
    @Test
    void pocketsAreParted() {
        Reckoned reckoned = run("straps", 0);
        Length wide = reckoned.finished(Axis.ACROSS);
        Length high = reckoned.finished(Axis.UP_DOWN);
        for (Sheet sheet : List.of(CoverDrawing.front(reckoned), CoverDrawing.back(reckoned))) {
            for (int third = 1; third <= 2; third++) {
                Length at = wide.times(third, 3);
                assertThat(all(sheet, Line.class)).contains(new Line(Role.TOPSTITCH, at, Length.ZERO, at, high));
            }
        }
        assertThat(straps(reckoned)).isEmpty();
    }

    /** A carrying strap hangs from the top edge by both ends, as far in from either side as was said. */
    @Test
    void carryingStrapsAreCaughtInTheirEdge() {
        Reckoned reckoned =
                run("straps", 1, "strapUse", Use.CARRY, "strapEdge", CarriedBy.TOP, "strapFrom", Length.inches(7));
        assertThat(straps(reckoned))
                .extracting(spot -> List.of(spot.x(), spot.y()))
                .containsExactlyInAnyOrder(
                        List.of(Length.inches(7), Length.ZERO),
                        List.of(reckoned.finished(Axis.ACROSS).minus(Length.inches(7)), Length.ZERO));
        assertThat(straps(reckoned)).allMatch(spot -> spot.along() == Axis.UP_DOWN);
    }

    /** Straps to prop with sit in pairs, in the middle of the first two pockets of three. */
    @Test
    void proppingStrapsSitInTheMiddleOfTwoPockets() {
        Reckoned reckoned = run("strapUse", Use.PROP, "strapFrom", Length.inches(3));
        double wide = reckoned.finished(Axis.ACROSS).toInches();
        List<Spot> straps = straps(reckoned);
        assertThat(straps).hasSize(4).allMatch(spot -> spot.along() == Axis.UP_DOWN);
        for (int sixths : new int[] {1, 3}) {
            assertThat(straps)
                    .filteredOn(spot -> Math.abs(spot.x().toInches() - wide * sixths / 6) < 1e-3)
                    .as("%s sixths across", sixths)
                    .hasSize(2);
        }
        assertThat(straps)
                .extracting(Spot::y)
                .containsOnly(Length.inches(3), reckoned.finished(Axis.UP_DOWN).minus(Length.inches(3)));
    }

    /** Buttons stand in a row within the overlap, evenly from side to side. */
    @Test
    void buttonsStandInTheOverlap() {
        Opening buttoned =
                Cases.changed(OpeningKind.ENVELOPE, Unit.INCH, "fastening", Fastening.By.BUTTONS, "fastenings", 3);
        Sheet back = CoverDrawing.back(reckoned(buttoned));
        List<Spot> buttons = all(back, Spot.class).stream()
                .filter(spot -> spot.sort() == Marking.Sort.BUTTON)
                .toList();
        Box overlap = all(back, Zone.class).get(0).box();
        assertThat(buttons).hasSize(3).allSatisfy(button -> {
            assertThat(button.y()).isBetween(overlap.top(), overlap.bottom());
            assertThat(button.y()).isEqualTo(buttons.get(0).y());
        });
        assertThat(buttons.get(1).x()).as("one in the middle").isEqualTo(SIDE.half());
        assertThat(buttons.get(0).x().plus(buttons.get(2).x())).isEqualTo(SIDE);
    }

    /** A front wider than its cloth, whose print has an up, is of two drops and shows their join where it lies. */
    @Test
    void aJoinIsDrawnInTheMiddle() {
        CoverPlan plan = DefaultPlan.plan(
                        "Bench", Mark.EIGHTH, ShapeKind.OBLONG, Form.overCrown(Length.inches(80), Length.inches(20)))
                .withJoining(JoiningKind.MIDDLE.usual(Unit.INCH));
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(
                plan.withCloths(
                        plan.cloths().changing(plan.cloths().front().id(), cloth -> cloth.withPrint(Print.SAIL))),
                plan.mark());
        Length middle = reckoned.finished(Axis.ACROSS).half();
        assertThat(all(CoverDrawing.front(reckoned), Line.class))
                .containsExactly(new Line(Role.SEAM, middle, Length.ZERO, middle, reckoned.finished(Axis.UP_DOWN)));
        assertThat(all(CoverDrawing.front(reckoned(OpeningKind.ENVELOPE.usual(Unit.INCH))), Line.class))
                .isEmpty();
    }

    @Test
    void inAListACoverIsShownWithoutTapesAndWords() {
        Reckoned reckoned = reckoned(OpeningKind.ENVELOPE.usual(Unit.INCH));
        for (Sheet sheet : List.of(CoverDrawing.outline(reckoned), CoverDrawing.backOutline(reckoned))) {
            assertThat(all(sheet, Tape.class)).isEmpty();
            assertThat(all(sheet, Label.class)).isEmpty();
            assertThat(all(sheet, Stuff.class)).isNotEmpty();
        }
        Sheet form = CoverDrawing.overForm(reckoned);
        assertThat(all(form, Path.class))
                .filteredOn(path -> path.role() == Role.HIDDEN_EDGE)
                .singleElement()
                .satisfies(casing -> assertThat(casing.points().get(0))
                        .as("18 over 17: half an inch beyond it")
                        .isEqualTo(new Point(-12.7, -12.7)));
    }
}
