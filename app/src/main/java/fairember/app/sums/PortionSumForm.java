package fairember.app.sums;

import fairember.core.document.Default;
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
        Volume volume,
        Density density,
        @Nullable Length cord,
        @Default("[]") List<Mass> blocks) {
    static final Span VOLUME = Span.of("volumeMm3", "volume", 0.001, 1e8, "mm³");
    static final Span DENSITY = Density.SPAN;
    static final Span CORD = Portioning.CORD;
    static final Span BLOCKS = BlockSize.MASS.named("blocksG");
}
