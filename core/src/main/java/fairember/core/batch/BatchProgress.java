package fairember.core.batch;

import fairember.core.document.RefersTo;
import fairember.core.input.Span;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;

/** What has been done of a batch: pieces done and lost at each step, and checks ticked; each in the order of the designs. */
public record BatchProgress(List<Tally> tallies, List<Tick> ticks) {
    public static final BatchProgress NONE = new BatchProgress(List.of(), List.of());

    public BatchProgress {
        tallies = tallies.stream()
                .filter(tally -> tally.done() > 0 || tally.lost() > 0)
                .sorted(Comparator.comparing(Tally::designId).thenComparing(Tally::step))
                .toList();
        ticks = ticks.stream()
                .sorted(Comparator.comparing(Tick::designId).thenComparing(Tick::check))
                .toList();
    }

    /** Pieces done and lost at a step of a design, counted from 0. */
    public record Tally(@RefersTo("design") long designId, int step, int done, int lost) {
        public static final Span DONE = Span.count("done", "done", 0, 2000);
        public static final Span LOST = Span.count("lost", "lost", 0, 2000);
    }

    /** A line of a design's checks that is ticked, counted from 0. */
    public record Tick(@RefersTo("design") long designId, int check) {}

    /** The tally of a step; zero when nothing was counted yet. */
    public Tally tally(long designId, int step) {
        return tallies.stream()
                .filter(t -> t.designId() == designId && t.step() == step)
                .findFirst()
                .orElse(new Tally(designId, step, 0, 0));
    }

    /** With the tally of one step changed. */
    public BatchProgress with(long designId, int step, UnaryOperator<Tally> change) {
        List<Tally> changed = new ArrayList<>(tallies);
        changed.removeIf(t -> t.designId() == designId && t.step() == step);
        changed.add(change.apply(tally(designId, step)));
        return new BatchProgress(changed, ticks);
    }

    /** With one check ticked or not. */
    public BatchProgress with(Tick tick, boolean ticked) {
        List<Tick> changed = new ArrayList<>(ticks);
        changed.remove(tick);
        if (ticked) {
            changed.add(tick);
        }
        return new BatchProgress(tallies, changed);
    }
}
