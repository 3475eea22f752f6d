package app.dapt.cover;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cloth.Scrap;
import app.dapt.cover.CoverFromCloth.Answer;
import app.dapt.cover.CoverFromCloth.AtHand;
import app.dapt.cover.CoverFromCloth.GivenUp;
import app.dapt.cover.CoverFromCloth.Offer;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.layout.Layout;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class CoverFromClothTest {

    private static final Mark MARK = Mark.EIGHTH;

    private static AtHand linen(double... sides) {
        return atHand("Bracken linen", Print.PLAIN, sides);
    }

    private static AtHand atHand(String name, Print print, double... sides) {
        List<Scrap> scraps = IntStream.range(0, sides.length / 2)
                .mapToObj(i -> Scrap.rectangle("piece " + i, inches(sides[2 * i]), inches(sides[2 * i + 1])))
                .toList();
        return new AtHand(new Cloth(name, "#7d9c93", print, Length.inches(54), false), scraps);
    }

    private static Length inches(double inches) {
        return Length.nearInches(inches);
    }

    private static Form form(double across, double upDown) {
        return Form.overCrown(inches(across), inches(upDown));
    }

    private static Answer found(List<AtHand> cloths, Form... forms) {
        return CoverFromCloth.of(cloths, List.of(forms), MARK, any -> "Cover");
    }

    @Test
    void enoughClothMakesAnEnvelopeAsItUsuallyIs() {
        Offer first = found(List.of(linen(53, 36)), form(18, 18)).offers().get(0);
        assertThat(first.givenUp()).isEqualTo(GivenUp.NOTHING);
        assertThat(first.plan().opening().kind()).isEqualTo(OpeningKind.ENVELOPE);
        assertThat(first.left()).isNotEmpty();
    }

    @Test
    void whereBacksThatLapDoNotGoOneInAPieceDoes() {
        // A front of 18 in and a back of 18 in, to the eighth of an inch; an envelope's backs are 8 in more.
        List<Offer> offers = found(List.of(linen(36.5, 19)), form(18, 18)).offers();
        assertThat(offers).isNotEmpty();
        assertThat(offers.get(0).givenUp()).isEqualTo(GivenUp.NOTHING);
        assertThat(offers.get(0).plan().opening().kind()).isNotEqualTo(OpeningKind.ENVELOPE);
    }

    @Test
    void theBackMayComeFromAnotherCloth() {
        List<AtHand> two = List.of(linen(19, 19), atHand("Plum velvet", Print.PLAIN, 40, 20));
        Offer first = found(two, form(18, 18)).offers().get(0);
        assertThat(first.front()).isNotEqualTo(first.back());
        assertThat(first.plan().cloths().back().name())
                .isNotEqualTo(first.plan().cloths().front().name());
    }

    @Test
    void aSmallerOverlapIsOfferedOnlyWhereTheUsualOneDoesNotGo() {
        List<Offer> offers = found(List.of(linen(19, 19, 19, 25)), form(18, 18)).offers();
        assertThat(offers.stream().filter(offer -> offer.givenUp() != GivenUp.NOTHING))
                .allSatisfy(given -> assertThat(offers)
                        .noneMatch(other -> other.givenUp() == GivenUp.NOTHING
                                && other.plan().opening().kind()
                                        == given.plan().opening().kind()));
    }

    @Test
    void whatGoesOnNothingIsSaid() {
        Answer answer = found(List.of(linen(24, 12)), form(8, 8), form(24, 24));
        assertThat(answer.without()).containsExactly(form(24, 24));
    }

    @Test
    void everyOfferIsSoundAndLiesOnWhatThereIs() {
        SplittableRandom random = new SplittableRandom(31);
        for (int round = 0; round < 30; round++) {
            List<AtHand> cloths = Stream.generate(() -> atHand(
                            "cloth " + random.nextInt(100),
                            Print.values()[random.nextInt(Print.values().length)],
                            random.nextInt(8, 50),
                            random.nextInt(8, 40),
                            random.nextInt(8, 50),
                            random.nextInt(8, 40)))
                    .limit(random.nextInt(1, 4))
                    .toList();
            Form form = form(random.nextInt(8, 26), random.nextInt(8, 26));
            for (Offer offer : found(cloths, form).offers()) {
                assertSound(offer);
                assertThat(offer.layouts()).allSatisfy(layout -> assertLies(layout));
            }
        }
    }

    private static void assertSound(Offer offer) {
        assertThat(Reckoner.reckonWithoutRemedies(offer.plan(), MARK).findings())
                .noneMatch(finding -> finding.weight() == Weight.WILL_NOT_WORK);
    }

    private static void assertLies(Layout layout) {
        assertThat(layout.isComplete()).isTrue();
        assertThat(layout.spots()).isNotEmpty().allSatisfy(spot -> assertThat(layout.choices()
                        .remnants()
                        .get(spot.remnant())
                        .holds(spot.across(), spot.along(), spot.wide(), spot.deep()))
                .isTrue());
    }

    @Test
    void withoutAFormTheLargestOfEachKindIsFound() {
        List<AtHand> cloths = List.of(linen(53, 21));
        List<Offer> offers =
                CoverFromCloth.largest(cloths, MARK, any -> "Cover").offers();
        Offer square = offers.stream()
                .filter(offer -> offer.plan().shape().kind() == ShapeKind.SQUARE
                        && offer.plan().opening().kind() == OpeningKind.SEWN_SHUT)
                .findFirst()
                .orElseThrow();
        Length side = CoverFromCloth.across(square.plan().form());
        assertThat(found(cloths, form(side.toInches(), side.toInches())).offers())
                .isNotEmpty();
        assertThat(side).isEqualTo(Length.inches(20));
    }
}
