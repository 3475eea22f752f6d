package app.dapt.files.plan;

import app.dapt.cover.Brief;
import app.dapt.cover.ClothToBuy;
import app.dapt.cover.Finding;
import app.dapt.cover.Reckoned;
import app.dapt.cover.drawing.Offsets;
import app.dapt.cover.drawing.Template;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Figure;
import app.dapt.files.ExactLength;
import app.dapt.layout.ClothNeed;
import app.dapt.make.Notions;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.words.OffsetWords;
import app.dapt.words.Words;
import java.math.BigDecimal;
import java.math.RoundingMode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A reckoned cover as JSON, for whoever wants the figures without the pages. Every length stands twice, in the plan's
 * own unit: to the mark that it is cut by, and exactly.
 *
 * @param words to say labels and findings with, in the plan's own unit
 */
public record ReckonedJson(Words words) {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    /** Decimals of an inch or a centimetre: they tell one 320th of a millimetre from the next. */
    private static final int EXACTLY = 6;

    public String write(Reckoned reckoned) {
        ObjectNode root = JSON.createObjectNode();
        root.put("kind", "dapt-reckoned-cover")
                .put("format", 2)
                .put("name", reckoned.plan().name())
                .put("unit", words.lengths().unitWord())
                .put("mark", Phrase.code(words.mark()))
                .put("brief", words.say(Brief.of(reckoned)));
        ObjectNode form = root.putObject("form");
        length(form, "across", reckoned.form().across().flat());
        length(form, "upDown", reckoned.form().upDown().flat());
        form.put("fill", hundredths(reckoned.form().fill()));
        ObjectNode finished = root.putObject("finished");
        sum(finished.putObject("across"), reckoned.across());
        sum(finished.putObject("upDown"), reckoned.upDown());
        length(root.putObject("ease"), "across", reckoned.ease(Axis.ACROSS));
        length(root.withObject("/ease"), "upDown", reckoned.ease(Axis.UP_DOWN));
        root.put("fullness", hundredths(reckoned.fullness().ratio()))
                .put("fullnessSays", Phrase.code(reckoned.fullness().band()));
        opening(
                root.putObject("opening")
                        .put("kind", reckoned.plan().opening().kind().code()),
                reckoned.back());
        reckoned.pieces().forEach(piece -> piece(root.withArray("pieces").addObject(), reckoned, piece));
        edging(
                root.putObject("edge")
                        .put("kind", reckoned.plan().edging().kind().code()),
                reckoned);
        ArrayNode cloths = root.putArray("cloth");
        ClothToBuy buy = ClothToBuy.of(reckoned, ClothNeed::of);
        buy.needs().forEach(need -> cloth(cloths.addObject(), buy, need));
        buy.cost().ifPresent(cost -> root.put("cost", cost / 100.0));
        Notions.of(reckoned).forEach(need -> {
            ObjectNode at = root.withArray("haberdashery")
                    .addObject()
                    .put("what", words.say(need.what()))
                    .put("amount", words.say(need.amount()));
            need.sum().ifPresent(sum -> sum(at.putObject("length"), sum));
        });
        Template.of(reckoned)
                .forEach(template -> offsets(
                        root.withArray("offsets").addObject(),
                        Offsets.of(template, words.mark().unit())));
        ArrayNode findings = root.putArray("findings");
        reckoned.findings().forEach(finding -> finding(findings.addObject(), finding));
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
    }

    private void opening(ObjectNode at, Back back) {
        length(at, "length", back.length());
        back.lap().ifPresent(lap -> {
            length(at, "overlap", lap.overlap());
            length(at, "overlapWanted", lap.estimated());
            length(at, "slip", lap.slip());
        });
        back.zip().ifPresent(zip -> {
            ObjectNode of = at.putObject("zip").put("why", words.say(zip.why()));
            length(of, "teeth", zip.length());
            length(of, "buy", zip.buy());
            length(of, "from", zip.from());
        });
    }

