package fairember.core.claysheet;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;

/** Presses clay through a die. */
public final class Extruding {
    public static final Span WANTED = Span.of("wantedMm", "cord wanted", 1, 100_000, "mm");

    private Extruding() {}

    /**
     * The cords.
     *
     * <pre>
     * length from a filling = (π·D²/4)·(stroke − residue)/(hole·swell²)    (all holes together; a round one: D²·(…)/(d·swell)²)
     * fillings = ⌈wanted/length⌉
     * the last is filled to residue + (stroke − residue)·(what is wanted of it)/length
     * </pre>
     *
     * @throws InvalidInputException on "wantedMm" when it is out of its range, on "dieMm" or "holes" when they do not go into the barrel
     */
    public static Extruded extrude(Barrel barrel, Die die, Length wanted, Density density) {
        WANTED.check(wanted.mm());
        fits(barrel, die);
        double bore = Math.PI * barrel.across().mm() * barrel.across().mm() / 4;
        double pressed = bore * (barrel.stroke().mm() - barrel.residue().mm());
        double length = pressed / (die.hole() * die.swell() * die.swell());
        int barrels = (int) Math.ceil(wanted.mm() / length - 1e-9);
        double filling = density.gPerCm3() * bore * barrel.stroke().mm() / 1000;
        double ofLast = (wanted.mm() - (barrels - 1) * length) / length;
        double filled =
                barrel.residue().mm() + (barrel.stroke().mm() - barrel.residue().mm()) * ofLast;
        double last = density.gPerCm3() * bore * filled / 1000;
        return new Extruded(
                barrel,
                die,
                wanted,
                new Length(length),
                barrels,
                new Mass(filling),
                new Mass(last),
                new Mass((barrels - 1) * filling + last));
    }

    /** A hole is no wider than the barrel, and all holes together are less than its bore. */
    private static void fits(Barrel barrel, Die die) {
        double bore = barrel.across().mm();
        if (die.widest().mm() > bore) {
            throw new InvalidInputException(
                    die.kind() == Die.Kind.SLOT ? "slotMm" : "dieMm",
                    "a hole %s mm across".formatted(tenth(die.widest().mm())),
                    "up to the %s mm of the barrel".formatted(tenth(bore)),
                    "Use a smaller hole or a wider barrel.");
        }
        if (die.holes() * die.hole() >= Math.PI * bore * bore / 4) {
            throw new InvalidInputException(
                    "holes",
                    die.holes() + " holes, larger than the end of the barrel",
                    "holes that leave some of the end closed",
                    "Use fewer or smaller holes.");
        }
    }

    private static String tenth(double mm) {
        return Figures.show(Math.round(mm * 10) / 10.0);
    }
}
