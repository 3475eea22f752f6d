package app.dapt.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads how long something takes as people write it: {@code 90}, {@code 90 min}, {@code 1 h 30}, {@code 1:30},
 * {@code 1½ h}.
 */
public final class DurationReader {

    private static final int HOUR = 60;
    private static final String HOURS = "h|hr|hrs|hour|hours";
    private static final String MINUTES = "m|min|mins|minute|minutes";
    private static final Pattern BARE = Pattern.compile("(\\d{1,4})\\s*(?:" + MINUTES + ")?\\.?");
    private static final Pattern CLOCK = Pattern.compile("(\\d{1,2}):([0-5]\\d)");
    private static final Pattern IN_HOURS = Pattern.compile("(\\d{1,2}(?:[.,]\\d{1,2})?|\\d{0,2}\\s*[½¼¾])\\s*(?:"
            + HOURS + ")\\.?(?:\\s*([0-5]?\\d)\\s*(?:" + MINUTES + ")?\\.?)?");

    private DurationReader() {}

    /** Whole minutes; nothing where the text says no time. */
    public static Optional<Integer> minutes(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        Matcher bare = BARE.matcher(plain);
        if (bare.matches()) {
            return Optional.of(Integer.parseInt(bare.group(1)));
        }
        Matcher clock = CLOCK.matcher(plain);
        if (clock.matches()) {
            return Optional.of(HOUR * Integer.parseInt(clock.group(1)) + Integer.parseInt(clock.group(2)));
        }
        Matcher hours = IN_HOURS.matcher(plain);
        if (!hours.matches()) {
            return Optional.empty();
        }
        int more = hours.group(2) == null ? 0 : Integer.parseInt(hours.group(2));
        return Optional.of(count(hours.group(1))
                        .multiply(BigDecimal.valueOf(HOUR))
                        .setScale(0, RoundingMode.HALF_UP)
                        .intValue()
                + more);
    }

    private static BigDecimal count(String text) {
        String plain = text.replace(',', '.').replaceAll("\\s", "");
        String whole = plain.replaceAll("[½¼¾]", "");
        BigDecimal part = new BigDecimal(
                plain.contains("½") ? "0.5" : plain.contains("¼") ? "0.25" : plain.contains("¾") ? "0.75" : "0");
        return (whole.isEmpty() ? BigDecimal.ZERO : new BigDecimal(whole)).add(part);
    }
}
