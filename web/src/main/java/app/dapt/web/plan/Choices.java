package app.dapt.web.plan;

import app.dapt.cover.ClothToBuy;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Finding;
import app.dapt.cover.JoiningKind;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.drawing.Sheet;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece;
import app.dapt.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
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

    /** How the choices between kinds of one decision are put: what is drawn of each, and what is said of it. */
    private record Manner<T extends Detailed>(
            String field,
            Function<T, CoverPlan> chosen,
            Function<Reckoned, Sheet> drawn,
            Function<Reckoned, String> figure,
            BiFunction<Kind<T>, Reckoned, List<String>> says) {}

    /** A choice for each kind, as it would be in this cover with all that it has in common with what stands. */
    private <T extends Detailed> List<Choice> among(
            Kinds<T> kinds, T standing, UnaryOperator<T> suited, Manner<T> manner) {
        Reckoner.Glance reckonWithoutRemedies = Reckoner.glances(plan, mark);
        Set<String> unfitAlready = unfit(reckonWithoutRemedies.at(plan)).collect(Collectors.toSet());
        return kinds.stream()
                .map(kind -> {
                    boolean stands = kind == standing.kind();
                    T choice = stands ? standing : suited.apply(kind.insteadOf(standing, plan.unit()));
                    Reckoned there = reckonWithoutRemedies.at(manner.chosen().apply(choice));
                    return new Choice(
                            manner.field(),
                            kind.code(),
                            words.say(kind.phrase(manner.field())),
                            drawn(manner.drawn().apply(there), there, manner.field() + "-" + kind.code()),
                            manner.figure().apply(there),
                            manner.says().apply(kind, there),
                            warning(there),
                            there.findings().stream()
                                    .filter(finding ->
                                            finding.unfit() && (stands || !unfitAlready.contains(finding.code())))
                                    .findFirst()
                                    .map(finding -> words.say(finding.why())),
                            stands);
                })
                .toList();
    }

    private static Stream<String> unfit(Reckoned reckoned) {
        return reckoned.findings().stream().filter(Finding::unfit).map(Finding::code);
    }

    List<Choice> openings() {
        return among(
                OpeningKind.ALL,
                plan.opening(),
                opening -> opening.suitedTo(plan.shape()),
                new Manner<>(
                        "opening",
                        plan::withOpening,
                        CoverDrawing::backOutline,
                        this::comesTo,
                        (kind, there) -> List.of(cloth(there))));
    }

    List<Choice> shapes() {
        return among(
                ShapeKind.ALL,
                plan.shape(),
                UnaryOperator.identity(),
                new Manner<>(
                        "shape",
                        shape ->
                                plan.withShape(shape).withOpening(plan.opening().suitedTo(shape)),
                        CoverDrawing::outline,
                        there -> finished(there),
                        (kind, there) -> List.of(words.say(kind.phrase("slip.shape")))));
    }

    List<Choice> faces() {
        return among(
                FaceKind.ALL,
                plan.face(),
                UnaryOperator.identity(),
                new Manner<>(
                        "face",
                        plan::withFace,
                        CoverDrawing::outline,
                        this::frontAsCut,
                        (kind, there) -> List.of(words.say(kind.phrase("slip.face")))));
    }

    List<Choice> edgings() {
        return among(
                EdgingKind.ALL,
                plan.edging(),
                UnaryOperator.identity(),
                new Manner<>(
                        "edging",
                        plan::withEdging,
                        CoverDrawing::outline,
                        this::goesRound,
                        (kind, there) -> List.of(words.say("edging." + kind.code() + ".says"), cloth(there))));
    }

    List<Choice> joinings() {
        return among(
                JoiningKind.ALL,
                plan.joining(),
                UnaryOperator.identity(),
                new Manner<>(
                        "joining",
                        plan::withJoining,
                        CoverDrawing::outline,
                        there -> words.say("slip.join.pieces", pieces(there)),
                        (kind, there) -> List.of(cloth(there))));
    }

    private String finished(Reckoned there) {
        return words.lengths().size(there.finished(Axis.ACROSS), there.finished(Axis.UP_DOWN));
    }

    private String frontAsCut(Reckoned there) {
        return words.lengths().size(there.front().cutWidth(), there.front().cutHeight());
    }

    /** How far an edging goes round; of one that makes the cover wider, how large the front is cut. */
    private String goesRound(Reckoned there) {
        Edging edging = there.plan().edging();
        if (edging.flange().isPositive()) {
            return frontAsCut(there);
        }
        return edging.standsOut(there.plan().unit()).isPositive()
                ? words.say("slip.edge.round", there.edge().length().total())
                : "";
    }

    private static int pieces(Reckoned there) {
        return there.pieces().stream().mapToInt(Piece::quantity).sum();
    }

    private String comesTo(Reckoned there) {
        int pieces = pieces(there);
        String held = there.back()
                .zip()
                .map(zip -> words.say("slip.opening.zip", zip.buy()))
                .or(() -> there.back().overlap().map(overlap -> words.say("slip.opening.laps", overlap)))
                .orElseGet(() -> words.say("slip.opening.opens", there.back().length()));
        return words.say("slip.opening.pieces", pieces, Phrase.of("said", held));
    }

    private String cloth(Reckoned there) {
        Optional<Length> all = ClothToBuy.of(there, laying).length();
        return all.map(length -> words.say("slip.opening.cloth", length))
                .orElseGet(() -> words.say("slip.opening.cloth-wide"));
    }

    private Optional<String> warning(Reckoned there) {
        return there.findings().stream()
                .filter(finding -> finding.weight() == Weight.WILL_NOT_WORK && !finding.unfit())
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

    private String drawn(Sheet sheet, Reckoned there, String id) {
        Pen pen = Pen.fitting(there.finished(Axis.ACROSS), there.finished(Axis.UP_DOWN), UNITS);
        return new SvgDrawing(there.plan().cloths(), words, pen, id).write(sheet);
    }
}
