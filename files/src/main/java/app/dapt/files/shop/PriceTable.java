package app.dapt.files.shop;

import app.dapt.cover.decision.LengthRange;
import app.dapt.files.BadPlanFile;
import app.dapt.files.ExactLength;
import app.dapt.files.Spreadsheet;
import app.dapt.measure.Entry;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.PlainText;
import app.dapt.measure.Unit;
import app.dapt.shelf.Price;
import app.dapt.shelf.Price.Per;
import app.dapt.shelf.Prices;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Counted;
import app.dapt.shelf.Thing.Kind;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Currency;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * Prices as comma-separated values: a shop's list, or what somebody wrote down in a spreadsheet. The columns, in any
 * order, are {@code shop}, {@code kind}, {@code name}, {@code size}, {@code width}, {@code price}, {@code currency},
 * {@code per}, {@code day} and {@code stock}; only {@code kind} and {@code price} have to be there.
 */
public final class PriceTable {

    private static final int SHOWN = 40;
    private static final int EARLIEST = 2000;

    /**
     * What stands where a row does not say it.
     *
     * @param shop     whose prices they are
     * @param mark     in whose unit a bare number is
     * @param dayFirst whether 3/4/2027 is in April
     * @param currency what the workroom reckons in
     * @param today    when they were asked
     */
    public record Habits(String shop, Mark mark, boolean dayFirst, Currency currency, LocalDate today) {}

    /** A row that is no price. */
    public record Refused(long row, Phrase why) {}

    /** What a table holds. */
    public record Rows(List<Price> prices, List<Refused> refused) {
        public Rows {
            prices = List.copyOf(prices);
            refused = List.copyOf(refused);
        }
    }

    private enum Column {
        SHOP,
        KIND,
        NAME,
        SIZE,
        WIDTH,
        PRICE,
        CURRENCY,
        PER,
        DAY,
        STOCK;

        private String heading() {
            return Phrase.code(this);
        }
    }

    /** What kinds are called in a table. */
    private static final Map<String, Kind> KINDS = Map.ofEntries(
            Map.entry("fabric", Kind.CLOTH),
            Map.entry("cloth", Kind.CLOTH),
            Map.entry("form", Kind.FORM),
            Map.entry("pad", Kind.FORM),
            Map.entry("zipper", Kind.ZIP),
            Map.entry("zip", Kind.ZIP),
            Map.entry("cord", Kind.CORD),
            Map.entry("trim", Kind.TRIM),
            Map.entry("button", Kind.BUTTON),
            Map.entry("buttons", Kind.BUTTON),
            Map.entry("interfacing", Kind.INTERFACING),
            Map.entry("thread", Kind.THREAD),
            Map.entry("filling", Kind.FILLING));

    /** What a price is for, as it is written. */
    private static final Map<String, Per> PERS = Map.ofEntries(
            Map.entry("yd", Per.YARD),
            Map.entry("yard", Per.YARD),
            Map.entry("m", Per.METRE),
            Map.entry("meter", Per.METRE),
            Map.entry("metre", Per.METRE),
            Map.entry("one", Per.ONE),
            Map.entry("each", Per.ONE),
            Map.entry("piece", Per.ONE),
            Map.entry("100 g", Per.HUNDRED_GRAMS),
            Map.entry("100g", Per.HUNDRED_GRAMS));

    private final Habits habits;
    private final Map<Column, Integer> places = new EnumMap<>(Column.class);
    private final Map<Column, Unit> units = new EnumMap<>(Column.class);

    private PriceTable(Habits habits, CSVRecord header) {
        this.habits = habits;
        for (int i = 0; i < header.size(); i++) {
            String heading = header.get(i);
            int place = i;
            Stream.of(Column.values())
                    .filter(column -> column.heading().equals(Spreadsheet.heading(heading)))
                    .findFirst()
                    .ifPresent(column -> {
                        places.putIfAbsent(column, place);
                        Spreadsheet.unit(heading).ifPresent(unit -> units.putIfAbsent(column, unit));
                    });
        }
    }

    /**
     * Reads a file's bytes; a row that is no price is told apart by its number, counted as a spreadsheet does.
     *
     * @throws BadPlanFile where it is no table of prices at all
     */
    public static Rows read(byte[] file, Habits habits) throws BadPlanFile {
        List<CSVRecord> records = Spreadsheet.rows(file);
        PriceTable table = new PriceTable(habits, records.get(0));
        if (!table.places.containsKey(Column.KIND) || !table.places.containsKey(Column.PRICE)) {
            throw new BadPlanFile("", "needs columns “kind” and “price” in its first line");
        }
        List<Price> prices = new ArrayList<>();
        List<Refused> refused = new ArrayList<>();
        for (CSVRecord row : records.subList(1, records.size())) {
            try {
                prices.add(table.price(row));
            } catch (NoPrice e) {
                refused.add(new Refused(row.getRecordNumber(), e.why));
            }
        }
        return new Rows(prices, refused);
    }

