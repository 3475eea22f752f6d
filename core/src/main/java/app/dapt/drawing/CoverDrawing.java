package app.dapt.drawing;

import app.dapt.cover.Back;
import app.dapt.cover.Reckoned;
import app.dapt.drawing.Element.Label;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Tape;
import app.dapt.drawing.Element.Turning;
import app.dapt.drawing.Element.Zone;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.List;

/** What to draw of a reckoned cover: its front, its back seen from behind, and its pieces as they are cut. */
public final class CoverDrawing {

    private CoverDrawing() {
    }

    /** The finished front with a tape along two edges. */
    public static Sheet front(Reckoned reckoned) {
        Length width = reckoned.finished(Axis.ACROSS);
        Length height = reckoned.finished(Axis.UP_DOWN);
        List<Element> elements = new ArrayList<>();
        elements.add(new Stuff(Box.of(width, height), Material.FRONT, true, false, "front", Part.BODY));
        elements.addAll(seamRound(width, height));
        elements.add(new Tape(Axis.ACROSS, Length.ZERO, Length.ZERO, width, true, Phrase.of("tape.width")));
        elements.add(new Tape(Axis.UP_DOWN, Length.ZERO, Length.ZERO, height, true, Phrase.of("tape.height")));
        return new Sheet(width, height, elements, Phrase.of("drawing.front", width, height,
                reckoned.plan().cloths().front().name()));
    }

    /** The finished back seen from behind, with the overlap taped. */
    public static Sheet back(Reckoned reckoned) {
        Length width = reckoned.finished(Axis.ACROSS);
        Length height = reckoned.finished(Axis.UP_DOWN);
        Back back = reckoned.back();
        boolean stacked = reckoned.plan().opening().runs() == Axis.ACROSS;
        List<Element> elements = new ArrayList<>();
        elements.add(new Stuff(Box.of(width, height), Material.FRONT, false, false, "front", Part.NONE));
        for (Back.Panel panel : back.panels()) {
            elements.addAll(panel(panel, stacked, width, height));
        }
        Back.Panel inner = back.panels().get(0);
        Length hiddenAt = inner.from().isZero() ? inner.to() : inner.from();
        if (back.overlap().isPositive()) {
            elements.add(across(Role.HIDDEN_EDGE, hiddenAt, stacked, width, height));
        }
        elements.addAll(seamRound(width, height));
        elements.addAll(labels(back, stacked));
        elements.add(new Tape(Axis.ACROSS, Length.ZERO, Length.ZERO, width, true, Phrase.of("tape.width")));
        elements.addAll(overlap(back, stacked, width, height));
        Back.Panel outer = back.panels().get(back.panels().size() - 1);
        return new Sheet(width, height, elements, Phrase.of("drawing.back", width, height,
                outer.piece().name(), inner.piece().name(), back.overlap()));
    }

    /** The front without tapes or marks, for lists. */
    public static Sheet outline(Reckoned reckoned) {
        return bare(front(reckoned));
    }

    /** The back without tapes or words, for lists. */
    public static Sheet backOutline(Reckoned reckoned) {
        return bare(back(reckoned));
    }

    /** The front laid on its form, the form's flat casing as an outline, both centred. */
    public static Sheet overForm(Reckoned reckoned) {
        Sheet front = outline(reckoned);
        Length formWidth = reckoned.form().across().flat();
        Length formHeight = reckoned.form().upDown().flat();
        Length left = formWidth.minus(front.width()).half();
        Length top = formHeight.minus(front.height()).half();
        List<Element> elements = new ArrayList<>(front.elements());
        for (Side side : Side.values()) {
            elements.add(inset(Role.HIDDEN_EDGE, side, Length.ZERO, formWidth, formHeight).moved(left.negated(), top.negated()));
        }
        return new Sheet(front.width(), front.height(), elements, front.described());
    }

    private static Sheet bare(Sheet sheet) {
        return new Sheet(sheet.width(), sheet.height(), sheet.elements().stream()
                .filter(element -> !(element instanceof Tape || element instanceof Label)).toList(), sheet.described());
    }

    /** A piece flat on the table before it is sewn: cut edges, hems to turn, the seam line. */
    public static Sheet piece(Piece piece) {
        Length width = piece.cutWidth();
        Length height = piece.cutHeight();
        List<Element> elements = new ArrayList<>();
        elements.add(new Stuff(Box.of(width, height), piece.material(), true, piece.turned(), piece.id(), Part.BODY));
        for (Side side : Side.values()) {
            Edge edge = piece.edge(side);
            Length in = Length.ZERO;
            for (Length turn : edge.turns()) {
                in = in.plus(turn);
                elements.add(inset(edge.isSeam() || edge.fate() == Edge.Fate.LINED ? Role.SEAM : Role.FOLD, side, in, width, height));
            }
            elements.add(new Turning(strip(side, in, width, height), piece.id(), edge.isSeam() ? Part.ALLOWANCE : Part.HEM));
            elements.add(inset(edge.fate() == Edge.Fate.SELVAGE ? Role.SELVAGE : Role.CUT, side, Length.ZERO, width, height));
        }
        return new Sheet(width, height, elements, Phrase.of("drawing.piece", piece.name(), width, height));
    }

