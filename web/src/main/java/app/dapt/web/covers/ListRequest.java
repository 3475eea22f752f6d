package app.dapt.web.covers;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is asked of the list.
 *
 * @param find    words of a name or a fabric
 * @param page    from one
 * @param wrong   only covers with something that will not work
 * @param uncut   only covers of which nothing is cut yet
 * @param deleted the covers that were deleted just now
 * @param left    the set that a cover was taken out of just now
 */
record ListRequest(
        String find, int page, Sorting sort, boolean wrong, boolean uncut, List<Long> deleted, Optional<Long> left) {

    static final ListRequest EVERYTHING =
            new ListRequest("", 1, Sorting.SET, false, false, List.of(), Optional.empty());

    /** Whether all covers are asked for. */
    boolean isPlain() {
        return find.isBlank() && !wrong && !uncut;
    }

    /** What of it can be read; the usual for the rest. */
    static ListRequest of(Map<String, String> typed) {
        return new ListRequest(
                typed.getOrDefault("find", ""),
                number(typed, "page").map(Math::toIntExact).orElse(1),
                Sorting.coded(typed.getOrDefault("sort", "")),
                typed.containsKey("wrong"),
                typed.containsKey("uncut"),
                Stream.of(typed.getOrDefault("deleted", "").split(","))
                        .filter(id -> id.matches("\\d{1,18}"))
                        .map(Long::valueOf)
                        .toList(),
                number(typed, "left"));
    }

    private static Optional<Long> number(Map<String, String> typed, String name) {
        return Optional.ofNullable(typed.get(name))
                .filter(text -> text.matches("\\d{1,9}"))
                .map(Long::valueOf);
    }
}
