package app.dapt.web.calendar;

import app.dapt.files.log.CalendarFile;
import app.dapt.shelf.Turn;
import app.dapt.web.workroom.TurnStore.OfForm;
import app.dapt.words.Words;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** The days on which forms get their next cover, for a year from today on. */
record SwapDays(List<OfForm> turns, LocalDate today, Words w, Locale locale) {

    /** Those that change anything: a form with one cover keeps it on. */
    private List<OfForm> swaps() {
        return turns.stream()
                .filter(each ->
                        turns.stream().anyMatch(other -> other.thing() == each.thing() && other.id() != each.id()))
                .sorted(Comparator.comparing(each -> each.turn().next(today)))
                .toList();
    }

    List<String> lines() {
        return swaps().stream().map(this::line).toList();
    }

    private String line(OfForm each) {
        Turn turn = each.turn();
        String day = Days.day(turn.next(today), locale);
        return turn.kept().isEmpty()
                ? w.say("swap.says", day, each.form(), turn.cover())
                : w.say("swap.kept", day, each.form(), turn.cover(), turn.kept());
    }

    /** The same as whole days that come again every year. */
    List<CalendarFile.YearDay> events() {
        return swaps().stream()
                .map(each -> new CalendarFile.YearDay(
                        "swap-" + each.thing() + "-"
                                + each.turn().from().toString().replace("--", "") + "@dapt",
                        each.turn().next(today),
                        w.say("swap.event", each.form(), each.turn().cover())))
                .toList();
    }
}
