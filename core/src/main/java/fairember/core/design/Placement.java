package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.shape.Facing;
import fairember.core.shape.Point3;
import java.util.ArrayList;
import java.util.List;

/**
 * Where the middle of a part's base stands in the design, and how it leans.
 *
 * @param acrossMm to the right of the design's axis, mm, −400 to 400
 * @param upMm above the ground, mm, −50 to 400
 * @param frontMm towards the one who looks, mm, −400 to 400
 * @param tiltDeg lean in the plane of the front view, degrees clockwise, −180 to 180
 * @param arrangement of the copies when there are several
 * @param facing which way its top points
 * @param spacingMm from each copy in a row to the next, or the diameter of the dome they are scattered over, mm, 0 to 200
 */
public record Placement(
        double acrossMm,
        double upMm,
        double frontMm,
        double tiltDeg,
        Arrangement arrangement,
        @Default("UP") Facing facing,
        @Default("0") double spacingMm) {
    public static final Span ACROSS = Span.of("acrossMm", "across from the middle", -400, 400, "mm");
    public static final Span UP = Span.of("upMm", "height of its base", -50, 400, "mm");
    public static final Span FRONT = Span.of("frontMm", "to the front", -400, 400, "mm");
    public static final Span TILT = Span.of("tiltDeg", "tilt", -180, 180, "°");
    public static final Span SPACING = Span.of("spacingMm", "spacing", 0, 200, "mm");
    private static final double GOLDEN_ANGLE = Math.PI * (3 - Math.sqrt(5));
    public static final Placement MIDDLE = new Placement(0, 0, 0, 0, Arrangement.MIRRORED, Facing.UP);

    /** A place of copies that are in no row. */
    public Placement(
            double acrossMm, double upMm, double frontMm, double tiltDeg, Arrangement arrangement, Facing facing) {
        this(acrossMm, upMm, frontMm, tiltDeg, arrangement, facing, 0);
    }

    /**
     * A place within reach.
     *
     * @throws fairember.core.input.InvalidInputException when a measure is outside its span
     */
    public Placement {
        Gathering gathering = new Gathering();
        gathering.within(ACROSS, acrossMm);
        gathering.within(UP, upMm);
        gathering.within(FRONT, frontMm);
        gathering.within(TILT, tiltDeg);
        gathering.within(SPACING, spacingMm);
        gathering.orRefuse();
    }

    /**
     * Where one copy of a part stands.
     *
     * @param acrossMm right of the axis
     * @param upMm above the ground
     * @param frontMm towards the one who looks
     * @param tiltDeg clockwise lean
     * @param mirrored whether it is the mirror image, left for right
     */
    public record Spot(double acrossMm, double upMm, double frontMm, double tiltDeg, boolean mirrored) {
        /** Where a point of the part, given from the middle of its base, comes to lie in the design. */
        public Point3 of(Point3 own) {
            double lean = Math.toRadians(tiltDeg);
            double across = mirrored ? -own.acrossMm() : own.acrossMm();
            return new Point3(
                    acrossMm + across * Math.cos(lean) + own.upMm() * Math.sin(lean),
                    frontMm + own.frontMm(),
                    upMm - across * Math.sin(lean) + own.upMm() * Math.cos(lean));
        }

        /** The point of the part that comes to lie here: the other way round. */
        Point3 own(Point3 here) {
            double lean = Math.toRadians(tiltDeg);
            double right = here.acrossMm() - acrossMm;
            double up = here.upMm() - upMm;
            double across = right * Math.cos(lean) - up * Math.sin(lean);
            return new Point3(
                    mirrored ? -across : across,
                    here.frontMm() - frontMm,
                    right * Math.sin(lean) + up * Math.cos(lean));
        }
    }

    /** The same with the base lower along the part's own axis. */
    Placement lowered(double mm) {
        double lean = Math.toRadians(tiltDeg);
        return at(acrossMm - mm * Math.sin(lean), upMm - mm * Math.cos(lean), frontMm);
    }

    /** The same lean and arrangement elsewhere. */
    Placement at(double across, double up, double front) {
        return new Placement(across, up, front, tiltDeg, arrangement, facing, spacingMm);
    }

    /** The whole arrangement larger or smaller. */
    Placement times(double factor) {
        return new Placement(
                acrossMm * factor, upMm * factor, frontMm * factor, tiltDeg, arrangement, facing, spacingMm * factor);
    }

    /** The spots of {@code count} copies; every one the same height, but for a column. A row has its middle at the place. */
    public List<Spot> spots(int count) {
        List<Spot> spots = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            spots.add(
                    switch (arrangement) {
                        case MIRRORED -> mirrored(k);
                        case RING -> ringed(k, count);
                        case ROW ->
                            new Spot(acrossMm + (k - (count - 1) / 2.0) * spacingMm, upMm, frontMm, tiltDeg, false);
                        case DOME -> scattered(k, count);
                        case COLUMN -> new Spot(acrossMm, upMm + k * spacingMm, frontMm, tiltDeg, false);
                    });
        }
        return spots;
    }

    private Spot mirrored(int k) {
        int side = k % 2 == 0 ? 1 : -1;
        return new Spot(side * acrossMm, upMm, frontMm, side * tiltDeg, side < 0);
    }

    /** By the golden angle, each at the middle of a band of the same area; the place is the middle of the dome's base. */
    private Spot scattered(int k, int count) {
        double radius = spacingMm / 2;
        double up = radius * (1 - (k + 0.5) / count);
        double out = Math.sqrt(radius * radius - up * up);
        double turn = k * GOLDEN_ANGLE;
        double right = out * Math.cos(turn);
        return new Spot(
                acrossMm + right,
                upMm + up,
                frontMm + out * Math.sin(turn),
                tiltDeg + Math.toDegrees(Math.atan2(right, up)),
                false);
    }

    /** How far neighbours are apart, evenly scattered over a dome: √(2S/(√3·n)), S its area; 0 in any other arrangement. */
    public double apartOnDome(int count) {
        double area = Math.PI * spacingMm * spacingMm / 2;
        return arrangement == Arrangement.DOME ? Math.sqrt(2 * area / (Math.sqrt(3) * count)) : 0;
    }

    private Spot ringed(int k, int count) {
        double turn = 2 * Math.PI * k / count;
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        return new Spot(acrossMm * cos + frontMm * sin, upMm, frontMm * cos - acrossMm * sin, tiltDeg * cos, false);
    }
}
