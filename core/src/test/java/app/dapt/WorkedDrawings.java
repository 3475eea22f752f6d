package app.dapt;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.drawing.BiasDrawing;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.cover.drawing.EdgeOn;
import app.dapt.cover.drawing.Offsets;
import app.dapt.cover.drawing.Template;
import app.dapt.drawing.Box;
import app.dapt.drawing.PieceDrawing;
import app.dapt.drawing.Sheet;
import app.dapt.make.CoverSteps;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.step.Step;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Everything that is drawn of a cover, a line each: what there is of every sort, and the sum of all places and sizes of
 * that sort, in millimetres. Whatever moves, moves a sum.
 */
final class WorkedDrawings {

    private final StringBuilder text = new StringBuilder();

    private WorkedDrawings() {}

    static String of(CoverPlan plan) {
        WorkedDrawings drawings = new WorkedDrawings();
        drawings.write(Reckoner.reckonWithoutRemedies(plan, plan.mark()));
        return drawings.text.toString();
    }

    private void write(Reckoned reckoned) {
        sheet("front", CoverDrawing.front(reckoned));
        sheet("back", CoverDrawing.back(reckoned));
        sheet("over form", CoverDrawing.overForm(reckoned));
        reckoned.pieces().forEach(piece -> sheet("piece", PieceDrawing.measured(piece)));
        BiasDrawing.of(reckoned).ifPresent(sheet -> sheet("bias", sheet));
        BiasDrawing.join(reckoned).ifPresent(sheet -> sheet("join", sheet));
        line("edge on", WorkedCover.said(EdgeOn.of(reckoned)));
        for (Template template : Template.whole(reckoned)) {
            template("template", template);
            offsets(Offsets.of(template, reckoned.plan().unit()));
            template("turned", template.turned(30));
        }
        for (Template template : Template.fewest(reckoned)) {
            template("fewest", template);
            offsets(Offsets.of(template, reckoned.plan().unit()));
        }
        for (Step step : CoverSteps.of(reckoned)) {
            step.pile().ifPresent(pile -> {
                sheet(step.id(), pile.sheet());
                EdgeOn.of(pile).ifPresent(edge -> line("  edge on", WorkedCover.said(edge)));
            });
        }
    }

    private void line(String what, String said) {
        text.append(what).append(": ").append(said).append('\n');
    }

    private void sheet(String what, Sheet sheet) {
        List<Object> all = new ArrayList<>(sheet.elements());
        sheet.clip().ifPresent(all::add);
        line(
                what,
                WorkedCover.said(sheet.described()) + " " + summed(List.of(sheet.width(), sheet.height()))
                        + counted(all));
    }

    /** Every step of an outline. */
    private void offsets(Offsets offsets) {
        List<Object> all = new ArrayList<>();
        offsets.rows().forEach(row -> {
            all.add(row.at());
            all.addAll(row.from());
        });
        line(
                "offsets",
                WorkedCover.said(offsets.name()) + " " + WorkedCover.said(offsets.how()) + " "
                        + offsets.rows().size() + " rows " + summed(all));
    }

    private void template(String what, Template template) {
        List<Object> all = new ArrayList<>(template.paths());
        all.addAll(template.written());
        line(
                what,
                WorkedCover.said(template.name()) + " " + WorkedCover.said(template.note()) + " "
                        + summed(List.of(template.width(), template.height())) + counted(all));
    }

    /** How many of each sort, and the sums of each of their measures. */
    private static String counted(List<Object> all) {
        Map<String, List<Object>> sorts =
                all.stream().collect(Collectors.groupingBy(WorkedDrawings::sort, TreeMap::new, Collectors.toList()));
        return sorts.entrySet().stream()
                .map(each -> "\n  " + each.getKey() + " × " + each.getValue().size() + " " + summed(each.getValue()))
                .collect(Collectors.joining());
    }

    /** What tells one element from another besides where it is. */
    private static String sort(Object element) {
        List<String> words = new ArrayList<>(List.of(element.getClass().getSimpleName()));
        for (Object part : parts(element)) {
            if (part instanceof Phrase || part instanceof Enum<?> || part instanceof Boolean) {
                words.add(WorkedCover.said(part));
            }
        }
        return String.join(" ", words);
    }

    private static String summed(List<?> several) {
        List<Double> sums = new ArrayList<>();
        for (Object each : several) {
            List<Double> measures = new ArrayList<>();
            measure(each, measures);
            for (int i = 0; i < measures.size(); i++) {
                if (i == sums.size()) {
                    sums.add(0.0);
                }
                sums.set(i, sums.get(i) + measures.get(i));
            }
        }
        return sums.stream()
                .map(sum -> String.format(Locale.ROOT, "%.1f", sum + 0.0))
                .toList()
                .toString();
    }

    /** All lengths of something, in millimetres; of many points how many, and their sums. */
    private static void measure(Object any, List<Double> into) {
        if (any instanceof Length length) {
            into.add(length.toMm());
        } else if (any instanceof Double number) {
            into.add(number);
        } else if (any instanceof Point point) {
            into.add(point.x());
            into.add(point.y());
        } else if (any instanceof Contour contour) {
            measure(contour.points(), into);
        } else if (any instanceof List<?> several) {
            into.add((double) several.size());
            List<Double> sums = new ArrayList<>();
            several.stream()
                    .filter(Point.class::isInstance)
                    .map(Point.class::cast)
                    .reduce((a, b) -> new Point(a.x() + b.x(), a.y() + b.y()))
                    .ifPresent(sum -> measure(sum, sums));
            into.addAll(sums);
        } else if (any instanceof Optional<?> maybe) {
            maybe.ifPresent(there -> measure(there, into));
        } else if (any instanceof Box || any instanceof Record && !(any instanceof Phrase)) {
            parts(any).forEach(part -> measure(part, into));
        }
    }

    private static List<Object> parts(Object record) {
        List<Object> parts = new ArrayList<>();
        if (record instanceof Record && !(record instanceof Contour)) {
            for (RecordComponent component : record.getClass().getRecordComponents()) {
                try {
                    component.getAccessor().setAccessible(true);
                    parts.add(component.getAccessor().invoke(record));
                } catch (ReflectiveOperationException e) {
                    throw new LinkageError(e.getMessage(), e);
                }
            }
        }
        return parts;
    }
}
