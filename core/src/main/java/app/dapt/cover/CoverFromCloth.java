package app.dapt.cover;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Scrap;
import app.dapt.cover.decision.Cloths;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.opening.Lapped;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.form.Reading;
import app.dapt.layout.Layout;
import app.dapt.layout.Layout.Offcut;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.LayoutProblem;
import app.dapt.layout.Wanted;
import app.dapt.layout.search.Budget;
import app.dapt.layout.search.LayoutSearch;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The way from uncut cloth to a cover: which covers for some forms can be cut from what is there. Every opening is
 * tried, on one of the cloths or with the back from another, as it usually is and with what people give up for a cloth
 * they like: a join under the flap, a smaller overlap, a snugger cover. Every offer was laid out before it is made.
 * Takes a moment, so it is not for the thread that answers a page.
 */
public final class CoverFromCloth {

    /** So many cloths are tried with one another. */
    public static final int MOST_CLOTHS = 6;

    public static final int MOST_FORMS = 8;
    /** Offers for one form: one whose backs lap, and one with another opening. */
    private static final int OFFERS_EACH = 2;
    /** Askings of one try; a few hundredths of a second for a cover. */
    private static final int STEPS = 1_200;
    /** Tries altogether that are searched. */
    private static final int MOST_TRIES = 160;

    private static final long SEED = 5;
    private static final String KEY = "1";
    /** The least that people let two backs lap. */
    private static final Length LEAST_OVERLAP = Length.inches(2);

    /**
     * A cloth and what there is of it.
     *
     * @param pieces at most {@link LayoutChoices#MOST_REMNANTS}
     */
    public record AtHand(Cloth cloth, List<Scrap> pieces) {

        public AtHand {
            pieces = List.copyOf(pieces);
        }

        private double area() {
            double squareMm = Math.pow(Length.inches(1).toMm(), 2);
            return pieces.stream()
                    .mapToDouble(scrap -> contour(scrap).area() / squareMm)
                    .sum();
        }

        private static Contour contour(Scrap scrap) {
            return new Contour(scrap.corners().stream()
                    .map(c -> new Contour.Point(c.across().toMm(), c.along().toMm()))
                    .toList());
        }
    }

    /** What is given up for it, the least first. */
    public enum GivenUp {
        NOTHING,
        /** A panel is joined from two where the flap hides it. */
        JOINED,
        SMALLER_OVERLAP,
        /** It is cut smaller, and so it is plumper. */
        SNUG
    }

    /**
     * A cover that can be cut.
     *
     * @param front   which of the cloths its front is cut from, counted from nought
     * @param back    the same of its back
     * @param joined  ids of the panels that are joined under the flap
     * @param layouts how it lies, one for each cloth
     */
    public record Offer(
            CoverPlan plan, int front, int back, GivenUp givenUp, Set<String> joined, List<Layout> layouts) {

        public Offer {
            joined = Set.copyOf(joined);
            layouts = List.copyOf(layouts);
        }

        /** The largest pieces that are left and worth keeping. */
        public List<Offcut> left() {
            return layouts.stream()
                    .flatMap(layout -> layout.offcuts().stream())
                    .sorted(Comparator.comparingDouble((Offcut offcut) ->
                                    offcut.wide().toInches() * offcut.deep().toInches())
                            .reversed())
                    .toList();
        }
    }

    /**
     * What was found.
     *
     * @param offers     for every form in turn the best few; without forms the largest of each shape and opening
     * @param without    forms for which nothing can be cut
     * @param wholeTried whether everything was tried, rather than what there was time for
     */
    public record Answer(List<Offer> offers, List<Form> without, boolean wholeTried) {}

    private final List<AtHand> cloths;
    private final Mark mark;
    private final Function<Form, String> name;
    private int triesLeft = MOST_TRIES;

    private CoverFromCloth(List<AtHand> cloths, Mark mark, Function<Form, String> name) {
        this.cloths = cloths.stream().limit(MOST_CLOTHS).toList();
        this.mark = mark;
        this.name = name;
    }

