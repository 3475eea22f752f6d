package app.dapt.cover.drawing;

import app.dapt.cover.Reckoned;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.shape.Shape;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Label;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.drawing.Element.Spot;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Tape;
import app.dapt.drawing.Element.Zone;
import app.dapt.drawing.Sheet;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** What to draw of a finished cover: its front, and its back seen from behind. */
public final class CoverDrawing {

    /** A strap as wide as it is finished. */
    private static final Length STRAP = Length.inches(0, 3, 4);

    private final Reckoned reckoned;
    private final CoverDimensions sizes;
    private final Back back;
    private final Length width;
    private final Length height;
    private final boolean stacked;

    private CoverDrawing(Reckoned reckoned) {
        this.reckoned = reckoned;
        this.sizes = reckoned.dimensions();
        this.back = reckoned.back();
        this.width = reckoned.finished(Axis.ACROSS);
        this.height = reckoned.finished(Axis.UP_DOWN);
        this.stacked = reckoned.plan().opening().runs() == Axis.ACROSS;
    }

    /** The finished front with a tape along two edges. */
    public static Sheet front(Reckoned reckoned) {
        return new CoverDrawing(reckoned).front();
    }

    /** The finished back seen from behind, with the overlap taped. */
    public static Sheet back(Reckoned reckoned) {
        return new CoverDrawing(reckoned).back();
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
        Shape shape = reckoned.plan().shape();
        boolean round = shape.leavesCorners(reckoned.plan().form());
        boolean sameBothWays = round || shape.isSameBothWays() && !shape.isRectangular();
        Length across = round
                ? reckoned.form().casing().shortSide()
                : reckoned.form().across().flat();
        Length upDown = sameBothWays ? across : reckoned.form().upDown().flat();
        Contour form = round ? Contour.circle(across) : casing(shape, across, upDown);
        double left = front.width().minus(across).toMm() / 2;
        double top = front.height().minus(upDown).toMm() / 2;
        List<Element> elements = new ArrayList<>(front.elements());
        elements.add(new Path(Role.HIDDEN_EDGE, form.moved(left, top).points(), true));
        return new Sheet(
                front.width(),
                front.height(),
                elements,
                front.clip(),
                front.around(),
                front.centred(),
                front.described());
    }

    private static Contour casing(Shape shape, Length across, Length upDown) {
        return shape.isRectangular()
                ? Contour.rectangle(0, 0, across.toMm(), upDown.toMm())
                : shape.outline(across, upDown, Length.ZERO, 0).orElseThrow();
    }

    private static Sheet bare(Sheet sheet) {
        return new Sheet(
                sheet.width(),
                sheet.height(),
                sheet.elements().stream()
                        .filter(element -> !(element instanceof Tape || element instanceof Label))
                        .toList(),
                sheet.clip(),
                sheet.around(),
                sheet.centred(),
                sheet.described());
    }

    private Sheet front() {
        List<Element> elements = new ArrayList<>();
        elements.addAll(reckoned.plan().edging().under(reckoned.edge(), sizes));
        elements.add(new Stuff(Box.of(width, height), Material.FRONT, true, false, "front", Part.BODY));
        elements.addAll(sewnLines(reckoned.front()));
        elements.addAll(onFront());
        elements.addAll(seamRound());
        elements.addAll(reckoned.plan().edging().over(reckoned.edge(), sizes));
        elements.addAll(sizeTapes());
        return sheet(
                elements,
                Phrase.of(
                        "drawing.front",
                        width,
                        height,
                        reckoned.plan().cloths().front().name()));
    }

    /** What is seen on the front besides its cloth: what it is made of, where it is a piece of its own, and extras. */
    private List<Element> onFront() {
        List<Element> elements = new ArrayList<>();
        if (!reckoned.plan().opening().takesInFront()) {
            elements.addAll(reckoned.plan().face().drawn(reckoned.front(), sizes));
        }
        elements.addAll(reckoned.plan().extras().drawn(sizes));
        return elements;
    }

