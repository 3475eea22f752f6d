package app.dapt.web.plan;

import app.dapt.cover.Reckoned;
import app.dapt.cover.drawing.Offsets;
import app.dapt.cover.drawing.Template;
import app.dapt.cover.parts.Figure;
import app.dapt.cover.shape.Rectangular;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import app.dapt.piece.PieceRole;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.words.OffsetWords;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What stands in the list to carry to the scissors and to the shop, beside the sizes themselves.
 *
 * @param w     the reader's words
 * @param needs what was reckoned before
 */
public record CutList(Reckoned reckoned, Words w, ClothNeeds needs) {

    /** What is done with the edges that are not sewn into the seam: {@code hem below}. */
    public String edges(Piece piece) {
        return String.join(
                ", ",
                piece.openSides().stream()
                        .filter(side -> piece.edge(side).fate() != Edge.Fate.FOLD)
                        .map(side ->
                                w.say("edge." + Phrase.code(piece.edge(side).fate()), Phrase.choice("side", side)))
                        .toList());
    }

    /**
     * What strips are cut out of a piece: {@code 5 bias strips, 1⅞ in wide}; of one sewn to a tube how wide only.
     * Nothing where what goes round the edge has no such figures of its own.
     */
    public Optional<String> strips(Piece piece) {
        boolean isTube = piece.role() == PieceRole.Whole.BIAS_TUBE;
        if (!isTube && piece.role() != PieceRole.Whole.BIAS_BLOCK) {
            return Optional.empty();
        }
        return figure("strip").flatMap(wide -> figure("strips")
                .map(count -> w.say(isTube ? "list.tube" : "list.strips", wide, count)));
    }

    /** A figure of what goes round the edge: a length, or a number. */
    private Optional<Object> figure(String name) {
        return reckoned.edgingFigures().stream()
                .filter(figure -> figure.name().equals(name))
                .map(Figure::value)
                .<Object>map(value -> value instanceof Sum sum ? sum.total() : value)
                .findFirst();
    }

    /** What to mark on a piece, each with its distances as one measures them at the table. */
    public List<String> marks(Piece piece) {
        // What is marked on a joined panel is marked once it is joined, and told with its first drop.
        return reckoned.back().pieces().stream()
                .filter(panel -> piece.role().equals(new PieceRole.Drop(panel.id(), 1)))
                .findFirst()
                .map(panel -> marksOn(panel).stream()
                        .map(mark -> w.say("marking.joined", Phrase.of("said", mark)))
                        .toList())
                .orElseGet(() -> marksOn(piece));
    }

    private List<String> marksOn(Piece piece) {
        return piece.marks().stream()
                .map(Marking::sort)
                .distinct()
                .map(sort -> w.say(Phrase.choice("marking", sort)) + ": "
                        + piece.marks().stream()
                                .filter(mark -> mark.sort() == sort)
                                .map(mark -> where(mark, piece))
                                .collect(Collectors.joining("; ")))
                .toList();
    }

    private String where(Marking mark, Piece piece) {
        Optional<String> across = mark.across(piece).map(this::measured);
        Optional<String> upDown = mark.upDown(piece).map(this::measured);
        return across.isPresent() && upDown.isPresent()
                ? w.say("marking.both", across.get(), upDown.get())
                : across.or(() -> upDown).orElse("");
    }

    private String measured(Marking.Measure measure) {
        return w.say(
                "marking." + (measure.distance().isZero() ? "at." : "from.") + Phrase.code(measure.from()),
                measure.distance());
    }

    /** What the cover takes that is no cloth, one line each. */
    public List<String> alsoNeeded() {
        return needed().stream().map(Needed::words).toList();
    }

    /** A line of what the cover takes that is no cloth, and how its length came about where it has one. */
    public record Needed(String words, Optional<Sum> sum) {}

    public List<Needed> needed() {
        List<Needed> lines = new ArrayList<>();
        reckoned.outline()
                .filter(outline -> reckoned.plan().shape().isRectangular())
                .map(Rectangular::taperOf)
                .ifPresent(taper ->
                        lines.add(new Needed(w.say("also.taper", taper.inset(), taper.reach()), Optional.empty())));
        needs.notions(reckoned)
                .forEach(need -> lines.add(new Needed(w.say("also.need", need.what(), need.amount()), need.sum())));
        reckoned.pieces().stream()
                .filter(piece -> piece.role() == PieceRole.Whole.STRIP)
                .forEach(piece -> lines.add(new Needed(
                        w.say("also.strip", piece.name(), piece.cutWidth().times(piece.quantity()), piece.cutHeight()),
                        Optional.empty())));
        return lines;
    }

    /** The lines that are cut along a curve in figures, one line each. */
    public List<String> offsets() {
        return offsetTables().stream()
                .map(offsets -> OffsetWords.line(offsets, w))
                .toList();
    }

    public List<Offsets> offsetTables() {
        return Template.of(reckoned).stream()
                .map(template -> Offsets.of(template, w.mark().unit()))
                .toList();
    }

    public String offset(Offsets.Row row) {
        return OffsetWords.row(row, w);
    }

    /** How closely the cut card has to be set to stay on one page. */
    public String crowd() {
        int lines = reckoned.pieces().size() * 3
                + reckoned.findings().size() * 2
                + (reckoned.needs().size() + 1) / 2
                + offsetTables().stream()
                                .mapToInt(offsets -> offsets.rows().size())
                                .sum()
                        / 4;
        return lines > 19 ? "crowded" : lines > 10 ? "close" : "";
    }
}
