package app.dapt.advice;

import app.dapt.measure.Phrase;
import java.util.ArrayList;
import java.util.List;

/**
 * How a cover is washed, dried and ironed: the gentlest part wins.
 *
 * @param degrees of the hottest wash, Celsius
 */
public record Care(int degrees, List<Phrase> says) {

    private static final int GENTLE = 30;
    private static final int COLOURED = 40;

    public Care {
        says = List.copyOf(says);
    }

    static Care of(Facts facts, boolean prewashed) {
        boolean gentle = facts.has(Fact.OUTDOORS) || facts.has(Fact.BOBBLES);
        boolean washed = facts.has(Fact.SYNTHETIC) || prewashed;
        int degrees = gentle || !washed ? GENTLE : COLOURED;
        List<Phrase> says = new ArrayList<>();
        if (facts.has(Fact.SEWN_SHUT)) {
            says.add(Phrase.of(facts.has(Fact.OUTDOORS) ? "care.hose" : "care.sponge"));
        } else {
            says.add(Phrase.of(facts.has(Fact.ZIP) ? "care.wash-zip" : "care.wash", degrees));
        }
        if (facts.has(Fact.BLEEDS)) {
            says.add(Phrase.of("care.alone"));
        }
        boolean tumbles = prewashed && facts.has(Fact.NATURAL) && !facts.has(Fact.OUTDOORS);
        says.add(Phrase.of(tumbles ? "care.tumble" : "care.line"));
        says.add(Phrase.of(iron(facts)));
        if (facts.has(Fact.GIVEN)) {
            says.add(Phrase.of("care.label"));
        }
        return new Care(degrees, says);
    }

    private static String iron(Facts facts) {
        if (facts.has(Fact.OUTDOORS)) {
            return "care.iron-none";
        }
        boolean inside = facts.has(Fact.TRIM_IN_SEAM) || facts.has(Fact.NAP) || facts.has(Fact.BOBBLES);
        if (facts.has(Fact.SYNTHETIC) || facts.has(Fact.BOBBLES)) {
            return inside ? "care.iron-cool-inside" : "care.iron-cool";
        }
        return inside ? "care.iron-inside" : "care.iron-hot";
    }
}