    private Sheet back() {
        List<Element> elements = new ArrayList<>();
        elements.addAll(reckoned.plan().edging().under(reckoned.edge(), sizes));
        elements.add(new Stuff(Box.of(width, height), Material.FRONT, false, false, "front", Part.NONE));
        for (Back.Panel panel : back.panels()) {
            elements.addAll(panel(panel));
        }
        if (back.overlap().filter(Length::isPositive).isPresent()) {
            Back.Panel inner = back.inner();
            elements.add(across(Role.HIDDEN_EDGE, inner.from().isZero() ? inner.to() : inner.from()));
        }
        elements.addAll(seamRound());
        elements.addAll(reckoned.plan().edging().over(reckoned.edge(), sizes));
        elements.addAll(ends());
        elements.addAll(opening());
        back.spots()
                .forEach(spot -> elements.add(
                        stacked
                                ? new Spot(spot.sort(), spot.along(), spot.at(), spot.size(), Axis.UP_DOWN)
                                : new Spot(spot.sort(), spot.at(), spot.along(), spot.size(), Axis.ACROSS)));
        elements.addAll(straps());
        elements.addAll(labels());
        elements.addAll(sizeTapes());
        elements.addAll(overlap());
        Phrase described = back.overlap()
                .map(overlap -> Phrase.of(
                        "drawing.back",
                        width,
                        height,
                        back.outer().name(),
                        back.inner().name(),
                        overlap))
                .orElseGet(() -> Phrase.of(
                        "drawing.back-plain",
                        width,
                        height,
                        reckoned.plan().opening().brief(back)));
        return sheet(elements, described);
    }

    private Sheet sheet(List<Element> elements, Phrase described) {
        return new Sheet(
                width,
                height,
                elements,
                reckoned.outline(),
                Length.max(
                        reckoned.plan().edging().standsOut(sizes.ownUnit()),
                        reckoned.plan().extras().standsOut(sizes)),
                reckoned.plan().extras().centresPrint(),
                described);
    }

    private List<Element> sizeTapes() {
        return List.of(
                new Tape(Axis.ACROSS, Length.ZERO, Length.ZERO, width, true, Phrase.of("tape.width")),
                new Tape(Axis.UP_DOWN, Length.ZERO, Length.ZERO, height, true, Phrase.of("tape.height")));
    }

    /** The seam, and the row outside that shuts its raw edges in where there is one. */
    private List<Element> seamRound() {
        Path seam = new Path(Role.SEAM, sizes.contour().points(), true);
        Length in = reckoned.plan().seam().stitchedIn(reckoned.plan().unit());
        return in.isZero()
                ? List.of(seam)
                : List.of(
                        seam,
                        new Path(
                                Role.TOPSTITCH,
                                sizes.contour().grown(in.negated()).points(),
                                true));
    }

    /** Joins and channels, which show once a panel is sewn. */
    private List<Element> sewnLines(Piece piece) {
        List<Element> lines = new ArrayList<>();
        List<Marking> channels = piece.marks().stream()
                .filter(mark -> mark.sort() == Marking.Sort.CHANNEL)
                .toList();
        for (int i = 0; i < channels.size(); i++) {
            // Once sewn the take-up is gone, so the lines lie evenly in the finished width.
            Length at = width.times(i + 1, channels.size() + 1);
            lines.add(new Line(Role.TOPSTITCH, at, Length.ZERO, at, height));
        }
        piece.marks().stream()
                .filter(mark -> mark.sort() == Marking.Sort.JOIN)
                .flatMap(mark -> mark.fromLeft().stream())
                .map(at -> at.minus(reckoned.allowance()))
                // A join beyond the edge lies in what is tucked in.
                .filter(at -> at.isPositive() && at.under(width))
                .forEach(at -> lines.add(new Line(Role.SEAM, at, Length.ZERO, at, height)));
        return lines;
    }

