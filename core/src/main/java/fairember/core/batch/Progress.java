package fairember.core.batch;

import java.util.List;

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
