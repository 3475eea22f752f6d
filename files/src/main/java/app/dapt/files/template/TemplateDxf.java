package app.dapt.files.template;

import app.dapt.cover.drawing.Template;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.files.drawing.Dxf;
import app.dapt.piece.Contour.Point;
import app.dapt.words.Words;
import java.util.List;

/**
 * Templates as DXF, release 12, in ASCII: one drawing unit is a millimetre, every role a layer of its own.
 *
 * @param words to name them with
 */
public record TemplateDxf(Words words) {

    private static final double GAP = 20;
    private static final List<String> LAYERS = List.of("CUT", "SEAM", "FOLD", "GRAIN", "WORDS", "TEST");

    public String write(List<Template> templates) {
        Dxf dxf = new Dxf(LAYERS);
        dxf.polyline(
                "TEST", List.of(new Point(0, 0), new Point(50, 0), new Point(50, -50), new Point(0, -50)), true, 0, 0);
        double x = 50 + GAP;
        for (Template template : templates) {
            for (Path path : template.paths()) {
                dxf.polyline(layer(path.role()), path.points(), path.closed(), x, 0);
            }
            dxf.text("WORDS", words.say(template.name()), x + template.width() / 3, template.height() / 2, 8);
            for (Template.Written each : template.written()) {
                dxf.text(
                        "WORDS",
                        words.say(each.words()),
                        x + each.at().x(),
                        each.at().y(),
                        5);
            }
            x += template.width() + GAP;
        }
        return dxf.end();
    }

    private static String layer(Role role) {
        return List.of(Role.CUT, Role.SEAM, Role.GRAIN).contains(role) ? role.name() : "FOLD";
    }
}
