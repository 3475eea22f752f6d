package app.dapt;

import static app.dapt.Cases.pick;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cover.Cloths;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.EnvelopeOpening;
import app.dapt.cover.EnvelopeOpening.Asked;
import app.dapt.cover.EnvelopeOpening.ByRule;
import app.dapt.cover.EnvelopeOpening.PanelChoice;
import app.dapt.cover.Hem;
import app.dapt.cover.RuleOfThumb;
import app.dapt.cover.Seam;
import app.dapt.cover.SeamFinish;
import app.dapt.cover.Shape;
import app.dapt.fit.Fit;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** Any plan that a person or a file could make, sensible or not. */
public final class RandomPlans {

    private RandomPlans() {
    }

    public static CoverPlan plan(Random random) {
        Form form = new Form(readings(random, true), readings(random, false),
                random.nextInt(4) == 0 ? Optional.of(between(random, 2, 12)) : Optional.empty(),
                pick(random, LabelMeans.values()), pick(random, Filling.values()));
        return new CoverPlan("Cover " + random.nextInt(1000), pick(random, Mark.values()), pick(random, Shape.values()), form,
                new Fit(pick(random, FitSchool.values()), between(random, 0, 6), between(random, -4, 4)), envelope(random),
                new Seam(between(random, 0, 1), pick(random, SeamFinish.values())),
                new Cloths(cloth(random), cloth(random), cloth(random)), Set.of());
    }

    /** Any length between so many inches, on a 64th, on a tenth of a millimetre, or between the two. */
    public static Length between(Random random, int least, int most) {
        long grains = (long) (least * Length.PER_INCH + random.nextDouble() * (most - least) * Length.PER_INCH);
        long step = new long[] {8 * Length.PER_64TH, Length.PER_MM, Length.PER_64TH, 1}[random.nextInt(4)];
        return new Length(grains / step * step);
    }

    private static Readings readings(Random random, boolean needed) {
        Readings readings = needed || random.nextInt(3) > 0
                ? Readings.overCrown(between(random, 6, 60)) : Readings.NONE;
        for (Reading reading : new Reading[] {Reading.STRAIGHT_ACROSS, Reading.LABEL}) {
            if (random.nextInt(3) == 0) {
                Length near = readings.get(Reading.OVER_CROWN).orElse(between(random, 8, 60));
                readings = readings.with(reading, Optional.of(near.times(70 + random.nextInt(40), 100)));
            }
        }
        boolean dropCrown = readings.by().size() > 1 && random.nextInt(4) == 0;
        return dropCrown ? readings.with(Reading.OVER_CROWN, Optional.empty()) : readings;
    }

    private static EnvelopeOpening envelope(Random random) {
        EnvelopeOpening.Depth depth = random.nextInt(4) == 0
                ? new ByRule(pick(random, RuleOfThumb.values())) : new Asked(between(random, 0, 12));
        Optional<Length> centre = random.nextInt(3) == 0 ? Optional.of(between(random, 0, 40)) : Optional.empty();
        return new EnvelopeOpening(pick(random, Axis.values()), depth, centre, random.nextBoolean(), panel(random), panel(random));
    }

    private static PanelChoice panel(Random random) {
        return new PanelChoice(new Hem(pick(random, Hem.Kind.values()), between(random, 0, 2), between(random, 0, 2)),
                random.nextInt(4) == 0);
    }

    private static Cloth cloth(Random random) {
        return new Cloth("Cloth " + random.nextInt(100), String.format("#%06x", random.nextInt(1 << 24)),
                pick(random, Print.values()), between(random, 20, 70), random.nextBoolean());
    }
}
