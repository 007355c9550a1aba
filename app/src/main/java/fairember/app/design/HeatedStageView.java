package fairember.app.design;

import fairember.app.web.WorkingsView;
import fairember.core.design.HeatedStage;
import fairember.core.heat.HeatBodyWorkings;
import fairember.core.heat.HeatedPiece;
import fairember.core.quantity.Minutes;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * How heat goes through a stage bake, in an oven that is hot already.
 *
 * @param slowest the part whose middle is warm last
 * @param tempC of the oven
 * @param warmMin when its middle is within 5 °C of that; nothing when the bake ends before
 * @param countingMin of the baking time in which it is
 * @param plannedMin baking time that the middle asks for
 * @param tooShort whether the stage's own baking time is shorter than that
 * @param coolsSlowlyMin until it can be handled, in the air
 * @param quenchedMin until it can be handled, in cold water
 * @param samples at most about 120
 */
public record HeatedStageView(
        String slowest,
        double tempC,
        double bakingMin,
        @Nullable Double warmMin,
        double countingMin,
        double plannedMin,
        boolean tooShort,
        double coolsSlowlyMin,
        double quenchedMin,
        List<MethodTimeView> bakingMethods,
        List<StageSampleView> samples,
        WorkingsView workings) {
    private static final int MOST = 120;

    /** A baking method, its time, and what of it counts. */
    public record MethodTimeView(String name, double bakingMin, double countingMin) {}

    /** The middle and the outside of the slowest part at a time. */
    public record StageSampleView(double min, double centreC, double outsideC) {}

    static HeatedStageView of(HeatedStage stage) {
        HeatedPiece heated = stage.heated();
        List<HeatedPiece.Sample> samples = heated.samples();
        int every = Math.max(1, (samples.size() + MOST - 1) / MOST);
        return new HeatedStageView(
                stage.slowest().name(),
                stage.setC(),
                stage.bakingTime().min(),
                heated.warm().map(Minutes::min).orElse(null),
                heated.counting().min(),
                stage.planned().min(),
                stage.tooShort(),
                stage.coolsSlowly().min(),
                stage.quenched().min(),
                stage.bakingMethods().stream()
                        .map(s -> new MethodTimeView(
                                s.name(), s.bakingTime().min(), s.counting().min()))
                        .toList(),
                IntStream.range(0, samples.size())
                        .filter(i -> i % every == 0 || i == samples.size() - 1)
                        .mapToObj(samples::get)
                        .map(s -> new StageSampleView(s.min(), s.centreC(), s.outsideC()))
                        .toList(),
                WorkingsView.of(HeatBodyWorkings.of(
                        heated.body(), stage.slowest().material(), stage.air().gives(), stage.near())));
    }
}
