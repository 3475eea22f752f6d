package app.dapt.cover.opening;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.util.List;
import java.util.function.Function;

/** What is asked about the hem of one free edge. */
final class HemQuestions {

    private final Question<Hem.Kind> kind;
    private final Question<Length> first;
    private final Question<Length> second;

    /**
     * About a hem.
     *
     * @param which what its questions' names begin with
     * @param usual the hem most people would make
     * @param turn  and its turn
     * @param edge  what the edge is called
     */
    HemQuestions(String which, Hem.Kind usual, Function<Unit, Length> turn, Function<Details, Phrase> edge) {
        kind = Question.oneOf(which + "Hem", usual, "hem").called(all -> Phrase.of("detail.hem", edge.apply(all)));
        first = Question.length(which + "TurnOne", LengthRange.TURN, turn)
                .called(all -> Phrase.of("detail.turn-one", edge.apply(all)))
                .where(kind, Hem.Kind.OWN);
        second = Question.length(which + "TurnTwo", LengthRange.TURN, turn)
                .called(all -> Phrase.of(called(all.get(kind)), edge.apply(all)))
                .where(all -> isAsked(all.get(kind)));
    }

    /** About the ordinary hem of a panel that lies over another. */
    static HemQuestions ofPanel(String which, Function<Details, Phrase> edge) {
        Hem.Kind ordinary = Hem.Kind.ORDINARY;
        return new HemQuestions(which, ordinary, unit -> ordinary.usual(unit).second(), edge);
    }

    private static boolean isAsked(Hem.Kind kind) {
        return kind == Hem.Kind.OWN || kind == Hem.Kind.SINGLE || kind == Hem.Kind.THERE;
    }

    private static String called(Hem.Kind kind) {
        return switch (kind) {
            case OWN -> "detail.turn-two";
            case THERE -> "detail.hem-there";
            default -> "detail.turn";
        };
    }

    List<Question<?>> all() {
        return List.of(kind, first, second);
    }

    /** The hem as it was decided. */
    Hem of(Details details) {
        return new Hem(details.get(kind), details.get(first), details.get(second));
    }

    /** The same details with another hem. */
    Details with(Details details, Hem hem) {
        return details.with(kind, hem.kind()).with(first, hem.first()).with(second, hem.second());
    }
}
