package app.dapt.layout;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Scrap;
import app.dapt.layout.Layout.Cut;
import app.dapt.layout.Layout.Offcut;
import app.dapt.layout.Layout.Spot;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Outline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * One length of cloth, off the bolt or a remnant, with what lies on it. Everything in millimetres: x from the left
 * usable edge towards the right selvage, y from the cut end on.
 *
 * @param name    of a remnant; nothing for the bolt
 * @param across  how wide it is to use
 * @param along   how long
 * @param selvage how wide the selvage at either side is
 * @param outline where the cloth ends
 * @param spoilt  places to cut round
 */
public record ClothSheet(
        Cloth cloth,
        Optional<String> name,
        double across,
        double along,
        double selvage,
        Contour outline,
        List<PlacedPiece> pieces,
        List<Stroke> cuts,
        List<Spare> offcuts,
        List<Contour> spoilt) {

    /**
     * A piece where it lies.
     *
     * @param number in the list beside the drawing, from one
     * @param cut    its outline
     * @param seam   where it is sewn, where it has an outline of its own
     * @param upX    which way its up points, across the cloth
     * @param upY    the same along it
     */
    public record PlacedPiece(int number, Spot spot, Contour cut, Optional<Contour> seam, int upX, int upY) {}

    /** A straight cut, numbered in the order they are made. */
    public record Stroke(int number, double x1, double y1, double x2, double y2) {}

    /** What is left and worth keeping. */
    public record Spare(Offcut offcut, Contour box) {}

    public ClothSheet {
        pieces = List.copyOf(pieces);
        cuts = List.copyOf(cuts);
        offcuts = List.copyOf(offcuts);
        spoilt = List.copyOf(spoilt);
    }

    /**
     * The bolt, as long as what is bought of it; or every remnant on which something lies, and the others after them.
     */
    public static List<ClothSheet> of(Layout laid) {
        if (!laid.choices().onRemnants()) {
            double across = laid.cloth().usableWidth().toMm();
            double along = Math.max(laid.length().toMm(), laid.ready().toMm());
            return List.of(sheet(
                    laid,
                    0,
                    Optional.empty(),
                    Contour.rectangle(0, 0, across, along),
                    across,
                    along,
                    Cloth.SELVAGES.half().toMm(),
                    List.of()));
        }
        List<Scrap> scraps = laid.choices().remnants();
        return IntStream.range(0, scraps.size())
                .mapToObj(i -> {
                    Scrap scrap = scraps.get(i);
                    Contour outline = new Contour(scrap.corners().stream()
                            .map(c -> new Point(c.across().toMm(), c.along().toMm()))
                            .toList());
                    List<Contour> spoilt = scrap.spots().stream()
                            .map(s -> box(s.across(), s.along(), s.wide(), s.deep()))
                            .toList();
                    return sheet(
                            laid,
                            i,
                            Optional.of(scrap.name()),
                            outline,
                            scrap.across().toMm(),
                            scrap.along().toMm(),
                            0,
                            spoilt);
                })
                .toList();
    }

    private static ClothSheet sheet(
            Layout laid,
            int remnant,
            Optional<String> name,
            Contour outline,
            double across,
            double along,
            double selvage,
            List<Contour> spoilt) {
        List<PlacedPiece> pieces = new ArrayList<>();
        List<Stroke> cuts = new ArrayList<>();
        for (int i = 0; i < laid.spots().size(); i++) {
            if (laid.spots().get(i).remnant() == remnant) {
                pieces.add(lain(i + 1, laid.spots().get(i), laid.cloth()));
            }
        }
        for (int i = 0; i < laid.cuts().size(); i++) {
            Cut cut = laid.cuts().get(i);
            if (cut.remnant() == remnant && cut.round().isEmpty()) {
                double at = cut.at().toMm();
                cuts.add(
                        cut.runs() == Axis.ACROSS
                                ? new Stroke(
                                        i + 1, cut.from().toMm(), at, cut.to().toMm(), at)
                                : new Stroke(
                                        i + 1,
                                        at,
                                        cut.from().toMm(),
                                        at,
                                        cut.to().toMm()));
            }
        }
        List<Spare> offcuts = laid.offcuts().stream()
                .filter(offcut -> offcut.remnant() == remnant)
                .map(offcut -> new Spare(offcut, box(offcut.across(), offcut.along(), offcut.wide(), offcut.deep())))
                .toList();
        return new ClothSheet(laid.cloth(), name, across, along, selvage, outline, pieces, cuts, offcuts, spoilt);
    }

    private static Contour box(Length across, Length along, Length wide, Length deep) {
        return Contour.rectangle(
                across.toMm(),
                along.toMm(),
                across.plus(wide).toMm(),
                along.plus(deep).toMm());
    }

    private static PlacedPiece lain(int number, Spot spot, Cloth cloth) {
        Optional<Contour> seam =
                spot.wanted().piece().outline().map(Outline::seam).map(own -> spot.lying(own, cloth));
        int up = spot.isAbout(cloth) ? 1 : -1;
        return new PlacedPiece(
                number, spot, spot.cut(cloth), seam, spot.isQuarter(cloth) ? up : 0, spot.isQuarter(cloth) ? 0 : up);
    }
}