    /**
     * What can be cut for these forms.
     *
     * @param name what a cover for a form is called
     */
    public static Answer of(List<AtHand> cloths, List<Form> forms, Mark mark, Function<Form, String> name) {
        CoverFromCloth from = new CoverFromCloth(cloths, mark, name);
        List<Offer> offers = new ArrayList<>();
        List<Form> without = new ArrayList<>();
        for (Form form : forms.stream().limit(MOST_FORMS).toList()) {
            List<Offer> some = from.offersFor(form);
            offers.addAll(some);
            if (some.isEmpty()) {
                without.add(form);
            }
        }
        return new Answer(offers, without, from.triesLeft > 0);
    }

    /** The largest cover of each shape and opening, for forms as they are sold. */
    public static Answer largest(List<AtHand> cloths, Mark mark, Function<Form, String> name) {
        CoverFromCloth from = new CoverFromCloth(cloths, mark, name);
        List<Offer> offers = Stream.of(OpeningKind.ENVELOPE, OpeningKind.EDGE_ZIP, OpeningKind.SEWN_SHUT)
                .flatMap(opening -> Stream.of(ShapeKind.SQUARE, ShapeKind.OBLONG, ShapeKind.ROUND)
                        .flatMap(shape -> from.largest(shape, opening).stream()))
                .toList();
        return new Answer(offers, List.of(), from.triesLeft > 0);
    }

    private Optional<Offer> largest(Kind<Shape> shape, Kind<Opening> opening) {
        List<Form> sizes = sizes(shape, mark.unit());
        int no = sizes.size();
        Optional<Offer> best = Optional.empty();
        int yes = -1;
        // From the smallest up: what a form needs, a larger one needs as well.
        while (no - yes > 1) {
            int middle = (yes + no) / 2;
            Optional<Offer> found = pairs().flatMap(pair ->
                            tried(plan(shape, sizes.get(middle), pair, opening), pair, GivenUp.NOTHING).stream())
                    .findFirst();
            if (found.isPresent()) {
                best = found;
                yes = middle;
            } else {
                no = middle;
            }
        }
        return best;
    }

    /** Forms as they are sold, from small to large. */
    private static List<Form> sizes(Kind<Shape> shape, Unit unit) {
        int least = unit.metric() ? 20 : 8;
        int most = unit.metric() ? 100 : 40;
        int step = unit.metric() ? 5 : 2;
        return IntStream.iterate(least, side -> side <= most, side -> side + step)
                .mapToObj(side -> form(
                        shape == ShapeKind.OBLONG ? whole(unit, side * 3 / 2) : whole(unit, side),
                        whole(unit, side),
                        shape == ShapeKind.ROUND))
                .toList();
    }

    private static Length whole(Unit unit, int side) {
        return unit.pick(Length.cm(side), Length.inches(side));
    }

    private static Form form(Length across, Length upDown, boolean round) {
        return Form.overCrown(across, upDown).withRound(round);
    }

    /** The front from one cloth and the back from the same or from another. */
    private record Pair(int front, int back) {}

    private Stream<Pair> pairs() {
        // All of one cloth first.
        return Stream.concat(
                IntStream.range(0, cloths.size()).mapToObj(i -> new Pair(i, i)),
                IntStream.range(0, cloths.size()).boxed().flatMap(front -> IntStream.range(0, cloths.size())
                        .filter(back -> back != front)
                        .mapToObj(back -> new Pair(front, back))));
    }

    private List<Offer> offersFor(Form form) {
        Kind<Shape> shape = form.round() ? ShapeKind.ROUND : DefaultPlan.suited(ShapeKind.SQUARE, form);
        List<Offer> offers = new ArrayList<>();
        for (GivenUp givenUp : GivenUp.values()) {
            for (Kind<Opening> opening : OpeningKind.ALL.all()) {
                boolean isAnother =
                        offers.stream().noneMatch(offer -> isAlike(offer.plan().opening(), opening.usual(mark.unit())));
                if (offers.size() < OFFERS_EACH && isAnother) {
                    pairs().flatMap(pair -> tried(plan(shape, form, pair, opening), pair, givenUp).stream())
                            .findFirst()
                            .ifPresent(offers::add);
                }
            }
        }
        return offers;
    }

    /** Whether one would do for the other: backs that lap, of whatever kind, or the same. */
    private static boolean isAlike(Opening one, Opening other) {
        return one.kind() == other.kind() || one instanceof Lapped && other instanceof Lapped;
    }

