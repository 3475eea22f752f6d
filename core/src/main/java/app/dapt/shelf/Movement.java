package app.dapt.shelf;

import java.util.Collection;
import java.util.Optional;

/**
 * Something was put on the shelf or taken off it. What is there is the sum of all of them; none is ever changed, a
 * wrong one is undone by another.
 *
 * @param amount in what the thing is counted in; less than nought where it was taken off
 * @param undoes the movement that it undoes
 */
public record Movement(long id, Why why, long amount, Optional<Long> undoes) {

    /** What for. */
    public enum Why {
        BOUGHT(1),
        USED(-1),
        LEFT_OVER(1),
        /** It was counted anew. */
        CORRECTED(0),
        UNDONE(0);

        private final int sign;

        Why(int sign) {
            this.sign = sign;
        }

        /** Whether so much of it can be moved for that reason. */
        public boolean allows(long amount) {
            return sign == 0 ? amount != 0 : amount * sign > 0;
        }

        /** The amount as it is moved for that reason, of what was said without a sign. */
        public long signed(long amount) {
            return sign < 0 ? -amount : amount;
        }
    }

    /** @throws IllegalArgumentException where nothing is moved, or the wrong way for its reason */
    public Movement {
        if (!why.allows(amount)) {
            throw new IllegalArgumentException(why + " is not " + amount);
        }
        if (undoes.isPresent() != (why == Why.UNDONE)) {
            throw new IllegalArgumentException("what is undone says what it undoes");
        }
    }

    /** What is there after some movements. */
    public static long stock(Collection<Movement> movements) {
        return movements.stream().mapToLong(Movement::amount).sum();
    }

    /** Whether one of these can be undone: it is none that undoes another, nor undone itself, and enough is there. */
    public boolean canBeUndone(Collection<Movement> all) {
        return why != Why.UNDONE
                && all.stream().noneMatch(other -> other.undoes().equals(Optional.of(id)))
                && stock(all) - amount >= 0;
    }
}
