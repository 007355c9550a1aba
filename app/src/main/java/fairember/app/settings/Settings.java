package fairember.app.settings;

import fairember.core.bake.BakeRules;
import fairember.core.batch.WorkHours;
import fairember.core.foilcore.FoilRoll;
import fairember.core.mix.MixWaste;
import fairember.core.price.Rates;
import fairember.core.quantity.Length;

/**
 * The studio's settings as the core takes them.
 *
 * @param hours in which somebody is there
 * @param makers at work at once, 1 or 2
 * @param cord thickness of the cords that portions are cut from
 * @param waste what of a mix does not end up in designs
 */
public record Settings(
        Rates rates, BakeRules rules, WorkHours hours, int makers, FoilRoll roll, Length cord, MixWaste waste) {}
