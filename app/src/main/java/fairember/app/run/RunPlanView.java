package fairember.app.run;

import fairember.app.web.FindingView;
import fairember.core.measure.Money;
import fairember.core.run.Job;
import fairember.core.run.RunNeeding;
import fairember.core.run.RunSchedule;
import fairember.core.worth.PieceCost;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Stream;

/**
 * A run with all its sums: needs, hands and oven in time, where the pieces stand, what it costs.
 *
 * @param joint whether its loads and times are those of the plan of all runs; false for a preview of it alone
 */
public record RunPlanView(
        NeedsView needs,
        List<TaskView> tasks,
        List<PlannedLoadView> loads,
        double handsMin,
        double energyKwh,
        LocalDateTime finish,
        long daysSpare,
        ThreadView thread,
        List<GateView> gates,
        List<WorthRowView> worth,
        long costMinor,
        long priceMinor,
        boolean joint,
        List<FindingView> findings) {

    /** The gate of a piece in this run. */
    public record GateView(long pieceId, String pieceName, List<GateLineView> lines) {}

    /** A line of the gate. */
    public record GateLineView(String words, boolean ticked) {}

    /** Cost and price of one piece when so many are made. */
    public record WorthRowView(
            long pieceId, String pieceName, int quantity, long costMinor, long priceMinor, long keptMinor) {
        static WorthRowView of(Job job, PieceCost cost) {
            return new WorthRowView(
                    job.piece().piece().id(),
                    job.piece().piece().name(),
                    job.quantity(),
                    cost.cost().minor(),
                    cost.price().minor(),
                    cost.kept().minor());
        }
    }

    static RunPlanView of(
            RunForm form,
            List<Job> jobs,
            RunSchedule schedule,
            List<PlannedLoadView> loads,
            RunCosting costing,
            ProgressForm done,
            boolean joint) {
        NeedsView needs = NeedsView.of(RunNeeding.needs(jobs, costing.waste()));
        List<WorthRowView> worth =
                jobs.stream().map(job -> WorthRowView.of(job, costing.of(job))).toList();
        return new RunPlanView(
                needs,
                schedule.tasks().stream().map(TaskView::of).toList(),
                loads,
                schedule.hands().min(),
                schedule.energy().kwh(),
                schedule.finish(),
                ChronoUnit.DAYS.between(schedule.finish().toLocalDate(), form.dueOn()),
                ThreadView.of(jobs),
                jobs.stream().map(job -> gate(job, done)).toList(),
                worth,
                sum(worth.stream().map(w -> new Money(w.costMinor()).times(w.quantity()))),
                sum(worth.stream().map(w -> new Money(w.priceMinor()).times(w.quantity()))),
                joint,
                FindingView.all(Stream.concat(
                                jobs.stream().flatMap(j -> j.piece().findings().stream()), schedule.findings().stream())
                        .toList()));
    }

    private static long sum(Stream<Money> amounts) {
        return amounts.reduce(Money.ZERO, Money::plus).minor();
    }

    private static GateView gate(Job job, ProgressForm done) {
        long pieceId = job.piece().piece().id();
        List<String> words = job.piece().piece().gateLines();
        return new GateView(
                pieceId,
                job.piece().piece().name(),
                Stream.iterate(0, i -> i + 1)
                        .limit(words.size())
                        .map(i -> new GateLineView(
                                words.get(i), done.ticks().contains(new ProgressForm.TickForm(pieceId, i))))
                        .toList());
    }
}
