package app.dapt.web.entry;

import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import app.dapt.cover.decision.LengthRange;
import app.dapt.measure.DurationReader;
import app.dapt.measure.Entry;
import app.dapt.measure.Length;
import app.dapt.measure.LengthReader;
import app.dapt.measure.Phrase;
import app.dapt.measure.PlainText;
import app.dapt.measure.SizeReader;
import app.dapt.words.Words;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * What a person typed into the fields of a form, read field by field. What cannot be read keeps its text and gets a
 * refusal beside it; what can is taken all the same. A field that still shows what it showed changes nothing, so that
 * looking at a cover in the other unit never touches it.
 */
public final class Entries {

    /** What may stand before or after a sum of money. */
    private static final Pattern CURRENCY =
            Pattern.compile("^[A-Z]{0,3}\\p{Sc}\\s*|^[A-Z]{3}\\s*|\\s*(\\p{Sc}|[A-Z]{3})$");

    private final Map<String, String> typed;
    private final Map<String, String> refusals;
    private final Words words;

    public Entries(Map<String, String> typed, Words words) {
        this(typed, words, new HashMap<>());
    }

    /** The same fields put in another way, refused as they would be. */
    private Entries(Map<String, String> typed, Words words, Map<String, String> refusals) {
        this.typed = Map.copyOf(typed);
        this.words = words;
        this.refusals = refusals;
    }

    /** The length in a field, or the one that stands where the field is absent, unchanged or refused. */
    public Length length(String name, LengthRange limits, Length standing) {
        String text = typed.get(name);
        if (text == null || text.strip().equals(shown(standing))) {
            return standing;
        }
        return read(name, limits, text, Optional.of(standing)).orElse(standing);
    }

    /** The same for a field that may be left empty. */
    public Optional<Length> maybeLength(String name, LengthRange limits, Optional<Length> standing) {
        String text = typed.get(name);
        if (text == null || standing.filter(s -> text.strip().equals(shown(s))).isPresent()) {
            return standing;
        }
        if (text.isBlank()) {
            return Optional.empty();
        }
        return read(name, limits, text, standing).or(() -> standing);
    }

    /** A length, or why there is none, with what stands in the field as an example of one that fits it. */
    private Optional<Length> read(String name, LengthRange limits, String text, Optional<Length> standing) {
        Entry entry = limits.reader(words.mark().unit()).read(text);
        if (entry instanceof Entry.Refused refused) {
            String example = standing.filter(Length::isPositive)
                    .map(words.lengths()::withUnit)
                    .orElse(refused.example());
            refusals.put(name, words.say(refused.reason()) + " " + words.say("entry.example", example));
            return Optional.empty();
        }
        return Optional.of(((Entry.Value) entry).length());
    }

    /** A size, where somebody has typed one into the field of a single length: {@code 45 x 45 cm}. */
    public Optional<SizeReader.Size> sizeIn(String name) {
        return SizeReader.isSize(typed.getOrDefault(name, "")) ? maybeSize(name) : Optional.empty();
    }

    /** A size in a field that may be left empty, {@code 45 x 45 cm}; one length is a square's. */
    public Optional<SizeReader.Size> maybeSize(String name) {
        String text = typed.getOrDefault(name, "");
        if (text.isBlank()) {
            return Optional.empty();
        }
        LengthReader lengths = LengthRange.SIDE.reader(words.mark().unit());
        Optional<SizeReader.Size> size = new SizeReader(lengths).read(text);
        if (size.isEmpty() && !SizeReader.isSize(text)) {
            read(name, LengthRange.SIDE, text, Optional.empty());
        } else if (size.isEmpty()) {
            refuse(name, "entry.size", lengths.smallest(), lengths.largest());
        }
        return size;
    }

    /** One of a fixed set, or the one that stands where nothing known was sent. */
    public <E extends Enum<E>> E choice(String name, Class<E> choices, E standing) {
        for (E choice : choices.getEnumConstants()) {
            if (Phrase.code(choice).equals(typed.get(name))) {
                return choice;
            }
        }
        return standing;
    }

