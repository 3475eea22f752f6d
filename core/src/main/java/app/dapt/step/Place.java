package app.dapt.step;

import java.util.List;

/** Where something is done. Going from one to another is a trip. */
public enum Place {
    WASH(5, 5),
    TABLE(6, 4, Caution.PINS),
    IRON(5, 3, Caution.IRON),
    MACHINE(10, 4, Caution.NEEDLE),
    OVERLOCKER(8, 3, Caution.NEEDLE),
    HAND(2, 1),
    /** Where the cover is tried on its form and filled. */
    FORM(1, 2);

    private final int settingUp;
    private final int clearing;
    private final List<Caution> cautions;

    Place(int settingUp, int clearing, Caution... cautions) {
        this.settingUp = settingUp;
        this.clearing = clearing;
        this.cautions = List.of(cautions);
    }

    /** Minutes to set it up and to clear it again, once a sitting; an estimate. */
    public int settingUp() {
        return settingUp + clearing;
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
