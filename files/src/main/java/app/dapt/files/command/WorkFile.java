package app.dapt.files.command;

import app.dapt.files.BadPlanFile;
import app.dapt.files.Cursor;
import app.dapt.schedule.FreeTime;
import app.dapt.schedule.FreeTime.Slot;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * All that is in work, as a file: when there is time, which covers, by when.
 *
 * @param covers with the paths of their plans as they stand in the file
 */
record WorkFile(FreeTime time, List<Wanted> covers) {

    /** More covers than anybody has in work. */
    static final int MOST_COVERS = 100;

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST_TIMES = 100;
    private static final int MOST_OFF = 2_000;
    private static final int LONGEST_PATH = 4_000;
    private static final int LONGEST_TIME = 40;

    /** Covers that are alike. */
    record Wanted(String plan, int count, Optional<LocalDate> due) {}

    /** Reads one thing from a text. */
    private interface Parser<T> {
        T parse(String text);
    }

    WorkFile {
        covers = List.copyOf(covers);
    }

    /** @throws BadPlanFile with the place, where the text is no such file */
    static WorkFile read(String text) throws BadPlanFile {
        try {
            Cursor root = Cursor.root(JSON.readTree(text));
            LocalDateTime from = parsed(root, "from", LocalDateTime::parse, "2027-03-01T00:00");
            List<Slot> week = new ArrayList<>();
            for (Cursor slot : root.objects("times", MOST_TIMES)) {
                week.add(new Slot(
                        slot.choice("day", DayOfWeek.class),
                        parsed(slot, "at", LocalTime::parse, "20:00"),
                        slot.number("minutes", 1, FreeTime.MOST_MINUTES)));
                slot.done();
            }
            Set<LocalDate> off = new HashSet<>();
            if (root.says("off")) {
                for (String day : root.texts("off", MOST_OFF, LONGEST_TIME)) {
                    off.add(parsed("off", day, LocalDate::parse, "2027-03-09"));
                }
            }
            WorkFile work = new WorkFile(new FreeTime(from, week, off), covers(root));
            root.done();
            return work;
        } catch (JacksonException e) {
            throw new BadPlanFile("", "is not JSON (" + e.getOriginalMessage() + ")");
        }
    }

    private static List<Wanted> covers(Cursor root) throws BadPlanFile {
        List<Wanted> covers = new ArrayList<>();
        int all = 0;
        for (Cursor cover : root.objects("covers", MOST_COVERS)) {
            int count = cover.says("count") ? cover.number("count", 1, MOST_COVERS) : 1;
            covers.add(new Wanted(
                    cover.text("plan", LONGEST_PATH),
                    count,
                    cover.says("due")
                            ? Optional.of(parsed(cover, "due", LocalDate::parse, "2027-03-20"))
                            : Optional.empty()));
            cover.done();
            all += count;
        }
        if (all > MOST_COVERS) {
            throw new BadPlanFile("covers", "are more than " + MOST_COVERS);
        }
        return covers;
    }

    private static <T> T parsed(Cursor at, String name, Parser<T> parser, String example) throws BadPlanFile {
        return parsed(name, at.text(name, LONGEST_TIME), parser, example);
    }

    private static <T> T parsed(String name, String text, Parser<T> parser, String example) throws BadPlanFile {
        try {
            return parser.parse(text);
        } catch (DateTimeException none) {
            throw new BadPlanFile(name, "is “" + text + "”, not like " + example);
        }
    }
}
