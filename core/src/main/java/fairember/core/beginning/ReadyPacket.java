package fairember.core.beginning;

import fairember.core.bake.ClayWindow;
import fairember.core.colour.Effect;
import fairember.core.colour.Opacity;
import fairember.core.colour.Srgb;
import fairember.core.colour.Strength;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Temperature;
import fairember.core.stock.BlockSize;
import fairember.core.stock.ClayCondition;
import fairember.core.stock.ClayRange;
import fairember.core.stock.ShelfClay;
import java.util.Arrays;
import java.util.List;

/** Made-up clay ranges to start from, as packets of their kind often are, until the maker's own packet is typed in. */
public enum ReadyPacket {
    FIRM("Slipway firm", 125, 135, 150, 15, 20, 90, 12, 1.75, Opacity.OPAQUE),
    SOFT("Slipway soft", 110, 130, 140, 15, 15, 60, 10, 1.7, Opacity.OPAQUE),
    CLEAR("Rockpool clear", 115, 125, 130, 20, 20, 60, 10, 1.65, Opacity.TRANSLUCENT),
    LIGHT("Driftfoam light", 120, 130, 140, 10, 15, 60, 20, 0.9, Opacity.OPAQUE);

    /** A block as it is often sold, with a price of the same order. */
    private static final BlockSize BLOCK = new BlockSize(new Mass(60), new Money(260), 0);

    private final String label;
    private final ClayWindow window;
    private final Density density;
    private final Opacity opacity;

    ReadyPacket(
            String label,
            double lowC,
            double highC,
            double ceilingC,
            double per6Mm,
            double least,
            double most,
            double greatestMm,
            double density,
            Opacity opacity) {
        this.label = label;
        this.window = new ClayWindow(
                new Temperature(lowC),
                new Temperature(highC),
                new Temperature(ceilingC),
                new Minutes(per6Mm),
                new Minutes(least),
                new Minutes(most),
                new Length(greatestMm));
        this.density = new Density(density);
        this.opacity = opacity;
    }

    public String label() {
        return label;
    }

    /** A range with this packet, not kept yet. */
    public ClayRange range() {
        return new ClayRange(0, label, window, density);
    }

    /** A clay of such a range, none of it on the shelf. */
    public ShelfClay clay(String name, long rangeId, Srgb colour) {
        return new ShelfClay(
                0,
                name,
                rangeId,
                colour,
                colour,
                opacity,
                Strength.NORMAL,
                Effect.PLAIN,
                Mass.ZERO,
                List.of(BLOCK),
                true,
                false,
                null,
                List.of(),
                null,
                ClayCondition.USUAL,
                null,
                0,
                Mass.ZERO);
    }

    /** Whether a range still has the figures of one of these, whatever it is called. */
    public static boolean isReady(ClayRange range) {
        return Arrays.stream(values())
                .anyMatch(ready -> ready.window.equals(range.window()) && ready.density.equals(range.density()));
    }

    /** Whether a block still has the size and the price of the ready one. */
    static boolean isReady(BlockSize block) {
        return block.mass().equals(BLOCK.mass()) && block.price().equals(BLOCK.price());
    }
}
