package app.dapt.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.offset;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.OwnFit;
import app.dapt.cover.Reckoner;
import app.dapt.cover.Recommendation;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.opening.Lapped;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.learning.Verdict;
import app.dapt.learning.Verdict.Corners;
import app.dapt.learning.Verdict.Edges;
import app.dapt.learning.Verdict.Middle;
import app.dapt.learning.Verdict.Opening;
import app.dapt.log.Learnt.Subject;
import app.dapt.log.Learnt.Told;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import app.dapt.step.Place;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What an entry of the log tells, and what becomes of it in the next plan. */
class LogEntryTest {

    private static final LocalDate DAY = LocalDate.of(2026, 2, 7);
    private static final CoverPlan PLAN = plan(18, Filling.FIRM);

    private static CoverPlan plan(int size, Filling filling) {
        Form form = Form.overCrown(Length.inches(size), Length.inches(size));
        Form filled = new Form(form.across(), form.upDown(), form.loft(), form.labelMeans(), filling);
        CoverPlan plan = DefaultPlan.plan("Settee", Mark.EIGHTH, ShapeKind.SQUARE, filled);
        return plan.withFit(plan.fit().withSchool(FitSchool.FINISH_TO_FORM));
    }

    private static Verdict said(Middle middle, Opening opening, Optional<Length> gape) {
        return new Verdict(Corners.FILLED, middle, Edges.SMOOTH, opening, gape, Optional.empty());
    }

    private static final Verdict SAGS = said(Middle.SAGS, Opening.CLOSED, Optional.empty());

    private static Spent minutes(Map<Place, Integer> byPlace, Optional<Integer> whole) {
        return new Spent(byPlace, whole, Optional.empty(), Optional.empty());
    }

    @Test
    void whatWasPlannedStaysReadableWhateverIsCorrected() {
        LogEntry tried = LogEntry.of(DAY, PLAN).tried(SAGS);
        CoverPlan once = tried.correction().orElseThrow().done();
        LogEntry corrected = tried.corrected(once);
        assertThat(corrected.plan()).isEqualTo(once);
        assertThat(corrected.planned()).contains(PLAN);
        LogEntry again = corrected.tried(SAGS);
        assertThat(again.corrected(again.correction().orElseThrow().done()).planned())
                .contains(PLAN);
    }

    @Test
    void whatIsPutBackToHowItWasPlannedWasNeverOtherwise() {
        LogEntry tried = LogEntry.of(DAY, PLAN).tried(SAGS);
        LogEntry corrected = tried.corrected(tried.correction().orElseThrow().done());
        assertThat(corrected.corrected(PLAN).planned()).isEmpty();
        assertThat(LogEntry.of(DAY, PLAN).corrected(PLAN).planned()).isEmpty();
    }

    /** How it sat was said of the cover as it was then, whatever it is now and however often it is said anew. */
    @Test
    void aVerdictIsOfTheCoverThatWasTriedOn() {
        LogEntry tried = LogEntry.of(DAY, PLAN).tried(SAGS);
        LogEntry corrected = tried.corrected(tried.correction().orElseThrow().done());
        LogEntry judged = corrected.judged(Optional.of(Verdict.GOOD));
        assertThat(judged.fitting()).contains(new LogEntry.Fitting(PLAN, Verdict.GOOD));
        assertThat(judged.plan()).isEqualTo(corrected.plan());
        assertThat(corrected.judged(Optional.empty()).fitting()).isEmpty();
        assertThat(LogEntry.of(DAY, PLAN).judged(Optional.of(SAGS)).fitting())
                .contains(new LogEntry.Fitting(PLAN, SAGS));
    }

