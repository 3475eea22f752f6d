package app.dapt.advice;

import app.dapt.measure.Length;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * The tools there are.
 *
 * @param mat the longer side of the cutting mat, where one is there and was measured
 */
public record Drawer(Set<Tool> tools, Optional<Length> mat) {

    /** What most have, as long as nothing was said. */
    public static final Drawer NOT_SAID = new Drawer(
            EnumSet.of(
                    Tool.MACHINE,
                    Tool.ZIGZAG,
                    Tool.BACK_STITCH,
                    Tool.ZIP_FOOT,
                    Tool.IRON,
                    Tool.SHEARS,
                    Tool.RULER,
                    Tool.PINS,
                    Tool.CHALK),
            Optional.empty());

    public Drawer {
        tools = Set.copyOf(tools);
    }

    public boolean has(Tool tool) {
        return tools.contains(tool);
    }

    /** This drawer with one tool more. */
    public Drawer with(Tool tool) {
        Set<Tool> more = EnumSet.copyOf(tools);
        more.add(tool);
        return new Drawer(more, mat);
    }

    /** This drawer without a tool. */
    public Drawer without(Tool tool) {
        Set<Tool> fewer = EnumSet.noneOf(Tool.class);
        fewer.addAll(tools);
        fewer.remove(tool);
        return new Drawer(fewer, tool == Tool.MAT ? Optional.empty() : mat);
    }

    /** This drawer with a mat so long. */
    public Drawer withMat(Length longer) {
        return new Drawer(with(Tool.MAT).tools, Optional.of(longer));
    }
}
