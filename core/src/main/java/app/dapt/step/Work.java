package app.dapt.step;

import app.dapt.drawing.Element.Role;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.workpiece.Move;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * The steps of one cover as they are told. Two steps that are done to the same piece keep the order in which they are
 * told, but where each is done to another edge of it; steps that have no piece in common are free to come in any order.
 * So nobody who tells a step has to know what others tell.
 */
public final class Work {

    /** The last step done to each thing so far. */
    private final Map<String, String> last = new LinkedHashMap<>();

    /** The last step done to one edge alone, since the last that was done to the whole piece. */
    private final Map<String, Map<Side, String>> lastOnEdge = new HashMap<>();

    /** What lies behind a piece and is sewn with it as one. */
    private final Map<String, List<Piece>> behind = new HashMap<>();

    private final Map<String, Step> steps = new LinkedHashMap<>();
    private final Set<Taken> taken = new LinkedHashSet<>();
    /** Those of them that are sewn but lie as they were cut. */
    private final Set<Taken> flat = new HashSet<>();

    /** All that was told, in the order it was told. */
    public List<Step> steps() {
        return List.copyOf(steps.values());
    }

    /** One step at one place, done to these pieces; its words begin with the name of the first. */
    public Draft at(Place place, String does, Piece... pieces) {
        return at(place, does, Arrays.asList(pieces));
    }

    /** One step at one place, done to these pieces; its words begin with the name of the first. */
    public Draft at(Place place, String does, List<Piece> pieces) {
        return new Draft(place, does, pieces);
    }

    /** From here on, what becomes of a piece's edges becomes of those of one basted behind it. */
    public void backWith(Piece piece, Piece lying) {
        behind.computeIfAbsent(piece.id(), id -> new ArrayList<>()).add(lying);
    }

    /** From here on, what these pieces made goes by another's name. */
    public void joinInto(Piece panel, List<Piece> drops) {
        drops.stream()
                .map(drop -> last.get(drop.id()))
                .filter(Objects::nonNull)
                .forEach(step -> last.put(panel.id(), step));
    }

    /** Puts a step after all that was done to a thing so far, and says after which that is. */
    private Set<String> after(String thing, String step) {
        Set<String> before = new LinkedHashSet<>();
        Optional.ofNullable(last.put(thing, step)).ifPresent(before::add);
        Optional.ofNullable(lastOnEdge.remove(thing)).ifPresent(edges -> before.addAll(edges.values()));
        return before;
    }

    /** The same of one edge: what is done to others of the piece meanwhile does not matter. */
    private Set<String> afterOnEdge(String piece, Side edge, String step) {
        String there = lastOnEdge
                .computeIfAbsent(piece, none -> new EnumMap<>(Side.class))
                .put(edge, step);
        String before = there == null ? last.get(piece) : there;
        return before == null ? Set.of() : Set.of(before);
    }

    /** A piece alone on the table as it is by now. */
    public Laid lying(Piece piece, boolean rightSide) {
        return Laid.alone(piece, rightSide, made(piece));
    }

    /** Its edges that are hemmed or turned by now. */
    private Set<Side> made(Piece piece) {
        Set<Side> made = EnumSet.noneOf(Side.class);
        for (Side side : Side.values()) {
            Taken edge = new Taken(piece.id(), side);
            if (taken.contains(edge)
                    && !flat.contains(edge)
                    && !piece.edge(side).isSeam()) {
                made.add(side);
            }
        }
        return made;
    }

    /** A step while it is told. */
    public final class Draft {

        private final Place place;
        private final String does;
        private final List<Piece> pieces;
        private final Set<String> things = new LinkedHashSet<>();
        private final List<Object> args = new ArrayList<>();
        private final List<Phrase> figures = new ArrayList<>();
        private final List<Phrase> how = new ArrayList<>();
        private final List<Phrase> marked = new ArrayList<>();
        private final List<Caution> cautions;
        private final List<Taken> takes = new ArrayList<>();
        private String name;
        private boolean explained;
        private boolean trap;
        private boolean loose;
        private Optional<Setting> setting = Optional.empty();
        private Effort effort = Effort.LAY;
        private double minutes = Effort.LAY.times(1);
        private Length stitched = Length.ZERO;
        private final List<Move> moves = new ArrayList<>();
        private Optional<Pile> pile;
        private Optional<Milestone> milestone = Optional.empty();
        private Optional<Side> edge = Optional.empty();

        private Draft(Place place, String does, List<Piece> pieces) {
            this.place = place;
            this.does = does;
            this.pieces = List.copyOf(pieces);
            this.name = pieces.isEmpty() ? "cover" : pieces.get(0).id();
            this.cautions = new ArrayList<>(place.cautions());
            pieces.forEach(piece -> things.add(piece.id()));
            pieces.stream().limit(1).forEach(piece -> args.add(piece.name()));
            this.pile = pieces.size() == 1 ? Optional.of(Pile.of(lying(pieces.get(0), false))) : Optional.empty();
        }

        /** Named after something else than its first piece, where one piece has several alike. */
        public Draft called(String other) {
            name = other;
            return this;
        }

        /** Figures and names that go into its words, after the name of its first piece. */
        public Draft saying(Object... more) {
            args.addAll(Arrays.asList(more));
            return this;
        }

        /** Done to something that is no piece, a cloth or a zip. */
        public Draft also(String thing) {
            things.add(thing);
            return this;
        }

        /** Done to one edge of its pieces alone, so that it can be done together with the same at their other edges. */
        public Draft atEdge(Side side) {
            edge = Optional.of(side);
            return this;
        }