    @Test
    void whatIsChangedOfAnEntryIsChangedAndNothingElse() {
        LogEntry tried = LogEntry.of(DAY, PLAN).tried(SAGS).withNote("for the mate");
        CoverPlan other = plan(20, Filling.FEATHER);
        assertThat(tried.withMade(DAY.plusDays(1)).made()).isEqualTo(DAY.plusDays(1));
        assertThat(tried.withMade(DAY.plusDays(1)).withMade(DAY)).isEqualTo(tried);
        assertThat(tried.withPicture(Optional.of(7L)).picture()).contains(7L);
        assertThat(tried.withPlan(other).plan()).isEqualTo(other);
        assertThat(tried.withPlan(other).fitting()).isEqualTo(tried.fitting());
        LogEntry renamed =
                tried.corrected(tried.correction().orElseThrow().done()).withPlans(plan -> plan.withName("Galley"));
        assertThat(renamed.plan().name()).isEqualTo("Galley");
        assertThat(renamed.planned().orElseThrow()).isEqualTo(PLAN.withName("Galley"));
        assertThat(renamed.fitting().orElseThrow().tried()).isEqualTo(PLAN.withName("Galley"));
        assertThat(renamed.note()).isEqualTo("for the mate");
    }

    /** As deep as the correction said; of a cover with a flange, as far as it was stitched further in. */
    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void tellsHowMuchDeeperItsSeamsWereSewn(boolean flanged) {
        CoverPlan plan = flanged ? PLAN.withEdging(EdgingKind.FLANGE.usual(Unit.INCH)) : PLAN;
        LogEntry tried = LogEntry.of(DAY, plan).tried(SAGS);
        Correction correction = tried.correction().orElseThrow();
        assertThat(correction.deeper().isPositive()).isTrue();
        assertThat(tried.corrected(correction.done()).deeper()).isEqualTo(correction.deeper());
        assertThat(tried.deeper()).isEqualTo(Length.ZERO);
        assertThat(LogEntry.of(DAY, plan).deeper()).isEqualTo(Length.ZERO);
    }

    /** 0.87 as it is, a tenth more wished: 0.97 would have been right, before the correction and after it. */
    @Test
    void tellsTheFullnessThatWouldHaveBeenRight() {
        LogEntry tried = LogEntry.of(DAY, PLAN).tried(SAGS);
        LogEntry corrected = tried.corrected(tried.correction().orElseThrow().done());
        assertThat(tried.fullness().orElseThrow().fullness()).isCloseTo(0.97, offset(1e-9));
        assertThat(corrected.fullness()).isEqualTo(tried.fullness());
        assertThat(corrected.fullness().orElseThrow().filling()).isEqualTo(Filling.FIRM);
        assertThat(LogEntry.of(DAY, PLAN).fullness()).isEmpty();
        Verdict both = new Verdict(
                Corners.STRAINING, Middle.SAGS, Edges.SMOOTH, Opening.CLOSED, Optional.empty(), Optional.empty());
        assertThat(LogEntry.of(DAY, PLAN).tried(both).fullness()).isEmpty();
    }

    @Test
    void tellsHowItsOverlapFared() {
        LogEntry gaped = LogEntry.of(DAY, PLAN).tried(said(Middle.FIRM, Opening.GAPES, Optional.of(Length.inches(1))));
        assertThat(gaped.overlap().orElseThrow().gape()).isEqualTo(Length.inches(1));
        LogEntry held = LogEntry.of(DAY, PLAN).tried(Verdict.GOOD);
        assertThat(held.overlap().orElseThrow().held()).isTrue();
        LogEntry showed = LogEntry.of(DAY, PLAN).tried(said(Middle.FIRM, Opening.SHOWS, Optional.empty()));
        assertThat(showed.overlap().orElseThrow().gape()).isEqualTo(Length.inches(0, 1, 4));
        CoverPlan next = gaped.again();
        assertThat(((Lapped) next.opening()).decided().measure("overlap"))
                .isEqualTo(Reckoner.reckon(PLAN).back().overlap().orElseThrow().plus(Length.inches(1)));
    }

