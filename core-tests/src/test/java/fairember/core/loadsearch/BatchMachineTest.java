package fairember.core.loadsearch;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.ovenload.Bake;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Objective;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The plain batch machine: capacity 10, nothing but size and time. */
public class BatchMachineTest {
    @DataProvider
    public Object[][] seeds() {
        return IntStream.range(0, 20)
                .mapToObj(seed -> new Object[] {(long) seed})
                .toArray(Object[][]::new);
    }

    /** Every order of loads and every way to part six jobs, against the pattern model. */
    @Test(dataProvider = "seeds")
    public void thePlainBatchMachineIsSolvedToTheOptimum(long seed) {
        LoadProblem problem = LoadCases.batchMachine(6, 10, seed);
        LoadPlan plan = LoadPlanning.plan(problem, Effort.PROOF);
        PlanReviewer.review(problem, plan);
        assertThat(plan.value(Objective.FINISH)).isEqualTo(best(problem.bakes(), new ArrayList<>(), 0));
    }

    /** The least sum of the longest of each load, over all settings to part the jobs from {@code next} on. */
    private static double best(List<Bake> jobs, List<double[]> loads, int next) {
        if (next == jobs.size()) {
            return loads.stream().mapToDouble(l -> l[1]).sum();
        }
        Bake job = jobs.get(next);
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= loads.size(); i++) {
            double[] was = i < loads.size() ? loads.get(i) : new double[] {0, 0};
            double filled = was[0] + job.unit().width().mm();
            if (filled > 100) {
                continue;
            }
            List<double[]> then = new ArrayList<>(loads);
            double[] now = {filled, Math.max(was[1], job.bakingTime().min())};
            if (i < loads.size()) {
                then.set(i, now);
            } else {
                then.add(now);
            }
            least = Math.min(least, best(jobs, then, next + 1));
        }
        return least;
    }

    @DataProvider
    public Object[][] few() {
        return new Object[][] {{1L}, {2L}};
    }

    /** A hundred jobs in the solver's few steps: never worse than first fit longest, within a hundredth of the bound. */
    @Test(dataProvider = "few")
    public void aHundredJobsAreWithinAHundredthOfTheBest(long seed) {
        LoadProblem problem = LoadCases.batchMachine(100, seed % 2 == 0 ? 10 : 100, seed);
        LoadPlan plan = LoadPlanning.plan(problem, Effort.PROOF);
        PlanReviewer.review(problem, plan);
        assertThat(plan.scores().get(0).gap()).isLessThanOrEqualTo(0.01);
        assertThat(plan.value(Objective.FINISH)).isLessThanOrEqualTo(LoadMeasures.firstFitLongest(problem.bakes()));
    }
}
