package app.dapt.web.workroom;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was ticked off the list for the shop, by what the line says. */
@Service
@Transactional
public class BoughtStore {

    private static final int LONGEST = 300;

    private final BoughtMapper bought;
    private final CoverStore covers;

    BoughtStore(BoughtMapper bought, CoverStore covers) {
        this.bought = bought;
        this.covers = covers;
    }

    /** What was put on the shelf with a line. */
    public record Moved(long thing, long movement) {}

    @Transactional(readOnly = true)
    public Set<String> lines() {
        return new HashSet<>(bought.lines(covers.workroom()));
    }

    /** Ticks a line, once; of two who do so at a time one puts it on the shelf. */
    public void tick(String line, Supplier<Optional<Moved>> onTheShelf) {
        if (!line.isEmpty() && line.length() <= LONGEST && bought.tick(covers.workroom(), line) > 0) {
            onTheShelf.get().ifPresent(moved -> bought.moved(covers.workroom(), line, moved.movement()));
        }
    }

    /** Takes a tick back; and what was put on the shelf with it. */
    public Optional<Moved> untick(String line) {
        return bought.untick(covers.workroom(), line)
                .filter(row -> row.movement() > 0)
                .map(row -> new Moved(row.thing(), row.movement()));
    }
}
