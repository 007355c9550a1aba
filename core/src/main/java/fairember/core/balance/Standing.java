package fairember.core.balance;

import fairember.core.shape.Point3;
import java.util.List;

/**
 * How a design stands on a level ground.
 *
 * @param footprint corners of what it stands on: across, front, across, front ..., mm
 * @param insideMm how far inside its edge the centre of mass lies, seen from above; negative when outside
 * @param aboveMm height of the centre of mass above the ground
 * @param tipDeg how far it can lean before it tips, {@code atan(inside/above)}; negative when it falls by itself
 */
public record Standing(List<Double> footprint, double insideMm, double aboveMm, double tipDeg) {
    /** From here it stands well. */
    public static final double WELL_DEG = 20;
    /** Under this it needs work; between the two it stands with care. */
    public static final double CARE_DEG = 10;

    public Standing {
        footprint = List.copyOf(footprint);
    }

    static Standing of(Footprint footprint, Point3 centre) {
        double inside = footprint.inside(centre);
        double above = Math.max(1e-6, centre.upMm() - footprint.groundMm());
        return new Standing(footprint.corners(), inside, above, Math.toDegrees(Math.atan2(inside, above)));
    }
}
