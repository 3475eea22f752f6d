package app.dapt.web.wording;

import app.dapt.words.Words;

/** How long something takes, as it is said. */
public final class Minutes {

    private static final int HOUR = 60;

    private Minutes() {}

    /** To the minute. */
    public static String exactly(long minutes, Words words) {
        return minutes < HOUR
                ? words.say("time.minutes", minutes)
                : words.say("time.hours", minutes / HOUR, minutes % HOUR);
    }

    /** What is still to be done: to the minute up to an hour, to five from there on; never nothing. */
    public static String about(double minutes, Words words) {
        long whole = Math.max(1, Math.round(minutes));
        return exactly(whole < HOUR ? whole : Math.round(minutes / 5) * 5, words);
    }
}
