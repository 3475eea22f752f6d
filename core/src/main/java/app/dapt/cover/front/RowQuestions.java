package app.dapt.cover.front;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.front.Row.Edges;
import app.dapt.cover.front.Row.Gathered;
import app.dapt.cover.front.Row.Of;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;

/** What is asked about one of several rows. */
final class RowQuestions {

    private static final Length LOWEST = Length.inches(4);
    private static final Length LOWEST_METRIC = Length.cm(10);
    private static final Length APART = Length.inches(3);
    private static final Length APART_METRIC = Length.cm(8);

    private final int number;
    private final Question<Of> of;
    private final Question<Axis> way;
    private final Question<Length> at;
    private final Question<Length> deep;
    private final Question<Gathered> gathered;
    private final Question<Edges> edges;

    /**
     * About one row.
     *
     * @param number counted from one
     * @param rows   how many there are
     */
    RowQuestions(int number, Question<Integer> rows) {
        this.number = number;
        Predicate<Details> there = all -> all.get(rows) >= number;
        of = asked("Of", name -> Question.oneOf(name, Of.RUFFLE, "rows-of")).where(there);
        way = asked("Way", name -> Question.oneOf(name, Axis.ACROSS, "row-way")).where(there);
        Length metric = LOWEST_METRIC.plus(APART_METRIC.times(number - 1L));
        Length imperial = LOWEST.plus(APART.times(number - 1L));
        at = asked("At", name -> Question.length(name, LengthRange.CENTRE, metric, imperial))
                .where(there);
        Question<Of> kind = of;
        Predicate<Details> ruffle = there.and(all -> all.get(kind) == Of.RUFFLE);
        deep = asked("Deep", name -> Question.length(name, LengthRange.HANGS, Length.cm(5), Length.inches(2)))
                .where(ruffle);
        gathered = asked("Gathered", name -> Question.oneOf(name, Gathered.EDGE, "row-gathered"))
                .where(ruffle);
        edges = asked("Edges", name -> Question.oneOf(name, Edges.HEMMED, "row-edges"))
                .where(ruffle);
    }

    private <V> Question<V> asked(String what, Function<String, Question<V>> asking) {
        return asking.apply("row" + number + what).called(Phrase.of("detail.row" + what, number));
    }

    /** How far it is sewn on above the finished lower edge, or from the finished left one. */
    Question<Length> at() {
        return at;
    }

    List<Question<?>> all() {
        return List.of(of, way, at, deep, gathered, edges);
    }

    /** The row as it was decided. */
    Row of(Details details) {
        return new Row(
                details.get(of),
                details.get(way),
                details.get(at),
                details.get(deep),
                details.get(gathered),
                details.get(edges));
    }
}
