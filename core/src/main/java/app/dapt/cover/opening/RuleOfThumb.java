package app.dapt.cover.opening;

import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;

/** Ways people cut two equal envelope backs without asking for an overlap; each gives the depth to cut. */
public enum RuleOfThumb {
    /** No rule: by the overlap asked for. */
    NONE {
        @Override
        public Sum depth(Length cut, Length hem, Unit unit) {
            throw new IllegalStateException("without a rule the depth comes from the overlap");
        }
    },
    HALF_PLUS_TWO {
        @Override
        public Sum depth(Length cut, Length hem, Unit unit) {
            return Sum.of(
                    Sum.term("term.half-cut", cut.half()),
                    Sum.term("term.rule-more", unit.pick(Length.cm(5), Length.inches(2))));
        }
    },
    ADD_SIX_AND_HALVE {
        @Override
        public Sum depth(Length cut, Length hem, Unit unit) {
            return Sum.of(
                    Sum.term("term.half-cut", cut.half()),
                    Sum.term("term.half-of-six", unit.pick(Length.mm(75), Length.inches(3))));
        }
    },
    TWO_THIRDS {
        @Override
        public Sum depth(Length cut, Length hem, Unit unit) {
            return Sum.of(Sum.term("term.two-thirds-cut", cut.times(2, 3)));
        }
    },
    TWO_THIRDS_AND_HEM {
        @Override
        public Sum depth(Length cut, Length hem, Unit unit) {
            return Sum.of(Sum.term("term.two-thirds-cut", cut.times(2, 3)), Sum.term("term.rule-hem", hem));
        }
    },
    BLANK_HALVED {
        @Override
        public Sum depth(Length cut, Length hem, Unit unit) {
            return Sum.of(Sum.term("term.half-blank", BLANK_LENGTH.half(), BLANK_LENGTH));
        }
    };

    /** A fat quarter: this wide, and cut across in the middle of the other side. */
    public static final Length BLANK_WIDTH = Length.inches(18);

    public static final Length BLANK_LENGTH = Length.inches(22);

    /**
     * How deep to cut each of the two panels.
     *
     * @param cut  the plain cut size across the opening
     * @param hem  what the free edge takes
     * @param unit the reader's, because the rule goes by whole numbers of it
     */
    public abstract Sum depth(Length cut, Length hem, Unit unit);
}
