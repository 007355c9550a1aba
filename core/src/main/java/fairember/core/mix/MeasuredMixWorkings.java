package fairember.core.mix;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;
import java.util.List;

/** How the grams of each line of a mix come about. */
public final class MeasuredMixWorkings {
    private MeasuredMixWorkings() {}

    public static Workings of(MeasuredMix mix) {
        Workings.Steps steps =
                Workings.of("Grams of each clay and mix in " + mix.mix().name());
        List<MeasuredMix.Line> lines = mix.lines();
        List<Inclusion> inclusions = mix.mix().inclusions();
        for (int i = 1; i <= lines.size(); i++) {
            Mix.Ingredient line = lines.get(i - 1).ingredient();
            steps.given("p" + i, line.name(), line.parts(), "parts", Source.ENTERED);
        }
        for (int i = 1; i <= inclusions.size(); i++) {
            Inclusion inclusion = inclusions.get(i - 1);
            steps.given("q" + i, inclusion.name(), inclusion.ofClay().of1(), "of the clay", Source.ENTERED);
        }
        steps.given("M", "wanted", mix.wanted().g(), "g", Source.ENTERED);
        steps.worked("n", "parts in total", mix.mix().allParts(), "parts", sum("p", lines.size()));
        double clay = lines.stream().mapToDouble(line -> line.mass().g()).sum();
        String clayFormula = inclusions.isEmpty() ? "M" : "M/(1 + " + sum("q", inclusions.size()) + ")";
        steps.worked("C", "clay in it", clay, "g", clayFormula);
        for (int i = 1; i <= lines.size(); i++) {
            MeasuredMix.Line line = lines.get(i - 1);
            steps.worked("m" + i, line.ingredient().name(), line.mass().g(), "g", "C·p" + i + "/n");
        }
        for (int i = 1; i <= inclusions.size(); i++) {
            Inclusion inclusion = inclusions.get(i - 1);
            steps.worked("s" + i, inclusion.name(), mix.inclusions().get(i - 1).g(), "g", "C·q" + i);
        }
        return steps.done();
    }

    private static String sum(String symbol, int many) {
        StringBuilder sum = new StringBuilder();
        for (int i = 1; i <= many; i++) {
            sum.append(i == 1 ? "" : " + ").append(symbol).append(i);
        }
        return sum.toString();
    }
}