    private List<Element> panel(Back.Panel panel) {
        Length from = Length.max(Length.ZERO, panel.from());
        Length to = Length.min(stacked ? height : width, panel.to());
        Piece piece = panel.piece();
        List<Element> elements = new ArrayList<>();
        elements.add(
                new Stuff(strip(from, to.minus(from)), piece.material(), true, panel.turned(), piece.id(), Part.BODY));
        elements.addAll(sewnLines(piece));
        panel.freeEdge().ifPresent(edge -> elements.addAll(freeEdge(panel, edge)));
        return elements;
    }

    private List<Element> freeEdge(Back.Panel panel, Edge edge) {
        // A strip that comes over a fold is held where it begins, whichever of its own ends is free.
        boolean freeAtTo = panel.from().isZero() || edge.fate() == Edge.Fate.BAND;
        Length freeAt = freeAtTo ? panel.to() : panel.from();
        if (edge.fate() == Edge.Fate.ZIP) {
            return List.of(across(Role.SEAM, freeAt));
        }
        List<Element> elements = new ArrayList<>();
        if (panel.outside()) {
            Length deep = Length.min(width, height).times(1, 50);
            elements.add(new Shade(strip(freeAtTo ? freeAt : freeAt.minus(deep), deep)));
        }
        elements.add(across(Role.FINISHED_EDGE, freeAt));
        Length stitched = edge.fate() == Edge.Fate.BAND ? panel.depth() : edge.hemDepth();
        if (panel.outside() && stitched.isPositive()) {
            elements.add(across(Role.TOPSTITCH, freeAtTo ? freeAt.minus(stitched) : freeAt.plus(stitched)));
        }
        return elements;
    }

    /** Straps on the back: in an edge, or on a pocket, where that lies once the channels have taken up their cloth. */
    private List<Element> straps() {
        List<Element> elements = new ArrayList<>();
        for (Back.Panel panel : back.panels()) {
            panel.piece().marks().stream()
                    .filter(mark -> mark.sort() == Marking.Sort.STRAP)
                    .map(mark -> strap(panel, mark))
                    .forEach(elements::add);
        }
        return elements;
    }

    private Spot strap(Back.Panel panel, Marking mark) {
        Piece piece = panel.piece();
        Length x = mark.fromLeft().orElseThrow();
        Length y = mark.fromTop().orElseThrow();
        boolean inSide = x.isZero() || x.equals(piece.cutWidth());
        Length down = y.isZero()
                ? Length.ZERO
                : panel.from().plus(y).minus(piece.edge(Side.TOP).allowance());
        double flat = piece.cutWidth().minus(reckoned.allowance().times(2)).toInches();
        double drawnIn = y.isZero() ? 1 : width.toInches() / flat;
        Length in = Length.nearInches(x.minus(reckoned.allowance()).toInches() * drawnIn);
        Length across = Length.max(Length.ZERO, Length.min(width, in));
        return new Spot(Marking.Sort.STRAP, across, down, STRAP, inSide ? Axis.ACROSS : Axis.UP_DOWN);
    }

    /** What folds or stands open at the edges of the cover. */
    private List<Element> ends() {
        List<Element> elements = new ArrayList<>();
        if (reckoned.plan().shape().isRectangular()) {
            if (back.ends().start() == Back.End.FOLD) {
                elements.add(across(Role.FOLD, Length.ZERO));
            }
            if (back.ends().end() == Back.End.FOLD) {
                elements.add(across(Role.FOLD, stacked ? height : width));
            }
        }
        Length tuck = back.ends().tuckBack();
        if (tuck.isPositive()) {
            elements.add(across(Role.HIDDEN_EDGE, (stacked ? height : width).minus(tuck)));
        }
        return elements;
    }

