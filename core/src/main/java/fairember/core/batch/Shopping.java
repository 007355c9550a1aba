package fairember.core.batch;

import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import fairember.core.stock.BlockBuying;
import fairember.core.stock.BlockCover;
import fairember.core.stock.Finding;
import fairember.core.stock.ShelfClay;
import fairember.core.stock.StockClay;
import fairember.core.stock.Supply;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** What to order so that all batches that are planned or begun can be made, and the shelf keeps what it is to keep. */
public final class Shopping {
    private final BatchNeeds needs;
    private final List<BatchSchedule.HandsTask> tasks;

    private Shopping(BatchNeeds needs, BatchSchedule schedule) {
        this.needs = needs;
        this.tasks = schedule.tasks().stream()
                .filter(task -> !task.slots().isEmpty())
                .toList();
    }

    /** What of the shelf something is. */
    public enum Kind {
        CLAY,
        FINDING,
        SUPPLY
    }

    /**
     * Something to order.
     *
     * @param id its number on the shelf
     * @param unit that it is counted in
     * @param needed by all batches
     * @param onShelf now
     * @param keep how much is to stay at least
     * @param packs to buy, the largest first
     * @param cost of these
     * @param wantedOn day of the first step that wants it; null when only the shelf does
     * @param leadDays days from the order until it is there
     */
    public record Line(
            Kind kind,
            long id,
            String name,
            String unit,
            double needed,
            double onShelf,
            double keep,
            List<Pack> packs,
            Money cost,
            @Nullable LocalDate wantedOn,
            int leadDays) {
        public Line {
            packs = List.copyOf(packs);
        }

        /** Last day on which it can be ordered and still be there in time; null when nothing waits for it. */
        public @Nullable LocalDate orderBy() {
            return wantedOn == null ? null : wantedOn.minusDays(leadDays);
        }
    }

    /** A number of packs, each of so many of the unit. */
    public record Pack(double size, int count) {}

    /**
     * The list, what has to be ordered first at its head.
     *
     * @param needs of all batches together
     * @param schedule of these
     * @param clays as they are used, in the order of {@code shelf}
     */
    public static List<Line> list(
            BatchNeeds needs,
            BatchSchedule schedule,
            List<ShelfClay> shelf,
            List<StockClay> clays,
            List<Finding> findings,
            List<Supply> supplies) {
        Shopping shopping = new Shopping(needs, schedule);
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < clays.size(); i++) {
            lines.add(shopping.clay(shelf.get(i), clays.get(i)));
        }
        findings.forEach(finding -> lines.add(shopping.finding(finding)));
        supplies.stream().filter(supply -> supply.parts().isEmpty()).forEach(s -> lines.add(shopping.supply(s)));
        return lines.stream()
                .filter(line -> !line.packs().isEmpty())
                .sorted(Comparator.comparing(Line::orderBy, Comparator.nullsLast(Comparator.naturalOrder()))
                        .thenComparing(Line::name))
                .toList();
    }

    private Line clay(ShelfClay written, StockClay clay) {
        double needed = needs.clays().stream()
                .filter(need -> need.clay().id() == clay.id())
                .mapToDouble(need -> need.needed().g())
                .sum();
        BlockCover cover =
                BlockBuying.cover(clay, new Mass(needed + written.keep().g()));
        return new Line(
                Kind.CLAY,
                clay.id(),
                clay.name(),
                "g",
                needed,
                clay.onShelf().g(),
                written.keep().g(),
                cover.buy().stream()
                        .map(blocks -> new Pack(blocks.mass().g(), blocks.count()))
                        .toList(),
                cover.cost(),
                wantedOn(task -> first(task) && uses(task.job(), clay)),
                written.leadDays());
    }

    private Line finding(Finding finding) {
        int needed = needs.findings().stream()
                .filter(need -> need.part().id() == finding.id())
                .mapToInt(BatchNeeds.FindingNeed::needed)
                .sum();
        int buy = Math.max(0, needed + finding.keep() - finding.onShelf());
        return new Line(
                Kind.FINDING,
                finding.id(),
                finding.name(),
                "",
                needed,
                finding.onShelf(),
                finding.keep(),
                buy == 0 ? List.of() : List.of(new Pack(1, buy)),
                finding.price().times(buy),
                wantedOn(task -> task.job().design().findings().stream()
                        .anyMatch(fitted -> fitted.finding().id() == finding.id())),
                finding.leadDays());
    }

    private Line supply(Supply supply) {
        double needed = needs.supplies().stream()
                .filter(need -> need.supply().id() == supply.id())
                .mapToDouble(BatchNeeds.SupplyNeed::needed)
                .sum();
        int packs = supply.packsFor(needed + supply.keep());
        return new Line(
                Kind.SUPPLY,
                supply.id(),
                supply.name(),
                supply.unit().label(),
                needed,
                supply.onShelf(),
                supply.keep(),
                packs == 0 ? List.of() : List.of(new Pack(supply.pack(), packs)),
                supply.price().times(packs),
                firstUse(tasks, supply),
                supply.leadDays());
    }

    /** Day of the first task that uses a supply, by itself or in a mixed one; null when none does. */
    public static @Nullable LocalDate firstUse(List<BatchSchedule.HandsTask> tasks, Supply supply) {
        return first(
                tasks,
                task -> task.job().design().uses().stream()
                        .filter(use -> use.step() == task.index())
                        .anyMatch(use -> use.supply().id() == supply.id()
                                || use.paint().madeOf().stream()
                                        .anyMatch(share -> share.supply().id() == supply.id())));
    }

    private @Nullable LocalDate wantedOn(Predicate<BatchSchedule.HandsTask> wants) {
        return first(tasks, wants);
    }

    private static @Nullable LocalDate first(
            List<BatchSchedule.HandsTask> tasks, Predicate<BatchSchedule.HandsTask> wants) {
        return tasks.stream()
                .filter(task -> !task.slots().isEmpty() && wants.test(task))
                .map(task -> task.slots().get(0).from().toLocalDate())
                .min(Comparator.naturalOrder())
                .orElse(null);
    }

    /** Whether it is the first task of its job: clay is there before anything is begun. */
    private boolean first(BatchSchedule.HandsTask task) {
        return tasks.stream()
                .filter(other ->
                        other.job().key().whole().equals(task.job().key().whole()))
                .findFirst()
                .filter(task::equals)
                .isPresent();
    }

    private static boolean uses(Job job, StockClay clay) {
        return job.design().parts().stream()
                .flatMap(part -> part.mix().mix().clays().stream())
                .anyMatch(part -> part.clay().id() == clay.id());
    }
}
