package fairember.core.loadsearch;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Samples;
import fairember.core.ovenload.Bake;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Objective;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import java.util.List;
import org.testng.annotations.Test;

/** Plans by rule alone, before anything is searched. */
public class FirstPlansTest {
    private static Bake bake(String key, double bakingTime) {
        return Bake.plain(
                key,
                4,
                LoadCases.box(40, 40, 30),
                new Temperature(125),
                new Temperature(135),
                new Minutes(bakingTime),
                new Minutes(90));
    }

    private static LoadPlan ruled(Bake... bakes) {
        return LoadPlanning.plan(LoadProblem.of(Samples.OVEN, List.of(bakes)), Effort.RULES);
    }

    @Test
    public void noLoadWaitsForWhatWouldMakeItLate() {
        Bake soon = bake("seals", 30).dueAt(500);
        Bake next = bake("tugboats", 45)
                .shaped(new Bake.Hands(new Minutes(400), new Minutes(100)))
                .dueAt(900);
        LoadPlan apart = ruled(soon, next);
        assertThat(apart.value(Objective.LATENESS)).isZero();
        assertThat(apart.loads()).hasSize(2);
        // The tugboats are shaped at 500 and out 45 min after that, or a little later: then both are in time together.
        LoadPlan together = ruled(soon.dueAt(700), next);
        assertThat(together.value(Objective.LATENESS)).isZero();
        assertThat(together.loads()).hasSize(1);
    }
}
