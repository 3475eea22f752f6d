package app.dapt.layout.search;

import java.util.Arrays;

/**
 * Beginnings of a layout, a great many of them and therefore in arrays: of each the skyline that its pieces make
 * towards the open cloth, step by step from the left, and what is left to lay.
 */
final class Skylines {

    private final int width;
    private final int kinds;
    private final int mostSteps;
    private int size;
    /** Where each step begins and how far along the cloth it is, so many steps of each beginning. */
    private int[] x = {};

    private int[] y = {};
    private int[] steps = {};
    private int[] left = {};
    private long[] waste = {};
    private long[] laid = {};
    private int[] top = {};
    private int[] trace = {};
    /** The place of each that is filled next: its step, how wide it is, and whether from its left wall on. */
    private int[] low = {};

    private int[] gap = {};
    private boolean[] leftwards = {};

    /** @param mostSteps of any skyline */
    Skylines(int width, int kinds, int mostSteps) {
        this.width = width;
        this.kinds = kinds;
        this.mostSteps = mostSteps;
    }

    int size() {
        return size;
    }

    void clear() {
        size = 0;
    }

    /** The bare cloth, with all that is to be laid. */
    void begin(int[] counts) {
        clear();
        makeRoom();
        x[0] = 0;
        y[0] = 0;
        steps[0] = 1;
        System.arraycopy(counts, 0, left, 0, kinds);
        waste[0] = 0;
        laid[0] = 0;
        top[0] = 0;
        trace[0] = BeamTraces.NONE;
        size = 1;
        findLow(0);
    }

    private void makeRoom() {
        if (size < steps.length) {
            return;
        }
        int room = Math.max(16, 2 * size);
        x = Arrays.copyOf(x, room * mostSteps);
        y = Arrays.copyOf(y, room * mostSteps);
        left = Arrays.copyOf(left, room * kinds);
        steps = Arrays.copyOf(steps, room);
        waste = Arrays.copyOf(waste, room);
        laid = Arrays.copyOf(laid, room);
        top = Arrays.copyOf(top, room);
        trace = Arrays.copyOf(trace, room);
        low = Arrays.copyOf(low, room);
        gap = Arrays.copyOf(gap, room);
        leftwards = Arrays.copyOf(leftwards, room);
    }

    /** The area that has been given up. */
    long waste(int i) {
        return waste[i];
    }

    /** The area of what has been laid. */
    long laid(int i) {
        return laid[i];
    }

    /** How far along the cloth it reaches. */
    int top(int i) {
        return top[i];
    }

    /** How it came about. */
    int trace(int i) {
        return trace[i];
    }

    int steps(int i) {
        return steps[i];
    }

    /** How many steps it will have once a piece so wide, that ends so far along the cloth, lies at its lowest place. */
    int stepsWith(int i, int wide, int ends) {
        boolean fills = wide == gap[i];
        boolean meetsLeft = ends == wallLeft(i) && (leftwards[i] || fills);
        boolean meetsRight = ends == wallRight(i) && (!leftwards[i] || fills);
        return steps[i] + (fills ? 0 : 1) - (meetsLeft ? 1 : 0) - (meetsRight ? 1 : 0);
    }

    /** How many of a piece it has left to lay. */
    int left(int i, int kind) {
        return left[i * kinds + kind];
    }

    /** How far along the cloth its lowest place is. */
    int lowest(int i) {
        return y[i * mostSteps + low[i]];
    }

    int gap(int i) {
        return gap[i];
    }

    /** How high the step before its lowest place is; the cloth's own edge is higher than any. */
    private int wallLeft(int i) {
        return low[i] > 0 ? y[i * mostSteps + low[i] - 1] : Integer.MAX_VALUE;
    }

    private int wallRight(int i) {
        return low[i] + 1 < steps[i] ? y[i * mostSteps + low[i] + 1] : Integer.MAX_VALUE;
    }

    /** Where a piece so wide would begin. */
    int placeFor(int i, int wide) {
        int begins = x[i * mostSteps + low[i]];
        return leftwards[i] ? begins : begins + gap[i] - wide;
    }

    private void findLow(int i) {
        int from = i * mostSteps;
        int lowest = from;
        for (int step = from + 1; step < from + steps[i]; step++) {
            if (y[step] < y[lowest]) {
                lowest = step;
            }
        }
        low[i] = lowest - from;
        gap[i] = (low[i] + 1 < steps[i] ? x[lowest + 1] : width) - x[lowest];
        leftwards[i] = wallLeft(i) >= wallRight(i);
    }

    /** Gives the lowest place up: it is raised to its lower neighbour. */
    void raise(int i) {
        int rise = Math.min(wallLeft(i), wallRight(i));
        int at = i * mostSteps + low[i];
        waste[i] += (long) (rise - y[at]) * gap[i];
        y[at] = rise;
        merge(i);
        findLow(i);
    }

    /** Adds the beginning that comes of laying a piece at the lowest place of another. */
    void add(Skylines from, int i, int kind, int count, int begins, int along, int wide, int deep, long wasted) {
        makeRoom();
        int ends = along + deep;
        steps[size] = layOn(from, i, begins, wide, ends);
        System.arraycopy(from.left, i * kinds, left, size * kinds, kinds);
        left[size * kinds + kind] -= count;
        waste[size] = wasted;
        laid[size] = from.laid[i] + (long) wide * deep;
        top[size] = Math.max(from.top[i], ends);
        merge(size);
        findLow(size);
        size++;
    }

    /** The other's skyline with one step more, or as many where the piece fills its place; how many those are. */
    private int layOn(Skylines from, int i, int begins, int wide, int ends) {
        int source = i * mostSteps;
        int target = size * mostSteps;
        int next = from.low[i] + 1;
        System.arraycopy(from.x, source, x, target, next);
        System.arraycopy(from.y, source, y, target, next);
        int rest = from.steps[i] - next;
        int after = target + next;
        if (wide < from.gap[i]) {
            x[after] = from.leftwards[i] ? begins + wide : begins;
            y[after] = from.leftwards[i] ? y[after - 1] : ends;
            after++;
        }
        if (wide == from.gap[i] || from.leftwards[i]) {
            y[target + next - 1] = ends;
        }
        System.arraycopy(from.x, source + next, x, after, rest);
        System.arraycopy(from.y, source + next, y, after, rest);
        return after - target + rest;
    }

    /** Of the beginning added last, a number that hardly any other shares. */
    long hash() {
        long hash = 1;
        int last = size - 1;
        for (int step = last * mostSteps; step < last * mostSteps + steps[last]; step++) {
            hash = hash * 1_000_003 + x[step];
            hash = hash * 1_000_003 + y[step];
        }
        for (int kind = last * kinds; kind < (last + 1) * kinds; kind++) {
            hash = hash * 31 + left[kind];
        }
        return hash * 0x9E3779B97F4A7C15L;
    }

    /** Says how the beginning added last came about. */
    void cameFrom(int traced) {
        trace[size - 1] = traced;
    }

    /** Takes the beginning added last away again. */
    void drop() {
        size--;
    }

    /** Neighbouring steps of the same height are one. */
    private void merge(int i) {
        int from = i * mostSteps;
        int count = 1;
        for (int step = from + 1; step < from + steps[i]; step++) {
            if (y[step] != y[from + count - 1]) {
                x[from + count] = x[step];
                y[from + count++] = y[step];
            }
        }
        steps[i] = count;
    }
}
