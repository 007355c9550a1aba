package fairember.core.shape;

/**
 * A place in the room, from the middle of a solid's base.
 *
 * @param acrossMm to the right, mm
 * @param frontMm towards the one who looks, mm
 * @param upMm above the base, mm
 */
public record Point3(double acrossMm, double frontMm, double upMm) {}
