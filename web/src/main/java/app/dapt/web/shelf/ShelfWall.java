package app.dapt.web.shelf;

import app.dapt.cloth.Scrap;
import app.dapt.cloth.Scrap.Spoilt;
import app.dapt.files.drawing.Markup;
import app.dapt.measure.Length;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Kind;
import app.dapt.web.wording.Amounts;
import app.dapt.web.workroom.ShelfStore.Kept;
import app.dapt.words.Words;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The shelf as a wall, drawn as SVG: cloths folded on boards, as thick as what is left of them; forms to one scale;
 * zips under one tape; cords and trims as spools; the rest in tins. Everything is a link to its card.
 */
final class ShelfWall {

    private static final double WIDE = 840;
    private static final double BOARD = 7;
    private static final double GAP = 18;
    private static final double LABEL = 40;
    private static final double ABOVE = 15;
    private static final double LOWEST_FOLD = 24;
    private static final double HIGHEST_FOLD = 120;
    private static final double A_METRE = 22;
    private static final double CLOTH_SCALE = 2.6;
    private static final double FORM_SCALE = 4.4;
    private static final double REMNANT_SCALE = 3.2;
    private static final double WIDEST_REMNANT = 240;
    /** Stands for a remnant that nobody has measured. */
    private static final String UNSIZED = "unsized";

    private static final double ZIP_SCALE = 22;
    private static final double TIN = 128;
    private static final int LONGEST_NAME = 22;

    private final Words w;
    private final Markup svg = new Markup();
    private double x = 10;
    private double y;

    private ShelfWall(Words w) {
        this.w = w;
    }

    static String draw(List<Kept> things, Words w) {
        ShelfWall wall = new ShelfWall(w);
        Map<Kind, List<Kept>> kinds = things.stream()
                .collect(Collectors.groupingBy(kept -> kept.thing().kind()));
        wall.cloths(kinds.getOrDefault(Kind.CLOTH, List.of()));
        wall.remnants(kinds.getOrDefault(Kind.REMNANT, List.of()));
        wall.forms(kinds.getOrDefault(Kind.FORM, List.of()));
        wall.zips(kinds.getOrDefault(Kind.ZIP, List.of()).stream()
                .sorted(Comparator.comparing(
                        zip -> zip.thing().size().map(Length::grains).orElse(0L)))
                .toList());
        wall.tins(things.stream()
                .filter(kept -> !List.of(Kind.CLOTH, Kind.REMNANT, Kind.FORM, Kind.ZIP)
                        .contains(kept.thing().kind()))
                .toList());
        return new Markup()
                        .open(
                                "svg",
                                "class",
                                "shelf-wall",
                                "viewBox",
                                "0 0 " + Markup.number(WIDE) + " " + Markup.number(wall.y + 6),
                                "aria-label",
                                w.say("shelf.wall"),
                                "role",
                                "group")
                        .toString()
                + wall.svg
                + "</svg>";
    }

    private void open(Kept kept) {
        svg.open(
                "a",
                "href",
                "/shelf?thing=" + kept.id(),
                "aria-label",
                kept.thing().name() + ", "
                        + Amounts.said(kept.stock(), kept.thing().kind().counted(), w));
    }

    private String name(Thing thing) {
        return thing.name().length() > LONGEST_NAME ? thing.name().substring(0, LONGEST_NAME - 1) + "…" : thing.name();
    }

    private void board() {
        svg.empty("rect", "class", "board", "x", 0.0, "y", y, "width", WIDE, "height", BOARD);
        y += BOARD;
        x = 10;
    }

    /** How large a thing stands on the wall. */
    private record Size(double wide, double high) {}

    /** Things side by side, on as many boards as they need; each draws itself from where the wall has come to. */
    private void rows(List<Kept> things, Function<Kept, Size> size, double lowest, Consumer<Kept> draw) {
        for (int at = 0; at < things.size(); ) {
            double high = lowest;
            int to = at;
            double need = 10;
            // One at least, however wide.
            while (to < things.size()
                    && (to == at || need + size.apply(things.get(to)).wide() <= WIDE - 10)) {
                need += size.apply(things.get(to)).wide() + GAP;
                high = Math.max(high, size.apply(things.get(to)).high());
                to++;
            }
            y += high + ABOVE;
            things.subList(at, to).forEach(draw);
            board();
            y += LABEL;
            at = to;
        }
    }

    private void cloths(List<Kept> cloths) {
        rows(cloths, cloth -> new Size(width(cloth), fold(cloth)), LOWEST_FOLD, this::folded);
    }

