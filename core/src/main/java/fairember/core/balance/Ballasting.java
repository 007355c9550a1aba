package fairember.core.balance;

import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.piece.MeasuredPiece;
import fairember.core.shape.Point3;
import java.util.ArrayList;
import java.util.List;

/** Searches what would make a piece stand well. */
final class Ballasting {
    /** Weight put into a base lies about so high. */
    private static final double LOW_MM = 2;
    /** More weight than this many times the piece is no mend. */
    private static final double MOST_TIMES = 3;

    private final MeasuredPiece piece;
    private final Footprint footprint;
    private final Mass mass;
    private final Point3 centre;

    Ballasting(MeasuredPiece piece, Footprint footprint, Mass mass, Point3 centre) {
        this.piece = piece;
        this.footprint = footprint;
        this.mass = mass;
        this.centre = centre;
    }

    /** The mends that there are; none when it stands well. */
    List<Ballast> mends() {
        Standing now = Standing.of(footprint, centre);
        List<Ballast> mends = new ArrayList<>();
        if (now.tipDeg() >= Standing.WELL_DEG) {
            return mends;
        }
        solidFeet(now, mends);
        heavyBase(mends);
        double wanted = now.aboveMm() * Math.tan(Math.toRadians(Standing.WELL_DEG));
        mends.add(
                new Ballast(Ballast.Way.WIDE_BASE, Mass.ZERO, new Length(wanted - now.insideMm()), Standing.WELL_DEG));
        return mends;
    }

    private void solidFeet(Standing now, List<Ballast> mends) {
        List<Weight> weights = Weighing.of(piece, part -> !footprint.touches(part.part()));
        double added = Weight.total(weights).g() - mass.g();
        double tip = Standing.of(footprint, Weight.centre(weights)).tipDeg();
        if (added > 1e-6 && tip > now.tipDeg()) {
            mends.add(new Ballast(Ballast.Way.SOLID_FEET, new Mass(added), Length.ZERO, tip));
        }
    }

    private void heavyBase(List<Ballast> mends) {
        double low = 0;
        double high = MOST_TIMES * mass.g();
        if (with(high) < Standing.WELL_DEG) {
            return;
        }
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            boolean enough = with(middle) >= Standing.WELL_DEG;
            low = enough ? low : middle;
            high = enough ? middle : high;
        }
        mends.add(new Ballast(Ballast.Way.HEAVY_BASE, new Mass(high), Length.ZERO, with(high)));
    }

    private double with(double grams) {
        Weight base = new Weight("base", new Mass(grams), footprint.middle(LOW_MM));
        Point3 both = Weight.centre(List.of(new Weight("piece", mass, centre), base));
        return Standing.of(footprint, both).tipDeg();
    }
}
