package app.dapt.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The words of both kinds of English: whole, with the same places in them, and such as people say. */
class BundlesTest {

    private static final Map<String, String> US =
            Wordbook.load(English.US, "craft", "pages").texts();
    private static final Map<String, String> UK =
            Wordbook.load(English.UK, "craft", "pages").texts();

    private static final Pattern PLACE = Pattern.compile("\\{\\d[^{}]*[,}]?");

    /** What nobody says at a cutting table today. */
    private static final Pattern QUAINT = Pattern.compile(
            "(?i)\\b(nought|speaks? against|finds? no place|oblong|cloths?|eats?|at hand|would do)\\b|\\d} %");

    private static final Pattern ONLY_UK =
            Pattern.compile("(?i)\\b(zips?|selvedges?|overlocked|wadding|colour|centre|cot)\\b");

    private static final Pattern ONLY_US =
            Pattern.compile("(?i)\\b(zippers?|selvages?|serged?|batting|colors?|centers?|crib|spools?)\\b");

    private static Set<String> places(String text) {
        return PLACE.matcher(text).results().map(place -> place.group()).collect(Collectors.toSet());
    }

    @Test
    void theOtherEnglishSaysTheSameThingsOfTheSameFigures() {
        assertThat(UK.keySet()).isEqualTo(US.keySet());
        UK.forEach((code, text) -> assertThat(places(text)).as(code).isEqualTo(places(US.getOrDefault(code, ""))));
    }

    @Test
    void nobodyIsTalkedToInWordsThatNobodySays() {
        assertThat(US).allSatisfy((code, text) -> assertThat(text).as(code).doesNotContainPattern(QUAINT));
        assertThat(UK).allSatisfy((code, text) -> assertThat(text).as(code).doesNotContainPattern(QUAINT));
    }

    @Test
    void eachReaderMeetsTheWordsOfHome() {
        assertThat(US).allSatisfy((code, text) -> assertThat(text).as(code).doesNotContainPattern(ONLY_UK));
        assertThat(UK).allSatisfy((code, text) -> assertThat(text).as(code).doesNotContainPattern(ONLY_US));
    }
}
