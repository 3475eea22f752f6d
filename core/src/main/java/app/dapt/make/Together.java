package app.dapt.make;

import app.dapt.cloth.Cloth;
import app.dapt.cover.Reckoned;
import app.dapt.step.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntFunction;
import java.util.function.UnaryOperator;

/**
 * Covers that are made together: a fabric that several of them are cut from is washed, pressed and squared once, with
 * the first of them.
 *
 * @param steps of each cover
 */
public record Together(List<List<Step>> steps, WorkOrder order) {

    public Together {
        steps = List.copyOf(steps);
    }

    /**
     * The steps of these covers and their order.
     *
     * @param trial the number of the one that is tried on before any other is cut, counted from one
     */
    public static Together of(List<Reckoned> covers, OptionalInt trial) {
        return of(covers, trial, number -> List.of());
    }

    /**
     * The same with what has to be put right before it comes again.
     *
     * @param mishaps of each cover by its number, counted from one
     */
    public static Together of(List<Reckoned> covers, OptionalInt trial, IntFunction<List<Mishap>> mishaps) {
        Map<String, String> waits = new HashMap<>();
        List<List<Step>> steps = steps(covers, mishaps, waits);
        return new Together(steps, WorkOrder.of(steps, trial, waiting(waits)));
    }

    /** The jobs of these covers, each after those it needs, without looking for the order that walks least. */
    public static List<Job> jobs(List<Reckoned> covers) {
        Map<String, String> waits = new HashMap<>();
        List<List<Step>> steps = steps(covers, number -> List.of(), waits);
        return WorkOrder.jobs(steps, OptionalInt.empty(), waiting(waits));
    }

    private static UnaryOperator<Job> waiting(Map<String, String> waits) {
        return job -> Optional.ofNullable(waits.get(job.id())).map(job::after).orElse(job);
    }

    /** @param waits takes which job waits for a cloth that another cover's step makes ready */
    private static List<List<Step>> steps(
            List<Reckoned> covers, IntFunction<List<Mishap>> mishaps, Map<String, String> waits) {
        Map<Cloth, Integer> prepared = new LinkedHashMap<>();
        List<List<Step>> steps = new ArrayList<>();
        for (Reckoned cover : covers) {
            int number = steps.size() + 1;
            List<Step> usual = CoverSteps.of(cover, cloth -> {
                Optional<Map.Entry<Cloth, Integer>> before = prepared.entrySet().stream()
                        .filter(known -> known.getKey().isLike(cloth))
                        .findFirst();
                before.ifPresent(known -> waits.put(
                        Job.id(number, CuttingSteps.cutting(cover.plan(), cloth)),
                        Job.id(known.getValue(), CuttingSteps.prepared(known.getKey()))));
                prepared.putIfAbsent(cloth, number);
                return before.isPresent();
            });
            steps.add(Mishap.into(usual, mishaps.apply(number)));
        }
        return steps;
    }
}
