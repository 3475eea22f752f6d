package app.dapt.cover;

import app.dapt.cover.Finding.Weight;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Piece;
import java.util.ArrayList;
import java.util.List;

/** What the front is made of. */
public sealed interface Face extends Detailed {

    @Override
    FaceKind kind();

    /** The front to cut. */
    Piece front(Setting setting);

    default List<Concern> concerns(Setting setting) {
        return List.of();
    }

    /** One plain piece. */
    record Plain() implements Face {

        @Override
        public FaceKind kind() {
            return FaceKind.PLAIN;
        }

        @Override
        public List<Detail> details() {
            return List.of();
        }

        @Override
        public Piece front(Setting setting) {
            return setting.whole("front", Material.FRONT);
        }
    }

    /**
     * A pleat down the middle, sewn shut, with buttons for show; the cover opens elsewhere.
     *
     * @param pleat   how wide the band is
     * @param buttons how many
     * @param size    across one of them
     */
    record ButtonBand(Length pleat, int buttons, Length size) implements Face {

        static ButtonBand usual(Unit unit) {
            return new ButtonBand(unit.pick(Length.cm(4), Length.inches(1, 1, 2)), 3, unit.pick(Length.mm(22), Length.inches(0, 7, 8)));
        }

        static ButtonBand from(Details details) {
            return new ButtonBand(details.measure("pleat"), details.count("buttons"), details.measure("buttonSize"));
        }

        @Override
        public FaceKind kind() {
            return FaceKind.BUTTON_BAND;
        }

        @Override
        public List<Detail> details() {
            return List.of(Detail.measure("pleat", Limits.PLEAT, pleat, true), Detail.count("buttons", 1, 12, buttons, true),
                    Detail.measure("buttonSize", Limits.BUTTON, size, true));
        }

        /**
         * The first fold lies at C/2 + f/2 and is carried to the second, 2f further on; the band between them then has
         * the cover's middle for its own, which is where the buttons are marked: at C/2.
         */
        @Override
        public Piece front(Setting setting) {
            Piece plain = setting.whole("front", Material.FRONT);
            if (!setting.shape().isRectangular()) {
                return plain;
            }
            Length middle = setting.cut(Axis.ACROSS).total().half();
            Length fold = middle.plus(pleat.half());
            List<Marking> marks = new ArrayList<>(List.of(Marking.line(Sort.PLEAT, Axis.UP_DOWN, fold),
                    Marking.line(Sort.PLEAT, Axis.UP_DOWN, fold.plus(pleat.times(2)))));
            Length height = setting.finished(Axis.UP_DOWN);
            for (int i = 0; i < buttons; i++) {
                marks.add(Marking.spot(Sort.BUTTON, middle, setting.allowance().plus(height.times(2 * i + 1, 2 * buttons))));
            }
            Sum wide = setting.cut(Axis.ACROSS).plus(Sum.term("term.pleat", pleat.times(2)));
            return setting.panel("front", Material.FRONT, wide, setting.cut(Axis.UP_DOWN), plain.edges()).marked(marks);
        }

        @Override
        public List<Concern> concerns(Setting setting) {
            List<Concern> found = new ArrayList<>();
            CoverPlan plan = setting.plan();
            Length least = pleat.half();
            Length most = pleat.times(2, 3);
            if (size.under(least) || most.under(size)) {
                Length fitting = setting.mark().roundUp(least);
                found.add(Concern.of("button-size", most.under(size) ? Weight.BETTER_NOT : Weight.WORTH_KNOWING, "button-size", size, least, most)
                        .orTry(plan.withFace(new ButtonBand(pleat, buttons, fitting)), "button-size", fitting)
                        .orTry(plan.withFace(new ButtonBand(pleat, buttons, most)), "button-size", most)
                        .orNote(plan));
            }
            if (!setting.shape().isRectangular()) {
                found.add(unfit(plan, Phrase.of("unfit.band-on-curve")));
            }
            return found;
        }
    }

    /**
     * Pieced or quilted beforehand, and trimmed to the cut size.
     *
     * @param layers what its thickness takes up each way
     */
    record Pieced(Length layers) implements Face {

        @Override
        public FaceKind kind() {
            return FaceKind.PIECED;
        }

        @Override
        public List<Detail> details() {
            return List.of(Detail.measure("layers", Limits.TURN, layers, true));
        }

        @Override
        public Piece front(Setting setting) {
            Piece plain = setting.whole("front", Material.FRONT);
            if (!setting.shape().isRectangular()) {
                return plain;
            }
            Sum.Term more = Sum.term("term.layers", layers);
            return setting.panel("front", Material.FRONT, setting.cut(Axis.ACROSS).plus(more), setting.cut(Axis.UP_DOWN).plus(more),
                    plain.edges());
        }

        @Override
        public List<Concern> concerns(Setting setting) {
            return List.of(Concern.of("stay-stitch", Weight.WORTH_KNOWING, "stay-stitch").orNote(setting.plan()));
        }
    }

    /** That this front does not go with the rest, and why. */
    static Concern unfit(CoverPlan plan, Phrase reason) {
        return Concern.of("front-unfit", Weight.WILL_NOT_WORK, "front-unfit", reason)
                .orTry(plan.withFace(new Plain()), "plain-front");
    }
}
