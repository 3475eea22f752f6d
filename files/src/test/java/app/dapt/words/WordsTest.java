package app.dapt.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.RandomPlans;
import app.dapt.cloth.Cloth;
import app.dapt.cover.Brief;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.cover.drawing.EdgeOn;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.drawing.PieceDrawing;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece.Material;
import app.dapt.words.Wordbook.English;
import java.io.StringReader;
import java.util.Random;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.xml.sax.InputSource;

class WordsTest {

    private static Words words(English english, Mark mark) {
        return new Words(Wordbook.load(english, "craft"), mark);
    }

    @ParameterizedTest
    @EnumSource
    void hasWordsForWhateverIsReckonedAndDrawn(English english) throws Exception {
        // What the UK does not say otherwise it says as the US does.
        int plans = english == English.US ? 150 : 40;
        for (int seed = 0; seed < plans; seed++) {
            CoverPlan plan = RandomPlans.plan(new Random(seed));
            Reckoned reckoned = Reckoner.reckon(plan);
            Words words = words(english, plan.mark());
            StringBuilder said = new StringBuilder(words.say(Brief.of(reckoned)));
            reckoned.findings().forEach(finding -> said.append(words.say(finding.what()))
                    .append(words.say(finding.why()))
                    .append(finding.remedy()
                            .map(remedy -> words.say(remedy.label()))
                            .orElse("")));
            reckoned.pieces().forEach(piece -> {
                said.append(words.say(piece.name()));
                piece.width().terms().forEach(term -> said.append(words.say(term.label())));
                piece.height().terms().forEach(term -> said.append(words.say(term.label())));
            });
            reckoned.needs().forEach(need -> said.append(words.say(need.what()))
                    .append(words.say(need.amount()))
                    .append(need.sum()
                            .map(sum -> sum.terms().stream()
                                    .map(term -> words.say(term.label()))
                                    .toList()
                                    .toString())
                            .orElse("")));
            reckoned.aboutEdging().forEach(about -> said.append(words.say(about)));
            reckoned.back().zip().ifPresent(zip -> said.append(words.say(zip.why())));
            reckoned.pieces().stream()
                    .flatMap(piece -> piece.marks().stream())
                    .forEach(mark -> said.append(words.say(Phrase.choice("marking", mark.sort()))));
            Stream.of(plan.shape(), plan.opening(), plan.face(), plan.extras(), plan.edging(), plan.joining())
                    .forEach(choice -> said.append(details(choice, words)));
            OpeningKind.ALL.stream().forEach(kind -> kind.usual(plan.unit())
                    .unfitFor(plan.shape())
                    .ifPresent(why -> said.append(words.say(why))));
            SvgDrawing svg = new SvgDrawing(plan.cloths(), words, new Pen(10), "x");
            for (String drawing : new String[] {
                svg.write(CoverDrawing.front(reckoned)),
                svg.write(CoverDrawing.back(reckoned)),
                svg.write(EdgeOn.of(reckoned)),
                svg.write(PieceDrawing.of(reckoned.front())),
                svg.write(CoverDrawing.overForm(reckoned))
            }) {
                assertThat(drawing).doesNotContain("NaN", "style=", "=\"-0\"");
                DocumentBuilderFactory.newInstance()
                        .newDocumentBuilder()
                        .parse(new InputSource(new StringReader(drawing)));
                said.append(drawing);
            }
            assertThat(said).as("seed %s", seed).doesNotContain("‹", "{0", "null");
        }
    }

    /** Everything a slip would say of a choice. */
    private static String details(Detailed choice, Words words) {
        StringBuilder said = new StringBuilder();
        for (Detail<?> detail : choice.details()) {
            said.append(words.say(detail.label()));
            if (detail instanceof Detail.OneOf<?> oneOf) {
                oneOf.choices().forEach(each -> said.append(words.say(Phrase.choice(oneOf.family(), each))));
            } else if (detail instanceof Detail.MaybeMeasure maybe) {
                said.append(words.say(maybe.hint()));
            }
        }
        return said.toString();
    }

