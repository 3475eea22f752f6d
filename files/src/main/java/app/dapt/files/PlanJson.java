package app.dapt.files;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cover.Cloths;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.EnvelopeOpening;
import app.dapt.cover.EnvelopeOpening.Asked;
import app.dapt.cover.EnvelopeOpening.ByRule;
import app.dapt.cover.EnvelopeOpening.Depth;
import app.dapt.cover.EnvelopeOpening.PanelChoice;
import app.dapt.cover.Hem;
import app.dapt.cover.Limits;
import app.dapt.cover.Opening;
import app.dapt.cover.RuleOfThumb;
import app.dapt.cover.Seam;
import app.dapt.cover.SeamFinish;
import app.dapt.cover.Shape;
import app.dapt.fit.Fit;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A plan as JSON, the same in the store and in the file a person saves; described in {@code docs/plan-format.md} and
 * its schema. What is written reads back exactly; what is not a plan is refused with its place.
 */
public final class PlanJson {

    /** What marks a file as a plan. */
    private static final String KIND = "dapt-cover-plan";
    /** The only format there is so far. */
    private static final int FORMAT = 1;
    private static final int MOST_NOTED = 60;
    private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");

    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private static final Map<Reading, String> READING_NAMES = Map.of(Reading.OVER_CROWN, "overCrown",
            Reading.STRAIGHT_ACROSS, "straightAcross", Reading.LABEL, "label");

    private PlanJson() {
    }

    /** The plan, indented for people. */
    public static String write(CoverPlan plan) {
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(new Writer(plan.unit()).plan(plan)) + "\n";
    }

    /** The plan that the text holds. */
    public static CoverPlan read(String text) throws BadPlanFile {
        try {
            Cursor root = Cursor.root(JSON.readTree(text));
            CoverPlan plan = plan(root);
            root.done();
            return plan;
        } catch (JacksonException e) {
            String where = e.getLocation() == null ? "" : "line " + e.getLocation().getLineNr();
            throw new BadPlanFile(where, "is not JSON (" + e.getOriginalMessage() + ")");
        }
    }

    private static CoverPlan plan(Cursor root) throws BadPlanFile {
        if (!root.has("kind") || !root.text("kind", 80).equals(KIND)) {
            throw new BadPlanFile("kind", "is not “" + KIND + "”: this is not a plan of Dapt’s");
        }
        int format = root.number("format");
        if (format != FORMAT) {
            throw new BadPlanFile("format", "is " + format + "; this Dapt reads format " + FORMAT);
        }
        return new CoverPlan(root.text("name", CoverPlan.LONGEST_NAME), root.choice("mark", Mark.class),
                root.choice("shape", Shape.class), form(root.object("form")), fit(root.object("fit")),
                opening(root.object("opening")), seam(root.object("seam")), cloths(root.object("cloths")),
                new TreeSet<>(root.texts("noted", MOST_NOTED, 60)));
    }

    private static Form form(Cursor at) throws BadPlanFile {
        Readings across = readings(at.object("across"));
        if (across.isEmpty()) {
            throw new BadPlanFile("form.across", "holds no reading; a form is measured across, at least");
        }
        Form form = new Form(across, at.has("upDown") ? readings(at.object("upDown")) : Readings.NONE,
                at.maybeLength("loft", Limits.LOFT), at.choice("labelMeans", LabelMeans.class),
                at.choice("filling", Filling.class));
        at.done();
        return form;
    }

    private static Readings readings(Cursor at) throws BadPlanFile {
        Readings readings = Readings.NONE;
        for (Reading reading : Reading.values()) {
            readings = readings.with(reading, at.maybeLength(READING_NAMES.get(reading), Limits.SIDE));
        }
        at.done();
        return readings;
    }

    private static Fit fit(Cursor at) throws BadPlanFile {
        Fit fit = new Fit(at.choice("school", FitSchool.class), at.length("down", Limits.SIZE_DOWN),
                at.length("ownEase", Limits.OWN_EASE));
        at.done();
        return fit;
    }

