package fairember.core.foilcore;

import fairember.core.document.Default;
import fairember.core.input.Span;
import fairember.core.quantity.Length;
import fairember.core.shape.Floor;
import fairember.core.shape.Lobes;

/**
 * The core a maker wants in a part: how thick the clay over it, how hard the foil.
 *
 * @param shell clay over the foil, measured square to the surface, 0.5 to 30 mm
 * @param packing of the foil
 * @param floor whether the shell goes round under a flat base
 * @param lobes how many cores in a row, 1 to 8
 * @param hollow whether it is left empty instead: what it was shaped round is taken out
 */
public record CoreSpec(
        Length shell,
        Packing packing,
        @Default("COVERED") Floor floor,
        @Default("1") int lobes,
        @Default("false") boolean hollow) {
    public static final Span SHELL = Span.of("shellMm", "shell", 0.5, 30, "mm");
    public static final Span LOBES = Lobes.COUNT;

    public CoreSpec {
        SHELL.check(shell.mm());
        LOBES.check(lobes);
    }

    /** One core, covered all round. */
    public CoreSpec(Length shell, Packing packing) {
        this(shell, packing, Floor.COVERED, 1, false);
    }
}
