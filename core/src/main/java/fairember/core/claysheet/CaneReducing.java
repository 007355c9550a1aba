package fairember.core.claysheet;

import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import java.util.ArrayList;
import java.util.List;

/** Packs, wraps, reduces and slices a cane; clay is neither gained nor lost. */
public final class CaneReducing {
    private CaneReducing() {}

    /**
     * What comes of it.
     *
     * <pre>
     * packed = √Σ n·d²        wrapped = packed + 2·Σ thick        side of a square = wrapped·√π/2
     * reduced length = length·(before/size)²
     * slices = ⌊(reduced − 2·end waste)/slice⌋
     * </pre>
     *
     * @throws InvalidInputException on "sizeMm" when the cane is thinner than it is to become
     */
    public static ReducedCane reduce(Cane cane) {
        double squares = cane.rods().stream()
                .mapToDouble(r -> r.count() * r.diameter().mm() * r.diameter().mm())
                .sum();
        double packed = Math.sqrt(squares);
        double wrapped = packed
                + 2 * cane.wraps().stream().mapToDouble(w -> w.thick().mm()).sum();
        double before = cane.square() ? wrapped * Math.sqrt(Math.PI) / 2 : wrapped;
        double size = cane.size().mm();
        if (size > before * (1 + 1e-9)) {
            throw new InvalidInputException(
                    "sizeMm",
                    size + " mm",
                    "up to the packed size, %.1f mm".formatted(before),
                    "Choose a smaller size, or pack more or thicker rods.");
        }
        double reduced = cane.length().mm() * before * before / (size * size);
        double usable = reduced - 2 * cane.endWaste().mm();
        int slices = (int) Math.max(0, Math.floor(usable / cane.slice().mm() + 1e-9));
        return new ReducedCane(
                cane,
                new Length(packed),
                new Length(wrapped),
                new Length(before),
                new Length(reduced),
                slices,
                cane.square() ? size * size : Math.PI * size * size / 4,
                masses(cane, packed),
                Math.min(1, 2 * cane.endWaste().mm() / reduced));
    }

    private static List<Mass> masses(Cane cane, double packed) {
        List<Mass> masses = new ArrayList<>();
        double length = cane.length().mm();
        for (Cane.Rods rods : cane.rods()) {
            double d = rods.diameter().mm();
            masses.add(new Mass(
                    rods.count() * Math.PI * d * d / 4 * length * rods.density().gPerCm3() / 1000));
        }
        double inner = packed;
        for (Cane.Wrap wrap : cane.wraps()) {
            double outer = inner + 2 * wrap.thick().mm();
            masses.add(new Mass(Math.PI
                    * (outer * outer - inner * inner)
                    / 4
                    * length
                    * wrap.density().gPerCm3()
                    / 1000));
            inner = outer;
        }
        return masses;
    }
}
