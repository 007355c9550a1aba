package fairember.core.claysheet;

import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;

/** Plans a graduated blend: two pieces of sheet, folded and rolled again and again in one direction. */
public final class BlendPlanning {
    /** Layers thinner than this are one colour to the eye: about a twentieth of what hides. An estimate. */
    static final double EVEN_MM = 0.01;
    /** Folds by hand are never exact: a number of times the passes of exact ones. An estimate; makers speak of twenty to thirty. */
    static final double BY_HAND = 2.5;

    private BlendPlanning() {}

    /**
     * The pieces and the passes.
     *
     * <pre>
     * volume = wide·length·thick        high = volume/(wide·start)
     * second colour = high·(b + (W − a − b)/2), first = high·(a + (W − a − b)/2)
     * each fold doubles the layers: n = ⌈log₂(start/0.01 mm)⌉, by hand 2.5 times that
     * </pre>
     */
    public static PlannedBlend plan(Blend blend) {
        double high = blend.length().mm() * blend.thick().mm() / blend.start().mm();
        double fade = blend.wide().mm()
                - blend.plainFirst().mm()
                - blend.plainSecond().mm();
        double first = high * (blend.plainFirst().mm() + fade / 2);
        double second = high * (blend.plainSecond().mm() + fade / 2);
        int even = (int) Math.ceil(Math.log(blend.start().mm() / EVEN_MM) / Math.log(2));
        return new PlannedBlend(
                blend,
                new Length(high),
                first / (first + second),
                new Mass(first * blend.start().mm() * blend.first().gPerCm3() / 1000),
                new Mass(second * blend.start().mm() * blend.second().gPerCm3() / 1000),
                even,
                (int) Math.ceil(BY_HAND * even));
    }
}
