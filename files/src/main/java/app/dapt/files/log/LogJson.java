package app.dapt.files.log;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.decision.LengthRange;
import app.dapt.files.BadPlanFile;
import app.dapt.files.Cursor;
import app.dapt.files.ExactLength;
import app.dapt.files.plan.PictureNumbers;
import app.dapt.files.plan.PlanJson;
import app.dapt.learning.Verdict;
import app.dapt.learning.Verdict.Corners;
import app.dapt.learning.Verdict.Edges;
import app.dapt.learning.Verdict.Middle;
import app.dapt.learning.Verdict.Opening;
import app.dapt.log.Later;
import app.dapt.log.Later.After;
import app.dapt.log.Later.Gave;
import app.dapt.log.LogEntry;
import app.dapt.log.LogEntry.Fitting;
import app.dapt.log.Spent;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.step.Place;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import tools.jackson.databind.node.ObjectNode;

/** An entry of the log as JSON, with the plans of its cover in it. What is written reads back exactly. */
public final class LogJson {

    private static final long MOST_PICTURES = 1_000_000_000_000L;

    private LogJson() {}

    /**
     * The entry as it will be kept: written, read back and compared.
     *
     * @throws BadPlanFile with the place, where it would not read back the same
     */
    public static String kept(LogEntry entry) throws BadPlanFile {
        String text = PlanJson.text(node(entry));
        if (!read(text).equals(entry)) {
            throw new BadPlanFile("", "does not read back as it was");
        }
        return text;
    }

    private static ObjectNode node(LogEntry entry) {
        ObjectNode root = PlanJson.object();
        root.put("made", entry.made().toString());
        root.set("plan", PlanJson.node(entry.plan()));
        entry.planned().ifPresent(plan -> root.set("planned", PlanJson.node(plan)));
        entry.fitting().ifPresent(fitting -> {
            ObjectNode at = root.putObject("fitting");
            if (!fitting.tried().equals(entry.plan())) {
                at.set("tried", PlanJson.node(fitting.tried()));
            }
            verdict(at, fitting.verdict(), entry.plan().unit());
        });
        spent(root, entry.spent());
        entry.picture().ifPresent(number -> root.put("picture", number));
        if (!entry.note().isEmpty()) {
            root.put("note", entry.note());
        }
        later(root, entry);
        return root;
    }

    private static void later(ObjectNode root, LogEntry entry) {
        Unit unit = entry.plan().unit();
        for (Later said : entry.later()) {
            ObjectNode at = root.withArray("later").addObject();
            at.put("day", said.day().toString()).put("after", Phrase.code(said.after()));
            said.across().ifPresent(length -> at.put("across", ExactLength.write(length, unit)));
            said.upDown().ifPresent(length -> at.put("upDown", ExactLength.write(length, unit)));
            if (!said.gave().isEmpty()) {
                ObjectNode gave = at.putObject("gave");
                said.gave().forEach(each -> gave.put(Phrase.code(each), true));
            }
            if (!said.note().isEmpty()) {
                at.put("note", said.note());
            }
        }
    }

    private static List<Later> later(Cursor root) throws BadPlanFile {
        List<Later> later = new ArrayList<>();
        for (Cursor at : root.has("later") ? root.objects("later", LogEntry.MOST_LATER) : List.<Cursor>of()) {
            later.add(new Later(
                    day(at, "day"),
                    at.choice("after", After.class),
                    at.maybeLength("across", LengthRange.PIECE).filter(Length::isPositive),
                    at.maybeLength("upDown", LengthRange.PIECE).filter(Length::isPositive),
                    gave(at),
                    at.has("note") ? at.text("note", LogEntry.LONGEST_NOTE) : ""));
            at.done();
        }
        return later;
    }

    private static Set<Gave> gave(Cursor at) throws BadPlanFile {
        if (!at.has("gave")) {
            return Set.of();
        }
        Cursor said = at.object("gave");
        Set<Gave> all = EnumSet.noneOf(Gave.class);
        for (Gave gave : Gave.values()) {
            if (said.has(Phrase.code(gave)) && said.flag(Phrase.code(gave))) {
                all.add(gave);
            }
        }
        said.done();
        return all;
    }

