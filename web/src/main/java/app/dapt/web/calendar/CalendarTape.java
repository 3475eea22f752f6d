package app.dapt.web.calendar;

import app.dapt.files.drawing.Markup;
import app.dapt.files.drawing.Swatch;
import app.dapt.schedule.Schedule.Sitting;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A measuring tape of days as SVG: sittings hang below it as long as they last, in the cloths of what they serve; due
 * days and what must be there by then stand above it.
 *
 * @param first the first day on it
 * @param days  how many there are
 * @param off   days on which nobody sews
 * @param locale whose days they are
 */
record CalendarTape(LocalDate first, int days, Collection<LocalDate> off, Locale locale) {

    private static final double WIDE = 960;
    private static final double TAPE = 40;
    private static final double LANE = 22;
    private static final double LONGEST_BAR = 210;
    private static final double A_MINUTE = 1.5;
    private static final double CHARACTER = 7.2;
    private static final double BELOW = 20;
    /** A date needs so much room. */
    private static final double LAST_LABEL = 50;

    private static final int WEEK = 7;
    /** The dearest print still reads at so many user units to the inch. */
    private static final double PRINT = 6;

    /**
     * Something that stands above a day.
     *
     * @param work whose it is, for its cloth; less than nought for none
     */
    record Flag(LocalDate day, String says, int work, boolean late) {}

    private double day() {
        return WIDE / days;
    }

    private double x(LocalDate day) {
        return ChronoUnit.DAYS.between(first, day) * day();
    }

    private boolean isOn(LocalDate day) {
        return !day.isBefore(first) && day.isBefore(first.plusDays(days));
    }

    /**
     * Draws it.
     *
     * @param label what it says to whoever cannot see it
     */
    String draw(WorkPlan plan, List<Flag> flags, String label) {
        List<Sitting> sittings = plan.schedule().sittings().stream()
                .filter(sitting -> isOn(sitting.day()))
                .toList();
        List<Flag> shown = flags.stream()
                .filter(flag -> isOn(flag.day()))
                .sorted(Comparator.comparing(Flag::day))
                .toList();
        int[] lanes = lanes(shown);
        double top = (Arrays.stream(lanes).max().orElse(-1) + 1) * LANE + 8;
        double minute = Math.min(
                A_MINUTE,
                LONGEST_BAR
                        / sittings.stream().mapToDouble(Sitting::minutes).max().orElse(1));
        double deepest = sittings.stream().mapToDouble(Sitting::minutes).max().orElse(0) * minute;
        double high = top + TAPE + deepest + BELOW + 8;
        Markup svg = new Markup();
        svg.open(
                "svg",
                "class",
                "calendar-tape",
                "viewBox",
                "-2 0 " + Markup.number(WIDE + 4) + " " + Markup.number(high),
                "role",
                "img",
                "aria-label",
                label);
        svg.open("defs");
        for (int work = 0; work < plan.works().size(); work++) {
            new Swatch(
                            plan.works()
                                    .get(work)
                                    .batch()
                                    .covers()
                                    .get(0)
                                    .reckoned()
                                    .plan()
                                    .cloths()
                                    .front(),
                            PRINT)
                    .write(svg, "w" + work);
        }
        svg.close("defs");
        for (int at = 0; at < shown.size(); at++) {
            flag(svg, shown.get(at), 4 + lanes[at] * LANE, top);
        }
        tape(svg, top);
        for (Sitting sitting : sittings) {
            bar(svg, sitting, plan, top + TAPE + 4, minute);
        }
        return svg.close("svg").toString();
    }

    /** The lane of each flag, so that none stands on another: the lowest that is free, counted from above. */
    private int[] lanes(List<Flag> flags) {
        List<Double> free = new ArrayList<>();
        int[] lanes = new int[flags.size()];
        for (int at = 0; at < flags.size(); at++) {
            double from = Math.min(x(flags.get(at).day()), WIDE - wide(flags.get(at)));
            int lane = 0;
            while (lane < free.size() && free.get(lane) > from) {
                lane++;
            }
            if (lane == free.size()) {
                free.add(0.0);
            }
            free.set(lane, from + wide(flags.get(at)) + 8);
            lanes[at] = lane;
        }
        return lanes;
    }

