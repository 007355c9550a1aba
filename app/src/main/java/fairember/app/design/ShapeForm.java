package fairember.app.design;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.outline.CutShape;
import fairember.core.shape.CutOut;
import fairember.core.shape.ShapeKind;
import fairember.core.shape.Solid;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A shape and its dimensions, by their names such as "diameterMm".
 *
 * @param outline rings of a cut-out, the outer one first, each across, up, across, up ... in mm; null for other shapes
 */
public record ShapeForm(
        ShapeKind kind,
        Map<String, Double> dimensions,
        @Nullable List<List<Double>> outline) {
    public static ShapeForm of(Solid solid) {
        Map<String, Double> dimensions = new LinkedHashMap<>();
        for (int i = 0; i < solid.dimensions().size(); i++) {
            String field = solid.kind().dimensions().get(i).span().field();
            dimensions.put(field, solid.dimensions().get(i));
        }
        List<List<Double>> outline = solid instanceof CutOut cut ? rings(cut.outline()) : null;
        return new ShapeForm(solid.kind(), dimensions, outline);
    }

    /** Rings to the micrometre. */
    public static List<List<Double>> rings(CutShape shape) {
        return shape.rings().stream()
                .map(ring -> ring.xy().stream()
                        .map(v -> Math.round(v * 1000) / 1000.0)
                        .toList())
                .toList();
    }

    /** The solid; refused when a dimension is missing, unknown or outside its span. */
    public Solid parse() {
        given("kind", kind);
        Gathering g = new Gathering();
        List<Double> values = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (ShapeKind.Dimension dimension : kind.dimensions()) {
            String field = dimension.span().field();
            names.add(field);
            Optional<Double> value =
                    g.at("", () -> given(field, given("dimensions", dimensions).get(field)));
            value.ifPresent(values::add);
        }
        given("dimensions", dimensions).keySet().stream()
                .filter(name -> !names.contains(name))
                .forEach(name -> g.error(name, name, "one of " + names, "Remove this value."));
        List<List<Double>> given = outline;
        CutShape cut = given == null || kind != ShapeKind.CUT_OUT
                ? null
                : g.at("", () -> cut(given)).orElse(null);
        g.orRefuse();
        try {
            return kind.make(values, cut);
        } catch (InvalidInputException refused) {
            throw new InvalidInputException(refused.errors().stream()
                    .map(w -> w.field().equals("outline") ? w : w.inside("dimensions"))
                    .toList());
        }
    }

    private static CutShape cut(List<List<Double>> given) {
        return CutShape.of(all("outline", given).stream()
                .map(ring -> new CutShape.Ring(all("outline", ring)))
                .toList());
    }
}
