package fairember.core.design;

import fairember.core.bake.BakeNeed;
import fairember.core.bake.BakeRules;
import fairember.core.bake.StageKind;
import fairember.core.heat.Air;
import fairember.core.heat.Cooling;
import fairember.core.heat.HeatedPiece;
import fairember.core.heat.Heating;
import fairember.core.heat.OvenCurve;
import fairember.core.quantity.Minutes;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Sends the heat of an oven through the parts of a stage bake, to compare what the baking methods say with what reaches the middle. */
public final class DesignHeating {
    /** The middle is near the oven's temperature long before anybody bakes for so long. */
    private static final Minutes ENOUGH = new Minutes(300);

    private static final double ROOM_C = 20;
    private static final double MARGIN = 1.15;
    private static final double SPARE_MIN = 10;
    /** A plate of T mm is hot in a still oven in less than 3·T + 0.06·T² min (19.8, 34.9, 79.7 and 135 at 6, 10, 20 and 30 mm). */
    private static final double PLATE_MIN = 3;

    private static final double PLATE_MIN_MM = 0.06;

    private DesignHeating() {}

    /**
     * A stage in an oven that is hot when it is loaded and keeps the low end of the stage's window.
     *
     * <pre>planned time = max(packet's minutes by section, packet's least, 1.15·t₅ + 10)     t₅ until the middle is within 5 °C</pre>
     *
     * @param index of the stage
     */
    public static HeatedStage heat(MeasuredDesign design, int index, Air air) {
        MeasuredStage stage = design.stages().get(index);
        BakeNeed need = stage.need();
        double setC = need.window().low().c();
        HeatedClay slowest = slowest(design, index, air);
        double near = near(slowest, setC, air);
        double packet = Math.max(need.bySection().min(), need.window().least().min());
        double planned = stage.need().kind() != StageKind.FULL_BAKE
                ? need.bakingTime().min()
                : Math.max(need.bakingTime().min(), Math.max(packet, MARGIN * near + SPARE_MIN));
        return new HeatedStage(
                slowest,
                setC,
                need.bakingTime(),
                over(
                        slowest,
                        setC,
                        air,
                        new Minutes(Math.max(1, need.bakingTime().min())),
                        need),
                air,
                new Minutes(near),
                new Minutes(planned),
                bakingMethods(slowest, setC, air, need, packet, planned),
                cooling(slowest, setC, Cooling.Way.SLOW),
                cooling(slowest, setC, Cooling.Way.QUENCH));
    }

    /**
     * What heat has to say of a cure in a still oven. A part can be left out when even a plate of its thickness would be
     * hot sooner than the slowest so far.
     *
     * @param raw clay that is not cured yet, at least one
     */
    static StageHeat of(List<HeatedClay> raw, BakeNeed need) {
        double setC = need.window().low().c();
        List<HeatedClay> thickFirst = raw.stream()
                .sorted(Comparator.comparing(HeatedClay::thickest).reversed())
                .toList();
        HeatedClay slowest = thickFirst.get(0);
        double near = 0;
        for (HeatedClay part : thickFirst) {
            double t = part.thickest().mm();
            if (!part.cored() && part.body().seat() == null && PLATE_MIN * t + PLATE_MIN_MM * t * t < near) {
                continue;
            }
            double own = near(part, setC, Air.STILL);
            slowest = own > near ? part : slowest;
            near = Math.max(near, own);
        }
        double planned = Math.max(need.bakingTime().min(), MARGIN * near + SPARE_MIN);
        HeatedPiece over = over(
                slowest,
                setC,
                Air.STILL,
                new Minutes(Math.max(1, need.bakingTime().min())),
                need);
        return new StageHeat(slowest, new Minutes(near), new Minutes(planned), over.counting());
    }

    /** Minutes that count in the slowest part of a cure, in a hot oven that is held at a temperature for so long. */
    public static Minutes counting(MeasuredStage stage, double setC, Minutes bakingTime, Air air) {
        StageHeat heat = stage.heat();
        return heat == null
                ? bakingTime
                : over(heat.slowest(), setC, air, bakingTime, stage.need()).counting();
    }

