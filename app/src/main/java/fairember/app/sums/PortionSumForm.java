package fairember.app.sums;

import static fairember.app.web.Given.or;

import fairember.core.input.Span;
import fairember.core.portion.Portioning;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Volume;
import fairember.core.stock.BlockSize;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A volume of clay to portion; with the thickness of a cord and the sizes of blocks when these are wanted too. */
record PortionSumForm(
        double volumeMm3,
        double densityGPerCm3,
        @Nullable Double cordMm,
        @Nullable List<Double> blocksG) {
    private static final Span VOLUME = Span.of("volumeMm3", "volume", 0.001, 1e8, "mm³");

    Volume clay() {
        return new Volume(VOLUME.check(volumeMm3));
    }

    Density density() {
        return new Density(densityGPerCm3);
    }

    @Nullable
    Length cord() {
        return cordMm == null ? null : new Length(Portioning.CORD.check(cordMm));
    }

    List<Mass> blocks() {
        List<Double> given = or(blocksG, List.of());
        return given.stream()
                .map(g -> new Mass(BlockSize.MASS.check(g.doubleValue())))
                .toList();
    }
}
