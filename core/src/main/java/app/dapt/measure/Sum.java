package app.dapt.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A figure together with the arithmetic that made it: labelled terms that add up. Rounding is a term like
 * any other, so that what is shown always adds up to what is cut.
 *
 * @param terms the lines, in the order one would say them
 */
public record Sum(List<Term> terms) {

    /** One line of a sum; an amount that is taken away is negative. */
    public record Term(Phrase label, Length amount) {}

    public Sum {
        terms = List.copyOf(terms);
    }

    public static Sum of(Term... terms) {
        return new Sum(Arrays.asList(terms));
    }

    public static Term term(String code, Length amount, Object... args) {
        return new Term(Phrase.of(code, args), amount);
    }

    public Length total() {
        return terms.stream().map(Term::amount).reduce(Length.ZERO, Length::plus);
    }

    /** This sum with one more line. */
    public Sum plus(Term term) {
        List<Term> more = new ArrayList<>(terms);
        more.add(term);
        return new Sum(more);
    }

    /** This sum rounded up to a mark, with the rounding as its last line where there is any. */
    public Sum roundedUpTo(Mark mark) {
        Length total = total();
        Length rounding = mark.roundUp(total).minus(total);
        return rounding.isZero() ? this : plus(term("term.rounding", rounding, mark.step()));
    }
}
