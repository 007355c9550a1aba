package fairember.core.shape;

import fairember.core.outline.DrawnLine;
import java.util.ArrayList;
import java.util.List;

/** Solids made larger or smaller. */
public final class Scaled {
    private Scaled() {}

    private static List<DrawnLine> lines(Solid solid, double factor) {
        return solid.lines().stream().map(line -> line.times(factor)).toList();
    }

    /**
     * The same solid with every length times a factor; turns and numbers of cords stay.
     *
     * @throws fairember.core.input.InvalidInputException when a dimension comes out of its span
     */
    public static Solid by(Solid solid, double factor) {
        List<Double> scaled = new ArrayList<>();
        List<ShapeKind.Dimension> dimensions = solid.kind().dimensions();
        for (int i = 0; i < dimensions.size(); i++) {
            boolean length = dimensions.get(i).span().unit().equals("mm");
            scaled.add(solid.dimensions().get(i) * (length ? factor : 1));
        }
        return solid.kind()
                .make(scaled, solid instanceof CutOut cut ? cut.outline().scaled(factor) : null, lines(solid, factor));
    }
}
