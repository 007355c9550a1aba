package fairember.core.shape;

import fairember.core.outline.CutShape;
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
        List<Double> values = solid.dimensions();
        for (int i = 0; i < names.size(); i++) {
            ShapeKind.Dimension name = names.get(i);
            steps.given(
                    name.symbol(),
                    name.span().label(),
                    values.get(i),
                    name.span().unit(),
                    Source.ENTERED);
        }
    }

    /** The three formulas of a solid, over the symbols of its dimensions and the steps given before them. */
    private record Sums(String volume, String surface, String thickest) {
        static Sums of(Solid solid, Workings.Steps steps) {
            return switch (solid.kind()) {
                case BALL -> new Sums("π·d³/6", "π·d²", "d");
                case ROD -> new Sums("π·d²·L/4", "π·d·L + π·d²/2", "min(d, L)");
                case DISC -> new Sums("π·d²·t/4", "π·d·t + π·d²/2", "min(d, t)");
                case DISC_PIECE ->
                    new Sums("π·d²·t/(4·n)", "π·d²/(2·n) + (π·d/n + d)·t", "min(t, d·sin(π/n)/(1 + sin(π/n)))");
                case BLOCK -> new Sums("a·b·c", "2·(a·b + b·c + c·a)", "min(a, min(b, c))");
                case CONE -> cone((Cone) solid, steps);
                case FRUSTUM -> frustum((Frustum) solid, steps);
                case DOME -> new Sums("π·d³/12", "3·π·d²/4", "d/2");
                case CAP -> new Sums("π·h·(3·d²/4 + h²)/6", "π·(d²/2 + h²)", "h");
                case BAND -> new Sums("π·t·(d + t)·L", "2·π·(d + t)·(L + t)", "min(t, L)");
                case CAPSULE -> new Sums("π·d²·(L − d)/4 + π·d³/6", "π·d·L", "d");
                case RING -> new Sums("π²·(D − d)·d²/4", "π²·(D − d)·d", "d");
                case ELLIPSOID -> ellipsoid((Ellipsoid) solid, steps);
                case EGG -> egg((Egg) solid, steps);
                case FLAT_BALL, FLAT_EGG -> flattened((Flattened) solid, steps);
                case TEARDROP -> teardrop((Teardrop) solid, steps);
                case CUT_OUT -> cutOut((CutOut) solid, steps);
                case CORD, COIL, SPIRAL, TWIST, LINE_CORD -> strand((Strand) solid, steps);
                case LINE_STRIP -> strip((LineStrip) solid, steps);
                case FRONT_AND_SIDE -> frontAndSide((FrontAndSide) solid, steps);
            };
        }

        private static Sums cone(Cone cone, Workings.Steps steps) {
            double r = cone.diameter().mm() / 2;
            steps.worked("r", "base radius", r, "mm", "d/2");
            steps.worked("S", "slant", Math.hypot(r, cone.height().mm()), "mm", "√(r² + h²)");
            return new Sums("π·r²·h/3", "π·r·(r + S)", "2·r·h/(r + S)");
        }

        private static Sums ellipsoid(Ellipsoid pressed, Workings.Steps steps) {
            steps.given(
                    "G",
                    "Carlson's symmetric integral R_G of 4/w², 4/b², 4/h²",
                    pressed.symmetricIntegral(),
                    "1/mm",
                    Source.WORKED);
            return new Sums("π·w·b·h/6", "π·w·b·h·G/2", "min(w, min(b, h))");
        }

        private static Sums egg(Egg egg, Workings.Steps steps) {
            List<Double> halves = egg.halves();
            steps.given("A1", "surface of the blunt half spheroid", halves.get(0), "mm²", Source.WORKED);
            steps.given("A2", "surface of the pointed half spheroid", halves.get(1), "mm²", Source.WORKED);
            double middle = egg.thickest().middle().upMm();
            steps.given("u", "height of the middle of the largest ball", middle, "mm", Source.WORKED);
            return new Sums("π·d²·L/6", "A1 + A2", "min(d, 2·u)");
        }

        private static Sums flattened(Flattened flat, Workings.Steps steps) {
            Egg whole = flat.whole();
            boolean ball = flat.kind() == ShapeKind.FLAT_BALL;
            String q = ball ? "(d/2)" : "q";
            double away = whole.volume().mm3() - flat.volume().mm3();
            steps.worked("f", "diameter of the foot", flat.foot().mm(), "mm", "d·√(2·%1$s·p − p²)/%1$s".formatted(q));
            steps.worked("v", "clay pressed away", away, "mm³", "π·d²·p²·(3·%1$s − p)/(12·%1$s²)".formatted(q));
            steps.given("W", "surface before it is pressed", whole.surface().mm2(), "mm²", Source.WORKED);
            steps.given("Z", "side that is pressed away", flat.sideAway(), "mm²", Source.WORKED);
            double middle = flat.thickest().diameter().mm() / 2;
            steps.given("u", "radius of the largest ball", middle, "mm", Source.WORKED);
            return new Sums("π·d²·%s/6 − v".formatted(ball ? "d" : "L"), "W − Z + π·f²/4", "2·u");
        }

        private static Sums teardrop(Teardrop drop, Workings.Steps steps) {
            double reach = drop.length().mm() - drop.diameter().mm() / 2;
            steps.worked("D", "from the middle of the ball to the point", reach, "mm", "L − d/2");
            return new Sums("π·d²·L²/(12·D)", "π·d·L²/(2·D)", "d");
        }

        private static Sums cutOut(CutOut cut, Workings.Steps steps) {
            CutShape outline = cut.outline();
            steps.given("A0", "area of the outline", outline.area().mm2(), "mm²", Source.ENTERED);
            steps.given("P", "length of its edges", outline.edge().mm(), "mm", Source.ENTERED);
            steps.given("i", "radius of its largest circle", outline.inradius().mm(), "mm", Source.WORKED);
            return new Sums("A0·t", "2·A0 + P·t", "min(t, 2·i)");
        }

        private static Sums strip(LineStrip strip, Workings.Steps steps) {
            steps.given("L", "length of the line", strip.length().mm(), "mm", Source.WORKED);
            return new Sums("L·w·t", "2·(L·w + t·(L + w))", "min(t, min(w, L))");
        }

        private static Sums frontAndSide(FrontAndSide form, Workings.Steps steps) {
            steps.given("k", "share of its rectangle that a level section fills", form.fill(), "", Source.WORKED);
            steps.given("I", "sum of the rectangles between both outlines", form.rectangles(), "mm³", Source.WORKED);
            steps.given("A0", "bands between its level sections", form.surface().mm2(), "mm²", Source.WORKED);
            steps.given(
                    "u",
                    "radius of the largest ball",
                    form.thickest().diameter().mm() / 2,
                    "mm",
                    Source.WORKED);
            return new Sums("k·I", "A0", "2·u");
        }

        private static Sums strand(Strand strand, Workings.Steps steps) {
            String line = "L";
            if (strand instanceof LineCord) {
                steps.given("L", "length of the line", strand.centreLine().mm(), "mm", Source.WORKED);
            } else if (strand instanceof Coil) {
                line = "N·√((π·D)² + p²)";
            } else if (strand instanceof Mat mat) {
                steps.worked("b", "growth of the radius per radian", mat.growth(), "mm", "p/(2·π)");
                steps.worked("r", "radius at the end", mat.turns() * mat.pitch().mm(), "mm", "N·p");
                line = "(r·√(r² + b²) + b²·log(r/b + √(r²/b² + 1)))/(2·b)";
            } else if (strand instanceof Twist twist) {
                steps.worked("D", "diameter of the circle of cord centres", twist.around(), "mm", "d/sin(π/n)");
                line = "√(L² + (N·π·D)²)";
            }
            String n = strand instanceof Twist ? "n·" : "";
            steps.worked("l", "centre line of one cord", strand.centreLine().mm(), "mm", line);
            String thick = strand instanceof Cord || strand instanceof Twist ? "min(d, L)" : "d";
            return new Sums(n + "π·d²·l/4", n + "(π·d·l + π·d²/2)", thick);
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
