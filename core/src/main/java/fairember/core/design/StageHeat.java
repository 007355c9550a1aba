package fairember.core.design;

import fairember.core.quantity.Minutes;

/**
 * What heat has to say of a cure, in a still oven that is hot already.
 *
 * @param slowest of the clay that is not cured yet, what is hot last in its middle
 * @param near until its middle is within 5 °C of the oven
 * @param planned minutes that would do
 * @param counting minutes of the packet's baking time in which all of it is hot enough
 */
public record StageHeat(HeatedClay slowest, Minutes near, Minutes planned, Minutes counting) {}
