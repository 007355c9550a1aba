package fairember.core.recipe;

import fairember.core.colour.Colorant;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.Effect;
import fairember.core.colour.Lab;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Makes up what is short of a recipe from what else the shelf has: from one or two of its clays, in every ratio of {@value #STEPS}
 * steps, each pair tried. What the recipe has enough of is taken as the recipe says.
 */
public final class FillingUp {
    static final int STEPS = 20;
    private static final double EPSILON_G = 1e-9;

    private final List<FillUp.Grams> onHand;
    private final Colorant knownColorant;
    private final double onHandG;
    private final double missingG;
    private final Lab target;
    private final Look look;

    private FillingUp(List<FillUp.Grams> onHand, double missingG, Lab target, Look look) {
        this.onHand = onHand;
        this.missingG = missingG;
        this.target = target;
        this.look = look;
        onHandG = onHand.stream().mapToDouble(FillUp.Grams::g).sum();
        knownColorant = onHandG > 0 ? mix(onHand) : onHand.get(0).choice().colorant();
    }

    /**
     * The nearest colour that filling up gives.
     *
     * @param needs grams of each choice that the recipe asks for, one or more
     * @param shelf what else there is; choices of the recipe may be among it
     * @param target the recipe's colour
     * @param look how the recipe hides and shimmers, which the filled-up mix is to do too
     * @return nothing when nothing is short, or the shelf has not enough of anything
     */
    public static Optional<FillUp> fillUp(List<FillUp.Grams> needs, List<Choice> shelf, Lab target, Look look) {
        List<FillUp.Grams> onHand = needs.stream()
                .map(need -> new FillUp.Grams(
                        need.choice(), Math.min(need.g(), need.choice().onHandG())))
                .toList();
        double missing = needs.stream().mapToDouble(FillUp.Grams::g).sum()
                - onHand.stream().mapToDouble(FillUp.Grams::g).sum();
        if (missing <= EPSILON_G) {
            return Optional.empty();
        }
        return new FillingUp(onHand, missing, target, look).nearest(spare(onHand, look.allowed(shelf)));
    }

    /** What is over of each clay of the shelf when the recipe has had its share. */
    private static List<FillUp.Grams> spare(List<FillUp.Grams> onHand, List<Choice> shelf) {
        return shelf.stream()
                .map(choice -> new FillUp.Grams(
                        choice,
                        choice.onHandG()
                                - onHand.stream()
                                        .filter(h -> h.choice().id() == choice.id())
                                        .mapToDouble(FillUp.Grams::g)
                                        .sum()))
                .filter(spare -> spare.g() > EPSILON_G)
                .toList();
    }

    private Optional<FillUp> nearest(List<FillUp.Grams> spare) {
        return IntStream.range(0, spare.size())
                .boxed()
                .flatMap(i -> IntStream.range(i, spare.size()).boxed().flatMap(j -> fills(spare.get(i), spare.get(j))))
                .min(Comparator.comparingDouble((Fill fill) -> fill.difference.total())
                        .thenComparingInt(fill -> fill.grams.size())
                        .thenComparingLong(fill -> fill.grams.get(0).choice().id()))
                .map(this::fillUp);
    }

    private record Fill(List<FillUp.Grams> grams, ColourDifference difference) {}

    private Stream<Fill> fills(FillUp.Grams one, FillUp.Grams other) {
        boolean alone = one.choice().id() == other.choice().id();
        return IntStream.rangeClosed(alone ? STEPS : 1, alone ? STEPS : STEPS - 1)
                .mapToObj(step -> {
                    double g = missingG * step / STEPS;
                    return alone
                            ? List.of(new FillUp.Grams(one.choice(), g))
                            : List.of(
                                    new FillUp.Grams(one.choice(), g), new FillUp.Grams(other.choice(), missingG - g));
                })
                .filter(grams -> grams.get(0).g() <= one.g() + EPSILON_G
                        && (alone || grams.get(1).g() <= other.g() + EPSILON_G))
                .flatMap(grams -> fill(grams).stream());
    }

    /** The held and the fill together, when they look alike. */
    private Optional<Fill> fill(List<FillUp.Grams> fill) {
        List<Colorant> colorants = new ArrayList<>(List.of(knownColorant));
        double[] grams = new double[fill.size() + 1];
        grams[0] = onHandG;
        for (int i = 0; i < fill.size(); i++) {
            colorants.add(fill.get(i).choice().colorant());
            grams[i + 1] = fill.get(i).g();
        }
        Colorant mixed = Colorant.mix(colorants, grams);
        Set<Effect> effects = Stream.concat(onHand.stream(), fill.stream())
                .filter(in -> in.g() > EPSILON_G)
                .flatMap(in -> in.choice().effects().stream())
                .collect(Collectors.toSet());
        return effects.equals(look.effects()) && look.hidesAlike(mixed)
                ? Optional.of(new Fill(fill, ColourDifference.of(target, Lab.of(mixed.thick()))))
                : Optional.empty();
    }

    private FillUp fillUp(Fill fill) {
        List<FillUp.Grams> grams =
                new ArrayList<>(onHand.stream().filter(h -> h.g() > EPSILON_G).toList());
        for (FillUp.Grams more : fill.grams) {
            int at = IntStream.range(0, grams.size())
                    .filter(i -> grams.get(i).choice().id() == more.choice().id())
                    .findFirst()
                    .orElse(-1);
            if (at < 0) {
                grams.add(more);
            } else {
                grams.set(at, new FillUp.Grams(more.choice(), grams.get(at).g() + more.g()));
            }
        }
        double minor = grams.stream()
                .mapToDouble(g -> g.g() * g.choice().minorPerGram())
                .sum();
        return new FillUp(grams, fill.difference, minor);
    }

    private static Colorant mix(List<FillUp.Grams> onHand) {
        return Colorant.mix(
                onHand.stream().map(h -> h.choice().colorant()).toList(),
                onHand.stream().mapToDouble(FillUp.Grams::g).toArray());
    }
}
