package app.dapt.cover.opening;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * How long the zip is to be.
 *
 * @param stock how it is come by
 * @param own   the length where it is the sewist's own choice; kept otherwise
 */
public record ZipLength(Stock stock, Length own) {

    /** Off the peg, cut from chain by the metre, or one that is at hand. */
    public enum Stock {
        STANDARD,
        CHAIN,
        OWN
    }

    /** The teeth of a zip, what to buy for them, and how that was chosen. */
    record Choice(Length teeth, Length buy, Phrase why) {}

    private static final List<Length> INCHES = IntStream.of(7, 9, 10, 12, 14, 16, 18, 20, 22, 24, 30, 36)
            .mapToObj(Length::inches)
            .toList();
    private static final List<Length> CENTIMETRES = IntStream.of(18, 20, 22, 25, 30, 35, 40, 45, 50, 55, 60, 70, 80)
            .mapToObj(Length::cm)
            .toList();

    static final Question<Stock> STOCK = Question.oneOf("zipStock", Stock.STANDARD, "zip-stock");
    static final Question<Length> OWN = Question.length("zipLength", LengthRange.ZIP, Length.cm(40), Length.inches(16))
            .where(STOCK, Stock.OWN);

    static final List<Question<?>> ASKED = List.of(STOCK, OWN);

    /** How far above the finished bottom edge a zip across the back lies, or from the right one seen from behind. */
    static Question<Length> at(Length metric, Length imperial) {
        return Question.length("zipAt", LengthRange.CENTRE, metric, imperial)
                .called(all -> Phrase.of(Frame.of(all).worded("detail.zipAt")));
    }

    /** As it was decided. */
    static ZipLength of(Details details) {
        return new ZipLength(details.get(STOCK), details.get(OWN));
    }

    /** Lengths sold, shortest first. */
    static List<Length> sold(Unit unit) {
        return unit.metric() ? CENTIMETRES : INCHES;
    }

    /** The shortest zip sold that is at least this long. */
    static Optional<Length> soldFor(Length least, Unit unit) {
        return sold(unit).stream().filter(length -> length.atLeast(least)).findFirst();
    }

    /** What both closed ends of the seam take together, at the least. */
    static Length ends(Unit unit) {
        return unit.pick(Length.cm(5), Length.inches(2));
    }

    /** For a seam of this length: the longest zip sold that leaves both ends closed, unless otherwise chosen. */
    Choice pick(Length seam, Unit unit) {
        Length room = seam.minus(ends(unit));
        return switch (stock) {
            case STANDARD ->
                sold(unit).stream()
                        .filter(room::atLeast)
                        .reduce((a, b) -> b)
                        .map(longest -> new Choice(longest, longest, Phrase.of("zip.why.longest", longest, room)))
                        .orElseGet(() -> shortened(Length.max(room, ends(unit)), unit));
            case CHAIN -> chain(Length.max(room, ends(unit)), unit);
            case OWN -> own(unit);
        };
    }

    /** For teeth that are to be exactly so long: a longer zip shortened, chain cut, or one's own. */
    Choice exactly(Length teeth, Unit unit) {
        Length wanted = Length.max(teeth, ends(unit));
        return switch (stock) {
            case STANDARD -> shortened(wanted, unit);
            case CHAIN -> chain(wanted, unit);
            case OWN -> own(unit);
        };
    }

    private Choice own(Unit unit) {
        return soldFor(own, unit)
                .filter(sold -> !sold.equals(own))
                .map(sold -> new Choice(own, sold, Phrase.of("zip.why.shorten", sold, own)))
                .orElseGet(() -> new Choice(own, own, Phrase.of("zip.why.own", own)));
    }

    private static Choice chain(Length teeth, Unit unit) {
        Length buy = teeth.plus(ends(unit));
        return new Choice(teeth, buy, Phrase.of("zip.why.chain", buy, teeth));
    }

    private static Choice shortened(Length teeth, Unit unit) {
        return soldFor(teeth, unit)
                .map(sold -> new Choice(
                        teeth,
                        sold,
                        sold.equals(teeth)
                                ? Phrase.of("zip.why.exact", teeth)
                                : Phrase.of("zip.why.shorten", sold, teeth)))
                .orElseGet(() -> chain(teeth, unit));
    }
}
