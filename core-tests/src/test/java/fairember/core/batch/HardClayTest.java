package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Samples;
import fairember.core.advice.Advice;
import fairember.core.design.DesignMeasuring;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Palette;
import fairember.core.mix.Mix;
import fairember.core.quantity.Mass;
import fairember.core.stock.ClayCondition;
import fairember.core.stock.Conditioning;
import fairember.core.stock.StockClay;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a clay that does not condition well asks for, said as long as some of it is to be mixed. */
public class HardClayTest {
    @DataProvider
    public Object[][] conditions() {
        return List.of(ClayCondition.values()).stream()
                .map(c -> new Object[] {c})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "conditions")
    public void whatToDoIsSaidWithTheGramsAndMinutesUntilAllIsMixed(ClayCondition condition) {
        StockClay white = Samples.WHITE;
        StockClay hard = new StockClay(
                white.id(),
                white.name(),
                white.range(),
                white.pigment(),
                white.open(),
                white.blocks(),
                true,
                null,
                null,
                new Conditioning(condition, condition.each100()));
        Mix chalk = new Mix(1, "Chalk", List.of(Mix.Ingredient.of(hard, 1)));
        Palette palette = new Palette(List.of(chalk, Samples.ROSE)).with(List.of(Samples.PIN));
        MeasuredDesign seal = DesignMeasuring.measure(Samples.seal(), palette, Samples.ROLL, Samples.PACKET);
        JobKey key = new JobKey(1, 97);
        List<Advice> said = HardClay.of(List.of(new Job(key, seal, 10), new Job(new JobKey(2, 97), seal, 10)));
        Progress mixed = new Progress(List.of(10, 10, 10, 0), List.of(0, 0), List.of(), 0, List.of());
        assertThat(HardClay.of(List.of(new Job(key, seal, 10, mixed)))).isEmpty();
        if (condition == ClayCondition.USUAL) {
            assertThat(said).isEmpty();
            return;
        }
        Mass eyes = new Mass(20 * 2 * seal.parts().get(1).portion().mass().g());
        assertThat(said).singleElement().satisfies(advice -> {
            assertThat(advice.fix()).isEqualTo(condition.advice());
            assertThat(advice.message())
                    .isEqualTo("White is %s: the %.1f g still to mix will take %.0f min longer to condition."
                            .formatted(
                                    condition.label(),
                                    eyes.g(),
                                    Math.ceil(eyes.g() * condition.each100().min() / 100)));
        });
    }
}
