package app.dapt.web.plan;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.JoiningKind;
import app.dapt.cover.decision.Alteration;
import app.dapt.cover.decision.Cloths;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Kinds;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.decision.Use;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.front.ExtrasKind;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.files.ExactLength;
import app.dapt.fit.Fit;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.SizeReader.Size;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece.Material;
import app.dapt.web.entry.ClothEntry;
import app.dapt.web.entry.Entries;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** From the fields of each slip to the plan. */
final class SlipChanges {

    private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");

    private SlipChanges() {}

    /** The field that a place in the plan was typed into; {@code plan} where it was none of these. */
    static String fieldAt(String where, Map<String, String> typed) {
        String[] path = where.split("\\.");
        String last = path[path.length - 1];
        String both = path.length < 2 ? last : path[path.length - 2] + "-" + last;
        return Stream.of(last, both, kebab(both), kebab(last))
                .filter(typed::containsKey)
                .findFirst()
                .orElse("plan");
    }

    private static String kebab(String name) {
        return name.replaceAll("([A-Z])", "-$1").toLowerCase(Locale.ROOT);
    }

    static CoverPlan name(CoverPlan plan, Entries entries) {
        return plan.withName(entries.text("name", CoverPlan.LONGEST_NAME, plan.name()));
    }

    static CoverPlan shape(CoverPlan plan, Entries entries) {
        Shape shape = detailed("shape", ShapeKind.ALL, plan.shape(), plan.unit(), entries);
        CoverPlan shaped = plan.withShape(shape);
        // An opening that only has to run the other way to go with the new shape is turned with it.
        return shape.kind() == plan.shape().kind()
                ? shaped
                : shaped.withOpening(plan.opening().suitedTo(shape));
    }

    static CoverPlan measure(CoverPlan plan, Entries entries) {
        Optional<CoverPlan> picked =
                entries.raw(ShelfPicks.FORM).flatMap(ShelfPicks::size).flatMap(size -> ShelfPicks.withForm(plan, size));
        if (picked.isPresent()) {
            return picked.get();
        }
        Form form = plan.form();
        Optional<Size> size = entries.sizeIn("across-over-crown");
        if (size.isPresent()) {
            return plan.withForm(form.withAcross(form.across()
                            .with(Reading.OVER_CROWN, Optional.of(size.get().across())))
                    .withUpDown(form.upDown()
                            .with(Reading.OVER_CROWN, Optional.of(size.get().upDown()))));
        }
        Readings across = readings("across", form.across(), entries);
        if (across.isEmpty()) {
            entries.refuse("across-over-crown", "entry.one-reading");
            across = form.across();
        }
        return plan.withForm(new Form(
                across,
                readings("up-down", form.upDown(), entries),
                entries.maybeLength("loft", LengthRange.LOFT, form.loft()),
                entries.choice("label-means", LabelMeans.class, form.labelMeans()),
                entries.choice("filling", Filling.class, form.filling()),
                entries.ticked("round-form", form.round())));
    }

    private static Readings readings(String axis, Readings standing, Entries entries) {
        Readings readings = standing;
        for (Reading reading : Reading.values()) {
            readings = readings.with(
                    reading,
                    entries.maybeLength(axis + "-" + Phrase.code(reading), LengthRange.SIDE, standing.get(reading)));
        }
        return readings;
    }

    static CoverPlan fit(CoverPlan plan, Entries entries) {
        Optional<FitSchool> upDown = entries.raw("school-up-down")
                .map(code -> Stream.of(FitSchool.values())
                        .filter(each -> Phrase.code(each).equals(code))
                        .findFirst())
                .orElse(plan.fit().upDown());
        CoverPlan fitted = plan.withFit(new Fit(
                entries.choice("school", FitSchool.class, plan.fit().school()),
                upDown,
                entries.length("down", LengthRange.SIZE_DOWN, plan.fit().down()),
                entries.length("own-ease", LengthRange.OWN_EASE, plan.fit().ownEase())));
        return entries.ticked("altered", true)
                ? fitted
                : fitted.withSeam(fitted.seam().withAltered(Alteration.NONE));
    }

    static CoverPlan opening(CoverPlan plan, Entries entries) {
        Optional<CoverPlan> picked = entries.raw(ShelfPicks.ZIP)
                .flatMap(ExactLength::read)
                .flatMap(length -> ShelfPicks.withZip(plan, length));
        if (picked.isPresent()) {
            return picked.get();
        }
        Opening opening = detailed("opening", OpeningKind.ALL, plan.opening(), plan.unit(), entries);
        return opening.kind() == plan.opening().kind() ? plan.withOpening(opening) : DefaultPlan.closing(plan, opening);
    }

    static CoverPlan face(CoverPlan plan, Entries entries) {
        return plan.withFace(detailed("face", FaceKind.ALL, plan.face(), plan.unit(), entries));
    }