    private static List<HeatedClay> inOven(MeasuredDesign design, int index) {
        Design given = design.design();
        AssemblyTree tree = given.tree();
        List<MeasuredPart> parts = design.parts().stream()
                .filter(p -> tree.holds(index, p.part().from()))
                .toList();
        OneLump lump = design.stages().get(index).lump();
        return clay(parts, lump, Seating.of(given, index));
    }

    /** Each of some parts on what it lies on, and the lump that some of them are. */
    static List<HeatedClay> clay(List<MeasuredPart> parts, @Nullable OneLump lump, Seating seating) {
        List<HeatedClay> clay = new ArrayList<>(
                parts.stream().map(part -> HeatedClay.of(part, seating)).toList());
        if (lump != null) {
            clay.add(HeatedClay.of(lump, parts, seating));
        }
        return clay;
    }

    /** The clay in a stage's oven whose middle is warm last. */
    private static HeatedClay slowest(MeasuredDesign design, int index, Air air) {
        MeasuredStage stage = design.stages().get(index);
        double setC = stage.need().window().low().c();
        return inOven(design, index).stream()
                .max(Comparator.comparingDouble(p -> near(p, setC, air)))
                .orElseThrow();
    }

    /**
     * The parts of a stage in an oven as a probe read it: the one of which fewest minutes count, and of such the one whose
     * middle is coolest.
     *
     * @param curve from when it went in
     * @param length in the oven so far, 1 min or more
     */
    public static HeatedPiece along(MeasuredDesign design, int index, Air air, OvenCurve curve, Minutes length) {
        BakeNeed need = design.stages().get(index).need();
        return inOven(design, index).stream()
                .map(part -> Heating.heat(
                        part.body(),
                        part.material(),
                        air.gives(),
                        curve,
                        ROOM_C,
                        length,
                        need.window().low().c() - Heating.NEAR_C,
                        need.window().high().c() + Heating.NEAR_C))
                .min(Comparator.comparing(HeatedPiece::counting).thenComparingDouble(DesignHeating::lastCentre))
                .orElseThrow();
    }

    private static double lastCentre(HeatedPiece heated) {
        return heated.samples().get(heated.samples().size() - 1).centreC();
    }

    /** Minutes until the slowest part of a stage can be handled, from the low end of its window. */
    public static Minutes cooling(MeasuredDesign design, int index, Cooling.Way way) {
        HeatedClay part = slowest(design, index, Air.STILL);
        double fromC = design.stages().get(index).need().window().low().c();
        return cooling(part, fromC, way);
    }

    private static Minutes cooling(HeatedClay part, double fromC, Cooling.Way way) {
        return Cooling.until(part.body(), part.material(), fromC, way);
    }

    private static List<HeatedStage.ByMethod> bakingMethods(
            HeatedClay part, double setC, Air air, BakeNeed need, double packet, double planned) {
        List<HeatedStage.ByMethod> bakingMethods = new ArrayList<>();
        if (need.kind() == StageKind.FULL_BAKE) {
            BakeRules rules = need.rules();
            bakingMethods.add(bakingMethod("by the packet", part, setC, air, need, packet));
            bakingMethods.add(bakingMethod(
                    "long and low",
                    part,
                    setC,
                    air,
                    need,
                    Math.max(packet, rules.longAndLow().min())));
            bakingMethods.add(bakingMethod("until heated through", part, setC, air, need, planned));
        }
        return bakingMethods;
    }

    private static HeatedStage.ByMethod bakingMethod(
            String name, HeatedClay part, double setC, Air air, BakeNeed need, double bakingTime) {
        Minutes length = new Minutes(bakingTime);
        return new HeatedStage.ByMethod(
                name, length, over(part, setC, air, length, need).counting());
    }

    private static double near(HeatedClay part, double setC, Air air) {
        return Heating.near(part.body(), part.material(), air.gives(), setC, ROOM_C, ENOUGH)
                .min();
    }

    /** The window is widened by what counts as near: an oven at its low end never quite brings the middle there. */
    private static HeatedPiece over(HeatedClay part, double setC, Air air, Minutes length, BakeNeed need) {
        return Heating.heat(
                part.body(),
                part.material(),
                air.gives(),
                OvenCurve.preheated(setC),
                ROOM_C,
                length,
                need.window().low().c() - Heating.NEAR_C,
                Math.max(setC, need.window().high().c()));
    }
}
