package app.dapt.advice;

import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import java.util.List;
import java.util.Optional;

/**
 * One thing that is recommended.
 *
 * @param value   by its code
 * @param rule    the row of the table that it comes from
 * @param kit     the row by which the drawer has it otherwise, where a tool is missing
 * @param instead what is done then
 * @param sizes   how much, where that is a matter of lengths
 */
public record Advised(
        Choice choice,
        String value,
        String rule,
        Sure sure,
        Optional<String> kit,
        Optional<String> instead,
        List<Length> sizes) {

    public Advised {
        sizes = List.copyOf(sizes);
    }

    static Advised of(Rule rule, String value) {
        return new Advised(rule.choice(), value, rule.id(), rule.sure(), Optional.empty(), Optional.empty(), List.of());
    }

    Advised sized(List<Length> changed) {
        return new Advised(choice, value, rule, sure, kit, instead, changed);
    }

    Advised otherwise(String row, String other) {
        return new Advised(choice, value, rule, sure, Optional.of(row), Optional.of(other), sizes);
    }

    /** What is done in the end. */
    public String done() {
        return instead.orElse(value);
    }

    /** What it decides. */
    public Phrase asks() {
        return Phrase.choice("advice.choice", choice);
    }

    /** What is recommended. */
    public Phrase says() {
        return Phrase.of("advice.value." + Phrase.code(choice) + "." + key(done()), sizes.toArray());
    }

    /** Why, and what stands in for a missing tool. */
    public List<Phrase> why() {
        Phrase why = Phrase.of("advice.why." + rule);
        return kit.map(row -> List.of(why, Phrase.of("advice.why." + row))).orElse(List.of(why));
    }

    /** A value as a part of a key: without what keys cannot have in them. */
    private static String key(String value) {
        return value.replace(' ', '-').replace('/', '-').replace('.', '-');
    }
}
