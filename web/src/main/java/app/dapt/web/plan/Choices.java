package app.dapt.web.plan;

import app.dapt.cover.ClothToBuy;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Finding;
import app.dapt.cover.Joining;
import app.dapt.cover.JoiningKind;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.front.Face;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.drawing.CoverDrawing;
import app.dapt.drawing.Sheet;
import app.dapt.files.SvgDrawing;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What each choice in a slip would come to in this very cover.
 *
 * @param plan  the cover as it stands
 * @param mark  on the reader's tape
 * @param words the reader's
 * @param laying how it is known what to buy
 */
record Choices(CoverPlan plan, Mark mark, Words words, ClothToBuy.Laying laying) {

    /** User units that the longer side of a choice's drawing takes. */
    private static final double UNITS = 58;

    /**
     * One choice.
     *
     * @param figure  what it comes to, in a few large words
     * @param says    what it is, and what it takes
     * @param warn    what would go wrong with it; nothing where nothing would
     * @param refused why it cannot be had at all; nothing where it can
     */
    public record Choice(
            String field,
            String code,
            String title,
            String drawing,
            String figure,
            List<String> says,
            Optional<String> warn,
            Optional<String> refused,
            boolean chosen) {}

    List<Choice> openings() {
        Reckoner.Glance reckonWithoutRemedies = Reckoner.glances(plan, mark);
        return Stream.of(OpeningKind.values())
                .map(kind -> {
                    Opening opening = kind == plan.opening().kind()
                            ? plan.opening()
                            : suited(plan, kind.insteadOf(plan.opening(), plan.unit()));
                    Reckoned there = reckonWithoutRemedies.at(plan.withOpening(opening));
                    String code = Phrase.code(kind);
                    return new Choice(
                            "opening",
                            code,
                            words.say("opening." + code),
                            drawn(CoverDrawing.backOutline(there), there, "k-" + code),
                            comesTo(there),
                            List.of(cloth(there)),
                            warning(there),
                            opening.unfitFor(plan.shape()).map(words::say),
                            kind == plan.opening().kind());
                })
                .toList();
    }

    /** The same opening the way it suits this shape, where only one way does. */
    static Opening suited(CoverPlan plan, Opening opening) {
        boolean turn = opening.unfitFor(plan.shape()).isPresent()
                && opening.turned().unfitFor(plan.shape()).isEmpty();
        return turn ? opening.turned() : opening;
    }

    private String comesTo(Reckoned there) {
        int pieces = there.pieces().stream().mapToInt(piece -> piece.quantity()).sum();
        String held = there.back()
                .zip()
                .map(zip -> words.say("slip.opening.zip", zip.buy()))
                .or(() -> there.back().overlap().map(overlap -> words.say("slip.opening.laps", overlap)))
                .orElseGet(() -> words.say("slip.opening.opens", there.back().length()));
        return words.say(pieces == 1 ? "slip.opening.piece" : "slip.opening.pieces", pieces, Phrase.of("said", held));
    }

    private String cloth(Reckoned there) {
        Optional<Length> all = ClothToBuy.of(there, laying).length();
        return all.map(length -> words.say("slip.opening.cloth", length))
                .orElseGet(() -> words.say("slip.opening.cloth-wide"));
    }

    private Optional<String> warning(Reckoned there) {
        return there.findings().stream()
                .filter(finding -> finding.weight() == Weight.WILL_NOT_WORK
                        && !finding.code().endsWith("-unfit"))
                .findFirst()
                .map(Finding::what)
                .map(words::say);
    }

    /** The choices of a detail that is worth drawing. */
    <E extends Enum<E>> List<Choice> of(Detail.OneOf<E> detail) {
        Reckoner.Glance reckonWithoutRemedies = Reckoner.glances(plan, mark);
        return detail.choices()
                .map(value -> {
                    Opening opening =
                            plan.opening().kind().with(plan.opening().decided().with(detail.with(value)));
                    Reckoned there = reckonWithoutRemedies.at(plan.withOpening(opening));
                    String code = Phrase.code(value);
                    String figure = there.back()
                            .overlap()
                            .map(overlap -> overlap.isPositive()
                                    ? words.say("slip.opening.rule.says", overlap)
                                    : words.say("slip.opening.rule.none"))
                            .orElse("");
                    Optional<String> warn = there.findings().stream()
                            .filter(finding -> finding.weight() != Weight.WORTH_KNOWING
                                    && Stream.of("overlap", "hems-eat-overlap", "blank-narrow")
                                            .anyMatch(finding.code()::equals))
                            .findFirst()
                            .map(Finding::what)
                            .map(words::say);
                    return new Choice(
                            detail.name(),
                            code,
                            words.say(Phrase.choice(detail.family(), value)),
                            drawn(CoverDrawing.backOutline(there), there, "r-" + code),
                            figure,
                            List.of(words.say("slip.opening.own.says", depth(there))),
                            warn,
                            Optional.empty(),
                            detail.value() == value);
                })
                .toList();
    }

