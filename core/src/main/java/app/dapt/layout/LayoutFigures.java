package app.dapt.layout;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Shrinkage;
import app.dapt.layout.CuttingOrder.Cutting;
import app.dapt.layout.Layout.Known;
import app.dapt.layout.Layout.Offcut;
import app.dapt.layout.Layout.Spot;
import app.dapt.layout.Layout.Verdict;
import app.dapt.layout.search.FreeRectangles;
import app.dapt.layout.search.Patch;
import app.dapt.layout.search.Task;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.GridPolygon.Corner;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** What follows from where the pieces lie: what to buy, how good that is known to be, how it is cut, what is left. */
final class LayoutFigures {

    private static final Length KEPT_IMPERIAL = Length.inches(6);
    private static final Length KEPT_METRIC = Length.cm(15);
    private static final int MOST_OFFCUTS = 5;

    private static final String SQUARED = "term.square";
    private static final String MAY_SHRINK_TERM = "term.may-shrink";
    private static final Set<String> RESERVED = Set.of(SQUARED, MAY_SHRINK_TERM);
    private static final Length SQUARED_IMPERIAL = Length.inches(1);
    private static final Length SQUARED_METRIC = Length.mm(25);
    private static final Length MARK_IMPERIAL = Length.inches(0, 1, 4);
    private static final Length MARK_METRIC = Length.mm(5);
    /** Percent that a first wash may take, where nobody has measured it; most cotton and linen loses less. */
    private static final int MAY_SHRINK = 3;

    private final Cloth cloth;
    private final LayoutChoices choices;
    private final Unit unit;
    private final TaskUnit measure;
    private final List<Spot> spots;
    private final List<Patch> patches;
    private final boolean meetsPrint;
    /** Where the last piece ends along a bolt. */
    private final int end;
    /** How long what is bought is once it is washed. */
    private final Length washed;

    private final List<Cutting> cuttings;

    /**
     * The figures of one layout.
     *
     * @param unit       whether the shop sells by the metre or by the yard
     * @param measure    what the task counts in
     * @param spots      where the pieces lie
     * @param length     of washed cloth that they take
     * @param meetsPrint whether some piece shows a point of the print
     */
    LayoutFigures(
            Cloth cloth,
            LayoutChoices choices,
            Unit unit,
            Task task,
            TaskUnit measure,
            List<Spot> spots,
            Length length,
            boolean meetsPrint) {
        this.cloth = cloth;
        this.choices = choices;
        this.unit = unit;
        this.measure = measure;
        this.spots = List.copyOf(spots);
        this.patches = spots.stream().map(measure::patch).toList();
        this.meetsPrint = meetsPrint;
        this.end = patches.stream().mapToInt(Patch::bottom).max().orElse(0);
        this.washed = ready(cloth, toBuy(length));
        int kept = measure.count(worthKeeping(unit));
        this.cuttings = choices.onRemnants()
                ? IntStream.range(0, task.remnants().size())
                        .mapToObj(i -> CuttingOrder.on(task.remnants().get(i), i, patches, kept))
                        .toList()
                : List.of(CuttingOrder.ofBought(patches, bought(), end, kept));
    }

    /** How long what is bought is once it is washed and squared. */
    static Length ready(Cloth cloth, Sum toBuy) {
        Length reserved = toBuy.terms().stream()
                .filter(term -> RESERVED.contains(term.label().code()))
                .map(Sum.Term::amount)
                .reduce(Length.ZERO, Length::plus);
        return cloth.shrinkage().washedLength(toBuy.total().minus(reserved));
    }

    /** What is bought, and a little of it beyond the last piece, as that is cut off like anything else. */
    private Patch bought() {
        return new Patch(0, 0, 0, measure.count(cloth.usableWidth()), Math.max(end + 1, measure.count(washed)));
    }

    /**
     * From the length the pieces take to what the shop cuts: a repeat more where it may cut anywhere in the print, a
     * little for squaring the end, what the wash takes or may take, the shop's step.
     */
    Sum toBuy(Length length) {
        if (choices.onRemnants() || length.isZero()) {
            return Sum.of();
        }
        Sum sum = Sum.of(Sum.term("term.laid", length));
        if (meetsPrint && !choices.cutAtRepeat()) {
            sum = sum.plus(Sum.term("term.phase", cloth.repeat().orElseThrow().along()));
        }
        if (choices.reserve()) {
            sum = sum.plus(Sum.term(SQUARED, unit.pick(SQUARED_METRIC, SQUARED_IMPERIAL)));
        }
        Length shrinks = cloth.shrinkage().unwashed(sum.total()).minus(sum.total());
        if (!shrinks.isZero()) {
            sum = sum.plus(Sum.term("term.shrinks", shrinks));
        } else if (choices.reserve() && cloth.shrinkage().equals(Shrinkage.NONE)) {
            Length feared = sum.total().times(MAY_SHRINK, 100).roundedUp(unit.pick(MARK_METRIC, MARK_IMPERIAL));
            sum = sum.plus(Sum.term(MAY_SHRINK_TERM, feared, MAY_SHRINK));
        }
        Length rounded = sum.total().roundedUp(unit.shopStep());
        return rounded.equals(sum.total()) ? sum : sum.plus(Sum.term("term.sold-by", rounded.minus(sum.total())));
    }

