package app.dapt.files.plan;

import app.dapt.cloth.Cloth;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.JoiningKind;
import app.dapt.cover.decision.Alteration;
import app.dapt.cover.decision.Cloths;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.decision.Use;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.front.ExtrasKind;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.files.BadPlanFile;
import app.dapt.files.Cursor;
import app.dapt.files.ExactLength;
import app.dapt.fit.Fit;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A plan as JSON, the same in the store and in the file a person saves; described in {@code docs/plan-format.md} and
 * its schema. What is written reads back exactly; what is not a plan is refused with its place.
 */
public final class PlanJson {

    /** What marks a file as a plan. */
    private static final String KIND = "dapt-cover-plan";
    /** What is written; {@link EarlierPlans} knows what was otherwise before. */
    private static final int FORMAT = 3;

    private static final int MOST_NOTED = 60;

    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private static final Map<Reading, String> READING_NAMES =
            Map.of(Reading.OVER_CROWN, "overCrown", Reading.STRAIGHT_ACROSS, "straightAcross", Reading.LABEL, "label");

    private PlanJson() {}

    /** The plan, indented for people. */
    public static String write(CoverPlan plan) {
        return text(node(plan));
    }

    /** The plan as a part of something larger. */
    public static ObjectNode node(CoverPlan plan) {
        return new Writer(plan.unit()).plan(plan);
    }

    public static ObjectNode object() {
        return JSON.createObjectNode();
    }

    public static String text(ObjectNode node) {
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(node) + "\n";
    }

    public static JsonNode tree(String text) throws BadPlanFile {
        try {
            return JSON.readTree(text);
        } catch (JacksonException e) {
            String where =
                    e.getLocation() == null ? "" : "line " + e.getLocation().getLineNr();
            throw new BadPlanFile(where, "is not JSON (" + e.getOriginalMessage() + ")");
        }
    }

    /**
     * The plan as it will be kept: written, read back and compared.
     *
     * @throws BadPlanFile with the place, where it would not read back the same
     */
    public static String kept(CoverPlan plan) throws BadPlanFile {
        String text = write(plan);
        if (!read(text).equals(plan)) {
            throw new BadPlanFile("", "would not read back the same");
        }
        return text;
    }

    /** The plan that the text holds, in this format or an earlier one. */
    public static CoverPlan read(String text) throws BadPlanFile {
        return plan(Cursor.root(tree(text)));
    }

    /** What a plan that may not read calls itself; empty where it does not. */
    public static String name(String text) {
        try {
            return JSON.readTree(text).path("name").asString("");
        } catch (JacksonException e) {
            return "";
        }
    }

    public static CoverPlan plan(Cursor root) throws BadPlanFile {
        if (!root.has("kind") || !root.text("kind", 80).equals(KIND)) {
            throw new BadPlanFile("kind", "is not “" + KIND + "”: this is not a plan of Dapt’s");
        }
        int format = root.number("format");
        if (format < 1 || format > FORMAT) {
            throw new BadPlanFile("format", "is " + format + "; this Dapt reads formats 1 to " + FORMAT);
        }
        Mark mark = root.choice("mark", Mark.class);
        Choices choices = new Choices(mark.unit(), format < FORMAT);
        EarlierPlans earlier = new EarlierPlans(mark.unit());
        CoverPlan plan = new CoverPlan(
                root.text("name", CoverPlan.LONGEST_NAME),
                mark,
                choices.of(upgraded(root.object("shape"), format, earlier::shape), ShapeKind.ALL),
                form(root.object("form")),
                fit(root.object("fit")),
                choices.of(upgraded(root.object("opening"), format, earlier::opening), OpeningKind.ALL),
                choices.of(root.object("face"), FaceKind.ALL),
                choices.of(upgraded(root.object("extras"), format, earlier::extras), ExtrasKind.ALL),
                choices.of(root.object("edging"), EdgingKind.ALL),
                seam(root.object("seam")),
                choices.of(root.object("joining"), JoiningKind.ALL),
                cloths(root.object("cloths")),
                root.has("use") ? Optional.of(root.choice("use", Use.class)) : Optional.empty(),
                new TreeSet<>(root.texts("noted", MOST_NOTED, 60)));
        root.done();
        return plan;
    }

    private static Cursor upgraded(Cursor at, int format, UnaryOperator<ObjectNode> upgrade) {
        return format < FORMAT ? at.changed(upgrade) : at;
    }

