package app.dapt.cover.front;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Spacing;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.drawing.Element.Spot;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.PieceRole;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Ware;
import app.dapt.step.Caution;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.workpiece.Move;
import java.util.ArrayList;
import java.util.List;

/** What the front is made of. */
public sealed interface Face extends Detailed {

    @Override
    Kind<Face> kind();

    /** The same with one question answered otherwise. */
    default <V> Face with(Question<V> question, V answer) {
        return kind().with(decided().with(question, answer));
    }

    /** The front to cut. */
    Piece front(CoverDimensions sizes);

    /**
     * Where on the cut front a place comes from that lies so far across a plain one, both from the cut edge at the
     * left: on a front that is made narrower before it is sewn, what lies beyond that is cut further out.
     */
    default Length place(Length plain, CoverDimensions sizes) {
        return plain;
    }

    /** Where on the cut front its middle is once it is made, from the cut edge at the left. */
    default Length middle(Piece front, CoverDimensions sizes) {
        return front.cutWidth().half();
    }

    /** Whether it is one plain piece, as every larger piece that the front is a part of has it. */
    default boolean isPlain() {
        return false;
    }

    /** What is bought for it. */
    default List<Need> needs() {
        return List.of();
    }

    /** Whether something on it comes off in small hands. */
    default boolean hasSmallParts() {
        return false;
    }

    /**
     * What is seen of it on the finished front besides its cloth.
     *
     * @param front the piece it was made from
     */
    default List<Element> drawn(Piece front, CoverDimensions sizes) {
        return List.of();
    }

    /** How it is made, before anything is sewn to it. */
    default void make(Making making) {}

    /** What can go wrong with it. */
    default List<Concern<Face>> concerns(CoverDimensions sizes) {
        return List.of();
    }

    /** One plain piece. */
    record Plain(Details decided) implements Face {

        @Override
        public boolean isPlain() {
            return true;
        }

        @Override
        public Kind<Face> kind() {
            return FaceKind.PLAIN;
        }

        @Override
        public Piece front(CoverDimensions sizes) {
            return sizes.plainFront();
        }
    }

    /** A pleat down the middle, sewn shut, with buttons for show; the cover opens elsewhere. */
    record ButtonBand(Details decided) implements Face {

        /** How wide the band is. */
        private static final Question<Length> PLEAT =
                Question.length("pleat", LengthRange.PLEAT, Length.cm(4), Length.inches(1, 1, 2));

        private static final Question<Integer> BUTTONS = Question.count("buttons", 1, 12, 3);
        /** How they are spaced in the finished height. */
        private static final Question<Spacing> SPACING =
                Question.oneOf("buttonSpacing", Spacing.HALF_AT_ENDS, "spacing");
        /** Across one of them. */
        private static final Question<Length> SIZE =
                Question.length("buttonSize", LengthRange.BUTTON, Length.mm(22), Length.inches(0, 7, 8));

        static final List<Question<?>> ASKED = List.of(PLEAT, BUTTONS, SPACING, SIZE);

        private Length pleat() {
            return get(PLEAT);
        }

        @Override
        public Kind<Face> kind() {
            return FaceKind.BUTTON_BAND;
        }

        @Override
        public List<Need> needs() {
            return List.of(Need.of(
                    Phrase.of("need.mock-buttons"),
                    Phrase.of("need.buttons-of", get(BUTTONS), get(SIZE)),
                    Ware.of(Thing.Kind.BUTTON, get(SIZE)).times(get(BUTTONS))));
        }

        @Override
        public boolean hasSmallParts() {
            return true;
        }

        /**
         * The first fold lies at C/2 + f/2 and is carried to the second, 2f further on; the band between them then has
         * the cover's middle for its own, which is where the buttons are marked: at C/2.
         */
        @Override
        public Piece front(CoverDimensions sizes) {
            Piece plain = sizes.plainFront();
            if (!sizes.shape().isRectangular()) {
                return plain;
            }
            Length middle = middle(plain, sizes);
            Length fold = fold(sizes);
            List<Marking> marks = new ArrayList<>(List.of(
                    Marking.line(Sort.PLEAT, Axis.UP_DOWN, fold),
                    Marking.line(Sort.PLEAT, Axis.UP_DOWN, fold.plus(pleat().times(2)))));
            Length height = sizes.cutFor(Axis.UP_DOWN);
            int buttons = get(BUTTONS);
            for (int i = 0; i < buttons; i++) {
                Length down = sizes.innerAllowance().plus(get(SPACING).at(i, buttons, height));
                marks.add(Marking.spot(Sort.BUTTON, middle, down));
            }
            Sum wide = sizes.cut(Axis.ACROSS).plus(Sum.term("term.pleat", pleat().times(2)));
            return sizes.panel("front", Material.FRONT, wide, sizes.cut(Axis.UP_DOWN), plain.edges())
                    .as(PieceRole.Whole.FRONT)
                    .marked(marks);
        }