        /** Done to all that was ever told of. */
        public Draft onAll() {
            things.addAll(last.keySet());
            return this;
        }

        /** How far the cover has come with it. */
        public Draft reaches(Milestone reached) {
            milestone = Optional.of(reached);
            return this;
        }

        /** Says a figure beside it: {@code figure.overlap} for {@code overlap}. */
        public Draft figure(String code, Object... values) {
            figures.add(Phrase.of("figure." + code, values));
            return this;
        }

        /** Figures beside it. */
        public Draft figures(List<Phrase> more) {
            figures.addAll(more);
            return this;
        }

        /** Says how it is done, beside what is done: {@code how.past-the-pull} for {@code past-the-pull}. */
        public Draft how(String code, Object... values) {
            how.add(Phrase.of("how." + code, values));
            return this;
        }

        /**
         * Says where marks of these sorts are made on the right side of a piece, just before: chalk made earlier would
         * not last, or be on the wrong side.
         */
        public Draft marks(Piece piece, Marking.Sort... sorts) {
            List<Phrase> places = piece.marks().stream()
                    .filter(mark -> List.of(sorts).contains(mark.sort()))
                    .map(mark -> mark.says(piece))
                    .distinct()
                    .toList();
            if (!places.isEmpty() && marked.isEmpty()) {
                how.add(Phrase.of("how.mark-right-side"));
            }
            places.forEach(place ->
                    figures.add(pieces.size() > 1 ? Phrase.of("figure.on-piece", piece.name(), place) : place));
            marked.addAll(places);
            return this;
        }

        /** Says why, in the words {@code step.….why}. */
        public Draft because() {
            explained = true;
            return this;
        }

        /** Asks before going on, in the words {@code step.….trap}: it cannot be put right without unpicking. */
        public Draft trap() {
            trap = true;
            return this;
        }

        public Draft careful(Caution caution) {
            cautions.add(caution);
            return this;
        }

        /** What becomes of the pieces by it, one thing after another. */
        public Draft moves(Move... more) {
            moves.addAll(List.of(more));
            return this;
        }

        /** Leaves something pinned or half gathered. */
        public Draft loose() {
            loose = true;
            return this;
        }

        public Draft set(Stitch stitch, Foot foot) {
            setting = Optional.of(new Setting(stitch, foot));
            return this;
        }

        /** Brings an edge to what was reckoned for it, with all that lies behind it. */
        public Draft takes(Piece piece, Side side) {
            if (piece.edge(side).isLeft()) {
                return this;
            }
            Stream.concat(Stream.of(piece), behind.getOrDefault(piece.id(), List.of()).stream())
                    .forEach(each -> takes.add(new Taken(each.id(), side)));
            return this;
        }

        /** Leaves the edges it takes lying flat, as they were cut. */
        public Draft flat() {
            flat.addAll(takes);
            return this;
        }

        /** Brings the same edge of two pieces that are sewn to each other, or of a piece that is there twice. */
        public Draft takesBoth(Piece one, Piece other, Side side) {
            return one.id().equals(other.id())
                    ? takes(one, side)
                    : takes(one, side).takes(other, side);
        }

        /** Brings all edges of these pieces that end in the seam round the cover to it. */
        public Draft takesSeams(List<Piece> sewn) {
            for (Piece piece : sewn) {
                Stream.of(Side.values())
                        .filter(side -> piece.edge(side).isSeam())
                        .map(side -> new Taken(piece.id(), side))
                        .filter(edge -> !taken.contains(edge))
                        .forEach(takes::add);
            }
            return this;
        }

        /** Takes what so many of a kind take. */
        public Draft times(Effort kind, double count) {
            effort = kind;
            minutes = kind.times(count);
            return this;
        }

        /** Takes what so long a stretch takes. */
        public Draft along(Effort kind, Length length) {
            effort = kind;
            minutes = kind.along(length);
            stitched = Length.max(Length.ZERO, length);
            return this;
        }

        /** Sews so much, all rows together, where that is not how long the stretch is. */
        public Draft sewing(Length length) {
            stitched = Length.max(Length.ZERO, length);
            return this;
        }

        /** Its one piece lies right side up. */
        public Draft rightSide() {
            return shows(Pile.of(lying(pieces.get(0), true)));
        }

        public Draft shows(Pile shown) {
            pile = Optional.of(shown);
            return this;
        }

        /** What is shown, with more on it. */
        public Draft shows(UnaryOperator<Pile> more) {
            pile = pile.map(more);
            return this;
        }

        /** Stitched along an edge of its one piece, so far in from where that edge is. */
        public Draft stitched(Side side, Length in) {
            return shows(shown -> shown.along(Role.SEW, side, in));
        }

        /**
         * Tells it.
         *
         * @throws IllegalStateException where a step of that name was told already
         */
        public void add() {
            String id = name + "/" + does;
            Set<String> needs = new LinkedHashSet<>();
            for (String thing : things) {
                needs.addAll(edge.map(side -> afterOnEdge(thing, side, id)).orElseGet(() -> after(thing, id)));
            }
            if (needs.contains(id) || steps.containsKey(id)) {
                throw new IllegalStateException("told twice: " + id);
            }
            taken.addAll(takes);
            steps.put(
                    id,
                    new Step(
                            id,
                            place,
                            does,
                            args,
                            figures,
                            how,
                            explained,
                            trap,
                            cautions,
                            setting,
                            pieces.stream().map(Piece::id).toList(),
                            needs,
                            takes,
                            new Labour(effort, minutes, place.isSewing() ? stitched : Length.ZERO),
                            loose,
                            new Handled(pile, moves),
                            milestone));
        }
    }
}
