package app.dapt.web.shop;

import app.dapt.measure.Phrase;
import java.util.stream.Stream;

/** By what the lines of the list stand together. */
enum BuyBy {
    KIND,
    SHOP,
    /** What only one cover or set wants stands with it. */
    COVER;

    /** As an address has it; by kind where it has nothing of it. */
    static BuyBy of(String code) {
        return Stream.of(values())
                .filter(each -> Phrase.code(each).equals(code))
                .findFirst()
                .orElse(KIND);
    }

    /** For an address; empty as it comes. */
    String code() {
        return this == KIND ? "" : Phrase.code(this);
    }
}