        @Override
        public void make(Making making) {
            if (!making.sizes().shape().isRectangular()) {
                return;
            }
            Length height = making.sizes().finished(Axis.UP_DOWN);
            making.at(Place.IRON, "pleat-press", making.front())
                    .saying(pleat())
                    .figure("pleat", fold(making.sizes()), fold(making.sizes()).plus(pleat().times(2)))
                    .because()
                    .along(Effort.PRESS_HEM, height)
                    .moves(new Move.Pleat(making.front().id(), fold(making.sizes()), pleat()))
                    .rightSide()
                    .add();
            making.at(Place.MACHINE, "pleat-stitch", making.front())
                    .along(Effort.STITCH_HEM, height)
                    .set(Stitch.TOPSTITCH, Foot.PLAIN)
                    .shows(Pile.of(making.lyingFront(true)))
                    .add();
            making.at(Place.HAND, "band-buttons", making.front())
                    .saying(get(BUTTONS))
                    .figure("button", get(SIZE))
                    .marks(making.front(), Sort.BUTTON)
                    .because()
                    .careful(Caution.SMALL_PARTS)
                    .times(Effort.BUTTON, get(BUTTONS))
                    .shows(Pile.of(making.lyingFront(true)))
                    .add();
        }

        /** The band's fold casts a shadow; its other edge is stitched down, its buttons lie in the middle. */
        @Override
        public List<Element> drawn(Piece front, CoverDimensions sizes) {
            Length width = sizes.finished(Axis.ACROSS);
            Length height = sizes.finished(Axis.UP_DOWN);
            Length fold = width.half().plus(pleat().half());
            Length stitched = width.half().minus(pleat().half());
            Length shade = Length.min(width, height).times(1, 50);
            List<Element> elements = new ArrayList<>(List.of(
                    new Shade(new Box(fold, Length.ZERO, shade, height)),
                    new Line(Role.FINISHED_EDGE, fold, Length.ZERO, fold, height),
                    new Line(Role.TOPSTITCH, stitched, Length.ZERO, stitched, height)));
            front.marks().stream()
                    .filter(mark -> mark.sort() == Sort.BUTTON)
                    .map(mark -> mark.fromTop().orElseThrow().minus(sizes.allowance()))
                    .forEach(down -> elements.add(new Spot(Sort.BUTTON, width.half(), down, get(SIZE), Axis.ACROSS)));
            return elements;
        }

        /** The first fold, half the band beyond the middle; all beyond it is cut two bands further out. */
        private Length fold(CoverDimensions sizes) {
            return sizes.cut(Axis.ACROSS).total().half().plus(pleat().half());
        }

        @Override
        public Length place(Length plain, CoverDimensions sizes) {
            boolean beyond = sizes.shape().isRectangular() && fold(sizes).under(plain);
            return beyond ? plain.plus(pleat().times(2)) : plain;
        }

        @Override
        public Length middle(Piece front, CoverDimensions sizes) {
            return sizes.cut(Axis.ACROSS).total().half();
        }

        @Override
        public List<Concern<Face>> concerns(CoverDimensions sizes) {
            List<Concern<Face>> found = new ArrayList<>();
            Length size = get(SIZE);
            Length least = pleat().half();
            Length most = pleat().times(2, 3);
            if (size.under(least) || most.under(size)) {
                Length fitting = sizes.mark().roundUp(least);
                found.add(Concern.<Face>of(
                                "button-size",
                                most.under(size) ? Weight.BETTER_NOT : Weight.WORTH_KNOWING,
                                "button-size",
                                size,
                                least,
                                most)
                        .orTry(() -> with(SIZE, fitting), "button-size", fitting)
                        .orTry(() -> with(SIZE, most), "button-size", most)
                        .orNote());
            }
            if (!sizes.shape().isRectangular()) {
                found.add(unfit(Phrase.of("unfit.band-on-curve"), sizes));
            }
            return found;
        }
    }

    /** Pieced or quilted beforehand, and trimmed to the cut size. */
    record Pieced(Details decided) implements Face {

        /** What its thickness takes up each way. */
        private static final Question<Length> LAYERS =
                Question.length("layers", LengthRange.TURN, Length.mm(6), Length.inches(0, 1, 4));

        static final List<Question<?>> ASKED = List.of(LAYERS);

        @Override
        public Kind<Face> kind() {
            return FaceKind.PIECED;
        }

        @Override
        public Piece front(CoverDimensions sizes) {
            Piece plain = sizes.plainFront();
            if (!sizes.shape().isRectangular()) {
                return plain;
            }
            Sum.Term more = Sum.term("term.layers", get(LAYERS));
            return sizes.panel(
                            "front",
                            Material.FRONT,
                            sizes.cut(Axis.ACROSS).plus(more),
                            sizes.cut(Axis.UP_DOWN).plus(more),
                            plain.edges())
                    .as(PieceRole.Whole.FRONT);
        }

        @Override
        public void make(Making making) {
            making.at(Place.MACHINE, "pieced-stay", making.front())
                    .because()
                    .moves(new Move.TakeUp(
                            making.front().id(),
                            making.sizes().cut(Axis.ACROSS).total(),
                            making.sizes().cut(Axis.UP_DOWN).total()))
                    .along(Effort.BASTE, making.sizes().finished(Axis.ACROSS).times(4))
                    .set(Stitch.SEAM, Foot.PLAIN)
                    .rightSide()
                    .shows(pile -> pile.seamed(Role.SEW, Pile.allSides()))
                    .add();
        }

        @Override
        public List<Concern<Face>> concerns(CoverDimensions sizes) {
            return List.of(Concern.<Face>of("stay-stitch", Weight.WORTH_KNOWING, "stay-stitch")
                    .orNote());
        }
    }

    /** That this front does not go with the rest, and why. */
    static Concern<Face> unfit(Phrase reason, CoverDimensions sizes) {
        return Concern.<Face>of("front-unfit", Weight.WILL_NOT_WORK, "front-unfit", reason)
                .asUnfit()
                .orTry(() -> FaceKind.PLAIN.usual(sizes.ownUnit()), "plain-front");
    }
}
