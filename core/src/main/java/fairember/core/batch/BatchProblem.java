package fairember.core.batch;

import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Makers;
import fairember.core.ovenload.Stretch;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is left of some jobs as a problem of loads: hands that stop at closing, ovens that run in the studio's
 * hours, for as many days as it can take.
 *
 * @param zero the moment its minutes are counted from
 */
record BatchProblem(List<Job> jobs, Workshop bench, BatchScheduling.Start start, LocalDateTime zero) {
    private static final int SPARE_DAYS = 21;

    /** A minute in which nothing fits. */
    private static final List<Stretch> NEVER = List.of(Stretch.ofMinutes(0, 1));

    LoadProblem problem() {
        List<Bake> bakes = BatchBakes.of(jobs, bench, start, zero);
        int days = days(bakes);
        List<Stretch> hours = stretches(bench.hours(), days, zero);
        List<LoadProblem.OvenUse> ovens = new ArrayList<>();
        for (int o = 0; o < bench.ovens().size(); o++) {
            Workshop.Use use = bench.ovens().get(o);
            LocalDateTime free = start.ovenFree().getOrDefault(o, zero);
            LocalDateTime from = free.isAfter(zero) ? free : zero;
            ovens.add(new LoadProblem.OvenUse(
                    use.oven(),
                    use.within(bench.hours())
                            .map(open -> stretches(open, days, from))
                            .orElse(NEVER)));
        }
        List<LoadProblem.PinnedLoad> pins = bench.pins().stream()
                .map(p -> new LoadProblem.PinnedLoad(
                        p.oven(),
                        p.items(),
                        Optional.ofNullable(p.at())
                                .filter(at -> !at.isBefore(zero))
                                .map(at -> BatchBakes.minutes(zero, at))))
                .toList();
        return new LoadProblem(
                ovens, new Makers(bench.makers(), hours, true), bakes, apart(bakes), pins, LoadProblem.USUAL);
    }

    /** What is kept apart of a design is so of its first piece too. */
    private List<LoadProblem.Apart> apart(List<Bake> bakes) {
        return bench.apart().stream()
                .flatMap(pair -> keys(bakes, pair.one())
                        .flatMap(one -> keys(bakes, pair.other()).map(other -> new LoadProblem.Apart(one, other))))
                .toList();
    }

    private static Stream<BakeKey> keys(List<Bake> bakes, BakeKey wanted) {
        Stream<BakeKey> first = bakes.stream()
                .map(Bake::key)
                .filter(key -> !key.equals(wanted)
                        && key instanceof BakeRef bake
                        && bake.whole().equals(wanted));
        return Stream.concat(Stream.of(wanted), first);
    }

    private int days(List<Bake> bakes) {
        double minutes = bakes.stream()
                .mapToDouble(b -> b.hands().work().min() + 2 * b.bakingTime().min() + 120)
                .sum();
        double late = Stream.concat(start.cooledAt().values().stream(), bench.begins().values().stream())
                .mapToDouble(at -> Duration.between(zero, at).toDays())
                .max()
                .orElse(0);
        return SPARE_DAYS
                + (int) Math.ceil(late
                        + 7
                                * minutes
                                / bench.hours().day().toMinutes()
                                / bench.hours().days().size());
    }

    private List<Stretch> stretches(WorkHours open, int days, LocalDateTime from) {
        List<Stretch> hours = new ArrayList<>();
        LocalDateTime at = open.next(from);
        LocalDateTime last = from.plusDays(days);
        while (at.isBefore(last)) {
            LocalDateTime close = at.toLocalDate().atTime(open.to());
            if (at.isBefore(close)) {
                hours.add(new Stretch(BatchBakes.minutes(zero, at), BatchBakes.minutes(zero, close)));
            }
            at = open.next(close);
        }
        return hours;
    }
}
