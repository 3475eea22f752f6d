package app.dapt.layout;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Scrap;
import app.dapt.layout.Layout.Spot;
import app.dapt.layout.search.LayoutSearch;
import app.dapt.layout.search.Placements;
import app.dapt.layout.search.Placements.Placed;
import app.dapt.layout.search.Task;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.GridPolygon;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What is to lie on one cloth, put as a task for the search; and what the search finds, put back in lengths and pieces.
 * The task counts in the largest unit that measures every length exactly.
 */
public final class LayoutProblem {

    /** Square millimetres that reckoning with floating numbers may miss. */
    private static final double HAIR = 1;

    /** Copies of one piece that lie under the same conditions. */
    private record Group(
            Wanted wanted,
            List<String> copies,
            boolean turned,
            Length across,
            Length along,
            boolean turns,
            Optional<Window> window) {}

    private final Cloth cloth;
    private final LayoutChoices choices;
    private final Unit unit;
    private final List<Wanted> tooWide = new ArrayList<>();
    private final List<Group> groups = new ArrayList<>();
    private final List<Spot> pinned = new ArrayList<>();
    private final List<String> loose = new ArrayList<>();
    private final TaskUnit measure;
    private final Task task;

    private LayoutProblem(Cloth cloth, List<Wanted> whole, LayoutChoices choices, Unit unit) {
        List<Wanted> wanted = whole.stream()
                .flatMap(each ->
                        choices.joined().contains(each.key()) ? each.joinedUnderFlap().stream() : Stream.of(each))
                .toList();
        this.cloth = cloth;
        this.choices = choices;
        this.unit = unit;
        PrintWindows windows = new PrintWindows(cloth, choices, wanted);
        for (Wanted each : wanted) {
            if (!each.piece().cutWidth().isPositive()
                    || !each.piece().cutHeight().isPositive()) {
                // The choices says what is wrong with it; there is nothing to lay.
                continue;
            }
            if (!choices.onRemnants() && cloth.usableWidth().under(cloth.leastAcross(each.piece()))) {
                tooWide.add(each);
            } else {
                group(each, windows.of(each));
            }
        }
        this.measure = measure();
        this.task = task();
    }

    /**
     * @param unit whether the shop sells by the metre or by the yard
     * @throws IllegalArgumentException where there are more pieces than {@link Task#MOST_PIECES}
     */
    public static LayoutProblem of(Cloth cloth, List<Wanted> wanted, LayoutChoices choices, Unit unit) {
        return new LayoutProblem(cloth, wanted, choices, unit);
    }

    public Task asTask() {
        return task;
    }

    private void group(Wanted wanted, Optional<Window> window) {
        List<String> free = new ArrayList<>();
        List<String> turned = new ArrayList<>();
        boolean mayTurn = cloth.turns() && window.isEmpty();
        for (int number = 1; number <= wanted.copies(); number++) {
            String copy = wanted.copy(number);
            if (choices.out().contains(copy)
                    || choices.pins().containsKey(copy)
                            && pin(wanted, copy, choices.pins().get(copy))) {
                continue;
            }
            (mayTurn && choices.turned().contains(copy) ? turned : free).add(copy);
        }
        Length across = cloth.across(wanted.piece());
        Length along = cloth.along(wanted.piece());
        if (!free.isEmpty()) {
            groups.add(new Group(wanted, free, false, across, along, mayTurn, window));
        }
        if (!turned.isEmpty()) {
            // Asked for round the other way, unless it goes only the one way.
            boolean goes = choices.onRemnants() || cloth.usableWidth().atLeast(along);
            groups.add(new Group(wanted, turned, goes, goes ? along : across, goes ? across : along, false, window));
        }
    }