    /** The kind of a decision, or the one that stands where the field is absent or says something else. */
    public <T extends Detailed> Kind<T> kind(String name, Kinds<T> kinds, T standing) {
        String code = typed.getOrDefault(name, standing.kind().code());
        return kinds.coded(code).or(() -> kinds.coded(standing.kind().code())).orElseThrow();
    }

    /** How many, or the number that stands where the field is absent or refused. */
    public int count(String name, int least, int most, int standing) {
        String text = typed.getOrDefault(name, Integer.toString(standing)).strip();
        if (text.matches("\\d{1,4}") && Integer.parseInt(text) >= least && Integer.parseInt(text) <= most) {
            return Integer.parseInt(text);
        }
        refuse(name, "entry.count", least, most);
        return standing;
    }

    /** How long, in minutes: {@code 90}, {@code 1 h 30}; what stands where the field is absent or refused. */
    public int minutes(String name, int least, int most, int standing) {
        String text = typed.get(name);
        if (text == null) {
            return standing;
        }
        Optional<Integer> read = DurationReader.minutes(text).filter(minutes -> minutes >= least && minutes <= most);
        if (read.isEmpty()) {
            refuse(name, "entry.minutes", least, most);
        }
        return read.orElse(standing);
    }

    /** The same in a field that may be left empty. */
    public Optional<Integer> maybeMinutes(String name, int least, int most, Optional<Integer> standing) {
        String text = typed.get(name);
        if (text == null) {
            return standing;
        }
        if (text.isBlank()) {
            return Optional.empty();
        }
        int read = minutes(name, least, most, -1);
        return refusals.containsKey(name) ? standing : Optional.of(read);
    }

    /** How many, in a field that may be left empty. */
    public Optional<Integer> maybeCount(String name, int least, int most, Optional<Integer> standing) {
        String text = typed.get(name);
        if (text == null) {
            return standing;
        }
        if (text.isBlank()) {
            return Optional.empty();
        }
        int read = count(name, least, most, -1);
        return refusals.containsKey(name) ? standing : Optional.of(read);
    }

    /** A whole percentage, with its sign or without, in a field that may be left empty. */
    public Optional<Integer> maybePercent(String name, int most, Optional<Integer> standing) {
        return Optional.ofNullable(typed.get(name))
                .map(text -> text.replaceFirst("\\s*%\\s*$", ""))
                .map(bare -> new Entries(Map.of(name, bare), words, refusals).maybeCount(name, 0, most, standing))
                .orElse(standing);
    }

    /** A sum of money, in hundredths, in a field that may be left empty. */
    public Optional<Integer> maybeHundredths(String name, int most, Optional<Integer> standing) {
        String text = typed.get(name);
        if (text == null) {
            return standing;
        }
        if (text.isBlank()) {
            return Optional.empty();
        }
        int read = hundredths(name, most, -1);
        return refusals.containsKey(name) ? standing : Optional.of(read);
    }

    /** One line of text that may be empty. */
    public String maybeText(String name, int longest, String standing) {
        String text = typed.get(name);
        if (text == null) {
            return standing;
        }
        String line = PlainText.line(text);
        if (line.length() > longest) {
            refuse(name, "entry.longest", longest);
            return standing;
        }
        return line;
    }

    /** A day, as a date field sends it, not before one and not after another. */
    public LocalDate day(String name, LocalDate first, LocalDate last, LocalDate standing) {
        String text = typed.getOrDefault(name, standing.toString()).strip();
        try {
            LocalDate day = LocalDate.parse(text);
            if (day.equals(standing) || !day.isBefore(first) && !day.isAfter(last)) {
                return day;
            }
            refuse(name, day.isAfter(last) ? "entry.day-to-come" : "entry.day-long-ago");
        } catch (DateTimeParseException nonsense) {
            refuse(name, "entry.day");
        }
        return standing;
    }

