package app.dapt.files;

import app.dapt.cover.Brief;
import app.dapt.cover.Finding;
import app.dapt.cover.Reckoned;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
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
        root.putObject("opening").put("length", length(reckoned.back().length()))
                .put("overlap", length(reckoned.back().overlap()))
                .put("overlapWanted", words.lengths().withUnit(reckoned.back().wanted()));
        reckoned.pieces().forEach(piece -> piece(root.withArray("pieces").addObject(), reckoned, piece));
        ArrayNode findings = root.putArray("findings");
        reckoned.findings().forEach(finding -> finding(findings.addObject(), finding));
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
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
