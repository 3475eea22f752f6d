package app.dapt.cover.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.Paths;
import app.dapt.RandomPlans;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Spot;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Tape;
import app.dapt.drawing.Element.Trim;
import app.dapt.drawing.PieceDrawing;
import app.dapt.drawing.Sheet;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Drawings tell the truth: what is drawn is as long, and lies where, the reckoning says. */
class CoverDrawingTest {

    static Stream<Arguments> covers() {
        return ShapeKind.ALL.stream()
                .flatMap(shape -> OpeningKind.ALL.stream()
                        .flatMap(opening -> Cases.of(2, random -> RandomPlans.fitting(random, shape, opening))))
                .filter(CoverDrawingTest::goTogether);
    }

    private static Stream<Kind<Edging>> goingRound() {
        return Stream.of(EdgingKind.PIPING, EdgingKind.BY_LENGTH, EdgingKind.RUFFLE);
    }

    private static boolean goTogether(Arguments arguments) {
        CoverPlan plan = (CoverPlan) ((Named<?>) arguments.get()[0]).getPayload();
        return plan.opening().unfitFor(plan.shape()).isEmpty();
    }

    private static <E extends Element> Stream<E> all(Sheet sheet, Class<E> kind) {
        return sheet.elements().stream().filter(kind::isInstance).map(kind::cast);
    }

    @ParameterizedTest
    @MethodSource("covers")
    void tapesMeasureWhatWasReckoned(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckon(plan);
        for (Sheet sheet : List.of(CoverDrawing.front(reckoned), CoverDrawing.back(reckoned))) {
            assertThat(all(sheet, Tape.class).filter(tape -> tape.before() && tape.axis() == Axis.ACROSS))
                    .singleElement()
                    .satisfies(tape -> assertThat(tape.length()).isEqualTo(reckoned.finished(Axis.ACROSS)));
        }
        List<Tape> overlaps = all(CoverDrawing.back(reckoned), Tape.class)
                .filter(tape -> !tape.before())
                .toList();
        assertThat(overlaps)
                .extracting(Tape::length)
                .isEqualTo(reckoned.back().overlap().filter(Length::isPositive).stream()
                        .toList());
    }

    @ParameterizedTest
    @MethodSource("covers")
    void clothAndLinesLieOnTheCover(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckon(plan);
        Length width = reckoned.finished(Axis.ACROSS);
        Length height = reckoned.finished(Axis.UP_DOWN);
        Sheet back = CoverDrawing.back(reckoned);
        all(back, Stuff.class).map(Stuff::box).forEach(box -> {
            assertThat(box.left().isNegative() || box.top().isNegative()).isFalse();
            assertThat(box.right()).isLessThanOrEqualTo(width);
            assertThat(box.bottom()).isLessThanOrEqualTo(height);
        });
        all(back, Line.class).forEach(line -> {
            assertThat(line.x2()).as("%s of %s", line, plan).isBetween(Length.ZERO, width.plus(Length.mm(1)));
            assertThat(line.y2()).isBetween(Length.ZERO, height.plus(Length.mm(1)));
        });
    }

    @ParameterizedTest
    @MethodSource("covers")
    void aZipOrAnOpeningInTheEdgeIsDrawnAsLongAsItIs(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckon(plan);
        List<Path> openings = all(CoverDrawing.back(reckoned), Path.class)
                .filter(path -> !path.closed() && (path.role() == Role.TEETH || path.role() == Role.CLOSED_BY_HAND))
                .toList();
        if (!openings.isEmpty()) {
            assertThat(Paths.length(openings.get(0).points()))
                    .isCloseTo(reckoned.back().length().toMm(), within(0.5));
        }
        assertThat(openings.isEmpty())
                .isEqualTo(reckoned.back().lap().isPresent()
                        || plan.opening().kind() == OpeningKind.PILLOWCASE
                        || plan.opening().kind() == OpeningKind.ARM_FLAP
                        || plan.opening().kind() == OpeningKind.HIDDEN_ZIP);
    }

    @ParameterizedTest
    @MethodSource("goingRound")
    void whatGoesRoundTheEdgeGoesAllTheWayItIsSeamed(Kind<Edging> kind) {
        for (Arguments arguments : (Iterable<Arguments>) covers()::iterator) {
            CoverPlan plan = ((CoverPlan) ((Named<?>) arguments.get()[0]).getPayload());
            Reckoned reckoned = Reckoner.reckon(plan.withEdging(kind.usual(plan.unit())));
            double drawn = all(CoverDrawing.front(reckoned), Trim.class)
                    .mapToDouble(trim -> Paths.length(trim.path()))
                    .sum();
            double sewn = reckoned.edge().length().total().toMm();
            assertThat(drawn).as("%s with %s", plan.shape(), plan.opening()).isCloseTo(sewn, within(sewn * 0.001));
        }
    }

    /** A mark's figures are those one measures at the table: from the nearer edge, and never nought. */
    @ParameterizedTest
    @MethodSource("covers")
    void aPieceToWorkFromTellsHowFarEveryMarkIsFromTheNearerEdge(CoverPlan plan) {
        for (Piece piece : Reckoner.reckon(plan).pieces()) {
            List<Element.Note> notes = all(PieceDrawing.measured(piece), Element.Note.class)
                    .filter(note -> note.words().code().startsWith("piece.mark"))
                    .toList();
            List<List<Object>> told =
                    notes.stream().map(note -> note.words().args()).toList();
            List<List<Object>> measured = piece.marks().stream()
                    .distinct()
                    .map(mark -> Stream.of(mark.fromLeft(), mark.fromTop()))
                    .map(places -> places.toList())
                    .map(places -> Stream.of(
                                    places.get(0)
                                            .map(at -> Length.min(
                                                    at, piece.cutWidth().minus(at))),
                                    places.get(1)
                                            .map(at -> Length.min(
                                                    at, piece.cutHeight().minus(at))))
                            .flatMap(Optional::stream)
                            .filter(Length::isPositive)
                            .map(Object.class::cast)
                            .toList())
                    .filter(distances -> !distances.isEmpty())
                    .toList();
            assertThat(told).isEqualTo(measured);
        }
    }

    @ParameterizedTest
    @MethodSource("covers")
    void everySpotToMarkIsDrawnOnItsPiece(CoverPlan plan) {
        for (Piece piece : Reckoner.reckon(plan).pieces()) {
            Sheet sheet = PieceDrawing.of(piece);
            long spots = piece.marks().stream().filter(mark -> !mark.isLine()).count();
            assertThat(all(sheet, Spot.class).count()).isEqualTo(spots);
            List<Marking.Sort> sorts = piece.marks().stream()
                    .filter(mark -> !mark.isLine())
                    .map(Marking::sort)
                    .toList();
            assertThat(all(sheet, Spot.class).map(Spot::sort)).isEqualTo(sorts);
        }
    }
}
