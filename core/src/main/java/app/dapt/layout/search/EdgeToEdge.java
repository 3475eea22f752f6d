package app.dapt.layout.search;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is left of a cloth of which every piece is cut by cuts that run from edge to edge of what they cut: rectangles
 * that do not overlap, each of which is cut in two, and one half in two again, when a piece is laid in its corner.
 */
final class EdgeToEdge implements Room {

    private final List<Patch> free;

    EdgeToEdge(List<Patch> whole) {
        free = new ArrayList<>(whole);
    }

    @Override
    public @Nullable Patch place(Task.Item item, boolean turned) {
        Patch best = null;
        for (Patch one : free) {
            Patch place = item.placeIn(one, turned);
            if (place != null && (best == null || FreeRectangles.isNearer(place, best))) {
                best = place;
            }
        }
        return best;
    }

    @Override
    public void take(Patch taken, boolean acrossFirst) {
        for (int i = 0; i < free.size(); i++) {
            Patch from = free.get(i);
            if (from.holds(taken)) {
                free.remove(i);
                cut(from, taken, acrossFirst);
                return;
            }
        }
    }

    /** What lies before the piece because of a repeat is cut off first; then what lies beyond it. */
    private void cut(Patch from, Patch taken, boolean acrossFirst) {
        Patch rest = from;
        if (taken.top() > rest.top()) {
            add(new Patch(rest.remnant(), rest.left(), rest.top(), rest.right(), taken.top()));
            rest = new Patch(rest.remnant(), rest.left(), taken.top(), rest.right(), rest.bottom());
        }
        if (taken.left() > rest.left()) {
            add(new Patch(rest.remnant(), rest.left(), rest.top(), taken.left(), rest.bottom()));
            rest = new Patch(rest.remnant(), taken.left(), rest.top(), rest.right(), rest.bottom());
        }
        int right = acrossFirst ? rest.right() : taken.right();
        int bottom = acrossFirst ? taken.bottom() : rest.bottom();
        add(new Patch(rest.remnant(), rest.left(), taken.bottom(), right, rest.bottom()));
        add(new Patch(rest.remnant(), taken.right(), rest.top(), rest.right(), bottom));
    }

    private void add(Patch patch) {
        if (patch.across() > 0 && patch.along() > 0) {
            free.add(patch);
        }
    }
}
