package fairember.core.mix;

import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Share;

/**
 * What of a mix does not end up in pieces.
 *
 * @param hands clay that stays on hands and tools, as a share of what ends up in pieces
 * @param machine grams that stay in the machine for each mix, 0 to 50
 * @param learned whether the share is what was weighed, rather than what the studio entered
 * @param scaleStep the finest step of the scale: a line may be half of it too little, 0.001 to 5 g
 */
public record MixWaste(Share hands, boolean learned, Mass machine, Mass scaleStep) {
    public static final Span MACHINE = Span.of("machineG", "left in the machine", 0, 50, "g");
    public static final Span STEP = Span.of("scaleStepG", "step of the scale", 0.001, 5, "g");
    /** A kitchen or pocket scale. */
    public static final double USUAL_STEP_G = 0.1;

    /** With a share that was entered. */
    public MixWaste(Share hands, Mass machine, Mass scaleStep) {
        this(hands, false, machine, scaleStep);
    }

    public MixWaste {
        Gathering g = new Gathering();
        g.within(MACHINE, machine.g());
        g.within(STEP, scaleStep.g());
        g.orRefuse();
    }

    /** What stays on hands alone, as for the share of one piece in a batch. */
    public static MixWaste ofHands(Share hands) {
        return new MixWaste(hands, Mass.ZERO, new Mass(USUAL_STEP_G));
    }

    /**
     * Grams to mix.
     *
     * <pre>net·(1 + hands) + machine</pre>
     *
     * @param net grams that end up in pieces
     * @return 0 when nothing does
     */
    public Mass toMix(Mass net) {
        return net.g() == 0 ? Mass.ZERO : net.times(1 + hands.of1()).plus(machine);
    }
}
