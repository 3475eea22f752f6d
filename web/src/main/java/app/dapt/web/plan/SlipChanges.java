package app.dapt.web.plan;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.EnvelopeOpening;
import app.dapt.cover.EnvelopeOpening.Asked;
import app.dapt.cover.EnvelopeOpening.ByRule;
import app.dapt.cover.EnvelopeOpening.Depth;
import app.dapt.cover.EnvelopeOpening.PanelChoice;
import app.dapt.cover.Hem;
import app.dapt.cover.Limits;
import app.dapt.cover.Reckoner;
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
import app.dapt.piece.Piece.Material;
import app.dapt.web.Entries;
import java.util.Optional;
import java.util.regex.Pattern;

/** From the fields of each slip to the plan. */
final class SlipChanges {

    private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");

    private SlipChanges() {
    }

    static CoverPlan name(CoverPlan plan, Entries entries) {
        return plan.withName(entries.text("name", CoverPlan.LONGEST_NAME, plan.name()));
    }

    static CoverPlan shape(CoverPlan plan, Entries entries) {
        return plan.withShape(entries.choice("shape", Shape.class, plan.shape()));
    }

    static CoverPlan measure(CoverPlan plan, Entries entries) {
        Form form = plan.form();
        Readings across = readings("across", form.across(), entries);
        if (across.isEmpty()) {
            entries.refuse("across-over-crown", "entry.one-reading");
            across = form.across();
        }
        return plan.withForm(new Form(across, readings("up-down", form.upDown(), entries),
                entries.maybeLength("loft", Limits.LOFT, form.loft()),
                entries.choice("label-means", LabelMeans.class, form.labelMeans()),
                entries.choice("filling", Filling.class, form.filling())));
    }

    private static Readings readings(String axis, Readings standing, Entries entries) {
        Readings readings = standing;
        for (Reading reading : Reading.values()) {
            readings = readings.with(reading, entries.maybeLength(axis + "-" + Phrase.code(reading), Limits.SIDE,
                    standing.get(reading)));
        }
        return readings;
    }

    static CoverPlan fit(CoverPlan plan, Entries entries) {
        return plan.withFit(new Fit(entries.choice("school", FitSchool.class, plan.fit().school()),
                entries.length("down", Limits.SIZE_DOWN, plan.fit().down()),
                entries.length("own-ease", Limits.OWN_EASE, plan.fit().ownEase())));
    }

    static CoverPlan opening(CoverPlan plan, Entries entries) {
        EnvelopeOpening standing = (EnvelopeOpening) plan.opening();
        boolean firstOutside = entries.raw("outside").map("first"::equals).orElse(standing.firstOutside());
        return plan.withOpening(new EnvelopeOpening(entries.choice("runs", Axis.class, standing.runs()),
                depth(plan, standing, entries), centre(standing, entries), firstOutside,
                panel("first", standing.first(), plan.unit(), entries),
                panel("second", standing.second(), plan.unit(), entries)));
    }

    /** A new figure in the overlap field beats the rule that was chosen before; a rule chosen now beats the figure. */
    private static Depth depth(CoverPlan plan, EnvelopeOpening standing, Entries entries) {
        Length shown = Reckoner.reckon(plan).back().overlap();
        Length asked = entries.length("overlap", Limits.OVERLAP, Length.max(Length.ZERO, shown));
        boolean typed = !asked.equals(Length.max(Length.ZERO, shown));
        String rule = entries.raw("rule").orElse("");
        String standingRule = standing.depth() instanceof ByRule byRule ? Phrase.code(byRule.rule()) : "own";
        if (typed && rule.equals(standingRule)) {
            return new Asked(asked);
        }
        if (rule.equals("own")) {
            return standing.depth() instanceof Asked ? standing.depth() : new Asked(asked);
        }
        for (RuleOfThumb known : RuleOfThumb.values()) {
            if (Phrase.code(known).equals(rule)) {
                return new ByRule(known);
            }
        }
        return standing.depth();
    }

    private static Optional<Length> centre(EnvelopeOpening standing, Entries entries) {
        return entries.maybeLength("centre", Limits.CENTRE, standing.centre());
    }

    private static PanelChoice panel(String which, PanelChoice standing, Unit unit, Entries entries) {
        Hem typed = new Hem(standing.hem().kind(), entries.length(which + "-turn-one", Limits.TURN, standing.hem().first()),
                entries.length(which + "-turn-two", Limits.TURN, standing.hem().second()));
        String chosen = entries.raw(which + "-hem").orElse("");
        Hem hem = chosen.equals(hemName(standing.hem(), unit)) ? typed : named(chosen, typed, unit);
        return new PanelChoice(hem, entries.ticked(which + "-turned", standing.turned()));
    }

    private static Hem named(String name, Hem standing, Unit unit) {
        for (Hem.Usual usual : Hem.Usual.values()) {
            if (Phrase.code(usual).equals(name)) {
                return usual.hem(unit);
            }
        }
        for (Hem.Kind kind : Hem.Kind.values()) {
            if (Phrase.code(kind).equals(name)) {
                return standing.withKind(kind);
            }
        }
        return standing;
    }

    /** What the list of hems calls this one. */
    static String hemName(Hem hem, Unit unit) {
        if (hem.kind() != Hem.Kind.DOUBLE) {
            return Phrase.code(hem.kind());
        }
        for (Hem.Usual usual : Hem.Usual.values()) {
            if (usual.hem(unit).equals(hem)) {
                return Phrase.code(usual);
            }
        }
        return "double";
    }

    static CoverPlan seam(CoverPlan plan, Entries entries) {
        return plan.withSeam(new Seam(entries.length("allowance", Limits.ALLOWANCE, plan.seam().chosen()),
                        entries.choice("finish", SeamFinish.class, plan.seam().finish())))
                .withMark(entries.choice("mark", Mark.class, plan.mark()));
    }

    static CoverPlan front(CoverPlan plan, Entries entries) {
        return cloth(plan, Material.FRONT, entries);
    }

    static CoverPlan back(CoverPlan plan, Entries entries) {
        return cloth(cloth(plan, Material.BACK, entries), Material.LINING, entries);
    }

    private static CoverPlan cloth(CoverPlan plan, Material material, Entries entries) {
        String prefix = Phrase.code(material);
        Cloth standing = plan.cloths().of(material);
        String colour = entries.raw(prefix + "-colour").filter(c -> COLOUR.matcher(c).matches()).orElse(standing.colour());
        return plan.withCloths(plan.cloths().with(material, new Cloth(
                entries.text(prefix + "-name", Cloth.LONGEST_NAME, standing.name()), colour,
                entries.choice(prefix + "-print", Print.class, standing.print()),
                entries.length(prefix + "-width", Limits.CLOTH_WIDTH, standing.width()),
                entries.ticked(prefix + "-nap", standing.nap()))));
    }
}
