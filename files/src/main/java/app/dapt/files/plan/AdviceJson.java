package app.dapt.files.plan;

import app.dapt.advice.Advice;
import app.dapt.advice.Advised;
import app.dapt.advice.Facts;
import app.dapt.advice.LaidOut;
import app.dapt.files.ExactLength;
import app.dapt.measure.Phrase;
import app.dapt.words.Words;
import java.util.List;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What is recommended for a cover, with the facts it follows from. */
public final class AdviceJson {

    private AdviceJson() {}

    /** The advice as JSON, its reasons in these words. */
    public static String write(Advice advice, Words w) {
        ObjectNode root = PlanJson.object().put("kind", "dapt-advice").put("format", 1);
        facts(root.putObject("facts"), advice.facts());
        ArrayNode choices = root.putArray("choices");
        advice.choices().forEach(each -> choice(choices.addObject(), each, advice.facts(), w));
        ArrayNode left = root.putArray("leaveOff");
        advice.leaveOff().forEach(each -> left.add(each.what()));
        root.put("care", sentences(advice.care().says(), w));
        ObjectNode layOut = root.putObject("layOut");
        LaidOut.of(advice)
                .byPlace()
                .forEach((place, things) -> things.forEach(layOut.withArray("/" + Phrase.code(place))::add));
        return PlanJson.text(root);
    }

    private static String sentences(List<Phrase> said, Words w) {
        return String.join(" ", said.stream().map(w::say).toList());
    }

    private static void facts(ObjectNode at, Facts facts) {
        facts.use().ifPresent(use -> at.put("use", Phrase.code(use)));
        ArrayNode holds = at.putArray("holds");
        facts.holds().stream().sorted().map(Phrase::code).forEach(holds::add);
        ArrayNode drawer = at.putArray("drawer");
        facts.drawer().tools().stream().sorted().map(Phrase::code).forEach(drawer::add);
        facts.drawer().mat().ifPresent(mat -> at.put("mat", ExactLength.write(mat, facts.unit())));
    }

    private static void choice(ObjectNode at, Advised advised, Facts facts, Words w) {
        at.put("choice", Phrase.code(advised.choice()))
                .put("value", advised.value())
                .put("rule", advised.rule())
                .put("why", sentences(advised.why(), w))
                .put("sure", Phrase.code(advised.sure()));
        advised.instead().ifPresent(instead -> at.put("instead", instead));
        advised.kit().ifPresent(kit -> at.put("kit", kit));
        if (!advised.sizes().isEmpty()) {
            ArrayNode sizes = at.putArray("sizes");
            advised.sizes().forEach(size -> sizes.add(ExactLength.write(size, facts.unit())));
        }
    }
}
