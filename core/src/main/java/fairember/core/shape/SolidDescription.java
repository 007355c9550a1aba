package fairember.core.shape;

import fairember.core.document.Description;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.outline.CutShape;
import fairember.core.outline.DrawnLine;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A shape and its dimensions, by their names such as "diameterMm".
 *
 * @param outline rings of a cut-out, the outer one first, each across, up, across, up ... in mm; null for other shapes
 * @param lines drawn for it, in the order of {@link ShapeKind#lines()}; null when there are none
 */
public record SolidDescription(
        ShapeKind kind,
        Map<String, Double> dimensions,
        @Nullable List<List<Double>> outline,
        @Nullable List<DrawnLine> lines)
        implements Description<Solid> {
    /** Fields of a shape that are no dimensions. */
    private static final Set<String> SHAPES = Set.of("outline", "lines", "xy");

    public static SolidDescription of(Solid solid) {
        Map<String, Double> dimensions = new LinkedHashMap<>();
        for (int i = 0; i < solid.dimensions().size(); i++) {
            String field = solid.kind().dimensions().get(i).span().field();
            dimensions.put(field, solid.dimensions().get(i));
        }
        return new SolidDescription(
                solid.kind(),
                dimensions,
                solid instanceof CutOut cut ? cut.outline().lists() : null,
                solid.lines().isEmpty() ? null : solid.lines());
    }

    /**
     * The solid.
     *
     * @throws InvalidInputException when a dimension is missing, unknown or outside its span
     */
    @Override
    public Solid described() {
        Gathering g = new Gathering();
        List<Double> values = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (ShapeKind.Dimension dimension : kind.dimensions()) {
            String field = dimension.span().field();
            names.add(field);
            Double value = dimensions.get(field);
            if (value == null) {
                g.error("dimensions." + field, "nothing", "a value", "Enter a value.");
            } else {
                values.add(value);
            }
        }
        dimensions.keySet().stream()
                .filter(name -> !names.contains(name))
                .forEach(name -> g.error("dimensions." + name, name, "one of " + names, "Remove this value."));
        Optional<CutShape> cut = Optional.ofNullable(outline)
                .filter(rings -> kind == ShapeKind.CUT_OUT)
                .flatMap(rings -> g.at("", () -> CutShape.ofLists(rings)));
        g.orRefuse();
        try {
            return kind.make(values, cut.orElse(null), lines == null ? List.of() : lines);
        } catch (InvalidInputException refused) {
            throw new InvalidInputException(refused.errors().stream()
                    .map(w -> SHAPES.contains(w.field()) ? w : w.inside("dimensions"))
                    .toList());
        }
    }
}
