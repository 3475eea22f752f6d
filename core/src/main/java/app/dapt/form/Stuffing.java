package app.dapt.form;

/**
 * What a form of one's own is stuffed with, and how much a litre of the form then weighs. Judgement: makers' fillings
 * differ by a third, so say that it is an estimate.
 */
public enum Stuffing {
    FIBRE(30),
    FEATHER(45),
    DOWN(22),
    WOOL(38),
    KAPOK(34);

    private final double grams;

    Stuffing(double grams) {
        this.grams = grams;
    }

    /** What so many litres take, in grams, to the next ten. */
    public long grams(double litres) {
        return Math.round(Math.ceil(litres * grams / 10)) * 10;
    }
}
