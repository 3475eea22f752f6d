package app.dapt.files;

import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import app.dapt.cover.decision.LengthRange;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.PlainText;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** An object in a plan file and the way to it, so that whatever is wrong can be said together with its place. */
public final class Cursor {

    private final JsonNode node;
    private final String path;
    private final Set<String> asked = new LinkedHashSet<>();

    private Cursor(JsonNode node, String path) {
        this.node = node;
        this.path = path;
    }

    public static Cursor root(JsonNode node) throws BadPlanFile {
        if (!node.isObject()) {
            throw new BadPlanFile("", "is not a JSON object");
        }
        return new Cursor(node, "");
    }

    private String at(String name) {
        return path.isEmpty() ? name : path + "." + name;
    }

    private Optional<JsonNode> find(String name) {
        asked.add(name);
        return Optional.ofNullable(node.get(name));
    }

    private JsonNode need(String name) throws BadPlanFile {
        return find(name).orElseThrow(() -> new BadPlanFile(at(name), "is missing"));
    }

    public boolean has(String name) {
        return find(name).isPresent();
    }

    /** Whether it is there and is not null. */
    public boolean says(String name) {
        return find(name).filter(child -> !child.isNull()).isPresent();
    }

    public Cursor object(String name) throws BadPlanFile {
        JsonNode child = need(name);
        if (!child.isObject()) {
            throw new BadPlanFile(at(name), "is not an object");
        }
        return new Cursor(child, at(name));
    }

    /** The same place with what an earlier format had there put as it is written now. */
    public Cursor changed(UnaryOperator<ObjectNode> upgrade) {
        return new Cursor(upgrade.apply((ObjectNode) node.deepCopy()), path);
    }

    /** The objects of a list. */
    public List<Cursor> objects(String name, int most) throws BadPlanFile {
        JsonNode child = need(name);
        if (!child.isArray() || child.size() > most) {
            throw new BadPlanFile(at(name), "is not a list of at most " + most);
        }
        List<Cursor> objects = new ArrayList<>();
        for (int i = 0; i < child.size(); i++) {
            if (!child.get(i).isObject()) {
                throw new BadPlanFile(at(name) + "[" + i + "]", "is not an object");
            }
            objects.add(new Cursor(child.get(i), at(name) + "[" + i + "]"));
        }
        return objects;
    }

    /** The names of everything in it, all of them counted as asked for. */
    public List<String> names() {
        asked.addAll(node.propertyNames());
        return List.copyOf(node.propertyNames());
    }

    public String text(String name, int longest) throws BadPlanFile {
        JsonNode child = need(name);
        if (!child.isString()) {
            throw new BadPlanFile(at(name), "is not a text");
        }
        String text = PlainText.line(child.stringValue());
        if (text.isEmpty() || text.length() > longest) {
            throw new BadPlanFile(at(name), "is not a text of 1 to " + longest + " characters on one line");
        }
        return text;
    }

    /** A text that may be empty. */
    public String maybeText(String name, int longest) throws BadPlanFile {
        JsonNode child = need(name);
        return child.isString() && child.stringValue().isEmpty() ? "" : text(name, longest);
    }

    /** An object as the text it is, whatever it holds. */
    public String json(String name) throws BadPlanFile {
        object(name);
        return need(name).toString();
    }

    public String text(String name, Pattern pattern, String example) throws BadPlanFile {
        String text = text(name, 80);
        if (!pattern.matcher(text).matches()) {
            throw new BadPlanFile(at(name), "is “" + text + "”, not like " + example);
        }
        return text;
    }

    public int number(String name) throws BadPlanFile {
        JsonNode child = need(name);
        if (!child.isIntegralNumber() || !child.canConvertToInt()) {
            throw new BadPlanFile(at(name), "is not a whole number");
        }
        return child.intValue();
    }

    public int number(String name, int least, int most) throws BadPlanFile {
        int number = number(name);
        if (number < least || number > most) {
            throw new BadPlanFile(at(name), "is " + number + ", not from " + least + " to " + most);
        }
        return number;
    }

    /** The same beyond what an int holds. */
    public long wide(String name, long least, long most) throws BadPlanFile {
        JsonNode child = need(name);
        if (!child.isIntegralNumber()
                || !child.canConvertToLong()
                || child.longValue() < least
                || child.longValue() > most) {
            throw new BadPlanFile(at(name), "is not a whole number from " + least + " to " + most);
        }
        return child.longValue();
    }

    public boolean flag(String name) throws BadPlanFile {
        JsonNode child = need(name);
        if (!child.isBoolean()) {
            throw new BadPlanFile(at(name), "is neither true nor false");
        }
        return child.booleanValue();
    }

    public <E extends Enum<?>> E choice(String name, Class<E> choices) throws BadPlanFile {
        String text = text(name, 40);
        for (E choice : choices.getEnumConstants()) {
            if (Phrase.code(choice).equals(text)) {
                return choice;
            }
        }
        String known =
                Arrays.stream(choices.getEnumConstants()).map(Phrase::code).collect(Collectors.joining(", "));
        throw new BadPlanFile(at(name), "is “" + text + "”, not one of " + known);
    }

    /** The kind of a decision. */
    public <T extends Detailed> Kind<T> kind(Kinds<T> kinds) throws BadPlanFile {
        String text = text("kind", 40);
        return kinds.coded(text)
                .orElseThrow(() -> new BadPlanFile(at("kind"), "is “" + text + "”, not one of " + kinds.codes()));
    }

    public Length length(String name, LengthRange limits) throws BadPlanFile {
        String text = text(name, 40);
        Length length = ExactLength.read(text)
                .orElseThrow(() ->
                        new BadPlanFile(at(name), "is “" + text + "”, not a length like “14 5/8 in” or “37.2 cm”"));
        if (!limits.allows(length)) {
            throw new BadPlanFile(at(name), "is " + text + ", out of bounds");
        }
        return length;
    }

    public Optional<Length> maybeLength(String name, LengthRange limits) throws BadPlanFile {
        return has(name) ? Optional.of(length(name, limits)) : Optional.empty();
    }

    public List<String> texts(String name, int most, int longest) throws BadPlanFile {
        JsonNode child = need(name);
        boolean fine = child.isArray() && child.size() <= most;
        for (JsonNode item : child) {
            fine = fine
                    && item.isString()
                    && item.stringValue().length() <= longest
                    && PlainText.isLine(item.stringValue());
        }
        if (!fine) {
            throw new BadPlanFile(at(name), "is not a list of at most " + most + " short texts");
        }
        return child.valueStream().map(JsonNode::stringValue).toList();
    }

    /** Refuses what nobody asked for: a misspelt name must not pass for a default. */
    public void done() throws BadPlanFile {
        for (String name : node.propertyNames()) {
            if (!asked.contains(name)) {
                throw new BadPlanFile(at(name), "is not known here");
            }
        }
    }
}