    @Test
    void tellsThePaceByPlaceOrAltogether() {
        LogEntry entry = LogEntry.of(DAY, PLAN);
        double machine = entry.estimated().getOrDefault(Place.MACHINE, 0.0);
        assertThat(machine).isPositive();
        assertThat(entry.estimated()).doesNotContainKey(Place.WASH);
        LogEntry byPlace = entry.withSpent(minutes(Map.of(Place.MACHINE, 50), Optional.of(999)));
        assertThat(byPlace.timed().orElseThrow().actual()).containsOnly(Map.entry(Place.MACHINE, 50.0));
        double all = entry.estimated().values().stream()
                .mapToDouble(Double::doubleValue)
                .sum();
        LogEntry whole = entry.withSpent(minutes(Map.of(), Optional.of((int) Math.round(2 * all))));
        assertThat(whole.timed().orElseThrow().actual().getOrDefault(Place.MACHINE, 0.0))
                .isCloseTo(2 * machine, offset(0.1 * machine));
        assertThat(entry.timed()).isEmpty();
    }

    /** 12.00 and 3.50, 90 minutes at 20.00: 45.50; a quarter on top: 56.88. */
    @Test
    void aPriceIsTheCostAndAMargin() {
        Spent spent = new Spent(Map.of(), Optional.of(90), Optional.of(12_00), Optional.of(3_50));
        Spent.Price price = spent.price(20_00, 25);
        assertThat(price.material()).isEqualTo(15_50);
        assertThat(price.work()).isEqualTo(30_00);
        assertThat(price.cost()).isEqualTo(45_50);
        assertThat(price.asked()).isEqualTo(56_88);
        assertThat(Spent.NOTHING.price(20_00, 25).asked()).isZero();
    }

