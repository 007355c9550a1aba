package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Steps to begin with: of every kind of product, in an order that breaks no rule, through the stations as makers go. */
public class ReadyStepsTest {
    @DataProvider
    public Object[][] kinds() {
        return Arrays.stream(DesignKind.values())
                .map(kind -> new Object[] {kind})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "kinds")
    public void theyAreInOrder(DesignKind kind) {
        Design design = DesignTemplates.of(kind, 1);
        List<Step> steps = design.steps();
        assertThat(steps).isEqualTo(ReadySteps.of(design)).hasSizeBetween(8, 20);
        assertThat(OrderReview.breaks(design)).isEmpty();
        assertThat(steps).extracting(Step::station).isSortedAccordingTo(Station::compareTo);
        assertThat(steps).extracting(Step::kind).contains(StepKind.SIGN, StepKind.SAND);
        assertThat(steps).extracting(Step::name).doesNotHaveDuplicates();
        boolean cored = design.parts().stream().anyMatch(part -> part.core() != null);
        assertThat(steps.stream().anyMatch(step -> step.name().equals("press cores")))
                .isEqualTo(cored);
        boolean sleeved = !design.armature().inserts().isEmpty();
        assertThat(steps.stream().anyMatch(step -> step.kind() == StepKind.PULL))
                .isEqualTo(sleeved);
    }
}