    private static Form form(Cursor at) throws BadPlanFile {
        Readings across = readings(at.object("across"));
        if (across.isEmpty()) {
            throw new BadPlanFile("form.across", "holds no reading; a form is measured across, at least");
        }
        Form form = new Form(
                across,
                at.has("upDown") ? readings(at.object("upDown")) : Readings.NONE,
                at.maybeLength("loft", LengthRange.LOFT),
                at.choice("labelMeans", LabelMeans.class),
                at.choice("filling", Filling.class),
                at.has("round") && at.flag("round"));
        at.done();
        return form;
    }

    private static Readings readings(Cursor at) throws BadPlanFile {
        Readings readings = Readings.NONE;
        for (Reading reading : Reading.values()) {
            readings = readings.with(
                    reading, at.maybeLength(Objects.requireNonNull(READING_NAMES.get(reading)), LengthRange.SIDE));
        }
        at.done();
        return readings;
    }

    private static Fit fit(Cursor at) throws BadPlanFile {
        Fit fit = new Fit(
                at.choice("school", FitSchool.class),
                at.has("schoolUpDown") ? Optional.of(at.choice("schoolUpDown", FitSchool.class)) : Optional.empty(),
                at.length("down", LengthRange.SIZE_DOWN),
                at.length("ownEase", LengthRange.OWN_EASE));
        at.done();
        return fit;
    }

    /**
     * Reads choices.
     *
     * @param unit    the plan's
     * @param earlier whether the file is of an earlier format, in which a detail that has come since is as is usual
     */
    private record Choices(Unit unit, boolean earlier) {

        /** One of a set of kinds, with the details of that kind: {@code "kind": "envelope", "overlap": "4 in", …}. */
        <T extends Detailed> T of(Cursor at, Kinds<T> kinds) throws BadPlanFile {
            Kind<T> kind = at.kind(kinds);
            boolean mayLeaveOut = earlier || kind.mayLeaveOut();
            Details details = kind.usual(unit)
                    .decided()
                    .<BadPlanFile>each(detail -> !mayLeaveOut || at.has(detail.name()) || detail.isOptional()
                            ? detail.match(new Read(at))
                            : detail);
            at.done();
            return kind.with(details);
        }
    }

    /** A detail as a file has it. */
    private record Read(Cursor at) implements Detail.Cases<Detail<?>, BadPlanFile> {

        @Override
        public Detail<?> measure(Detail.Measure detail) throws BadPlanFile {
            return detail.with(at.length(detail.name(), detail.limits()));
        }

        @Override
        public Detail<?> maybe(Detail.MaybeMeasure detail) throws BadPlanFile {
            return detail.with(at.maybeLength(detail.name(), detail.limits()));
        }

        @Override
        public <E extends Enum<E>> Detail<?> oneOf(Detail.OneOf<E> detail) throws BadPlanFile {
            return detail.with(at.choice(detail.name(), detail.type()));
        }

        @Override
        public Detail<?> count(Detail.Count detail) throws BadPlanFile {
            return detail.with(at.number(detail.name(), detail.least(), detail.most()));
        }

        @Override
        public Detail<?> tick(Detail.Tick detail) throws BadPlanFile {
            return detail.with(at.flag(detail.name()));
        }
    }

    private static Seam seam(Cursor at) throws BadPlanFile {
        Seam seam = new Seam(
                at.length("allowance", LengthRange.ALLOWANCE),
                at.choice("finish", SeamFinish.class),
                at.has("altered") ? altered(at.object("altered")) : Alteration.NONE);
        at.done();
        return seam;
    }

    private static Alteration altered(Cursor at) throws BadPlanFile {
        Alteration altered = new Alteration(
                at.length("across", LengthRange.ALTERED),
                at.length("upDown", LengthRange.ALTERED),
                at.length("deeper", LengthRange.ALTERED));
        at.done();
        return altered;
    }

    private static Cloths cloths(Cursor at) throws BadPlanFile {
        Cloth front = ClothJson.read(at.object("front"));
        Cloth back = ClothJson.read(at.object("back"));
        Cloth lining = ClothJson.read(at.object("lining"));
        Cloth trim = ClothJson.read(at.object("trim"));
        at.done();
        try {
            return new Cloths(front, back, lining, trim);
        } catch (IllegalArgumentException e) {
            throw new BadPlanFile("cloths", String.valueOf(e.getMessage()));
        }
    }

    /** Writes lengths in the cover's own unit where that is exact. */
    private record Writer(Unit unit) {

