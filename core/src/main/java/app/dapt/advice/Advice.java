package app.dapt.advice;

import app.dapt.advice.Rule.Layer;
import app.dapt.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What is recommended for a cover. Of the rows that hold for one choice that of the first layer is taken, in it the one
 * of the use that was said, then the one that asks for more, then the surer; where numbers meet, the largest allowance,
 * stitch and needle, and the least cord and heat.
 *
 * @param leaveOff what is better not put on it, by its code
 */
public record Advice(Facts facts, List<Advised> choices, List<LeaveOff> leaveOff, Care care) {

    /** Something better left off, and the row that says so. */
    public record LeaveOff(String what, String rule) {}

    private static final List<String> CHOKES = List.of("buttons", "bobbles", "beads", "tassels", "fringe", "long-ties");
    private static final List<String> ROTS = List.of("metal-zip", "cotton-cord", "cotton-thread", "fused", "feathers");
    private static final Set<Choice> LARGEST =
            EnumSet.of(Choice.ALLOWANCE, Choice.STITCH, Choice.TOPSTITCH, Choice.NEEDLE);
    private static final Set<Choice> LEAST = EnumSet.of(Choice.CORD);
    private static final List<String> HEATS = List.of("fingers", "cool", "hot");
    private static final Pattern NUMBER = Pattern.compile("(\\d+)(?:/(\\d+) in|\\.(\\d))?$");
    private static final Length MORE = Length.inches(1);
    private static final Length MORE_METRIC = Length.mm(25);

    public Advice {
        choices = List.copyOf(choices);
        leaveOff = List.copyOf(leaveOff);
    }

    /** What follows from these facts. */
    public static Advice of(Facts facts) {
        Set<Fact> holds = EnumSet.noneOf(Fact.class);
        holds.addAll(facts.holds());
        List<Advised> advised = new ArrayList<>();
        for (Choice choice : Choice.values()) {
            first(choice, holds).ifPresent(rule -> {
                Advised found = sized(met(rule, holds), facts);
                advised.add(Kit.by(facts.drawer(), found));
                if (choice == Choice.FINISH || choice == Choice.OPENING && !facts.isOpeningDecided()) {
                    follow(found, holds);
                }
            });
        }
        Kit.cutting(facts).ifPresent(advised::add);
        boolean prewashed = advised.stream()
                .anyMatch(
                        each -> each.choice() == Choice.PREWASH && each.value().equals("yes"));
        return new Advice(facts, advised, leftOff(holds), Care.of(facts, prewashed));
    }

    private static Optional<Rule> first(Choice choice, Set<Fact> holds) {
        return Rules.of(choice)
                .filter(rule -> rule.matches(holds).isPresent())
                .min(Comparator.comparing(Rule::layer)
                        .thenComparing(rule -> rule.layer() != Layer.USE || rule.isOwn(holds) ? 0 : 1)
                        .thenComparing(rule -> -rule.matches(holds).orElseThrow())
                        .thenComparing(Rule::sure));
    }

    /** Where numbers meet, the one that is on the safe side. */
    private static Advised met(Rule first, Set<Fact> holds) {
        Comparator<Rule> by = LARGEST.contains(first.choice())
                ? Comparator.comparingDouble((Rule rule) -> -number(rule.value()))
                : first.choice() == Choice.PRESS
                        ? Comparator.comparingDouble((Rule rule) -> HEATS.indexOf(rule.value()))
                        : Comparator.comparingDouble((Rule rule) -> number(rule.value()));
        boolean meets = LARGEST.contains(first.choice())
                || first.choice() == Choice.PRESS
                || LEAST.contains(first.choice()) && number(first.value()) > 0;
        if (!meets) {
            return Advised.of(first, first.value());
        }
        Rule safe = Rules.of(first.choice())
                .filter(rule -> rule.matches(holds).isPresent())
                .filter(rule -> first.choice() == Choice.PRESS || number(rule.value()) > 0)
                .min(by)
                .orElse(first);
        if (first.choice() == Choice.NEEDLE) {
            // The point is that of the first, the thickness that of the thickest.
            String point = first.value().substring(0, first.value().indexOf('-'));
            return Advised.of(first, point + "-" + Math.round(number(safe.value())));
        }
        return number(safe.value()) == number(first.value()) && first.choice() != Choice.PRESS
                ? Advised.of(first, first.value())
                : Advised.of(safe, safe.value());
    }

    /** The number a value ends with; nought where it ends with none. */
    private static double number(String value) {
        Matcher matcher = NUMBER.matcher(value);
        if (!matcher.find()) {
            return 0;
        }
        double whole = Double.parseDouble(matcher.group(1));
        if (matcher.group(2) != null) {
            return whole / Double.parseDouble(matcher.group(2));
        }
        return matcher.group(3) == null ? whole : whole + Double.parseDouble(matcher.group(3)) / 10;
    }

    private static Advised sized(Advised advised, Facts facts) {
        return switch (advised.choice()) {
            case OVERLAP ->
                facts.overlap()
                        .map(overlap ->
                                advised.sized(List.of(overlap.plus(facts.unit().pick(MORE_METRIC, MORE)))))
                        .orElse(advised);
            case INTERFACE -> advised.value().equals("less-allowances") ? advised.sized(facts.interfaced()) : advised;
            default -> advised;
        };
    }

    /** What holds once this is done as recommended. */
    private static void follow(Advised advised, Set<Fact> holds) {
        switch (advised.value()) {
            case "french" -> holds.add(Fact.FRENCH);
            case "heat-sealed" -> holds.add(Fact.SEALED);
            case "envelope" -> holds.add(Fact.LAPS);
            case "hidden-zip" -> holds.add(Fact.ZIP);
            case "edge-zip" -> holds.addAll(Set.of(Fact.ZIP, Fact.EDGE_ZIP));
            case "sewn-shut" -> holds.add(Fact.SEWN_SHUT);
            default -> {}
        }
    }

    private static List<LeaveOff> leftOff(Set<Fact> holds) {
        List<LeaveOff> left = new ArrayList<>();
        if (holds.contains(Fact.PULLED) || holds.contains(Fact.GIVEN)) {
            CHOKES.forEach(what -> left.add(new LeaveOff(what, "U13")));
        }
        if (holds.contains(Fact.OUTDOORS)) {
            ROTS.forEach(what -> left.add(new LeaveOff(what, "U14")));
        }
        return left;
    }

    /** What is recommended of one choice. */
    public Optional<Advised> of(Choice choice) {
        return choices.stream().filter(each -> each.choice() == choice).findFirst();
    }
}
