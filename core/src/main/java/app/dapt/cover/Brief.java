package app.dapt.cover;

import app.dapt.cover.front.Extras;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.form.Reading;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece.Material;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The plan as one sentence, in which every decision is a phrase of its own. */
public record Brief(List<Part> parts) {

    /** What a phrase of the brief decides. */
    public enum Decision {
        SHAPE,
        MEASURE,
        FIT,
        OPENING,
        SEAM,
        EDGE,
        FACE,
        EXTRAS,
        FRONT,
        BACK,
        JOIN
    }

    /** Some words, and the decision they stand for where they stand for one. */
    public record Part(Optional<Decision> decision, Phrase words) {}

    public Brief {
        parts = List.copyOf(parts);
    }

    public static Brief of(Reckoned reckoned) {
        CoverPlan plan = reckoned.plan();
        List<Part> parts = new ArrayList<>();
        parts.add(new Part(Optional.empty(), plan.shape().kind().phrase("brief.a")));
        decided(parts, Decision.SHAPE, plan.shape().brief());
        said(parts, plan.shape().forms() > 1 ? "brief.for-forms" : "brief.for-a-form");
        decided(parts, Decision.MEASURE, measure(plan.form()));
        said(parts, "brief.comma");
        decided(parts, Decision.FIT, fit(plan));
        said(parts, "brief.with");
        decided(parts, Decision.OPENING, plan.opening().brief(reckoned.back()));
        said(parts, "brief.and");
        decided(
                parts,
                Decision.SEAM,
                Phrase.of(
                        "brief.seam",
                        reckoned.allowance(),
                        Phrase.choice("finish", plan.seam().finish())));
        said(parts, "brief.comma");
        decided(parts, Decision.EDGE, plan.edging().brief());
        said(parts, "brief.front");
        decided(parts, Decision.FACE, plan.face().kind().phrase("brief.face"));
        decided(parts, Decision.EXTRAS, extras(plan.extras()));
        said(parts, "brief.front-in");
        decided(
                parts,
                Decision.FRONT,
                Phrase.of("brief.cloth", plan.cloths().front().name()));
        if (reckoned.pieces().stream().anyMatch(piece -> piece.material() != Material.FRONT)) {
            said(parts, "brief.back-in");
            decided(
                    parts,
                    Decision.BACK,
                    Phrase.of("brief.cloth", plan.cloths().back().name()));
        }
        if (reckoned.isJoined() || plan.joining().joins()) {
            said(parts, "brief.comma");
            decided(parts, Decision.JOIN, plan.joining().kind().phrase("brief.join"));
        }
        said(parts, "brief.end");
        return new Brief(parts);
    }

    /** The extras as a list in words, or the invitation to add some. */
    private static Phrase extras(Extras extras) {
        return extras.brief().stream()
                .reduce((all, next) -> Phrase.of("brief.extra.and", all, next))
                .map(all -> Phrase.of("brief.extra.with", all))
                .orElse(Phrase.of("brief.extra.none"));
    }

    private static void said(List<Part> parts, String code) {
        parts.add(new Part(Optional.empty(), Phrase.of(code)));
    }

    private static void decided(List<Part> parts, Decision decision, Phrase words) {
        parts.add(new Part(Optional.of(decision), words));
    }

    private static Phrase fit(CoverPlan plan) {
        Phrase across = fit(plan, plan.fit().school());
        return plan.fit()
                .upDown()
                .filter(other -> other != plan.fit().school())
                .map(other -> Phrase.of("brief.fit.each-way", across, fit(plan, other)))
                .orElse(across);
    }

    private static Phrase fit(CoverPlan plan, FitSchool school) {
        String code = "brief.fit." + Phrase.code(school);
        return switch (school) {
            case SIZE_DOWN -> Phrase.of(code, plan.fit().down());
            case MY_OWN -> Phrase.of(code, plan.fit().ownEase());
            default -> Phrase.of(code);
        };
    }

    private static Phrase measure(Form form) {
        Reading best = form.across().trusted();
        Length across = form.across().get(best).orElseThrow();
        Optional<Reading> other = form.upDown().isEmpty()
                ? Optional.empty()
                : Optional.of(form.upDown().trusted());
        Phrase way = Phrase.choice("brief.reading", best);
        if (other.isEmpty()) {
            return Phrase.of("brief.measure-one", across, way);
        }
        Length upDown = form.upDown().get(other.get()).orElseThrow();
        return other.get() == best
                ? Phrase.of("brief.measure-two", across, upDown, way)
                : Phrase.of("brief.measure-mixed", across, way, upDown, Phrase.choice("brief.reading", other.get()));
    }
}
