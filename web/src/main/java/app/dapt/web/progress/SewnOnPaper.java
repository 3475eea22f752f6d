package app.dapt.web.progress;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.decision.Weight;
import app.dapt.make.CoverSteps;
import app.dapt.make.PaperSewing;
import app.dapt.make.SewnCover;
import app.dapt.measure.Mark;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What covers come to that are sewn on paper, remembered: not sewn again for a page of one that has not changed. */
@Component
public class SewnOnPaper {

    private record Sewn(CoverPlan plan, Mark mark) {}

    private final Cache<Sewn, Optional<SewnCover>> known =
            Caffeine.newBuilder().maximumSize(500).build();

    /** Nothing for a cover that will not work anyhow, or whose steps do not say what becomes of the cloth. */
    public Optional<SewnCover> of(Reckoned reckoned) {
        boolean hopeless = reckoned.findings().stream().anyMatch(each -> each.weight() == Weight.WILL_NOT_WORK);
        return hopeless
                ? Optional.empty()
                : known.get(
                        new Sewn(reckoned.plan(), reckoned.mark()),
                        any -> PaperSewing.of(reckoned, CoverSteps.of(reckoned)).map(PaperSewing::comesTo));
    }
}