    /** The opening where it is a zip, or lies in the edge. */
    private List<Element> opening() {
        if (back.mouth().isPresent()) {
            Role role = back.zip().isPresent()
                    ? Role.TEETH
                    : back.ends().tuckFront().isPositive()
                                    || back.ends().tuckBack().isPositive()
                            ? Role.FINISHED_EDGE
                            : Role.CLOSED_BY_HAND;
            return List.of(new Path(
                    role,
                    sizes.contour().stretch(back.mouth().get(), back.length().toMm()),
                    false));
        }
        return back.zip()
                .map(zip -> {
                    double from = zip.from().toMm();
                    double to = zip.from().plus(zip.length()).toMm();
                    double at = zip.at().toMm();
                    List<Point> line = stacked
                            ? List.of(new Point(from, at), new Point(to, at))
                            : List.of(new Point(at, from), new Point(at, to));
                    boolean covered = back.lap().isEmpty()
                            && back.panels().stream().anyMatch(panel -> panel.freeEdge()
                                    .filter(edge -> edge.fate() == Edge.Fate.BAND)
                                    .isPresent());
                    return List.<Element>of(new Path(covered ? Role.HIDDEN_EDGE : Role.TEETH, line, false));
                })
                .orElse(List.of());
    }

    private Line across(Role role, Length at) {
        return stacked ? new Line(role, Length.ZERO, at, width, at) : new Line(role, at, Length.ZERO, at, height);
    }

    private Box strip(Length from, Length deep) {
        return stacked ? new Box(Length.ZERO, from, width, deep) : new Box(from, Length.ZERO, deep, height);
    }

    private List<Element> labels() {
        List<Element> labels = new ArrayList<>();
        for (Back.Panel panel : back.panels()) {
            boolean atStart = panel.from().isZero();
            boolean atEnd = panel.to().equals(stacked ? height : width);
            if (!atStart && !atEnd) {
                continue;
            }
            Phrase words = back.lap().isEmpty()
                    ? panel.name()
                    : Phrase.of(panel.outside() ? "label.outside" : "label.inside", panel.name());
            labels.add(
                    reckoned.plan().shape().isRectangular()
                            ? cornered(words, panel, atStart)
                            : new Label(
                                    words,
                                    stacked
                                            ? width.half()
                                            : panel.from().plus(panel.to()).half(),
                                    stacked ? panel.from().plus(panel.to()).half() : height.times(2, 3),
                                    false,
                                    true));
        }
        return labels;
    }

    /** In the corner of a panel where nothing else lies. */
    private Label cornered(Phrase words, Back.Panel panel, boolean atStart) {
        Length x = stacked || atStart ? Length.ZERO : firstEnd(panel);
        return new Label(words, x, stacked && !atStart ? panel.to() : Length.ZERO, stacked && !atStart, false);
    }

    /** Where the panel at the start ends, so that a label beside it is not laid over it. */
    private Length firstEnd(Back.Panel panel) {
        return back.panels().stream()
                .filter(other -> other.from().isZero())
                .map(Back.Panel::to)
                .reduce(Length::max)
                .orElse(panel.from());
    }

    private List<Element> overlap() {
        Length lap = back.overlap().orElse(Length.ZERO);
        if (!lap.isPositive()) {
            return List.of();
        }
        Length from = Stream.concat(
                        Stream.of(Length.ZERO),
                        back.panels().stream().filter(panel -> !panel.outside()).map(Back.Panel::from))
                .reduce(Length.ZERO, Length::max);
        Length start =
                from.isZero() ? (stacked ? height : width).minus(back.outer().depth()) : from;
        Phrase label = Phrase.of("tape.overlap");
        Tape tape = stacked
                ? new Tape(Axis.UP_DOWN, width, start, lap, false, label)
                : new Tape(Axis.ACROSS, start, height, lap, false, label);
        return List.of(new Zone(strip(start, lap), Part.OVERLAP), tape);
    }
}
