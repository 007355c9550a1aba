package fairember.app.piece;

import static fairember.app.web.Given.given;

import fairember.core.measure.Gathering;
import fairember.core.measure.Refused;
import fairember.core.shape.ShapeKind;
import fairember.core.shape.Solid;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A shape and its dimensions in mm, by their names such as "diameterMm". */
public record ShapeForm(ShapeKind kind, Map<String, Double> dimensions) {
    public static ShapeForm of(Solid solid) {
        Map<String, Double> dimensions = new LinkedHashMap<>();
        for (int i = 0; i < solid.dimensions().size(); i++) {
            String field = solid.kind().dimensions().get(i).span().field();
            dimensions.put(field, solid.dimensions().get(i).mm());
        }
        return new ShapeForm(solid.kind(), dimensions);
    }

    /** The solid; refused when a dimension is missing, unknown or outside its span. */
    public Solid parse() {
        given("kind", kind);
        Gathering g = new Gathering();
        List<Double> mm = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (ShapeKind.Dimension dimension : kind.dimensions()) {
            String field = dimension.span().field();
            names.add(field);
            Optional<Double> value =
                    g.at("", () -> given(field, given("dimensions", dimensions).get(field)));
            value.ifPresent(mm::add);
        }
        given("dimensions", dimensions).keySet().stream()
                .filter(name -> !names.contains(name))
                .forEach(name -> g.wrong(name, name, "one of " + names, "Leave it out."));
        g.orRefuse();
        try {
            return kind.make(mm);
        } catch (Refused refused) {
            throw new Refused(
                    refused.wrongs().stream().map(w -> w.inside("dimensions")).toList());
        }
    }
}
