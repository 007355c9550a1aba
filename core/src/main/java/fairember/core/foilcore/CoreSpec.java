package fairember.core.foilcore;

import fairember.core.measure.Length;
import fairember.core.measure.Span;

/**
 * The core a maker wants in a part: how thick the clay over it, how hard the foil.
 *
 * @param shell clay over the foil, measured square to the surface, 0.5 to 30 mm
 * @param packing of the foil
 */
public record CoreSpec(Length shell, Packing packing) {
    public static final Span SHELL = Span.of("shellMm", "shell", 0.5, 30, "mm");

    public CoreSpec {
        SHELL.check(shell.mm());
    }
}
