package fairember.core.colourcalibration;

import fairember.core.colour.Colorant;
import fairember.core.colour.Face;
import fairember.core.colour.Habit;
import fairember.core.colour.Lab;
import fairember.core.colour.PartsOfClay;
import fairember.core.colour.Reflectance;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** The clays at one guess of what is to be learned: sixteen numbers of each, in the order of the clays. */
final class Landscape {
    /** Step of a slope: small beside what a number may be, large beside what is rounded. */
    private static final double STEP = 1e-5;

    private final List<ClayPrior> clays;
    private final Map<Long, Integer> places = new HashMap<>();
    private final double[] guess;
    private final Map<Face, Map<Integer, Colorant>> colorants = new EnumMap<>(Face.class);
    /** Each clay with one of its numbers increased by a step, by face: all tiles with this clay use the same ones. */
    private final Map<Face, Map<Integer, List<Colorant>>> stepped = new EnumMap<>(Face.class);

    Landscape(List<ClayPrior> clays, double[] guess) {
        this.clays = clays;
        this.guess = guess;
        for (int c = 0; c < clays.size(); c++) {
            places.put(clays.get(c).id(), c);
        }
    }

    private synchronized Colorant colorant(int clay, Face face) {
        return colorants
                .computeIfAbsent(face, f -> new HashMap<>())
                .computeIfAbsent(clay, c -> colorant(c, numbers(c), face));
    }

    private Colorant colorant(int clay, double[] numbers, Face face) {
        return clays.get(clay).pigment().with(Habit.of(numbers)).colorant(face);
    }

    private double[] numbers(int clay) {
        return Arrays.copyOfRange(guess, clay * Habit.NUMBERS, (clay + 1) * Habit.NUMBERS);
    }

    Habit habit(int clay) {
        return Habit.of(numbers(clay));
    }

    int place(long clayId) {
        return places.getOrDefault(clayId, -1);
    }

    boolean knows(List<PartsOfClay> parts) {
        return parts.stream().allMatch(part -> places.containsKey(part.clayId()));
    }

    /** What parts of clays look like at this guess. */
    Lab colour(List<PartsOfClay> parts, Face face) {
        return colour(parts, of(parts, face));
    }

    private List<Colorant> of(List<PartsOfClay> parts, Face face) {
        return new ArrayList<>(
                parts.stream().map(part -> colorant(place(part.clayId()), face)).toList());
    }

    /** Its spectrum at this guess. */
    Reflectance thick(List<PartsOfClay> parts, Face face) {
        return thick(parts, of(parts, face));
    }

    private static Reflectance thick(List<PartsOfClay> parts, List<Colorant> of) {
        double[] weights = parts.stream().mapToDouble(PartsOfClay::parts).toArray();
        return Colorant.mix(of, weights).thick();
    }

    private static Lab colour(List<PartsOfClay> parts, List<Colorant> of) {
        return Lab.of(thick(parts, of));
    }

    /** Where the numbers of these parts stand among all. */
    int[] columns(List<PartsOfClay> parts) {
        return parts.stream()
                .flatMapToInt(part ->
                        IntStream.range(0, Habit.NUMBERS).map(n -> place(part.clayId()) * Habit.NUMBERS + n))
                .toArray();
    }

    /**
     * How a residual changes with each number that has to do with it.
     *
     * @param at the colour the residual is given at
     * @return three rows; a column of 16 for each part, in the order of the parts
     */
    double[][] slopes(List<PartsOfClay> parts, Face face, SeenAt at) {
        List<Colorant> of = of(parts, face);
        double[] here = at.residual(colour(parts, of));
        double[][] slopes = new double[3][parts.size() * Habit.NUMBERS];
        for (int j = 0; j < parts.size(); j++) {
            List<Colorant> steps = stepped(place(parts.get(j).clayId()), face);
            Colorant before = of.get(j);
            for (int n = 0; n < steps.size(); n++) {
                of.set(j, steps.get(n));
                double[] there = at.residual(colour(parts, of));
                for (int row = 0; row < 3; row++) {
                    slopes[row][j * Habit.NUMBERS + n] = (there[row] - here[row]) / STEP;
                }
            }
            of.set(j, before);
        }
        return slopes;
    }

    /** The numbers that matter to this face, in order: those of the cured colour do not affect the raw one. */
    private synchronized List<Colorant> stepped(int clay, Face face) {
        return stepped.computeIfAbsent(face, f -> new HashMap<>()).computeIfAbsent(clay, c -> {
            List<Colorant> steps = new ArrayList<>();
            for (int n = 0; n < (face == Face.RAW ? 1 + Habit.BUMPS : Habit.NUMBERS); n++) {
                double[] numbers = numbers(c);
                numbers[n] += STEP;
                steps.add(colorant(c, numbers, face));
            }
            return steps;
        });
    }
}
