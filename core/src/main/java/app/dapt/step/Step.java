package app.dapt.step;

import app.dapt.measure.Phrase;
import app.dapt.workpiece.Move;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * One thing done at one place, in one go.
 *
 * @param id       stable within its cover: what it is done to and what is done, {@code back-upper/hem-press}
 * @param does     what is done, the same for all steps alike; its words go by it
 * @param args     what goes into those words: the name of what it is done to, then figures
 * @param figures  to read off while doing it
 * @param how      what helps in doing it, in whole sentences
 * @param explained whether it says why, where people get it wrong
 * @param trap     whether it cannot be put right afterwards without unpicking
 * @param cautions what can hurt somebody there
 * @param pieces   ids of what it is done to
 * @param needs    ids of the steps that must be done before
 * @param takes    the edges it brings to what was reckoned for them
 * @param loose    whether it leaves something pinned or half gathered, which is sewn in the same sitting
 * @param handled  how the pieces lie, and what becomes of them
 * @param milestone how far the cover has come with it, where that is worth a word
 */
public record Step(
        String id,
        Place place,
        String does,
        List<Object> args,
        List<Phrase> figures,
        List<Phrase> how,
        boolean explained,
        boolean trap,
        List<Caution> cautions,
        Optional<Setting> setting,
        List<String> pieces,
        Set<String> needs,
        List<Taken> takes,
        Labour labour,
        boolean loose,
        Handled handled,
        Optional<Milestone> milestone) {

    public Step {
        args = List.copyOf(args);
        figures = List.copyOf(figures);
        how = List.copyOf(how);
        cautions = List.copyOf(cautions);
        pieces = List.copyOf(pieces);
        needs = Set.copyOf(needs);
        takes = List.copyOf(takes);
    }

    /** How the pieces lie. */
    public Optional<Pile> pile() {
        return handled.pile();
    }

    /** What becomes of the pieces, one thing after another. */
    public List<Move> moves() {
        return handled.moves();
    }

    /** What kind of work it is. */
    public Effort effort() {
        return labour.effort();
    }

    /** Minutes of hands on; an estimate. */
    public double minutes() {
        return labour.minutes();
    }

    /** This step with one more figure to read off. */
    public Step figuring(Phrase figure) {
        List<Phrase> more = new ArrayList<>(figures);
        more.add(figure);
        return new Step(
                id, place, does, args, more, how, explained, trap, cautions, setting, pieces, needs, takes, labour,
                loose, handled, milestone);
    }

    /** This step once something else is done as well. */
    public Step after(String other) {
        Set<String> more = new HashSet<>(needs);
        more.add(other);
        return new Step(
                id, place, does, args, figures, how, explained, trap, cautions, setting, pieces, more, takes, labour,
                loose, handled, milestone);
    }

    /** The step as a sentence. */
    public Phrase says() {
        return said("");
    }

    /** The step in a few words, for lists. */
    public Phrase briefly() {
        return said(".brief");
    }

    /** Why it is done so. */
    public Optional<Phrase> why() {
        return explained ? Optional.of(said(".why")) : Optional.empty();
    }

    /** What to ask before going on. */
    public Optional<Phrase> asks() {
        return trap ? Optional.of(said(".trap")) : Optional.empty();
    }

    private Phrase said(String what) {
        return new Phrase("step." + does + what, args);
    }
}
