package app.dapt.web.calendar;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.Locale;

/** Days and times as a reader writes them, short. */
final class Days {

    private Days() {}

    static String day(LocalDate day, Locale locale) {
        return DateTimeFormatter.ofPattern(locale.equals(Locale.UK) ? "EEE d MMM" : "EEE MMM d", locale)
                .format(day);
    }

    static String at(LocalDateTime time, Locale locale) {
        return day(time.toLocalDate(), locale) + ", "
                + DateTimeFormatter.ofLocalizedTime(FormatStyle.SHORT)
                        .withLocale(locale)
                        .format(time);
    }
}
