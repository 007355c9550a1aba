package fairember.core.batch;

import fairember.core.advice.Advice;
import fairember.core.input.Span;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Oven;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What a studio has to bake with, and how it wants it.
 *
 * @param ovens by number
 * @param hours in which somebody is there: hands work, and ovens run
 * @param makers at work at once, 1 or 2
 * @param begins by job key: the first moment hands may be at it; jobs without may be begun at once
 * @param due by job key: the closing by which a job is to be done; jobs without are not hurried
 * @param apart pairs of bake keys that are kept from sharing a load
 * @param pins loads that are held as they are
 */
public record Workshop(
        List<Use> ovens,
        WorkHours hours,
        int makers,
        Map<JobKey, LocalDateTime> begins,
        Map<JobKey, LocalDateTime> due,
        List<LoadProblem.Apart> apart,
        List<Pin> pins) {
    public static final Span MAKERS = Span.count("makers", "makers at work", 1, 2);

    /**
     * A bench of as many as there may be.
     *
     * @throws fairember.core.input.InvalidInputException when there are none or more
     */
    public Workshop {
        MAKERS.check(makers);
        ovens = List.copyOf(ovens);
        begins = Map.copyOf(begins);
        due = Map.copyOf(due);
        apart = List.copyOf(apart);
        pins = List.copyOf(pins);
    }

    /**
     * An oven and when it may run.
     *
     * @param own its own hours; nothing when it runs whenever somebody is there
     */
    public record Use(Oven oven, Optional<WorkHours> own) {
        /** The hours of the studio in which it may run; nothing when it never may. */
        Optional<WorkHours> within(WorkHours studio) {
            return own.isEmpty() ? Optional.of(studio) : studio.shared(own.get());
        }
    }

    /** When hands may be at a job at the earliest: {@code zero} unless it is said. */
    LocalDateTime begins(JobKey job, LocalDateTime zero) {
        return begins.getOrDefault(job.whole(), zero);
    }

    /** Ovens that may run only while nobody is there. */
    List<Advice> closed() {
        return ovens.stream()
                .filter(use -> use.within(hours).isEmpty())
                .map(use -> Advice.caution(
                        "oven-closed",
                        "%s may run from %s to %s, when nobody is in the studio, so no loads are planned for it."
                                .formatted(
                                        use.oven().name(),
                                        use.own().orElseThrow().from(),
                                        use.own().orElseThrow().to()),
                        "Choose hours when somebody is there. Never leave an oven alone.",
                        use.oven().name()))
                .toList();
    }

    /**
     * A load that is held as it is.
     *
     * @param oven by number
     * @param at when it goes in; null when only what is in it is held
     */
    public record Pin(
            int oven,
            List<LoadProblem.PinnedItem> items,
            @Nullable LocalDateTime at) {
        public Pin {
            items = List.copyOf(items);
        }
    }

    /** One oven, one maker, nobody waiting, nothing held. */
    public static Workshop of(Oven oven, WorkHours hours) {
        return new Workshop(
                List.of(new Use(oven, Optional.empty())), hours, 1, Map.of(), Map.of(), List.of(), List.of());
    }
}
