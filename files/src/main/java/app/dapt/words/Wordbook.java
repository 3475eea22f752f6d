package app.dapt.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.TreeMap;

/**
 * Words by code. The American words are whole; another kind of English only says what it says otherwise.
 *
 * @param texts by code, with {@code {0}} where the first argument goes
 */
public record Wordbook(Map<String, String> texts) {

    /** Which English. */
    public enum English {
        US,
        UK
    }

    public Wordbook {
        texts = Map.copyOf(texts);
    }

    /**
     * Reads the bundles of these names, {@code words/NAME.properties} wherever they lie on the class path, and what the
     * given English says otherwise. Who adds a kind adds its words beside it.
     */
    public static Wordbook load(English english, String... names) {
        Map<String, String> texts = new TreeMap<>();
        for (String name : names) {
            texts.putAll(read("words/" + name + ".properties"));
            if (english == English.UK) {
                texts.putAll(read("words/" + name + "_uk.properties"));
            }
        }
        return new Wordbook(texts);
    }

    private static Map<String, String> read(String name) {
        try {
            List<URL> found = Collections.list(Wordbook.class.getClassLoader().getResources(name));
            if (found.isEmpty()) {
                throw new IllegalArgumentException("no words at " + name);
            }
            Map<String, String> texts = new TreeMap<>();
            for (URL bundle : found) {
                Properties properties = new Properties();
                try (InputStream in = bundle.openStream()) {
                    properties.load(new InputStreamReader(in, StandardCharsets.UTF_8));
                }
                properties.forEach((code, text) -> texts.put((String) code, (String) text));
            }
            return texts;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
