package app.dapt.web.wording;

import app.dapt.learning.Verdict;
import app.dapt.learning.Verdict.Corners;
import app.dapt.learning.Verdict.Edges;
import app.dapt.learning.Verdict.Middle;
import app.dapt.learning.Verdict.Opening;
import app.dapt.log.Correction;
import app.dapt.log.Correction.SeamChange;
import app.dapt.log.LogEntry;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Side;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** How a cover sat and what is to be sewn for it, in words. */
public record FittingWords(Words w) {

    private static final int ALL_ROUND = 4;

    /** What to sew, a sentence for seams alike. */
    public List<String> toSew(Correction of) {
        if (!of.isToSew()) {
            return List.of(w.say(of.hindrance().isEmpty() ? "correct.nothing" : "correct.not-sewn"));
        }
        Map<Length, Set<Side>> sides = new LinkedHashMap<>();
        for (SeamChange change : of.seams()) {
            Set<Side> alike = sides.computeIfAbsent(change.deeper(), any -> EnumSet.noneOf(Side.class));
            change.side().ifPresent(alike::add);
        }
        List<String> said = new ArrayList<>();
        sides.forEach((deeper, alike) -> said.add(sentence(alike, deeper)));
        zipSide(of).ifPresent(side -> said.add(w.say("correct.zip-stays", w.say("correct.side." + Phrase.code(side)))));
        return said;
    }

    private String sentence(Set<Side> sides, Length deeper) {
        String code = deeper.isNegative() ? "correct.let-out" : "correct.deeper";
        if (sides.isEmpty() || sides.size() == ALL_ROUND) {
            return w.say(code + ".all-round", deeper.abs());
        }
        List<String> named = new ArrayList<>();
        Set<Side> left = EnumSet.copyOf(sides);
        if (left.containsAll(Set.of(Side.LEFT, Side.RIGHT))) {
            named.add(w.say("correct.side.both"));
            left.removeAll(Set.of(Side.LEFT, Side.RIGHT));
        }
        left.forEach(side -> named.add(w.say("correct.side." + Phrase.code(side))));
        return w.say(code, w.list(named), deeper.abs());
    }

    private static Optional<Side> zipSide(Correction of) {
        Set<Side> sewn =
                of.seams().stream().flatMap(change -> change.side().stream()).collect(Collectors.toSet());
        return of.before().back().zip().isPresent()
                        && of.before().back().mouth().isPresent()
                ? sewn.stream()
                        .map(Side::opposite)
                        .filter(side -> !sewn.contains(side))
                        .findFirst()
                : Optional.empty();
    }

    /** What was sewn since it was tried on, in few words; nothing where it was left as it was. */
    public String sewn(LogEntry entry) {
        Length deeper = entry.deeper();
        return deeper.isZero() ? "" : w.say(deeper.isNegative() ? "log.let-out" : "log.taken-in", deeper.abs());
    }

    /** How it sat, as far as anything is to be said of that: {@code sags, edges ripple}. */
    public String said(Verdict verdict) {
        List<String> said = new ArrayList<>();
        verdict.narrower()
                .ifPresent(
                        by -> said.add(w.say(by.isNegative() ? "verdict.too-narrow" : "verdict.too-wide", by.abs())));
        if (verdict.corners() != Corners.FILLED) {
            said.add(w.say("verdict.corners." + Phrase.code(verdict.corners())));
        }
        if (verdict.middle() != Middle.FIRM) {
            said.add(w.say("verdict.middle." + Phrase.code(verdict.middle())));
        }
        if (verdict.edges() != Edges.SMOOTH) {
            said.add(w.say("verdict.edges." + Phrase.code(verdict.edges())));
        }
        if (verdict.opening() != Opening.CLOSED) {
            said.add(verdict.gape()
                    .map(gape -> w.say("verdict.gapes-by", gape))
                    .orElseGet(() -> w.say("verdict.opening." + Phrase.code(verdict.opening()))));
        }
        return said.isEmpty() ? w.say("verdict.good") : String.join(", ", said);
    }
}
