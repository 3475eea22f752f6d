package app.dapt.web.log;

import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.form.Filling;
import app.dapt.log.LogEntry;
import app.dapt.measure.Phrase;
import app.dapt.web.wording.Minutes;
import app.dapt.web.workroom.CoverSet;
import app.dapt.web.workroom.Logged;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The log, for its template.
 *
 * @param all     every entry
 * @param members the covers of each set
 */
public record LogPage(
        LogRequest asked,
        int number,
        List<Logged> all,
        List<CoverSet.Line> sets,
        Map<Long, Set<Long>> members,
        Words w,
        Locale locale) {

    private static final int PER_PAGE = 40;

    /** Entries put together: how many covers, and what they took. */
    public record Total(String of, String covers, String minutes, String money, String fabric) {}

    private List<Logged> found() {
        return all.stream().filter(asked::wants).toList();
    }

    public boolean isEmpty() {
        return all.isEmpty();
    }

    public boolean isNarrowed() {
        return asked.isNarrowed();
    }

    public int pages() {
        return Math.max(1, (found().size() + PER_PAGE - 1) / PER_PAGE);
    }

    /** The page that is shown, from one; a page there is not is the last. */
    public int page() {
        return Math.max(1, Math.min(number, pages()));
    }

    public List<LogLine> lines() {
        return found().stream()
                .skip((long) (page() - 1) * PER_PAGE)
                .limit(PER_PAGE)
                .map(logged -> LogLine.of(logged, w, locale))
                .toList();
    }

    public List<String> fillings() {
        return Stream.of(Filling.values()).map(Phrase::code).toList();
    }

    public List<String> years() {
        return all.stream()
                .map(logged -> String.valueOf(logged.entry().made().getYear()))
                .distinct()
                .sorted(Comparator.reverseOrder())
                .toList();
    }

    /** Year by year, then set by set. */
    public List<Total> totals() {
        List<Total> totals = new ArrayList<>();
        for (String year : years()) {
            totals.add(total(
                    year,
                    all.stream()
                            .map(Logged::entry)
                            .filter(entry ->
                                    String.valueOf(entry.made().getYear()).equals(year))
                            .toList()));
        }
        for (CoverSet.Line set : sets) {
            List<LogEntry> of = all.stream()
                    .filter(logged -> logged.cover()
                            .filter(members.getOrDefault(set.id(), Set.of())::contains)
                            .isPresent())
                    .map(Logged::entry)
                    .toList();
            if (!of.isEmpty()) {
                totals.add(total(set.name(), of));
            }
        }
        return totals;
    }

    private Total total(String name, List<LogEntry> of) {
        int minutes = of.stream()
                .flatMap(entry -> entry.spent().minutes().stream())
                .mapToInt(Integer::intValue)
                .sum();
        long paid = of.stream()
                .flatMap(
                        entry -> Stream.of(entry.spent().fabric(), entry.spent().notions()))
                .flatMap(Optional::stream)
                .mapToLong(Integer::longValue)
                .sum();
        double area = of.stream()
                .map(LogEntry::plan)
                .map(plan -> Reckoner.reckonWithoutRemedies(plan, plan.mark()))
                .mapToDouble(Reckoned::clothArea)
                .sum();
        return new Total(
                name,
                w.say("log.covers", of.size()),
                minutes == 0 ? "" : Minutes.exactly(minutes, w),
                paid == 0 ? "" : w.money().shown(paid),
                w.area(area));
    }
}
