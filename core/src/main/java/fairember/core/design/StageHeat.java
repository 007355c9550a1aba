package fairember.core.design;

import fairember.core.quantity.Minutes;

/**
 * What heat has to say of a cure, in a still oven that is hot already.
 *
 * @param slowest of the parts that are not cured yet, the one whose middle is hot last
 * @param near until its middle is within 5 °C of the oven
 * @param planned minutes that would do
 * @param counting minutes of the packet's baking time in which all of it is hot enough
 */
public record StageHeat(MeasuredPart slowest, Minutes near, Minutes planned, Minutes counting) {}
