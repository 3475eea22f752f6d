package app.dapt.web.wording;

import app.dapt.measure.Mark;
import app.dapt.web.workroom.WorkroomCurrency;
import app.dapt.words.Money;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.util.Currency;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** The words of the craft and of the pages, in both Englishes. */
@Component
public class Wording {

    private final Map<English, Wordbook> books = new EnumMap<>(English.class);

    private final WorkroomCurrency currency;

    public Wording(WorkroomCurrency currency) {
        this.currency = currency;
        for (English english : English.values()) {
            books.put(english, Wordbook.load(english, "craft", "pages"));
        }
    }

    public Words words(Reader reader, Mark mark) {
        Locale locale = reader.locale();
        Currency money = currency.chosen().orElseGet(() -> Currency.getInstance(locale));
        return new Words(Objects.requireNonNull(books.get(reader.english())), mark, new Money(money, locale));
    }

    public Words words(Reader reader) {
        return words(reader, reader.mark());
    }
}
