package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.files.cloth.SvgCloth;
import app.dapt.files.drawing.Pen;
import app.dapt.layout.ClothSheet;
import app.dapt.layout.Layout;
import app.dapt.layout.search.Task;
import app.dapt.web.cloth.Cutting.Table;
import app.dapt.web.progress.CutOrder;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.Owner;
import app.dapt.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;

/** The order of cuts as the layouts found so far have it. */
@Component
class LaidCuts implements CutOrder {

    private static final double WIDE = 620;
    private static final double HIGH = 330;

    private final Cutting cutting;
    private final ClothViews views;
    private final Wording wording;

    LaidCuts(Cutting cutting, ClothViews views, Wording wording) {
        this.cutting = cutting;
        this.views = views;
        this.wording = wording;
    }

    @Override
    public Optional<Shown> of(Owner owner, long cover, Cloth cloth, Reader reader) {
        Table table = cutting.table(owner, reader);
        int at = table.numberOf(cover + "." + cloth.id());
        if (table.uses().isEmpty() || table.uses().get(at).count() > Task.MOST_PIECES) {
            return Optional.empty();
        }
        Layout laid = views.laid(table, at);
        Words words = wording.words(reader, table.mark());
        return Optional.of(laid).filter(each -> !each.spots().isEmpty()).map(each -> shown(each, cover, cloth, words));
    }

    @Override
    public List<Layout> layouts(Owner owner, Reader reader) {
        Table table = cutting.table(owner, reader);
        return IntStream.range(0, table.uses().size())
                .filter(at -> table.uses().get(at).count() <= Task.MOST_PIECES)
                .mapToObj(at -> views.laid(table, at))
                .toList();
    }

    private static Shown shown(Layout laid, long cover, Cloth cloth, Words words) {
        List<ClothSheet> sheets = ClothSheet.of(laid);
        Pen pen = Pen.finest(sheets.stream().map(sheet -> SvgCloth.fitting(sheet, WIDE, HIGH)));
        CuttingWords said = new CuttingWords(laid, words);
        List<String> own = IntStream.range(0, laid.spots().size())
                .filter(i -> laid.spots().get(i).wanted().key().startsWith(cover + "/"))
                .mapToObj(i -> String.valueOf(i + 1))
                .toList();
        return new Shown(
                IntStream.range(0, sheets.size())
                        .mapToObj(i -> new SvgCloth(
                                        words, pen, "cut" + cover + "-" + cloth.id() + "-" + i, Optional.empty(), "")
                                .write(sheets.get(i)))
                        .toList(),
                Optional.of(own)
                        .filter(pieces -> pieces.size() < laid.spots().size())
                        .map(pieces -> words.say("make.cuts-own", words.list(pieces), pieces.size())),
                said.folds(),
                said.cuts().stream()
                        .map(line -> new Line(line.numbers(), line.words()))
                        .toList());
    }
}
