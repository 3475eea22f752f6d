package app.dapt.cover.decision;

import app.dapt.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Details asked for, and changed, by name. A name that is not among them, or is of another type, is a mistake in the
 * program and refused with an {@link IllegalArgumentException}.
 */
public record Details(List<Detail<?>> all) {

    public Details {
        all = List.copyOf(all);
    }

    private <D extends Detail<?>> D find(String name, Class<D> type) {
        return all.stream()
                .filter(detail -> detail.name().equals(name) && type.isInstance(detail))
                .map(type::cast)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no " + type.getSimpleName() + " " + name));
    }

    private Detail.OneOf<?> choice(String name) {
        return all.stream()
                .filter(detail -> detail.name().equals(name) && detail instanceof Detail.OneOf)
                .map(detail -> (Detail.OneOf<?>) detail)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no choice " + name));
    }

    /** Whether there is a detail of this name. */
    public boolean has(String name) {
        return all.stream().anyMatch(detail -> detail.name().equals(name));
    }

    public Length measure(String name) {
        return find(name, Detail.Measure.class).value();
    }

    public Optional<Length> maybe(String name) {
        return find(name, Detail.MaybeMeasure.class).value();
    }

    public <E extends Enum<E>> E oneOf(String name, Class<E> choices) {
        return choices.cast(choice(name).value());
    }

    public int count(String name) {
        return find(name, Detail.Count.class).value();
    }

    public boolean tick(String name) {
        return find(name, Detail.Tick.class).value();
    }

    /** These details with a length changed. */
    public Details with(String name, Length value) {
        return with(find(name, Detail.Measure.class).with(value));
    }

    /** These details with a length so much less, as far as its limits go. */
    public Details less(String name, Length by) {
        Detail.Measure measure = find(name, Detail.Measure.class);
        Length less = measure.value().minus(by);
        return measure.limits().allows(less) ? with(measure.with(less)) : this;
    }

    /**
     * These details with a length that may be left to the usual changed.
     *
     * @throws IllegalArgumentException where there is no such detail, or the value is no choice of it
     */
    public Details with(String name, Optional<Length> value) {
        return with(find(name, Detail.MaybeMeasure.class).with(value));
    }

    /** These details with another choice made. */
    public <E extends Enum<E>> Details with(String name, E choice) {
        Detail.OneOf<?> was = choice(name);
        if (was.type() != choice.getDeclaringClass()) {
            throw new IllegalArgumentException(choice + " is no choice of " + name);
        }
        return with(was.takenFrom(Detail.oneOf(name, choice, was.family())));
    }

    /** These details with a number changed. */
    public Details with(String name, int value) {
        return with(find(name, Detail.Count.class).with(value));
    }

    /** These details with a yes or no changed. */
    public Details with(String name, boolean value) {
        return with(find(name, Detail.Tick.class).with(value));
    }

    /**
     * These details with one of them replaced by this one of the same name and type.
     *
     * @throws IllegalArgumentException where there is no such detail of that type
     */
    public Details with(Detail<?> changed) {
        if (all.stream()
                .noneMatch(detail -> detail.name().equals(changed.name()) && detail.getClass() == changed.getClass())) {
            throw new IllegalArgumentException("no " + changed.getClass().getSimpleName() + " " + changed.name());
        }
        return new Details(all.stream()
                .<Detail<?>>map(detail -> detail.name().equals(changed.name()) ? changed : detail)
                .toList());
    }

    /** These details, each put through a change. */
    public <X extends Exception> Details each(Change<X> change) throws X {
        Details changed = this;
        for (Detail<?> detail : all) {
            changed = changed.with(change.of(detail));
        }
        return changed;
    }

    /** A change to a detail, which keeps its name and its type. */
    public interface Change<X extends Exception> {

        Detail<?> of(Detail<?> detail) throws X;
    }

    /** These details with what another choice has by the same name and type taken over from it. */
    public Details carrying(Details other) {
        Function<Detail<?>, Detail<?>> taken = own -> other.all.stream()
                .filter(each -> each.name().equals(own.name()))
                .findFirst()
                .<Detail<?>>map(own::takenFrom)
                .orElse(own);
        return new Details(all.stream().<Detail<?>>map(taken).toList());
    }
}
