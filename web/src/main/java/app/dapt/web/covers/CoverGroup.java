package app.dapt.web.covers;

import app.dapt.web.workroom.CoverSet;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Covers of the list under one heading.
 *
 * @param set nothing for covers that are in no set, or where the list is sorted otherwise
 */
public record CoverGroup(Optional<CoverSet.Line> set, List<CoverLine> lines) {

    /** By set, in the order of the sets; covers of several sets stand in each, those of none at the end. */
    static List<CoverGroup> bySet(List<CoverLine> lines, List<CoverSet.Line> sets, Map<Long, Set<Long>> members) {
        List<CoverGroup> groups = new ArrayList<>();
        Set<Long> placed = new HashSet<>();
        for (CoverSet.Line set : sets) {
            Set<Long> within = members.getOrDefault(set.id(), Set.of());
            List<CoverLine> own =
                    lines.stream().filter(line -> within.contains(line.id())).toList();
            own.forEach(line -> placed.add(line.id()));
            if (!own.isEmpty() || within.isEmpty()) {
                groups.add(new CoverGroup(Optional.of(set), own));
            }
        }
        List<CoverLine> rest =
                lines.stream().filter(line -> !placed.contains(line.id())).toList();
        if (!rest.isEmpty()) {
            groups.add(new CoverGroup(Optional.empty(), rest));
        }
        return groups;
    }
}
