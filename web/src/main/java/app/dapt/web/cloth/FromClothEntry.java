package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cloth.Scrap;
import app.dapt.cover.CoverFromCloth;
import app.dapt.cover.CoverFromCloth.Answer;
import app.dapt.cover.CoverFromCloth.AtHand;
import app.dapt.cover.decision.LengthRange;
import app.dapt.form.Form;
import app.dapt.form.Reading;
import app.dapt.layout.LayoutChoices;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.PlainText;
import app.dapt.shelf.Fabric;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Kind;
import app.dapt.web.entry.Entries;
import app.dapt.web.workroom.ShelfChoices;
import app.dapt.web.workroom.ShelfStore.Kept;
import app.dapt.words.Words;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.util.MultiValueMap;
import org.springframework.web.util.UriUtils;

/**
 * What somebody wants a cover from, and for what: things picked from the shelf, and a piece and a form that were typed.
 *
 * @param cloths what is on the shelf to cut from
 * @param forms  the forms there
 * @param picked the ids of those that were picked
 */
record FromClothEntry(List<Kept> cloths, List<Kept> forms, Set<Long> picked, Entries entries, Words words) {

    /** The fields of a piece and of a form that are typed, in pairs. */
    private static final List<String> TYPED = List.of("wide", "deep", "across", "up-down");

    private static final int MOST_PICKED = 40;
    private static final String UNKNOWN = "#b8b2a2";

    static FromClothEntry read(MultiValueMap<String, String> asked, ShelfChoices shelf, Words words) {
        Set<Long> picked = Stream.concat(
                        asked.getOrDefault("thing", List.of()).stream(), asked.getOrDefault("form", List.of()).stream())
                .filter(id -> id.matches("\\d{1,18}"))
                .limit(MOST_PICKED)
                .map(Long::valueOf)
                .collect(Collectors.toCollection(HashSet::new));
        List<Kept> cloths = Stream.of(Kind.REMNANT, Kind.CLOTH)
                .flatMap(kind -> shelf.things(kind).stream())
                .map(kept -> new Kept(kept.id(), known(kept.thing(), shelf), kept.stock()))
                .toList();
        List<Kept> forms = shelf.things(Kind.FORM).stream()
                .filter(kept -> kept.thing().size().isPresent())
                .toList();
        return new FromClothEntry(cloths, forms, picked, new Entries(asked.toSingleValueMap(), words), words);
    }

    /** A thing with what covers that are cut from it know of it. */
    private static Thing known(Thing thing, ShelfChoices shelf) {
        return thing.fabric().isPresent()
                ? thing
                : thing.withFabric(Optional.of(new Fabric(shelf.cloth(thing), false, Optional.empty())));
    }

    boolean isPicked(Kept kept) {
        return picked.contains(kept.id());
    }

    /**
     * What is to be answered.
     *
     * @param named what a cover for a form is called; one that is not here goes by its size
     */
    record Question(List<AtHand> cloths, List<Form> forms, Map<Form, String> named, Mark mark, Words words) {

        Answer answer() {
            return forms.isEmpty()
                    ? CoverFromCloth.largest(cloths, mark, this::name)
                    : CoverFromCloth.of(cloths, forms, mark, this::name);
        }

        String name(Form form) {
            String sized = form.round()
                    ? words.say("from.cover-round", across(form))
                    : words.say("from.cover", words.lengths().size(across(form), upDown(form)));
            return PlainText.shortened(named.getOrDefault(form, sized), Thing.LONGEST_NAME);
        }
    }

    static Length across(Form form) {
        return CoverFromCloth.across(form);
    }

    static Length upDown(Form form) {
        return form.upDown().get(Reading.OVER_CROWN).orElseGet(() -> across(form));
    }

    /** The question; nothing where nothing to cut from was picked, or something was refused. */
    Optional<Question> question() {
        List<AtHand> atHand = new ArrayList<>(cloths.stream()
                .filter(this::isPicked)
                .collect(Collectors.groupingBy(
                        kept -> kept.thing().name().toLowerCase(Locale.ROOT), LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(FromClothEntry::atHand)
                .toList());
        typed("wide", "deep", LengthRange.PIECE).ifPresent(size -> atHand.add(own(size)));
        Map<Form, String> named = new LinkedHashMap<>();
        forms.stream().filter(this::isPicked).map(Kept::thing).forEach(thing -> {
            Length across = thing.size().orElseThrow();
            named.put(Form.overCrown(across, thing.width().orElse(across)), thing.name());
        });
        List<Form> wanted = new ArrayList<>(named.keySet());
        typed("across", "up-down", LengthRange.SIDE).ifPresent(wanted::add);
        return entries.isClean() && !atHand.isEmpty()
                ? Optional.of(new Question(List.copyOf(atHand), List.copyOf(wanted), named, words.mark(), words))
                : Optional.empty();
    }

    private static AtHand atHand(List<Kept> alike) {
        List<Scrap> pieces = alike.stream()
                .flatMap(kept -> kept.thing().asScraps(kept.stock()).stream())
                .limit(LayoutChoices.MOST_REMNANTS)
                .toList();
        return new AtHand(alike.get(0).thing().asCloth(), pieces);
    }

    private AtHand own(Form size) {
        String name = words.say("from.own");
        Length width = Length.max(across(size), Length.inches(2)).plus(Cloth.SELVAGES);
        return new AtHand(
                new Cloth(name, UNKNOWN, Print.PLAIN, width, false),
                List.of(Scrap.rectangle(name, across(size), upDown(size))));
    }

    /** Two sides that were typed; one alone is a square's. */
    private Optional<Form> typed(String across, String upDown, LengthRange limits) {
        Optional<Length> first = entries.maybeLength(across, limits, Optional.empty());
        Optional<Length> second = entries.maybeLength(upDown, limits, Optional.empty());
        return first.or(() -> second).map(side -> Form.overCrown(side, second.orElse(side)));
    }

    String value(String field) {
        return entries.raw(field).orElse("");
    }

    /** The question as it stands in an address. */
    String query() {
        String picks = cloths.stream()
                .filter(this::isPicked)
                .map(kept -> "thing=" + kept.id())
                .collect(Collectors.joining("&"));
        String formPicks = forms.stream()
                .filter(this::isPicked)
                .map(kept -> "form=" + kept.id())
                .collect(Collectors.joining("&"));
        String typed = TYPED.stream()
                .filter(field -> !value(field).isBlank())
                .map(field -> field + "=" + UriUtils.encode(value(field), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        String query = Stream.of(picks, formPicks, typed)
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining("&"));
        return query.isEmpty() ? "" : "?" + query;
    }
}
