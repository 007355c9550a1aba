package fairember.core.batch;

import java.util.List;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;

/**
 * How far a job has come.
 *
 * @param stepsDone pieces done at each step; steps past the end of the list count as none
 * @param unitsBaked things that came out of the oven for each stage; likewise
 * @param unitsIn things that are in the oven now for each stage; likewise
 * @param lost designs broken or given up
 * @param ticked pieces for which each line of its checks is ticked; likewise
 */
public record Progress(
        List<Integer> stepsDone, List<Integer> unitsBaked, List<Integer> unitsIn, int lost, List<Integer> ticked) {
    public static final Progress NONE = new Progress(List.of(), List.of(), List.of(), 0, List.of());

    public Progress {
        stepsDone = List.copyOf(stepsDone);
        unitsBaked = List.copyOf(unitsBaked);
        unitsIn = List.copyOf(unitsIn);
        ticked = List.copyOf(ticked);
    }

    /**
     * The part of it that is of the first piece; nothing is lost of that.
     *
     * @param unitsEach things that one piece is in each stage
     */
    Progress ofFirst(List<Integer> unitsEach) {
        List<Integer> baked = most(unitsBaked, i -> unitsEach.get(i));
        return new Progress(
                most(stepsDone, i -> 1),
                baked,
                most(unitsIn, i -> unitsEach.get(i) - at(baked, i)),
                0,
                most(ticked, i -> 1));
    }

    /** What is left of it without that of the first piece. */
    Progress without(Progress first) {
        return new Progress(
                less(stepsDone, first.stepsDone),
                less(unitsBaked, first.unitsBaked),
                less(unitsIn, first.unitsIn),
                lost,
                less(ticked, first.ticked));
    }

    private static List<Integer> most(List<Integer> counts, IntUnaryOperator limit) {
        return IntStream.range(0, counts.size())
                .mapToObj(i -> Math.min(counts.get(i), limit.applyAsInt(i)))
                .toList();
    }

    private static List<Integer> less(List<Integer> counts, List<Integer> taken) {
        return IntStream.range(0, counts.size())
                .mapToObj(i -> counts.get(i) - at(taken, i))
                .toList();
    }

    public int stepDone(int step) {
        return at(stepsDone, step);
    }

    /** Things of a stage that came out of the oven. */
    public int baked(int stage) {
        return at(unitsBaked, stage);
    }

    /** Things of a stage that came out or are in. */
    public int bakedOrIn(int stage) {
        return at(unitsBaked, stage) + at(unitsIn, stage);
    }

    /** Pieces for which a line of the checks is ticked. */
    public int checked(int line) {
        return at(ticked, line);
    }

    private static int at(List<Integer> counts, int i) {
        return i < counts.size() ? counts.get(i) : 0;
    }
}