    private static double width(Kept cloth) {
        double inches = cloth.thing().width().map(Length::toInches).orElse(54.0);
        return Math.max(130, Math.min(260, inches * CLOTH_SCALE));
    }

    private static double fold(Kept cloth) {
        return Math.max(7, Math.min(HIGHEST_FOLD, new Length(cloth.stock()).toMm() / 1000 * A_METRE));
    }

    private void folded(Kept cloth) {
        double wide = width(cloth);
        double high = fold(cloth);
        open(cloth);
        svg.empty(
                "rect",
                "class",
                "fold",
                "x",
                x,
                "y",
                y - high,
                "width",
                wide,
                "height",
                high,
                "rx",
                5.0,
                "fill",
                cloth.thing().colour());
        for (double layer = 14; layer < high - 4; layer += 14) {
            svg.empty(
                    "path",
                    "class",
                    "layer",
                    "d",
                    "M" + Markup.number(x + 4) + " " + Markup.number(y - layer) + "h" + Markup.number(wide - 4));
        }
        label(cloth, x, y + BOARD + 16);
        svg.close("a");
        x += wide + GAP;
    }

    private void label(Kept kept, double left, double top) {
        Thing thing = kept.thing();
        String like = Amounts.like(thing, w);
        svg.saying("text", name(thing), "class", "thing-name", "x", left, "y", top);
        svg.saying(
                "text",
                Amounts.said(kept.stock(), thing.kind().counted(), w) + (like.isEmpty() ? "" : ", " + like),
                "class",
                kept.stock() == 0 ? "thing-stock none" : "thing-stock",
                "x",
                left,
                "y",
                top + 17);
    }

    private void forms(List<Kept> forms) {
        rows(forms, form -> new Size(across(form), upDown(form)), 0, this::form);
    }

    private void form(Kept form) {
        double wide = across(form);
        open(form);
        svg.empty(
                "path",
                "class",
                "form",
                "d",
                pillow(x + wide / 2, y, wide * .92, upDown(form)),
                "fill",
                form.thing().colour());
        label(form, x, y + BOARD + 16);
        svg.close("a");
        x += wide + GAP;
    }

    /** Remnants lie flat, to one scale, with their flaws. */
    private void remnants(List<Kept> remnants) {
        rows(
                remnants,
                remnant -> new Size(flat(remnant).wide(), flat(remnant).high()),
                0,
                remnant -> flat(remnant, flat(remnant)));
    }

    /** How much room a remnant takes on the wall, and its scale there. */
    private record Flat(double wide, double high, double scale) {}

    private static Flat flat(Kept remnant) {
        double across = remnant.thing().size().map(Length::toInches).orElse(18.0);
        double along = remnant.thing().width().map(Length::toInches).orElse(across);
        double scale = Math.min(REMNANT_SCALE, Math.min(HIGHEST_FOLD / along, WIDEST_REMNANT / across));
        return new Flat(Math.max(130, across * scale), along * scale, scale);
    }

    private void flat(Kept kept, Flat flat) {
        open(kept);
        Scrap scrap = kept.thing().asScraps(1).stream()
                .findFirst()
                .orElseGet(() -> Scrap.rectangle(UNSIZED, Length.inches(18), Length.inches(18)));
        double left = scrap.corners().stream()
                .mapToDouble(corner -> corner.across().toInches())
                .min()
                .orElse(0);
        double top = scrap.corners().stream()
                .mapToDouble(corner -> corner.along().toInches())
                .min()
                .orElse(0);
        svg.empty(
                "polygon",
                "class",
                "remnant",
                "points",
                scrap.corners().stream()
                        .map(corner -> Markup.number(x + (corner.across().toInches() - left) * flat.scale()) + ","
                                + Markup.number(
                                        y - flat.high() + (corner.along().toInches() - top) * flat.scale()))
                        .collect(Collectors.joining(" ")),
                "fill",
                kept.thing().colour());
        for (Spoilt spot : scrap.spots()) {
            svg.empty(
                    "rect",
                    "class",
                    "flaw",
                    "x",
                    x + (spot.across().toInches() - left) * flat.scale(),
                    "y",
                    y - flat.high() + (spot.along().toInches() - top) * flat.scale(),
                    "width",
                    spot.wide().toInches() * flat.scale(),
                    "height",
                    spot.deep().toInches() * flat.scale());
        }
        label(kept, x, y + BOARD + 16);
        svg.close("a");
        x += flat.wide() + GAP;
    }

