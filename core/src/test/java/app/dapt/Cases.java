package app.dapt;

import java.util.Random;
import java.util.function.Function;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.params.provider.Arguments;

/** Seeded random cases for properties; a failing case names its seed, and the seed makes it again. */
public final class Cases {

    private Cases() {
    }

    /** So many cases, each made from its own seed. */
    public static Stream<Arguments> of(int count, Function<Random, ?> make) {
        return LongStream.range(0, count).mapToObj(seed ->
                Arguments.of(Named.of("seed " + seed, make.apply(new Random(seed * 7919 + 17)))));
    }

    public static <T> T pick(Random random, T[] choices) {
        return choices[random.nextInt(choices.length)];
    }
}
