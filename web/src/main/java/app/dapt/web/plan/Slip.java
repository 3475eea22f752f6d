package app.dapt.web.plan;

import app.dapt.cover.CoverPlan;
import app.dapt.measure.Phrase;
import app.dapt.web.entry.Entries;
import java.util.Optional;

/** What opens under a phrase of the brief: the fields of one decision, and how they change the plan. */
enum Slip {
    NAME(SlipChanges::name),
    SHAPE(SlipChanges::shape),
    MEASURE(SlipChanges::measure),
    FIT(SlipChanges::fit),
    OPENING(SlipChanges::opening),
    SEAM(SlipChanges::seam),
    EDGE(SlipChanges::edge),
    FACE(SlipChanges::face),
    EXTRAS(SlipChanges::extras),
    JOIN(SlipChanges::join),
    FRONT(SlipChanges::front),
    BACK(SlipChanges::back),
    USE(SlipChanges::use);

    /** Takes over what the fields say. */
    interface Change {
        CoverPlan apply(CoverPlan plan, Entries entries);
    }

    private final Change change;

    Slip(Change change) {
        this.change = change;
    }

    CoverPlan changed(CoverPlan plan, Entries entries) {
        return change.apply(plan, entries);
    }

    /** How links and templates name it. */
    public String code() {
        return Phrase.code(this);
    }

    static Optional<Slip> named(String code) {
        for (Slip slip : values()) {
            if (slip.code().equals(code)) {
                return Optional.of(slip);
            }
        }
        return Optional.empty();
    }
}
