package app.dapt.cover.decision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.measure.Axis;
import app.dapt.measure.Entry;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece.Material;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Decisions and their details, whatever they are about. */
class DecisionsTest {

    private static final Question<Length> DEEP =
            Question.length("deep", LengthRange.HEM, Length.cm(2), Length.inches(1));
    private static final Question<Optional<Length>> CENTRE = Question.maybe("centre", LengthRange.CENTRE);
    private static final Question<Axis> WAY = Question.oneOf("way", Axis.ACROSS, "way");
    private static final Question<Boolean> LABEL = Question.tick("label");
    private static final Question<Integer> ROWS =
            Question.count("rows", 1, 4, 2).where(LABEL).called(all -> Phrase.of("rows", all.get(WAY)));
    private static final Length HALF = Length.inches(0, 1, 2);
    private static final Details ALL = Details.usual(List.of(DEEP, CENTRE, WAY, ROWS, LABEL), Unit.INCH);

    @Test
    void eachDetailIsFoundByItsNameAndItsTypeAndIsChangedAlone() {
        Details changed = ALL.with("deep", Length.inches(2))
                .with("centre", Optional.of(Length.inches(5)))
                .with("way", Axis.UP_DOWN)
                .with("rows", 3)
                .with("label", true);
        assertThat(changed.measure("deep")).isEqualTo(Length.inches(2));
        assertThat(changed.maybe("centre")).contains(Length.inches(5));
        assertThat(changed.oneOf("way", Axis.class)).isEqualTo(Axis.UP_DOWN);
        assertThat(changed.count("rows")).isEqualTo(3);
        assertThat(changed.tick("label")).isTrue();
        assertThat(changed)
                .isEqualTo(ALL.with(DEEP, Length.inches(2))
                        .with(CENTRE, Optional.of(Length.inches(5)))
                        .with(WAY, Axis.UP_DOWN)
                        .with(ROWS, 3)
                        .with(LABEL, true));
        assertThat(ALL.with("rows", 3).with("rows", 2)).isEqualTo(ALL);
    }

