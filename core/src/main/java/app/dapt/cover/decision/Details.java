package app.dapt.cover.decision;

import app.dapt.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Details asked for, and changed, by name. A name that is not among them is a mistake in the program. */
public record Details(List<Detail> all) {

    public Details {
        all = List.copyOf(all);
    }

    private <D extends Detail> D find(String name, Class<D> kind) {
        return all.stream().filter(detail -> detail.name().equals(name) && kind.isInstance(detail)).map(kind::cast)
                .findFirst().orElseThrow(() -> new IllegalArgumentException("no " + kind.getSimpleName() + " " + name));
    }

    public Length measure(String name) {
        return find(name, Detail.Measure.class).value();
    }

    public Optional<Length> maybe(String name) {
        return find(name, Detail.MaybeMeasure.class).value();
    }

    public <E extends Enum<E>> E oneOf(String name, Class<E> choices) {
        return choices.cast(find(name, Detail.OneOf.class).value());
    }

    public int count(String name) {
        return find(name, Detail.Count.class).value();
    }

    public boolean tick(String name) {
        return find(name, Detail.Tick.class).value();
    }

    /** These details, each put through a change. */
    public Details map(UnaryOperator<Detail> change) {
        return new Details(all.stream().map(change).toList());
    }

    /** These details with one of them changed: a length, a choice, a count, a yes or no, or perhaps a length. */
    public Details with(String name, Object value) {
        return map(detail -> detail.name().equals(name) ? changed(detail, value) : detail);
    }

    /** These details with what another choice has by the same name and kind taken over from it. */
    public Details carrying(Details other) {
        return map(own -> other.all.stream().filter(each -> each.name().equals(own.name()) && each.getClass() == own.getClass())
                .findFirst().map(each -> taken(own, each)).orElse(own));
    }

    private static Detail taken(Detail own, Detail other) {
        Object value = value(other);
        boolean otherChoices = own instanceof Detail.OneOf of
                && of.value().getDeclaringClass() != ((Enum<?>) value).getDeclaringClass();
        return otherChoices ? own : changed(own, value);
    }

    private static Object value(Detail detail) {
        if (detail instanceof Detail.Measure measure) {
            return measure.value();
        }
        if (detail instanceof Detail.MaybeMeasure maybe) {
            return maybe.value();
        }
        if (detail instanceof Detail.OneOf oneOf) {
            return oneOf.value();
        }
        return detail instanceof Detail.Count count ? count.value() : ((Detail.Tick) detail).value();
    }

    private static Detail changed(Detail detail, Object value) {
        if (detail instanceof Detail.Measure was) {
            return new Detail.Measure(was.name(), was.label(), was.limits(), (Length) value, was.applies());
        }
        if (detail instanceof Detail.MaybeMeasure was) {
            Optional<Length> length = ((Optional<?>) value).map(Length.class::cast);
            return new Detail.MaybeMeasure(was.name(), was.label(), was.limits(), length, was.hint(), was.applies());
        }
        if (detail instanceof Detail.OneOf was) {
            return was.choosing((Enum<?>) value);
        }
        if (detail instanceof Detail.Count was) {
            return new Detail.Count(was.name(), was.label(), was.least(), was.most(), (Integer) value, was.applies());
        }
        return new Detail.Tick(detail.name(), detail.label(), (Boolean) value, detail.applies());
    }
}
