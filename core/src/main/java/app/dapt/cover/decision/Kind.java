package app.dapt.cover.decision;

import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.util.List;
import java.util.function.Function;

/**
 * One of the kinds a decision can be of: an envelope is a kind of opening. {@link Kinds} has them all.
 *
 * @param <T> the decision
 */
public final class Kind<T extends Detailed> {

    private final Class<T> decision;
    private final String code;
    private final List<Question<?>> asked;
    private final Function<Details, ? extends T> from;
    private final boolean mayLeaveOut;

    /**
     * A kind.
     *
     * @param decision what it is a kind of
     * @param code     stable and in small letters, {@code edge-zip}: files, fields and words go by it
     * @param asked    what is asked about one
     * @param from     makes one from the answers to that
     */
    public Kind(Class<T> decision, String code, List<Question<?>> asked, Function<Details, ? extends T> from) {
        this(decision, code, asked, from, false);
    }

    private Kind(
            Class<T> decision,
            String code,
            List<Question<?>> asked,
            Function<Details, ? extends T> from,
            boolean mayLeaveOut) {
        this.decision = decision;
        this.code = code;
        this.asked = List.copyOf(asked);
        this.from = from;
        this.mayLeaveOut = mayLeaveOut;
    }

    /** The same, of which a file may leave out what is as usual: what it is made of grows with the years. */
    public Kind<T> leavingOutTheUsual() {
        return new Kind<>(decision, code, asked, from, true);
    }

    /** Whether a file may leave out details that are as usual. */
    public boolean mayLeaveOut() {
        return mayLeaveOut;
    }

    Class<T> decision() {
        return decision;
    }

    public String code() {
        return code;
    }

    /** What a family of words says of it: {@code phrase("brief.face")} for {@code brief.face.pieced}. */
    public Phrase phrase(String family) {
        return Phrase.of(family + "." + code);
    }

    /** As most people would have it. */
    public T usual(Unit unit) {
        return from.apply(Details.usual(asked, unit));
    }

    /**
     * With these answers; there may be others among them.
     *
     * @throws IllegalArgumentException where a question of this kind is not answered
     */
    public T with(Details details) {
        return from.apply(details.only(asked));
    }

    /** What is asked about one. */
    public List<Question<?>> asked() {
        return asked;
    }

    /** This kind with whatever it has in common with another choice taken over. */
    public T insteadOf(Detailed other, Unit unit) {
        return with(usual(unit).decided().carrying(other.decided()));
    }

    @Override
    public String toString() {
        return code;
    }
}
