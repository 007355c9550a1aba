package fairember.app.batch;

import fairember.core.batch.BatchNeeds;
import fairember.core.batch.BatchSchedule;
import fairember.core.batch.Shopping;
import fairember.core.stock.Supply;
import fairember.core.stock.SupplyKind;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A supply to have, and packs of it to buy.
 *
 * @param orderBy last day on which packs can be ordered so that they are there when the first step wants them; null when none are
 *     bought, or when no step is left
 */
public record SupplyNeedView(
        long supplyId,
        String name,
        SupplyKind kind,
        String unit,
        double needed,
        double onShelf,
        double reserved,
        int packs,
        double pack,
        int leadDays,
        @Nullable LocalDate orderBy,
        long costMinor) {
    static SupplyNeedView of(BatchNeeds.SupplyNeed need, List<BatchSchedule.HandsTask> tasks) {
        return new SupplyNeedView(
                need.supply().id(),
                need.supply().name(),
                need.supply().kind(),
                need.supply().unit().label(),
                need.needed(),
                need.supply().onShelf(),
                need.reserved(),
                need.packs(),
                need.supply().pack(),
                need.supply().leadDays(),
                need.packs() == 0
                        ? null
                        : lastOrder(need.supply(), tasks, need.supply().onShelf() - need.reserved()),
                need.cost().minor());
    }

    private static @Nullable LocalDate lastOrder(Supply supply, List<BatchSchedule.HandsTask> tasks, double available) {
        LocalDate wanted = Shopping.runsOut(tasks, supply, available);
        return wanted == null ? null : wanted.minusDays(supply.leadDays());
    }
}
