package fairember.core.batch;

import fairember.core.design.FittedFinding;
import fairember.core.design.MeasuredUse;
import fairember.core.foilcore.FoilRoll;
import fairember.core.mix.Mix;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import fairember.core.stock.BlockBuying;
import fairember.core.stock.BlockCover;
import fairember.core.stock.Finding;
import fairember.core.stock.ShelfClay;
import fairember.core.stock.StockClay;
import fairember.core.stock.Supply;
import fairember.core.wire.WireCoil;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/** What to order so that all batches that are planned or begun can be made, and the shelf keeps what it is to keep. */
public final class Shopping {
    static final double HAIR = 1e-6;

    private final BatchNeeds needs;
    private final List<BatchSchedule.HandsTask> tasks;
    private final Map<JobKey, BatchSchedule.HandsTask> firsts = new HashMap<>();

    private Shopping(BatchNeeds needs, BatchSchedule schedule) {
        this.needs = needs;
        this.tasks = schedule.tasks().stream()
                .filter(task -> !task.slots().isEmpty())
                .toList();
        tasks.forEach(task -> firsts.putIfAbsent(task.job().key(), task));
    }

    /** What of the shelf something is. */
    public enum Kind {
        CLAY,
        FINDING,
        SUPPLY,
        WIRE,
        FOIL
    }

    /**
     * What there is, and how it is sold.
     *
     * @param written clays as the shelf has them
     * @param clays as they are used, in the order of {@code written}
     * @param roll of foil, as it is bought
     * @param foilLeft on the roll; null when that is not counted: then foil is not listed
     */
    public record Shelf(
            List<ShelfClay> written,
            List<StockClay> clays,
            List<Finding> findings,
            List<Supply> supplies,
            List<WireCoil> coils,
            FoilRoll roll,
            @Nullable Length foilLeft) {}

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
     * @param wantedOn day of the step for which the shelf has not enough; null when only the shelf is to be filled
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
     */
    public static List<Line> list(BatchNeeds needs, BatchSchedule schedule, Shelf shelf) {
        Shopping shopping = new Shopping(needs, schedule);
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < shelf.clays().size(); i++) {
            lines.add(shopping.clay(shelf.written().get(i), shelf.clays().get(i)));
        }
        shelf.findings().forEach(finding -> lines.add(shopping.finding(finding)));
        LengthShopping byLength = new LengthShopping(shopping.tasks, shopping::first);
        lines.addAll(byLength.wires(shelf.coils()));
        lines.add(byLength.foil(needs.torn(), shelf));
        shelf.supplies().stream()
                .filter(supply -> supply.parts().isEmpty())
                .forEach(s -> lines.add(shopping.supply(s)));
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
                clayRunsOut(clay, needed),
                written.leadDays());
    }

    /** Waste goes to the jobs by what they take of the clay. */
    private @Nullable LocalDate clayRunsOut(StockClay clay, double needed) {
        double net = tasks.stream()
                .filter(this::first)
                .mapToDouble(task -> grams(task.job(), clay))
                .sum();
        double more = net > 0 ? needed / net : 0;
        return runsOut(tasks, clay.onShelf().g(), task -> first(task) ? more * grams(task.job(), clay) : 0);
    }

    private static int fitted(Job job, Finding finding) {
        return job.design().findings().stream()
                .filter(one -> one.finding().id() == finding.id())
                .mapToInt(FittedFinding::count)
                .sum();
    }

    private Line finding(Finding finding) {
        int needed = needs.findings().stream()
                .filter(need -> need.part().id() == finding.id())
                .mapToInt(BatchNeeds.FindingNeed::needed)
                .sum();
        int packs = finding.packsFor(needed + finding.keep());
        return new Line(
                Kind.FINDING,
                finding.id(),
                finding.name(),
                "",
                needed,
                finding.onShelf(),
                finding.keep(),
                packs == 0 ? List.of() : List.of(new Pack(finding.pack(), packs)),
                finding.price().times(packs * finding.pack()),
                runsOut(
                        tasks,
                        finding.onShelf(),
                        task -> first(task) ? task.job().quantity() * fitted(task.job(), finding) : 0),
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
                runsOut(tasks, supply, supply.onShelf()),
                supply.leadDays());
    }

    /**
     * Day of the task for which there is no longer enough of a supply, used by itself or in a mixed one; null when there is enough.
     *
     * @param available of it, in its unit
     */
    public static @Nullable LocalDate runsOut(List<BatchSchedule.HandsTask> tasks, Supply supply, double available) {
        return runsOut(
                tasks,
                available,
                task -> task.job().design().uses().stream()
                        .filter(use -> use.step() == task.index())
                        .mapToDouble(use -> used(use, supply, use.of(task.pieces())))
                        .sum());
    }

    private static double used(MeasuredUse use, Supply supply, double amount) {
        return use.supply().id() == supply.id()
                ? amount
                : use.paint().madeOf().stream()
                        .filter(share -> share.supply().id() == supply.id())
                        .mapToDouble(share -> use.paint().of(share, amount))
                        .sum();
    }

    /** Day of the first task with which more is used than there is; null when there is enough for all. */
    static @Nullable LocalDate runsOut(
            List<BatchSchedule.HandsTask> tasks, double available, ToDoubleFunction<BatchSchedule.HandsTask> uses) {
        double used = 0;
        for (BatchSchedule.HandsTask task : tasks) {
            double amount = task.slots().isEmpty() ? 0 : uses.applyAsDouble(task);
            used += amount;
            if (amount > 0 && used > available + HAIR) {
                return task.slots().get(0).from().toLocalDate();
            }
        }
        return null;
    }

    /** Whether it is the first task of its job: clay is there before anything is begun. */
    private boolean first(BatchSchedule.HandsTask task) {
        return task.equals(firsts.get(task.job().key()));
    }

    /** Grams of a clay in what is left to make of a job. */
    private static double grams(Job job, StockClay clay) {
        return job.design().parts().stream()
                .mapToDouble(part -> {
                    Mix mix = part.mix().mix();
                    double share = mix.clays().stream()
                                    .filter(one -> one.clay().id() == clay.id())
                                    .mapToDouble(Mix.ClayParts::parts)
                                    .sum()
                            / mix.allParts();
                    return part.portion().mass().g() * part.part().count() * job.quantity() * share;
                })
                .sum();
    }
}
