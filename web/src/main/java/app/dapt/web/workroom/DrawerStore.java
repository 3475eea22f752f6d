package app.dapt.web.workroom;

import app.dapt.advice.Drawer;
import app.dapt.advice.Tool;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The tools of the workroom. */
@Service
@Transactional
public class DrawerStore {

    private final DrawerMapper drawers;
    private final CoverStore covers;

    DrawerStore(DrawerMapper drawers, CoverStore covers) {
        this.drawers = drawers;
        this.covers = covers;
    }

    /** What is in the drawer; what most have as long as nothing was said. */
    @Transactional(readOnly = true)
    public Drawer find() {
        DrawerMapper.DrawerRow row = drawers.find(covers.workroom());
        if (!row.said()) {
            return Drawer.NOT_SAID;
        }
        Set<Tool> tools = EnumSet.noneOf(Tool.class);
        List<String> codes = List.of(row.tools().split(","));
        Stream.of(Tool.values())
                .filter(tool -> codes.contains(Phrase.code(tool)))
                .forEach(tools::add);
        return new Drawer(
                tools,
                Optional.of(row.mat())
                        .filter(grains -> grains > 0 && tools.contains(Tool.MAT))
                        .map(Length::new));
    }

    public void keep(Drawer drawer) {
        drawers.keep(
                covers.workroom(),
                String.join(
                        ",", drawer.tools().stream().sorted().map(Phrase::code).toList()),
                drawer.mat().map(Length::grains).orElse(0L));
    }
}
