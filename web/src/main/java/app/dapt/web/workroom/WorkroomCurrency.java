package app.dapt.web.workroom;

import java.util.Currency;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/** The currency of a workroom's prices, chosen once. Kept at hand: every page asks for it. */
@Component
public class WorkroomCurrency {

    private final WorkroomMapper workrooms;
    private final CoverStore covers;
    private final AtomicReference<Optional<Currency>> known = new AtomicReference<>();

    WorkroomCurrency(WorkroomMapper workrooms, CoverStore covers) {
        this.workrooms = workrooms;
        this.covers = covers;
    }

    /** What was chosen; nothing as long as nobody has, or while the store is away before it was ever asked. */
    public Optional<Currency> chosen() {
        Optional<Currency> at = known.get();
        if (at != null) {
            return at;
        }
        try {
            Optional<Currency> stored = workrooms.currency(covers.workroom()).map(Currency::getInstance);
            known.compareAndSet(null, stored);
            return stored;
        } catch (DataAccessException away) {
            return Optional.empty();
        }
    }

    public void choose(Currency currency) {
        workrooms.choose(covers.workroom(), currency.getCurrencyCode());
        known.set(Optional.of(currency));
    }

    /** Asks the store again. */
    public void forget() {
        known.set(null);
    }
}
