package app.dapt.web.covers;

import app.dapt.measure.Phrase;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;

/** The orders in which the list can stand. */
enum Sorting {
    SET(Optional.empty()),
    CHANGED(Optional.empty()),
    NAME(Optional.of(Comparator.comparing(CoverLine::name, String.CASE_INSENSITIVE_ORDER))),
    SIZE(Optional.of(Comparator.comparingDouble(CoverLine::area))),
    STAGE(Optional.empty());

    private final Optional<Comparator<CoverLine>> order;

    Sorting(Optional<Comparator<CoverLine>> order) {
        this.order = order;
    }

    public String code() {
        return Phrase.code(this);
    }

    static Sorting coded(String code) {
        return Stream.of(values())
                .filter(each -> each.code().equals(code))
                .findFirst()
                .orElse(SET);
    }

    /**
     * These lines, which come the last changed first, in this order.
     *
     * @param stage how far the making of a cover has come
     */
    List<CoverLine> sorted(List<CoverLine> lines, ToIntFunction<CoverLine> stage) {
        if (this == STAGE) {
            return lines.stream()
                    .sorted(Comparator.comparingInt(stage).reversed())
                    .toList();
        }
        return order.map(by -> lines.stream().sorted(by).toList()).orElse(lines);
    }
}
