package fairember.app.probe;

import fairember.core.input.Span;
import fairember.core.ovensim.OvenFault;
import fairember.core.ovensim.OvenPreset;

/**
 * A simulated oven with its probe.
 *
 * @param on whether it stands in for an oven that has no probe
 * @param speed of the studio's seconds for each of the wall's, 1 to 120; for all ovens
 */
public record SimulatedForm(boolean on, OvenPreset preset, OvenFault fault, double speed) {
    static final Span SPEED = Span.of("speed", "times as fast", 1, 120, "");

    static final SimulatedForm OFF = new SimulatedForm(false, OvenPreset.HOUSEHOLD, OvenFault.NONE, 1);
}
