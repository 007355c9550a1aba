package fairember.core.claysheet;

import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;

/**
 * Cords from a barrel.
 *
 * @param barrel it is filled into
 * @param die it is pressed through
 * @param wanted length of cord in all
 * @param perBarrel length of cord from one filling, all holes together
 * @param barrels fillings for what is wanted
 * @param filling grams of one filling
 * @param lastFilling grams of the last one, which is filled only as far as it is needed
 * @param mass grams for all fillings
 */
public record Extruded(
        Barrel barrel,
        Die die,
        Length wanted,
        Length perBarrel,
        int barrels,
        Mass filling,
        Mass lastFilling,
        Mass mass) {}
