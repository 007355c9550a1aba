package fairember.core.portion;

import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Volume;

/**
 * The clay of one part, ready to roll.
 *
 * @param clay its volume
 * @param density of the clay
 * @param mass what the scale shows
 * @param ball diameter of the ball to roll it from
 */
public record Portion(Volume clay, Density density, Mass mass, Length ball) {}