    /** A sum of money, in hundredths; nothing written means nought, and what stands is kept where it cannot be read. */
    public int hundredths(String name, int most, int standing) {
        String text = typed.get(name);
        if (text == null) {
            return standing;
        }
        if (text.isBlank()) {
            return 0;
        }
        String plain = CURRENCY.matcher(text.strip()).replaceAll("").replace(',', '.');
        if (plain.matches("\\d{1,6}(\\.\\d{1,2})?")) {
            int hundredths = new BigDecimal(plain).movePointRight(2).intValueExact();
            if (hundredths <= most) {
                return hundredths;
            }
        }
        refuse(name, "entry.money");
        return standing;
    }

    /**
     * A percentage, in tenths of one; nothing written means nought, and what stands is kept where it cannot be read.
     */
    public int tenths(String name, int most, int standing) {
        String text = typed.get(name);
        if (text == null) {
            return standing;
        }
        if (text.isBlank()) {
            return 0;
        }
        String plain = text.strip().replace("%", "").replace(',', '.').strip();
        if (!plain.matches("\\d{1,3}(\\.\\d)?")) {
            refuse(name, "entry.not-percent");
            return standing;
        }
        int tenths = new BigDecimal(plain).movePointRight(1).intValueExact();
        if (tenths > most) {
            refuse(name, "entry.percent-most", most / 10);
            return standing;
        }
        return tenths;
    }

    /** A detail as it was typed or chosen, or as it stands. */
    public Detail<?> entered(Detail<?> detail) {
        return detail.match(new Entered());
    }

    private final class Entered implements Detail.Cases<Detail<?>, RuntimeException> {

        @Override
        public Detail<?> measure(Detail.Measure detail) {
            return detail.with(length(detail.name(), detail.limits(), detail.value()));
        }

        @Override
        public Detail<?> maybe(Detail.MaybeMeasure detail) {
            return detail.with(maybeLength(detail.name(), detail.limits(), detail.value()));
        }

        @Override
        public <E extends Enum<E>> Detail<?> oneOf(Detail.OneOf<E> detail) {
            return detail.with(choice(detail.name(), detail.type(), detail.value()));
        }

        @Override
        public Detail<?> count(Detail.Count detail) {
            return detail.with(Entries.this.count(detail.name(), detail.least(), detail.most(), detail.value()));
        }

        @Override
        public Detail<?> tick(Detail.Tick detail) {
            return detail.with(ticked(detail.name(), detail.value()));
        }
    }

    public Words words() {
        return words;
    }

    /** A tick; the form sends a twin field so that "not ticked" can be told from "not asked". */
    public boolean ticked(String name, boolean standing) {
        return typed.containsKey(name + "-asked") ? typed.containsKey(name) : standing;
    }

    /** One line of text, or the one that stands where it is empty or too long. */
    public String text(String name, int longest, String standing) {
        String text = typed.get(name);
        if (text == null) {
            return standing;
        }
        String line = PlainText.line(text);
        if (line.isEmpty() || line.length() > longest) {
            refuse(name, "entry.name", longest);
            return standing;
        }
        return line;
    }

    public Optional<String> raw(String name) {
        return Optional.ofNullable(typed.get(name));
    }

    public void refuse(String name, String code, Object... args) {
        refusals.put(name, words.say(code, args));
    }

    /** Whether every field could be read. */
    public boolean isClean() {
        return refusals.isEmpty();
    }

    /** What is wrong with a field; nothing where nothing is. */
    public Optional<String> refusal(String name) {
        return Optional.ofNullable(refusals.get(name));
    }

    /** What a field shows: what was typed where that was refused, else what stands. */
    public String value(String name, Length standing) {
        return value(name, shown(standing));
    }

    public String value(String name, Optional<Length> standing) {
        return value(name, standing.map(this::shown).orElse(""));
    }

    public String value(String name, String standing) {
        return refusals.containsKey(name) ? typed.getOrDefault(name, "") : standing;
    }

    private String shown(Length length) {
        return words.lengths().fine(length);
    }
}
