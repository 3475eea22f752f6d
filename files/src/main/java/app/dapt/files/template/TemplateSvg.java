package app.dapt.files.template;

import app.dapt.cover.drawing.Template;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.files.drawing.Markup;
import app.dapt.files.drawing.Pen;
import app.dapt.piece.Contour.Point;
import app.dapt.words.Words;
import java.util.List;
import java.util.Locale;

/**
 * Templates as one SVG drawing in real millimetres, side by side, with a square to check the scale by.
 *
 * @param words to name them with
 */
public record TemplateSvg(Words words) {

    private static final double GAP = 20;
    private static final double TOP = 70;

    public String write(String title, List<Template> templates) {
        double width = templates.stream()
                        .mapToDouble(template -> template.width() + GAP)
                        .sum()
                + GAP;
        double height = templates.stream().mapToDouble(Template::height).max().orElse(0) + TOP + GAP;
        Markup svg = new Markup();
        svg.open(
                "svg",
                "xmlns",
                "http://www.w3.org/2000/svg",
                "width",
                Markup.number(width) + "mm",
                "height",
                Markup.number(height) + "mm",
                "viewBox",
                "0 0 " + Markup.number(width) + " " + Markup.number(height));
        svg.saying("title", title);
        svg.empty(
                "rect",
                "id",
                "test-square",
                "x",
                GAP,
                "y",
                8d,
                "width",
                50d,
                "height",
                50d,
                "fill",
                "none",
                "stroke",
                "#000",
                "stroke-width",
                ".3");
        svg.saying(
                "text",
                words.say("template.test"),
                "x",
                GAP + 55,
                "y",
                35d,
                "font-family",
                "sans-serif",
                "font-size",
                "6");
        double x = GAP;
        for (Template template : templates) {
            svg.open("g", "transform", "translate(" + Markup.number(x) + " " + Markup.number(TOP) + ")");
            template.paths().forEach(path -> path(svg, path));
            svg.saying(
                    "text",
                    words.say(template.name()) + ", " + words.say(template.note()),
                    "x",
                    template.width() / 2,
                    "y",
                    template.height() / 2,
                    "font-family",
                    "sans-serif",
                    "font-size",
                    "7",
                    "text-anchor",
                    "middle");
            template.written()
                    .forEach(each -> svg.saying(
                            "text",
                            words.say(each.words()),
                            "transform",
                            Pen.moved(each.at().x(), each.at().y()) + " rotate(" + Markup.number(each.degrees()) + ")",
                            "y",
                            -1.5,
                            "font-family",
                            "sans-serif",
                            "font-size",
                            "5",
                            "text-anchor",
                            "middle"));
            svg.close("g");
            x += template.width() + GAP;
        }
        return svg.close("svg").toString();
    }

    private static void path(Markup svg, Path path) {
        StringBuilder d = new StringBuilder();
        for (Point point : path.points()) {
            d.append(d.isEmpty() ? "M" : "L")
                    .append(Markup.number(point.x()))
                    .append(' ')
                    .append(Markup.number(point.y()));
        }
        String dashes =
                switch (path.role()) {
                    case SEAM -> "3 2";
                    case FOLD -> "8 2 1 2";
                    default -> "none";
                };
        svg.empty(
                "path",
                "class",
                path.role().name().toLowerCase(Locale.ROOT),
                "d",
                d + (path.closed() ? "Z" : ""),
                "fill",
                "none",
                "stroke",
                "#000",
                "stroke-width",
                path.role() == Role.CUT ? ".6" : ".3",
                "stroke-dasharray",
                dashes);
    }
}
