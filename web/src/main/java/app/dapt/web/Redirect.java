package app.dapt.web;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;

/** The one way to send a browser elsewhere: always within Dapt, and with every odd character encoded. */
public final class Redirect {

    private static final int LONGEST = 2000;
    /** From our own root, and neither another host nor a line of a header. */
    private static final Pattern LOCAL = Pattern.compile("/(?![/\\\\])\\P{Cntrl}*|/");

    private static final Pattern ODD = Pattern.compile("[^A-Za-z0-9/?&=%._~:@!$'()*+,;-]|%(?![0-9A-Fa-f]{2})");

    private Redirect() {}

    /** To a path, with query parameters by name and value; those without a value are left out. */
    public static String to(String path, String... parameters) {
        StringBuilder address = new StringBuilder(path);
        char before = '?';
        for (int i = 0; i + 1 < parameters.length; i += 2) {
            if (!parameters[i + 1].isEmpty()) {
                address.append(before)
                        .append(parameters[i])
                        .append('=')
                        .append(URLEncoder.encode(parameters[i + 1], StandardCharsets.UTF_8));
                before = '&';
            }
        }
        return "redirect:" + encoded(address.toString());
    }

    /** Back to where somebody says they came from; to the covers where that is no place here. */
    public static String back(String where) {
        return "redirect:" + (LOCAL.matcher(where).matches() && where.length() <= LONGEST ? encoded(where) : "/");
    }

    private static String encoded(String address) {
        return ODD.matcher(address).replaceAll(odd -> URLEncoder.encode(odd.group(), StandardCharsets.UTF_8));
    }
}
