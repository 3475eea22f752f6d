package app.dapt.web;

import app.dapt.measure.Mark;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.util.EnumMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The words of the craft and of the pages, in both Englishes. */
@Component
public class Wording {

    private final Map<English, Wordbook> books = new EnumMap<>(English.class);

    public Wording() {
        for (English english : English.values()) {
            books.put(english, Wordbook.load(english, "craft", "pages"));
        }
    }

    public Words words(Reader reader, Mark mark) {
        return new Words(books.get(reader.english()), mark);
    }

    public Words words(Reader reader) {
        return words(reader, reader.mark());
    }
}