    @Test
    void whatIsUnknownOrOfAnotherTypeIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> ALL.measure("wide"));
        assertThatIllegalArgumentException().isThrownBy(() -> ALL.measure("rows"));
        assertThatIllegalArgumentException().isThrownBy(() -> ALL.oneOf("rows", Axis.class));
        assertThatIllegalArgumentException().isThrownBy(() -> ALL.with("way", Spacing.HALF_AT_ENDS));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> ALL.with(new Detail.Tick("deep", Phrase.of("deep"), true, true)));
        assertThatIllegalArgumentException().isThrownBy(() -> ALL.with("other", true));
    }

    @Test
    void anotherChoicesDetailsAreTakenOverByNameAndType() {
        Details other = Details.usual(
                        List.of(
                                Question.tick("deep"),
                                Question.maybe("centre", LengthRange.HEM),
                                Question.count("rows", 1, 9, 4),
                                Question.length("way", LengthRange.HEM, Length.cm(3), Length.cm(3)),
                                Question.count("label", 0, 1, 1)),
                        Unit.INCH)
                .with("centre", Optional.of(Length.inches(7)));
        assertThat(ALL.carrying(other))
                .isEqualTo(ALL.with(CENTRE, Optional.of(Length.inches(7))).with(ROWS, 4));
    }

    @Test
    void aQuestionSaysAsThingsStandWhatItIsCalledAndWhetherItHasASay() {
        assertThat(DEEP.in(ALL))
                .isEqualTo(
                        new Detail.Measure("deep", Phrase.of("detail.deep"), LengthRange.HEM, Length.inches(1), true));
        assertThat(Details.usual(List.of(DEEP), Unit.CENTIMETRE).get(DEEP)).isEqualTo(Length.cm(2));
        assertThat(ROWS.in(ALL)).isEqualTo(new Detail.Count("rows", Phrase.of("rows", Axis.ACROSS), 1, 4, 2, false));
        assertThat(ROWS.in(ALL.with(LABEL, true).with(WAY, Axis.UP_DOWN)))
                .isEqualTo(new Detail.Count("rows", Phrase.of("rows", Axis.UP_DOWN), 1, 4, 2, true));
        assertThat(ALL.all()).extracting(Detail::isOptional).containsExactly(false, true, false, false, false);
        assertThat(Question.drawn("way", Axis.ACROSS, "way").in(ALL))
                .matches(Detail::isDrawn)
                .extracting(detail -> ((Detail.OneOf<Axis>) detail).choices().toList())
                .isEqualTo(List.of(Axis.values()));
        assertThat(WAY.in(ALL).isDrawn()).isFalse();
    }

    @Test
    void aLengthGrowsLessOnlyAsFarAsItMay() {
        assertThat(ALL.less(DEEP, HALF).get(DEEP)).isEqualTo(HALF);
        assertThat(ALL.less(DEEP, Length.inches(2)).get(DEEP)).isEqualTo(Length.inches(1));
    }

    @Test
    void kindsAreToldApartByTheirCodes() {
        assertThat(EdgingKind.ALL.codes()).startsWith("none, piping");
        assertThat(EdgingKind.ALL.coded("piping")).contains(EdgingKind.PIPING);
        Kind<Opening> envelope = OpeningKind.ENVELOPE;
        assertThatIllegalStateException().isThrownBy(() -> Kinds.of(Opening.class, List.of(envelope, envelope)));
        assertThat(Kinds.of(Opening.class, List.of(envelope)).all()).contains(envelope);
        assertThat(envelope.leavingOutTheUsual().mayLeaveOut()).isTrue();
        assertThat(envelope.mayLeaveOut()).isFalse();
        assertThat(envelope.decision()).isEqualTo(Opening.class);
    }

    /** What one reader may enter, in round figures of her unit, no other refuses. */
    @ParameterizedTest
    @EnumSource(LengthRange.class)
    void theRoundLimitsOfEitherUnitAreWithinBoth(LengthRange range) {
        for (Unit unit : List.of(Unit.INCH, Unit.CENTIMETRE)) {
            assertThat(range.least(unit).under(range.most(unit))).isTrue();
            assertThat(range.allows(range.least(unit)) && range.allows(range.most(unit)))
                    .isTrue();
            assertThat(range.reader(unit).read(unit == Unit.INCH ? "9999999 in" : "9999999 cm"))
                    .isInstanceOf(Entry.Refused.class);
        }
        Length least = Length.min(range.least(Unit.INCH), range.least(Unit.CENTIMETRE));
        assertThat(range.allows(least.minus(new Length(1)))).isFalse();
        assertThat(range.allows(Length.max(range.most(Unit.INCH), range.most(Unit.CENTIMETRE))
                        .plus(new Length(1))))
                .isFalse();
    }

    private static Cloth cloth(String name) {
        return new Cloth(name, "#2f7f74", Print.PLAIN, Length.inches(54), false);
    }

    @Test
    void clothsThatAreAlikeAreOneUntilTheyAreParted() {
        Cloths cloths = new Cloths(cloth("drill"), cloth("drill"), cloth("lawn"), cloth("drill"));
        assertThat(cloths.isShared(Material.FRONT)).isTrue();
        assertThat(cloths.isShared(Material.BACK)).isTrue();
        assertThat(cloths.isShared(Material.LINING)).isFalse();
        Cloths parted = cloths.apart(Material.BACK);
        assertThat(parted.of(Material.BACK).id())
                .isGreaterThan(cloths.of(Material.LINING).id());
        assertThat(parted.isShared(Material.BACK)).isFalse();
        assertThat(parted.of(Material.BACK).name()).isEqualTo("drill");
        assertThat(cloths.apart(Material.LINING)).isEqualTo(cloths);
        int front = cloths.of(Material.FRONT).id();
        assertThat(cloths.changing(front, cloth -> cloth("canvas"))
                        .of(Material.TRIM)
                        .name())
                .isEqualTo("canvas");
        assertThat(parted.changing(front, cloth -> cloth("canvas"))
                        .of(Material.BACK)
                        .name())
                .isEqualTo("drill");
    }

    @Test
    void alterationsAddUpAndAreCutTo() {
        Alteration one = new Alteration(Length.inches(1), Length.inches(2), Length.inches(0, 1, 2));
        assertThat(one.plus(one)).isEqualTo(new Alteration(Length.inches(2), Length.inches(4), Length.inches(1)));
        assertThat(one.whenCut()).isEqualTo(new Alteration(Length.inches(1), Length.inches(2), Length.ZERO));
        assertThat(one.smaller(Axis.ACROSS)).isEqualTo(Length.inches(1));
        assertThat(one.smaller(Axis.UP_DOWN)).isEqualTo(Length.inches(2));
        assertThat(one.isNone()).isFalse();
        assertThat(Alteration.NONE.isNone()).isTrue();
    }
}
