package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.input.Gathering;
import fairember.core.input.Span;

/**
 * A point in the making of a design: in one of its assemblies, before one of the assembly's bakes or after the last.
 *
 * @param assembly counted from 0
 * @param bake of that assembly that comes next, counted from 0 among its own; as many as it has when none does
 */
public record BuildPoint(
        @Default("0") int assembly, @Default("0") int bake) {
    public static final Span ASSEMBLY = Span.count("assembly", "assembly", 0, Design.MOST_ASSEMBLIES - 1);
    public static final Span BAKE = Span.count("bake", "bake", 0, Design.MOST_STAGES);
    /** In the whole piece, before anything is baked. */
    public static final BuildPoint START = new BuildPoint(0, 0);

    /**
     * A point within the greatest design.
     *
     * @throws fairember.core.input.InvalidInputException when a number is outside its span
     */
    public BuildPoint {
        Gathering gathering = new Gathering();
        gathering.within(ASSEMBLY, (double) assembly);
        gathering.within(BAKE, (double) bake);
        gathering.orRefuse();
    }
}
