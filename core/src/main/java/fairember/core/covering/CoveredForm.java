package fairember.core.covering;

import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Area;
import fairember.core.shape.Solid;
import fairember.core.shape.Support;
import java.util.stream.IntStream;

/**
 * A form that is covered; one by front and side bends as its convex hull does.
 *
 * @param solid the form
 * @param surface A
 * @param meanCurvature M, the integral of the mean curvature over the surface, mm
 */
public record CoveredForm(Solid solid, Area surface, double meanCurvature) {
    private static final int LEVELS = 64;
    private static final int TURNS = 64;

    /**
     * A form and how it bends. For a convex body the integral of mean curvature is 2π times its mean width (Schneider, Convex
     * Bodies, section 4.2), and that is twice the mean of how far the body reaches, over all directions.
     *
     * @throws InvalidInputException on "shape" when it is hollow or bent inwards
     */
    public static CoveredForm of(Solid solid) {
        if (!solid.kind().convex()) {
            throw new InvalidInputException(
                    "shape",
                    solid.kind().label(),
                    "a shape without hollows: a ball, egg, rod, cone, block, dome or disc",
                    "Choose the shape that comes closest.");
        }
        return new CoveredForm(solid, solid.surface(), 4 * Math.PI * meanReach(solid.support()));
    }

    /** The mean of a support function over the sphere, by bands of equal area; each is sampled at its middle. */
    private static double meanReach(Support support) {
        return IntStream.range(0, LEVELS)
                .mapToDouble(i -> {
                    double up = -1 + (2 * i + 1.0) / LEVELS;
                    double level = Math.sqrt(1 - up * up);
                    return IntStream.range(0, TURNS)
                            .mapToDouble(j -> 2 * Math.PI * (j + 0.5) / TURNS)
                            .map(turn -> support.in(level * Math.cos(turn), level * Math.sin(turn), up))
                            .average()
                            .orElse(0);
                })
                .average()
                .orElse(0);
    }

    /** The surface of a layer's outside: A + 2Mt + 4πt², with rounded edges. */
    double surfaceAt(double thickMm) {
        return surface.mm2() + 2 * meanCurvature * thickMm + 4 * Math.PI * thickMm * thickMm;
    }
}
