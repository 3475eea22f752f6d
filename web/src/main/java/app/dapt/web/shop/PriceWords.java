package app.dapt.web.shop;

import app.dapt.measure.Phrase;
import app.dapt.shelf.Price;
import app.dapt.words.Words;
import java.time.Duration;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;

/** Prices and how old they are, in words. */
record PriceWords(Words w) {

    /** What a shop asks for something and since when it is known. */
    String asks(Price price) {
        return w.say("shop.asks", price.shop(), per(price), day(price));
    }

    /** So much a yard. */
    String per(Price price) {
        return w.say("shop.per." + Phrase.code(price.per()), w.money().shown(price.cents()));
    }

    String day(Price price) {
        return DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM)
                .withLocale(w.money().locale())
                .format(price.day());
    }

    /** How long ago something was. */
    String ago(Duration past) {
        long minutes = past.toMinutes();
        if (minutes < 1) {
            return w.say("shop.ago.now");
        }
        if (minutes < 100) {
            return w.say("shop.ago.minutes", minutes);
        }
        return past.toHours() < 48 ? w.say("shop.ago.hours", past.toHours()) : w.say("shop.ago.days", past.toDays());
    }
}
