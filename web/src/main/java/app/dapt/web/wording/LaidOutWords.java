package app.dapt.web.wording;

import app.dapt.advice.Advice;
import app.dapt.advice.LaidOut;
import app.dapt.measure.Phrase;
import app.dapt.words.Words;
import java.util.List;

/** What lies ready at each place, in words. */
public final class LaidOutWords {

    private LaidOutWords() {}

    /** What lies ready at one place. */
    public record Ready(String place, String things) {}

    /** Place by place. */
    public static List<Ready> of(Advice advice, Words w) {
        return LaidOut.of(advice).byPlace().entrySet().stream()
                .map(each -> new Ready(
                        w.say(Phrase.choice("place", each.getKey())),
                        w.list(each.getValue().stream()
                                .map(thing -> w.say("advice.thing." + thing))
                                .toList())))
                .toList();
    }
}
