package app.dapt.files.plan;

import static app.dapt.Reaches.Count.reached;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.Reaches;
import app.dapt.cover.Brief;
import app.dapt.cover.ClothToBuy;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Finding;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.drawing.Offsets;
import app.dapt.cover.drawing.Template;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Figure;
import app.dapt.cover.parts.Need;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.files.ExactLength;
import app.dapt.layout.ClothNeed;
import app.dapt.make.Notions;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.words.OffsetWords;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whatever was reckoned of a cover stands in its JSON, exactly. */
@ExtendWith(Reaches.Count.class)
class ReckonedJsonTest {

    static Stream<Arguments> plans() {
        return OpeningKind.ALL.stream()
                .flatMap(kind -> Cases.of(
                        8, random -> RandomPlans.fitting(random, Cases.pick(random, ShapeKind.ALL.all()), kind)));
    }

    private static void same(JsonNode at, String name, Length length, Words words) {
        assertThat(ExactLength.read(at.get(name + "Exact").stringValue()))
                .as(name)
                .contains(length);
        assertThat(ExactLength.read(at.get(name).stringValue()))
                .as(name)
                .contains(words.mark().nearest(length));
    }

    private static void same(JsonNode at, Sum sum, Words words) {
        same(at, "total", sum.total(), words);
        JsonNode terms = at.get("sum");
        assertThat(terms.size()).isEqualTo(sum.terms().size());
        for (int i = 0; i < sum.terms().size(); i++) {
            Sum.Term term = sum.terms().get(i);
            assertThat(terms.get(i).get("code").stringValue())
                    .isEqualTo(term.label().code());
            assertThat(terms.get(i).get("label").stringValue()).isEqualTo(words.say(term.label()));
            same(terms.get(i), "amount", term.amount(), words);
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void whatWasReckonedStandsInIt(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckon(plan);
        Words words = new Words(Wordbook.load(English.US, "craft"), plan.mark());
        JsonNode json = JsonMapper.builder().build().readTree(new ReckonedJson(words).write(reckoned));
        assertThat(json.get("name").stringValue()).isEqualTo(plan.name());
        assertThat(json.get("mark").stringValue()).isEqualTo(Phrase.code(plan.mark()));
        assertThat(json.get("brief").stringValue()).isEqualTo(words.say(Brief.of(reckoned)));
        for (Axis axis : Axis.values()) {
            String name = axis == Axis.ACROSS ? "across" : "upDown";
            same(json.get("form"), name, reckoned.form().flat(axis), words);
            same(json.get("ease"), name, reckoned.ease(axis), words);
        }
        same(json.at("/finished/across"), reckoned.across(), words);
        same(json.at("/finished/upDown"), reckoned.upDown(), words);
        assertThat(json.at("/form/fill").doubleValue())
                .isCloseTo(reckoned.form().fill(), within(.00501));
        assertThat(json.get("fullness").doubleValue())
                .isCloseTo(reckoned.fullness().ratio(), within(.00501));
        assertThat(json.get("fullnessSays").stringValue())
                .isEqualTo(Phrase.code(reckoned.fullness().band()));
        opening(json.get("opening"), reckoned, words);
        pieces(json.get("pieces"), reckoned, words);
        same(json.at("/edge/length"), reckoned.edge().length(), words);
        for (Figure figure : reckoned.edgingFigures()) {
            reached("a figure of the edge");
            JsonNode at = json.get("edge");
            if (figure.value() instanceof Sum sum) {
                same(at.get(figure.name()), sum, words);
            } else if (figure.value() instanceof Length length) {
                same(at, figure.name(), length, words);
            } else {
                assertThat(at.get(figure.name()).asString()).isEqualTo(String.valueOf(figure.value()));
            }
        }
        assertThat(json.at("/edge/about").valueStream().map(JsonNode::stringValue))
                .containsExactlyElementsOf(
                        reckoned.aboutEdging().stream().map(words::say).toList());
        findings(json.get("findings"), reckoned.findings(), words);
    }

    private static void opening(JsonNode at, Reckoned reckoned, Words words) {
        Back back = reckoned.back();
        assertThat(at.get("kind").stringValue())
                .isEqualTo(reckoned.plan().opening().kind().code());
        same(at, "length", back.length(), words);
        assertThat(at.has("overlap")).isEqualTo(back.lap().isPresent());
        back.lap().ifPresent(lap -> {
            reached("a lap");
            same(at, "overlap", lap.overlap(), words);
            same(at, "overlapWanted", lap.estimated(), words);
            same(at, "slip", lap.slip(), words);
        });
        assertThat(at.has("zip")).isEqualTo(back.zip().isPresent());
        back.zip().ifPresent(zip -> {
            reached("a zip");
            same(at.get("zip"), "teeth", zip.length(), words);
            same(at.get("zip"), "buy", zip.buy(), words);
            same(at.get("zip"), "from", zip.from(), words);
            assertThat(at.at("/zip/why").stringValue()).isEqualTo(words.say(zip.why()));
        });
    }

    private static void pieces(JsonNode at, Reckoned reckoned, Words words) {
        assertThat(at.size()).isEqualTo(reckoned.pieces().size());
        for (int i = 0; i < at.size(); i++) {
            JsonNode json = at.get(i);
            Piece piece = reckoned.pieces().get(i);
            assertThat(json.get("id").stringValue()).isEqualTo(piece.id());
            assertThat(json.get("name").stringValue()).isEqualTo(words.say(piece.name()));
            assertThat(json.get("material").stringValue()).isEqualTo(Phrase.code(piece.material()));
            assertThat(json.get("cloth").stringValue())
                    .isEqualTo(reckoned.plan().cloths().of(piece.material()).name());
            assertThat(json.get("quantity").intValue()).isEqualTo(piece.quantity());
            assertThat(json.get("turned").booleanValue()).isEqualTo(piece.turned());
            same(json.get("width"), piece.width(), words);
            same(json.get("height"), piece.height(), words);
            for (Side side : Side.values()) {
                JsonNode edge = json.get("edges").get(Phrase.code(side));
                assertThat(edge.get("fate").stringValue())
                        .isEqualTo(Phrase.code(piece.edge(side).fate()));
                same(edge, "eats", piece.edge(side).allowance(), words);
            }
            for (int k = 0; k < piece.marks().size(); k++) {
                Marking mark = piece.marks().get(k);
                JsonNode told = json.get("marks").get(k);
                assertThat(told.get("for").stringValue()).isEqualTo(Phrase.code(mark.sort()));
                at(told, "fromLeft", mark.fromLeft(), words);
                at(told, "fromTop", mark.fromTop(), words);
            }
            boolean outlined = piece.outline().filter(each -> !each.isNothing()).isPresent();
            assertThat(json.has("cutAreaSquareInches")).isEqualTo(outlined);
            if (outlined) {
                reached("an outline");
                double square = piece.outline().orElseThrow().cut().area() / (25.4 * 25.4);
                double round = piece.outline().orElseThrow().seam().perimeter() / 25.4;
                assertThat(json.get("cutAreaSquareInches").doubleValue()).isCloseTo(square, within(.00501));
                assertThat(ExactLength.read(json.get("seamLineExact").stringValue())
                                .orElseThrow()
                                .toInches())
                        .isCloseTo(round, within(.001));
            }
        }
    }

    private static void at(JsonNode mark, String name, Optional<Length> where, Words words) {
        assertThat(mark.has(name)).isEqualTo(where.isPresent());
        where.ifPresent(length -> same(mark, name, length, words));
    }

    private static void findings(JsonNode at, List<Finding> findings, Words words) {
        assertThat(at.size()).isEqualTo(findings.size());
        for (int i = 0; i < findings.size(); i++) {
            Finding finding = findings.get(i);
            assertThat(at.get(i).get("code").stringValue()).isEqualTo(finding.code());
            assertThat(at.get(i).get("weight").stringValue()).isEqualTo(Phrase.code(finding.weight()));
            assertThat(at.get(i).get("why").stringValue()).isEqualTo(words.say(finding.why()));
            assertThat(Optional.ofNullable(at.get(i).get("remedy")).map(JsonNode::stringValue))
                    .isEqualTo(finding.remedy().map(remedy -> words.say(remedy.label())));
        }
    }

    /** What is bought: each cloth with its length and cost, everything besides, and the offsets for those who draw. */
    @ParameterizedTest
    @MethodSource("plans")
    void whatIsBoughtStandsInIt(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        Words words = new Words(Wordbook.load(English.US, "craft"), plan.mark());
        JsonNode json = JsonMapper.builder().build().readTree(new ReckonedJson(words).write(reckoned));
        ClothToBuy buy = ClothToBuy.of(reckoned, ClothNeed::of);
        assertThat(json.get("cloth").size()).isEqualTo(buy.needs().size());
        for (int i = 0; i < buy.needs().size(); i++) {
            JsonNode at = json.get("cloth").get(i);
            ClothNeed need = buy.needs().get(i);
            assertThat(at.get("id").asString())
                    .isEqualTo(String.valueOf(need.cloth().id()));
            same(at, "width", need.cloth().width(), words);
            at(at, "buy", need.length(), words);
            assertThat(Optional.ofNullable(at.get("cost")).map(JsonNode::doubleValue))
                    .isEqualTo(buy.cost(need).map(cost -> cost / 100.0));
            assertThat(at.get("area").stringValue()).isEqualTo(words.area(need.area()));
        }
        assertThat(Optional.ofNullable(json.get("cost")).map(JsonNode::doubleValue))
                .isEqualTo(buy.cost().map(cost -> cost / 100.0));
        List<Need> needs = Notions.of(reckoned);
        for (int i = 0; i < needs.size(); i++) {
            JsonNode at = json.get("haberdashery").get(i);
            assertThat(at.get("what").stringValue())
                    .isEqualTo(words.say(needs.get(i).what()));
            assertThat(at.get("amount").stringValue())
                    .isEqualTo(words.say(needs.get(i).amount()));
            assertThat(at.has("length")).isEqualTo(needs.get(i).sum().isPresent());
            needs.get(i).sum().ifPresent(sum -> same(at.get("length"), sum, words));
        }
        List<Template> templates = Template.of(reckoned);
        for (int i = 0; i < templates.size(); i++) {
            reached("offsets");
            Offsets offsets = Offsets.of(templates.get(i), plan.unit());
            JsonNode at = json.get("offsets").get(i);
            assertThat(at.get("of").stringValue()).isEqualTo(words.say(offsets.name()));
            assertThat(at.get("how").stringValue()).isEqualTo(words.say(offsets.how()));
            assertThat(at.get("rows").valueStream().map(JsonNode::stringValue))
                    .containsExactlyElementsOf(offsets.rows().stream()
                            .map(row -> OffsetWords.row(row, words))
                            .toList());
        }
    }
}
