package app.dapt.web.entry;

import app.dapt.cloth.Scrap;
import app.dapt.cloth.Scrap.Corner;
import app.dapt.cloth.Scrap.Spoilt;
import app.dapt.cover.decision.LengthRange;
import app.dapt.measure.Entry;
import app.dapt.measure.Length;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** A remnant as it is typed: two sides, or one corner a line; bad spots one a line. */
public final class ScrapEntry {

    private static final String BETWEEN = "\\s*[;×x]\\s*|\\s*,\\s+|\\s*,\\s*(?=\\S+$)";

    private ScrapEntry() {}

    /**
     * @param number which remnant it will be, for one without a name
     * @return nothing where something was refused; the entries say what
     */
    public static Optional<Scrap> read(Entries entries, Words words, int number) {
        String name = entries.raw("scrap-name").filter(text -> !text.isBlank()).isPresent()
                ? entries.text("scrap-name", Scrap.LONGEST_NAME, "")
                : words.say("scrap.unnamed", number);
        List<List<Length>> corners = lines(entries, words, "corners", Scrap.MOST_CORNERS, 2, 2);
        List<List<Length>> spots = lines(entries, words, "spots", Scrap.MOST_SPOTS, 3, 4);
        if (corners.isEmpty() && entries.isClean()) {
            Optional<Length> wide = entries.maybeLength("scrap-wide", LengthRange.PIECE, Optional.empty());
            Optional<Length> deep = entries.maybeLength("scrap-deep", LengthRange.PIECE, Optional.empty());
            if (wide.isEmpty() || deep.isEmpty()) {
                entries.refuse(wide.isEmpty() ? "scrap-wide" : "scrap-deep", "scrap.sides");
                return Optional.empty();
            }
            return rectangle(entries, name, wide.get(), deep.get(), spots);
        }
        return outlined(entries, name, corners, spots);
    }

    /**
     * An outline or bad spots, as they are typed beside two sides; nothing where there are neither, or something was
     * refused.
     */
    public static Optional<Scrap> beside(
            Entries entries, Words words, String name, Optional<Length> wide, Optional<Length> deep) {
        List<List<Length>> corners = lines(entries, words, "corners", Scrap.MOST_CORNERS, 2, 2);
        List<List<Length>> spots = lines(entries, words, "spots", Scrap.MOST_SPOTS, 3, 4);
        if (!corners.isEmpty()) {
            return outlined(entries, name, corners, spots);
        }
        return spots.isEmpty()
                ? Optional.empty()
                : wide.flatMap(across -> deep.flatMap(along -> rectangle(entries, name, across, along, spots)));
    }

    private static Optional<Scrap> rectangle(
            Entries entries, String name, Length wide, Length deep, List<List<Length>> spots) {
        List<Corner> rectangle = Scrap.rectangle(name, wide, deep).corners();
        return entries.isClean() ? Optional.of(new Scrap(name, rectangle, spoilt(spots))) : Optional.empty();
    }

    private static Optional<Scrap> outlined(
            Entries entries, String name, List<List<Length>> corners, List<List<Length>> spots) {
        List<Corner> outline = corners.stream()
                .map(line -> new Corner(line.get(0), line.get(1)))
                .toList();
        if (entries.isClean() && outline.size() < 3) {
            entries.refuse("corners", "scrap.few");
        } else if (entries.isClean() && Scrap.crossesItself(outline)) {
            entries.refuse("corners", "scrap.crosses");
        } else if (entries.isClean() && isFlat(outline)) {
            entries.refuse("corners", "scrap.flat");
        }
        return entries.isClean() ? Optional.of(new Scrap(name, outline, spoilt(spots))) : Optional.empty();
    }

    private static boolean isFlat(List<Corner> outline) {
        try {
            new Scrap("flat", outline, List.of());
            return false;
        } catch (IllegalArgumentException e) {
            return true;
        }
    }

    private static List<Spoilt> spoilt(List<List<Length>> spots) {
        return spots.stream()
                .map(line -> new Spoilt(line.get(0), line.get(1), line.get(2), line.get(line.size() - 1)))
                .toList();
    }

    private static List<List<Length>> lines(
            Entries entries, Words words, String field, int most, int least, int figures) {
        List<List<Length>> lines = new ArrayList<>();
        List<String> typed = entries.raw(field)
                .orElse("")
                .lines()
                .filter(line -> !line.isBlank())
                .toList();
        if (typed.size() > most) {
            entries.refuse(field, "scrap.too-many-lines", most);
            return List.of();
        }
        for (String line : typed) {
            String[] parts = line.strip().split(BETWEEN);
            List<Length> read = new ArrayList<>();
            for (String part : parts) {
                Entry entry = LengthRange.AT_HAND.reader(words.mark().unit()).read(part);
                if (entry instanceof Entry.Value value) {
                    read.add(value.length());
                }
            }
            boolean sized =
                    read.size() < 3 || read.subList(2, read.size()).stream().allMatch(Length::isPositive);
            if (read.size() != parts.length || parts.length < least || parts.length > figures || !sized) {
                entries.refuse(field, "scrap.line." + field, line.strip());
                return List.of();
            }
            lines.add(read);
        }
        return lines;
    }

    /** As it would be typed. */
    public static String corners(Scrap scrap, Words words) {
        return scrap.corners().stream()
                .map(c -> words.lengths().fine(c.across()) + "; "
                        + words.lengths().fine(c.along()))
                .collect(Collectors.joining("\n"));
    }

    public static String spots(Scrap scrap, Words words) {
        return scrap.spots().stream()
                .map(s -> words.lengths().fine(s.across()) + "; "
                        + words.lengths().fine(s.along()) + "; "
                        + words.lengths().fine(s.wide()) + "; "
                        + words.lengths().fine(s.deep()))
                .collect(Collectors.joining("\n"));
    }
}
