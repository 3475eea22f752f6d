package app.dapt.cover.decision;

import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The answers to what is asked about a decision: by the question, as its kind asks for them, or by name, as files and
 * fields do. A name that is not among them, or an answer of another type, is a mistake in the program and refused with
 * an {@link IllegalArgumentException}.
 *
 * @param asked   the questions in the order in which they are put
 * @param answers by the questions' names
 */
public record Details(List<Question<?>> asked, Map<String, Object> answers) {

    public Details {
        asked = List.copyOf(asked);
        answers = Map.copyOf(answers);
    }

    /** Each as most people would have it. */
    public static Details usual(List<Question<?>> asked, Unit unit) {
        return new Details(
                asked, asked.stream().collect(Collectors.toMap(Question::name, question -> question.usual(unit))));
    }

    /** What is decided about several things together. */
    public static Details together(List<Details> parts) {
        Map<String, Object> answers = new HashMap<>();
        parts.forEach(part -> answers.putAll(part.answers));
        return new Details(
                parts.stream().<Question<?>>flatMap(part -> part.asked.stream()).toList(), answers);
    }

    /** The answers to these of the questions. */
    Details only(List<Question<?>> some) {
        if (some.equals(asked)) {
            return this;
        }
        return new Details(
                some, some.stream().collect(Collectors.toMap(Question::name, question -> answer(question.name()))));
    }

    /** The answers as they are shown and written, with what can be said of each. */
    public List<Detail<?>> all() {
        return asked.stream().<Detail<?>>map(question -> question.in(this)).toList();
    }

    @SuppressWarnings("unchecked") // an answer is only ever changed for one of its own type
    public <V> V get(Question<V> question) {
        return (V) answer(question.name());
    }

    private Object answer(String name) {
        Object answer = answers.get(name);
        if (answer == null) {
            throw new IllegalArgumentException("nothing is asked by the name of " + name);
        }
        return answer;
    }

    private <V> V answer(String name, Class<V> type) {
        Object answer = answer(name);
        if (!type.isInstance(answer)) {
            throw new IllegalArgumentException("no " + type.getSimpleName() + " " + name);
        }
        return type.cast(answer);
    }

    /** Whether anything is asked by this name. */
    public boolean has(String name) {
        return answers.containsKey(name);
    }

    public Length measure(String name) {
        return answer(name, Length.class);
    }

    public Optional<Length> maybe(String name) {
        return ((Optional<?>) answer(name, Optional.class)).map(Length.class::cast);
    }

    public <E extends Enum<E>> E oneOf(String name, Class<E> choices) {
        return answer(name, choices);
    }

    public int count(String name) {
        return answer(name, Integer.class);
    }

    public boolean tick(String name) {
        return answer(name, Boolean.class);
    }

    /** These with one question answered otherwise. */
    public <V> Details with(Question<V> question, V changed) {
        return with(question.name(), changed);
    }

    /**
     * These with one answer changed.
     *
     * @throws IllegalArgumentException where nothing is asked by this name, or answers to it are of another type
     */
    public Details with(String name, Object changed) {
        if (typeOf(answer(name)) != typeOf(changed)) {
            throw new IllegalArgumentException(changed + " is no answer to " + name);
        }
        Map<String, Object> others = new HashMap<>(answers);
        others.put(name, changed);
        return new Details(asked, others);
    }

    private static Class<?> typeOf(Object answer) {
        return answer instanceof Enum<?> choice ? choice.getDeclaringClass() : answer.getClass();
    }

    /** These with a length so much less, as far as its limits go. */
    public Details less(Question<Length> question, Length by) {
        Length less = get(question).minus(by);
        boolean allowed = question.in(this) instanceof Detail.Measure measure
                && measure.limits().allows(less);
        return allowed ? with(question, less) : this;
    }

    /**
     * These with what a detail of the same name and type comes to.
     *
     * @throws IllegalArgumentException where there is no such detail of that type
     */
    public Details with(Detail<?> changed) {
        return with(changed.name(), changed.value());
    }

    /** These, each put through a change. */
    public <X extends Exception> Details each(Change<X> change) throws X {
        Details changed = this;
        for (Detail<?> detail : all()) {
            changed = changed.with(change.of(detail));
        }
        return changed;
    }

    /** A change to a detail, which keeps its name and its type. */
    public interface Change<X extends Exception> {

        Detail<?> of(Detail<?> detail) throws X;
    }

    /** These with what another choice has by the same name and type taken over from it. */
    public Details carrying(Details other) {
        Details carried = this;
        for (Question<?> question : asked) {
            String name = question.name();
            if (other.has(name) && typeOf(other.answer(name)) == typeOf(answer(name))) {
                carried = carried.with(name, other.answer(name));
            }
        }
        return carried;
    }
}
