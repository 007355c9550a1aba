package fairember.app.ways;

import fairember.core.bake.BakeRules;
import fairember.core.foilcore.FoilRoll;
import fairember.core.measure.Length;
import fairember.core.mix.MixWaste;
import fairember.core.run.WorkHours;
import fairember.core.worth.Rates;

/**
 * The studio's ways as the core takes them.
 *
 * @param hours in which somebody is there
 * @param makers at work at once, 1 or 2
 * @param cord thickness of the cords that portions are cut from
 * @param waste what of a mix does not end up in pieces
 */
public record Ways(
        Rates rates, BakeRules rules, WorkHours hours, int makers, FoilRoll roll, Length cord, MixWaste waste) {}
