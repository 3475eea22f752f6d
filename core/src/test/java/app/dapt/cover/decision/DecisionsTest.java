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

    private static final Detail.Measure DEEP = Detail.measure("deep", LengthRange.HEM, Length.inches(1), true);
    private static final Detail.MaybeMeasure CENTRE = new Detail.MaybeMeasure(
            "centre", Phrase.of("detail.centre"), LengthRange.CENTRE, Optional.empty(), Phrase.of("hint"), true);
    private static final Detail.OneOf<Axis> WAY = Detail.oneOf("way", Axis.ACROSS, "way");
    private static final Detail.Count ROWS = Detail.count("rows", 1, 4, 2, true);
    private static final Detail.Tick LABEL = Detail.tick("label", false, true);
    private static final Details ALL = new Details(List.of(DEEP, CENTRE, WAY, ROWS, LABEL));

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
        assertThat(ALL.with("rows", 3).with("rows", 2)).isEqualTo(ALL);
        assertThat(CENTRE.isOptional()).isTrue();
        assertThat(List.of(DEEP, WAY, ROWS, LABEL))
                .noneMatch(Detail::isOptional)
                .noneMatch(Detail::isDrawn);
        assertThat(WAY.choices()).containsExactly(Axis.values());
    }

    @Test
    void whatIsUnknownOrOfAnotherTypeIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> ALL.measure("wide"));
        assertThatIllegalArgumentException().isThrownBy(() -> ALL.measure("rows"));
        assertThatIllegalArgumentException().isThrownBy(() -> ALL.oneOf("rows", Axis.class));
        assertThatIllegalArgumentException().isThrownBy(() -> ALL.with("way", Spacing.HALF_AT_ENDS));
        assertThatIllegalArgumentException().isThrownBy(() -> ALL.with(Detail.tick("deep", true, true)));
        assertThatIllegalArgumentException().isThrownBy(() -> ALL.with(Detail.tick("other", true, true)));
    }

    @Test
    void anotherChoicesDetailsAreTakenOverByNameAndType() {
        Details other = new Details(List.of(
                Detail.tick("deep", true, true),
                CENTRE.with(Optional.of(Length.inches(7))),
                Detail.count("rows", 1, 4, 4, true),
                Detail.measure("way", LengthRange.HEM, Length.inches(3), true),
                Detail.count("label", 0, 1, 1, true)));
        Details carried = ALL.carrying(other);
        assertThat(carried)
                .isEqualTo(ALL.with("centre", Optional.of(Length.inches(7))).with("rows", 4));
        assertThat(ROWS.takenFrom(DEEP)).isEqualTo(ROWS);
        assertThat(CENTRE.takenFrom(DEEP)).isEqualTo(CENTRE);
        assertThat(LABEL.takenFrom(ROWS)).isEqualTo(LABEL);
        assertThat(LABEL.takenFrom(Detail.tick("other", true, false)).value()).isTrue();
        assertThat(DEEP.takenFrom(Detail.measure("other", LengthRange.HEM, Length.inches(4), true))
                        .value())
                .isEqualTo(Length.inches(4));
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
