package app.dapt.advice;

import static app.dapt.advice.Fact.*;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Use;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What follows from use, cloth and drawer. */
class AdviceTest {

    private static Facts facts(Use use, Set<Tool> more, Fact... known) {
        Set<Fact> holds = EnumSet.copyOf(Facts.of(Optional.of(use)));
        holds.addAll(Set.of(known));
        if (Stream.of(LIGHT, HEAVY).noneMatch(holds::contains)) {
            holds.add(MEDIUM);
        }
        if (Stream.of(FRAYS_NOT, FRAYS_BADLY).noneMatch(holds::contains)) {
            holds.add(FRAYS_LITTLE);
        }
        if (!holds.contains(SYNTHETIC)) {
            holds.add(NATURAL);
        }
        if (!holds.contains(FULL)) {
            holds.add(NOT_FULL);
        }
        Set<Tool> tools = EnumSet.copyOf(Drawer.NOT_SAID.tools());
        tools.addAll(more);
        if (tools.contains(Tool.SERGER)) {
            holds.add(SERGER);
        }
        return new Facts(
                Optional.of(use),
                holds,
                new Drawer(tools, Optional.empty()),
                Optional.empty(),
                Length.ZERO,
                List.of(),
                Unit.INCH);
    }

    private static Facts with(Facts facts, Drawer drawer) {
        return new Facts(
                facts.use(), facts.holds(), drawer, facts.overlap(), facts.longest(), facts.interfaced(), facts.unit());
    }

    private static Facts lapping(Facts facts, Length overlap) {
        return new Facts(
                facts.use(),
                facts.holds(),
                facts.drawer(),
                Optional.of(overlap),
                facts.longest(),
                facts.interfaced(),
                facts.unit());
    }

    private static Facts longest(Facts facts, Length longest) {
        return new Facts(
                facts.use(), facts.holds(), facts.drawer(), facts.overlap(), longest, facts.interfaced(), facts.unit());
    }

    private static Facts interfaced(Facts facts, Length wide, Length high) {
        return new Facts(
                facts.use(),
                facts.holds(),
                facts.drawer(),
                facts.overlap(),
                facts.longest(),
                List.of(wide, high),
                facts.unit());
    }

