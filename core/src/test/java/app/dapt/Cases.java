package app.dapt;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece.Material;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.params.provider.Arguments;

/** Seeded random cases for properties; a failing case names its seed, and the seed makes it again. */
public final class Cases {

    /**
     * How many of a hundred cases are tried: all, but where wrong code is planted on purpose, when every mutant that
     * survives goes through every test that reaches it.
     */
    static final int PERCENT = Integer.getInteger("dapt.cases.percent", 100);

    private Cases() {}

    /** So many cases, each made from its own seed. */
    public static Stream<Arguments> of(int count, Function<Random, ?> make) {
        return LongStream.range(0, Math.max(1, count * PERCENT / 100))
                .mapToObj(seed -> Arguments.of(Named.of("seed " + seed, make.apply(new Random(seed * 7919 + 17)))));
    }

    /** With its back of another cloth than its front. */
    public static CoverPlan linenBack(CoverPlan plan) {
        Cloth linen = new Cloth(
                "plain linen", "#7d9c93", Print.PLAIN, plan.cloths().front().width(), false);
        return plan.withCloths(plan.cloths().with(Material.BACK, linen));
    }

    public static <T> T pick(Random random, T[] choices) {
        return choices[random.nextInt(choices.length)];
    }

    public static <T> T pick(Random random, List<T> choices) {
        return choices.get(random.nextInt(choices.size()));
    }

    /** A kind as is usual, with these details changed: a name, a value, a name, a value. */
    public static <T extends Detailed> T changed(Kind<T> kind, Unit unit, Object... changes) {
        return kind.with(changed(kind.usual(unit).decided(), changes));
    }

    /** These details with some of them changed in the same way. */
    public static Details changed(Details details, Object... changes) {
        Details changed = details;
        for (int i = 0; i < changes.length; i += 2) {
            changed = changed.with((String) changes[i], changes[i + 1]);
        }
        return changed;
    }
}
