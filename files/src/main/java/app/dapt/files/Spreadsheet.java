package app.dapt.files;

import app.dapt.measure.PlainText;
import app.dapt.measure.Unit;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table as spreadsheets save it: commas, semicolons or tabs part its columns, a comma may stand before decimals, days
 * are written in several ways, and what would be taken for a formula is guarded by an apostrophe.
 */
public final class Spreadsheet {

    public static final int MOST_ROWS = 5_000;
    private static final int LONGEST_HEADING = 80;
    private static final int CENTURY = 2000;
    private static final Pattern DAY = Pattern.compile("(\\d{1,4})([./-])\\s*(\\d{1,2})\\2\\s*(\\d{1,4})");
    private static final Pattern MONEY = Pattern.compile("[^\\d.,-]*(\\d{1,6})(?:[.,](\\d{1,2}))?[^\\d.,]*");
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");

    /** What a spreadsheet takes for the beginning of a formula, also after what nobody sees and in its wide form. */
    private static final Pattern FORMULA =
            Pattern.compile("^(['\\t\\r]|[\\s\\p{Z}\\p{Cf}]*[=+\\-@\uFF1D\uFF0B\uFF0D\uFF20]).*", Pattern.DOTALL);

    private Spreadsheet() {}

    /**
     * The rows of a file, the one with the headings first.
     *
     * @throws BadPlanFile where it is empty, too long, no such table at all, or not written in UTF-8
     */
    public static List<CSVRecord> rows(byte[] file) throws BadPlanFile {
        String text = text(file);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter(text))
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            List<CSVRecord> records = new ArrayList<>();
            for (CSVRecord each : parser) {
                if (records.size() > MOST_ROWS) {
                    throw new BadPlanFile("", "has more than " + MOST_ROWS + " rows");
                }
                records.add(each);
            }
            if (records.isEmpty()) {
                throw new BadPlanFile("", "is empty");
            }
            return records;
        } catch (IOException | UncheckedIOException | IllegalStateException e) {
            throw new BadPlanFile("", "is not comma-separated values");
        }
    }

    /** Whatever parts the names of the first line most often. */
    private static char delimiter(String text) {
        String first = text.lines().findFirst().orElse("");
        return Stream.of(',', ';', '\t')
                .max(Comparator.comparingLong(
                        each -> first.chars().filter(c -> c == each).count()))
                .orElseThrow();
    }

    /**
     * What a file's bytes say.
     *
     * @throws BadPlanFile where it is not written in UTF-8
     */
    public static String text(byte[] file) throws BadPlanFile {
        try {
            return withoutMark(StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file))
                    .toString());
        } catch (CharacterCodingException e) {
            throw new BadPlanFile("", "is not written in UTF-8: save it as UTF-8");
        }
    }

    /** Without what some spreadsheets put before everything else. */
    public static String withoutMark(String text) {
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }

    /** A heading as it is looked up: small letters, no brackets and what stands in them. */
    public static String heading(String cell) {
        return plain(cell)
                .replaceAll("[\\[(].*?[\\])]", " ")
                .replaceAll("[^\\p{L}]+", " ")
                .strip();
    }

    /** What a heading says its column is in: width (cm). */
    public static Optional<Unit> unit(String cell) {
        String heading = plain(cell);
        return heading.matches(".*[\\[(]\\s*cm\\s*[\\])].*")
                ? Optional.of(Unit.CENTIMETRE)
                : heading.matches(".*[\\[(]\\s*(in|inch|inches|\")\\s*[\\])].*")
                        ? Optional.of(Unit.INCH)
                        : Optional.empty();
    }

    private static String plain(String cell) {
        return PlainText.shortened(cell, LONGEST_HEADING).toLowerCase(Locale.ROOT);
    }

    /** What stands in a cell; nothing where it is empty or the row is shorter. */
    public static Optional<String> cell(CSVRecord row, int place) {
        return place < row.size()
                ? Optional.of(unguarded(row.get(place)).strip()).filter(text -> !text.isEmpty())
                : Optional.empty();
    }

    /**
     * 2025-03-04, 4.3.2025, 4/3/25.
     *
     * @param dayFirst whether 4/3/25 is in March, where it could be either
     */
    public static Optional<LocalDate> day(String text, boolean dayFirst) {
        Matcher parts = DAY.matcher(text.strip());
        if (!parts.lookingAt()) {
            return Optional.empty();
        }
        int first = Integer.parseInt(parts.group(1));
        int second = Integer.parseInt(parts.group(3));
        int third = Integer.parseInt(parts.group(4));
        boolean dayIsFirst = parts.group(2).equals(".") || first > 12 || second <= 12 && dayFirst;
        try {
            return Optional.of(
                    parts.group(1).length() == 4
                            ? LocalDate.of(first, second, third)
                            : LocalDate.of(year(third), dayIsFirst ? second : first, dayIsFirst ? first : second));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    private static int year(int written) {
        return written < 100 ? CENTURY + written : written;
    }

    /** A sum of money in hundredths, whatever stands around it. */
    public static Optional<Integer> hundredths(String text) {
        Matcher money = MONEY.matcher(text);
        if (!money.matches()) {
            return Optional.empty();
        }
        String part = money.group(2) == null ? "0" : money.group(2);
        return Optional.of(
                new BigDecimal(money.group(1) + "." + part).movePointRight(2).intValueExact());
    }

    /** A cell that no spreadsheet takes for a formula. */
    public static String guarded(String cell) {
        return FORMULA.matcher(cell).matches() && !NUMBER.matcher(cell).matches() ? "'" + cell : cell;
    }

    /** The cell as it was before. */
    public static String unguarded(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell.substring(1)).matches() ? cell.substring(1) : cell;
    }
}
