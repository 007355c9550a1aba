package fairember.core.batch;

import fairember.core.advice.Advice;
import fairember.core.stock.Supply;
import fairember.core.stock.SupplyLot;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Stream;

/** Bottles and packs that will be past their use-by date before a batch is through with them. */
public final class OldSupply {
    private OldSupply() {}

    /**
     * One piece of advice for each lot, the one that ages first before the others.
     *
     * @param finish day on which the batch is done
     */
    public static List<Advice> of(BatchNeeds needs, LocalDate finish) {
        return needs.supplies().stream()
                .map(BatchNeeds.SupplyNeed::supply)
                .flatMap(supply -> past(supply, finish))
                .toList();
    }

    private static Stream<Advice> past(Supply supply, LocalDate finish) {
        return supply.lots().stream()
                .flatMap(lot -> Stream.ofNullable(lot.useBy())
                        .filter(day -> day.isBefore(finish))
                        .map(day -> advice(supply, lot, ChronoUnit.DAYS.between(day, finish))));
    }

    private static Advice advice(Supply supply, SupplyLot lot, long days) {
        return Advice.caution(
                "supply-old",
                "%s, lot %s, will be %d day%s past its use-by date when this batch is done."
                        .formatted(supply.name(), lot.name(), days, days == 1 ? "" : "s"),
                "Use another lot, or try it on a spare piece first.",
                supply.name());
    }
}
