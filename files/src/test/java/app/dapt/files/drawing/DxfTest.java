package app.dapt.files.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Paths;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoner;
import app.dapt.cover.drawing.Template;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.drawing.Element.Role;
import app.dapt.files.template.TemplateDxf;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour.Point;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Templates as DXF, read by a reader of group codes that knows nothing of how they were written. */
class DxfTest {

    private static final Words WORDS = new Words(Wordbook.load(English.US, "craft"), Mark.EIGHTH);

    /** What begins with a group code of nought, and what is said of it. */
    private record Item(String type, Map<Integer, String> codes, List<Point> vertices) {

        double number(int code) {
            return Double.parseDouble(codes.get(code));
        }

        double left() {
            return vertices.stream().mapToDouble(Point::x).min().orElseThrow();
        }

        double right() {
            return vertices.stream().mapToDouble(Point::x).max().orElseThrow();
        }

        double length() {
            return Paths.length(vertices);
        }
    }

    private static List<Item> read(String dxf) {
        String[] lines = dxf.split("\r\n");
        assertThat(lines.length % 2).as("codes and values come in pairs").isZero();
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < lines.length; i += 2) {
            int code = Integer.parseInt(lines[i].strip());
            if (code == 0) {
                items.add(new Item(lines[i + 1], new HashMap<>(), new ArrayList<>()));
            } else {
                items.get(items.size() - 1).codes.put(code, lines[i + 1]);
            }
        }
        Item polyline = null;
        for (Item item : items) {
            if (item.type.equals("POLYLINE")) {
                polyline = item;
            } else if (item.type.equals("VERTEX") && polyline != null) {
                polyline.vertices.add(new Point(item.number(10), -item.number(20)));
            }
        }
        return items;
    }

    private static List<Item> all(List<Item> items, String type, String layer) {
        return items.stream()
                .filter(item -> item.type.equals(type) && layer.equals(item.codes.get(8)))
                .toList();
    }

    private static List<Template> vee() {
        CoverPlan plan = DefaultPlan.plan(
                        "Engine room V",
                        Mark.EIGHTH,
                        ShapeKind.VEE,
                        Form.overCrown(Length.inches(34), Length.inches(25)))
                .withOpening(OpeningKind.EDGE_ZIP.usual(Unit.INCH));
        return Template.of(Reckoner.reckon(plan));
    }

    @Test
    void everyLayerIsThereOnceInAColourOfItsOwn() {
        List<Item> items = read(new TemplateDxf(WORDS).write(vee()));
        List<Item> layers =
                items.stream().filter(item -> item.type.equals("LAYER")).toList();
        assertThat(layers)
                .extracting(layer -> layer.codes.get(2))
                .containsExactly("CUT", "SEAM", "FOLD", "GRAIN", "WORDS", "TEST");
        assertThat(layers).extracting(layer -> layer.codes.get(62)).containsExactly("1", "2", "3", "4", "5", "6");
        assertThat(items.stream().filter(item -> item.type.equals("TABLE")))
                .filteredOn(table -> "LAYER".equals(table.codes.get(2)))
                .singleElement()
                .satisfies(table -> assertThat(table.codes).containsEntry(70, "6"));
        assertThat(items.get(0).codes).containsEntry(1, "AC1009");
        assertThat(items.get(items.size() - 1).type).isEqualTo("EOF");
    }

    /** One template after the other, two centimetres apart, none of them moved up or down. */
    @Test
    void templatesLieSideBySideInTheirTrueSize() {
        List<Template> templates = vee();
        List<Item> items = read(new TemplateDxf(WORDS).write(templates));
        Item test = all(items, "POLYLINE", "TEST").get(0);
        assertThat(test.left()).isZero();
        assertThat(test.right()).isEqualTo(50);
        assertThat(test.codes).containsEntry(70, "1");
        assertThat(test.length()).as("three sides, and closed").isCloseTo(150, within(1e-9));
        List<Item> cuts = all(items, "POLYLINE", "CUT");
        assertThat(cuts).hasSameSizeAs(templates);
        double left = 70;
        for (int i = 0; i < cuts.size(); i++) {
            Template template = templates.get(i);
            List<Point> drawn = template.paths().get(0).points();
            for (int k = 0; k < drawn.size(); k++) {
                assertThat(cuts.get(i).vertices.get(k).x())
                        .isCloseTo(left + drawn.get(k).x(), within(1e-3));
                assertThat(cuts.get(i).vertices.get(k).y())
                        .isCloseTo(drawn.get(k).y(), within(1e-3));
            }
            assertThat(cuts.get(i).codes)
                    .containsEntry(70, template.paths().get(0).closed() ? "1" : "0");
            assertThat(cuts.get(i).right()).isLessThanOrEqualTo(left + template.width() + 1e-3);
            left += template.width() + 20;
        }
    }

    @Test
    void everyRoleIsOnItsLayer() {
        List<Template> templates = vee();
        List<Item> items = read(new TemplateDxf(WORDS).write(templates));
        for (Role role : List.of(Role.CUT, Role.SEAM, Role.GRAIN)) {
            assertThat(all(items, "POLYLINE", role.name())).hasSize(paths(templates, role));
        }
        int others = templates.stream().mapToInt(each -> each.paths().size()).sum()
                - paths(templates, Role.CUT)
                - paths(templates, Role.SEAM)
                - paths(templates, Role.GRAIN);
        assertThat(others).isPositive();
        assertThat(all(items, "POLYLINE", "FOLD")).hasSize(others);
        assertThat(all(items, "SEQEND", "CUT")).as("every line ends").hasSameSizeAs(templates);
    }

    private static int paths(List<Template> templates, Role role) {
        return (int) templates.stream()
                .flatMap(template -> template.paths().stream())
                .filter(path -> path.role() == role)
                .count();
    }

    /** Its name stands in a template, and its other words where they are drawn. */
    @Test
    void wordsStandInTheirTemplateAndInAscii() {
        List<Template> templates = vee();
        List<Item> texts = all(read(new TemplateDxf(WORDS).write(templates)), "TEXT", "WORDS");
        double left = 70;
        int at = 0;
        for (Template template : templates) {
            Item name = texts.get(at++);
            assertThat(name.codes).containsEntry(1, WORDS.say(template.name())).containsEntry(40, "8.0");
            assertThat(name.number(10)).isBetween(left, left + template.width());
            assertThat(-name.number(20)).isCloseTo(template.height() / 2, within(1e-3));
            for (Template.Written written : template.written()) {
                Item word = texts.get(at++);
                assertThat(word.codes).containsEntry(40, "5.0");
                assertThat(word.number(10)).isCloseTo(left + written.at().x(), within(1e-3));
                assertThat(-word.number(20)).isCloseTo(written.at().y(), within(1e-3));
            }
            left += template.width() + 20;
        }
        assertThat(texts).hasSize(at);
        Dxf dxf = new Dxf(List.of("WORDS"));
        dxf.text("WORDS", "Bänk ⅞\r\n  0", 1, 2, 3);
        assertThat(all(read(dxf.end()), "TEXT", "WORDS")).singleElement().satisfies(text -> assertThat(text.codes)
                .containsEntry(1, "B nk      0")
                .containsEntry(20, "-2.0000"));
    }
}
