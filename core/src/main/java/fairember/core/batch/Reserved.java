package fairember.core.batch;

import fairember.core.quantity.Mass;
import java.util.HashMap;
import java.util.Map;

/**
 * What of the shelf is kept for batches that are due earlier, so that nothing is counted twice.
 *
 * @param clays grams by number of the clay
 * @param findings how many by number of the finding
 * @param supplies how much by number of the supply, in its unit
 * @param spares how many by kind of spare part, as the box lists them
 */
public record Reserved(
        Map<Long, Mass> clays, Map<Long, Integer> findings, Map<Long, Double> supplies, Map<Integer, Integer> spares) {
    public static final Reserved NOTHING = new Reserved(Map.of(), Map.of(), Map.of(), Map.of());

    public Reserved {
        clays = Map.copyOf(clays);
        findings = Map.copyOf(findings);
        supplies = Map.copyOf(supplies);
        spares = Map.copyOf(spares);
    }

    /** All that some batches need together. */
    public static Reserved of(BatchNeeds needs) {
        Map<Long, Mass> clays = new HashMap<>();
        Map<Long, Integer> findings = new HashMap<>();
        Map<Long, Double> supplies = new HashMap<>();
        needs.clays().forEach(need -> clays.merge(need.clay().id(), need.needed(), Mass::plus));
        needs.findings().forEach(need -> findings.merge(need.part().id(), need.needed(), Integer::sum));
        needs.supplies().forEach(need -> supplies.merge(need.supply().id(), need.needed(), Double::sum));
        Map<Integer, Integer> spares = new HashMap<>();
        needs.portions()
                .forEach(row -> row.fromBox().forEach((kind, count) -> spares.merge(kind, count, Integer::sum)));
        return new Reserved(clays, findings, supplies, spares);
    }

    Mass clay(long id) {
        return clays.getOrDefault(id, Mass.ZERO);
    }

    int finding(long id) {
        return findings.getOrDefault(id, 0);
    }

    int spares(int kind) {
        return spares.getOrDefault(kind, 0);
    }

    double supply(long id) {
        return supplies.getOrDefault(id, 0.0);
    }
}
