package fairember.core.run;

import java.util.List;

/**
 * How far a job has come.
 *
 * @param stepsDone pieces done at each step of the route; steps past the end of the list count as none
 * @param unitsBaked things that came out of the oven for each stage; likewise
 * @param lost pieces broken or given up
 * @param gatePassed whether every line of its gate is ticked
 */
public record Progress(List<Integer> stepsDone, List<Integer> unitsBaked, int lost, boolean gatePassed) {
    public static final Progress NONE = new Progress(List.of(), List.of(), 0, false);

    public Progress {
        stepsDone = List.copyOf(stepsDone);
        unitsBaked = List.copyOf(unitsBaked);
    }

    public int stepDone(int step) {
        return step < stepsDone.size() ? stepsDone.get(step) : 0;
    }

    public int baked(int stage) {
        return stage < unitsBaked.size() ? unitsBaked.get(stage) : 0;
    }
}
