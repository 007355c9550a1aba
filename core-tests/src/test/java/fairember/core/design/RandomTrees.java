package fairember.core.design;

import fairember.core.Samples;
import fairember.core.bake.StageKind;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Ball;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/** Designs of assemblies within assemblies, made by lot. */
public final class RandomTrees {
    private RandomTrees() {}

    /** One to five assemblies with up to three bakes each, a part in each bake, and a step at each point. */
    public static Design design(SplittableRandom random) {
        int count = 1 + random.nextInt(5);
        int[] bakes = IntStream.range(0, count)
                .map(a -> a == 0 ? 1 + random.nextInt(3) : random.nextInt(4))
                .toArray();
        List<Assembly> assemblies = new ArrayList<>();
        for (int a = 0; a < count; a++) {
            int into = a == 0 ? 0 : random.nextInt(a);
            Joint joint = Joint.values()[random.nextInt(Joint.values().length)];
            boolean separate = a == count - 1 && a > 0 && random.nextBoolean();
            assemblies.add(
                    a == 0
                            ? Assembly.WHOLE
                            : new Assembly(
                                    "Assembly " + a,
                                    new BuildPoint(into, random.nextInt(bakes[into] + 1)),
                                    joint,
                                    separate));
        }
        List<Stage> stages = new ArrayList<>();
        List<Part> parts = new ArrayList<>();
        List<Step> steps = new ArrayList<>();
        for (int a = count - 1; a >= 0; a--) {
            for (int k = 0; k <= bakes[a]; k++) {
                BuildPoint at = new BuildPoint(a, k);
                parts.add(Samples.part(
                        "Part %d.%d".formatted(a, k),
                        new Ball(new Length(random.nextDouble(3, 12))),
                        1 + random.nextInt(3),
                        random.nextBoolean() ? Samples.CHALK : Samples.ROSE,
                        at,
                        null));
                steps.add(Samples.step(
                        "step %d.%d".formatted(a, k), Station.SHAPE, random.nextInt(9), 1 + random.nextInt(4), a, k));
                if (k < bakes[a]) {
                    StageKind kind = random.nextInt(3) == 0 ? StageKind.PART_BAKE : StageKind.FULL_BAKE;
                    stages.add(new Stage(
                            "bake %d.%d".formatted(a, k), kind, a, new Minutes(random.nextInt(30)), false, null));
                }
            }
        }
        return new Design(
                20,
                "Tree",
                "",
                DesignKind.FIGURINE,
                Pose.STANDS,
                parts,
                assemblies,
                stages,
                steps,
                List.of(),
                List.of(),
                Armature.NONE,
                null,
                null,
                null);
    }
}
