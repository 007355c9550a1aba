package fairember.core.mix;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;
import java.util.List;

/** How the grams of each clay in a mix come about. */
public final class MeasuredMixWorkings {
    private MeasuredMixWorkings() {}

    public static Workings of(MeasuredMix mix) {
        Workings.Steps steps = Workings.of("Grams of each clay in " + mix.mix().name());
        List<MeasuredMix.ClayPortion> portions = mix.portions();
        StringBuilder sum = new StringBuilder();
        for (int i = 0; i < portions.size(); i++) {
            MeasuredMix.ClayPortion portion = portions.get(i);
            steps.given("p" + (i + 1), portion.clay().name(), portion.parts(), "parts", Source.ENTERED);
            sum.append(i == 0 ? "" : " + ").append("p").append(i + 1);
        }
        steps.given("M", "wanted", mix.wanted().g(), "g", Source.ENTERED);
        double all =
                portions.stream().mapToDouble(MeasuredMix.ClayPortion::parts).sum();
        steps.worked("n", "parts in all", all, "parts", sum.toString());
        for (int i = 1; i <= portions.size(); i++) {
            MeasuredMix.ClayPortion portion = portions.get(i - 1);
            steps.worked("m" + i, portion.clay().name(), portion.mass().g(), "g", "M·p" + i + "/n");
        }
        return steps.done();
    }
}
