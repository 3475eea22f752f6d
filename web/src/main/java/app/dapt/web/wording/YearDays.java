package app.dapt.web.wording;

import java.time.MonthDay;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Days of the year as they are said, without one. */
public final class YearDays {

    private YearDays() {}

    /** Such as March 20, or 20 March where days come first. */
    public static String said(MonthDay day, Locale locale) {
        String pattern = locale.getCountry().equals("US") ? "MMMM d" : "d MMMM";
        return DateTimeFormatter.ofPattern(pattern, locale).format(day);
    }
}
