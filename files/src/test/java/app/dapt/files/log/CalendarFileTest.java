package app.dapt.files.log;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.files.log.CalendarFile.Event;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;

/** Sittings as a calendar reads them. */
class CalendarFileTest {

    private static final Instant NOW = Instant.parse("2026-03-02T18:30:00Z");

    private static Calendar read(List<Event> events) throws Exception {
        String text = new String(CalendarFile.write(events, NOW), StandardCharsets.UTF_8);
        assertThat(text).contains("\r\n").doesNotContainPattern("[^\r]\n");
        return new CalendarBuilder().build(new StringReader(text));
    }

    @Test
    void aSittingIsAnEventAtItsOwnTimeOfDay() throws Exception {
        Event evening = new Event(
                "sitting-1@dapt",
                LocalDateTime.of(2026, 3, 3, 20, 0),
                LocalDateTime.of(2026, 3, 3, 20, 45),
                "Saloon bench; cut, and press",
                List.of("Cut the front, 21¼ × 21¼", "Press the hem; twice\\once", "Подушка"));
        Event morning = new Event(
                "sitting-2@dapt",
                LocalDateTime.of(2026, 3, 29, 1, 30),
                LocalDateTime.of(2026, 3, 29, 3, 30),
                "Sew",
                List.of());
        Calendar calendar = read(List.of(evening, morning));
        List<VEvent> read = calendar.getComponents("VEVENT");
        assertThat(read).hasSize(2);
        assertThat(value(read.get(0), "UID")).isEqualTo("sitting-1@dapt");
        assertThat(value(read.get(0), "SUMMARY")).isEqualTo("Saloon bench; cut, and press");
        assertThat(value(read.get(0), "DESCRIPTION"))
                .isEqualTo("Cut the front, 21¼ × 21¼\nPress the hem; twice\\once\nПодушка");
        assertThat(value(read.get(0), "DTSTART")).as("of no time zone").isEqualTo("20260303T200000");
        assertThat(value(read.get(0), "DTEND")).isEqualTo("20260303T204500");
        assertThat(value(read.get(0), "DTSTAMP")).isEqualTo("20260302T183000Z");
        assertThat(value(read.get(1), "DTSTART"))
                .as("an hour that the clocks may skip is still the hour that was said")
                .isEqualTo("20260329T013000");
    }

    @Test
    void noLineIsLongerThanTheFormatAllowsInAnyScript() throws Exception {
        String title = "Подушка для салона ".repeat(9) + "鏡の間の枕".repeat(12) + "🧵".repeat(30) + "a".repeat(200);
        Event event = new Event(
                "sitting-1@dapt",
                LocalDateTime.of(2026, 3, 3, 20, 0),
                LocalDateTime.of(2026, 3, 3, 20, 45),
                title,
                List.of());
        String text = new String(CalendarFile.write(List.of(event), NOW), StandardCharsets.UTF_8);
        assertThat(text.split("\r\n"))
                .allSatisfy(line -> assertThat(line.getBytes(StandardCharsets.UTF_8))
                        .as(line)
                        .hasSizeLessThanOrEqualTo(75))
                .as("and none is cut within a letter")
                .noneMatch(line -> line.contains("\ufffd"));
        assertThat(value(read(List.of(event)).<VEvent>getComponents("VEVENT").get(0), "SUMMARY"))
                .isEqualTo(title);
    }

    private static String value(VEvent event, String property) {
        return event.getProperty(property).orElseThrow().getValue();
    }

    @Test
    void noSittingsAreACalendarToo() throws Exception {
        Calendar calendar = read(List.of());
        assertThat(calendar.<VEvent>getComponents("VEVENT")).isEmpty();
        assertThat(calendar.getProperty("VERSION").orElseThrow().getValue()).isEqualTo("2.0");
    }
}
