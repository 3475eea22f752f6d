package app.dapt.cover;

import app.dapt.cover.decision.Alteration;
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
        JOIN,
        USE
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
        said(
                parts,
                plan.shape().forms() > 1
                        ? "brief.for-forms"
                        : plan.shape().leavesCorners(plan.form()) ? "brief.for-a-round-form" : "brief.for-a-form");
        decided(parts, Decision.MEASURE, measure(plan));
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
        if (!plan.edging().isNothing()) {
            said(parts, "brief.comma");
            decided(parts, Decision.EDGE, plan.edging().brief());
        }
        if (!plan.face().isPlain()) {
            said(parts, "brief.front");
            decided(parts, Decision.FACE, plan.face().kind().phrase("brief.face"));
        }
        extras(plan.extras()).ifPresent(extras -> {
            said(parts, "brief.comma");
            decided(parts, Decision.EXTRAS, extras);
        });
        said(parts, "brief.front-in");
        decided(
                parts,
                Decision.FRONT,
                Phrase.of("brief.cloth", plan.cloths().front().name()));
        if (reckoned.pieces().stream().anyMatch(piece -> piece.material() != Material.FRONT)) {
            boolean alike =
                    plan.cloths().back().name().equals(plan.cloths().front().name());
            said(parts, alike ? "brief.comma" : "brief.back-in");
            decided(
                    parts,
                    Decision.BACK,
                    alike
                            ? Phrase.of("brief.back-alike")
                            : Phrase.of("brief.cloth", plan.cloths().back().name()));
        }
        if (reckoned.isJoined() || plan.joining().joins()) {
            said(parts, "brief.comma");
            decided(parts, Decision.JOIN, plan.joining().kind().phrase("brief.join"));
        }
        plan.use().ifPresent(use -> {
            said(parts, "brief.comma");
            decided(parts, Decision.USE, Phrase.choice("brief.use", use));
        });
        said(parts, "brief.end");
        return new Brief(parts);
    }

    /**
     * What could still be added, as the phrases of an invitation after the sentence: what is not there is not spoken of
     * in it.
     */
    public static List<Part> invitations(CoverPlan plan) {
        List<Part> parts = new ArrayList<>();
        if (plan.edging().isNothing()) {
            decided(parts, Decision.EDGE, Phrase.of("brief.invite.edge"));
        }
        if (plan.face().isPlain()) {
            decided(parts, Decision.FACE, Phrase.of("brief.invite.face"));
        }
        if (extras(plan.extras()).isEmpty()) {
            decided(parts, Decision.EXTRAS, Phrase.of("brief.invite.extras"));
        }
        if (plan.use().isEmpty()) {
            decided(parts, Decision.USE, Phrase.of("brief.invite.use"));
        }
        return parts;
    }

    /** The extras as a list in words; nothing where there are none. */
    private static Optional<Phrase> extras(Extras extras) {
        List<Phrase> all = extras.brief();
        return all.isEmpty() ? Optional.empty() : Optional.of(Phrase.of("brief.extra.with", all));
    }

    private static void said(List<Part> parts, String code) {
        parts.add(new Part(Optional.empty(), Phrase.of(code)));
    }

    private static void decided(List<Part> parts, Decision decision, Phrase words) {
        parts.add(new Part(Optional.of(decision), words));
    }

    private static Phrase fit(CoverPlan plan) {
        Phrase across = fit(plan, plan.fit().school());
        Phrase fitted = plan.fit()
                .upDown()
                .filter(other -> other != plan.fit().school())
                .map(other -> Phrase.of("brief.fit.each-way", across, fit(plan, other)))
                .orElse(across);
        Alteration altered = plan.seam().altered();
        if (altered.isNone()) {
            return fitted;
        }
        Length most = altered.across().abs().atLeast(altered.upDown().abs()) ? altered.across() : altered.upDown();
        return Phrase.of(most.isNegative() ? "brief.fit.let-out" : "brief.fit.taken-in", fitted, most.abs());
    }

    private static Phrase fit(CoverPlan plan, FitSchool school) {
        String code = "brief.fit." + Phrase.code(school);
        return switch (school) {
            case SIZE_DOWN -> Phrase.of(code, plan.fit().down());
            case MY_OWN -> Phrase.of(code, plan.fit().ownEase());
            default -> Phrase.of(code);
        };
    }

    private static Phrase measure(CoverPlan plan) {
        Form form = plan.form();
        Reading best = form.across().trusted();
        Length across = form.across().get(best).orElseThrow();
        Optional<Reading> other = form.upDown().isEmpty()
                ? Optional.empty()
                : Optional.of(form.upDown().trusted());
        Phrase way = Phrase.choice("brief.reading", best);
        boolean alike = plan.shape().isSameBothWays() && form.upDown().equals(form.across());
        if (other.isEmpty() || alike) {
            return Phrase.of("brief.measure-one", across, way);
        }
        Length upDown = form.upDown().get(other.get()).orElseThrow();
        return other.get() == best
                ? Phrase.of("brief.measure-two", across, upDown, way)
                : Phrase.of("brief.measure-mixed", across, way, upDown, Phrase.choice("brief.reading", other.get()));
    }
}
