package fairember.app.batch;

import fairember.app.web.AdviceView;
import fairember.core.advice.Advice;
import fairember.core.batch.Batch;
import fairember.core.batch.BatchNeeds;
import fairember.core.batch.BatchSchedule;
import fairember.core.batch.BatchState;
import fairember.core.batch.HardClay;
import fairember.core.batch.Job;
import fairember.core.batch.OldSupply;
import fairember.core.batch.Reserved;
import fairember.core.design.CheckLine;
import fairember.core.design.CheckTime;
import fairember.core.price.DesignCost;
import fairember.core.quantity.Money;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A batch with all its sums: needs, hands and oven in time, where the pieces are, what it costs.
 *
 * @param firsts numbers of the designs whose first piece is made alone now
 * @param joint whether its loads and times are those of the plan of all batches; false for a preview of it alone
 */
public record BatchPlanView(
        NeedsView needs,
        List<TaskView> tasks,
        List<PlannedLoadView> loads,
        double handsMin,
        double energyKwh,
        LocalDateTime finish,
        long daysSpare,
        ThreadView thread,
        List<ChecksView> checks,
        List<PriceRowView> price,
        List<SmallPartsView> smallParts,
        List<Long> firsts,
        long costMinor,
        long priceMinor,
        boolean joint,
        List<AdviceView> advice) {

    /** Small parts that are made for other designs of this batch; {@code into} names these. */
    public record SmallPartsView(long designId, String designName, int count, List<String> into) {
        static SmallPartsView of(Job made, List<Job> jobs) {
            return new SmallPartsView(
                    made.key().designId(),
                    made.design().design().name(),
                    made.forOthers(),
                    jobs.stream()
                            .filter(job -> job.supplies().stream()
                                    .anyMatch(s -> s.job().key().equals(made.key())))
                            .map(job -> job.design().design().name())
                            .toList());
        }
    }

    /** The checks of a design in this batch, of which so many pieces are made. */
    public record ChecksView(long designId, String designName, int pieces, List<CheckView> lines) {}

    /**
     * A line of the checks, and for how many pieces it is ticked.
     *
     * @param when it is ticked, such as "before varnish"
     * @param slipped day on which it was last forgotten; null when it never was
     */
    public record CheckView(
            String words, String when, @Nullable LocalDate slipped, int ticked) {}

    /** Cost and price of one piece when this many are made. */
    public record PriceRowView(
            long designId, String designName, int quantity, long costMinor, long priceMinor, long profitMinor) {
        static PriceRowView of(Job job, DesignCost cost) {
            return new PriceRowView(
                    job.design().design().id(),
                    job.design().design().name(),
                    job.own(),
                    cost.cost().minor(),
                    cost.price().minor(),
                    cost.profit().minor());
        }
    }

    static BatchPlanView of(
            Batch form,
            List<Job> jobs,
            BatchSchedule schedule,
            List<PlannedLoadView> loads,
            BatchCosting costing,
            Reserved reserved,
            boolean joint) {
        BatchNeeds needed = costing.needs(jobs, reserved);
        NeedsView needs = NeedsView.of(needed, schedule.tasks());
        List<PriceRowView> price = jobs.stream()
                .filter(job -> job.own() > 0)
                .map(job -> PriceRowView.of(job, costing.of(job)))
                .toList();
        return new BatchPlanView(
                needs,
                schedule.tasks().stream().map(TaskView::of).toList(),
                loads,
                schedule.hands().min(),
                schedule.energy().kwh(),
                schedule.finish(),
                ChronoUnit.DAYS.between(schedule.finish().toLocalDate(), form.dueOn()),
                ThreadView.of(jobs),
                jobs.stream().map(BatchPlanView::checks).toList(),
                price,
                jobs.stream()
                        .filter(job -> job.forOthers() > 0)
                        .map(job -> SmallPartsView.of(job, jobs))
                        .toList(),
                jobs.stream()
                        .filter(Job::makesFirst)
                        .map(job -> job.key().designId())
                        .toList(),
                sum(price.stream().map(w -> new Money(w.costMinor()).times(w.quantity()))),
                sum(price.stream().map(w -> new Money(w.priceMinor()).times(w.quantity()))),
                joint,
                AdviceView.all(Stream.of(
                                jobs.stream().flatMap(j -> j.design().advice().stream()),
                                materials(form, jobs, needed, schedule).stream(),
                                schedule.advice().stream())
                        .flatMap(all -> all)
                        .toList()));
    }

    /** What is to be known of clays and supplies, as long as the batch is still to be made. */
    private static List<Advice> materials(Batch form, List<Job> jobs, BatchNeeds needed, BatchSchedule schedule) {
        return form.state() == BatchState.FINISHED
                ? List.of()
                : Stream.concat(
                                HardClay.of(jobs).stream(),
                                OldSupply.of(needed, schedule.finish().toLocalDate()).stream())
                        .toList();
    }

    private static long sum(Stream<Money> amounts) {
        return amounts.reduce(Money.ZERO, Money::plus).minor();
    }

    private static String when(Job job, CheckLine line) {
        Integer stage = line.stage();
        return line.before() == CheckTime.BAKE && stage != null
                ? "before " + job.design().design().stages().get(stage).name()
                : line.before().label();
    }

    private static ChecksView checks(Job job) {
        List<CheckLine> lines = job.design().design().checkLines();
        return new ChecksView(
                job.design().design().id(),
                job.design().design().name(),
                job.alive(),
                IntStream.range(0, lines.size())
                        .mapToObj(i -> new CheckView(
                                lines.get(i).words(),
                                when(job, lines.get(i)),
                                lines.get(i).slipped(),
                                Math.min(job.alive(), job.progress().checked(i))))
                        .toList());
    }
}
