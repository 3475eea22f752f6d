package app.dapt.files.drawing;

import java.util.Map;
import java.util.stream.Stream;

/** Builds SVG text; every value is escaped on its way in. */
public final class Markup {

    private final StringBuilder text = new StringBuilder();
    private int named;

    /** A name that begins so and that this gives to nothing else. */
    String name(String beginning) {
        named++;
        return beginning + named;
    }

    /** An element without content; attributes come as name, value, name, value. */
    public Markup empty(String name, Object... attributes) {
        return start(name, attributes).raw("/>");
    }

    /** An element with content to come. */
    public Markup open(String name, Object... attributes) {
        return start(name, attributes).raw(">");
    }

    /** The same with its attributes by name. */
    public Markup open(String name, Map<String, String> attributes) {
        return open(
                name,
                attributes.entrySet().stream()
                        .flatMap(each -> Stream.of(each.getKey(), each.getValue()))
                        .toArray());
    }

    /** The end of an element. */
    public Markup close(String name) {
        text.append("</").append(name).append('>');
        return this;
    }

    /** Text, escaped. */
    public Markup words(String words) {
        escape(words);
        return this;
    }

    /** An element that holds words and nothing else. */
    public Markup saying(String name, String words, Object... attributes) {
        return open(name, attributes).words(words).close(name);
    }

    private Markup start(String name, Object... attributes) {
        text.append('<').append(name);
        for (int i = 0; i < attributes.length; i += 2) {
            text.append(' ').append(attributes[i]).append("=\"");
            escape(shown(attributes[i + 1]));
            text.append('"');
        }
        return this;
    }

    private Markup raw(String markup) {
        text.append(markup);
        return this;
    }

    private static String shown(Object value) {
        return value instanceof Double number ? number(number) : String.valueOf(value);
    }

    /** To a hundredth, without trailing noughts. */
    public static String number(double value) {
        long hundredths = Math.round(value * 100);
        long whole = Math.abs(hundredths) / 100;
        long rest = Math.abs(hundredths) % 100;
        String decimals = rest == 0 ? "" : rest % 10 == 0 ? "." + rest / 10 : rest < 10 ? ".0" + rest : "." + rest;
        return (hundredths < 0 ? "-" : "") + whole + decimals;
    }

    private void escape(String value) {
        for (int i = 0; i < value.length(); i++) {
            char letter = value.charAt(i);
            switch (letter) {
                case '&' -> text.append("&amp;");
                case '<' -> text.append("&lt;");
                case '>' -> text.append("&gt;");
                case '"' -> text.append("&quot;");
                default -> text.append(letter);
            }
        }
    }

    @Override
    public String toString() {
        return text.toString();
    }
}