    /**
     * How good a layout is known to be.
     *
     * @param length what it takes
     * @param least  what no layout can do without
     */
    Verdict verdict(Length length, Length least, List<Wanted> leftOut) {
        if (choices.onRemnants()) {
            return new Verdict(leftOut.isEmpty() ? Known.ALL_PLACED : Known.LEFT_OUT, 0);
        }
        if (!least.under(length)) {
            return new Verdict(Known.LEAST, 0);
        }
        boolean sameToBuy = toBuy(length).total().equals(toBuy(least).total());
        int tenths = (int) Math.ceil(1000.0 * length.minus(least).grains() / least.grains());
        return new Verdict(sameToBuy ? Known.NO_LESS_TO_BUY : Known.WITHIN, tenths);
    }

    /**
     * Rectangles that are left of what is bought once it is cut as told, the largest first, none of them too narrow to
     * be worth keeping.
     */
    List<Offcut> offcuts() {
        FreeRectangles free = new FreeRectangles(cuttings.stream()
                .flatMap(cutting -> cutting.left().stream())
                .map(this::inGrains)
                .toList());
        without(free, choices, spots);
        long kept = worthKeeping(unit).grains();
        List<Offcut> offcuts = new ArrayList<>();
        while (offcuts.size() < MOST_OFFCUTS) {
            Optional<Patch> largest = free.free().stream()
                    .filter(patch -> patch.across() >= kept && patch.along() >= kept)
                    .max(Comparator.comparingLong(Patch::area));
            if (largest.isEmpty()) {
                break;
            }
            free.take(largest.get());
            offcuts.add(offcut(largest.get()));
        }
        return offcuts;
    }

    /** How wide and how long a rectangle is at least that is worth keeping. */
    private static Length worthKeeping(Unit unit) {
        return unit.pick(KEPT_METRIC, KEPT_IMPERIAL);
    }

    /** A part of the cloth in grains: what is bought is no whole number of the task's units. */
    private Patch inGrains(Patch part) {
        return new Patch(
                part.remnant(),
                grains(part.left()),
                grains(part.top()),
                grains(part.right()),
                Math.toIntExact(along(part.bottom()).grains()));
    }

    /** A place along the cloth; what lies beyond the last piece goes on to the end of what is bought. */
    private Length along(int count) {
        return !choices.onRemnants() && count > end ? washed : measure.length(count);
    }

    private int grains(int count) {
        return Math.toIntExact(measure.length(count).grains());
    }

    private static Offcut offcut(Patch patch) {
        return new Offcut(
                patch.remnant(),
                new Length(patch.left()),
                new Length(patch.top()),
                new Length(patch.across()),
                new Length(patch.along()));
    }

    /** Takes away what is spoilt and what is cut out. */
    private static void without(FreeRectangles free, LayoutChoices choices, List<Spot> spots) {
        for (int i = 0; i < choices.remnants().size() && choices.onRemnants(); i++) {
            int remnant = i;
            choices.remnants()
                    .get(i)
                    .spots()
                    .forEach(spot ->
                            free.take(Patch.inGrains(remnant, spot.across(), spot.along(), spot.wide(), spot.deep())));
        }
        spots.forEach(spot -> free.take(spot.inGrains()));
    }

    /** Every place that is left beside what lies on the remnants; they may overlap each other. */
    static List<Offcut> places(LayoutChoices choices, List<Spot> spots) {
        FreeRectangles free = new FreeRectangles(IntStream.range(
                        0, choices.remnants().size())
                .boxed()
                .flatMap(i -> {
                    List<Corner> corners = choices.remnants().get(i).outline().corners();
                    return FreeRectangles.of(new Task.Remnant("", corners), i).stream();
                })
                .toList());
        without(free, choices, spots);
        return free.free().stream().map(LayoutFigures::offcut).toList();
    }

    /** The cuts, in the order in which they are made. */
    List<Layout.Cut> cuts() {
        return cuttings.stream()
                .flatMap(cutting -> cutting.cuts().stream())
                .map(cut -> new Layout.Cut(
                        cut.remnant(),
                        cut.runs(),
                        measure.length(cut.at()),
                        measure.length(cut.from()),
                        cut.runs() == Axis.UP_DOWN ? along(cut.to()) : measure.length(cut.to()),
                        cut.round() < 0 ? Optional.empty() : Optional.of(spots.get(cut.round()))))
                .toList();
    }

    /** Pairs that are cut in one on the folded cloth. */
    List<Layout.OnFold> onFold() {
        Map<String, Integer> numbers = new HashMap<>();
        List<Integer> like = spots.stream()
                .map(spot -> spot.wanted().piece().outline().isPresent()
                        ? -1
                        : numbers.computeIfAbsent(
                                spot.wide() + " " + spot.deep() + spot.turned() + spot.about(), key -> numbers.size()))
                .toList();
        return CuttingOrder.onTheFold(patches, like, !cloth.hasUp()).stream()
                .map(pair -> new Layout.OnFold(
                        spots.get(pair.one()), spots.get(pair.other()), pair.runs(), measure.length(pair.at())))
                .toList();
    }
}
