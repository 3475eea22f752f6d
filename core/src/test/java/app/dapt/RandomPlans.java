package app.dapt;

import static app.dapt.Cases.pick;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.ClothCharacter;
import app.dapt.cloth.Photo;
import app.dapt.cloth.Print;
import app.dapt.cloth.Repeat;
import app.dapt.cloth.Shrinkage;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.JoiningKind;
import app.dapt.cover.decision.Alteration;
import app.dapt.cover.decision.Cloths;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.decision.Use;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.front.ExtrasKind;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.fit.Fit;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** Any plan that a person or a file could make, sensible or not. */
public final class RandomPlans {

    private RandomPlans() {}

    public static CoverPlan plan(Random random) {
        CoverPlan plan = plan(random, pick(random, ShapeKind.ALL.all()), pick(random, OpeningKind.ALL.all()));
        return plan.withForm(plan.form().withRound(random.nextInt(8) == 0));
    }

    public static CoverPlan plan(Random random, Kind<Shape> shape, Kind<Opening> opening) {
        Form form = new Form(
                readings(random, true),
                readings(random, false),
                random.nextInt(4) == 0 ? Optional.of(between(random, 2, 12)) : Optional.empty(),
                pick(random, LabelMeans.values()),
                pick(random, Filling.values()));
        return new CoverPlan(
                "Cover " + random.nextInt(1000),
                pick(random, Mark.values()),
                any(random, shape),
                form,
                new Fit(pick(random, FitSchool.values()), between(random, 0, 6), between(random, -4, 4)),
                any(random, opening),
                any(random, random.nextInt(3) > 0 ? FaceKind.PLAIN : pick(random, FaceKind.ALL.all())),
                any(random, ExtrasKind.EXTRAS),
                any(random, random.nextInt(2) == 0 ? EdgingKind.NONE : pick(random, EdgingKind.ALL.all())),
                new Seam(between(random, 0, 1), pick(random, SeamFinish.values()), altered(form)),
                any(random, pick(random, JoiningKind.ALL.all())),
                new Cloths(cloth(random), cloth(random), cloth(random), cloth(random)),
                use(form),
                Set.of());
    }

    /** What it is for, where that was said. */
    private static Optional<Use> use(Form form) {
        Random random = new Random(
                form.across().get(form.across().trusted()).orElseThrow().grains() + 1);
        return random.nextBoolean() ? Optional.of(pick(random, Use.values())) : Optional.empty();
    }

    /** Now and then what a try-on has changed. */
    private static Alteration altered(Form form) {
        Random random = new Random(
                form.across().get(form.across().trusted()).orElseThrow().grains());
        return random.nextInt(6) == 0
                ? new Alteration(between(random, -1, 1), between(random, -1, 1), between(random, -1, 1))
                : Alteration.NONE;
    }

    /** A plan that makes sense: an opening that goes with its shape, on a form as one meets them. */
    public static CoverPlan fitting(Random random, Kind<Shape> shapeKind, Kind<Opening> openingKind) {
        CoverPlan plan = plan(random, shapeKind, openingKind);
        boolean run = shapeKind == ShapeKind.RUN;
        Length across = between(random, run ? 40 : 20, run ? 70 : 40);
        Length upDown = between(random, 14, 30);
        Shape shape = shapeKind.usual(plan.unit());
        if (shapeKind == ShapeKind.VEE) {
            shape = shapeKind.with(shape.decided().with("arm", between(random, 6, 9)));
        }
        Opening opening = openingKind.usual(plan.unit());
        if (opening.unfitFor(shape).isPresent()) {
            opening = opening.turned();
        }
        return plan.withEdging(EdgingKind.NONE.usual(plan.unit()))
                .withExtras(ExtrasKind.EXTRAS.usual(plan.unit()))
                .withForm(Form.overCrown(across, upDown))
                .withShape(shape)
                .withOpening(opening)
                .withFit(plan.fit()
                        .withSchool(pick(random, new FitSchool[] {FitSchool.CUT_TO_FORM, FitSchool.FINISH_TO_FORM})));
    }

