package app.dapt.cover.decision;

import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * Something that is asked about a decision, said once: the name it goes by, its words, how far an answer may go, what
 * is usual, and when it has a say. A kind lists its questions; {@link Details} are the answers to them, from which
 * slips, files and the kind itself read.
 *
 * @param <V> what an answer is
 */
public final class Question<V> {

    /** An answer as a slip and a file take it. */
    private interface Shown<V> {

        Detail<V> of(Phrase label, V answer, boolean applies, Details all);
    }

    private final String name;
    private final Function<Unit, V> usual;
    private final Shown<V> shown;
    private final Function<Details, Phrase> label;
    private final Predicate<Details> applies;

    private Question(
            String name,
            Function<Unit, V> usual,
            Shown<V> shown,
            Function<Details, Phrase> label,
            Predicate<Details> applies) {
        this.name = name;
        this.usual = usual;
        this.shown = shown;
        this.label = label;
        this.applies = applies;
    }

    /** One that always has a say and is called {@code detail.NAME} in the words. */
    private static <V> Question<V> plain(String name, Function<Unit, V> usual, Shown<V> shown) {
        Phrase label = Phrase.of("detail." + name);
        return new Question<>(name, usual, shown, all -> label, all -> true);
    }

    /** How long something is, as is usual in whoever's unit. */
    public static Question<Length> length(String name, LengthRange limits, Function<Unit, Length> usual) {
        return plain(
                name, usual, (label, answer, applies, all) -> new Detail.Measure(name, label, limits, answer, applies));
    }

    /** How long something is, as is usual in centimetres and in inches. */
    public static Question<Length> length(String name, LengthRange limits, Length metric, Length imperial) {
        return length(name, limits, unit -> unit.pick(metric, imperial));
    }

    /** A length that may be left to the usual, and is until somebody says otherwise. */
    public static Question<Optional<Length>> maybe(String name, LengthRange limits) {
        Phrase hint = Phrase.of("detail." + name + ".hint");
        return plain(
                name,
                unit -> Optional.empty(),
                (label, answer, applies, all) -> new Detail.MaybeMeasure(name, label, limits, answer, hint, applies));
    }

    /**
     * One of a few.
     *
     * @param family where the words for each stand, {@code family.choice}
     */
    public static <E extends Enum<E>> Question<E> oneOf(String name, E usual, String family) {
        return oneOf(name, usual, all -> family);
    }

    /** One of a few, whose words go by the other answers. */
    public static <E extends Enum<E>> Question<E> oneOf(String name, E usual, Function<Details, String> family) {
        return choice(name, usual, family, false);
    }

    /** One of a few, each worth a drawing of what it would come to. */
    public static <E extends Enum<E>> Question<E> drawn(String name, E usual, String family) {
        return choice(name, usual, all -> family, true);
    }

    private static <E extends Enum<E>> Question<E> choice(
            String name, E usual, Function<Details, String> family, boolean drawn) {
        return plain(
                name,
                unit -> usual,
                (label, answer, applies, all) ->
                        new Detail.OneOf<>(name, label, answer, family.apply(all), drawn, applies));
    }

    /** How many there are. */
    public static Question<Integer> count(String name, int least, int most, int usual) {
        return plain(
                name,
                unit -> usual,
                (label, answer, applies, all) -> new Detail.Count(name, label, least, most, answer, applies));
    }

    /** Yes or no, and no until somebody says otherwise. */
    public static Question<Boolean> tick(String name) {
        return plain(
                name, unit -> false, (label, answer, applies, all) -> new Detail.Tick(name, label, answer, applies));
    }

    /** This one called otherwise. */
    public Question<V> called(Phrase changed) {
        return called(all -> changed);
    }

    /** This one called by what else is answered. */
    public Question<V> called(Function<Details, Phrase> changed) {
        return new Question<>(name, usual, shown, changed, applies);
    }

    /** This one with a say only where other answers leave it one; its answer is kept meanwhile. */
    public Question<V> where(Predicate<Details> changed) {
        return new Question<>(name, usual, shown, label, changed);
    }

    /** This one with a say only where another is answered like this. */
    public <O> Question<V> where(Question<O> other, O answer) {
        return where(all -> all.get(other).equals(answer));
    }

    /** This one with a say only where another is answered with yes. */
    public Question<V> where(Question<Boolean> other) {
        return where(other, true);
    }

    /** Several groups of questions, one after another. */
    @SafeVarargs
    public static List<Question<?>> all(List<Question<?>>... groups) {
        List<Question<?>> all = new ArrayList<>();
        for (List<Question<?>> group : groups) {
            all.addAll(group);
        }
        return all;
    }

    /** Stable: fields and files go by it. */
    public String name() {
        return name;
    }

    V usual(Unit unit) {
        return usual.apply(unit);
    }

    /** As these answers have it. */
    Detail<V> in(Details all) {
        return shown.of(label.apply(all), all.get(this), applies.test(all), all);
    }

    @Override
    public String toString() {
        return name;
    }
}
