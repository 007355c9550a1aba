package fairember.core.shape;

import fairember.core.measure.Length;
import fairember.core.workings.Source;
import fairember.core.workings.Workings;
import java.util.List;

/** How the volume, surface and thickest section of a solid come about. */
public final class ShapeWorkings {
    private ShapeWorkings() {}

    public static Workings of(Solid solid) {
        Workings.Steps steps = Workings.of(
                "Volume, surface and thickest section of a " + solid.kind().label());
        given(steps, solid);
        Sums sums = Sums.of(solid, steps);
        steps.worked("V", "volume", solid.volume().mm3(), "mm³", sums.volume());
        steps.worked("A", "surface", solid.surface().mm2(), "mm²", sums.surface());
        steps.worked("T", "thickest section", solid.thickestSection().mm(), "mm", sums.thickest());
        return steps.done();
    }

    /** Adds the dimensions of a solid as given lines, under their own symbols. */
    public static void given(Workings.Steps steps, Solid solid) {
        List<ShapeKind.Dimension> names = solid.kind().dimensions();
        List<Length> values = solid.dimensions();
        for (int i = 0; i < names.size(); i++) {
            ShapeKind.Dimension name = names.get(i);
            steps.given(name.symbol(), name.span().label(), values.get(i).mm(), "mm", Source.ENTERED);
        }
    }

    /** The three formulas of a solid, over the symbols of its dimensions and the steps told before them. */
    private record Sums(String volume, String surface, String thickest) {
        static Sums of(Solid solid, Workings.Steps steps) {
            return switch (solid.kind()) {
                case BALL -> new Sums("π·d³/6", "π·d²", "d");
                case ROD -> new Sums("π·d²·L/4", "π·d·L + π·d²/2", "min(d, L)");
                case DISC -> new Sums("π·d²·t/4", "π·d·t + π·d²/2", "min(d, t)");
                case BLOCK -> new Sums("a·b·c", "2·(a·b + b·c + c·a)", "min(a, min(b, c))");
                case CONE -> cone((Cone) solid, steps);
                case FRUSTUM -> frustum((Frustum) solid, steps);
                case DOME -> new Sums("π·d³/12", "3·π·d²/4", "d/2");
                case CAP -> new Sums("π·h·(3·d²/4 + h²)/6", "π·(d²/2 + h²)", "h");
                case BAND -> new Sums("π·t·(d + t)·L", "2·π·(d + t)·(L + t)", "min(t, L)");
            };
        }

        private static Sums cone(Cone cone, Workings.Steps steps) {
            double r = cone.diameter().mm() / 2;
            steps.worked("r", "base radius", r, "mm", "d/2");
            steps.worked("S", "slant", Math.hypot(r, cone.height().mm()), "mm", "√(r² + h²)");
            return new Sums("π·r²·h/3", "π·r·(r + S)", "2·r·h/(r + S)");
        }

        private static Sums frustum(Frustum cut, Workings.Steps steps) {
            double wide = Math.max(cut.bottom().mm(), cut.top().mm()) / 2;
            double narrow = Math.min(cut.bottom().mm(), cut.top().mm()) / 2;
            steps.worked("R", "radius of the wide end", wide, "mm", "max(b, t)/2");
            steps.worked("r", "radius of the narrow end", narrow, "mm", "min(b, t)/2");
            steps.worked("S", "slant", Math.hypot(wide - narrow, cut.height().mm()), "mm", "√((R − r)² + h²)");
            return new Sums("π·h·(R² + R·r + r²)/3", "π·(R² + r² + (R + r)·S)", "min(h, 2·R·h/(S + R − r))");
        }
    }
}
