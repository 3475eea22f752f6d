package app.dapt.layout.search;

import app.dapt.layout.search.Placements.Placed;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;

/**
 * A beam search over skylines: the cloth is filled from its cut end, always at the lowest place, by every piece that
 * still fits there; of all the beginnings only the most promising are carried on. Rounds follow each other with other
 * notions of promise and with wider beams.
 */
final class SkylineBeam {

    private static final double[] POWERS = {1, 1.5, 2, 3};
    private static final int MOST_IN_BLOCK = 8;

    private final Task task;
    private final int width;
    private final long area;
    private final Ways single;
    private final Ways blocks;
    private final SplittableRandom random;
    private BeamMoves moves;
    private BeamHashes seen;
    private BeamTraces traces;
    private Skylines level;
    private Skylines next;
    private Ways ways;
    private int best;
    private Placements laying = new Placements(List.of(), 0);

    /**
     * Equal pieces laid together as if they were one.
     *
     * @param turned  whether they lie a quarter turn round
     * @param abreast how many lie side by side
     * @param behind  how many lie one after another
     */
    private record Block(int kind, boolean turned, int abreast, int behind, Task.Item item) {

        int wide() {
            return abreast * (turned ? item.along() : item.across());
        }

        int deep() {
            return behind * (turned ? item.across() : item.along());
        }

        int count() {
            return abreast * behind;
        }
    }

    /**
     * Every block that may be laid, the narrowest first, in arrays, since they are gone through for every beginning.
     */
    private static final class Ways {
        private final List<Block> block;
        private final int[] kind;
        private final int[] count;
        private final int[] wide;
        private final int[] deep;
        /** Nothing for what may begin anywhere. */
        private final Task.Repeat[] repeat;

        private Ways(List<Block> blocks) {
            block = blocks.stream().sorted(Comparator.comparingInt(Block::wide)).toList();
            kind = block.stream().mapToInt(Block::kind).toArray();
            count = block.stream().mapToInt(Block::count).toArray();
            wide = block.stream().mapToInt(Block::wide).toArray();
            deep = block.stream().mapToInt(Block::deep).toArray();
            repeat = block.stream()
                    .map(each -> each.item().repeat().orElse(null))
                    .toArray(Task.Repeat[]::new);
        }

        static Ways of(Task task, int mostInBlock) {
            List<Block> blocks = new ArrayList<>();
            for (int kind = 0; kind < task.items().size(); kind++) {
                Task.Item item = task.items().get(kind);
                int most = Math.min(mostInBlock, item.count());
                for (int turn = 0; turn < (item.mayTurn() && item.across() != item.along() ? 2 : 1); turn++) {
                    for (int abreast = 1; abreast <= most; abreast++) {
                        for (int behind = 1;
                                behind == 1
                                        || abreast * behind <= most
                                                && item.repeat().isEmpty();
                                behind++) {
                            blocks.add(new Block(kind, turn == 1, abreast, behind, item));
                        }
                    }
                }
            }
            blocks.removeIf(block -> block.wide() > task.width());
            return new Ways(blocks);
        }
    }

    SkylineBeam(Task task, SplittableRandom random) {
        this.task = task;
        this.width = task.width();
        this.area = task.area();
        this.single = Ways.of(task, 1);
        this.blocks = Ways.of(task, MOST_IN_BLOCK);
        this.random = random;
        this.ways = single;
        rest();
    }

    /** Gives back the room that rounds have taken. */
    void rest() {
        // A piece adds a step at the most, and between two pieces there is one that is narrower than both at the most.
        int mostSteps = Math.min(task.count() + 1, 2 * (width / single.wide[0]) + 3);
        level = new Skylines(width, task.items().size(), mostSteps);
        next = new Skylines(width, task.items().size(), mostSteps);
        moves = new BeamMoves();
        seen = new BeamHashes();
        traces = new BeamTraces();
    }

