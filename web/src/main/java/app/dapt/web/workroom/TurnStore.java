package app.dapt.web.workroom;

import app.dapt.shelf.Turn;
import app.dapt.web.workroom.TurnMapper.TurnRow;
import java.time.MonthDay;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which covers the forms on the shelf have on by turns. */
@Service
@Transactional
public class TurnStore {

    /** A form has so many. */
    public static final int MOST = 12;

    private final TurnMapper turns;
    private final CoverStore covers;

    TurnStore(TurnMapper turns, CoverStore covers) {
        this.turns = turns;
        this.covers = covers;
    }

    /** A turn and the form that has it. */
    public record OfForm(long id, long thing, String form, Turn turn) {}

    /** Those of all forms, a form's together by the day of the year. */
    @Transactional(readOnly = true)
    public List<OfForm> all() {
        return list(0);
    }

    /** Those of one form. */
    @Transactional(readOnly = true)
    public List<OfForm> list(long thing) {
        return turns.list(covers.workroom(), thing).stream()
                .map(TurnStore::ofForm)
                .toList();
    }

    private static OfForm ofForm(TurnRow row) {
        return new OfForm(
                row.id(),
                row.thing(),
                row.form(),
                new Turn(row.cover(), MonthDay.of(row.month(), row.day()), row.kept()));
    }

    /** Gives a form a cover by turns; false where it has {@link #MOST} or is no form. */
    public boolean put(long thing, Turn turn) {
        List<OfForm> standing = list(thing);
        boolean isAnother =
                standing.stream().noneMatch(each -> each.turn().from().equals(turn.from()));
        return (!isAnother || standing.size() < MOST)
                && turns.put(
                                covers.workroom(),
                                thing,
                                turn.cover(),
                                turn.from().getMonthValue(),
                                turn.from().getDayOfMonth(),
                                turn.kept())
                        > 0;
    }

    public void drop(long id) {
        turns.drop(covers.workroom(), id);
    }
}
