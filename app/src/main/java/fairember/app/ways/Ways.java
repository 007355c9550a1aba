package fairember.app.ways;

import fairember.core.bake.BakeRules;
import fairember.core.foilcore.FoilRoll;
import fairember.core.run.WorkHours;
import fairember.core.worth.Rates;

/** The studio's ways as the core takes them. */
public record Ways(Rates rates, BakeRules rules, WorkHours hours, FoilRoll roll) {}
