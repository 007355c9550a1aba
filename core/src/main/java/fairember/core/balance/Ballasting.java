package fairember.core.balance;

import fairember.core.design.MeasuredDesign;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.shape.Point3;
import java.util.ArrayList;
import java.util.List;

/** Searches what would make a design stand well. */
final class Ballasting {
    /** Weight put into a base lies about so high. */
    private static final double LOW_MM = 2;
    /** More weight than this many times the design is no fix. */
    private static final double MOST_TIMES = 3;

    private final MeasuredDesign design;
    private final Footprint footprint;
    private final Mass mass;
    private final Point3 centre;

    Ballasting(MeasuredDesign design, Footprint footprint, Mass mass, Point3 centre) {
        this.design = design;
        this.footprint = footprint;
        this.mass = mass;
        this.centre = centre;
    }

    /** The fixes that there are; none when it stands well. */
    List<Ballast> fixes() {
        Standing now = Standing.of(footprint, centre);
        List<Ballast> fixes = new ArrayList<>();
        if (now.tipDeg() >= Standing.WELL_DEG) {
            return fixes;
        }
        solidFeet(now, fixes);
        heavyBase(fixes);
        double wanted = now.aboveMm() * Math.tan(Math.toRadians(Standing.WELL_DEG));
        fixes.add(
                new Ballast(Ballast.Way.WIDE_BASE, Mass.ZERO, new Length(wanted - now.insideMm()), Standing.WELL_DEG));
        return fixes;
    }

    private void solidFeet(Standing now, List<Ballast> fixes) {
        List<Weight> weights = WeightList.of(design, part -> !footprint.touches(part.part()));
        double added = Weight.total(weights).g() - mass.g();
        double tip = Standing.of(footprint, Weight.centre(weights)).tipDeg();
        if (added > 1e-6 && tip > now.tipDeg()) {
            fixes.add(new Ballast(Ballast.Way.SOLID_FEET, new Mass(added), Length.ZERO, tip));
        }
    }

    private void heavyBase(List<Ballast> fixes) {
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
        fixes.add(new Ballast(Ballast.Way.HEAVY_BASE, new Mass(high), Length.ZERO, with(high)));
    }

    private double with(double grams) {
        Weight base = new Weight("base", new Mass(grams), footprint.middle(LOW_MM));
        Point3 both = Weight.centre(List.of(new Weight("design", mass, centre), base));
        return Standing.of(footprint, both).tipDeg();
    }
}