    /** How deep the first back is cut. */
    private Length depth(Reckoned there) {
        return there.back()
                .pieces()
                .get(1)
                .cut(there.plan().opening().runs().other())
                .total();
    }

    List<Choice> shapes() {
        return Stream.of(ShapeKind.values())
                .map(kind -> {
                    Shape shape =
                            kind == plan.shape().kind() ? plan.shape() : kind.insteadOf(plan.shape(), plan.unit());
                    Reckoned there = Reckoner.reckonWithoutRemedies(plan.withShape(shape), mark);
                    String code = Phrase.code(kind);
                    return new Choice(
                            "shape",
                            code,
                            words.say("shape." + code),
                            drawn(CoverDrawing.outline(there), there, "h-" + code),
                            words.lengths().bare(there.finished(Axis.ACROSS)) + " × "
                                    + words.lengths().bare(there.finished(Axis.UP_DOWN)),
                            List.of(words.say("slip.shape." + code)),
                            warning(there),
                            Optional.empty(),
                            kind == plan.shape().kind());
                })
                .toList();
    }

    List<Choice> faces() {
        return Stream.of(FaceKind.values())
                .map(kind -> {
                    Face face = kind == plan.face().kind() ? plan.face() : kind.insteadOf(plan.face(), plan.unit());
                    Reckoned there = Reckoner.reckonWithoutRemedies(plan.withFace(face), mark);
                    String code = Phrase.code(kind);
                    Optional<String> refused = there.findings().stream()
                            .filter(finding -> finding.code().equals("front-unfit"))
                            .findFirst()
                            .map(finding -> words.say(finding.why()));
                    return new Choice(
                            "face",
                            code,
                            words.say("face." + code),
                            drawn(CoverDrawing.outline(there), there, "f-" + code),
                            words.lengths().bare(there.front().cutWidth()) + " × "
                                    + words.lengths().bare(there.front().cutHeight()),
                            List.of(words.say("slip.face." + code)),
                            Optional.empty(),
                            refused,
                            kind == plan.face().kind());
                })
                .toList();
    }

    List<Choice> edgings() {
        return Stream.of(EdgingKind.values())
                .map(kind -> {
                    Edging edging =
                            kind == plan.edging().kind() ? plan.edging() : kind.insteadOf(plan.edging(), plan.unit());
                    Reckoned there = Reckoner.reckonWithoutRemedies(plan.withEdging(edging), mark);
                    String code = Phrase.code(kind);
                    String figure = kind == EdgingKind.NONE
                            ? ""
                            : kind == EdgingKind.FLANGE
                                    ? words.lengths().bare(there.front().cutWidth()) + " × "
                                            + words.lengths().bare(there.front().cutHeight())
                                    : words.say(
                                            "slip.edge.round",
                                            there.edge().length().total());
                    Optional<String> refused = there.findings().stream()
                            .filter(finding -> finding.code().equals("flange-unfit"))
                            .findFirst()
                            .map(finding -> words.say(finding.why()));
                    return new Choice(
                            "edging",
                            code,
                            words.say("edging." + code),
                            drawn(CoverDrawing.outline(there), there, "e-" + code),
                            figure,
                            List.of(words.say("edging." + code + ".says"), cloth(there)),
                            warning(there),
                            refused,
                            kind == plan.edging().kind());
                })
                .toList();
    }

    List<Choice> joinings() {
        return Stream.of(JoiningKind.values())
                .map(kind -> {
                    Joining joining = kind == plan.joining().kind()
                            ? plan.joining()
                            : kind.insteadOf(plan.joining(), plan.unit());
                    Reckoned there = Reckoner.reckonWithoutRemedies(plan.withJoining(joining), mark);
                    String code = Phrase.code(kind);
                    int pieces = there.pieces().stream()
                            .mapToInt(piece -> piece.quantity())
                            .sum();
                    return new Choice(
                            "joining",
                            code,
                            words.say("joining." + code),
                            drawn(CoverDrawing.outline(there), there, "j-" + code),
                            words.say("slip.join.pieces", pieces),
                            List.of(cloth(there)),
                            warning(there),
                            Optional.empty(),
                            kind == plan.joining().kind());
                })
                .toList();
    }

    private String drawn(Sheet sheet, Reckoned there, String id) {
        double scale = SvgDrawing.fitting(there.finished(Axis.ACROSS), there.finished(Axis.UP_DOWN), UNITS);
        return new SvgDrawing(there.plan().cloths(), words, scale, id).write(sheet);
    }
}