    @Test
    void nonsenseIsNoEntry() {
        assertThatThrownBy(() -> minutes(Map.of(Place.IRON, -1), Optional.empty()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> LogEntry.of(LocalDate.of(1066, 10, 14), PLAN))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> later(Length.ZERO)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> LogEntry.of(DAY, PLAN).withNote("two\nlines"))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** A hundred hours, a hundred thousand in money: that much, and no more; never below nought. */
    @ParameterizedTest
    @CsvSource({"0, 6000", "0, 10000000"})
    void timeAndMoneyHaveTheirLimits(int least, int most) {
        boolean time = most == Spent.MOST_MINUTES;
        List<IntFunction<Spent>> fields = time
                ? List.of(
                        number -> minutes(Map.of(Place.IRON, number), Optional.empty()),
                        number -> minutes(Map.of(), Optional.of(number)))
                : List.of(
                        number -> new Spent(Map.of(), Optional.empty(), Optional.of(number), Optional.empty()),
                        number -> new Spent(Map.of(), Optional.empty(), Optional.empty(), Optional.of(number)));
        for (IntFunction<Spent> field : fields) {
            assertThat(field.apply(least)).isNotNull();
            assertThat(field.apply(most)).isNotNull();
            for (int beyond : List.of(least - 1, most + 1)) {
                assertThatThrownBy(() -> field.apply(beyond))
                        .isInstanceOf(IllegalArgumentException.class)
                        .hasMessageContaining(beyond + " is not between 0 and " + most);
            }
        }
    }

    private static Learnt learnt(LogEntry entry, int times) {
        List<LogEntry> entries = Collections.nCopies(times, entry);
        List<Told> told = entries.stream().map(Told::by).toList();
        return Learnt.of(Map.of(Subject.FULLNESS, told, Subject.PACE, told));
    }

    @Test
    void herOwnFitIsTheSizeThatHasTheFullnessSheLikes() {
        Learnt learnt = learnt(LogEntry.of(DAY, PLAN).tried(SAGS), 6);
        CoverPlan next = plan(20, Filling.FIRM);
        OwnFit own = OwnFit.of(next, Mark.EIGHTH, learnt.tastes()).orElseThrow();
        assertThat(own.filling()).contains(Filling.FIRM);
        assertThat(own.taste().covers()).isEqualTo(6);
        assertThat(Reckoner.reckon(own.taken(next)).fullness().ratio())
                .isCloseTo(own.taste().mean(), offset(0.01));
        Recommendation fits = Recommendation.of(next, Mark.EIGHTH, learnt.tastes());
        assertThat(fits.school()).isEqualTo(FitSchool.MY_OWN);
        assertThat(fits.reason()).isEqualTo(own.says());
        assertThat(fits.by(FitSchool.MY_OWN).plan()).isEqualTo(own.taken(next));
    }

    @Test
    void ofAFillingWithFewCoversItGoesByAllOfThem() {
        Learnt learnt = learnt(LogEntry.of(DAY, PLAN).tried(SAGS), 4);
        OwnFit own = OwnFit.of(plan(18, Filling.FEATHER), Mark.EIGHTH, learnt.tastes())
                .orElseThrow();
        assertThat(own.filling()).isEmpty();
        assertThat(own.taste().covers()).isEqualTo(4);
    }

    @Test
    void underThreeCoversItKeepsToTheRecommendation() {
        Learnt learnt = learnt(LogEntry.of(DAY, PLAN).tried(SAGS), 2);
        assertThat(OwnFit.of(PLAN, Mark.EIGHTH, learnt.tastes())).isEmpty();
        assertThat(Recommendation.of(PLAN, Mark.EIGHTH, learnt.tastes()).school())
                .isEqualTo(Recommendation.of(PLAN, Mark.EIGHTH, Learnt.NOTHING.tastes())
                        .school());
    }

    /** A cover that somebody decided to make by her own ease keeps it, whatever was learnt since. */
    @Test
    void anEaseThatWasDecidedIsNotDecidedAnew() {
        Learnt learnt = learnt(LogEntry.of(DAY, PLAN).tried(SAGS), 6);
        CoverPlan decided = PLAN.withFit(PLAN.fit().withSchool(FitSchool.MY_OWN).withOwnEase(Length.inches(-2)));
        assertThat(Recommendation.of(decided, Mark.EIGHTH, learnt.tastes())
                        .by(FitSchool.MY_OWN)
                        .plan())
                .isEqualTo(decided);
    }

    private static Later later(Length across, Later.Gave... gave) {
        return new Later(DAY, Later.After.WASHED, Optional.of(across), Optional.of(across), Set.of(gave), "");
    }

    @Test
    void whatIsMeasuredAfterTheLastWashTellsWhatItLost() {
        LogEntry entry = LogEntry.of(DAY, PLAN);
        assertThat(entry.shrunk()).isEmpty();
        assertThat(entry.withLater(List.of(later(Length.cm(46)), later(Length.cm(44))))
                        .shrunk())
                .hasValueSatisfying(shrunk -> {
                    assertThat(shrunk.across()).isEqualTo(Length.cm(44));
                    assertThat(shrunk.beforeAcross())
                            .isEqualTo(Reckoner.reckonWithoutRemedies(PLAN, PLAN.mark())
                                    .finished(Axis.ACROSS));
                });
    }

    @Test
    void aClothThatFrayedIsRemembered() {
        Told frayed = Told.by(LogEntry.of(DAY, PLAN).withLater(List.of(later(Length.cm(45), Later.Gave.FRAYED))));
        Learnt learnt = Learnt.of(Map.of(Subject.MISHAP, List.of(frayed)));
        String name = PLAN.cloths().of(Piece.Material.FRONT).name();
        assertThat(learnt.hasFrayed(name.toUpperCase(Locale.ROOT))).isTrue();
        assertThat(learnt.hasFrayed("another")).isFalse();
        assertThat(Learnt.of(Map.of(Subject.PACE, List.of(frayed))).hasFrayed(name))
                .as("where mishaps are not to be learnt from")
                .isFalse();
    }

    @Test
    void anOpeningThatGapesSinceGaped() {
        LogEntry held = LogEntry.of(DAY, PLAN).tried(Verdict.GOOD);
        assertThat(held.overlap())
                .hasValueSatisfying(seen -> assertThat(seen.gape().isZero()).isTrue());
        assertThat(held.withLater(List.of(later(Length.cm(45), Later.Gave.GAPES)))
                        .overlap())
                .hasValueSatisfying(seen -> assertThat(seen.gape().isPositive()).isTrue());
    }
}
