package app.dapt.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A length held exactly, as a whole number of 1/320 mm.
 *
 * <p>That grain holds both 1/64 in (127 grains) and 1 mm (320 grains) without a remainder, so inches and
 * centimetres can be added, taken away and compared without any drift. A length may be negative (ease,
 * an overlap that does not close); whoever needs a positive one says so. Whatever no longer fits in a {@code long}
 * is refused with an {@link ArithmeticException} rather than wrapped round.
 *
 * @param grains how many 320ths of a millimetre
 */
public record Length(long grains) implements Comparable<Length> {

    /** Grains in one millimetre. */
    public static final long PER_MM = 320;
    /** Grains in 1/64 inch. */
    public static final long PER_64TH = 127;
    /** Grains in one inch. */
    public static final long PER_INCH = 64 * PER_64TH;

    public static final Length ZERO = new Length(0);

    /** So many 64ths of an inch. */
    public static Length sixtyFourths(long n) {
        return new Length(Math.multiplyExact(n, PER_64TH));
    }

    /** So many whole inches. */
    public static Length inches(long n) {
        return new Length(Math.multiplyExact(n, PER_INCH));
    }

    /**
     * Whole inches and a fraction, {@code inches(14, 5, 8)} for 14⅝; the fraction must fall on a 64th.
     *
     * @throws IllegalArgumentException where the denominator is none of a tape
     */
    public static Length inches(long whole, int numerator, int denominator) {
        if (denominator <= 0 || 64 % denominator != 0) {
            throw new IllegalArgumentException("not a fraction found on a tape: /" + denominator);
        }
        return sixtyFourths(Math.addExact(Math.multiplyExact(whole, 64L), (long) numerator * (64 / denominator)));
    }

    public static Length mm(long n) {
        return new Length(Math.multiplyExact(n, PER_MM));
    }

    public static Length cm(long n) {
        return mm(Math.multiplyExact(n, 10L));
    }

    /**
     * The nearest length to a number of inches; for what comes out of an estimate, a curve or a slant.
     *
     * @throws ArithmeticException for what is no number or too large to be a length
     */
    public static Length nearInches(double inches) {
        double grains = inches * PER_INCH;
        if (!(Math.abs(grains) < Long.MAX_VALUE)) {
            throw new ArithmeticException("not a length: " + inches + " in");
        }
        return new Length(Math.round(grains));
    }

    /** The same of a number of millimetres, as outlines have them. */
    public static Length nearMm(double millimetres) {
        return nearInches(millimetres * PER_MM / PER_INCH);
    }

    /** The nearest length to a decimal count of a unit, as a person types it. */
    public static Length of(BigDecimal count, Unit unit) {
        return new Length(count.multiply(BigDecimal.valueOf(unit.grains()))
                .setScale(0, RoundingMode.HALF_UP)
                .longValueExact());
    }

    /** How many inches, as a floating number: for estimates, search and drawing only. */
    public double toInches() {
        return grains / (double) PER_INCH;
    }

    /** How many millimetres, as a floating number: for estimates, search and drawing only. */
    public double toMm() {
        return grains / (double) PER_MM;
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(grains, other.grains));
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(grains, other.grains));
    }

    public Length times(long n) {
        return new Length(Math.multiplyExact(grains, n));
    }

    public Length negated() {
        return new Length(Math.negateExact(grains));
    }

    /** One half, as {@code times(1, 2)} gives it; {@code minus(half())} is the other half. */
    public Length half() {
        return times(1, 2);
    }

    /**
     * A fraction of this length, to the nearest grain; what lies halfway goes to the larger.
     *
     * @throws IllegalArgumentException for a denominator under one
     */
    public Length times(int numerator, int denominator) {
        if (denominator < 1) {
            throw new IllegalArgumentException("a fraction over " + denominator);
        }
        long twice = Math.multiplyExact(Math.multiplyExact(grains, numerator), 2L);
        return new Length(Math.floorDiv(Math.addExact(twice, denominator), 2L * denominator));
    }

    public boolean isPositive() {
        return grains > 0;
    }

    public boolean isNegative() {
        return grains < 0;
    }

    public boolean isZero() {
        return grains == 0;
    }

    public Length abs() {
        return grains < 0 ? negated() : this;
    }

    public boolean atLeast(Length other) {
        return grains >= other.grains;
    }

    public boolean under(Length other) {
        return grains < other.grains;
    }

    public static Length max(Length a, Length b) {
        return a.grains >= b.grains ? a : b;
    }

    public static Length min(Length a, Length b) {
        return a.grains <= b.grains ? a : b;
    }

    /**
     * This length, or the next multiple of a step above it.
     *
     * @throws IllegalArgumentException where the step is not positive
     */
    public Length roundedUp(Length step) {
        return step.times(countOf(step));
    }

    /**
     * This length, or the next multiple of a step below it.
     *
     * @throws IllegalArgumentException where the step is not positive
     */
    public Length roundedDown(Length step) {
        return negated().roundedUp(step).negated();
    }

    /**
     * The multiple of a step that is nearest to this length; halfway between two the larger.
     *
     * @throws IllegalArgumentException where the step is not positive
     */
    public Length roundedTo(Length step) {
        return times(2).plus(step).roundedDown(step.times(2)).half();
    }

    /** What this length is where another has become so long: to the nearest grain. */
    public Length scaled(Length to, Length from) {
        return new Length(Math.round(grains * to.over(from)));
    }

    /**
     * How many of another length reach this one at the least.
     *
     * @throws IllegalArgumentException where the other is not positive
     */
    public long countOf(Length each) {
        if (!each.isPositive()) {
            throw new IllegalArgumentException("nothing is reached in steps of " + each);
        }
        return -Math.floorDiv(Math.negateExact(grains), each.grains);
    }

    /** How many times the other length goes into this one. */
    public double over(Length other) {
        return grains / (double) other.grains;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(grains, other.grains);
    }
}