    private void edging(ObjectNode at, Reckoned reckoned) {
        sum(at.putObject("length"), reckoned.edge().length());
        for (Figure figure : reckoned.edgingFigures()) {
            if (figure.value() instanceof Sum sum) {
                sum(at.putObject(figure.name()), sum);
            } else if (figure.value() instanceof Length length) {
                length(at, figure.name(), length);
            } else if (figure.value() instanceof Integer number) {
                at.put(figure.name(), number);
            }
        }
        ArrayNode about = at.putArray("about");
        reckoned.aboutEdging().forEach(said -> about.add(words.say(said)));
    }

    private void cloth(ObjectNode at, ClothToBuy buy, ClothNeed need) {
        at.put("name", need.cloth().name()).put("id", need.cloth().id());
        length(at, "width", need.cloth().width());
        need.length().ifPresent(length -> length(at, "buy", length));
        buy.cost(need).ifPresent(cost -> at.put("cost", cost / 100.0));
        at.put("area", words.area(need.area()));
    }

    private void offsets(ObjectNode at, Offsets offsets) {
        at.put("of", words.say(offsets.name())).put("how", words.say(offsets.how()));
        ArrayNode rows = at.putArray("rows");
        offsets.rows().forEach(row -> rows.add(OffsetWords.row(row, words)));
    }

    private static double hundredths(double value) {
        return Math.round(value * 100) / 100.0;
    }

    /** A length twice: to the mark, and exactly. */
    private void length(ObjectNode at, String name, Length length) {
        Unit unit = words.mark().unit();
        at.put(name, ExactLength.write(words.mark().nearest(length), unit));
        at.put(
                name + "Exact",
                new BigDecimal(length.grains())
                                .divide(
                                        BigDecimal.valueOf((unit.metric() ? Unit.CENTIMETRE : Unit.INCH).grains()),
                                        EXACTLY,
                                        RoundingMode.HALF_UP)
                                .stripTrailingZeros()
                                .toPlainString()
                        + " " + words.lengths().unitWord());
    }

    private void piece(ObjectNode at, Reckoned reckoned, Piece piece) {
        at.put("id", piece.id())
                .put("name", words.say(piece.name()))
                .put("material", Phrase.code(piece.material()))
                .put("cloth", reckoned.plan().cloths().of(piece.material()).name())
                .put("quantity", piece.quantity())
                .put("turned", piece.turned());
        sum(at.putObject("width"), piece.width());
        sum(at.putObject("height"), piece.height());
        ObjectNode edges = at.putObject("edges");
        for (Side side : Side.values()) {
            ObjectNode edge = edges.putObject(Phrase.code(side))
                    .put("fate", Phrase.code(piece.edge(side).fate()));
            length(edge, "eats", piece.edge(side).allowance());
        }
        piece.marks().forEach(mark -> mark(at.withArray("marks").addObject(), mark));
        piece.outline().filter(outline -> !outline.isNothing()).ifPresent(outline -> {
            at.put("cutAreaSquareInches", hundredths(outline.cut().area() / 645.16));
            length(at, "seamLine", Length.nearInches(outline.seam().perimeter() / 25.4));
        });
    }

    private void mark(ObjectNode at, Marking mark) {
        at.put("for", Phrase.code(mark.sort()));
        mark.fromLeft().ifPresent(x -> length(at, "fromLeft", x));
        mark.fromTop().ifPresent(y -> length(at, "fromTop", y));
    }

    private void sum(ObjectNode at, Sum sum) {
        length(at, "total", sum.total());
        ArrayNode terms = at.putArray("sum");
        sum.terms().forEach(term -> {
            ObjectNode line = terms.addObject().put("code", term.label().code()).put("label", words.say(term.label()));
            length(line, "amount", term.amount());
        });
    }

    private void finding(ObjectNode at, Finding finding) {
        at.put("code", finding.code())
                .put("weight", Phrase.code(finding.weight()))
                .put("what", words.say(finding.what()))
                .put("why", words.say(finding.why()));
        finding.remedy().ifPresent(remedy -> at.put("remedy", words.say(remedy.label())));
    }
}