    private static double wide(Flag flag) {
        return flag.says().length() * CHARACTER + 14;
    }

    private void flag(Markup svg, Flag flag, double y, double tape) {
        double pole = x(flag.day()) + day() / 2;
        double x = Math.min(pole, WIDE - wide(flag));
        svg.empty(
                "path",
                "class",
                flag.work() < 0 ? "mark-pole" : "flag-pole",
                "d",
                "M" + Markup.number(pole) + " " + Markup.number(y) + "V" + Markup.number(tape));
        if (flag.work() >= 0) {
            svg.empty(
                    "rect",
                    "class",
                    "flag-cloth",
                    "x",
                    x,
                    "y",
                    y,
                    "width",
                    9.0,
                    "height",
                    LANE - 5,
                    "fill",
                    "url(#w" + flag.work() + ")");
        }
        svg.saying(
                "text",
                flag.says(),
                "class",
                flag.late() ? "flag late" : flag.work() < 0 ? "mark" : "flag",
                "x",
                x + 12,
                "y",
                y + 12.5);
    }

    private void tape(Markup svg, double top) {
        svg.empty("rect", "class", "tape", "x", 0.0, "y", top, "width", WIDE, "height", TAPE);
        DateTimeFormatter whole =
                DateTimeFormatter.ofPattern(locale.equals(Locale.UK) ? "EEE d MMM" : "EEE MMM d", locale);
        DateTimeFormatter week = DateTimeFormatter.ofPattern(locale.equals(Locale.UK) ? "d MMM" : "MMM d", locale);
        for (int at = 0; at < days; at++) {
            LocalDate day = first.plusDays(at);
            double x = at * day();
            if (off.contains(day)) {
                svg.empty("rect", "class", "day-off", "x", x, "y", top, "width", day(), "height", TAPE);
            }
            boolean begins = at == 0 || day.getDayOfWeek() == DayOfWeek.MONDAY;
            double tick = begins ? 16 : 9;
            svg.empty(
                    "path",
                    "class",
                    "tick",
                    "d",
                    "M" + Markup.number(x) + " " + Markup.number(top + TAPE) + "v-" + Markup.number(tick));
            boolean roomy = days <= WEEK;
            if (roomy || begins && (at == 0 || at > 2 && x < WIDE - LAST_LABEL)) {
                svg.saying(
                        "text",
                        (roomy || at == 0 ? whole : week).format(day),
                        "class",
                        "tape-day",
                        "x",
                        x + 5,
                        "y",
                        top + 19);
            }
        }
    }

    private void bar(Markup svg, Sitting sitting, WorkPlan plan, double top, double minute) {
        double x = x(sitting.day()) + 3;
        double wide = day() - 6;
        double hour = (sitting.start().getHour() >= 12 ? 1 : 0);
        boolean shares = plan.schedule().sittings().stream()
                        .filter(other -> other.day().equals(sitting.day()))
                        .count()
                > 1;
        double from = shares ? x + hour * wide / 2 : x;
        double width = shares ? wide / 2 - 1 : wide;
        double y = top;
        double settingUp = sitting.settingUp() * minute;
        svg.empty("rect", "class", "setting-up", "x", from, "y", y, "width", width, "height", settingUp);
        y += settingUp;
        for (Map.Entry<Integer, Double> share : plan.shares(sitting).entrySet()) {
            double high = share.getValue() * minute;
            svg.empty(
                    "rect",
                    "class",
                    plan.isLate(share.getKey()) ? "share late" : "share",
                    "x",
                    from,
                    "y",
                    y,
                    "width",
                    width,
                    "height",
                    high,
                    "fill",
                    "url(#w" + share.getKey() + ")");
            y += high;
        }
        long minutes = Math.round(sitting.minutes());
        svg.saying(
                "text",
                minutes / 60 + ":" + (minutes % 60 < 10 ? "0" : "") + minutes % 60,
                "class",
                "lasts",
                "x",
                from + width / 2,
                "y",
                y + 14);
    }
}
