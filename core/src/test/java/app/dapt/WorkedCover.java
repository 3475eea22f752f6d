package app.dapt;

import static java.util.stream.Collectors.joining;

import app.dapt.cover.Brief;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Finding;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.cover.parts.Back;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Trim;
import app.dapt.drawing.Sheet;
import app.dapt.make.CoverSteps;
import app.dapt.make.Notions;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Contour;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Step;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Everything that is reckoned for a cover, written down line by line so that it can be read and compared. */
final class WorkedCover {

    private final StringBuilder text = new StringBuilder();

    private WorkedCover() {}

    static String of(CoverPlan plan) {
        WorkedCover worked = new WorkedCover();
        worked.write(Reckoner.reckon(plan));
        return worked.text.toString();
    }

    private void write(Reckoned reckoned) {
        CoverPlan plan = reckoned.plan();
        line(
                "brief",
                Brief.of(reckoned).parts().stream()
                        .map(part -> said(part.words()))
                        .collect(joining(" | ")));
        Stream.of(plan.shape(), plan.opening(), plan.face(), plan.edging(), plan.joining())
                .forEach(this::decided);
        line("across", said(reckoned.across()));
        line("up and down", said(reckoned.upDown()));
        line(
                "full",
                reckoned.fullness().percent() + " %, " + reckoned.fullness().band());
        reckoned.outline().ifPresent(outline -> line("outline", said(outline)));
        reckoned.pieces().forEach(this::piece);
        back(reckoned.back());
        Notions.of(reckoned)
                .forEach(need -> line("need", said(need.what()) + ": " + said(need.amount()) + said(need.sum())));
        reckoned.edgingFigures().forEach(figure -> line("figure", figure.name() + " " + said(figure.value())));
        reckoned.aboutEdging().forEach(about -> line("about", said(about)));
        reckoned.findings().forEach(this::finding);
        drawn("front", CoverDrawing.front(reckoned));
        drawn("back", CoverDrawing.back(reckoned));
        CoverSteps.of(reckoned).forEach(this::step);
    }

    private void line(String what, String said) {
        text.append(what).append(": ").append(said).append('\n');
    }

    private void decided(Detailed decision) {
        line(
                decision.kind().toString(),
                decision.details().stream()
                        .filter(Detail::applies)
                        .map(detail -> detail.name() + " " + said(detail.value()))
                        .collect(joining(", ")));
    }

    private void piece(Piece piece) {
        String cut = said(piece.width()) + " × " + said(piece.height());
        String edges =
                Stream.of(Side.values()).map(side -> said(piece.edge(side))).collect(joining("; "));
        line(
                "piece",
                piece.quantity() + " " + said(piece.name()) + ", " + piece.role() + ", " + piece.material()
                        + (piece.turned() ? ", turned" : "") + ", " + cut + " [" + edges + "]"
                        + piece.outline()
                                .map(outline -> " " + said(outline.cut()))
                                .orElse(""));
        piece.marks().forEach(mark -> line("  mark", said(mark)));
    }

    private static String said(Marking mark) {
        return mark.sort() + " " + said(mark.fromLeft()) + ", " + said(mark.fromTop());
    }

    private void back(Back back) {
        line("opening", said(back.length()) + " " + back.ends());
        back.panels()
                .forEach(panel -> line(
                        "  panel",
                        said(panel.name()) + " " + said(panel.from()) + " to " + said(panel.to())
                                + panel.free().map(side -> ", free " + side).orElse("")
                                + (panel.outside() ? ", outside" : "")
                                + (panel.turned() ? ", turned" : "")));
        back.lap()
                .ifPresent(lap -> line(
                        "  overlap",
                        said(lap.overlap()) + ", wanted " + said(lap.wanted()) + ", slip " + said(lap.slip())));
        back.zip()
                .ifPresent(zip -> line(
                        "  zip",
                        said(zip.length()) + ", buy " + said(zip.buy()) + ", at " + said(zip.at()) + " from "
                                + said(zip.from()) + ", " + said(zip.why())));
        back.spots()
                .forEach(spot -> line(
                        "  spot",
                        spot.sort() + " " + said(spot.along()) + ", " + said(spot.at()) + ", " + said(spot.size())));
    }

