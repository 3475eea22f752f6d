package app.dapt.web.client;

import app.dapt.files.paper.PdfLetter.Letter;
import app.dapt.files.paper.PdfLetter.Row;
import app.dapt.measure.Axis;
import app.dapt.measure.Unit;
import app.dapt.shelf.CostSheet.Beside;
import app.dapt.shelf.Quotation;
import app.dapt.shelf.Quotation.Item;
import app.dapt.web.entry.Entries;
import app.dapt.web.progress.Batch;
import app.dapt.web.progress.BuyList;
import app.dapt.web.wording.Minutes;
import app.dapt.web.workroom.ClientStore.Client;
import app.dapt.web.workroom.LearningStore.Terms;
import app.dapt.words.Money;
import app.dapt.words.Words;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Whom a cover or a set is for and what it costs them, ready for its templates.
 *
 * @param list   all that goes into it
 * @param beside what a form costs
 * @param terms  what an hour counts and what is added, in this workroom
 */
public record ClientPage(
        Batch batch,
        Client client,
        BuyList list,
        Beside beside,
        Terms terms,
        Entries entries,
        LocalDate today,
        Locale locale) {

    public Words w() {
        return entries.words();
    }

    public String name() {
        return batch.name();
    }

    public String path() {
        return batch.owner().path();
    }

    private Unit unit() {
        return w().mark().unit();
    }

    /** All that is counted. */
    Quotation quotation() {
        List<Item> items = new ArrayList<>();
        list.cloths()
                .forEach(line -> items.add(new Item(
                        w().say("buy.cloth", line.cloth().name(), line.cloth().width()),
                        line.needed().map(w().lengths()::toBuy).orElse(""),
                        line.cost(unit()),
                        client.ownCloth())));
        list.notions()
                .forEach(line ->
                        items.add(new Item(w().say(line.bought().what()), line.amount(w()), line.cost(unit()), false)));
        items.add(new Item(
                w().say("cost.form-line"),
                String.valueOf(batch.copies()),
                beside.form().map(one -> (long) one * batch.copies()),
                client.ownForm()));
        return new Quotation(
                items,
                batch.minutesOfWork(),
                new Quotation.Terms(terms.hourly(), terms.margin(), client.extra(), client.paid()));
    }

    private String money(long hundredths) {
        return w().money().shown(hundredths);
    }

    private String day(LocalDate day) {
        return DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG)
                .withLocale(locale)
                .format(day);
    }

    /** What it comes to now. */
    public String total() {
        return money(quotation().total());
    }

    /** What was told, and when; nothing where nothing was. */
    public Optional<String> told() {
        return client.quoted().map(quoted -> w().say("client.told", day(quoted.on()), money(quoted.total()), total()));
    }

    public long unknown() {
        return quotation().unknown();
    }

    public boolean isQuoted() {
        return client.quoted().isPresent();
    }

    /** The quotation, or the bill: that holds to what was told. */
    public Letter letter(boolean bill) {
        Quotation quotation = quotation();
        List<String> head = Stream.of(
                        day(today),
                        client.name().isEmpty() ? "" : w().say("client.for", client.name()),
                        client.reach(),
                        batch.name() + ": " + sizes(),
                        bill
                                ? ""
                                : client.until()
                                        .map(day -> w().say("client.until-day", day(day)))
                                        .orElse(""),
                        client.note())
                .filter(line -> !line.isBlank())
                .toList();
        List<Row> totals = new ArrayList<>();
        long agreed = bill ? client.quoted().map(told -> told.total()).orElse(quotation.total()) : quotation.total();
        if (bill && isQuoted()) {
            totals.add(new Row(
                    w().say("client.as-told", day(client.quoted().orElseThrow().on())), "", money(agreed)));
        } else {
            totals.add(new Row(w().say("client.all"), "", money(agreed)));
        }
        if (client.paid() > 0) {
            totals.add(new Row(w().say("client.paid-before"), "", "− " + money(client.paid())));
            totals.add(new Row(w().say("client.due"), "", money(quotation.due(agreed))));
        }
        return new Letter(
                w().say(bill ? "client.bill" : "client.quotation"),
                head,
                rows(quotation),
                totals,
                List.of(w().say(bill ? "client.bill-foot" : "client.quotation-foot")));
    }

    private String sizes() {
        return w().list(batch.covers().stream()
                .map(made -> (made.copies() > 1 ? made.copies() + " × " : "")
                        + w().lengths()
                                .size(
                                        made.reckoned().finished(Axis.ACROSS),
                                        made.reckoned().finished(Axis.UP_DOWN))
                        + " " + w().lengths().unitWord())
                .toList());
    }

    private List<Row> rows(Quotation quotation) {
        List<Row> rows = new ArrayList<>();
        quotation
                .items()
                .forEach(item -> rows.add(new Row(
                        item.what(),
                        item.amount(),
                        item.owned()
                                ? w().say("client.yours")
                                : item.price().map(this::money).orElse(w().say("client.no-price")))));
        if (terms.hourly() > 0) {
            rows.add(new Row(
                    w().say("client.work"),
                    w().say("client.hours", Minutes.about(batch.minutesOfWork(), w()), money(terms.hourly())),
                    money(quotation.work())));
        }
        if (terms.margin() > 0) {
            rows.add(new Row(w().say("client.added"), terms.margin() + " %", money(quotation.added())));
        }
        if (client.extra() > 0) {
            rows.add(new Row(w().say("client.extra-line"), "", money(client.extra())));
        }
        return rows;
    }

    /** A field as it stands, or as it was typed where it was refused. */
    public String value(String field) {
        String standing =
                switch (field) {
                    case "name" -> client.name();
                    case "reach" -> client.reach();
                    case "note" -> client.note();
                    case "until" -> client.until().map(LocalDate::toString).orElse("");
                    case "extra" -> plain(client.extra());
                    case "paid" -> plain(client.paid());
                    case "hourly" -> plain(terms.hourly());
                    default -> terms.margin() == 0 ? "" : String.valueOf(terms.margin());
                };
        return entries.value(field, standing);
    }

    private static String plain(int hundredths) {
        return hundredths == 0 ? "" : Money.plain(hundredths);
    }

    public String refusal(String field) {
        return entries.refusal(field).orElse("");
    }
}
