package app.dapt.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.cover.Brief;
import app.dapt.cover.Brief.Decision;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.JoiningKind;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Use;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.front.ExtrasKind;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.fit.Fit;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.words.Wordbook.English;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The plan as a sentence: every decision is a phrase of it, as a sewist would say it. */
class BriefTest {

    private static final Words WORDS = new Words(Wordbook.load(English.US, "craft"), Mark.EIGHTH);

    private static CoverPlan bench(Kind<Shape> shape) {
        return Cases.linenBack(DefaultPlan.plan(
                "Bench",
                Mark.EIGHTH,
                shape,
                Form.overCrown(Length.inches(20), Length.inches(shape == ShapeKind.OBLONG ? 14 : 20))));
    }

    private static Brief brief(CoverPlan plan) {
        return Brief.of(Reckoner.reckon(plan));
    }

    private static String phrase(CoverPlan plan, Decision decision) {
        return brief(plan).parts().stream()
                .filter(part -> part.decision().filter(decision::equals).isPresent())
                .map(part -> WORDS.say(part.words()))
                .collect(Collectors.joining(" / "));
    }

    private static CoverPlan withOpening(String kind) {
        return bench(ShapeKind.SQUARE)
                .withOpening(OpeningKind.ALL.coded(kind).orElseThrow().usual(Unit.INCH));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            square | A square cover for a pillow form that measures | 20\u00a0in | an envelope back
            oblong | A rectangular cover for a pillow form that measures | 20 × 14\u00a0in | an envelope back
            round  | A round cover for a pillow form that measures  | 20\u00a0in | an envelope back
            vee    | A V-shaped cover for a pillow form that measures | 20 × 20\u00a0in | an upright envelope
            run    | A long, 3-pocket cover for pillow forms that together measure | 20 × 20\u00a0in | an envelope back
            """)
    void isOneSentence(String kind, String begins, String measured, String back) {
        assertThat(WORDS.say(brief(bench(ShapeKind.ALL.coded(kind).orElseThrow()))))
                .isEqualTo(begins + " " + measured + " over the curve, cut to form size, with " + back
                        + " overlapping 4\u00a0in and ½\u00a0in seams (zigzagged), in plain cotton and plain linen.");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            envelope   | an envelope back overlapping 4\u00a0in
            banded     | a banded envelope overlapping 4\u00a0in
            wrap       | a wrap overlapping 4\u00a0in
            pillowcase | a flap of 5½\u00a0in tucked in under
            edge-zip   | a zipper 16\u00a0in long in the bottom seam
            back-zip   | a zipper 16\u00a0in long across the back, 2\u00a0in up
            hidden-zip | a zipper 18\u00a0in long hidden under a band, 6\u00a0in up
            arm-flap   | a flap of 6\u00a0in tucked in at one arm
            sewn-shut  | an opening of 15\u00a0in sewn shut by hand
            """)
    void saysHowItOpens(String kind, String said) {
        assertThat(phrase(withOpening(kind), Decision.OPENING)).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            piping    | piped with 5⁄32\u00a0in (4\u00a0mm) cord
            by-length | edged with fringe
            ruffle    | with a 2-in ruffle
            flange    | with a 2-in flange
            corners   | with tassels at the corners
            """)
    void saysWhatIsRoundTheEdge(String kind, String said) {
        assertThat(phrase(
                        bench(ShapeKind.SQUARE)
                                .withEdging(
                                        EdgingKind.ALL.coded(kind).orElseThrow().usual(Unit.INCH)),
                        Decision.EDGE))
                .isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            CUT_TO_FORM     | cut to form size
            FINISH_TO_FORM  | finished to form size
            SIZE_DOWN       | 2\u00a0in smaller than the form
            STRAIGHT_ACROSS | finished to the straight-across width
            MY_OWN          | with my own ease of −1\u00a0in
            """)
    void saysHowItFits(FitSchool school, String said) {
        assertThat(phrase(
                        bench(ShapeKind.SQUARE).withFit(new Fit(school, Length.inches(2), Length.inches(-1))),
                        Decision.FIT))
                .isEqualTo(said);
    }

    @ParameterizedTest
    @ValueSource(strings = {"sides", "middle", "own"})
    void speaksOfAJoinOnlyWhereThereIsOne(String kind) {
        CoverPlan plan = bench(ShapeKind.SQUARE);
        assertThat(brief(plan).parts())
                .noneMatch(part -> part.decision().filter(Decision.JOIN::equals).isPresent());
        assertThat(phrase(
                        plan.withJoining(
                                JoiningKind.ALL.coded(kind).orElseThrow().usual(Unit.INCH)),
                        Decision.JOIN))
                .startsWith("joined");
    }

    @Test
    void everyDecisionIsAPhraseOnce() {
        CoverPlan plain = bench(ShapeKind.SQUARE);
        CoverPlan plan = plain.withFace(FaceKind.PIECED.usual(Unit.INCH))
                .withEdging(EdgingKind.PIPING.usual(Unit.INCH))
                .withExtras(ExtrasKind.EXTRAS.with(plain.extras().decided().with("motif", true)))
                .withJoining(JoiningKind.MIDDLE.usual(Unit.INCH))
                .withUse(Optional.of(Use.LIVED));
        assertThat(brief(plan).parts().stream().flatMap(part -> part.decision().stream()))
                .containsExactlyInAnyOrder(Decision.values());
        assertThat(phrase(plan, Decision.FACE)).isEqualTo("pieced");
        assertThat(phrase(plan, Decision.USE)).isEqualTo("to be lived with");
        assertThat(Brief.invitations(plan)).isEmpty();
    }

    @Test
    void invitesToAddWhatIsNotThereInsteadOfSayingThatItIsNot() {
        CoverPlan plain = bench(ShapeKind.SQUARE);
        assertThat(Brief.invitations(plain).stream().flatMap(part -> part.decision().stream()))
                .containsExactly(Decision.EDGE, Decision.FACE, Decision.EXTRAS, Decision.USE);
        assertThat(brief(plain).parts().stream().flatMap(part -> part.decision().stream()))
                .doesNotContain(Decision.EDGE, Decision.FACE, Decision.EXTRAS, Decision.USE);
    }

    @Test
    void saysTwoWaysOfMeasuringWhereTheyDiffer() {
        Form form = new Form(
                new Readings(Map.of(Reading.OVER_CROWN, Length.inches(21))),
                new Readings(Map.of(Reading.LABEL, Length.inches(14))),
                Optional.empty(),
                LabelMeans.FORM,
                Filling.UNKNOWN);
        assertThat(phrase(bench(ShapeKind.OBLONG).withForm(form), Decision.MEASURE))
                .isEqualTo("21\u00a0in wide, over the curve, and 14\u00a0in high, by its label");
    }
}