        ObjectNode plan(CoverPlan plan) {
            ObjectNode root = JSON.createObjectNode();
            root.put("kind", KIND)
                    .put("format", FORMAT)
                    .put("name", plan.name())
                    .put("mark", Phrase.code(plan.mark()));
            detailed(root.putObject("shape"), plan.shape());
            form(root.putObject("form"), plan.form());
            ObjectNode fit =
                    root.putObject("fit").put("school", Phrase.code(plan.fit().school()));
            plan.fit().upDown().ifPresent(school -> fit.put("schoolUpDown", Phrase.code(school)));
            fit.put("down", length(plan.fit().down()))
                    .put("ownEase", length(plan.fit().ownEase()));
            detailed(root.putObject("opening"), plan.opening());
            detailed(root.putObject("face"), plan.face());
            detailed(root.putObject("extras"), plan.extras());
            detailed(root.putObject("edging"), plan.edging());
            seam(root.putObject("seam"), plan.seam());
            detailed(root.putObject("joining"), plan.joining());
            ObjectNode cloths = root.putObject("cloths");
            ClothJson.write(cloths.putObject("front"), plan.cloths().front(), unit);
            ClothJson.write(cloths.putObject("back"), plan.cloths().back(), unit);
            ClothJson.write(cloths.putObject("lining"), plan.cloths().lining(), unit);
            ClothJson.write(cloths.putObject("trim"), plan.cloths().trim(), unit);
            plan.use().ifPresent(use -> root.put("use", Phrase.code(use)));
            new TreeSet<>(plan.noted()).forEach(root.putArray("noted")::add);
            return root;
        }

        private void seam(ObjectNode at, Seam seam) {
            at.put("allowance", length(seam.chosen())).put("finish", Phrase.code(seam.finish()));
            Alteration altered = seam.altered();
            if (!altered.isNone()) {
                at.putObject("altered")
                        .put("across", length(altered.across()))
                        .put("upDown", length(altered.upDown()))
                        .put("deeper", length(altered.deeper()));
            }
        }

        private String length(Length length) {
            return ExactLength.write(length, unit);
        }

        private void form(ObjectNode at, Form form) {
            readings(at.putObject("across"), form.across());
            if (!form.upDown().isEmpty()) {
                readings(at.putObject("upDown"), form.upDown());
            }
            put(at, "loft", form.loft());
            at.put("labelMeans", Phrase.code(form.labelMeans())).put("filling", Phrase.code(form.filling()));
            if (form.round()) {
                at.put("round", true);
            }
        }

        private void readings(ObjectNode at, Readings readings) {
            for (Reading reading : Reading.values()) {
                put(at, Objects.requireNonNull(READING_NAMES.get(reading)), readings.get(reading));
            }
        }

        private void put(ObjectNode at, String name, Optional<Length> length) {
            length.ifPresent(l -> at.put(name, length(l)));
        }

        private void detailed(ObjectNode at, Detailed choice) {
            at.put("kind", choice.kind().code());
            List<Detail<?>> usual =
                    choice.kind().mayLeaveOut() ? choice.kind().usual(unit).details() : List.of();
            choice.details().stream()
                    .filter(detail -> usual.stream().noneMatch(each -> isSame(each, detail)))
                    .forEach(detail -> detail.match(new Written(at)));
        }

        private static boolean isSame(Detail<?> one, Detail<?> other) {
            return one.name().equals(other.name()) && one.value().equals(other.value());
        }

        /** A detail as it is written. */
        private final class Written implements Detail.Cases<ObjectNode, RuntimeException> {

            private final ObjectNode at;

            Written(ObjectNode at) {
                this.at = at;
            }

            @Override
            public ObjectNode measure(Detail.Measure detail) {
                return at.put(detail.name(), length(detail.value()));
            }

            @Override
            public ObjectNode maybe(Detail.MaybeMeasure detail) {
                Writer.this.put(at, detail.name(), detail.value());
                return at;
            }

            @Override
            public <E extends Enum<E>> ObjectNode oneOf(Detail.OneOf<E> detail) {
                return at.put(detail.name(), Phrase.code(detail.value()));
            }

            @Override
            public ObjectNode count(Detail.Count detail) {
                return at.put(detail.name(), detail.value());
            }

            @Override
            public ObjectNode tick(Detail.Tick detail) {
                return at.put(detail.name(), detail.value());
            }
        }
    }
}