    /** One round; the shorter of what is known and what it finds. */
    Placements round(Placements known, int beam, Budget budget) {
        laying = known;
        best = known.length();
        double power = POWERS[random.nextInt(POWERS.length)];
        // What suits many sizes, an even skyline, suits few sizes less: each has half the rounds.
        boolean even = random.nextInt(2) == 0;
        double weight = even ? random.nextDouble(.002, .012) : random.nextDouble(.003, .045);
        double ragged = even ? random.nextDouble(.03, .15) : random.nextDouble(0, .08);
        ways = random.nextInt(2) == 0 ? blocks : single;
        level.begin(task.items().stream().mapToInt(Task.Item::count).toArray());
        traces.clear();
        while (level.size() > 0) {
            moves.clear(beam + beam / 4 + 4);
            for (int i = 0; i < level.size(); i++) {
                if (budget.isSpent()) {
                    return laying;
                }
                grow(i, power, weight, ragged);
            }
            keep(beam);
        }
        return laying;
    }

    /** Everything is laid. */
    private void finish(int top, int trace) {
        if (top < best) {
            best = top;
            List<Placed> placed = new ArrayList<>();
            for (int at = trace; at != BeamTraces.NONE; at = traces.before(at)) {
                Block block = ways.block.get(traces.way(at));
                for (int copy = 0; copy < block.count(); copy++) {
                    int x = traces.x(at) + copy % block.abreast() * (block.wide() / block.abreast());
                    int y = traces.y(at) + copy / block.abreast() * (block.deep() / block.behind());
                    placed.add(new Placed(block.kind(), x, y, block.turned(), 0));
                }
            }
            laying = Placements.of(placed, task);
        }
    }

    private void keep(int beam) {
        int found = moves.best();
        seen.clear(found);
        next.clear();
        for (int i = 0; i < found && next.size() < beam; i++) {
            lay(moves.node(i), moves.way(i), moves.waste(i));
        }
        Skylines before = level;
        level = next;
        next = before;
    }

    /**
     * Everything that can be laid at the lowest place; where nothing can, the place is raised to its lower neighbour.
     */
    private void grow(int i, double power, double weight, double ragged) {
        long room = (long) width * (best - 1) - area;
        int[] wide = ways.wide;
        while (level.waste(i) <= room) {
            int gap = level.gap(i);
            int low = level.lowest(i);
            boolean any = false;
            for (int way = 0; way < wide.length && wide[way] <= gap; way++) {
                if (level.left(i, ways.kind[way]) < ways.count[way]) {
                    continue;
                }
                any = true;
                int begins = begins(way, low);
                int ends = begins + ways.deep[way];
                long waste = level.waste(i) + (long) (begins - low) * wide[way];
                if (ends < best && waste <= room) {
                    int steps = level.stepsWith(i, wide[way], ends);
                    double laid = power((double) (level.laid(i) + (long) wide[way] * ways.deep[way]), power);
                    moves.add(i, way, waste, (waste + weight * area) / laid * (1 + ragged * steps));
                }
            }
            if (any || level.steps(i) == 1) {
                // Nothing but a repeat may keep what fits from being laid; then the place is given up as well.
                return;
            }
            level.raise(i);
        }
    }

    private int begins(int way, int low) {
        return ways.repeat[way] == null ? low : ways.repeat[way].after(low);
    }

    private static double power(double base, double power) {
        return power == 1 ? base : power == 2 ? base * base : power == 3 ? base * base * base : base * Math.sqrt(base);
    }

    private void lay(int i, int way, long waste) {
        int y = begins(way, level.lowest(i));
        int x = level.placeFor(i, ways.wide[way]);
        if (level.laid(i) + (long) ways.wide[way] * ways.deep[way] == area) {
            finish(Math.max(level.top(i), y + ways.deep[way]), traces.add(level.trace(i), way, x, y));
            return;
        }
        next.add(level, i, ways.kind[way], ways.count[way], x, y, ways.wide[way], ways.deep[way], waste);
        if (seen.add(next.hash())) {
            next.cameFrom(traces.add(level.trace(i), way, x, y));
        } else {
            next.drop();
        }
    }
}
