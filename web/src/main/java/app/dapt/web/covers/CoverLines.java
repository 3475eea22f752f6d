package app.dapt.web.covers;

import app.dapt.cover.CoverPlan;
import app.dapt.measure.Mark;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.Cover;
import app.dapt.words.Wordbook.English;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Lines of the list, remembered: a cover that has not changed is not drawn again. */
@Component
class CoverLines {

    private static final int MOST = 1_000;

    /** What a line follows from. */
    private record Asked(long id, CoverPlan plan, Mark mark, English english, long needs, Set<Integer> atHand) {}

    private final Cache<Asked, CoverLine> known =
            Caffeine.newBuilder().maximumSize(MOST).build();
    private final Wording wording;
    private final ClothNeeds needs;

    CoverLines(Wording wording, ClothNeeds needs) {
        this.wording = wording;
        this.needs = needs;
    }

    /** @param atHand which of its cloths it is cut from remnants of */
    CoverLine of(Cover cover, Reader reader, Set<Integer> atHand) {
        Asked asked = new Asked(
                cover.id(), cover.plan(), reader.mark(cover.plan()), reader.english(), needs.version(), atHand);
        return known.get(
                asked, any -> CoverLine.of(cover, asked.mark(), wording.words(reader, asked.mark()), needs, atHand));
    }
}