    @Test
    void saysTheBriefAsOneSentence() {
        CoverPlan plan = DefaultPlan.plan(
                "Bench",
                Mark.EIGHTH,
                ShapeKind.SQUARE,
                Form.overCrown(Length.inches(21, 1, 4), Length.inches(21, 1, 4)));
        assertThat(words(English.US, Mark.EIGHTH).say(Brief.of(Reckoner.reckon(plan))))
                .isEqualTo(
                        "A square cover for a pillow form that measures 21¼\u00a0in over the curve, cut to form size, "
                                + "with an envelope back overlapping 4\u00a0in and ½\u00a0in seams (zigzagged), "
                                + "in plain cotton, the back too.");
    }

    /** What is in a name is never taken for a plural's own signs. */
    @Test
    void countsByTheRulesOfTheLanguage() {
        Words words = words(English.US, Mark.EIGHTH);
        assertThat(words.say("need.spool", 1, 80)).isEqualTo("1 spool of 100\u00a0m, about 80\u00a0m used (estimate)");
        assertThat(words.say("need.spool", 2, 180))
                .isEqualTo("2 spools of 100\u00a0m, about 180\u00a0m used (estimate)");
        assertThat(words.say("drawing.cloth", "Wren's {#0} 'best'", 1))
                .isEqualTo("Wren's {#0} 'best', unrolled from left to right with 1 piece on it");
    }

    @Test
    void speaksEachReadersEnglishAndUnit() {
        Phrase selvage = Phrase.of("term.selvage");
        assertThat(words(English.US, Mark.EIGHTH).say(selvage)).contains("selvage");
        assertThat(words(English.UK, Mark.EIGHTH).say(selvage)).contains("selvedge");
        Phrase overlap = Phrase.of("remedy.overlap", Length.inches(5));
        assertThat(words(English.US, Mark.EIGHTH).say(overlap)).isEqualTo("Overlap 5\u00a0in");
        assertThat(words(English.US, Mark.MILLIMETRE).say(overlap)).isEqualTo("Overlap 12.7\u00a0cm");
        assertThat(words(English.US, Mark.EIGHTH).say("no.such.code")).isEqualTo("‹no.such.code›");
    }

    @Test
    void escapesWhatASewistWrote() {
        CoverPlan plan = RandomPlans.plan(new Random(1));
        Cloth front = plan.cloths().front();
        CoverPlan wild = plan.withCloths(plan.cloths()
                .with(
                        Material.FRONT,
                        new Cloth(
                                "\"><script>alert(1)</script>",
                                front.colour(),
                                front.print(),
                                front.width(),
                                front.nap())));
        String svg = new SvgDrawing(wild.cloths(), words(English.US, Mark.EIGHTH), new Pen(10), "x")
                .write(CoverDrawing.front(Reckoner.reckon(wild)));
        assertThat(svg).doesNotContain("<script").contains("&lt;script");
    }

    @Test
    void aLengthInATextIsInTheReadersUnit() {
        assertThat(words(English.US, Mark.EIGHTH).say("finding.stay-stitch.why"))
                .contains("1\u20448\u00a0in")
                .doesNotContain("mm");
        assertThat(words(English.US, Mark.MILLIMETRE).say("finding.stay-stitch.why"))
                .contains("3\u00a0mm")
                .doesNotContain("in from");
    }

    /** A lip of 0.456 in and a seam that takes ½ in are both ½ to the eighth. */
    @Test
    void twoFiguresThatDifferNeverReadTheSame() {
        Words words = new Words(Wordbook.load(English.US, "craft"), Mark.EIGHTH);
        String told = words.say(
                "finding.lip-narrow.why", Length.nearInches(0.456), Length.inches(0, 1, 2), Length.inches(1, 3, 4));
        assertThat(told).contains("29\u204464\u00a0in", "½\u00a0in");
        assertThat(words.say(
                        "finding.lip-narrow.why",
                        Length.inches(0, 3, 8),
                        Length.inches(0, 1, 2),
                        Length.inches(1, 3, 4)))
                .contains("3\u20448\u00a0in", "½\u00a0in");
    }
}
