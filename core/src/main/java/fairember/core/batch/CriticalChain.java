package fairember.core.batch;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The tasks, loads and dryings that keep a schedule from ending earlier: each begins when the one before it lets it, back
 * from the last.
 *
 * @param tasks by their place in the schedule
 * @param loads by their place in the schedule
 * @param dryings by their place in the schedule
 */
public record CriticalChain(Set<Integer> tasks, Set<Integer> loads, Set<Integer> dryings) {
    private static final Duration HAIR = Duration.ofSeconds(90);

    public CriticalChain {
        tasks = Set.copyOf(tasks);
        loads = Set.copyOf(loads);
        dryings = Set.copyOf(dryings);
    }

    private enum Kind {
        TASK,
        LOAD,
        DRYING
    }

    /**
     * One link: when it lets the next begin, the last moment that begins by it, over closed hours too, and the moments it may itself
     * have waited for.
     */
    private record Link(Kind kind, int at, LocalDateTime lets, LocalDateTime until, List<LocalDateTime> waited) {
        boolean letsAny(List<LocalDateTime> begun) {
            for (LocalDateTime moment : begun) {
                if (!lets.isAfter(moment.plus(HAIR)) && !until.isBefore(moment)) {
                    return true;
                }
            }
            return false;
        }
    }

    /** The chain of a schedule that keeps these hours. */
    public static CriticalChain of(BatchSchedule schedule, WorkHours hours) {
        List<Link> links = links(schedule, hours);
        Set<Integer> tasks = new HashSet<>();
        Set<Integer> loads = new HashSet<>();
        Set<Integer> dryings = new HashSet<>();
        Optional<Link> now = links.stream().findFirst();
        while (now.isPresent()) {
            Link link = now.get();
            Set<Integer> of = switch (link.kind()) {
                case TASK -> tasks;
                case LOAD -> loads;
                case DRYING -> dryings;
            };
            if (!of.add(link.at())) {
                break;
            }
            now = before(link, links);
        }
        return new CriticalChain(tasks, loads, dryings);
    }

    /** The links, the last to end first. */
    private static List<Link> links(BatchSchedule schedule, WorkHours hours) {
        List<Link> links = new ArrayList<>();
        for (int i = 0; i < schedule.tasks().size(); i++) {
            BatchSchedule.HandsTask task = schedule.tasks().get(i);
            links.add(link(Kind.TASK, i, task.end(), List.of(task.begin()), hours));
        }
        for (int i = 0; i < schedule.loads().size(); i++) {
            BatchSchedule.TimedLoad load = schedule.loads().get(i);
            List<LocalDateTime> waited = List.of(load.heatFrom(), load.in());
            links.add(link(Kind.LOAD, i, load.cooled(), waited, hours));
            links.add(link(Kind.LOAD, i, load.out(), waited, hours));
        }
        for (int i = 0; i < schedule.dryings().size(); i++) {
            BatchSchedule.Drying drying = schedule.dryings().get(i);
            links.add(link(Kind.DRYING, i, drying.to(), List.of(drying.from()), hours));
        }
        links.sort(Comparator.comparing(Link::lets).reversed());
        return links;
    }

    private static Link link(Kind kind, int at, LocalDateTime lets, List<LocalDateTime> waited, WorkHours hours) {
        return new Link(kind, at, lets, hours.next(lets).plus(HAIR), waited);
    }

    /** The link that let this one begin, over closed hours too; the last to do so. */
    private static Optional<Link> before(Link link, List<Link> links) {
        LocalDateTime earliest = Collections.min(link.waited());
        LocalDateTime latest = Collections.max(link.waited()).plus(HAIR);
        for (int i = firstNotAfter(links, latest); i < links.size(); i++) {
            Link other = links.get(i);
            if (other.until().isBefore(earliest)) {
                break; // Those that follow ended even earlier.
            }
            if ((other.kind() != link.kind() || other.at() != link.at()) && other.letsAny(link.waited())) {
                return Optional.of(other);
            }
        }
        return Optional.empty();
    }

    private static int firstNotAfter(List<Link> links, LocalDateTime moment) {
        int low = 0;
        int high = links.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (links.get(middle).lets().isAfter(moment)) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
