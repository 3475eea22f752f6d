package app.dapt.web.log;

import app.dapt.cloth.Cloth;
import app.dapt.log.LogEntry;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece.Material;
import app.dapt.web.workroom.Logged;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * Which entries of the log are asked for.
 *
 * @param find    words of a name, a note or a fabric
 * @param filling of the form; blank for any
 * @param how     {@code good} for those that fitted at once, {@code corrected}, {@code untried}; blank for any
 * @param year    blank for any
 */
record LogRequest(String find, String filling, String how, String year) {

    boolean wants(Logged logged) {
        LogEntry entry = logged.entry();
        boolean ofFilling =
                filling.isBlank() || Phrase.code(entry.plan().form().filling()).equals(filling);
        boolean ofYear =
                year.isBlank() || String.valueOf(entry.made().getYear()).equals(year);
        return ofFilling && ofYear && isSo(entry) && isFound(entry);
    }

    private boolean isSo(LogEntry entry) {
        return switch (how) {
            case "good" ->
                entry.planned().isEmpty()
                        && entry.fitting().filter(sat -> sat.verdict().isGood()).isPresent();
            case "corrected" -> entry.planned().isPresent();
            case "untried" -> entry.fitting().isEmpty();
            default -> true;
        };
    }

    private boolean isFound(LogEntry entry) {
        String wanted = find.strip().toLowerCase(Locale.ROOT);
        return wanted.isEmpty()
                || Stream.concat(
                                Stream.of(entry.plan().name(), entry.note()),
                                Stream.of(Material.values())
                                        .map(entry.plan().cloths()::of)
                                        .map(Cloth::name))
                        .anyMatch(text -> text.toLowerCase(Locale.ROOT).contains(wanted));
    }

    /** Whether only some are asked for. */
    boolean isNarrowed() {
        return !(find.isBlank() && filling.isBlank() && how.isBlank() && year.isBlank());
    }
}
