package fairember.core.batch;

import fairember.core.document.Default;
import fairember.core.document.RefersTo;
import fairember.core.input.Span;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What has been done of a batch: pieces done and lost at each step, and checks ticked; each in the order of the designs.
 *
 * @param taken whether what it used was taken from the shelf
 */
public record BatchProgress(
        List<Tally> tallies,
        List<Tick> ticks,
        @Default("false") boolean taken) {
    public static final BatchProgress NONE = new BatchProgress(List.of(), List.of(), false);

    public BatchProgress {
        tallies = tallies.stream()
                .filter(tally -> tally.done() > 0 || tally.lost() > 0 || tally.again() > 0)
                .sorted(Comparator.comparing(Tally::designId).thenComparing(Tally::step))
                .toList();
        ticks = ticks.stream()
                .filter(tick -> tick.pieces() > 0)
                .sorted(Comparator.comparing(Tick::designId).thenComparing(Tick::check))
                .toList();
    }

    /**
     * Pieces counted at a step of a design.
     *
     * @param step counted from 0
     * @param done at this step, those that were lost later and made again counted each time
     * @param lost for good: the batch has so many fewer
     * @param again lost and made again
     */
    public record Tally(
            @RefersTo("design") long designId,
            int step,
            int done,
            int lost,
            @Default("0") int again) {
        public static final Span DONE = Span.count("done", "done", 0, 2000);
        public static final Span LOST = Span.count("lost", "lost", 0, 2000);
        public static final Span AGAIN = Span.count("again", "made again", 0, 2000);
    }

    /**
     * A line of a design's checks that is ticked.
     *
     * @param check counted from 0
     * @param pieces for which it is ticked
     */
    public record Tick(@RefersTo("design") long designId, int check, int pieces) {
        public static final Span PIECES = Span.count("pieces", "pieces", 0, 2000);
    }

    /** The tally of a step; zero when nothing was counted yet. */
    public Tally tally(long designId, int step) {
        return tallies.stream()
                .filter(t -> t.designId() == designId && t.step() == step)
                .findFirst()
                .orElse(new Tally(designId, step, 0, 0, 0));
    }

    /** The same when what it used was taken from the shelf. */
    public BatchProgress shelfTaken() {
        return new BatchProgress(tallies, ticks, true);
    }

    /** Pieces that were lost after a step and have to go through it again. */
    public int againAfter(long designId, int step) {
        return tallies.stream()
                .filter(t -> t.designId() == designId && t.step() > step)
                .mapToInt(Tally::again)
                .sum();
    }

    /** With the tally of one step changed. */
    public BatchProgress with(long designId, int step, UnaryOperator<Tally> change) {
        List<Tally> changed = new ArrayList<>(tallies);
        changed.removeIf(t -> t.designId() == designId && t.step() == step);
        changed.add(change.apply(tally(designId, step)));
        return new BatchProgress(changed, ticks, taken);
    }

    /** Pieces for which a line of a design's checks is ticked. */
    public int ticked(long designId, int check) {
        return ticks.stream()
                .filter(t -> t.designId() == designId && t.check() == check)
                .mapToInt(Tick::pieces)
                .findFirst()
                .orElse(0);
    }

    /** With what counts from one state to another differ by, and the ticks that differ between them where nobody changed these. */
    public BatchProgress changedBy(BatchProgress from, BatchProgress to) {
        BatchProgress changed = new BatchProgress(tallies, ticks, taken != from.taken ? taken : to.taken);
        for (Tally tally : keys(from, to)) {
            Tally before = from.tally(tally.designId, tally.step);
            Tally after = to.tally(tally.designId, tally.step);
            changed = changed.with(
                    tally.designId,
                    tally.step,
                    t -> new Tally(
                            t.designId,
                            t.step,
                            Math.max(0, t.done + after.done - before.done),
                            Math.max(0, t.lost + after.lost - before.lost),
                            Math.max(0, t.again + after.again - before.again)));
        }
        for (Tick tick : Stream.concat(from.ticks.stream(), to.ticks.stream()).toList()) {
            if (ticked(tick.designId, tick.check) == from.ticked(tick.designId, tick.check)) {
                changed = changed.with(new Tick(tick.designId, tick.check, to.ticked(tick.designId, tick.check)));
            }
        }
        return changed;
    }

    /** A tally of each step that is counted in one of two states, each once. */
    private static Collection<Tally> keys(BatchProgress one, BatchProgress other) {
        return Stream.concat(one.tallies.stream(), other.tallies.stream())
                .collect(Collectors.toMap(t -> List.of(t.designId, (long) t.step), t -> t, (a, b) -> a))
                .values();
    }

    /** With one check ticked for as many pieces. */
    public BatchProgress with(Tick tick) {
        List<Tick> changed = new ArrayList<>(ticks);
        changed.removeIf(t -> t.designId() == tick.designId() && t.check() == tick.check());
        changed.add(tick);
        return new BatchProgress(tallies, changed, taken);
    }
}