    /** Keeps a copy where it was pinned, unless it no longer goes there. */
    private boolean pin(Wanted wanted, String copy, LayoutChoices.Pin pin) {
        boolean turned = pin.turned() && cloth.turns();
        Length wide = turned ? cloth.along(wanted.piece()) : cloth.across(wanted.piece());
        Length deep = turned ? cloth.across(wanted.piece()) : cloth.along(wanted.piece());
        Spot spot = new Spot(
                wanted,
                copy,
                pin.remnant(),
                pin.across(),
                pin.along(),
                wide,
                deep,
                turned,
                pin.about() && !cloth.hasUp(),
                true);
        boolean holds = isOnCloth(spot) && pinned.stream().noneMatch(other -> overlap(other, spot));
        if (holds) {
            pinned.add(spot);
        } else {
            loose.add(copy);
        }
        return holds;
    }

    private boolean isOnCloth(Spot spot) {
        if (choices.onRemnants()) {
            return spot.remnant() < choices.remnants().size()
                    && choices.remnants()
                            .get(spot.remnant())
                            .holds(spot.across(), spot.along(), spot.wide(), spot.deep());
        }
        return !spot.across().isNegative()
                && !spot.along().isNegative()
                && cloth.usableWidth().atLeast(spot.across().plus(spot.wide()));
    }

    /** Whether two pieces would share cloth, in the rectangles about them and in their outlines too. */
    private boolean overlap(Spot one, Spot other) {
        return !one.inGrains().isApartFrom(other.inGrains()) && one.cut(cloth).shared(other.cut(cloth)) > HAIR;
    }

    private TaskUnit measure() {
        List<Length> lengths = new ArrayList<>(List.of(cloth.usableWidth()));
        for (Group group : groups) {
            lengths.addAll(List.of(group.across(), group.along()));
            group.window().flatMap(this::repeats).ifPresent(lengths::addAll);
            offsets(group).ifPresent(offset -> lengths.addAll(List.of(offset.across(), offset.along())));
        }
        pinned.forEach(spot -> lengths.addAll(List.of(spot.across(), spot.along(), spot.wide(), spot.deep())));
        if (choices.onRemnants()) {
            choices.remnants().forEach(scrap -> {
                scrap.corners().forEach(corner -> lengths.addAll(List.of(corner.across(), corner.along())));
                scrap.spots()
                        .forEach(
                                spot -> lengths.addAll(List.of(spot.across(), spot.along(), spot.wide(), spot.deep())));
            });
        }
        return TaskUnit.measuring(lengths);
    }

    private Optional<List<Length>> repeats(Window window) {
        return cloth.repeat().map(repeat -> List.of(repeat.across(), repeat.along()));
    }

    /** Where in the print, from where a repeat begins, a piece's corner has to lie. */
    private Optional<Window> offsets(Group group) {
        return group.window().flatMap(window -> cloth.repeat().map(repeat -> new Window(
                        window.across().minus(group.across().half()),
                        window.along().minus(group.along().half()))
                .within(repeat)));
    }

    /**
     * Whether a piece would run off the cloth if the print were to lie across it as asked: it meets the print along the
     * cloth only.
     */
    private boolean isOffPrint(Group group) {
        return !choices.onRemnants()
                && offsets(group)
                        .filter(offset ->
                                cloth.usableWidth().under(offset.across().plus(group.across())))
                        .isPresent();
    }

