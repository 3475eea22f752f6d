package app.dapt.web.shop;

import app.dapt.files.shop.PriceTable.Habits;
import app.dapt.web.shop.ShopClient.Answer;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.PriceStore;
import app.dapt.web.workroom.PriceStore.Asked;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The shop that can be asked, where there is one: when it answered last, and asking it again. */
@Component
class AskedShop {

    /** Prices this old are asked again by themselves. */
    private static final Duration OLD = Duration.ofMinutes(15);

    /** A page that is asked for waits no longer. */
    private static final Duration PATIENCE = Duration.ofMillis(200);

    private final Optional<ShopClient> client;
    private final PriceStore prices;
    private final Wording wording;
    private final Clock clock;

    AskedShop(Optional<ShopClient> client, PriceStore prices, Wording wording, Clock clock) {
        this.client = client;
        this.prices = prices;
        this.wording = wording;
        this.clock = clock;
    }

    /** What it is called; nothing where no shop can be asked. */
    Optional<String> name() {
        return client.map(ShopClient::name);
    }

    /** Asks it now, and waits a little. */
    Answer ask(Reader reader) {
        return client.map(shop -> shop.ask(habits(shop.name(), reader), PATIENCE))
                .orElse(Answer.NONE);
    }

    /** Asks it where what it said is old, and does not wait. */
    void askWhereOld(Reader reader) {
        client.ifPresent(shop -> {
            Optional<Asked> asked = prices.whenAsked(shop.name());
            if (asked.isEmpty() || asked.get().at().plus(OLD).isBefore(clock.instant())) {
                shop.ask(habits(shop.name(), reader), Duration.ZERO);
            }
        });
    }

    /** How old its prices are; empty where none were ever asked for. */
    String age(Words w) {
        return client.map(shop -> prices.whenAsked(shop.name())
                        .map(asked -> said(shop.name(), asked, w))
                        .orElseGet(() -> w.say("shop.never-asked", shop.name())))
                .orElse("");
    }

    private String said(String shop, Asked asked, Words w) {
        PriceWords words = new PriceWords(w);
        String when = words.ago(Duration.between(asked.at(), clock.instant()));
        return asked.answered()
                .map(at -> at.equals(asked.at())
                        ? w.say("shop.answered", shop, when)
                        : w.say("shop.unanswered", shop, when, words.ago(Duration.between(at, clock.instant()))))
                .orElseGet(() -> w.say("shop.never-answered", shop, when));
    }

    /** What stands where a table of prices does not say it. */
    Habits habits(String shop, Reader reader) {
        return new Habits(
                shop,
                reader.mark(),
                reader.english() == English.UK,
                wording.words(reader).money().currency(),
                LocalDate.now(clock));
    }
}