    private CoverPlan plan(Kind<Shape> shape, Form form, Pair pair, Kind<Opening> opening) {
        Cloth front = cloths.get(pair.front()).cloth().withId(0);
        Cloth back = cloths.get(pair.back()).cloth().withId(0);
        CoverPlan plan =
                DefaultPlan.plan(name.apply(form), mark, shape, form).withCloths(new Cloths(front, back, back, front));
        return DefaultPlan.closing(plan, opening.usual(mark.unit()));
    }

    /** The cover as it lies on its cloths, with that given up; nothing where it does not go, or is no good. */
    private Optional<Offer> tried(CoverPlan usual, Pair pair, GivenUp givenUp) {
        return giving(usual, givenUp)
                .flatMap(plan -> {
                    Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, mark);
                    boolean isSound =
                            reckoned.findings().stream().noneMatch(finding -> finding.weight() == Weight.WILL_NOT_WORK);
                    return isSound ? laid(plan, reckoned, pair, givenUp).stream() : Stream.empty();
                })
                .findFirst();
    }

    /** The plan with something given up, the least of it first; nothing where it has none of it to give. */
    private Stream<CoverPlan> giving(CoverPlan plan, GivenUp givenUp) {
        return switch (givenUp) {
            case NOTHING, JOINED -> Stream.of(plan);
            case SMALLER_OVERLAP -> plan.opening() instanceof Lapped lapped ? overlaps(plan, lapped) : Stream.empty();
            case SNUG -> Stream.of(plan.withFit(plan.fit().withSchool(FitSchool.SIZE_DOWN)));
        };
    }

    /** The plan with smaller and smaller overlaps. */
    private Stream<CoverPlan> overlaps(CoverPlan plan, Lapped opening) {
        Length step = mark.unit().pick(Length.cm(2), Length.inches(1));
        Length usual =
                Reckoner.reckonWithoutRemedies(plan, mark).back().overlap().orElse(Length.ZERO);
        return Stream.iterate(usual.minus(step), left -> left.atLeast(LEAST_OVERLAP), left -> left.minus(step))
                .map(left -> plan.withOpening(opening.withOverlap(left)));
    }

    private Optional<Offer> laid(CoverPlan plan, Reckoned reckoned, Pair pair, GivenUp givenUp) {
        List<ClothUse> uses = ClothUse.of(List.of(new ClothUse.Of(KEY, reckoned, 1)));
        Set<String> joined = uses.stream()
                .flatMap(use -> use.wanted().stream())
                .filter(wanted -> givenUp == GivenUp.JOINED && wanted.joinAt().isPresent())
                .map(Wanted::key)
                .collect(Collectors.toSet());
        if (givenUp == GivenUp.JOINED && joined.isEmpty()) {
            return Optional.empty();
        }
        List<Layout> layouts = new ArrayList<>();
        for (ClothUse use : uses) {
            AtHand from = cloths.get(use.cloth().id() == plan.cloths().front().id() ? pair.front() : pair.back());
            Optional<Layout> layout = laid(use, from, joined);
            if (layout.isEmpty()) {
                return Optional.empty();
            }
            layouts.add(layout.get());
        }
        Set<String> panels =
                joined.stream().map(key -> key.substring(KEY.length() + 1)).collect(Collectors.toSet());
        return Optional.of(new Offer(plan, pair.front(), pair.back(), givenUp, panels, layouts));
    }

    private Optional<Layout> laid(ClothUse use, AtHand from, Set<String> joined) {
        if (use.area() > from.area() || triesLeft <= 0) {
            return Optional.empty();
        }
        LayoutChoices choices = LayoutChoices.usual(use.cloth(), mark.unit()).at(true, from.pieces());
        for (String key : joined) {
            choices = choices.joining(key, true);
        }
        LayoutProblem problem = LayoutProblem.of(use.cloth(), use.wanted(), choices, mark.unit());
        LayoutSearch search = new LayoutSearch(problem.asTask(), SEED);
        if (search.best().placed().size() < problem.asTask().count()) {
            triesLeft--;
            search.improve(Budget.steps(STEPS));
        }
        return Optional.of(search.best())
                .filter(best -> best.placed().size() == problem.asTask().count())
                .map(best -> problem.laid(best, search.least()));
    }

    /** How a form is said to be: across and up and down, over its crown. */
    public static Length across(Form form) {
        return form.across().get(Reading.OVER_CROWN).orElseThrow();
    }
}
