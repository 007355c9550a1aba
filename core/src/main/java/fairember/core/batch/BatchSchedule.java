package fairember.core.batch;

import fairember.core.advice.Advice;
import fairember.core.design.Design;
import fairember.core.design.Step;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.ovenload.Score;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Minutes;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * When hands and oven do what is left of some jobs.
 *
 * @param tasks of the hands in the order they are done
 * @param loads of the oven in the order they are baked
 * @param dryings of what dries in the air
 * @param hands minutes of all tasks
 * @param energy of all loads
 * @param finish when the last task is done and the last load has cooled
 * @param scores of its loads, by objective
 * @param advice on bakes and hours
 */
public record BatchSchedule(
        List<HandsTask> tasks,
        List<TimedLoad> loads,
        List<Drying> dryings,
        Minutes hands,
        Energy energy,
        LocalDateTime finish,
        List<Score> scores,
        List<Advice> advice) {
    public BatchSchedule {
        tasks = List.copyOf(tasks);
        loads = List.copyOf(loads);
        scores = List.copyOf(scores);
        dryings = List.copyOf(dryings);
        advice = List.copyOf(advice);
    }

    /** The part of this schedule that some jobs have in it; its finish is when the last of theirs is done. */
    public BatchSchedule of(List<Job> jobs) {
        Set<JobKey> keys = jobs.stream().map(job -> job.key().whole()).collect(Collectors.toSet());
        Set<BakeKey> bakes = new HashSet<>();
        for (Job job : jobs) {
            for (int i = 0; i < job.design().stages().size(); i++) {
                bakes.add(job.bake(i));
            }
        }
        List<HandsTask> own =
                tasks.stream().filter(t -> keys.contains(t.job().key().whole())).toList();
        List<TimedLoad> ownLoads = loads.stream()
                .filter(l -> l.load().items().stream().anyMatch(i -> bakes.contains(whole(i))))
                .toList();
        List<Drying> drying = dryings.stream()
                .filter(d -> keys.contains(d.job().key().whole()))
                .toList();
        Set<String> names = jobs.stream().map(j -> j.design().design().name()).collect(Collectors.toSet());
        LocalDateTime last = Stream.of(
                        own.stream().map(HandsTask::end),
                        ownLoads.stream().map(TimedLoad::cooled),
                        drying.stream().map(Drying::to))
                .flatMap(times -> times)
                .max(Comparator.naturalOrder())
                .orElse(finish);
        return new BatchSchedule(
                own,
                ownLoads,
                drying,
                new Minutes(own.stream().mapToDouble(t -> t.minutes().min()).sum()),
                new Energy(ownLoads.stream()
                        .mapToDouble(l -> l.load().energy().kwh() * share(l.load(), bakes))
                        .sum()),
                last,
                scores,
                advice.stream()
                        .filter(f -> f.about().isEmpty()
                                || f.about().stream()
                                        .anyMatch(about -> names.stream().anyMatch(about::startsWith)))
                        .toList());
    }

    private static BakeKey whole(PlannedLoad.Item item) {
        return item.bake().key() instanceof BakeRef bake
                ? bake.whole()
                : item.bake().key();
    }

    /** The share of a load's things that are among some bakes. */
    private static double share(PlannedLoad load, Set<BakeKey> bakes) {
        double all = load.items().stream().mapToInt(PlannedLoad.Item::count).sum();
        double own = load.items().stream()
                .filter(i -> bakes.contains(whole(i)))
                .mapToInt(PlannedLoad.Item::count)
                .sum();
        return all == 0 ? 0 : own / all;
    }

    /**
     * A step of a job, for all its pieces that still need it.
     *
     * @param index of the step in its design
     * @param pieces to do
     * @param ready when it may begin
     * @param slots of time, one for each day it runs over; none when it takes no time
     */
    public record HandsTask(
            Job job,
            Step step,
            int index,
            int pieces,
            Minutes minutes,
            LocalDateTime ready,
            List<WorkHours.Slot> slots) {
        public HandsTask {
            slots = List.copyOf(slots);
        }

        LocalDateTime begin() {
            return slots.isEmpty() ? ready : slots.get(0).from();
        }

        LocalDateTime end() {
            return slots.isEmpty() ? ready : slots.get(slots.size() - 1).to();
        }
    }

    /**
     * Something that dries in the air.
     *
     * @param stage of air-drying clay; null of what was put on in a step
     * @param step in which it was put on; null of a stage
     */
    public record Drying(
            Job job, @Nullable Integer stage, @Nullable Integer step, LocalDateTime from, LocalDateTime to) {
        /** The design, and what of it dries. */
        public String name() {
            Design design = job.design().design();
            return step == null
                    ? design.name()
                    : "%s, %s".formatted(design.name(), design.steps().get(step).name());
        }
    }

    /**
     * A load with its times.
     *
     * @param heatFrom when the oven is switched on
     * @param in when the tray goes in
     * @param out when it comes out
     * @param cooled when pieces can be handled
     */
    public record TimedLoad(
            PlannedLoad load, LocalDateTime heatFrom, LocalDateTime in, LocalDateTime out, LocalDateTime cooled) {}
}