    private Task task() {
        if (choices.onRemnants() && choices.remnants().isEmpty()) {
            return new Task(1, List.of(), List.of());
        }
        List<Task.Item> items = groups.stream()
                .map(group -> {
                    Optional<Window> offset = offsets(group);
                    return new Task.Item(
                            group.wanted().key(),
                            measure.count(group.across()),
                            measure.count(group.along()),
                            group.copies().size(),
                            group.turns(),
                            offset.map(o -> new Task.Repeat(
                                    measure.count(cloth.repeat().orElseThrow().along()), measure.count(o.along()))),
                            offset.filter(o -> !isOffPrint(group))
                                    .map(o -> new Task.Repeat(
                                            measure.count(
                                                    cloth.repeat().orElseThrow().across()),
                                            measure.count(o.across()))),
                            outline(group),
                            !cloth.hasUp());
                })
                .toList();
        if (!choices.onRemnants()) {
            int used = pinned.stream()
                    .mapToInt(spot -> measure.patch(spot).bottom())
                    .max()
                    .orElse(0);
            return new Task(
                    measure.count(cloth.usableWidth()),
                    items,
                    List.of(),
                    pinned.stream().map(this::taken).toList(),
                    used,
                    choices.edgeToEdge());
        }
        List<Task.Remnant> remnants = choices.remnants().stream()
                .map(scrap -> new Task.Remnant(
                        scrap.name(),
                        scrap.corners().stream()
                                .map(c -> new GridPolygon.Corner(measure.count(c.across()), measure.count(c.along())))
                                .toList()))
                .toList();
        List<Task.Taken> taken =
                new ArrayList<>(pinned.stream().map(this::taken).toList());
        for (int i = 0; i < choices.remnants().size(); i++) {
            for (Scrap.Spoilt spot : choices.remnants().get(i).spots()) {
                taken.add(Task.Taken.box(measure.patch(i, spot.across(), spot.along(), spot.wide(), spot.deep())));
            }
        }
        return new Task(0, items, remnants, taken, 0, false);
    }

    /** A piece's own outline as it lies upright on the cloth, in the task's units. */
    private Optional<Contour> outline(Group group) {
        Spot spot = new Spot(
                group.wanted(),
                "",
                0,
                Length.ZERO,
                Length.ZERO,
                group.across(),
                group.along(),
                group.turned(),
                false,
                false);
        return group.wanted().piece().outline().map(outline -> spot.cut(cloth)
                .scaled(1 / measure.length(1).toMm()));
    }

    private Task.Taken taken(Spot spot) {
        return new Task.Taken(
                measure.patch(spot),
                spot.cut(cloth).scaled(1 / measure.length(1).toMm()));
    }

    /** The first layout there is, found in no time. */
    public Layout atOnce() {
        LayoutSearch search = new LayoutSearch(task, 1);
        return laid(search.best(), search.least());
    }

    /**
     * A layout in lengths and pieces.
     *
     * @param least what no layout can do without, as the search knows it
     */
    public Layout laid(Placements laying, int least) {
        List<Spot> spots = new ArrayList<>(pinned);
        int[] laid = new int[groups.size()];
        for (Placed placed : laying.placed()) {
            Group group = groups.get(placed.item());
            Length wide = placed.turned() ? group.along() : group.across();
            Length deep = placed.turned() ? group.across() : group.along();
            spots.add(new Spot(
                    group.wanted(),
                    group.copies().get(laid[placed.item()]++),
                    placed.remnant(),
                    measure.length(placed.x()),
                    measure.length(placed.y()),
                    wide,
                    deep,
                    placed.turned() != group.turned(),
                    placed.about(),
                    false));
        }
        List<Wanted> leftOut = IntStream.range(0, groups.size())
                .filter(i -> laid[i] < groups.get(i).copies().size())
                .mapToObj(
                        i -> groups.get(i).wanted().times(groups.get(i).copies().size() - laid[i]))
                .toList();
        Length length = measure.length(laying.length());
        boolean meetsPrint = groups.stream().anyMatch(group -> group.window().isPresent());
        LayoutFigures figures = new LayoutFigures(cloth, choices, unit, task, measure, spots, length, meetsPrint);
        Sum toBuy = figures.toBuy(length);
        return new Layout(
                cloth,
                choices,
                spots,
                leftOut,
                tooWide,
                loose,
                groups.stream().filter(this::isOffPrint).map(Group::wanted).toList(),
                length,
                toBuy,
                figures.verdict(length, measure.length(least), leftOut),
                figures.offcuts(),
                figures.cuts(),
                figures.onFold());
    }
}
