package app.dapt.web.have;

import app.dapt.cover.CoverFromPieces;
import app.dapt.cover.CoverFromPieces.Cut;
import app.dapt.cover.CoverFromPieces.Whole;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.web.entry.Entries;
import app.dapt.words.Words;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The pieces that lie on the table, as the form has them.
 *
 * @param way  what the back is
 * @param two  a front and two hemmed backs
 * @param one  a front and a back in one piece
 */
record Pieces(Way way, Cut two, Whole one) {

    /** What the back is, and how it closes. */
    public enum Way {
        HEMMED,
        ZIP,
        SEWN_SHUT;

        public String code() {
            return Phrase.code(this);
        }
    }

    /** A field and what stands in it. */
    public record Asked(String name, String label, String value, String refusal) {}

    static Pieces read(Entries entries, Map<String, String> typed, Unit unit) {
        Way way = entries.choice("back", Way.class, Way.HEMMED);
        Cut usual = typed.containsKey("blank") ? Cut.usual(unit).withBlankHalved() : Cut.usual(unit);
        Length frontAcross = entries.length("frontAcross", LengthRange.PIECE, usual.frontAcross());
        Length frontUpDown = entries.length("frontUpDown", LengthRange.PIECE, usual.frontUpDown());
        Length backAcross = entries.length("backAcross", LengthRange.PIECE, usual.backAcross());
        Length allowance = entries.length("allowance", LengthRange.ALLOWANCE, usual.allowance());
        return new Pieces(
                way,
                new Cut(
                        frontAcross,
                        frontUpDown,
                        backAcross,
                        entries.length("firstDepth", LengthRange.PIECE, usual.firstDepth()),
                        entries.length("secondDepth", LengthRange.PIECE, usual.secondDepth()),
                        allowance,
                        entries.length("firstHem", LengthRange.HEM, usual.firstHem()),
                        entries.length("secondHem", LengthRange.HEM, usual.secondHem())),
                new Whole(
                        frontAcross,
                        frontUpDown,
                        backAcross,
                        entries.length("backUpDown", LengthRange.PIECE, usual.frontUpDown()),
                        allowance,
                        way == Way.SEWN_SHUT ? OpeningKind.SEWN_SHUT : OpeningKind.EDGE_ZIP));
    }

    CoverFromPieces made(Mark mark, String name) {
        return way == Way.HEMMED ? CoverFromPieces.of(two, mark, name) : CoverFromPieces.of(one, mark, name);
    }

    List<Asked> fields(Entries entries, Words words) {
        Map<String, Length> standing = new LinkedHashMap<>();
        standing.put("frontAcross", two.frontAcross());
        standing.put("frontUpDown", two.frontUpDown());
        standing.put("backAcross", two.backAcross());
        if (way == Way.HEMMED) {
            standing.put("firstDepth", two.firstDepth());
            standing.put("firstHem", two.firstHem());
            standing.put("secondDepth", two.secondDepth());
            standing.put("secondHem", two.secondHem());
        } else {
            standing.put("backUpDown", one.backUpDown());
        }
        standing.put("allowance", two.allowance());
        return standing.entrySet().stream()
                .map(field -> new Asked(
                        field.getKey(),
                        words.say(label(field.getKey())),
                        entries.value(field.getKey(), field.getValue()),
                        entries.refusal(field.getKey()).orElse("")))
                .toList();
    }

    private String label(String field) {
        return field.equals("backAcross") && way != Way.HEMMED ? "have.wholeAcross" : "have." + field;
    }
}
