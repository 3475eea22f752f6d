package app.dapt.web.progress;

import app.dapt.shelf.Prices;
import app.dapt.web.workroom.LayoutStore;
import app.dapt.web.workroom.ShelfStore;
import java.util.List;
import org.springframework.stereotype.Component;

/** Looks up where things come from: what lies on the shelf now, and what is cut from remnants. */
@Component
public class Sourcing {

    private final ShelfStore shelf;
    private final LayoutStore lays;

    Sourcing(ShelfStore shelf, LayoutStore lays) {
        this.shelf = shelf;
        this.lays = lays;
    }

    /** The shelf, and shops for what is not there. */
    public Sources with(Prices prices) {
        return new Sources(shelf.list(""), prices, lays.fromRemnants());
    }

    /** The shelf alone. */
    public Sources atHome() {
        return with(new Prices(List.of()));
    }
}
