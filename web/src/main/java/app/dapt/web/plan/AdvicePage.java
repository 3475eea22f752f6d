package app.dapt.web.plan;

import app.dapt.advice.Advice;
import app.dapt.advice.Advice.LeaveOff;
import app.dapt.advice.Advised;
import app.dapt.advice.Taking;
import app.dapt.cloth.ClothCharacter;
import app.dapt.cover.ClothToBuy;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.make.CoverSteps;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.step.Step;
import app.dapt.web.wording.LaidOutWords;
import app.dapt.web.wording.LaidOutWords.Ready;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is recommended for a cover, for its template.
 *
 * @param laying how it is known what to buy
 */
public record AdvicePage(Advice advice, Reckoned reckoned, ClothToBuy.Laying laying, Words w) {

    /**
     * One recommendation.
     *
     * @param taken   whether the plan has it so
     * @param own     what the plan has instead
     * @param changes what taking it would change
     */
    public record Line(
            String code,
            String asks,
            String says,
            List<String> why,
            String sure,
            boolean taken,
            Optional<String> own,
            Optional<String> changes) {}

    /** Some of them. */
    public record Group(String title, List<Line> lines) {}

    private CoverPlan plan() {
        return reckoned.plan();
    }

    /** What it follows from. */
    public String facts() {
        String use = plan().use()
                .map(said -> w.say(Phrase.choice("use", said)))
                .orElseGet(() -> w.say("advice.use-not-said"));
        List<String> cloths = new ArrayList<>();
        cloths.add(cloth(plan().cloths().front().name(), plan().cloths().front().character()));
        if (!plan().cloths().back().equals(plan().cloths().front())) {
            cloths.add(
                    cloth(plan().cloths().back().name(), plan().cloths().back().character()));
        }
        return w.say("advice.facts", use, String.join("; ", cloths));
    }

    private String cloth(String name, ClothCharacter character) {
        return character.equals(ClothCharacter.NOT_SAID)
                ? w.say("advice.cloth-not-said", name)
                : w.say(
                        "advice.cloth",
                        name,
                        w.say(Phrase.choice("character.weight", character.heft())),
                        w.say(Phrase.choice("character.frays", character.frays())));
    }

    /** What the plan decides first, then what is done while it is made. */
    public List<Group> groups() {
        List<Line> lines = advice.choices().stream().map(this::line).toList();
        List<Line> decided = lines.stream()
                .filter(line -> line.taken() || line.own().isPresent())
                .toList();
        List<Line> made = lines.stream().filter(line -> !decided.contains(line)).toList();
        return List.of(new Group(w.say("advice.decided"), decided), new Group(w.say("advice.made"), made));
    }

    private Line line(Advised advised) {
        Optional<CoverPlan> with = Taking.of(plan(), advised);
        boolean taken = with.filter(plan()::equals).isPresent();
        Optional<CoverPlan> other = with.filter(changed -> !taken);
        return new Line(
                Phrase.code(advised.choice()),
                w.say(advised.asks()),
                w.say(advised.says()),
                advised.why().stream().map(w::say).toList(),
                w.say(Phrase.choice("advice.sure", advised.sure())),
                taken,
                other.map(changed -> own(advised)),
                other.map(this::changes));
    }

    /** What the plan has where something else is recommended. */
    private String own(Advised advised) {
        return switch (advised.choice()) {
            case FINISH -> w.say(Phrase.choice("finish", plan().seam().finish()));
            case OPENING -> w.say(plan().opening().kind().phrase("opening"));
            case OVERLAP -> w.say("advice.length", reckoned.back().overlap().orElse(Length.ZERO));
            case ALLOWANCE -> w.say("advice.length", reckoned.allowance());
            default -> w.say("advice.otherwise");
        };
    }

    private String changes(CoverPlan with) {
        Reckoned there = Reckoner.reckonWithoutRemedies(with, reckoned.mark());
        long minutes = Math.round(minutes(there) - minutes(reckoned));
        List<String> said = new ArrayList<>();
        said.add(
                minutes == 0
                        ? w.say("advice.same-minutes")
                        : w.say(minutes > 0 ? "advice.more-minutes" : "advice.fewer-minutes", Math.abs(minutes)));
        Optional<Length> before = ClothToBuy.of(reckoned, laying).length();
        Optional<Length> after = ClothToBuy.of(there, laying).length();
        if (before.isPresent() && after.isPresent() && !before.equals(after)) {
            said.add(w.say("advice.fabric", after.get(), before.get()));
        }
        return w.list(said);
    }

    private static double minutes(Reckoned cover) {
        return CoverSteps.of(cover).stream().mapToDouble(Step::minutes).sum();
    }

    /** Whether anything of the plan would change by taking all of it. */
    public boolean mayTake() {
        return !Taking.all(plan(), advice).equals(plan());
    }

    public String leaveOff() {
        return w.list(advice.leaveOff().stream()
                .map(left -> w.say("advice.off." + left.what()))
                .toList());
    }

    public List<String> whyLeaveOff() {
        return advice.leaveOff().stream()
                .map(LeaveOff::rule)
                .distinct()
                .map(rule -> w.say("advice.why." + rule))
                .toList();
    }

    public String care() {
        return String.join(" ", advice.care().says().stream().map(w::say).toList());
    }

    public List<Ready> layOut() {
        return LaidOutWords.of(advice, w);
    }
}