    private static List<Element> panel(Back.Panel panel, boolean stacked, Length width, Length height) {
        Length from = Length.max(Length.ZERO, panel.from());
        Length to = Length.min(stacked ? height : width, panel.to());
        Box box = stacked ? new Box(Length.ZERO, from, width, to.minus(from)) : new Box(from, Length.ZERO, to.minus(from), height);
        Piece piece = panel.piece();
        List<Element> elements = new ArrayList<>();
        elements.add(new Stuff(box, piece.material(), true, piece.turned(), piece.id(), Part.BODY));
        boolean freeAtTo = panel.from().isZero();
        Length freeAt = freeAtTo ? panel.to() : panel.from();
        if (panel.outside()) {
            elements.add(shade(freeAt, freeAtTo, stacked, width, height));
        }
        elements.add(across(Role.FINISHED_EDGE, freeAt, stacked, width, height));
        Length hem = panel.freeEdge().fate() == Edge.Fate.LINED ? Length.ZERO : panel.freeEdge().depth();
        if (panel.outside() && hem.isPositive()) {
            elements.add(across(Role.TOPSTITCH, freeAtTo ? freeAt.minus(hem) : freeAt.plus(hem), stacked, width, height));
        }
        return elements;
    }

    private static Element shade(Length freeAt, boolean freeAtTo, boolean stacked, Length width, Length height) {
        Length depth = Length.min(width, height).times(1, 50);
        Length from = freeAtTo ? freeAt : freeAt.minus(depth);
        return new Shade(stacked ? new Box(Length.ZERO, from, width, depth) : new Box(from, Length.ZERO, depth, height));
    }

    private static Line across(Role role, Length at, boolean stacked, Length width, Length height) {
        return stacked ? new Line(role, Length.ZERO, at, width, at) : new Line(role, at, Length.ZERO, at, height);
    }

    private static List<Element> seamRound(Length width, Length height) {
        return List.of(new Line(Role.SEAM, Length.ZERO, Length.ZERO, width, Length.ZERO),
                new Line(Role.SEAM, width, Length.ZERO, width, height),
                new Line(Role.SEAM, width, height, Length.ZERO, height),
                new Line(Role.SEAM, Length.ZERO, height, Length.ZERO, Length.ZERO));
    }

    private static List<Element> labels(Back back, boolean stacked) {
        List<Element> labels = new ArrayList<>();
        for (Back.Panel panel : back.panels()) {
            boolean atStart = panel.from().isZero();
            Phrase words = Phrase.of(panel.outside() ? "label.outside" : "label.inside", Phrase.of("panel." + panel.piece().id()));
            Length x = stacked || atStart ? Length.ZERO : back.panels().stream()
                    .filter(other -> other.from().isZero()).map(Back.Panel::to).findFirst().orElse(panel.from());
            labels.add(new Label(words, x, stacked && !atStart ? panel.to() : Length.ZERO, stacked && !atStart));
        }
        return labels;
    }

    private static List<Element> overlap(Back back, boolean stacked, Length width, Length height) {
        if (!back.overlap().isPositive()) {
            return List.of();
        }
        Length from = Length.max(Length.ZERO, back.panels().stream().map(Back.Panel::from).reduce(Length.ZERO, Length::max));
        Box box = stacked ? new Box(Length.ZERO, from, width, back.overlap()) : new Box(from, Length.ZERO, back.overlap(), height);
        Phrase label = Phrase.of("tape.overlap");
        Tape tape = stacked ? new Tape(Axis.UP_DOWN, width, from, back.overlap(), false, label)
                : new Tape(Axis.ACROSS, from, height, back.overlap(), false, label);
        return List.of(new Zone(box, Part.OVERLAP), tape);
    }

    /** The line that lies so far in from one side. */
    private static Line inset(Role role, Side side, Length in, Length width, Length height) {
        return switch (side) {
            case TOP -> new Line(role, Length.ZERO, in, width, in);
            case BOTTOM -> new Line(role, Length.ZERO, height.minus(in), width, height.minus(in));
            case LEFT -> new Line(role, in, Length.ZERO, in, height);
            case RIGHT -> new Line(role, width.minus(in), Length.ZERO, width.minus(in), height);
        };
    }

    private static Box strip(Side side, Length deep, Length width, Length height) {
        return switch (side) {
            case TOP -> new Box(Length.ZERO, Length.ZERO, width, deep);
            case BOTTOM -> new Box(Length.ZERO, height.minus(deep), width, deep);
            case LEFT -> new Box(Length.ZERO, Length.ZERO, deep, height);
            case RIGHT -> new Box(width.minus(deep), Length.ZERO, deep, height);
        };
    }
}
