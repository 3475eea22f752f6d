package app.dapt.files;

import app.dapt.cover.Back;
import app.dapt.cover.Brief;
import app.dapt.cover.Finding;
import app.dapt.cover.Reckoned;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.words.Words;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A reckoned cover as JSON, for whoever wants the figures without the pages.
 *
 * @param words to say labels and findings with; lengths are written exactly, in the unit of these words
 */
public record ReckonedJson(Words words) {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    public String write(Reckoned reckoned) {
        ObjectNode root = JSON.createObjectNode();
        root.put("kind", "dapt-reckoned-cover").put("format", 1).put("name", reckoned.plan().name())
                .put("brief", words.say(Brief.of(reckoned)));
        ObjectNode form = root.putObject("form");
        form.put("across", length(reckoned.form().across().flat())).put("upDown", length(reckoned.form().upDown().flat()))
                .put("fill", hundredths(reckoned.form().fill()));
        ObjectNode finished = root.putObject("finished");
        sum(finished.putObject("across"), reckoned.across());
        sum(finished.putObject("upDown"), reckoned.upDown());
        root.put("ease", length(reckoned.ease(Axis.ACROSS))).put("fullness", hundredths(reckoned.fullness().ratio()));
        opening(root.putObject("opening").put("kind", Phrase.code(reckoned.plan().opening().kind())), reckoned.back());
        reckoned.pieces().forEach(piece -> piece(root.withArray("pieces").addObject(), reckoned, piece));
        ObjectNode edge = root.putObject("edge").put("kind", Phrase.code(reckoned.plan().edging().kind()));
        sum(edge.putObject("length"), reckoned.edge().length());
        reckoned.needs().forEach(need -> {
            ObjectNode at = root.withArray("haberdashery").addObject().put("what", words.say(need.what())).put("amount", words.say(need.amount()));
            need.sum().ifPresent(sum -> sum(at.putObject("length"), sum));
        });
        ArrayNode findings = root.putArray("findings");
        reckoned.findings().forEach(finding -> finding(findings.addObject(), finding));
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
    }

    private void opening(ObjectNode at, Back back) {
        at.put("length", length(back.length()));
        back.lap().ifPresent(lap -> at.put("overlap", length(lap.overlap())).put("overlapWanted", words.lengths().withUnit(lap.wanted())));
        back.zip().ifPresent(zip -> at.putObject("zip").put("teeth", length(zip.length())).put("buy", length(zip.buy()))
                .put("from", length(zip.from())).put("why", words.say(zip.why())));
    }

    private static double hundredths(double value) {
        return Math.round(value * 100) / 100.0;
    }

    private String length(Length length) {
        return ExactLength.write(length, words.mark().unit());
    }

    private void piece(ObjectNode at, Reckoned reckoned, Piece piece) {
        at.put("id", piece.id()).put("name", words.say(piece.name()))
                .put("material", Phrase.code(piece.material()))
                .put("cloth", reckoned.plan().cloths().of(piece.material()).name())
                .put("quantity", piece.quantity()).put("turned", piece.turned());
        sum(at.putObject("width"), piece.width());
        sum(at.putObject("height"), piece.height());
        ObjectNode edges = at.putObject("edges");
        for (Side side : Side.values()) {
            ObjectNode edge = edges.putObject(Phrase.code(side));
            edge.put("fate", Phrase.code(piece.edge(side).fate())).put("eats", length(piece.edge(side).eats()));
        }
        piece.marks().forEach(mark -> mark(at.withArray("marks").addObject(), mark));
        piece.outline().ifPresent(outline -> {
            at.put("cutAreaSquareInches", hundredths(outline.cut().area() / 645.16));
            at.put("seamLineInches", hundredths(outline.seam().perimeter() / 25.4));
        });
    }

    private void mark(ObjectNode at, Marking mark) {
        at.put("for", Phrase.code(mark.sort()));
        mark.fromLeft().ifPresent(x -> at.put("fromLeft", length(x)));
        mark.fromTop().ifPresent(y -> at.put("fromTop", length(y)));
    }

    private void sum(ObjectNode at, Sum sum) {
        at.put("total", length(sum.total()));
        ArrayNode terms = at.putArray("sum");
        sum.terms().forEach(term -> terms.addObject().put("code", term.label().code())
                .put("label", words.say(term.label())).put("amount", length(term.amount())));
    }

    private void finding(ObjectNode at, Finding finding) {
        at.put("code", finding.code()).put("weight", Phrase.code(finding.weight()))
                .put("what", words.say(finding.what())).put("why", words.say(finding.why()));
        finding.remedy().ifPresent(remedy -> at.put("remedy", words.say(remedy.label())));
    }
}
