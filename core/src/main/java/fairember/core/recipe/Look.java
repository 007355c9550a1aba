package fairember.core.recipe;

import fairember.core.colour.Colorant;
import fairember.core.colour.Effect;
import fairember.core.quantity.Length;
import java.util.List;
import java.util.Set;

/**
 * What a clay or a mix is beside its colour: how well it hides what lies under it, and what no even colour can show. A glassy clay
 * is no stand-in for a chalky one, nor a plain one for one that shimmers.
 *
 * @param opaqueFrom how thick a sheet has to be for nothing to show through; see {@link Colorant#opaqueFrom()}
 * @param effects all that it does, without {@link Effect#PLAIN}
 */
public record Look(Length opaqueFrom, Set<Effect> effects) {
    /** Hiding from half as thick to twice as thick is taken as alike. */
    private static final double ALIKE = 2;
    /** Thinner than this, any of two hides well enough for the other. */
    private static final double THIN_MM = 1;

    public Look {
        effects = Set.copyOf(effects);
    }

    /** The choices that may go in: they bring nothing that is not wanted. */
    public List<Choice> allowed(List<Choice> choices) {
        return choices.stream()
                .filter(choice -> effects.containsAll(choice.effects()))
                .toList();
    }

    /** Whether a mix hides as well as this, within a factor of {@value #ALIKE}. */
    boolean hidesAlike(Colorant colorant) {
        double thickest = Math.max(THIN_MM, ALIKE * opaqueFrom.mm());
        double thinnest = opaqueFrom.mm() / ALIKE;
        boolean enough = thickest >= Colorant.SHEET.high() || hidden(colorant, thickest);
        return enough && (thinnest <= THIN_MM || !hidden(colorant, thinnest));
    }

    private static boolean hidden(Colorant colorant, double mm) {
        return colorant.cover(new Length(mm)) >= Colorant.HIDDEN;
    }
}