    private static double across(Kept form) {
        return Math.max(120, form.thing().size().map(Length::toInches).orElse(18.0) * FORM_SCALE);
    }

    private static double upDown(Kept form) {
        return Math.min(
                150,
                form.thing()
                                .width()
                                .or(() -> form.thing().size())
                                .map(Length::toInches)
                                .orElse(18.0)
                        * FORM_SCALE);
    }

    /** A filled square: its corners stand out, its sides are drawn in. */
    private static String pillow(double mid, double bottom, double wide, double tall) {
        double half = Math.min(wide, tall * 3) / 2;
        double in = tall * .07;
        String l = Markup.number(mid - half);
        String r = Markup.number(mid + half);
        String t = Markup.number(bottom - tall);
        String b = Markup.number(bottom);
        return "M" + l + " " + t + "Q" + Markup.number(mid) + " " + Markup.number(bottom - tall + in) + " " + r + " "
                + t
                + "Q" + Markup.number(mid + half - in) + " " + Markup.number(bottom - tall / 2) + " " + r + " " + b
                + "Q"
                + Markup.number(mid) + " " + Markup.number(bottom - in) + " " + l + " " + b + "Q"
                + Markup.number(mid - half + in) + " " + Markup.number(bottom - tall / 2) + " " + l + " " + t + "Z";
    }

    private void zips(List<Kept> zips) {
        if (zips.isEmpty()) {
            return;
        }
        y += 14;
        double longest = zips.stream()
                .mapToDouble(zip -> zip.thing().size().map(Length::toInches).orElse(0.0))
                .max()
                .orElse(24);
        double scale = Math.min(ZIP_SCALE, (WIDE - 330) / Math.max(1, longest));
        svg.empty("rect", "class", "tape", "x", 10.0, "y", y, "width", longest * scale, "height", 18.0);
        boolean metric = w.mark().unit().metric();
        double step = metric ? 10 / 2.54 : 4;
        for (int mark = 1; mark * step <= longest; mark++) {
            svg.saying(
                    "text",
                    String.valueOf(mark * (metric ? 10 : 4)),
                    "class",
                    "tape-mark",
                    "x",
                    10 + mark * step * scale,
                    "y",
                    y + 13);
        }
        y += 24;
        for (Kept zip : zips) {
            double wide = zip.thing().size().map(Length::toInches).orElse(4.0) * scale;
            open(zip);
            svg.empty(
                    "rect",
                    "class",
                    "zip",
                    "x",
                    10.0,
                    "y",
                    y,
                    "width",
                    wide,
                    "height",
                    9.0,
                    "rx",
                    2.0,
                    "fill",
                    zip.thing().colour());
            svg.empty("path", "class", "teeth", "d", "M14 " + Markup.number(y + 4.5) + "h" + Markup.number(wide - 8));
            svg.saying(
                    "text",
                    zip.stock() + " × " + name(zip.thing()) + ", " + Amounts.like(zip.thing(), w),
                    "class",
                    zip.stock() == 0 ? "thing-stock none" : "thing-name",
                    "x",
                    wide + 22,
                    "y",
                    y + 9);
            svg.close("a");
            y += 20;
        }
        board();
        y += 10;
    }

    private void tins(List<Kept> things) {
        if (things.isEmpty()) {
            return;
        }
        y += 6;
        for (Kept kept : things) {
            if (x + TIN > WIDE) {
                x = 10;
                y += 62;
            }
            open(kept);
            svg.empty("rect", "class", "tin", "x", x, "y", y, "width", TIN, "height", 52.0, "rx", 5.0);
            svg.empty(
                    "circle",
                    "class",
                    "tin-colour",
                    "cx",
                    x + 14,
                    "cy",
                    y + 18,
                    "r",
                    7.0,
                    "fill",
                    kept.thing().colour());
            String like = Amounts.like(kept.thing(), w);
            String shown = kept.thing().name().length() > 14
                    ? kept.thing().name().substring(0, 13) + "…"
                    : kept.thing().name();
            svg.saying("text", shown, "class", "thing-name", "x", x + 26, "y", y + 22);
            svg.saying(
                    "text",
                    Amounts.said(kept.stock(), kept.thing().kind().counted(), w) + (like.isEmpty() ? "" : ", " + like),
                    "class",
                    kept.stock() == 0 ? "thing-stock none" : "thing-stock",
                    "x",
                    x + 10,
                    "y",
                    y + 42);
            svg.close("a");
            x += TIN + 12;
        }
        y += 58;
        board();
    }
}
