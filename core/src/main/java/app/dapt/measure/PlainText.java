package app.dapt.measure;

import java.text.Normalizer;

/**
 * Text as it is kept: composed (NFC), without control characters, non-characters and halves of surrogate pairs, so that
 * what is written anywhere reads back the same. Every name goes through here, whoever gives it.
 */
public final class PlainText {

    private PlainText() {}

    /** One line of it: breaks become blanks, and nothing but blanks or what cannot be seen is nothing. */
    public static String line(String raw) {
        String line = cleaned(raw, false);
        return line.codePoints().allMatch(PlainText::isUnseen) ? "" : line;
    }

    /** The same with its line breaks. */
    public static String lines(String raw) {
        return cleaned(raw, true);
    }

    /** Whether this is one line that can be seen, as {@link #line} would leave it. */
    public static boolean isLine(String text) {
        return !text.isEmpty() && (isSimple(text) || line(text).equals(text));
    }

    /** Whether it is written in nothing but letters and signs that need no look, as most names are. */
    private static boolean isSimple(String text) {
        return text.charAt(0) > ' '
                && text.charAt(text.length() - 1) > ' '
                && text.chars().allMatch(c -> c >= ' ' && c <= '~');
    }

    /** The first so many characters, no pair of them torn apart. */
    public static String shortened(String line, int longest) {
        if (line.length() <= longest) {
            return line;
        }
        boolean torn = Character.isHighSurrogate(line.charAt(longest - 1));
        return line(line.substring(0, torn ? longest - 1 : longest));
    }

    private static String cleaned(String raw, boolean keepBreaks) {
        StringBuilder kept = new StringBuilder(raw.length());
        raw.codePoints().forEach(c -> {
            if (keepBreaks && c == '\n') {
                kept.append('\n');
            } else if (isBlank(c)) {
                kept.append(' ');
            } else if (!isRefused(c)) {
                kept.appendCodePoint(c);
            }
        });
        return Normalizer.normalize(kept, Normalizer.Form.NFC).strip();
    }

    private static boolean isBlank(int c) {
        int type = Character.getType(c);
        return c == '\t'
                || c == '\n'
                || c == '\r'
                || type == Character.LINE_SEPARATOR
                || type == Character.PARAGRAPH_SEPARATOR;
    }

    private static boolean isRefused(int c) {
        int type = Character.getType(c);
        boolean nonCharacter = (c & 0xfffe) == 0xfffe || c >= 0xfdd0 && c <= 0xfdef;
        return type == Character.CONTROL || type == Character.SURROGATE || nonCharacter;
    }

    private static boolean isUnseen(int c) {
        int type = Character.getType(c);
        return type == Character.FORMAT || type == Character.SPACE_SEPARATOR;
    }
}
