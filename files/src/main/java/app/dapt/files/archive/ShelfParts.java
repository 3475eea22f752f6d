package app.dapt.files.archive;

import app.dapt.files.BadPlanFile;
import app.dapt.files.Cursor;
import app.dapt.files.cloth.FabricJson;
import app.dapt.files.plan.PlanJson;
import app.dapt.shelf.Movement.Why;
import app.dapt.shelf.Turn;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.regex.Pattern;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What is on a workroom's shelf, as the JSON that stands for it in the workroom's file. */
public final class ShelfParts {

    private static final int MOST_THINGS = 5_000;
    private static final int MOST_MOVES = 20_000;
    private static final int MOST_TURNS = 50;
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_FABRIC = 20_000;
    private static final int DEAREST = 10_000_000;
    private static final long MOST = 1_000_000_000_000L;
    private static final Pattern KIND = Pattern.compile("[A-Z]{3,20}");
    private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");

    private ShelfParts() {}

    /**
     * A thing, its sizes in grains, nought where it has none.
     *
     * @param fabric what is told of a cloth or a remnant besides, as {@link FabricJson} has it; empty where nothing is
     * @param turns covers that take turns on a form
     * @param moves what was put on the shelf of it and taken off, the first first
     */
    public record Shelved(
            UUID id,
            String kind,
            String name,
            String colour,
            long size,
            long width,
            int price,
            String fabric,
            List<Turn> turns,
            List<Move> moves) {
        public Shelved {
            turns = List.copyOf(turns);
            moves = List.copyOf(moves);
        }
    }

    /**
     * A movement.
     *
     * @param undoes the place of the one it undoes, counted from nought
     */
    public record Move(String why, long amount, Instant at, OptionalInt undoes) {}

    static String write(List<Shelved> things) {
        ObjectNode root = PlanJson.object();
        ArrayNode all = root.putArray("things");
        for (Shelved thing : things) {
            ObjectNode at = all.addObject()
                    .put("id", thing.id().toString())
                    .put("kind", thing.kind())
                    .put("name", thing.name())
                    .put("colour", thing.colour())
                    .put("size", thing.size())
                    .put("width", thing.width())
                    .put("price", thing.price());
            if (!thing.fabric().isEmpty()) {
                at.put("fabric", thing.fabric());
            }
            if (!thing.turns().isEmpty()) {
                ArrayNode turns = at.putArray("turns");
                thing.turns().forEach(turn -> turns.addObject()
                        .put("cover", turn.cover())
                        .put("from", turn.from().toString())
                        .put("kept", turn.kept()));
            }
            ArrayNode moves = at.putArray("moves");
            for (Move move : thing.moves()) {
                ObjectNode moved = moves.addObject()
                        .put("why", move.why())
                        .put("amount", move.amount())
                        .put("at", move.at().toString());
                move.undoes().ifPresent(place -> moved.put("undoes", place));
            }
        }
        return PlanJson.text(root);
    }

    static List<Shelved> read(String text) throws BadPlanFile {
        Cursor root = Cursor.root(PlanJson.tree(text));
        List<Shelved> things = new ArrayList<>();
        for (Cursor at : root.objects("things", MOST_THINGS)) {
            things.add(new Shelved(
                    WorkroomParts.uuid(at),
                    at.text("kind", KIND, "ZIP"),
                    at.text("name", LONGEST_NAME),
                    at.text("colour", COLOUR, "#1e3355"),
                    at.wide("size", 0, MOST),
                    at.wide("width", 0, MOST),
                    at.number("price", 0, DEAREST),
                    fabric(at),
                    turns(at),
                    moves(at)));
            at.done();
        }
        root.done();
        return things;
    }

    private static String fabric(Cursor at) throws BadPlanFile {
        return at.has("fabric") ? FabricJson.text(FabricJson.read(at.text("fabric", LONGEST_FABRIC))) : "";
    }

    private static List<Turn> turns(Cursor thing) throws BadPlanFile {
        List<Turn> turns = new ArrayList<>();
        for (Cursor at : thing.has("turns") ? thing.objects("turns", MOST_TURNS) : List.<Cursor>of()) {
            try {
                turns.add(new Turn(
                        at.text("cover", Turn.LONGEST_NAME),
                        MonthDay.parse(at.text("from", LONGEST_NAME)),
                        at.maybeText("kept", Turn.LONGEST_PLACE)));
            } catch (DateTimeException none) {
                throw new BadPlanFile("turns", "has no day of the year");
            }
            at.done();
        }
        return turns;
    }

    private static List<Move> moves(Cursor thing) throws BadPlanFile {
        List<Move> moves = new ArrayList<>();
        long stock = 0;
        for (Cursor at : thing.objects("moves", MOST_MOVES)) {
            Why why = choice(at);
            OptionalInt undoes = at.has("undoes")
                    ? OptionalInt.of(at.number("undoes", 0, Math.max(0, moves.size() - 1)))
                    : OptionalInt.empty();
            Move move = new Move(why.name(), at.wide("amount", -MOST, MOST), instant(at), undoes);
            boolean twice = undoes.isPresent()
                    && moves.stream().anyMatch(other -> other.undoes().equals(undoes));
            stock += move.amount();
            if (!why.allows(move.amount()) || undoes.isPresent() != (why == Why.UNDONE) || twice || stock < 0) {
                throw new BadPlanFile("moves[" + moves.size() + "]", "cannot have been");
            }
            moves.add(move);
            at.done();
        }
        return moves;
    }

    private static Why choice(Cursor at) throws BadPlanFile {
        String text = at.text("why", LONGEST_NAME);
        for (Why why : Why.values()) {
            if (why.name().equals(text)) {
                return why;
            }
        }
        throw new BadPlanFile("why", "is “" + text + "”, which is no reason");
    }

    private static Instant instant(Cursor at) throws BadPlanFile {
        try {
            return Instant.parse(at.text("at", LONGEST_NAME));
        } catch (DateTimeException none) {
            throw new BadPlanFile("at", "is no moment");
        }
    }
}
