package app.dapt.step;

import java.util.List;

/** Where something is done. Going from one to another is a trip. */
public enum Place {
    WASH,
    TABLE(Caution.PINS),
    IRON(Caution.IRON),
    MACHINE(Caution.NEEDLE),
    OVERLOCKER(Caution.NEEDLE),
    HAND,
    /** Where the cover is tried on its form and filled. */
    FORM;

    private final List<Caution> cautions;

    Place(Caution... cautions) {
        this.cautions = List.of(cautions);
    }

    /** Whether thread is sewn with there. */
    public boolean isSewing() {
        return this == MACHINE || this == OVERLOCKER || this == HAND;
    }

    /** What to be careful about whenever something is done there. */
    public List<Caution> cautions() {
        return cautions;
    }
}
