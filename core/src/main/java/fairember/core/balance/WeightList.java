package fairember.core.balance;

import fairember.core.design.AssemblyTree;
import fairember.core.design.Insert;
import fairember.core.design.Layer;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.MeasuredNonClay;
import fairember.core.design.MeasuredPart;
import fairember.core.design.NonClay;
import fairember.core.design.Part;
import fairember.core.design.Placement;
import fairember.core.foilcore.SizedCore;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Volume;
import fairember.core.shape.Inset;
import fairember.core.shape.Point3;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** Says what weighs what, and where, in a design. */
final class WeightList {
    private final MeasuredDesign design;
    private final Predicate<MeasuredPart> keepsCore;

    private WeightList(MeasuredDesign design, Predicate<MeasuredPart> keepsCore) {
        this.design = design;
        this.keepsCore = keepsCore;
    }

    /**
     * Every weight in a finished design: clay and foil of each copy of each part, inserts that stay, what else is not clay, and what is fitted and of
     * wire, which is taken to sit in the middle of all the rest. What is laid by until packing is not in it.
     *
     * @param keepsCore which of the parts with a core keep it; the others are weighed as if solid
     */
    static List<Weight> of(MeasuredDesign design, Predicate<MeasuredPart> keepsCore) {
        return new WeightList(design, keepsCore).all();
    }

    private List<Weight> all() {
        List<Weight> weights = new ArrayList<>();
        AssemblyTree tree = design.design().tree();
        for (MeasuredPart measured : design.parts()) {
            if (!tree.inWhole(measured.part().from().assembly())) {
                continue;
            }
            Part part = measured.part();
            SizedCore core = measured.core();
            SizedCore sized = core != null && keepsCore.test(measured) ? core : null;
            for (Placement.Spot spot : part.placement().spots(part.count())) {
                weights.addAll(copy(measured, sized, spot));
            }
        }
        double inserts = 0;
        for (Insert insert : design.design().armature().inserts()) {
            if (insert.stays()) {
                inserts += insert.mass().g();
                weights.add(stick(insert));
            }
        }
        for (MeasuredNonClay other : design.nonClay()) {
            NonClay thing = other.thing();
            if (!thing.support() && tree.inWhole(thing.from().assembly())) {
                Point3 middle = thing.body().posed().centroid();
                thing.placement()
                        .spots(thing.count())
                        .forEach(spot -> weights.add(new Weight(thing.name(), other.each(), spot.of(middle))));
            }
        }
        Mass rest = new Mass(design.fitted().g() + Math.max(0, design.built().g() - inserts));
        if (rest.g() > 0) {
            weights.add(new Weight("findings and wire", rest, Weight.centre(weights)));
        }
        return List.copyOf(weights);
    }

    /** An insert stands upright on its lower end. */
    static Weight stick(Insert insert) {
        double middle = insert.upMm() + insert.length().mm() / 2;
        return new Weight(insert.name(), insert.mass(), new Point3(insert.acrossMm(), 0, middle));
    }

    private List<Weight> copy(MeasuredPart measured, @Nullable SizedCore core, Placement.Spot spot) {
        Part part = measured.part();
        Layer layer = part.layer();
        if (layer != null) {
            double[] reach = part.reach();
            Point3 middle = layer.share().of1() < 1
                    ? new Point3(0, 0, (reach[0] + reach[1]) / 2)
                    : part.posed().centroid();
            return List.of(new Weight(part.name(), measured.portion().mass(), spot.of(middle)));
        }
        Moment clay = Moment.of(part.shape().volume(), spot.of(part.posed().centroid()));
        List<Weight> weights = new ArrayList<>();
        if (core != null) {
            Moment foil = Moment.NONE;
            for (Inset.Core inside : core.inset().cores()) {
                Point3 own = inside.solid().centroid();
                Point3 moved = new Point3(
                        own.acrossMm() + inside.acrossMm(),
                        own.frontMm() + inside.frontMm(),
                        own.upMm() + inside.raisedMm());
                Point3 at = spot.of(part.posed().turned(moved));
                foil = foil.plus(Moment.of(inside.solid().volume(), at));
            }
            clay = clay.minus(foil);
            if (!core.spec().hollow()) {
                weights.add(new Weight(part.name() + ", foil", core.foil(), foil.centre()));
            }
        }
        Integer around = part.around();
        if (around != null) {
            Part inner = design.parts().get(around).part();
            Placement.Spot within = inner.placement().spots(1).get(0);
            Point3 at = within.of(inner.posed().centroid());
            clay = clay.minus(Moment.of(inner.shape().volume(), at));
        }
        double left = clay.mm3 - measured.bored().mm3();
        Mass mass = measured.mix().density().of(new Volume(Math.max(0, left)));
        weights.add(0, new Weight(part.name(), mass, clay.centre()));
        return weights;
    }

    /** A volume and its first moments. */
    private record Moment(double mm3, double across, double front, double up) {
        static final Moment NONE = new Moment(0, 0, 0, 0);

        static Moment of(Volume volume, Point3 at) {
            double v = volume.mm3();
            return new Moment(v, v * at.acrossMm(), v * at.frontMm(), v * at.upMm());
        }

        Moment plus(Moment other) {
            return new Moment(mm3 + other.mm3, across + other.across, front + other.front, up + other.up);
        }

        Moment minus(Moment other) {
            return new Moment(mm3 - other.mm3, across - other.across, front - other.front, up - other.up);
        }

        Point3 centre() {
            return mm3 == 0 ? new Point3(0, 0, 0) : new Point3(across / mm3, front / mm3, up / mm3);
        }
    }
}
