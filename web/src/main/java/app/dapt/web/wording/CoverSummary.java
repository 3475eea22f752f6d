package app.dapt.web.wording;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.words.Words;
import java.util.Locale;

/** A cover as one would tell it apart in a list. */
public final class CoverSummary {

    private CoverSummary() {}

    /** Its size, shape, opening and edge: {@code 20¼ in square, envelope, with fringe}. */
    public static String of(Reckoned reckoned, Words words) {
        CoverPlan plan = reckoned.plan();
        Length across = reckoned.finished(Axis.ACROSS);
        Length upDown = reckoned.finished(Axis.UP_DOWN);
        String shape = words.say(plan.shape().kind().phrase("shape"));
        String size = across.equals(upDown)
                ? words.say("covers.size-one", across, shape)
                : words.say("covers.size-two", across, upDown, shape);
        String opening = small(words.say(plan.opening().kind().phrase("opening")));
        return plan.edging().isNothing()
                ? size + ", " + opening
                : size + ", " + opening + ", " + words.say(plan.edging().brief());
    }

    private static String small(String title) {
        return title.substring(0, 1).toLowerCase(Locale.ENGLISH) + title.substring(1);
    }
}
