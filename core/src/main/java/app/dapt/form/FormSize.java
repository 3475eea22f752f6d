package app.dapt.form;

import app.dapt.filling.Casing;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The readings of a form brought together: its casing's flat size, how full it is, and where readings disagree.
 *
 * @param across       what was settled on across
 * @param upDown       what was settled on up and down
 * @param casing       what those two make, flat
 * @param fill         the form's volume as a share of the greatest its casing could hold
 * @param fillFrom     what told the fill
 * @param disagreeing  readings that cannot all be right
 */
public record FormSize(
        Settled across, Settled upDown, Casing casing, double fill, FillFrom fillFrom, List<Disagreement> disagreeing) {

    /** What told how full a form is, the surest first. */
    public enum FillFrom {
        TWO_TAPES,
        LOFT,
        FILLING
    }

    /**
     * A flat size and the reading it came from.
     *
     * @param borrowed whether it is the other direction's, this one not having been measured
     */
    public record Settled(Length flat, Reading taken, boolean borrowed) {}

    /**
     * Two readings of one direction that cannot both be right.
     *
     * @param trusted the one to keep
     * @param doubted the one to measure again or leave out
     * @param by      how far they are apart, beyond what filling explains
     */
    public record Disagreement(
            Axis axis, Reading trusted, Length trustedLength, Reading doubted, Length doubtedLength, Length by) {}

    /** How a flat width and height make a casing. */
    public interface Shaping {
        Casing casing(Length across, Length upDown);
    }

    /** A label is called wrong from here on. */
    private static final Length LABEL_TOLERANCE = Length.inches(0, 1, 2);
    /** The same where the flat size itself is only estimated from a straight reading. */
    private static final Length ESTIMATE_TOLERANCE = Length.inches(1);
    /** A form read straight across cannot be narrower than this share of its casing, however full. */
    private static final double NARROWEST_SHARE = 0.64;

    public FormSize {
        disagreeing = List.copyOf(disagreeing);
    }

    /** Its flat size in one direction. */
    public Length flat(Axis axis) {
        return (axis == Axis.ACROSS ? across : upDown).flat();
    }

    /**
     * Brings the readings of a form together.
     *
     * @param shaped the casing that its two sizes make
     */
    public static FormSize of(Form form, Shaping shaped) {
        boolean borrowed = form.upDown().isEmpty();
        Readings upDownReadings = borrowed ? form.across() : form.upDown();
        Casing rough = shaped.casing(roughly(form.across()), roughly(upDownReadings));
        double usual = form.filling().usualFill();
        Settled across = settle(form.across(), rough.straightShareAcross(usual), false);
        Settled upDown = settle(upDownReadings, rough.straightShareUpDown(usual), borrowed);

        List<Disagreement> disagreements =
                new ArrayList<>(disagreements(Axis.ACROSS, form.across(), across, form.labelMeans()));
        if (!borrowed) {
            disagreements.addAll(disagreements(Axis.UP_DOWN, upDownReadings, upDown, form.labelMeans()));
        }
        Casing casing = shaped.casing(across.flat(), upDown.flat());
        Optional<Double> told = fromTwoTapes(form.across(), upDownReadings, casing);
        if (told.isPresent()) {
            return new FormSize(across, upDown, casing, told.get(), FillFrom.TWO_TAPES, disagreements);
        }
        return form.loft()
                .map(loft -> new FormSize(
                        across, upDown, casing, sensible(casing.fillFromLoft(loft)), FillFrom.LOFT, disagreements))
                .orElseGet(() -> new FormSize(across, upDown, casing, usual, FillFrom.FILLING, disagreements));
    }

    /** The best guess at a side before the fill is known. */
    private static Length roughly(Readings readings) {
        return readings.get(Reading.OVER_CROWN)
                .or(() -> readings.get(Reading.LABEL))
                .or(() -> readings.get(Reading.STRAIGHT_ACROSS))
                .orElseThrow();
    }

    private static Settled settle(Readings readings, double straightShare, boolean borrowed) {
        Reading taken = readings.trusted();
        Length read = readings.get(taken).orElseThrow();
        Length flat = taken == Reading.STRAIGHT_ACROSS ? Length.nearInches(read.toInches() / straightShare) : read;
        return new Settled(flat, taken, borrowed);
    }

    private static List<Disagreement> disagreements(
            Axis axis, Readings readings, Settled settled, LabelMeans labelMeans) {
        List<Disagreement> found = new ArrayList<>();
        readings.get(Reading.STRAIGHT_ACROSS)
                .filter(straight -> settled.taken() == Reading.OVER_CROWN)
                .ifPresent(straight ->
                        straightAgainstCrown(axis, straight, settled.flat()).ifPresent(found::add));
        boolean printed = settled.taken() != Reading.LABEL && labelMeans == LabelMeans.FORM;
        readings.get(Reading.LABEL).filter(label -> printed).ifPresent(label -> labelAgainstTape(
                        axis, label, readings, settled)
                .ifPresent(found::add));
        return found;
    }

    private static Optional<Disagreement> straightAgainstCrown(Axis axis, Length straight, Length crown) {
        Length narrowest = Length.nearInches(crown.toInches() * NARROWEST_SHARE);
        Length over = straight.minus(crown);
        Length under = narrowest.minus(straight);
        Length by = Length.max(over, under);
        return by.isPositive()
                ? Optional.of(new Disagreement(axis, Reading.OVER_CROWN, crown, Reading.STRAIGHT_ACROSS, straight, by))
                : Optional.empty();
    }

    private static Optional<Disagreement> labelAgainstTape(
            Axis axis, Length label, Readings readings, Settled settled) {
        Length tolerance = settled.taken() == Reading.OVER_CROWN ? LABEL_TOLERANCE : ESTIMATE_TOLERANCE;
        Length by = label.minus(settled.flat()).abs();
        return by.atLeast(tolerance)
                ? Optional.of(new Disagreement(
                        axis, settled.taken(), readings.get(settled.taken()).orElseThrow(), Reading.LABEL, label, by))
                : Optional.empty();
    }

    /** The mean of what each direction tells, where crown and straight across were both read and can both be right. */
    private static Optional<Double> fromTwoTapes(Readings across, Readings upDown, Casing casing) {
        List<Double> told = new ArrayList<>();
        // A casing that never draws in tells nothing by its width.
        plausibleShare(across)
                .filter(share -> casing.straightShareAcross(1) < 1)
                .ifPresent(share -> told.add(casing.fillFromShareAcross(share)));
        plausibleShare(upDown)
                .filter(share -> casing.straightShareUpDown(1) < 1)
                .ifPresent(share -> told.add(casing.fillFromShareUpDown(share)));
        return told.isEmpty()
                ? Optional.empty()
                : Optional.of(sensible(
                        told.stream().mapToDouble(Double::doubleValue).average().orElseThrow()));
    }

    /** What is straight across of what the crown has, where both can be right. */
    private static Optional<Double> plausibleShare(Readings readings) {
        return readings.get(Reading.OVER_CROWN).flatMap(crown -> readings.get(Reading.STRAIGHT_ACROSS)
                .filter(straight ->
                        straightAgainstCrown(Axis.ACROSS, straight, crown).isEmpty())
                .map(straight -> straight.over(crown)));
    }

    /** Two tapes say little below four tenths, and no form is empty. */
    private static double sensible(double fill) {
        return Math.max(0.2, Math.min(1, fill));
    }
}
