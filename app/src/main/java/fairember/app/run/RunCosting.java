package fairember.app.run;

import fairember.app.ways.Ways;
import fairember.core.mix.MixWaste;
import fairember.core.ovenload.Oven;
import fairember.core.run.Job;
import fairember.core.worth.PieceCost;
import fairember.core.worth.PieceCosting;

/** Costs the pieces of a run by the studio's ways and oven. */
record RunCosting(Ways ways, Oven oven) {
    MixWaste waste() {
        return ways.waste();
    }

    PieceCost of(Job job) {
        return PieceCosting.cost(job.piece(), job.quantity(), ways.rates(), ways.roll(), oven);
    }
}
