package app.dapt.words;

import java.util.Locale;

/** Sums of money, which Dapt keeps in hundredths of whatever money it is. */
public final class Money {

    private Money() {}

    public static String shown(long hundredths) {
        return hundredths / 100 + String.format(Locale.ROOT, ".%02d", hundredths % 100);
    }
}
