package app.dapt.cover.decision;

import app.dapt.measure.Phrase;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * What may be the matter: a finding before its remedies have been tried. A kind proposes changes to its own decision
 * only; the reckoner lifts them to the plan, tries them in their order and keeps the first that really removes it.
 *
 * @param <D>      the decision it is about, such as an opening or the edging
 * @param code     stable: tests, files and a sewist's "noted" go by it
 * @param wording  {@code finding.WORDING.what} and {@code finding.WORDING.why} are its two sentences
 * @param args     what goes into both of them
 * @param remedies changes that may help, the best first
 * @param note     what the press says by which it is set aside, where it may be
 * @param unfit    whether the choice it is about does not go with the rest of the cover at all
 */
public record Concern<D>(
        String code,
        Weight weight,
        String wording,
        List<Object> args,
        List<Remedy<D>> remedies,
        Optional<String> note,
        boolean unfit) {

    /**
     * A change to the decision itself, or, where there is none, to another one. Most are never tried, so the change is
     * only made once it is.
     */
    public record Remedy<D>(Phrase label, Optional<Supplier<D>> changed, Optional<RemedyElsewhere> elsewhere) {

        /** The plan, or whatever holds the decision, with this change made to it. */
        public <P> P applied(Function<D, P> own, Function<RemedyElsewhere, P> other) {
            return changed.map(made -> own.apply(made.get())).orElseGet(() -> other.apply(elsewhere.orElseThrow()));
        }
    }

    public Concern {
        args = List.copyOf(args);
        remedies = List.copyOf(remedies);
    }

    /** One without a remedy yet. */
    public static <D> Concern<D> of(String code, Weight weight, String wording, Object... args) {
        return new Concern<>(code, weight, wording, Arrays.asList(args), List.of(), Optional.empty(), false);
    }

    /** This one of a choice that does not go with the rest of the cover at all. */
    public Concern<D> asUnfit() {
        return new Concern<>(code, weight, wording, args, remedies, note, true);
    }

    /** This one with one more change to try. */
    public Concern<D> orTry(Supplier<D> changed, String label, Object... labelArgs) {
        return with(new Remedy<>(Phrase.of("remedy." + label, labelArgs), Optional.of(changed), Optional.empty()));
    }

    /** This one with one more change to try, to a decision that its kind does not know. */
    public Concern<D> orTry(RemedyElsewhere elsewhere, String label) {
        return with(new Remedy<>(Phrase.of("remedy." + label), Optional.empty(), Optional.of(elsewhere)));
    }

    private Concern<D> with(Remedy<D> remedy) {
        List<Remedy<D>> more = new ArrayList<>(remedies);
        more.add(remedy);
        return new Concern<>(code, weight, wording, args, more, note, unfit);
    }

    /** This one, to be set aside by whoever has read it, should no change help. */
    public Concern<D> orNote() {
        return orNote("noted");
    }

    /** This one, to be set aside by whoever sees to it in another way, said in the label. */
    public Concern<D> orNote(String label) {
        return new Concern<>(code, weight, wording, args, remedies, Optional.of(label), unfit);
    }

    /** This one about whatever holds the decision: a plan. */
    public <P> Concern<P> lifted(Function<D, P> own, Function<RemedyElsewhere, P> other) {
        return new Concern<>(
                code,
                weight,
                wording,
                args,
                remedies.stream()
                        .map(remedy -> new Remedy<P>(
                                remedy.label(), Optional.of(() -> remedy.applied(own, other)), Optional.empty()))
                        .toList(),
                note,
                unfit);
    }

    /** What a sewist who sets this aside has noted; should it grow worse, it is said again. */
    public String noteKey() {
        return weight == Weight.WILL_NOT_WORK ? code + "!" : code;
    }

    /** What is the matter, in one line. */
    public Phrase what() {
        return new Phrase("finding." + wording + ".what", args);
    }

    /** Why, with the figures. */
    public Phrase why() {
        return new Phrase("finding." + wording + ".why", args);
    }
}