    /** Covers of all sorts, and {@code choice=value rule} of each; after a stroke what is done instead. */
    static Stream<Arguments> examples() {
        Set<Tool> none = Set.of();
        Set<Tool> serger = Set.of(Tool.SERGER);
        return Stream.of(
                Arguments.of(
                        "captain's bolster",
                        facts(Use.SHOW, none, MOCK_BUTTONS),
                        List.of(
                                "finish=left U1",
                                "button-thread=thick U20",
                                "mark-edge=notch M1",
                                "opening=envelope U8")),
                Arguments.of(
                        "stokers' bench",
                        with(
                                facts(Use.LIVED, none, QUILT, NOT_NEW, THICK, BACK_THICK, OLD_HEM, LAPS, HEMMED),
                                Drawer.NOT_SAID.without(Tool.BACK_STITCH).with(Tool.CLIPS)),
                        List.of(
                                "opening=edge-zip C5",
                                "prewash=yes W1",
                                "cut-around=worn-places W1",
                                "needle=jeans-90 C4",
                                "hold=clips C4",
                                "crossings=back-stitched U5/lift-over K4",
                                "finish=overlocked U2/zigzag K1",
                                "old-hem=kept-where-it-shows W2")),
                Arguments.of(
                        "promenade",
                        lapping(
                                facts(Use.PULLED, none, LAPS, HEMMED, HANDLE, LONG_SEAM, CLOTH_SHORT, IN_THE_FIELD),
                                Length.inches(5, 1, 2)),
                        List.of(
                                "overlap=wider U12 6 1/2 in",
                                "crossings=back-stitched U5",
                                "second-row=all U6",
                                "mark-field=chalk M3",
                                "pins=each-4-in C20",
                                "strap-ends=boxed U23",
                                "unseen=from-another C24",
                                "finish=overlocked U2/zigzag K1")),
                Arguments.of(
                        "ladies' cabin",
                        facts(Use.SHOW, none, FULL),
                        List.of("opening=hidden-zip U9", "finish=left U1")),
                Arguments.of(
                        "ladies' cabin, lived with",
                        facts(Use.LIVED, none, FULL),
                        List.of("opening=hidden-zip U9", "finish=overlocked U2/zigzag K1")),
                Arguments.of(
                        "purser's stool",
                        facts(Use.LIVED, none, LAPS, HEMMED, ROW_SHOWS),
                        List.of(
                                "prewash=yes U15",
                                "press=hot C18",
                                "mark-hidden=any M2",
                                "finish=overlocked U2/zigzag K1",
                                "row-colour=ground U19")),
                Arguments.of(
                        "owner's piping",
                        facts(Use.SHOW, none, PIPING, SLANT_WANTED, BLOCK_LARGE),
                        List.of("grain=bias C22")),
                Arguments.of(
                        "owner's piping, a small block",
                        facts(Use.SHOW, none, PIPING, SLANT_WANTED),
                        List.of("grain=straight C22")),
                Arguments.of(
                        "reading corner",
                        lapping(facts(Use.PULLED, none, LAPS, HEMMED, POCKET, CLOTH_SHORT), Length.inches(3, 1, 2)),
                        List.of(
                                "unseen=from-another C24",
                                "second-row=all U6",
                                "stitch=2.5 C2",
                                "overlap=wider U12 4 1/2 in",
                                "finish=overlocked U2/zigzag K1",
                                "leave-off=buttons U13")),
                Arguments.of(
                        "mate's wedding",
                        longest(
                                with(
                                        facts(Use.GIVEN, none, HEAVY),
                                        Drawer.NOT_SAID.with(Tool.WHEEL).withMat(Length.inches(12))),
                                Length.inches(21)),
                        List.of(
                                "cutting=folded-once K8",
                                "hem=ordinary C3",
                                "finish=overlocked U2/zigzag K1",
                                "care-label=sewn-in U24")),
                Arguments.of("mate's wedding, a serger", facts(Use.GIVEN, serger, HEAVY), List.of("hem=single C3")),
                Arguments.of(
                        "pilot's dog",
                        lapping(facts(Use.PULLED, serger, HEAVY), Length.inches(4, 1, 2)),
                        List.of(
                                "opening=envelope U8",
                                "corner=knot U7",
                                "hem=single C3",
                                "overlap=wider U12 5 1/2 in",
                                "finish=overlocked U2")),
                Arguments.of(
                        "ladies' saloon",
                        facts(Use.SHOW, none, FRAYS_BADLY, RAW_RUFFLE, LAPS, HEMMED),
                        List.of(
                                "ruffle-edge=stay-stitched C10",
                                "finish=overlocked C9/zigzag K1",
                                "finish-when=before-assembly C8",
                                "allowance=5/8 in C8",
                                "hem=ordinary C8")),
                Arguments.of(
                        "engineer's V",
                        facts(Use.LIVED, serger, ALIKE, HEMMED),
                        List.of(
                                "side-mark=chalk-cross C16",
                                "finish=overlocked U2",
                                "finish-when=after-try-on C12",
                                "hem=ordinary C2",
                                "crossings=back-stitched U5")),
                Arguments.of(
                        "galley stool",
                        facts(Use.SHOW, none, LIGHT),
                        List.of(
                                "opening=envelope U8",
                                "hem=narrow C1",
                                "needle=universal-70 C1",
                                "stitch=2.0 C1",
                                "finish=left U1",
                                "prewash=no U16")),
                Arguments.of(
                        "pilot berth",
                        facts(Use.LIVED, none, ROW_SHOWS, LAPS),
                        List.of(
                                "prewash=yes U15",
                                "finish-when=after-try-on C12",
                                "finish=overlocked U2/zigzag K1",
                                "row-colour=ground U19")),
                Arguments.of(
                        "owner's armchair",
                        facts(Use.SHOW, Set.of(Tool.WHEEL), FRAYS_BADLY, PIPING, SHARP_CORNERS),
                        List.of(
                                "cutting=card-beneath K7",
                                "cord=1/4 in C2",
                                "grain=straight C22",
                                "finish=overlocked C9/zigzag K1",
                                "finish-when=before-assembly C8")),
                Arguments.of(
                        "owner's armchair, no fraying",
                        facts(Use.SHOW, none, FRAYS_NOT, PIPING),
                        List.of("finish=left C11")),
                Arguments.of(
                        "cook's boy",
                        lapping(facts(Use.PULLED, none, HANDLE, POCKET), Length.inches(3)),
                        List.of(
                                "strap-ends=boxed U23",
                                "opening=envelope U8",
                                "overlap=wider U12 4 in",
                                "finish=overlocked U2/zigzag K1")),
                Arguments.of(
                        "gallery bench",
                        facts(Use.SHOW, none, ALIKE, SELVAGE, INNER_PANEL, TRIM_BY_LENGTH, TRIM_IN_SEAM, BOBBLES),
                        List.of(
                                "side-mark=chalk-cross C16",
                                "trim-hold=tape-each-side C23",
                                "hem=selvage C26",
                                "opening=envelope U8",
                                "finish=left U1",
                                "iron=from-inside L4")),
                Arguments.of(
                        "sun deck",
                        facts(Use.OUTDOORS, Set.of(Tool.HOT_KNIFE), SYNTHETIC, HEAVY, FIBRE_FORM),
                        List.of(
                                "opening=sewn-shut U11",
                                "closing=machine U22",
                                "finish=heat-sealed U4",
                                "corner=knot U7",
                                "prewash=no U16",
                                "press=fingers C19")),
                Arguments.of(
                        "saloon, midwinter",
                        facts(
                                Use.LIVED,
                                Set.of(Tool.SERGER, Tool.EVEN_FEED, Tool.CLIPS),
                                THICK,
                                QUILTED_FRONT,
                                PIECED_BAND),
                        List.of(
                                "finish=overlocked U2",
                                "interface=where-holes-are C15",
                                "line=front C25",
                                "stitch=3.0 C4",
                                "foot=even-feed C4",
                                "hold=clips C4",
                                "opening=envelope U8")),
                Arguments.of(
                        "owner's guest",
                        interfaced(
                                facts(Use.GIVEN, none, PIPING, TRIM_IN_SEAM, BACK_LIGHTER, ZIP),
                                Length.inches(22),
                                Length.inches(11, 1, 2)),
                        List.of(
                                "interface=less-allowances C14 22 in 11 1/2 in",
                                "grain=straight C22",
                                "stitch=2.5 C2",
                                "finish=overlocked U2/zigzag K1")),
                Arguments.of(
                        "pilot's bunk",
                        facts(Use.LIVED, none, PILLOWCASE, HEMMED, LONG_TIES),
                        List.of("finish=french U3", "prewash=yes U15")),
                Arguments.of(
                        "wheelhouse find",
                        facts(Use.LIVED, serger, NOT_NEW, CLOTH_SHORT, LAPS, HEMMED),
                        List.of(
                                "prewash=yes W1",
                                "unseen=from-another C24",
                                "finish=overlocked U2",
                                "crossings=back-stitched U5")));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("examples")
    void aCoverIsAdvisedAsPractised(String name, Facts facts, List<String> outcomes) {
        assertThat(said(Advice.of(facts))).containsAll(outcomes);
    }

    private static List<String> said(Advice advice) {
        List<String> said =
                new ArrayList<>(advice.choices().stream().map(AdviceTest::said).toList());
        advice.leaveOff().forEach(left -> said.add("leave-off=" + left.what() + " " + left.rule()));
        if (advice.care().says().stream().anyMatch(phrase -> phrase.code().endsWith("-inside"))) {
            said.add("iron=from-inside L4");
        }
        return said;
    }

    private static String inches(Length length) {
        long whole = (long) length.toInches();
        return whole + (length.equals(Length.inches(whole)) ? " in" : " 1/2 in");
    }

    private static String said(Advised advised) {
        String sizes = advised.sizes().stream().map(size -> " " + inches(size)).collect(Collectors.joining());
        String kit = advised.kit()
                .map(row -> "/" + advised.instead().orElseThrow() + " " + row)
                .orElse("");
        String choice = Phrase.code(advised.choice());
        boolean cutting = advised.choice() == Choice.CUTTING;
        return choice + "=" + advised.value() + " " + advised.rule() + (cutting ? "" : sizes) + kit;
    }

    @Test
    void whatStaysOffIsOnlyWhatCanHurtOrRot() {
        assertThat(Advice.of(facts(Use.SHOW, Set.of(), MOCK_BUTTONS)).leaveOff())
                .isEmpty();
        assertThat(Advice.of(facts(Use.LIVED, Set.of(), LONG_TIES)).leaveOff()).isEmpty();
        assertThat(Advice.of(facts(Use.GIVEN, Set.of())).leaveOff())
                .extracting(Advice.LeaveOff::what)
                .contains("buttons", "long-ties");
    }

    /** Any facts: one answer to each question, no two that cannot both be followed, and no row that is never taken. */
    @Test
    void noTwoRecommendationsContradictAndEveryRowIsTaken() {
        Random random = new Random(30);
        Set<Rule> taken = new HashSet<>();
        for (int i = 0; i < 10_000; i++) {
            Facts facts = random(random);
            Advice advice = Advice.of(facts);
            assertThat(advice.choices()).extracting(Advised::choice).doesNotHaveDuplicates();
            boolean french = is(advice, Choice.FINISH, "french");
            if (french) {
                assertThat(facts.holds()).doesNotContain(TRIM_IN_SEAM, THICK);
                assertThat(advice.of(Choice.SECOND_ROW)).isEmpty();
                assertThat(advice.of(Choice.FINISH_WHEN)).isEmpty();
            }
            assertThat(is(advice, Choice.OPENING, "envelope") && facts.has(BACK_THICK))
                    .isFalse();
            assertThat(is(advice, Choice.PRESS, "hot") && facts.has(SYNTHETIC)).isFalse();
            advice.choices().forEach(each -> Rules.of(each.choice())
                    .filter(rule -> rule.id().equals(each.rule()))
                    .filter(rule -> rule.value().equals(each.value()) || each.choice() == Choice.NEEDLE)
                    .forEach(taken::add));
        }
        assertThat(Rules.ALL.stream().filter(rule -> !taken.contains(rule)).toList())
                .isEmpty();
    }

    private static boolean is(Advice advice, Choice choice, String value) {
        return advice.of(choice).filter(each -> each.value().equals(value)).isPresent();
    }

    private static Facts random(Random random) {
        List<Fact> may = List.of(
                STRETCHES,
                SHEER,
                THICK,
                BACK_THICK,
                BACK_LIGHTER,
                SLIPPERY,
                ALIKE,
                NAP,
                NOT_NEW,
                QUILT,
                SHEET,
                DROP_CLOTH,
                NAPKIN,
                OLD_HEM,
                FULL,
                FIBRE_FORM,
                LAPS,
                ZIP,
                SEWN_SHUT,
                PILLOWCASE,
                HEMMED,
                TRIM_IN_SEAM,
                TRIM_BY_LENGTH,
                PIPING,
                SHARP_CORNERS,
                SLANT_WANTED,
                BLOCK_LARGE,
                RAW_RUFFLE,
                ROW_SHOWS,
                REAL_BUTTONS,
                MOCK_BUTTONS,
                HANDLE,
                POCKET,
                PIECED_BAND,
                QUILTED_FRONT,
                LONG_SEAM,
                CLOTH_SHORT,
                SELVAGE,
                INNER_PANEL,
                IN_THE_FIELD,
                MARKED_EARLY,
                LIGHT,
                HEAVY,
                FRAYS_NOT,
                FRAYS_BADLY,
                SYNTHETIC);
        Fact[] known = may.stream().filter(fact -> random.nextInt(6) == 0).toArray(Fact[]::new);
        Set<Tool> more = random.nextBoolean() ? Set.of(Tool.SERGER, Tool.CLIPS) : Set.of();
        return facts(Cases.pick(random, Use.values()), more, known);
    }

    /** Of any plan there is advice, without a tool in the house as well. */
    @Test
    void anyPlanIsAdvised() {
        Random random = new Random(31);
        for (int i = 0; i < 300; i++) {
            CoverPlan plan = RandomPlans.plan(random);
            Drawer drawer = random.nextBoolean() ? Drawer.NOT_SAID : new Drawer(Set.of(), Optional.empty());
            Advice advice = Advice.of(PlanFacts.of(Reckoner.reckonWithoutRemedies(plan, plan.mark()), drawer));
            assertThat(advice.of(Choice.THREAD)).isPresent();
            assertThat(advice.care().says()).isNotEmpty();
            assertThat(advice.of(Choice.FINISH).map(Advised::done))
                    .isNotEqualTo(drawer.has(Tool.ZIGZAG) ? Optional.of("pinked") : Optional.of("zigzag"));
        }
    }

    /** Taken once, nothing of it is left to take: no recommendation undoes another, or cures a warning of its own. */
    @Test
    void whatIsTakenSettles() {
        Random random = new Random(32);
        for (int i = 0; i < 200; i++) {
            CoverPlan plan = RandomPlans.fitting(
                    random, Cases.pick(random, ShapeKind.ALL.all()), Cases.pick(random, OpeningKind.ALL.all()));
            Advice advice = advice(plan);
            CoverPlan taken = Taking.all(plan, advice);
            CoverPlan again = Taking.all(taken, advice(taken));

            assertThat(Taking.all(taken, advice)).isEqualTo(taken);
            assertThat(Taking.all(again, advice(again))).isEqualTo(again);
        }
    }

    private static Advice advice(CoverPlan plan) {
        return Advice.of(PlanFacts.of(Reckoner.reckonWithoutRemedies(plan, plan.mark()), Drawer.NOT_SAID));
    }
}
