package app.dapt.web.cloth;

import app.dapt.web.workroom.LayoutStore;

/**
 * What a page of the cloth view was made from: which version of the lay, and which of the covers together.
 *
 * @param lay    or {@link LayoutStore#ANY_VERSION}
 * @param covers or the same
 */
public record Versions(long lay, long covers) {

    static final Versions ANY = new Versions(LayoutStore.ANY_VERSION, LayoutStore.ANY_VERSION);
    private static final Versions NONE = new Versions(Long.MIN_VALUE, Long.MIN_VALUE);

    /** As a form sends it; a form that sends none asks for a change that is right whatever stands. */
    static Versions read(String text) {
        if (text.isEmpty()) {
            return ANY;
        }
        String[] parts = text.split("\\.");
        boolean sound = parts.length == 2 && parts[0].matches("\\d{1,18}") && parts[1].matches("\\d{1,18}");
        return sound ? new Versions(Long.parseLong(parts[0]), Long.parseLong(parts[1])) : NONE;
    }

    @Override
    public String toString() {
        return lay + "." + covers;
    }
}
