package fairember.core.bake;

import fairember.core.document.Default;
import fairember.core.document.Text;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import org.jspecify.annotations.Nullable;

/**
 * The maker's own figures for one bake, in place of those that are worked out.
 *
 * @param temp of the oven, 60 to 200 °C; null as the packets say
 * @param baking time in it, 1 to 600 min; null as it is worked out
 * @param why, up to 200 characters
 */
public record OwnBake(
        @Nullable Temperature temp,
        @Nullable Minutes baking,
        @Text(most = 200) @Default("") String why) {
    public static final Span TEMP = ClayWindow.LOW.named("tempC").called("own temperature");
    public static final Span BAKING = Span.of("bakingMin", "own baking time", 1, 600, "min");

    /**
     * Figures an oven can have; whether the packets allow them is said where they are used.
     *
     * @throws fairember.core.input.InvalidInputException when one is outside its span
     */
    public OwnBake {
        Temperature degrees = temp;
        Minutes minutes = baking;
        Gathering gathering = new Gathering();
        if (degrees != null) {
            gathering.within(TEMP, degrees.c());
        }
        if (minutes != null) {
            gathering.within(BAKING, minutes.min());
        }
        gathering.orRefuse();
    }
}
