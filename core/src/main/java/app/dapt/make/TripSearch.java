package app.dapt.make;

import app.dapt.step.Place;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import org.jspecify.annotations.Nullable;

/**
 * The fewest visits that get several graphs of steps done together: A* over what is done (Hart, Nilsson, Raphael 1968).
 * A move is a visit to a place. What is left takes at least as many visits as the longest chain of any one graph
 * changes place.
 */
final class TripSearch {

    /** The visits found; and so many are needed at least. */
    record Found(List<Place> visits, int least) {
        boolean isProved() {
            return visits.size() == least;
        }
    }

    private record Node(
            int[] states, @Nullable Node before, @Nullable Place came, int visits, int atLeast, int done) {}

    /** So many nodes are looked at before the search settles for the fewest found. */
    private static final int MOST_NODES = 60_000;

    private static final int BEAM = 96;

    private final List<StepGraph> graphs;

    private TripSearch(List<StepGraph> graphs) {
        this.graphs = graphs;
    }

    static Found fewest(List<StepGraph> graphs) {
        return new TripSearch(graphs).search();
    }

    /** @throws IllegalStateException where steps need each other */
    private Found search() {
        PriorityQueue<Node> open =
                new PriorityQueue<>(Comparator.comparingInt(Node::atLeast).thenComparingInt(node -> -node.done()));
        Map<Key, Integer> seen = new HashMap<>();
        Node start = node(new int[graphs.size()], null, null, 0);
        open.add(start);
        int looked = 0;
        while (!open.isEmpty()) {
            Node node = open.remove();
            if (isDone(node)) {
                return new Found(visits(node), node.visits());
            }
            if (++looked > MOST_NODES) {
                return new Found(visits(beam(start)), node.atLeast());
            }
            for (Node next : moves(node)) {
                Integer before = seen.get(new Key(next.states()));
                if (before == null || next.visits() < before) {
                    seen.put(new Key(next.states()), next.visits());
                    open.add(next);
                }
            }
        }
        throw new IllegalStateException("steps that need each other");
    }

    /** What is done, as a key. */
    private record Key(int[] states) {
        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Key key && Arrays.equals(states, key.states);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(states);
        }
    }

    private boolean isDone(Node node) {
        for (int i = 0; i < graphs.size(); i++) {
            if (!graphs.get(i).isDone(node.states()[i])) {
                return false;
            }
        }
        return true;
    }

    private List<Node> moves(Node node) {
        List<Node> moves = new ArrayList<>();
        for (Place place : Place.values()) {
            int[] states = node.states().clone();
            boolean useful = false;
            for (int i = 0; i < states.length; i++) {
                int after = graphs.get(i).after(states[i], place);
                if (after != StepGraph.USELESS) {
                    states[i] = after;
                    useful = true;
                }
            }
            if (useful) {
                moves.add(node(states, node, place, node.visits() + 1));
            }
        }
        return moves;
    }

    private Node node(int[] states, @Nullable Node before, @Nullable Place came, int visits) {
        int left = 0;
        int done = 0;
        for (int i = 0; i < states.length; i++) {
            left = Math.max(left, graphs.get(i).visitsLeft(states[i]));
            done += graphs.get(i).done(states[i]);
        }
        return new Node(states, before, came, visits, visits + left, done);
    }

    /** Goes on with the most promising few, visit by visit. */
    private Node beam(Node start) {
        List<Node> front = List.of(start);
        while (true) {
            Map<Key, Node> next = new HashMap<>();
            for (Node node : front) {
                for (Node move : moves(node)) {
                    if (isDone(move)) {
                        return move;
                    }
                    next.putIfAbsent(new Key(move.states()), move);
                }
            }
            front = next.values().stream()
                    .sorted(Comparator.comparingInt(Node::atLeast).thenComparingInt(node -> -node.done()))
                    .limit(BEAM)
                    .toList();
        }
    }

    private static List<Place> visits(Node last) {
        List<Place> visits = new ArrayList<>();
        for (Node node = last; node != null && node.came() != null; node = node.before()) {
            visits.add(0, node.came());
        }
        return visits;
    }
}