    static CoverPlan edge(CoverPlan plan, Entries entries) {
        CoverPlan edged = plan.withEdging(detailed("edging", EdgingKind.ALL, plan.edging(), plan.unit(), entries));
        return cloth(edged, Material.TRIM, entries);
    }

    static CoverPlan extras(CoverPlan plan, Entries entries) {
        CoverPlan added = plan.withExtras(detailed("extras", ExtrasKind.ALL, plan.extras(), plan.unit(), entries));
        return cloth(added, Material.TRIM, entries);
    }

    static CoverPlan join(CoverPlan plan, Entries entries) {
        return plan.withJoining(detailed("joining", JoiningKind.ALL, plan.joining(), plan.unit(), entries));
    }

    /** A choice of another kind keeps what the two have in common; then the fields are read into its details. */
    private static <T extends Detailed> T detailed(
            String field, Kinds<T> kinds, T standing, Unit unit, Entries entries) {
        Kind<T> kind = entries.kind(field, kinds, standing);
        Detailed chosen = kind == standing.kind() ? standing : kind.insteadOf(standing, unit);
        return kind.with(chosen.decided().each(entries::entered));
    }

    static CoverPlan seam(CoverPlan plan, Entries entries) {
        return plan.withSeam(plan.seam()
                        .withChosen(entries.length(
                                "allowance", LengthRange.ALLOWANCE, plan.seam().chosen()))
                        .withFinish(entries.choice(
                                "finish", SeamFinish.class, plan.seam().finish())))
                .withMark(entries.choice("mark", Mark.class, plan.mark()));
    }

    static CoverPlan front(CoverPlan plan, Entries entries) {
        return cloth(plan, Material.FRONT, entries);
    }

    static CoverPlan back(CoverPlan plan, Entries entries) {
        return cloth(cloth(plan, Material.BACK, entries), Material.LINING, entries);
    }

    /** A cloth's fields change it wherever it is used, unless it is chosen to be another's, or one of its own. */
    private static CoverPlan cloth(CoverPlan plan, Material material, Entries entries) {
        String prefix = Phrase.code(material);
        Cloths cloths = plan.cloths();
        Optional<Material> asked = entries.raw(prefix + "-of").flatMap(of -> Stream.of(Material.FRONT, Material.BACK)
                .filter(each -> each != material && Phrase.code(each).equals(of))
                .findFirst());
        if (asked.isPresent()) {
            return plan.withCloths(cloths.with(material, cloths.of(asked.get())));
        }
        if (entries.raw(prefix + "-of").filter("own"::equals).isPresent()
                && sharedWith(cloths, material).isPresent()) {
            // What its fields were was never shown, so there is nothing in them yet.
            return plan.withCloths(cloths.apart(material));
        }
        Cloth standing = cloths.of(material);
        Optional<Cloth> picked =
                ClothEntry.picked(prefix + "-same", entries).or(() -> ClothEntry.picked(prefix + "-pick", entries));
        if (picked.isPresent()) {
            // The other fields still show what was there before.
            return plan.withCloths(cloths.changing(standing.id(), each -> picked.get()));
        }
        String colour = entries.raw(prefix + "-colour")
                .filter(c -> COLOUR.matcher(c).matches())
                .orElse(standing.colour());
        Cloth named = new Cloth(
                standing.id(),
                entries.text(prefix + "-name", Cloth.LONGEST_NAME, standing.name()),
                colour,
                entries.choice(prefix + "-print", Print.class, standing.print()),
                entries.length(prefix + "-width", LengthRange.CLOTH_WIDTH, standing.width()),
                entries.ticked(prefix + "-nap", standing.nap()),
                entries.hundredths(prefix + "-price", Cloth.DEAREST, standing.price()),
                entries.ticked(prefix + "-sideways", standing.sideways()),
                standing.ownRepeat(),
                standing.shrinkage(),
                standing.photo(),
                entries.ticked(prefix + "-synthetic", standing.synthetic()),
                ClothEntry.character(standing.character(), prefix, entries));
        Cloth cloth = ClothEntry.used(named, prefix, entries);
        return plan.withCloths(cloths.changing(standing.id(), each -> cloth));
    }

    /** What it is for; whatever is none of the uses takes it back. */
    static CoverPlan use(CoverPlan plan, Entries entries) {
        return plan.withUse(entries.raw("use")
                .map(code -> Stream.of(Use.values())
                        .filter(use -> Phrase.code(use).equals(code))
                        .findFirst())
                .orElse(plan.use()));
    }

    /** The front or the back, where a place has its cloth. */
    static Optional<Material> sharedWith(Cloths cloths, Material material) {
        return Stream.of(Material.FRONT, Material.BACK)
                .filter(each -> each.compareTo(material) < 0
                        && cloths.of(each).id() == cloths.of(material).id())
                .findFirst();
    }
}