    /** A choice of a kind with each of its details put anywhere it may be. */
    public static <T extends Detailed> T any(Random random, Kind<T> kind) {
        Details usual =
                kind.usual(random.nextBoolean() ? Unit.INCH : Unit.CENTIMETRE).decided();
        return kind.with(usual.each(detail -> detail.match(new Drawn(random))));
    }

    /** Any value of a detail that its limits allow. */
    private record Drawn(Random random) implements Detail.Cases<Detail<?>, RuntimeException> {

        @Override
        public Detail<?> measure(Detail.Measure detail) {
            return detail.with(within(random, detail.limits(), detail.value()));
        }

        @Override
        public Detail<?> maybe(Detail.MaybeMeasure detail) {
            return detail.with(
                    random.nextInt(3) == 0
                            ? Optional.of(within(random, detail.limits(), Length.inches(20)))
                            : Optional.empty());
        }

        @Override
        public <E extends Enum<E>> Detail<?> oneOf(Detail.OneOf<E> detail) {
            return detail.with(pick(random, detail.type().getEnumConstants()));
        }

        @Override
        public Detail<?> count(Detail.Count detail) {
            return detail.with(detail.least() + random.nextInt(detail.most() - detail.least() + 1));
        }

        @Override
        public Detail<?> tick(Detail.Tick detail) {
            return detail.with(random.nextInt(4) == 0);
        }
    }

    /** Mostly near what is usual, now and then far from it, always within the limits. */
    private static Length within(Random random, LengthRange limits, Length usual) {
        Length any = between(random, 0, random.nextInt(5) == 0 ? 60 : Math.max(2, (int) (2 * usual.toInches())));
        return limits.allows(any) ? any : usual;
    }

    /** Any length between so many inches, on a 64th, on a tenth of a millimetre, or between the two. */
    public static Length between(Random random, int least, int most) {
        long grains = (long) (least * Length.PER_INCH + random.nextDouble() * (most - least) * Length.PER_INCH);
        long step = new long[] {8 * Length.PER_64TH, Length.PER_MM, Length.PER_64TH, 1}[random.nextInt(4)];
        return new Length(grains / step * step);
    }

    private static Readings readings(Random random, boolean needed) {
        Readings readings =
                needed || random.nextInt(3) > 0 ? Readings.overCrown(between(random, 6, 60)) : Readings.NONE;
        for (Reading reading : new Reading[] {Reading.STRAIGHT_ACROSS, Reading.LABEL}) {
            if (random.nextInt(3) == 0) {
                Length near = readings.get(Reading.OVER_CROWN).orElse(between(random, 8, 60));
                readings = readings.with(reading, Optional.of(near.times(70 + random.nextInt(40), 100)));
            }
        }
        boolean dropCrown = readings.by().size() > 1 && random.nextInt(4) == 0;
        return dropCrown ? readings.with(Reading.OVER_CROWN, Optional.empty()) : readings;
    }

    private static Cloth cloth(Random random) {
        Cloth plain = new Cloth(
                "Cloth " + random.nextInt(100),
                String.format("#%06x", random.nextInt(1 << 24)),
                pick(random, Print.values()),
                between(random, 20, 60),
                random.nextInt(4) == 0,
                random.nextInt(3) == 0 ? random.nextInt(9000) : 0);
        Random hands = new Random(plain.price());
        ClothCharacter character = new ClothCharacter(
                pick(hands, ClothCharacter.Heft.values()),
                pick(hands, ClothCharacter.Fraying.values()),
                plain.nap() ? Set.of(ClothCharacter.Trait.SHEER, ClothCharacter.Trait.ALIKE) : Set.of(),
                pick(hands, ClothCharacter.Was.values()));
        Optional<Repeat> repeat = random.nextInt(4) == 0
                ? Optional.of(new Repeat(between(random, 1, 30), between(random, 1, 30)))
                : Optional.empty();
        Shrinkage shrinkage =
                random.nextInt(3) == 0 ? new Shrinkage(random.nextInt(80), random.nextInt(80)) : Shrinkage.NONE;
        return plain.withCharacter(character)
                .used(random.nextInt(6) == 0, repeat, shrinkage)
                .withPhoto(
                        random.nextInt(8) == 0
                                ? Optional.of(new Photo(
                                        1 + random.nextInt(9), between(random, 2, 30), between(random, 2, 30)))
                                : Optional.empty());
    }
}
