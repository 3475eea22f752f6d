package app.dapt.web.tryon;

import app.dapt.cover.Reckoned;
import app.dapt.cover.decision.LengthRange;
import app.dapt.learning.Verdict;
import app.dapt.learning.Verdict.Corners;
import app.dapt.learning.Verdict.Edges;
import app.dapt.learning.Verdict.Middle;
import app.dapt.learning.Verdict.Opening;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.web.entry.Entries;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The questions after a cover is tried on, and their answers as they are sent. */
public final class TryOnEntry {

    /** One question and the codes of its answers. */
    public record Question(String code, List<String> answers) {

        static Question of(String code, Enum<?>[] answers) {
            return new Question(code, Stream.of(answers).map(Phrase::code).toList());
        }
    }

    static final String GAPE = "gape";
    static final String NARROWER = "narrower";

    private TryOnEntry() {}

    /** The questions that a cover gives an answer to: a round one has no corners, a zip does not gape. */
    public static List<Question> questions(Reckoned cover) {
        List<Question> questions = new ArrayList<>();
        if (cover.plan().shape().cornersTurned() > 0) {
            questions.add(Question.of("corners", Corners.values()));
        }
        questions.add(Question.of("middle", Middle.values()));
        questions.add(Question.of("edges", Edges.values()));
        if (cover.back().lap().isPresent() || cover.back().ends().isTucked()) {
            questions.add(Question.of("opening", Opening.values()));
        }
        return questions;
    }

    /** The answers, once all questions have one, or a number was given instead. */
    public static Optional<Verdict> read(Reckoned cover, Map<String, String> typed, Entries entries) {
        Optional<Length> narrower = entries.maybeLength(NARROWER, LengthRange.ALTERED, Optional.empty());
        Opening opening = entries.choice("opening", Opening.class, Opening.CLOSED);
        Optional<Length> gape = opening == Opening.GAPES
                ? entries.maybeLength(GAPE, LengthRange.GAPE, Optional.empty())
                : Optional.empty();
        boolean all = narrower.isPresent()
                || questions(cover).stream()
                        .allMatch(question -> question.answers().contains(typed.getOrDefault(question.code(), "")));
        return all && entries.isClean()
                ? Optional.of(new Verdict(
                        entries.choice("corners", Corners.class, Corners.FILLED),
                        entries.choice("middle", Middle.class, Middle.FIRM),
                        entries.choice("edges", Edges.class, Edges.SMOOTH),
                        opening,
                        gape,
                        narrower))
                : Optional.empty();
    }

    /** Answers as they would be sent. */
    public static Map<String, String> answered(Verdict verdict) {
        return Map.of(
                "corners", Phrase.code(verdict.corners()),
                "middle", Phrase.code(verdict.middle()),
                "edges", Phrase.code(verdict.edges()),
                "opening", Phrase.code(verdict.opening()));
    }
}