    /**
     * Prices as they read back exactly.
     *
     * @param unit     which lengths are written in, where that is exact
     * @param currency as its code
     */
    public static String write(Prices prices, Unit unit, String currency) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord(Stream.of(Column.values()).map(Column::heading));
            for (Price price : prices.all()) {
                printer.printRecord(
                        Spreadsheet.guarded(price.shop()),
                        name(KINDS, price.kind()),
                        Spreadsheet.guarded(price.name()),
                        price.size().map(size -> ExactLength.write(size, unit)).orElse(""),
                        price.width()
                                .map(width -> ExactLength.write(width, unit))
                                .orElse(""),
                        BigDecimal.valueOf(price.cents(), 2).toPlainString(),
                        currency,
                        name(PERS, price.per()),
                        price.day().toString(),
                        price.stock().map(there -> stock(price, there, unit)).orElse(""));
            }
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return out.toString();
    }

    private static String stock(Price price, long there, Unit unit) {
        return price.kind().counted() == Counted.LENGTH && there > 0
                ? ExactLength.write(new Length(there), unit)
                : String.valueOf(there);
    }

    private static <T> String name(Map<String, T> names, T of) {
        return names.entrySet().stream()
                .filter(entry -> entry.getValue().equals(of))
                .map(Map.Entry::getKey)
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** Why a row is no price. */
    private static final class NoPrice extends Exception {
        private final transient Phrase why;

        NoPrice(String code, Object... args) {
            super(code);
            this.why = Phrase.of(code, args);
        }
    }

    private Price price(CSVRecord row) throws NoPrice {
        Kind kind = read(row, Column.KIND, KINDS).orElseThrow(() -> wrong(row, Column.KIND));
        Per usual = usual(kind);
        Per per = cell(row, Column.PER).isPresent()
                ? read(row, Column.PER, PERS).orElseThrow(() -> wrong(row, Column.PER))
                : usual;
        if (per.counted() != kind.counted()) {
            throw wrong(row, Column.PER);
        }
        int cents = cell(row, Column.PRICE)
                .flatMap(Spreadsheet::hundredths)
                .filter(price -> price <= Thing.DEAREST)
                .orElseThrow(() -> wrong(row, Column.PRICE));
        Optional<String> currency = cell(row, Column.CURRENCY);
        if (currency.isPresent()
                && !currency.get().equalsIgnoreCase(habits.currency().getCurrencyCode())) {
            throw new NoPrice(
                    "price.row.currency",
                    shown(row, Column.CURRENCY),
                    habits.currency().getCurrencyCode());
        }
        Optional<Length> size = length(row, Column.SIZE, kind.isSized(), LengthRange.sizeOf(kind));
        Optional<Length> width = length(row, Column.WIDTH, kind.isWide(), LengthRange.widthOf(kind));
        LocalDate day = cell(row, Column.DAY).isPresent()
                ? cell(row, Column.DAY)
                        .flatMap(text -> Spreadsheet.day(text, habits.dayFirst()))
                        .filter(asked -> !asked.isAfter(habits.today()) && asked.getYear() >= EARLIEST)
                        .orElseThrow(() -> wrong(row, Column.DAY))
                : habits.today();
        return new Price(
                line(row, Column.SHOP).orElse(habits.shop()),
                kind,
                line(row, Column.NAME).orElse(Phrase.code(kind)),
                size,
                width,
                cents,
                per,
                day,
                stock(row, kind));
    }

    /** A length by the yard or the metre, as whoever keeps the table measures. */
    private Per usual(Kind kind) {
        return switch (kind.counted()) {
            case LENGTH -> habits.mark().unit().metric() ? Per.METRE : Per.YARD;
            case PIECES -> Per.ONE;
            case GRAMS -> Per.HUNDRED_GRAMS;
        };
    }

    private Optional<Length> length(CSVRecord row, Column column, boolean has, LengthRange range) throws NoPrice {
        Optional<String> cell = cell(row, column);
        if (cell.isEmpty()) {
            return Optional.empty();
        }
        Entry read =
                range.reader(units.getOrDefault(column, habits.mark().unit())).read(cell.get());
        if (!has || !(read instanceof Entry.Value value)) {
            throw wrong(row, column);
        }
        return Optional.of(value.length());
    }

    /** So many, so much by the yard or the metre, so many grams. */
    private Optional<Long> stock(CSVRecord row, Kind kind) throws NoPrice {
        Optional<String> cell = cell(row, Column.STOCK);
        if (cell.isEmpty()) {
            return Optional.empty();
        }
        if (kind.counted() != Counted.LENGTH) {
            String digits = cell.get().replaceAll("\\s*(g|pcs?)$", "");
            if (!digits.matches("\\d{1,6}")) {
                throw wrong(row, Column.STOCK);
            }
            return Optional.of(Long.parseLong(digits));
        }
        if (cell.get().matches("0+([.,]0+)?")) {
            return Optional.of(0L);
        }
        boolean bare = cell.get().matches("[\\d.,½¼¾⅛⅜⅝⅞/ ]+");
        String text = bare ? cell.get() + (habits.mark().unit().metric() ? " m" : " yd") : cell.get();
        if (LengthRange.LAID.reader(habits.mark().unit()).read(text) instanceof Entry.Value value
                && value.length().isPositive()) {
            return Optional.of(value.length().grains());
        }
        throw wrong(row, Column.STOCK);
    }

    private <T> Optional<T> read(CSVRecord row, Column column, Map<String, T> known) {
        return cell(row, column).map(text -> known.get(text.toLowerCase(Locale.ROOT)));
    }

    private Optional<String> line(CSVRecord row, Column column) {
        return cell(row, column)
                .map(text -> PlainText.shortened(PlainText.line(text), Thing.LONGEST_NAME))
                .filter(line -> !line.isEmpty());
    }

    private NoPrice wrong(CSVRecord row, Column column) {
        return cell(row, column).isEmpty()
                ? new NoPrice("price.row.missing", column.heading())
                : new NoPrice("price.row.wrong", column.heading(), shown(row, column));
    }

    private String shown(CSVRecord row, Column column) {
        return PlainText.shortened(PlainText.line(cell(row, column).orElse("")), SHOWN);
    }

    private Optional<String> cell(CSVRecord row, Column column) {
        return Optional.ofNullable(places.get(column)).flatMap(place -> Spreadsheet.cell(row, place));
    }
}
