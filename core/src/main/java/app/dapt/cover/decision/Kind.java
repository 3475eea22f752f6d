package app.dapt.cover.decision;

import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.util.function.Function;

/**
 * One of the kinds a decision can be of: an envelope is a kind of opening. {@link Kinds} has them all.
 *
 * @param <T> the decision
 */
public final class Kind<T extends Detailed> {

    private final Class<T> decision;
    private final String code;
    private final Function<Unit, ? extends T> usual;
    private final Function<Details, ? extends T> from;
    private final boolean mayLeaveOut;

    /**
     * A kind.
     *
     * @param decision what it is a kind of
     * @param code     stable and in small letters, {@code edge-zip}: files, fields and words go by it
     * @param usual    makes one as most people would have it
     * @param from     makes one with the details of such a one
     */
    public Kind(
            Class<T> decision, String code, Function<Unit, ? extends T> usual, Function<Details, ? extends T> from) {
        this(decision, code, usual, from, false);
    }

    private Kind(
            Class<T> decision,
            String code,
            Function<Unit, ? extends T> usual,
            Function<Details, ? extends T> from,
            boolean mayLeaveOut) {
        this.decision = decision;
        this.code = code;
        this.usual = usual;
        this.from = from;
        this.mayLeaveOut = mayLeaveOut;
    }

    /** The same, of which a file may leave out what is as usual: what it is made of grows with the years. */
    public Kind<T> leavingOutTheUsual() {
        return new Kind<>(decision, code, usual, from, true);
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
        return usual.apply(unit);
    }

    /**
     * With these details.
     *
     * @throws IllegalArgumentException if they are not those of this kind
     */
    public T with(Details details) {
        return from.apply(details);
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
