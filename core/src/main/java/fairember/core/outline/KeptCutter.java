package fairember.core.outline;

import fairember.core.document.Name;
import fairember.core.input.Words;
import java.util.List;

/**
 * A cutter of the studio: cut-outs of any design can have its outline.
 *
 * @param name 1 to 60 characters
 * @param outline rings, the outer one first, each across, up, across, up ... in mm
 */
public record KeptCutter(@Name String name, List<List<Double>> outline) {
    /**
     * A cutter that cuts.
     *
     * @throws fairember.core.input.InvalidInputException on "name", or on "outline" as {@link CutShape#of} does
     */
    public KeptCutter {
        name = Words.name("name", name);
        outline = CutShape.ofLists(outline).lists();
    }

    /** What it cuts. */
    public CutShape shape() {
        return CutShape.ofLists(outline);
    }
}