    private static Opening opening(Cursor at) throws BadPlanFile {
        at.text("kind", Pattern.compile("envelope"), "envelope");
        Depth depth = at.has("rule") ? new ByRule(at.choice("rule", RuleOfThumb.class))
                : new Asked(at.length("overlap", Limits.OVERLAP));
        Opening opening = new EnvelopeOpening(at.choice("runs", Axis.class), depth, at.maybeLength("centre", Limits.CENTRE),
                at.flag("firstOutside"), panel(at.object("first")), panel(at.object("second")));
        at.done();
        return opening;
    }

    private static PanelChoice panel(Cursor at) throws BadPlanFile {
        Cursor hem = at.object("hem");
        PanelChoice panel = new PanelChoice(new Hem(hem.choice("kind", Hem.Kind.class),
                hem.length("first", Limits.TURN), hem.length("second", Limits.TURN)), at.flag("turned"));
        hem.done();
        at.done();
        return panel;
    }

    private static Seam seam(Cursor at) throws BadPlanFile {
        Seam seam = new Seam(at.length("allowance", Limits.ALLOWANCE), at.choice("finish", SeamFinish.class));
        at.done();
        return seam;
    }

    private static Cloths cloths(Cursor at) throws BadPlanFile {
        Cloths cloths = new Cloths(cloth(at.object("front")), cloth(at.object("back")), cloth(at.object("lining")));
        at.done();
        return cloths;
    }

    private static Cloth cloth(Cursor at) throws BadPlanFile {
        Cloth cloth = new Cloth(at.text("name", Cloth.LONGEST_NAME), at.text("colour", COLOUR, "#31507e"),
                at.choice("print", Print.class), at.length("width", Limits.CLOTH_WIDTH), at.flag("nap"));
        at.done();
        return cloth;
    }

    /** Writes lengths in the cover's own unit where that is exact. */
    private record Writer(Unit unit) {

        ObjectNode plan(CoverPlan plan) {
            ObjectNode root = JSON.createObjectNode();
            root.put("kind", KIND).put("format", FORMAT).put("name", plan.name())
                    .put("mark", Phrase.code(plan.mark())).put("shape", Phrase.code(plan.shape()));
            form(root.putObject("form"), plan.form());
            root.putObject("fit").put("school", Phrase.code(plan.fit().school()))
                    .put("down", length(plan.fit().down())).put("ownEase", length(plan.fit().ownEase()));
            envelope(root.putObject("opening"), (EnvelopeOpening) plan.opening());
            root.putObject("seam").put("allowance", length(plan.seam().chosen()))
                    .put("finish", Phrase.code(plan.seam().finish()));
            ObjectNode cloths = root.putObject("cloths");
            cloth(cloths.putObject("front"), plan.cloths().front());
            cloth(cloths.putObject("back"), plan.cloths().back());
            cloth(cloths.putObject("lining"), plan.cloths().lining());
            new TreeSet<>(plan.noted()).forEach(root.putArray("noted")::add);
            return root;
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
        }

        private void readings(ObjectNode at, Readings readings) {
            for (Reading reading : Reading.values()) {
                put(at, READING_NAMES.get(reading), readings.get(reading));
            }
        }

        private void put(ObjectNode at, String name, Optional<Length> length) {
            length.ifPresent(l -> at.put(name, length(l)));
        }

        private void envelope(ObjectNode at, EnvelopeOpening opening) {
            at.put("kind", "envelope").put("runs", Phrase.code(opening.runs()));
            if (opening.depth() instanceof ByRule byRule) {
                at.put("rule", Phrase.code(byRule.rule()));
            } else if (opening.depth() instanceof Asked asked) {
                at.put("overlap", length(asked.overlap()));
            }
            put(at, "centre", opening.centre());
            at.put("firstOutside", opening.firstOutside());
            panel(at.putObject("first"), opening.first());
            panel(at.putObject("second"), opening.second());
        }

        private void panel(ObjectNode at, PanelChoice panel) {
            at.putObject("hem").put("kind", Phrase.code(panel.hem().kind()))
                    .put("first", length(panel.hem().first())).put("second", length(panel.hem().second()));
            at.put("turned", panel.turned());
        }

        private void cloth(ObjectNode at, Cloth cloth) {
            at.put("name", cloth.name()).put("colour", cloth.colour()).put("print", Phrase.code(cloth.print()))
                    .put("width", length(cloth.width())).put("nap", cloth.nap());
        }
    }
}
