package app.dapt.web.shelf;

import app.dapt.shelf.Turn;
import app.dapt.web.entry.Entries;
import app.dapt.web.wording.YearDays;
import app.dapt.web.workroom.Cover;
import app.dapt.web.workroom.TurnStore.OfForm;
import app.dapt.words.Words;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The covers that take turns on a form, ready for its card.
 *
 * @param known covers that may be picked by their names
 */
public record TurnsPage(List<OfForm> turns, List<Cover> known, LocalDate today, Entries entries, Locale locale) {

    /** One of them. */
    public record Line(long id, String says, boolean isOn) {}

    private Words w() {
        return entries.words();
    }

    public List<Line> lines() {
        Optional<Turn> on = Turn.on(turns.stream().map(OfForm::turn).toList(), today);
        return turns.stream()
                .map(each -> new Line(
                        each.id(),
                        says(each.turn(), on.filter(each.turn()::equals).isPresent()),
                        on.filter(each.turn()::equals).isPresent()))
                .toList();
    }

    private String says(Turn turn, boolean isOn) {
        String from = w().say("turn.from-day", turn.cover(), YearDays.said(turn.from(), locale));
        return isOn
                ? w().say("turn.on", from)
                : turn.kept().isEmpty() ? w().say("turn.off", from) : w().say("turn.kept-at", from, turn.kept());
    }

    public List<String> names() {
        return known.stream().map(cover -> cover.plan().name()).distinct().toList();
    }

    public String value(String field) {
        return entries.isClean() ? "" : entries.raw(field).orElse("");
    }

    public String refusal(String field) {
        return entries.refusal(field).orElse("");
    }
}
