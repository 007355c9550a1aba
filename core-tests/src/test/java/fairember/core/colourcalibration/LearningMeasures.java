package fairember.core.colourcalibration;

import fairember.core.colour.PartsOfClay;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** How long it takes to learn from tiles and to say which would teach the most, on simulated studios.  */
public final class LearningMeasures {
    private static final int TIMES = 7;

    private LearningMeasures() {}

    /** Clays on the shelf, tiles, and how many of the clays the tiles are made of. */
    public static void main(String[] none) {
        measure(12, 12, 12);
        measure(40, 12, 6);
        measure(40, 30, 40);
    }

    private static void measure(int clays, int count, int used) {
        SimulatedStudio studio = new SimulatedStudio(3, clays);
        Random random = new Random(1);
        List<TrialTile> tiles = new ArrayList<>();
        while (tiles.size() < count) {
            int one = random.nextInt(used);
            int other = (one + 1 + random.nextInt(used - 1)) % used;
            tiles.add(studio.made(List.of(new PartsOfClay(one, 1 + random.nextInt(3)), new PartsOfClay(other, 1))));
        }
        double first = 0;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < TIMES; i++) {
            long from = System.nanoTime();
            TileLearning.learn(studio.clays, tiles).nextTile();
            double ms = (System.nanoTime() - from) / 1e6;
            first = i == 0 ? ms : first;
            least = Math.min(least, ms);
        }
        System.out.printf(
                "%d clays, %d tiles of %d of them: first %.0f ms, quickest of %d %.0f ms%n",
                clays, count, used, first, TIMES, least);
    }
}
