package app.dapt.cover.decision;

import java.util.List;
import java.util.Optional;
import java.util.ServiceLoader;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * All kinds a decision can be of: Dapt's own in the order in which they are offered, then those that anybody else
 * {@linkplain More provides}.
 *
 * @param <T> the decision
 */
public final class Kinds<T extends Detailed> {

    /** Kinds from elsewhere on the class path, found as a service. */
    public interface More {

        /** Kinds of any decisions. */
        List<Kind<?>> kinds();
    }

    private final List<Kind<T>> all;

    private Kinds(List<Kind<T>> all) {
        this.all = List.copyOf(all);
    }

    /**
     * The kinds of a decision.
     *
     * @throws IllegalStateException if two have the same code
     */
    public static <T extends Detailed> Kinds<T> of(Class<T> decision, List<Kind<T>> own) {
        Stream<Kind<T>> more = ServiceLoader.load(More.class).stream()
                .flatMap(provider -> provider.get().kinds().stream())
                .flatMap(kind -> of(kind, decision).stream());
        List<Kind<T>> all = Stream.concat(own.stream(), more).toList();
        if (all.stream().map(Kind::code).distinct().count() < all.size()) {
            throw new IllegalStateException("two kinds of " + decision.getSimpleName() + " have one code: " + all);
        }
        return new Kinds<>(all);
    }

    @SuppressWarnings("unchecked") // a kind of this decision makes nothing else
    private static <T extends Detailed> Optional<Kind<T>> of(Kind<?> kind, Class<T> decision) {
        return kind.decision() == decision ? Optional.of((Kind<T>) kind) : Optional.empty();
    }

    public List<Kind<T>> all() {
        return all;
    }

    public Stream<Kind<T>> stream() {
        return all.stream();
    }

    /** The kind that files and fields call so. */
    public Optional<Kind<T>> coded(String code) {
        return all.stream().filter(kind -> kind.code().equals(code)).findFirst();
    }

    /** Their codes, as a list to read. */
    public String codes() {
        return all.stream().map(Kind::code).collect(Collectors.joining(", "));
    }
}