    private void finding(Finding finding) {
        line(
                "finding",
                finding.code() + " " + finding.weight() + (finding.unfit() ? " unfit" : "") + ": "
                        + said(finding.what()) + ", " + said(finding.why())
                        + finding.remedy()
                                .map(remedy -> " -> " + said(remedy.label()))
                                .orElse(""));
    }

    private void drawn(String side, Sheet sheet) {
        Map<String, Long> counted = sheet.elements().stream()
                .collect(Collectors.groupingBy(
                        element -> element.getClass().getSimpleName(), TreeMap::new, Collectors.counting()));
        line("drawn " + side, said(sheet.width()) + " × " + said(sheet.height()) + " " + counted);
        for (Element element : sheet.elements()) {
            if (element instanceof Trim trim) {
                line(
                        "  trim",
                        trim.look() + " " + said(trim.deep()) + " " + said(new Contour(trim.path()))
                                + (trim.inward() ? " inward" : ""));
            }
        }
    }

    private void step(Step step) {
        line(
                "step",
                step.place() + " " + step.effort() + " " + String.format(Locale.ROOT, "%.1f", step.minutes())
                        + (step.loose() ? " loose " : " ")
                        + said(step.says()) + step.why().map(why -> " why").orElse("")
                        + step.asks().map(asks -> " asks").orElse("")
                        + (step.cautions().isEmpty() ? "" : " " + step.cautions())
                        + step.setting().map(setting -> " " + setting).orElse("")
                        + step.milestone().map(reached -> " " + reached).orElse("")
                        + step.pile()
                                .map(pile -> " pile " + pile.laid().size() + "+"
                                        + pile.over().size())
                                .orElse(""));
        step.figures().forEach(figure -> line("  with", said(figure)));
        step.how().forEach(how -> line("  how", said(how)));
        if (!step.takes().isEmpty()) {
            line("  takes", step.takes().stream().map(WorkedCover::said).collect(joining("; ")));
        }
    }

    /** Anything as it is written down: lengths in inches to a thousandth, outlines by their size. */
    static String said(Object any) {
        if (any instanceof Length length) {
            return String.format(Locale.ROOT, "%.3f", length.toInches()).replaceFirst("\\.?0+$", "");
        }
        if (any instanceof Phrase phrase) {
            return phrase.code()
                    + (phrase.args().isEmpty()
                            ? ""
                            : phrase.args().stream().map(WorkedCover::said).collect(joining(", ", "(", ")")));
        }
        if (any instanceof Sum sum) {
            return sum.terms().stream()
                    .map(term -> said(term.label()) + " " + said(term.amount()))
                    .collect(joining(" + ", "{", "}"));
        }
        if (any instanceof Optional<?> maybe) {
            return maybe.map(WorkedCover::said).orElse("-");
        }
        if (any instanceof Collection<?> several) {
            return several.stream().map(WorkedCover::said).collect(joining(", ", "[", "]"));
        }
        if (any instanceof Contour contour) {
            return String.format(
                    Locale.ROOT,
                    "%d points, %.0f × %.0f mm at %.0f, %.0f, %.0f round, %.0f mm²",
                    contour.points().size(),
                    contour.right() - contour.left(),
                    contour.bottom() - contour.top(),
                    contour.left(),
                    contour.top(),
                    contour.perimeter(),
                    contour.area());
        }
        if (any instanceof Record record) {
            return recorded(record);
        }
        return String.valueOf(any);
    }

    private static String recorded(Record record) {
        List<String> parts = Stream.of(record.getClass().getRecordComponents())
                .map(component -> {
                    try {
                        component.getAccessor().setAccessible(true);
                        return said(component.getAccessor().invoke(record));
                    } catch (ReflectiveOperationException e) {
                        throw new LinkageError(e.getMessage(), e);
                    }
                })
                .toList();
        return record.getClass().getSimpleName() + parts;
    }
}