    private static void verdict(ObjectNode at, Verdict verdict, Unit unit) {
        at.put("corners", Phrase.code(verdict.corners()))
                .put("middle", Phrase.code(verdict.middle()))
                .put("edges", Phrase.code(verdict.edges()))
                .put("opening", Phrase.code(verdict.opening()));
        verdict.gape().ifPresent(length -> at.put("gape", ExactLength.write(length, unit)));
        verdict.narrower().ifPresent(length -> at.put("narrower", ExactLength.write(length, unit)));
    }

    private static void spent(ObjectNode root, Spent spent) {
        if (!spent.byPlace().isEmpty()) {
            ObjectNode minutes = root.putObject("minutes");
            new EnumMap<>(spent.byPlace()).forEach((place, count) -> minutes.put(Phrase.code(place), count));
        }
        spent.whole().ifPresent(minutes -> root.put("wholeMinutes", minutes));
        spent.fabric().ifPresent(paid -> root.put("fabric", paid));
        spent.notions().ifPresent(paid -> root.put("notions", paid));
    }

    /** @throws BadPlanFile with the place of what is wrong */
    public static LogEntry read(String text) throws BadPlanFile {
        Cursor root = Cursor.root(PlanJson.tree(text));
        CoverPlan plan = PlanJson.plan(root.object("plan"));
        LogEntry entry = new LogEntry(
                day(root, "made"),
                plan,
                root.has("planned") ? Optional.of(PlanJson.plan(root.object("planned"))) : Optional.empty(),
                root.has("fitting") ? Optional.of(fitting(root.object("fitting"), plan)) : Optional.empty(),
                spent(root),
                root.has("picture") ? Optional.of(root.wide("picture", 1, MOST_PICTURES)) : Optional.empty(),
                root.has("note") ? root.text("note", LogEntry.LONGEST_NOTE) : "",
                later(root));
        root.done();
        return entry;
    }

    /** The same without its pictures: in another workroom their numbers belong to others. */
    public static LogEntry withoutPictures(LogEntry entry) {
        try {
            return read(PictureNumbers.renumbered(kept(entry), Map.of()));
        } catch (BadPlanFile e) {
            throw new IllegalArgumentException("an entry that does not read back", e);
        }
    }

    private static LocalDate day(Cursor root, String name) throws BadPlanFile {
        String text = root.text(name, 10);
        try {
            LocalDate day = LocalDate.parse(text);
            if (!day.isBefore(LogEntry.EARLIEST)) {
                return day;
            }
        } catch (DateTimeParseException nonsense) {
            throw new BadPlanFile(name, "is “" + text + "”, not a day like 2026-03-14");
        }
        throw new BadPlanFile(name, "is before " + LogEntry.EARLIEST);
    }

    private static Fitting fitting(Cursor at, CoverPlan plan) throws BadPlanFile {
        Fitting fitting = new Fitting(
                at.has("tried") ? PlanJson.plan(at.object("tried")) : plan,
                new Verdict(
                        at.choice("corners", Corners.class),
                        at.choice("middle", Middle.class),
                        at.choice("edges", Edges.class),
                        at.choice("opening", Opening.class),
                        at.maybeLength("gape", LengthRange.GAPE).filter(Length::isPositive),
                        at.maybeLength("narrower", LengthRange.ALTERED)));
        at.done();
        return fitting;
    }

    private static Spent spent(Cursor root) throws BadPlanFile {
        Map<Place, Integer> byPlace = new EnumMap<>(Place.class);
        if (root.has("minutes")) {
            Cursor minutes = root.object("minutes");
            for (Place place : LogEntry.timedPlaces()) {
                if (minutes.has(Phrase.code(place))) {
                    byPlace.put(place, minutes.number(Phrase.code(place), 0, Spent.MOST_MINUTES));
                }
            }
            minutes.done();
        }
        return new Spent(
                byPlace,
                number(root, "wholeMinutes", Spent.MOST_MINUTES),
                number(root, "fabric", Spent.DEAREST),
                number(root, "notions", Spent.DEAREST));
    }

    private static Optional<Integer> number(Cursor at, String name, int most) throws BadPlanFile {
        return at.has(name) ? Optional.of(at.number(name, 0, most)) : Optional.empty();
    }
}
