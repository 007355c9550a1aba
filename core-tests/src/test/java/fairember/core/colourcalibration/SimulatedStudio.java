package fairember.core.colourcalibration;

import fairember.core.colour.Colorant;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.ColourMixing;
import fairember.core.colour.Face;
import fairember.core.colour.Habit;
import fairember.core.colour.Lab;
import fairember.core.colour.MixPart;
import fairember.core.colour.MixedColour;
import fairember.core.colour.Opacity;
import fairember.core.colour.PartsOfClay;
import fairember.core.colour.Pigment;
import fairember.core.colour.Srgb;
import fairember.core.colour.Strength;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

/**
 * A studio whose clays are not what their packets say, by lot: true strengths, true spectra and true shifts in the oven differ
 * from swatch and class by what was found likely. White, black and a translucent are always among them.
 */
final class SimulatedStudio {
    private static final double STRENGTH_SD = 0.5;
    private static final double BEND_SD = 0.3;
    private static final double CURED_BEND_SD = 0.15;
    private static final double CURED_STRENGTH_SD = 0.2;
    private static final double SEEN_SD = 0.8;
    private static final double PRINT_SD = 4;

    private final SplittableRandom random;
    final List<ClayPrior> clays = new ArrayList<>();
    private final List<Pigment> truth = new ArrayList<>();

    SimulatedStudio(long seed, int count) {
        random = new SplittableRandom(seed);
        for (int id = 0; id < count; id++) {
            Srgb raw = id == 0 ? new Srgb(244, 242, 234) : id == 1 ? new Srgb(34, 34, 38) : saturated();
            Srgb cured = deeper(raw);
            Opacity opacity = id == 2 ? Opacity.TRANSLUCENT : id % 7 == 5 ? Opacity.HALF : Opacity.OPAQUE;
            Pigment real =
                    new Pigment(raw, cured, opacity, Strength.values()[id % 3]).with(Habit.of(trueNumbers(id == 0)));
            MixedColour alone = ColourMixing.mix(List.of(new MixPart("clay " + id, real, 1)));
            Pigment packet = new Pigment(
                    printed(alone.raw().srgb()), printed(alone.cured().srgb()), opacity, real.strength());
            clays.add(new ClayPrior(id, packet, false));
            truth.add(real);
        }
    }

    private double[] trueNumbers(boolean white) {
        double[] numbers = new double[Habit.NUMBERS];
        numbers[0] = white ? 0 : STRENGTH_SD * random.nextGaussian();
        for (int k = 1; k <= Habit.BUMPS; k++) {
            numbers[k] = BEND_SD * random.nextGaussian();
            numbers[k + Habit.BUMPS] = CURED_BEND_SD * random.nextGaussian();
        }
        numbers[Habit.NUMBERS - 1] = CURED_STRENGTH_SD * random.nextGaussian();
        return numbers;
    }

    /** A colour as a packet shows it: near, but not it. */
    private Srgb printed(Srgb colour) {
        return new Srgb(off(colour.red()), off(colour.green()), off(colour.blue()));
    }

    private int off(int channel) {
        return (int) Math.max(0, Math.min(255, channel + PRINT_SD * random.nextGaussian()));
    }

    private Srgb saturated() {
        java.awt.Color colour =
                java.awt.Color.getHSBColor((float) random.nextDouble(), (float) random.nextDouble(0.35, 0.95), (float)
                        random.nextDouble(0.35, 0.95));
        return new Srgb(colour.getRed(), colour.getGreen(), colour.getBlue());
    }

    private Srgb deeper(Srgb raw) {
        double by = random.nextDouble(0.86, 0.97);
        return new Srgb((int) (raw.red() * by), (int) (raw.green() * by), (int) (raw.blue() * by));
    }

    /** Two or three clays in small whole parts. */
    List<PartsOfClay> anyMix() {
        int many = random.nextInt(2, 4);
        List<Integer> chosen = new ArrayList<>();
        while (chosen.size() < many) {
            int clay = random.nextInt(clays.size());
            if (!chosen.contains(clay)) {
                chosen.add(clay);
            }
        }
        return chosen.stream()
                .map(clay -> new PartsOfClay(clay, random.nextInt(1, 7)))
                .toList();
    }

    Lab truly(List<PartsOfClay> parts, Face face) {
        return Lab.of(Colorant.mix(
                        parts.stream()
                                .map(p -> truth.get((int) p.clayId()).colorant(face))
                                .toList(),
                        parts.stream().mapToDouble(PartsOfClay::parts).toArray())
                .thick());
    }

    /** A tile of this mix as it would be seen. */
    TrialTile made(List<PartsOfClay> parts) {
        return new TrialTile(parts, Optional.of(seen(parts, Face.RAW)), Optional.of(seen(parts, Face.CURED)), true);
    }

    private Lab seen(List<PartsOfClay> parts, Face face) {
        Lab lab = truly(parts, face);
        return new Lab(
                lab.l() + SEEN_SD * random.nextGaussian(),
                lab.a() + SEEN_SD * random.nextGaussian(),
                lab.b() + SEEN_SD * random.nextGaussian());
    }

    /** Mean ΔE00 of the cured colours of these mixes. */
    double meanError(LearnedClays learned, List<List<PartsOfClay>> mixes) {
        return mixes.stream()
                .mapToDouble(mix -> ColourDifference.of(learned.colour(mix, Face.CURED), truly(mix, Face.CURED))
                        .total())
                .average()
                .orElseThrow();
    }
}
