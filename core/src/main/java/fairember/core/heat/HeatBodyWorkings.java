package fairember.core.heat;

import fairember.core.quantity.Minutes;
import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** What the minutes that heat needs rest on. */
public final class HeatBodyWorkings {
    private HeatBodyWorkings() {}

    /**
     * The figures that go into the conduction, and the time they set.
     *
     * @param gives h of the air, W/(m²·K)
     * @param near until the coldest clay is within {@link Heating#NEAR_C} of the oven, as {@link Heating#near} steps it
     */
    public static Workings of(HeatBody body, Material material, double gives, Minutes near) {
        double reach = body.reach().mm();
        double spreads = 1000 * material.conducts() / (material.density().gPerCm3() * material.holds());
        Workings.Steps steps = Workings.of("Heat to the middle")
                .given("R", "from the outside to the middle", reach, "mm", Source.WORKED)
                .given("g", "narrowing inwards: 0 plate, 1 rod, 2 ball", body.narrowing(), "", Source.WORKED)
                .given("k", "conductivity of clay", material.conducts(), "W/mK", Source.CONSTANT)
                .given("c", "heat capacity of clay", material.holds(), "J/kgK", Source.CONSTANT)
                .given("ρ", "density", material.density().gPerCm3(), "g/cm³", Source.PACKET)
                .given("h", "what the air gives", gives, "W/m²K", Source.CONSTANT)
                .worked("a", "how fast heat spreads", spreads, "mm²/s", "1000·k/(ρ·c)")
                .worked("F", "time that heat needs across the clay", reach * reach / (60 * spreads), "min", "R²/(60·a)")
                .worked(
                        "B",
                        "surface against inside (Biot)",
                        gives * reach / (1000 * material.conducts()),
                        "",
                        "h·R/(1000·k)");
        Seat seat = body.seat();
        if (seat != null) {
            steps.given("q", "heat that what it lies on takes up", seat.holds() / 1000, "kJ/m²K", Source.CONSTANT)
                    .given("e", "resistance of what it lies on", seat.resists(), "m²K/W", Source.CONSTANT)
                    .given("s", "share of its surface that touches it", seat.share(), "", Source.WORKED)
                    .worked(
                            "u",
                            "from the air through it to the clay",
                            seat.through(gives),
                            "W/m²K",
                            "1/(1/h + e + 1/150)");
        }
        return steps.given(
                        "t",
                        "until the middle is within 5 °C, worked in steps of 5 s",
                        near.min(),
                        "min",
                        Source.WORKED)
                .done();
    }
}
