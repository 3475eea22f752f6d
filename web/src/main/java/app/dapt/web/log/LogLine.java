package app.dapt.web.log;

import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.form.Filling;
import app.dapt.log.LogEntry;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.web.wording.CoverSummary;
import app.dapt.web.wording.FittingWords;
import app.dapt.web.wording.Minutes;
import app.dapt.web.workroom.Logged;
import app.dapt.words.Words;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * An entry of the log in its list.
 *
 * @param drawing the front, small, where there is no picture of it
 * @param what    its size, shape and opening
 * @param form    what went inside
 * @param fabrics it is made of
 * @param said    how it sat; nothing where nobody tried it on
 * @param done    what was done about it
 * @param minutes and money it took, as far as they were noted
 */
public record LogLine(
        long id,
        String day,
        String name,
        String drawing,
        Optional<Long> picture,
        String what,
        String form,
        String fabrics,
        Optional<String> said,
        String done,
        String minutes,
        String cost,
        String note) {

    private static final double UNITS = 44;

    static LogLine of(Logged logged, Words w, Locale locale) {
        LogEntry entry = logged.entry();
        Reckoned cover = Reckoner.reckonWithoutRemedies(entry.plan(), w.mark());
        return new LogLine(
                logged.id(),
                day(entry, locale),
                entry.plan().name(),
                drawing(cover, w, "l" + logged.id(), UNITS),
                entry.picture(),
                CoverSummary.of(cover, w),
                form(cover, w),
                fabrics(cover),
                entry.fitting().map(sat -> new FittingWords(w).said(sat.verdict())),
                new FittingWords(w).sewn(entry),
                entry.spent()
                        .minutes()
                        .map(minutes -> Minutes.exactly(minutes, w))
                        .orElse(""),
                cost(entry, w),
                entry.note());
    }

    static String day(LocalDate day, Locale locale) {
        return DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM)
                .withLocale(locale)
                .format(day);
    }

    static String day(LogEntry entry, Locale locale) {
        return day(entry.made(), locale);
    }

    static String drawing(Reckoned cover, Words w, String id, double units) {
        Length around = cover.plan().edging().standsOut(cover.plan().unit()).times(2);
        Pen pen = Pen.fitting(
                cover.finished(Axis.ACROSS).plus(around),
                cover.finished(Axis.UP_DOWN).plus(around),
                units);
        return new SvgDrawing(cover.plan().cloths(), w, pen, id).write(CoverDrawing.outline(cover));
    }

    static String form(Reckoned cover, Words w) {
        Length across = cover.form().across().flat();
        Length upDown = cover.form().upDown().flat();
        String form = across.equals(upDown) ? w.say("log.form-one", across) : w.say("log.form-two", across, upDown);
        Filling filling = cover.plan().form().filling();
        return filling == Filling.UNKNOWN
                ? form
                : w.say("log.form-filled", form, w.say("log.filling." + Phrase.code(filling)));
    }

    private static String fabrics(Reckoned cover) {
        return cover.pieces().stream()
                .map(piece -> cover.plan().cloths().of(piece.material()).name())
                .distinct()
                .collect(Collectors.joining(", "));
    }

    static String cost(LogEntry entry, Words w) {
        List<Integer> paid = Stream.of(entry.spent().fabric(), entry.spent().notions())
                .flatMap(Optional::stream)
                .toList();
        return paid.isEmpty()
                ? ""
                : w.money().shown(paid.stream().mapToLong(Integer::longValue).sum());
    }
}
