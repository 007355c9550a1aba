package fairember.core.batch;

import fairember.core.advice.Advice;
import fairember.core.mix.Mix;
import fairember.core.quantity.Mass;
import fairember.core.stock.ClayCondition;
import fairember.core.stock.StockClay;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What to do with clays that do not condition well, said where they are about to be mixed. */
public final class HardClay {
    private HardClay() {}

    /** One piece of advice for each clay that jobs still mix and that is firm, crumbly or too soft; in the order of the jobs. */
    public static List<Advice> of(List<Job> jobs) {
        Map<StockClay, Double> grams = new LinkedHashMap<>();
        jobs.stream().filter(Job::mixes).forEach(job -> {
            for (Map.Entry<Mix, Mass> mixed : job.clay().entrySet()) {
                mixed.getKey()
                        .clayIn(mixed.getValue())
                        .forEach((clay, mass) -> grams.merge(clay, mass.g(), Double::sum));
            }
        });
        return grams.entrySet().stream()
                .filter(e -> e.getKey().conditioning().condition() != ClayCondition.USUAL)
                .map(e -> advice(e.getKey(), new Mass(e.getValue())))
                .toList();
    }

    private static Advice advice(StockClay clay, Mass grams) {
        ClayCondition condition = clay.conditioning().condition();
        return Advice.caution(
                "clay-condition",
                "%s is %s: the %.1f g still to mix will take %.0f min longer to condition."
                        .formatted(
                                clay.name(),
                                condition.label(),
                                grams.g(),
                                Math.ceil(clay.conditioning().of(grams).min())),
                condition.advice(),
                clay.name());
    }
}
