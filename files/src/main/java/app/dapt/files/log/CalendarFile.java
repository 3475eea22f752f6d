package app.dapt.files.log;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** A calendar file (iCalendar, RFC 5545), one event a sitting, at the time of wherever it is read. */
public final class CalendarFile {

    /**
     * A stretch of work.
     *
     * @param id    the same whenever it is written again, so that a calendar moves it rather than doubling it
     * @param steps what is done, one line each
     */
    public record Event(String id, LocalDateTime from, LocalDateTime to, String title, List<String> steps) {}

    /**
     * A whole day that comes again every year.
     *
     * @param first the first time
     */
    public record YearDay(String id, LocalDate first, String title) {}

    private static final int LONGEST_LINE = 75;

    private CalendarFile() {}

    /**
     * Writes them.
     *
     * @param now when that is
     */
    public static byte[] write(List<Event> events, Instant now) {
        return write(events, List.of(), now);
    }

    /** The same with days that come again every year. */
    public static byte[] write(List<Event> events, List<YearDay> days, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Dapt//Order of work//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (Event event : events) {
            VEvent shown = new VEvent(false);
            shown.add(new Uid(event.id()));
            shown.add(new DtStamp(now));
            shown.add(new DtStart<>(event.from()));
            shown.add(new DtEnd<>(event.to()));
            shown.add(new Summary(event.title()));
            shown.add(new Description(String.join("\n", event.steps())));
            calendar.add(shown);
        }
        for (YearDay day : days) {
            VEvent shown = new VEvent(false);
            shown.add(new Uid(day.id()));
            shown.add(new DtStamp(now));
            shown.add(new DtStart<>(day.first()));
            shown.add(new RRule<LocalDate>("FREQ=YEARLY"));
            shown.add(new Summary(day.title()));
            calendar.add(shown);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            new CalendarOutputter(false).output(calendar, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return folded(out.toString(StandardCharsets.UTF_8)).getBytes(StandardCharsets.UTF_8);
    }

    /** Lines of at most 75 octets, as the format has it: longer ones go on in the next, after a space. */
    private static String folded(String calendar) {
        StringBuilder folded = new StringBuilder();
        for (String line : calendar.replace("\r\n ", "").split("\r\n")) {
            int octets = 0;
            for (int at : line.codePoints().toArray()) {
                String character = Character.toString(at);
                int more = character.getBytes(StandardCharsets.UTF_8).length;
                if (octets + more > LONGEST_LINE) {
                    folded.append("\r\n ");
                    octets = 1;
                }
                folded.append(character);
                octets += more;
            }
            folded.append("\r\n");
        }
        return folded.toString();
    }
}
